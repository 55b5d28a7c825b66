package potmellow.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Published forms against published numbers; the source stands beside each. */
class PhysicsTest {
    private static final double SUCROSE_GRAMS = 342.297;

    /** Water activity of sucrose syrups: Norrish 1966 and the tables after it. */
    @ParameterizedTest
    @CsvSource({"0.25, 0.984", "0.50, 0.966", "1.00, 0.936", "2.08, 0.855"})
    void aSyrupHoldsItsWaterAsTheTablesSay(double sugarKg, double expected) {
        double hexose = 2 * sugarKg * 1000 / SUCROSE_GRAMS;
        double shown = Physics.waterActivity(hexose, 0, 1);
        assertThat(shown).isCloseTo(expected, within(0.012));
    }

    /** Dissolved oxygen: Benson and Krause 1984, as the APHA and USGS tables print it. */
    @ParameterizedTest
    @CsvSource({"0, 14.62", "10, 11.29", "20, 9.09", "25, 8.26", "30, 7.56"})
    void waterHoldsAsMuchOxygenAsTheTablesSay(double celsius, double milligrams) {
        double shown = Physics.oxygen(celsius) * Species.OXYGEN.grams() * 1000;
        assertThat(shown).isCloseTo(milligrams, within(0.01));
    }

    /** pH of fresh vinegar: derived, and measured in practice as 2.45 (handbook of the craft, §9). */
    @ParameterizedTest
    @CsvSource({"5, 2.42", "4, 2.47"})
    void vinegarIsAsSourAsItIs(double percent, double ph) {
        double acid = 10 * percent / Species.ACETIC_ACID.grams();
        assertThat(new Acidity(0, 0, acid, 0, 0, 0, 0, 0).ph(3)).isCloseTo(ph, within(0.01));
    }

    @Test
    void halfUsedUpVinegarIsAtItsConstant() {
        assertThat(new Acidity(0, 0, 0.2, 0, 0, 0, 0.2, 0).ph(5))
                .as("pKa 4.756, CRC Handbook")
                .isCloseTo(4.756, within(0.005));
    }

    @Test
    void pureWaterIsNeutralAndTheFirstPhIsKept() {
        assertThat(new Acidity(0, 0, 0, 0, 0, 0, 0, 0).ph(6)).isCloseTo(7, within(1e-3));
        Acidity milk = new Acidity(0, 0.001, 0, 0, 1e-5, 0.01, 0, 0.02);
        assertThat(milk.at(6.6).ph(5)).isCloseTo(6.6, within(1e-3));
    }

    /** Plummer, Wigley and Parkhurst 1978: k₁ = 0.051 cm/s at 25 °C, so 1.6·10⁻⁷ mol/(cm²·s) at pH 2.5. */
    @Test
    void shellsDissolveAsFastAsCalcite() {
        assertThat(Physics.calcite(25, 2.5, 0)).isCloseTo(1.6e-7, within(0.05e-7));
        assertThat(Physics.calcite(25, 4.5, 0)).isLessThan(Physics.calcite(25, 3.5, 0) / 9);
        assertThat(Physics.calcite(25, 7, 0.034))
                .as("under its own gas it goes on without acid")
                .isGreaterThan(Physics.calcite(25, 7, 0));
    }

    @Test
    void airIsSharedBetweenWhatComesAndWhatIsBreathed() {
        assertThat(Physics.airLeft(1, 0, 0.05)).isCloseTo(1, within(1e-9));
        assertThat(Physics.airLeft(0, 1, 0.05)).isZero();
        double left = Physics.airLeft(1, 0.5, 0.05);
        assertThat(1 - left).as("supply meets demand").isCloseTo(0.5 * left / (0.05 + left), within(1e-9));
    }

    /** A published property of both models: 1 at their best, 0 at their ends, no more than 1 between. */
    @Test
    void nothingGrowsOutsideOfItsCardinalNumbers() {
        Cardinal of = Life.LACTICS.cardinal();
        assertThat(of.warmth(of.best())).isCloseTo(1, within(1e-9));
        assertThat(of.sourness(of.bestPh())).isCloseTo(1, within(1e-9));
        assertThat(of.warmth(of.coldest())).isZero();
        assertThat(of.warmth(of.hottest())).isZero();
        assertThat(of.sourness(of.sourest())).isZero();
        for (double celsius = 0; celsius < 50; celsius += 0.5) {
            assertThat(of.warmth(celsius)).isBetween(0.0, 1.0);
        }
    }

    /** Sauerkraut takes 3 to 4 weeks at 21 to 24 °C and 5 to 6 at 16 to 18 °C (USDA Complete Guide to Home Canning): 1.57 times. */
    @Test
    void cabbageSoursHalfAsSlowlyAgainInTheCool() {
        Cardinal of = Life.LACTICS.cardinal();
        assertThat(of.warmth(22.5) / of.warmth(17)).isCloseTo(1.57, within(0.25));
    }

    /** Published limits of growth: clostridia and enteric bacteria stop at pH 4.4 to 4.6 and a water activity of 0.94 (ICMSF). */
    @Test
    void sournessAndSugarKeepRotAway() {
        assertThat(Life.ROTTERS.speed(25, 4.3, 0.99)).isZero();
        assertThat(Life.ROTTERS.speed(25, 6.5, 0.93)).isZero();
        assertThat(Life.ROTTERS.speed(25, 6.5, 0.99)).isPositive();
        assertThat(Life.YEASTS.speed(25, 5, 0.92)).isPositive();
        assertThat(Life.MOULD.speed(25, 5, 0.85)).isPositive();
    }

    @Test
    void refusesNumbersInTheWrongOrder() {
        assertThatThrownBy(() -> new Cardinal(10, 5, 40, 3, 6, 9)).hasMessageContaining("rise");
        assertThatThrownBy(() -> new Cardinal(0, 30, 40, 6, 3, 9)).hasMessageContaining("pH");
    }
}
