package potmellow.core.feeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static potmellow.core.feeding.Feeding.advice;
import static potmellow.core.feeding.Feeding.fed;
import static potmellow.core.feeding.Feeding.history;
import static potmellow.core.feeding.Feeding.looked;
import static potmellow.core.feeding.Feeding.plants;
import static potmellow.core.feeding.Feeding.potted;
import static potmellow.core.feeding.Feeding.product;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.book.Use;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;
import potmellow.core.strength.Target;

class StrengthAdviceTest {
    private static final History NOTHING = History.none();

    /** The strength table of section 11 of the handbook of the craft, row by row (common practice and from memory). */
    @ParameterizedTest
    @CsvSource({
        "plant-juice, SOIL, 500, 14", "plant-juice, SEEDLINGS, 1000, 14", "plant-juice, LEAVES, 800, 14",
        "fish-amino, SOIL, 1000, 14", "fish-amino, LEAVES, 1000, 14", "lactic-serum, SOIL, 1000, 14",
        "lactic-serum, SEEDLINGS, 1000, 14", "lactic-serum, LEAVES, 1000, 14", "forest-kept, SOIL, 1000, 30",
        "forest-kept, LEAVES, 1000, 30", "forest-liquid, SEEDLINGS, 10, 30", "compost-extract, SEEDLINGS, 0, 14",
        "compost-tea, SEEDLINGS, 5, 14", "compost-tea, LEAVES, 0, 14", "worm-tea, SEEDLINGS, 5, 14",
        "worm-tea, LEAVES, 0, 14", "leachate, SEEDLINGS, 10, 14", "leachate-woken, SEEDLINGS, 10, 14",
        "leafmould-liquid, SOIL, 20, 14", "leafmould-liquid, SEEDLINGS, 40, 14", "leafmould-liquid, LEAVES, 40, 14",
        "weed-liquid, SOIL, 10, 14", "long-keeper, SOIL, 100, 14", "long-keeper, SEEDLINGS, 100, 14",
        "nettle-liquid, SOIL, 10, 14", "nettle-liquid, SEEDLINGS, 20, 14", "nettle-liquid, LEAVES, 20, 14",
        "gut-brew, SOIL, 20, 7", "manure-brew, SOIL, 20, 7", "shell-calcium, SOIL, 1000, 14",
        "shell-calcium, SEEDLINGS, 1000, 14", "shell-calcium, LEAVES, 1000, 14", "bin-liquid, SOIL, 100, 14",
        "bin-liquid, SEEDLINGS, 200, 14"
    })
    void advisesByTheTable(String product, Target target, double water, double days) {
        StrengthAdvice advice =
                StrengthAdvice.of(product(product), target, OptionalDouble.empty(), Optional.empty(), NOTHING);
        assertThat(advice.strength().value().water()).isEqualTo(water);
        if (!product.equals("bin-liquid")) {
            assertThat(advice.intervalDays().value()).isEqualTo(days);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "fish-amino, SEEDLINGS, UNKNOWN", "forest-liquid, LEAVES, UNWISE", "compost-extract, LEAVES, UNKNOWN",
        "leachate, LEAVES, FORBIDDEN", "weed-liquid, LEAVES, UNWISE", "long-keeper, LEAVES, FORBIDDEN",
        "gut-brew, SEEDLINGS, FORBIDDEN", "gut-brew, LEAVES, FORBIDDEN", "manure-brew, LEAVES, FORBIDDEN",
        "bin-liquid, LEAVES, FORBIDDEN", "shell-calcium, LEAVES, ALLOWED", "worm-tea, SEED_SOAK, ALLOWED",
        "garlic-water, LEAF_WIPE, ALLOWED"
    })
    void knowsWhereABrewMayGo(String product, Target target, Use.Status status) {
        assertThat(product(product).use(target).status()).isEqualTo(status);
    }

    /** 45 days by the age rule: 14.4; for seedlings twice as much water. */
    @ParameterizedTest
    @CsvSource({"SOIL, 45, 14.4", "SEEDLINGS, 45, 28.86", "SOIL, 10, 10", "SOIL, 400, 50"})
    void watersAWeedBucketByItsAge(Target target, double days, double water) {
        StrengthAdvice advice =
                StrengthAdvice.of(product("weed-liquid"), target, OptionalDouble.of(days), Optional.empty(), NOTHING);
        assertThat(advice.strength().value().water()).isCloseTo(water, within(0.05));
        assertThat(advice.strongest().water()).isCloseTo(0.8 * water, within(0.05));
    }

    @Test
    void givesHeavyFeedersHalfTheStrengthTwiceAsOften() {
        StrengthAdvice advice =
                advice("plant-juice", Target.SOIL, plants(GrowthStage.LEAFY, Appetite.HEAVY, SoilKind.LOAM), NOTHING);
        assertThat(advice.strength().value().water()).isEqualTo(1000);
        assertThat(advice.intervalDays().value()).isEqualTo(7);
    }

    @ParameterizedTest
    @CsvSource({"HEAVY, 7", "MEDIUM, 14", "LIGHT, 28"})
    void spacesLeafMouldLiquidByAppetite(Appetite appetite, double days) {
        assertThat(advice("leafmould-liquid", Target.SOIL, plants(GrowthStage.LEAFY, appetite, SoilKind.LOAM), NOTHING)
                        .intervalDays()
                        .value())
                .isEqualTo(days);
    }

