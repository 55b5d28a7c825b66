package potmellow.core.workings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;

/** What is in the can at most: section 9 and check values 16 and 30 of the handbook of the craft. */
class CanCeilingTest {
    @ParameterizedTest
    @CsvSource({"0.6, 0.20, 8, 10, 54.5", "1, 0.20, 10, 10, 72.7", "1, 0.15, 1, 500, 12.0"})
    void boundsNitrogen(double kilograms, double dry, double litres, double water, double milligrams) {
        assertThat(CanCeiling.nitrogen(
                                Mass.ofKilograms(kilograms), dry, 0.04, Volume.ofLitres(litres), Ratio.oneTo(water))
                        .value())
                .isCloseTo(milligrams, within(milligrams * 0.005));
    }

    /** 5 % vinegar, all used up: 16.7 g/L Ca; 1:1000 17, 1 tbsp/gal 65, 1 fl oz/gal 129, 2 fl oz/gal 257, 1:10 1517 mg/L. */
    @ParameterizedTest
    @CsvSource({"1000, 16.7", "256, 64.9", "128, 129", "64, 257", "10, 1517"})
    void boundsCalcium(double water, double milligrams) {
        assertThat(CanCeiling.calcium(ShellCalcium.atTheEnd(), Ratio.oneTo(water))
                        .value())
                .isCloseTo(milligrams, within(milligrams * 0.005));
    }

    @Test
    void saysThatItIsACeiling() {
        assertThat(CanCeiling.calcium(16.7, Ratio.oneTo(1000)).steps().get(0).words())
                .startsWith("At most");
    }
}
