package potmellow.core.workings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.working.Mark;

/** How much of the vinegar is used up, from the pH: section 9 of the handbook of the craft; Ka from the CRC Handbook. */
class ShellConversionTest {
    private static final double USUAL = 5;

    @ParameterizedTest
    @CsvSource({"4.0, 0.15, 0.23", "4.756, 0.50, 0.67", "5.0, 0.64, 0.78", "5.5, 0.85, 0.92", "6.0, 0.95, 0.97"})
    void tellsTheLeastAndTheMostShare(double ph, double least, double most) {
        ShellCalcium.Conversion conversion = ShellCalcium.converted(ph, USUAL).value();
        assertThat(conversion.least()).isCloseTo(least, within(0.005));
        assertThat(conversion.most()).isCloseTo(most, within(1e-9));
    }

    /** Check value 15: pH 5.2 in vinegar of 5 % is 73.5 %, 12.3 g of calcium in a litre. */
    @Test
    void tellsTheCalciumInIt() {
        ShellCalcium.Conversion conversion = ShellCalcium.converted(5.2, USUAL).value();
        assertThat(conversion.least()).isCloseTo(0.735, within(0.0005));
        assertThat(conversion.calciumGramsPerLitre()).isCloseTo(12.3, within(0.05));
        assertThat(ShellCalcium.converted(5.2, USUAL).mark()).isEqualTo(Mark.FROM_MEMORY);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "2.4, 0", "14, 1"})
    void neverTellsLessThanNothingOrMoreThanAll(double ph, double share) {
        assertThat(ShellCalcium.converted(ph, USUAL).value().least()).isCloseTo(share, within(0.01));
    }

    @Test
    void hasGoneItsWayWhenATenthIsLeftUnderItsOwnGas() {
        assertThat(ShellCalcium.converted(5.5, USUAL).value().way()).isCloseTo(1, within(0.02));
    }

    /** Derived from the rate law of Plummer, Wigley and Parkhurst 1978: half used up is a third of the way, and never the other way round. */
    @ParameterizedTest
    @CsvSource({"0.15, 0.03", "0.31, 0.12", "0.50, 0.33", "0.64, 0.55", "0.73, 0.72", "0.85, 1"})
    void goesOnTheSlowerTheLessAcidIsLeft(double used, double way) {
        assertThat(new ShellCalcium.Conversion(used, used, 1).way()).isCloseTo(way, within(0.015));
    }
}