    @ParameterizedTest
    @CsvSource({"SANDY, 9", "LOAM, 14", "CLAY, 21"})
    void givesCalciumSoonerOnSandAndLaterOnClay(SoilKind soil, double days) {
        assertThat(advice("shell-calcium", Target.SOIL, plants(GrowthStage.FLOWERING, Appetite.MEDIUM, soil), NOTHING)
                        .intervalDays()
                        .value())
                .isEqualTo(days);
    }

    @Test
    void takesTheRowOfSeedlingsForSeedlings() {
        StrengthAdvice advice = advice("plant-juice", Target.SOIL, plants(GrowthStage.SEEDLING), NOTHING);
        assertThat(advice.strength().value().water()).isEqualTo(1000);
        assertThat(advice.use().target()).isEqualTo(Target.SEEDLINGS);
    }

    @Test
    void takesTheRowOfSeedlingsForPlantsUnderStress() {
        History limp = history(List.of(fed("plant-juice", 500, 10)), looked(Look.LIMP, 2));
        assertThat(advice("plant-juice", Target.SOIL, plants(GrowthStage.LEAFY), limp)
                        .use()
                        .target())
                .isEqualTo(Target.SEEDLINGS);
    }

    @Test
    void isNotStrongerThanUsualInPots() {
        assertThat(advice("plant-juice", Target.SOIL, potted(GrowthStage.LEAFY), NOTHING)
                        .strongest()
                        .water())
                .isEqualTo(500);
        assertThat(advice("plant-juice", Target.SOIL, plants(GrowthStage.LEAFY), NOTHING)
                        .strongest()
                        .water())
                .isEqualTo(400);
    }

    @Test
    void startsALadderAtItsWeakestAndClimbsAsPlantsAnswer() {
        Plants squash = plants(GrowthStage.FRUITING);
        assertThat(advice("long-keeper", Target.SOIL, squash, NOTHING)
                        .strength()
                        .value()
                        .water())
                .isEqualTo(100);
        History climbed = history(
                List.of(fed("long-keeper", 100, 60), fed("long-keeper", 75, 45), fed("long-keeper", 50, 30)),
                looked(Look.UNCHANGED, 52),
                looked(Look.UNCHANGED, 37),
                looked(Look.UPRIGHT, 22));
        StrengthAdvice advice = advice("long-keeper", Target.SOIL, squash, climbed);
        assertThat(advice.strength().value().water()).isEqualTo(50);
        assertThat(advice.climb().orElseThrow().words()).isEqualTo("Better: stay at 1:50.");
    }

    @Test
    void doesNotClimbOnALookThatComesTooSoon() {
        History soon = history(List.of(fed("long-keeper", 100, 10)), looked(Look.UNCHANGED, 5));
        assertThat(advice("long-keeper", Target.SOIL, plants(GrowthStage.LEAFY), soon)
                        .strength()
                        .value()
                        .water())
                .isEqualTo(100);
    }

    @Test
    void believesHarmAtOnce() {
        History harmed = history(
                List.of(fed("long-keeper", 75, 30), fed("long-keeper", 50, 4)),
                looked(Look.UNCHANGED, 22),
                looked(Look.SCORCHED, 2));
        Climb climb = advice("long-keeper", Target.SOIL, plants(GrowthStage.LEAFY), harmed)
                .climb()
                .orElseThrow();
        assertThat(climb.strength().water()).isEqualTo(100);
        assertThat(climb.words()).isEqualTo("Scorched or spotted: two rungs back, to 1:100.");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            LUSH | 500 | 21 | Lush, dark and soft: hold back. The next feed waits half as long again.
            PALE | 500 | 9 | Pale: the next feed comes a third sooner, at the same strength.
            UPRIGHT | 500 | 14 | Upright, of deeper colour: as is.
            UNCHANGED | 500 | 14 | No change: as is, same strength, same rhythm.
            SCORCHED | 1000 | 14 | Scorched or spotted: water through, then the weakest strength.
            """)
    void changesOneThingByWhatPlantsShow(Look look, double water, double days, String sentence) {
        History seen = history(List.of(fed("plant-juice", 500, 10)), looked(look, 2));
        StrengthAdvice advice = advice("plant-juice", Target.SOIL, plants(GrowthStage.LEAFY), seen);
        assertThat(advice.strength().value().water()).isEqualTo(water);
        assertThat(advice.intervalDays().value()).isEqualTo(days);
        assertThat(advice.response().sentence()).isEqualTo(sentence);
    }

    @Test
    void climbsForPalePlantsOnlyWhereTheLastRungWasJudged() {
        History free = history(List.of(fed("long-keeper", 100, 30)), looked(Look.UPRIGHT, 20), looked(Look.PALE, 1));
        assertThat(advice("long-keeper", Target.SOIL, plants(GrowthStage.LEAFY), free)
                        .strength()
                        .value()
                        .water())
                .isEqualTo(75);
        History waiting = history(List.of(fed("long-keeper", 100, 5)), looked(Look.PALE, 1));
        assertThat(advice("long-keeper", Target.SOIL, plants(GrowthStage.LEAFY), waiting)
                        .strength()
                        .value()
                        .water())
                .isEqualTo(100);
    }

    @Test
    void forgetsALookOnceSomethingElseWasPoured() {
        History since =
                history(List.of(fed("plant-juice", 500, 30), fed("plant-juice", 500, 3)), looked(Look.LUSH, 20));
        assertThat(advice("plant-juice", Target.SOIL, plants(GrowthStage.LEAFY), since)
                        .intervalDays()
                        .value())
                .isEqualTo(14);
    }
}
