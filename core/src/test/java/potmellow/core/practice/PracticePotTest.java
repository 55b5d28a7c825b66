package potmellow.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.craft.Act;

/** Practice pots behave as pots do. */
class PracticePotTest {
    private static final double A_HUNDREDTH = 0.01;

    @ParameterizedTest
    @EnumSource(Brew.class)
    void carbonAndMassAreKeptWhateverHappens(Brew brew) {
        for (Accident accident : List.of(Accident.RAIN, Accident.LITTLE_SUGAR, Accident.TIGHT_LID)) {
            PracticePot pot = Kept.pot(brew, 3, hour -> 20 + 8 * Math.sin(hour / 9), 20, accident);
            Contents first = pot.past().get(0).contents();
            Contents last = pot.now().contents();
            assertThat(last.carbon()).isCloseTo(first.carbon(), within(A_HUNDREDTH * first.carbon()));
            assertThat(last.mass()).isCloseTo(first.mass(), within(A_HUNDREDTH * first.mass()));
        }
    }

    @ParameterizedTest
    @EnumSource(Brew.class)
    void nothingIsEverLessThanNothing(Brew brew) {
        PracticePot pot = Kept.pot(brew, 5, 26, 25);
        for (Moment moment : pot.past()) {
            for (Pool pool : Pool.values()) {
                if (pool != Pool.AIR) {
                    assertThat(moment.contents().of(pool))
                            .as(pool + " at " + moment.hour())
                            .isGreaterThan(-1e-4);
                }
            }
        }
    }

    /** How long each takes where it stands as the craft says is common practice; nothing else is anchored. */
    @ParameterizedTest
    @CsvSource({
        "PLANT_JUICE_OPEN, 22, 7, 10",
        "PLANT_JUICE_PACKED, 22, 14, 21",
        "RICE_RINSE_SOURED, 24, 5, 9",
        "LACTIC_SERUM_EVEN, 24, 4.9, 9.1",
        "LACTIC_SERUM_MILK_RICH, 24, 4.9, 9.1",
        "ACTIVATED_CULTURE, 24, 4.9, 9.1",
        "FOREST_RICE_TRAY, 22, 4.9, 9.1",
        "FOREST_HEAP, 19, 3.5, 6.5",
        "BOKASHI_BRAN, 24, 14, 21",
        "BOKASHI_BIN, 24, 14, 21",
        "COMPOST_TEA, 20, 0.7, 1.3",
        "WORM_TEA, 20, 1, 1.5",
        "NETTLE_TEA, 20, 7, 21",
        "LEAFMOULD_LIQUID, 20, 7, 14",
        "SHELLS_TENFOLD, 20, 7, 10",
        "SHELLS_EQUAL_VOLUME, 20, 0.7, 1.3"
    })
    void aUsualPotIsRipeWithinTheTimesOfTheCraft(Brew brew, double celsius, double least, double most) {
        PracticePot pot = Kept.usual(brew, celsius, 2 * most);
        assertThat(pot.ripeAt().orElseThrow() / 24).isBetween(least, most);
        assertThat(pot.spoiltAt().orElse(1e6) / 24).isGreaterThan(most);
    }

    @ParameterizedTest
    @EnumSource(Brew.class)
    void isRipeNoLaterWhereItIsWarmer(Brew brew) {
        double before = Double.MAX_VALUE;
        for (double celsius : new double[] {14, 18, 22}) {
            double ripe = Kept.usual(brew, celsius, 60).ripeAt().orElse(1e6);
            assertThat(ripe).as(celsius + " °C").isLessThanOrEqualTo(before);
            before = ripe;
        }
    }

    @Test
    void theSameSeedGivesTheSamePotAndAnotherAnotherOne() {
        double one = Kept.pot(Brew.PLANT_JUICE_OPEN, 8, 20, 6).now().mixture().ph();
        assertThat(Kept.pot(Brew.PLANT_JUICE_OPEN, 8, 20, 6).now().mixture().ph())
                .isEqualTo(one);
        assertThat(Kept.pot(Brew.PLANT_JUICE_OPEN, 9, 20, 6).now().mixture().ph())
                .isNotEqualTo(one);
    }

    @Test
    void goesOnButNeverBack() {
        PracticePot pot = Kept.pot(Brew.ACTIVATED_CULTURE, 1, 24, 3);
        double sour = pot.now().mixture().ph();
        pot.until(10);
        assertThat(pot.hour()).isEqualTo(72);
        assertThat(pot.now().mixture().ph()).isEqualTo(sour);
    }

