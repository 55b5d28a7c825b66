package potmellow.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import potmellow.core.measure.InvalidInput;

/**
 * What people say, graded: read rightly, asked about, or refused; never wrong. The numbers follow from exact definitions (NIST
 * Handbook 44, Appendix C; imperial gallon 4.54609 L) and the two readings of "1:N" (common practice).
 */
class SayingsTableTest {
    private static final double SAME = 0.005;

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "/potmellow/sayings.csv", delimiter = '|', numLinesToSkip = 1)
    void isReadAsItIsMeantOrAskedAbout(String saying, String meant) {
        assertThat(graded(saying)).as(saying).satisfies(read -> {
            if (meant.equals("asked") || meant.equals("refused")) {
                assertThat(read).isEqualTo(meant);
            } else {
                double water = Double.parseDouble(meant);
                assertThat(Double.parseDouble(read)).isCloseTo(water, within(Math.max(1e-9, water * SAME)));
            }
        });
    }

    private static String graded(String saying) {
        try {
            return String.valueOf(StrengthReader.read("The strength", saying).water());
        } catch (InvalidInput input) {
            return input.ambiguous() ? "asked" : "refused";
        }
    }

    /** What it offers instead of guessing can be typed, and is then clear. */
    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "/potmellow/sayings.csv", delimiter = '|', numLinesToSkip = 1)
    void offersReadingsThatAreClear(String saying, String meant) {
        List<String> offered = new ArrayList<>(StrengthReader.readings(saying));
        if (!meant.equals("asked") && !meant.equals("refused")) {
            offered.addAll(StrengthReader.said("The strength", saying).others());
        }
        assertThat(offered).allSatisfy(reading -> assertThat(graded(reading)).isNotIn("asked", "refused"));
    }

    @Test
    void tellsHowItWasRead() {
        Saying gallon = StrengthReader.said("The strength", "1 tbsp per gallon");
        assertThat(gallon.how()).isEqualTo("1:256, US gallon");
        assertThat(gallon.others()).containsExactly("1 tbsp per imperial gallon");
        assertThat(StrengthReader.said("The strength", "1 gallon per 100 L").others())
                .containsExactly("1 imperial gallon per 100 L");
        assertThat(StrengthReader.said("The strength", "2 fl oz per 10 L").others())
                .containsExactly("2 imperial fl oz per 10 L");
        assertThat(StrengthReader.said("The strength", "1 pint to 5 gallons").others())
                .isEmpty();
        assertThat(StrengthReader.said("The strength", "20 mL made up to 10 L").how())
                .isEqualTo("1:499, made up to");
        assertThat(StrengthReader.said("The strength", "10 drops per litre").how())
                .contains("a drop is 0.05 mL");
        assertThat(StrengthReader.said("The strength", "10 to 1").how()).contains("the larger number is the water");
        assertThat(StrengthReader.said("The strength", "1 fl oz per gallon").others())
                .containsExactly("1 imperial fl oz per imperial gallon");
    }

    @Test
    void namesTheWordWhereItStoppedAndTheNearestKnown() {
        assertThat(org.assertj.core.api.Assertions.catchThrowable(
                        () -> StrengthReader.read("The strength", "2 tabelspoons per gallon")))
                .hasMessageContaining("“tabelspoons” is not known here; “tablespoons” is");
        assertThat(org.assertj.core.api.Assertions.catchThrowable(
                        () -> StrengthReader.read("The strength", "2 tbsp per galon")))
                .hasMessageContaining("“galon” is not known here; “gallon” is");
    }
}
