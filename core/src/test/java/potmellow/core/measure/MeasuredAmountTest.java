package potmellow.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class MeasuredAmountTest {
    @ParameterizedTest
    @CsvSource({
        "METRIC, 19.96, 20 mL",
        "METRIC, 620, 620 mL",
        "METRIC, 14.97, 1 tbsp",
        "METRIC, 9.36, 9.5 mL",
        "METRIC, 6.24, 1¼ tsp",
        "METRIC, 95.2, 95 mL",
        "METRIC, 1234, 1.23 L",
        "US, 711, 3 cups",
        "US, 14.79, 1 tbsp",
        "US, 9980, 2 gal 10¼ cups",
        "METRIC, 0.1, 2 drops",
        "METRIC, 1.3, ¼ tsp",
        "METRIC, 0.7, 0.5 mL + 4 drops"
    })
    void takesTheCoarsestToolWithinFivePercent(UnitSystem system, double millilitres, String text) {
        assertThat(MeasuredVolume.of(Volume.ofMillilitres(millilitres), system)
                        .orElseThrow()
                        .text())
                .isEqualTo(text);
    }

    /** Check value 11 of the handbook of the craft: 5 L at 1:800 by US spoon. */
    @Test
    void measuresFiveLitresAtOneToEightHundredBySpoon() {
        MeasuredVolume spoon = MeasuredVolume.of(Volume.ofLitres(5).times(1 / 801.0), UnitSystem.US)
                .orElseThrow();
        assertThat(spoon.exact().millilitres()).isCloseTo(6.24, within(0.005));
        assertThat(spoon.text()).isEqualTo("1¼ tsp");
        assertThat(spoon.deviation()).isCloseTo(-0.013, within(0.0005));
    }

    @Test
    void takesWhatIsTooSmallForADropFromAStock() {
        MeasuredVolume tiny = MeasuredVolume.of(Volume.ofMillilitres(0.033), UnitSystem.METRIC)
                .orElseThrow();
        assertThat(tiny.stock()).isEqualTo(100);
        assertThat(tiny.text()).isEqualTo("mix 1 mL with 99 mL of water, and take 3 mL + 6 drops of that");
    }

    @Test
    void givesUpOnlyBelowTheThinnestStock() {
        assertThat(MeasuredVolume.of(Volume.ofMillilitres(0.0002), UnitSystem.METRIC))
                .isEmpty();
    }

    static DoubleStream volumes() {
        return new Random(44).doubles(400, -1, 5).map(power -> Math.pow(10, power));
    }

    @ParameterizedTest
    @MethodSource("volumes")
    void neverIsMoreThanFivePercentOffNorRoundedToNothing(double millilitres) {
        for (UnitSystem system : UnitSystem.values()) {
            MeasuredVolume measured =
                    MeasuredVolume.of(Volume.ofMillilitres(millilitres), system).orElseThrow();
            assertThat(Math.abs(measured.deviation())).isLessThanOrEqualTo(MeasuredVolume.WORST_ERROR);
            assertThat(measured.measured().millilitres()).isPositive();
        }
    }

    @ParameterizedTest
    @CsvSource({"640.4, 640", "999.6, 1000", "1002, 1000", "1003, 1005", "6.4, 6", "0, 0"})
    void roundsGramsToTheStepsOfAKitchenScale(double exact, double shown) {
        assertThat(MeasuredMass.of(Mass.ofGrams(exact), UnitSystem.METRIC)
                        .measured()
                        .grams())
                .isEqualTo(shown);
    }

    /** Section 2 of the handbook of the craft: solids below the scale's step as 1 g in 100 mL, then by volume. */
    @ParameterizedTest
    @CsvSource({
        "0.224, 'stir 1 g into 100 mL of water, and take 1½ tbsp of that'",
        "1.4, 'stir 1 g into 100 mL of water, and take 140 mL of that'"
    })
    void takesWhatIsTooLittleToWeighFromAStock(double exact, String text) {
        MeasuredMass measured = MeasuredMass.of(Mass.ofGrams(exact), UnitSystem.METRIC);
        assertThat(measured.text(UnitSystem.METRIC)).isEqualTo(text);
        assertThat(Math.abs(measured.deviation())).isLessThanOrEqualTo(MeasuredVolume.WORST_ERROR);
    }

    @Test
    void roundsOuncesToTenthsAndToQuartersAboveTwoPounds() {
        assertThat(MeasuredMass.of(Mass.ofGrams(640), UnitSystem.US).measured().in(MassUnit.OUNCE))
                .isCloseTo(22.6, within(1e-9));
        assertThat(MeasuredMass.of(Mass.ofGrams(1400), UnitSystem.US).measured().in(MassUnit.OUNCE))
                .isCloseTo(49.5, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void tellsEveryAmountInBothSystems(UnitSystem system) {
        assertThat(AmountText.mass(Mass.ofGrams(640), system))
                .isEqualTo(system == UnitSystem.METRIC ? "640 g" : "1 lb 6.6 oz");
        assertThat(AmountText.volume(Volume.ofLitres(7.49), system))
                .isEqualTo(system == UnitSystem.METRIC ? "7.49 L" : "1.98 gal");
        assertThat(AmountText.area(Area.ofSquareMetres(10), system))
                .isEqualTo(system == UnitSystem.METRIC ? "10 m²" : "107.6 ft²");
    }
}