    @ParameterizedTest
    @CsvSource({
        "PLANT_JUICE_OPEN, TIGHT_LID, 10",
        "PLANT_JUICE_PACKED, TIGHT_LID, 12",
        "NETTLE_TEA, TIGHT_LID, 20",
        "LEAFMOULD_LIQUID, TIGHT_LID, 14"
    })
    void aLidThatIsForgottenTightCanBurst(Brew brew, Accident accident, double days) {
        assertThat(Kept.pot(brew, 2, 22, days, accident).dangerousAt()).isPresent();
        assertThat(Kept.pot(brew, 2, 22, days).dangerousAt()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "PLANT_JUICE_OPEN, NOT_STIRRED, 20",
        "FOREST_RICE_TRAY, RAIN, 10",
        "FOREST_HEAP, RAIN, 10",
        "BOKASHI_BRAN, LEAKY_LID, 20",
        "WORM_TEA, PUMP_OFF, 2",
        "WORM_TEA, LITTLE_SUGAR, 2.5"
    })
    void whatGoesWrongSpoilsIt(Brew brew, Accident accident, double days) {
        assertThat(Kept.pot(brew, 2, 22, days, accident).condition()).isEqualTo(Condition.SPOILT);
        assertThat(Kept.pot(brew, 2, 22, days).spoiltAt()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "PLANT_JUICE_PACKED, COARSE, 30",
        "ACTIVATED_CULTURE, CHLORINE, 25",
        "RICE_RINSE_SOURED, CHLORINE, 25",
        "SHELLS_TENFOLD, COARSE, 30"
    })
    void whatGoesWrongDelaysIt(Brew brew, Accident accident, double days) {
        double without = Kept.pot(brew, 4, 22, days).ripeAt().orElseThrow();
        assertThat(Kept.pot(brew, 4, 22, days, accident).ripeAt().orElse(1e6)).isGreaterThan(1.2 * without);
    }

    @Test
    void withTooLittleSugarItWorksButDoesNotKeep() {
        assertThat(Kept.pot(Brew.PLANT_JUICE_OPEN, 4, 22, 9, Accident.LITTLE_SUGAR)
                        .condition())
                .isEqualTo(Condition.WEAK);
    }

    /** Active composting is told as 40 to 65 °C (Rynk 1992, On-Farm Composting Handbook). */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void aHeapHeatsItselfAsHeapsDo(long seed) {
        double hottest = Kept.pot(Brew.FOREST_HEAP, seed, 22, 6, Accident.NOT_TURNED).past().stream()
                .mapToDouble(moment -> moment.contents().celsius())
                .max()
                .orElseThrow();
        assertThat(hottest).isBetween(40.0, 65.0);
    }

    @Test
    void turningAHeapLetsItsHeatGo() {
        PracticePot heap = Kept.pot(Brew.FOREST_HEAP, 1, 22, 5, Accident.NOT_TURNED);
        double before = heap.contents().celsius();
        heap.act(Act.TURNED);
        assertThat(heap.contents().celsius()).isLessThan(before - 5);
    }

    @Test
    void ventingLetsThePressureGo() {
        PracticePot pot = Kept.pot(Brew.PLANT_JUICE_OPEN, 2, 22, 3, Accident.TIGHT_LID);
        assertThat(pot.now().bar()).isPositive();
        pot.act(Act.VENTED);
        assertThat(pot.contents().held()).isZero();
    }

    /** Somebody carries it from the cold to a stove and back: a jump that no step of the integrator foresees. */
    @ParameterizedTest
    @EnumSource(Brew.class)
    void bearsToBeCarriedFromTheColdToAStove(Brew brew) {
        for (long seed = 0; seed < 12; seed++) {
            double jump = 20 + 3.3 * seed;
            PracticePot pot = Kept.pot(brew, seed, hour -> hour < jump ? -5 : hour < 2 * jump ? 45 : 1, 6);
            assertThat(pot.now().contents().carbon()).isFinite();
            assertThat(pot.now().contents().celsius()).isBetween(-6.0, 70.0);
        }
    }

    /** A year is a few thousand steps, however long it takes on some machine. */
    @Test
    void aYearTakesFewSteps() {
        PracticePot pot = PracticePot.set(
                Brew.PLANT_JUICE_OPEN, 1, 1, java.util.Set.of(), hour -> 15 + 5 * Math.sin(hour * 0.2618), 24);
        pot.until(24 * 365);
        assertThat(pot.workedOut()).isLessThan(40_000);
        assertThat(pot.past()).hasSize(366);
    }
}
