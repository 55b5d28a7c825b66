package potmellow.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.measure.InvalidInput;

/** Strengths as gardeners say them; spoons and gallons by NIST Handbook 44. */
class StrengthReaderTest {
    private static Ratio read(String text) {
        return StrengthReader.read("The strength", text);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            500 | 500
            1:500 | 500
            1 to 500 | 500
            1 in 500 | 499
            1/500 | 500
            10 to 1 | 10
            500:1 | 500
            2:500 | 250
            1 part to 500 parts | 500
            neat | 0
            undiluted | 0
            0.2 % | 499
            0,2% | 499
            1 per cent | 99
            2 mL per L | 500
            2 ml/l | 500
            2 mL per litre | 500
            20 mL per 10 L | 500
            20 mL to 10 L | 500
            20 ml into 10 litres | 500
            20 mL made up to 10 L | 499
            1 tbsp per gallon | 256
            a tablespoon to a gallon | 256
            two tablespoons to a gallon | 128
            1 tbsp/gal | 256
            1 fl oz per gallon | 128
            an ounce in a gallon | 128
            1 ounce in five gallons | 640
            2 tsp per gallon | 384
            1 cup per gallon | 16
            half cup to a gallon | 32
            ½ tbsp per gallon | 512
            1 tbsp per 5 L | 333.333
            1:10 then 1:50 | 560
            1:10, then 1:50 | 560
            1:30 then 1:30 | 960
            """)
    void readsWhatPeopleSay(String saying, double water) {
        assertThat(read(saying).water()).isCloseTo(water, within(0.01));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "a bit",
                "strong",
                "1:",
                ":500",
                "1:500:3",
                "0 %",
                "120 %",
                "20 mL",
                "20 mL per",
                "per 10 L",
                "-5",
                "1:-5",
                "5 kg per gallon",
                "1 handful per bucket",
                "NaN",
                "1e9",
                "1:0x10"
            })
    void asksAgainForWhatItCantRead(String saying) {
        assertThatThrownBy(() -> read(saying)).isInstanceOf(InvalidInput.class).hasMessageStartingWith("The strength");
    }

    @Test
    void saysWhatCanBeTyped() {
        assertThatThrownBy(() -> read("quite strong"))
                .hasMessage(
                        "The strength (“quite strong”) can't be read. Say it as 1:500, neat, 0.2 %, 20 mL per 10 L, or 2"
                                + " tbsp per gallon.");
    }

    @ParameterizedTest
    @EnumSource(Dress.class)
    void readsEveryDressBackThatItWrites(Dress dress) {
        for (double water : new double[] {1, 10, 50, 256, 500, 1000}) {
            String said = dress == Dress.PERCENT_OF_MIX
                    ? dress.amount(Ratio.oneTo(water)) + " %"
                    : String.format(java.util.Locale.ROOT, "%.6f ", dress.amount(Ratio.oneTo(water)))
                            + dress.text(Ratio.oneTo(water))
                                    .replaceAll("[\\d., ]", "")
                                    .replace("floz", "fl oz")
                            + " "
                            + dress.per();
            assertThat(read(said.replaceAll("(\\d\\.\\d{6})\\d+", "$1")).water())
                    .as(said)
                    .isCloseTo(water, within(water * 0.002));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "1 fl oz per gallon, 1 tbsp per gallon, 1.99",
        "10 to 1, 1 tbsp per gallon, 23.4",
        "2 fl oz per gallon, 1:1000, 15.4"
    })
    void comparesTwoSayings(String one, String other, double times) {
        assertThat(Comparison.of(read(one), read(other)).value()).isCloseTo(times, within(times * 0.005));
    }

    @Test
    void saysHowTwoCompare() {
        assertThat(Comparison.sentence(read("1 tbsp per gallon"), read("1:500")))
                .isEqualTo("1:256 is 1.95 times as strong as 1:500.");
        assertThat(Comparison.sentence(read("1:500"), read("1:256")))
                .isEqualTo("1:500 is 1.95 times as weak as 1:256.");
        assertThat(Comparison.sentence(read("0.2 %"), read("1:500"))).endsWith("are the same strength.");
    }
}
