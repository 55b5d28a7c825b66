package potmellow.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.craft.Family;

/** What liquids do to young leaves and roots. */
class BedTest {
    private static final Liquor JUICE = new Liquor(Family.SUGAR, 6, 7, 0, 0, 660, false);
    private static final Liquor SALTY = new Liquor(Family.ANAEROBIC, 0.1, 1, 0.08, 0.08, 0, false);

    private static double scorched(Liquor liquor, double parts, double sun) {
        return Bed.scorched(liquor, new Dose(parts, Dose.Way.LEAF), sun);
    }

    /** Sprays of vinegar with 50 g of acid in a litre scorch eight to ten tenths of young weeds (trials of the trade; from memory). */
    @Test
    void vinegarScorchesYoungWeeds() {
        Liquor vinegar = new Liquor(Family.SHELLS, 0.85, 50, 0, 0, 0, false);
        assertThat(scorched(vinegar, 0, 0)).isBetween(0.8, 1.0);
    }

    /** Physiological saline, 0.9 %, has a water activity of 0.995 and 0.29 Osm/kg (published tables). */
    @Test
    void osmolesFollowFromWaterActivity() {
        assertThat(Liquor.osmoles(0.9948)).isCloseTo(0.29, within(0.01));
        assertThat(Liquor.osmoles(1)).isZero();
    }

    /** Tomatoes: all of the yield up to 2.5 dS/m, half of it at 7.6 (published: Maas and Hoffman 1977). */
    @ParameterizedTest
    @CsvSource({"1.0, 0", "2.5, 0", "3.5, 0.10", "5.0, 0.25", "7.6, 0.50", "14, 1"})
    void saltCostsGrowth(double salt, double loss) {
        assertThat(Bed.saltLoss(salt)).isCloseTo(loss, within(0.01));
    }

    /** Common practice: a juice at 1:500 harms no leaf at any hour; undiluted it burns them. */
    @Test
    void juiceIsSafeAsThinAsTheCraftAsks() {
        assertThat(scorched(JUICE, Dose.usualParts(Family.SUGAR), 1)).isLessThan(0.001);
        assertThat(scorched(JUICE, 0, 0)).isGreaterThan(0.9);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 5, 10, 20, 50, 100, 500})
    void thinnerIsNeverWorseAndSunNeverBetter(double parts) {
        assertThat(scorched(JUICE, parts + 1, 0.5)).isLessThan(scorched(JUICE, parts, 0.5));
        assertThat(scorched(JUICE, parts, 0.9)).isGreaterThan(scorched(JUICE, parts, 0.2));
    }

    @Test
    void theSunIsHighestAtNoonAndGoneAtNight() {
        assertThat(Daylight.clock(4)).isEqualTo(12);
        assertThat(Daylight.sun(4)).isEqualTo(1);
        assertThat(Daylight.sun(11)).isZero();
        assertThat(Daylight.sun(18)).isZero();
        assertThat(Daylight.sun(28)).isEqualTo(1);
    }

    @Test
    void soilTakesMoreThanLeavesDoButNotAllOfIt() {
        Bed bed = new Bed();
        bed.pour(0, SALTY, new Dose(1, Dose.Way.SOIL));
        assertThat(bed.at(48).words()).startsWith("green leaves");
        for (int again = 1; again < 9; again++) {
            bed.pour(again, SALTY, new Dose(0, Dose.Way.SOIL));
        }
        assertThat(bed.at(48).words()).startsWith("leaves hang though the soil is moist");
        assertThat(bed.at(48).scorched()).isZero();
    }

    @Test
    void sugarThatStaysOnLeavesIsSticky() {
        Bed bed = new Bed();
        bed.pour(11, JUICE, new Dose(40, Dose.Way.LEAF));
        assertThat(bed.at(10).stickySeen()).isFalse();
        assertThat(bed.at(12).stickySeen()).isTrue();
    }
}
