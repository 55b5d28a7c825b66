package potmellow.core.feeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static potmellow.core.feeding.Feeding.FULL;
import static potmellow.core.feeding.Feeding.finding;
import static potmellow.core.feeding.Feeding.tank;
import static potmellow.core.feeding.Feeding.wish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/** Several brews in one water (from memory; that calcium flakes is firm). */
class TankTest {
    private static Wish at(String product, double water) {
        return wish(product, FULL, Optional.of(Ratio.oneTo(water)));
    }

    private static Wish at(Addition addition, double water) {
        return new Wish(addition, Optional.of(Ratio.oneTo(water)));
    }

    /** Check value 8: a 10 L tank of 1:500, 1:1000, 1:256 takes 9.93 L of water and 19.9, 9.93, 38.8 mL. */
    @Test
    void fillsOneTankWithThreeBrews() {
        Mix mix = Mix.of(
                List.of(at("plant-juice", 500), at("lactic-serum", 1000), at("shell-calcium", 256)),
                Target.SOIL,
                new Need.OfVolume(Volume.ofLitres(10)),
                Volume.ofLitres(10),
                List.of(),
                Optional.empty(),
                UnitSystem.METRIC);
        Mix.Filling filling = mix.loads().get(0);
        assertThat(filling.water().value().litres()).isCloseTo(9.93, within(0.005));
        assertThat(filling.brews())
                .extracting(brew -> brew.value().exact().millilitres())
                .satisfiesExactly(
                        juice -> assertThat(juice).isCloseTo(19.9, within(0.05)),
                        serum -> assertThat(serum).isCloseTo(9.93, within(0.005)),
                        calcium -> assertThat(calcium).isCloseTo(38.8, within(0.05)));
    }

