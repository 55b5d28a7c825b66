package potmellow.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.measure.Volume;
import potmellow.core.measure.VolumeUnit;

/** Check values 1 to 9 of the handbook of the craft; unit sizes from NIST Handbook 44, Appendix C. */
class RatioTest {
    private static final Volume GALLON = Volume.of(1, VolumeUnit.US_GALLON);

    @ParameterizedTest
    @CsvSource({"1, US_TABLESPOON, 256", "1, US_FLUID_OUNCE, 128", "2, US_TEASPOON, 384"})
    void readsSpoonsPerGallon(double count, VolumeUnit unit, double water) {
        assertThat(Ratio.of(Volume.of(count, unit), GALLON).water()).isCloseTo(water, within(1e-9));
    }

    @Test
    void tellsToFromMadeUpTo() {
        Volume brew = Volume.ofMillilitres(20);
        assertThat(Ratio.of(brew, Volume.ofLitres(10)).water()).isCloseTo(500, within(1e-9));
        assertThat(Ratio.oneIn(500).water()).isEqualTo(499);
        assertThat(Ratio.oneIn(10).timesAsStrongAs(Ratio.oneTo(10))).isCloseTo(1.1, within(1e-12));
        assertThat(Ratio.oneIn(500).timesAsStrongAs(Ratio.oneTo(500))).isCloseTo(1.002, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"5.3, 29.9", "0.3, 529"})
    void readsTheCarbohydrateHeapsOunces(double ounces, double water) {
        Volume gallons = Volume.of(1.24, VolumeUnit.US_GALLON);
        assertThat(Ratio.of(Volume.of(ounces, VolumeUnit.US_FLUID_OUNCE), gallons)
                        .water())
                .isCloseTo(water, within(water * 0.002));
    }

    @Test
    void multipliesWhatIsDilutedAgain() {
        assertThat(Ratio.oneTo(10).dilutedAgain(Ratio.oneTo(50)).water()).isEqualTo(560);
    }

    @Test
    void findsTheBrewInAFinishedVolumeAndBack() {
        assertThat(Ratio.oneTo(800).brewIn(Volume.ofLitres(7.5)).millilitres()).isCloseTo(9.36, within(0.005));
        assertThat(Ratio.oneTo(256).makes(Volume.ofMillilitres(350)).litres()).isCloseTo(89.95, within(1e-9));
    }

    @Test
    void fillsATankWithThreeBrews() {
        Tank tank = Tank.of(Volume.ofLitres(10), List.of(Ratio.oneTo(500), Ratio.oneTo(1000), Ratio.oneTo(256)));
        assertThat(tank.water().litres()).isCloseTo(9.93, within(0.005));
        assertThat(tank.brews().get(0).millilitres()).isCloseTo(19.9, within(0.05));
        assertThat(tank.brews().get(1).millilitres()).isCloseTo(9.93, within(0.005));
        assertThat(tank.brews().get(2).millilitres()).isCloseTo(38.8, within(0.05));
        double all = tank.water().millilitres()
                + tank.brews().stream().mapToDouble(Volume::millilitres).sum();
        assertThat(all).isCloseTo(10_000, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"2, US_FLUID_OUNCE, 1000, 15.4", "1, US_TABLESPOON, 128, 0.502"})
    void comparesTwoStatementsOfOneStrength(double count, VolumeUnit unit, double other, double times) {
        Ratio perGallon = Ratio.of(Volume.of(count, unit), GALLON);
        assertThat(perGallon.timesAsStrongAs(Ratio.oneTo(other))).isCloseTo(times, within(times * 0.003));
    }

    @ParameterizedTest
    @EnumSource(Dress.class)
    void comesBackUnchangedFromEveryDress(Dress dress) {
        for (double water : new double[] {1, 10, 128, 500, 800, 1000, 4000}) {
            Ratio ratio = Ratio.oneTo(water);
            assertThat(dress.ratio(dress.amount(ratio)).water()).isCloseTo(water, within(water * 1e-9));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "MILLILITRES_PER_LITRE, 2 mL", "MILLILITRES_PER_TEN_LITRES, 20 mL", "TEASPOONS_PER_US_GALLON, 1.54 tsp",
        "TABLESPOONS_PER_US_GALLON, 0.512 tbsp", "FLUID_OUNCES_PER_US_GALLON, 0.256 fl oz", "PERCENT_OF_MIX, 0.2 %"
    })
    void wearsEveryDress(Dress dress, String text) {
        assertThat(dress.text(Ratio.oneTo(500))).isEqualTo(text);
        assertThat(dress.working(Ratio.oneTo(500)).steps()).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {-1, 1_000_001, Double.NaN, Double.POSITIVE_INFINITY})
    void rejectsWaterOutsideItsRange(double water) {
        assertThatThrownBy(() -> Ratio.oneTo(water))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("must be from 0 to 1000000 parts");
    }

    @Test
    void rejectsARatioOfNoBrew() {
        assertThatThrownBy(() -> Ratio.of(Volume.ofMillilitres(0), GALLON))
                .hasMessage("The brew in a ratio must be more than nothing.");
    }
}
