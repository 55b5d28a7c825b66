package potmellow.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.water.WaterStep.Treatment;

class WaterTest {
    private static WaterStep step(Tap tap, boolean humic, Treatment asked) {
        return WaterStep.of(Volume.ofLitres(19), tap, humic, Optional.ofNullable(asked), UnitSystem.METRIC);
    }

    /** Benson &amp; Krause 1984, as printed in the APHA and USGS tables, and check value 21 of the handbook of the craft. */
    @ParameterizedTest
    @CsvSource({"0, 14.62", "5, 12.77", "10, 11.29", "15, 10.08", "17.5, 9.57", "20, 9.09", "25, 8.26", "30, 7.56"})
    void holdsAsMuchOxygenAsThePublishedTables(double celsius, double milligrams) {
        assertThat(DissolvedOxygen.saturation(celsius, 0)).isCloseTo(milligrams, within(0.01));
    }

    @Test
    void holdsLessOxygenHigherUp() {
        assertThat(DissolvedOxygen.saturation(17.5, 600)).isCloseTo(8.90, within(0.01));
        assertThatThrownBy(() -> DissolvedOxygen.saturation(60, 0)).hasMessageContaining("must be from 0 to 40 °C");
        assertThatThrownBy(() -> DissolvedOxygen.saturation(20, 9000))
                .hasMessageContaining("must be from -500 to 5000 m");
    }

    /** Check value 23: 1.5 mg/L in 60 L take 224 mg before the tenth to spare (176.12 ÷ 70.906 = 2.48 mg per mg of Cl₂). */
    @Test
    void bindsChlorineWithAscorbicAcid() {
        double grams = WaterStep.ascorbicAcid(Volume.ofLitres(60), 1.5).grams();
        assertThat(grams / 1.1).isCloseTo(0.224, within(0.0005));
    }

    @Test
    void letsFreeChlorineLeaveOvernight() {
        WaterStep stands = step(Tap.FREE_CHLORINE, false, null);
        assertThat(stands.treatment()).isEqualTo(Treatment.STAND);
        assertThat(stands.waitHours()).isEqualTo(24);
        assertThat(stands.stands()).isTrue();
        assertThat(step(Tap.FREE_CHLORINE, false, Treatment.ASCORBIC).stands()).isFalse();
    }

    @ParameterizedTest
    @EnumSource(
            value = Tap.class,
            names = {"CHLORAMINE", "UNKNOWN"})
    void neverLeavesChloramineToStanding(Tap tap) {
        WaterStep dosed = step(tap, false, Treatment.STAND);
        assertThat(dosed.treatment()).isEqualTo(Treatment.ASCORBIC);
        assertThat(dosed.words()).contains("Standing alone doesn't help");
        assertThat(dosed.waitHours()).isLessThan(1);
    }

    /** Common practice: 1 tsp of liquid humic acid for 5 US gal; 19 L are 5.02 gal. */
    @Test
    void dosesHumicAcidOnceOnly() {
        assertThat(step(Tap.CHLORAMINE, false, Treatment.HUMIC).dose()).contains("1 tsp");
        WaterStep recipe = step(Tap.CHLORAMINE, true, null);
        assertThat(recipe.treatment()).isEqualTo(Treatment.HUMIC);
        assertThat(recipe.words()).contains("Don't dose twice");
        assertThat(recipe.dose()).isEmpty();
    }

    @Test
    void leavesRainAsItIs() {
        assertThat(step(Tap.NONE, false, Treatment.ASCORBIC).treatment()).isEqualTo(Treatment.NONE);
        assertThat(WaterStep.ways(Tap.NONE)).containsExactly(Treatment.NONE);
    }
}