    /** Volumes add up and nothing is negative, whatever is mixed. */
    @Test
    void neverLosesADrop() {
        Random random = new Random(5);
        List<String> products =
                List.of("plant-juice", "lactic-serum", "fish-amino", "nettle-liquid", "leafmould-liquid");
        for (int round = 0; round < 200; round++) {
            List<Wish> doses = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(5); i++) {
                doses.add(at(products.get(i), 10 + random.nextInt(990)));
            }
            Mix mix = Mix.of(
                    doses,
                    Target.SOIL,
                    new Need.OfVolume(Volume.ofLitres(1 + random.nextInt(200))),
                    Volume.ofLitres(2 + random.nextInt(20)),
                    List.of(),
                    Optional.empty(),
                    UnitSystem.METRIC);
            double all = 0;
            for (Mix.Filling filling : mix.loads()) {
                double parts = filling.water().value().millilitres()
                        + filling.brews().stream()
                                .mapToDouble(brew -> brew.value().exact().millilitres())
                                .sum();
                assertThat(parts).isCloseTo(filling.mix().millilitres(), within(1e-6));
                assertThat(filling.water().value().millilitres()).isPositive();
                all += filling.count() * filling.mix().millilitres();
            }
            assertThat(all).isCloseTo(mix.need().value().millilitres(), within(50.0));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "plant-juice, garlic-water, tank-killed, REFUSE", "garlic-water, lactic-serum, tank-killed, REFUSE",
        "soil-conditioner, worm-tea, tank-killed, REFUSE", "shell-calcium, fish-amino, tank-flakes, CONFIRM",
        "leafmould-liquid, shell-calcium, tank-flakes, CONFIRM", "compost-extract, shell-calcium, tank-flakes, CONFIRM",
        "plant-juice, lactic-serum, tank-pairs, HOLDS", "plant-juice, leachate, tank-soil, NOTE"
    })
    void knowsWhatMayMeet(String one, String other, String rule, Severity severity) {
        Mix mix = tank(Target.SOIL, at(one, 1000), at(other, 1000));
        assertThat(finding(mix, rule).severity()).isEqualTo(severity);
    }

    @ParameterizedTest
    @CsvSource({"WOOD_ASH, plant-juice", "WOOD_ASH, shell-calcium", "LIME, lactic-serum", "LIME, shell-calcium"})
    void neverLetsAshOrLimeMeetLiveBrewsOrCalcium(Addition addition, String product) {
        assertThat(finding(tank(Target.SOIL, at(product, 1000), at(addition, 1000)), "tank-ash")
                        .severity())
                .isEqualTo(Severity.REFUSE);
    }

    @Test
    void flakesCalciumWithHumicAcid() {
        Mix mix = tank(Target.SOIL, at("shell-calcium", 1000), at(Addition.HUMIC_ACID, 4000));
        assertThat(finding(mix, "tank-flakes").words()).contains("Jar test").contains("30 minutes");
    }

    @ParameterizedTest
    @CsvSource({"250, 250, HOLDS", "249, 500, REFUSE", "500, 249, REFUSE", "1000, 1000, HOLDS"})
    void letsLiveBrewsMeetCalciumOnlyThin(double juice, double calcium, Severity severity) {
        Mix mix = tank(Target.SOIL, at("plant-juice", juice), at("shell-calcium", calcium));
        assertThat(finding(mix, "tank-live-calcium").severity()).isEqualTo(severity);
    }

    @ParameterizedTest
    @CsvSource({"leachate", "leafmould-liquid", "manure-brew"})
    void keepsATankWithSuchAThingInItOffLeaves(String product) {
        Wish dose = wish(product, FULL, Optional.of(Ratio.oneTo(100)));
        Wish juice = wish("plant-juice", FULL, Optional.of(Ratio.oneTo(800)));
        assertThat(finding(tank(Target.LEAVES, juice, dose), "tank-soil").severity())
                .isEqualTo(Severity.REFUSE);
    }

    @Test
    void weakensAllAlikeWhereTogetherTheyAreTooMuch() {
        Mix mix = tank(Target.SOIL, wish("plant-juice"), wish("lactic-serum"));
        assertThat(mix.brews())
                .extracting(brew -> brew.strength().value().water())
                .containsExactly(1000.0, 2000.0);
        assertThat(mix.brews().get(0).strength().steps().toString()).contains("all weakened alike");
        assertThat(finding(mix, "tank-sum").severity()).isEqualTo(Severity.HOLDS);
    }

    @Test
    void asksWhereTheGardenerWantsTwoFullFeedsInOne() {
        Mix mix = tank(Target.SOIL, at("plant-juice", 500), at("lactic-serum", 1000));
        assertThat(finding(mix, "tank-sum").words())
                .startsWith("Together they are 2 full feeds in one. Weaken each 2 times");
    }

    @Test
    void inheritsTheStrictest() {
        Mix mix = tank(Target.SOIL, at("plant-juice", 1000), at("leafmould-liquid", 40), at("compost-extract", 10));
        assertThat(mix.inherited().intervalDays().value()).isEqualTo(14);
        assertThat(mix.inherited().waitDays().value()).isEqualTo(14);
        assertThat(mix.inherited().hours().orElseThrow().value()).isEqualTo(4);
    }

    @Test
    void wantsAWaterForSeveralBrews() {
        assertThatThrownBy(() -> tank(Target.SOIL, at("compost-extract", 0), at("plant-juice", 500)))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining("there must be a water for the others");
    }

    @Test
    void takesSixBrewsAtMost() {
        Wish juice = at("plant-juice", 4000);
        assertThatThrownBy(() -> tank(Target.SOIL, juice, juice, juice, juice, juice, juice, juice))
                .hasMessage("The brews in one water (7 brews) must be from 1 brews to 6 brews.");
    }

    @Test
    void saysWhichBrewABottleRuleIsAbout() {
        Stock low = new Stock(Volume.ofMillilitres(1), false);
        Mix mix = tank(Target.SOIL, at("plant-juice", 500), wish("lactic-serum", low, Optional.of(Ratio.oneTo(1000))));
        assertThat(mix.refusals()).extracting(Finding::rule).containsExactly("store · serum");
    }
}
