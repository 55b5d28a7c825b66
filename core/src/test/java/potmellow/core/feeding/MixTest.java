package potmellow.core.feeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.measure.Area;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Dress;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

class MixTest {
    private static final Product JUICE = Book.load().product("plant-juice");
    private static final Stock FULL = new Stock(Volume.ofMillilitres(620), false);
    private static final Volume TEN_LITRES = Volume.ofLitres(10);

    private static Mix mix(Stock stock, Target target, Optional<Ratio> strength, Need need) {
        return mix(JUICE, stock, target, strength, need, TEN_LITRES);
    }

    private static Mix mix(
            Product product, Stock stock, Target target, Optional<Ratio> strength, Need need, Volume can) {
        return Mix.of(
                List.of(new Wish(new InStore("P1", product, stock, LocalDate.MAX, OptionalDouble.empty()), strength)),
                target,
                need,
                can,
                List.of(),
                Optional.empty(),
                UnitSystem.METRIC);
    }

    private static Finding finding(Mix mix, String concerns) {
        return mix.findings().stream()
                .filter(found -> found.concerns().equals(concerns))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void pours20MillilitresIntoATenLitreCanForTenSquareMetres() {
        Mix mix = mix(FULL, Target.SOIL, Optional.empty(), new Need.OfArea(Area.ofSquareMetres(10)));
        assertThat(mix.brews().get(0).strength().value().text()).isEqualTo("1:500");
        assertThat(mix.need().value().litres()).isCloseTo(10, within(1e-9));
        assertThat(mix.loads()).hasSize(1);
        assertThat(mix.loads().get(0).brews().get(0).value().text()).isEqualTo("20 mL");
        assertThat(mix.brews().get(0).amount().value().millilitres()).isCloseTo(20, within(1e-9));
        assertThat(mix.refusals()).isEmpty();
    }

    @Test
    void goesFromAreaToMixAndBack() {
        Mix there = mix(FULL, Target.LEAVES, Optional.empty(), new Need.OfArea(Area.ofSquareMetres(8)));
        Mix back = mix(
                FULL,
                Target.LEAVES,
                Optional.empty(),
                new Need.OfVolume(there.need().value()));
        assertThat(there.need().value().litres()).isCloseTo(0.6, within(1e-9));
        assertThat(back.covers().value().squareMetres()).isCloseTo(8, within(1e-9));
    }

    @Test
    void givesPotsAnEighthOfTheirVolume() {
        Need tubs = new Need.OfPots(8, Volume.ofLitres(6));
        assertThat(tubs.volume(Target.SOIL, UnitSystem.METRIC).value().litres()).isCloseTo(6, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "SOIL, 400, HOLDS", "SOIL, 399, REFUSE", "SOIL, 1000, HOLDS", "SOIL, 1001, NOTE", "SEEDLINGS, 800, HOLDS",
        "SEEDLINGS, 500, REFUSE", "LEAVES, 640, HOLDS", "LEAVES, 500, REFUSE", "LEAVES, 1601, NOTE", "SOIL, 1, REFUSE"
    })
    void keepsToTheSafeSpan(Target target, double water, Severity severity) {
        Mix mix = mix(FULL, target, Optional.of(Ratio.oneTo(water)), new Need.OfVolume(Volume.ofLitres(5)));
        assertThat(finding(mix, "strength").severity()).isEqualTo(severity);
    }

    @Test
    void saysHowMuchTooStrongItIs() {
        Mix mix = mix(FULL, Target.SOIL, Optional.of(Ratio.oneTo(100)), new Need.OfVolume(Volume.ofLitres(5)));
        assertThat(finding(mix, "strength").words())
                .isEqualTo(
                        "1:100 is 4.96 times the usual strength on soil, growing plants: it burns roots. Take 1:400 to"
                                + " 1:1000.");
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void poursABottleEmptyWhateverTheSpoonsRoundItTo(UnitSystem system) {
        Random random = new Random(8);
        for (int i = 0; i < 300; i++) {
            Volume left = Volume.ofMillilitres(5 + random.nextDouble() * 3000);
            Stock stock = new Stock(left, false);
            Wish wish = Feeding.wish("plant-juice", stock, Optional.empty());
            Volume makes = Ratio.oneTo(500).makes(left);
            Mix all = Mix.of(
                    List.of(wish), Target.SOIL, new Need.OfVolume(makes), makes, List.of(), Optional.empty(), system);
            assertThat(all.refusals()).isEmpty();
            assertThat(all.brews().get(0).amount().value()).isLessThanOrEqualTo(left);
        }
    }

    @Test
    void refusesToTakeMoreThanTheBottleHolds() {
        Stock low = new Stock(Volume.ofMillilitres(12), false);
        Mix mix = mix(low, Target.SOIL, Optional.empty(), new Need.OfVolume(TEN_LITRES));
        assertThat(finding(mix, "need").words())
                .isEqualTo("This takes 20 mL of brew, and the bottle has only 12 mL left: enough for 6.01 L of mix at"
                        + " 1:500.");
    }

    @Test
    void keepsWhatSmeltOfVinegarOffLeavesAndSeedlings() {
        Stock sour = new Stock(Volume.ofMillilitres(500), true);
        Need need = new Need.OfVolume(Volume.ofLitres(5));
        assertThat(mix(sour, Target.LEAVES, Optional.empty(), need).refusals())
                .extracting(Finding::rule)
                .containsExactly("soil-only");
        assertThat(finding(mix(sour, Target.SOIL, Optional.empty(), need), "target")
                        .severity())
                .isEqualTo(Severity.HOLDS);
    }

    @Test
    void keepsWhatWasRescuedFromASpoiltPotToSoilByDecision() {
        Stock rescued = new Stock(
                Volume.ofMillilitres(500),
                true,
                true,
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
        Need need = new Need.OfVolume(Volume.ofLitres(5));
        Mix soil = mix(rescued, Target.SOIL, Optional.empty(), need);
        assertThat(soil.refusals()).isEmpty();
        assertThat(soil.confirmations()).extracting(Finding::rule).containsExactly("nothing-edible");
        assertThat(mix(rescued, Target.LEAVES, Optional.empty(), need).refusals())
                .extracting(Finding::rule)
                .contains("nothing-edible");
    }

    private static Mix poured(String product, Target target) {
        return mix(
                Book.load().product(product),
                new Stock(Volume.ofLitres(20), false),
                target,
                Optional.empty(),
                new Need.OfVolume(Volume.ofLitres(5)),
                TEN_LITRES);
    }

    /** Section 11 of the handbook of the craft: the status of a use (common practice). */
    @ParameterizedTest
    @CsvSource({
        "long-keeper, LEAVES, REFUSE", "bin-liquid, LEAVES, REFUSE", "gut-brew, SEEDLINGS, REFUSE",
        "forest-liquid, LEAVES, CONFIRM", "fish-amino, SEEDLINGS, CONFIRM", "compost-extract, LEAVES, CONFIRM",
        "shell-calcium, LEAVES, HOLDS", "weed-liquid, SOIL, HOLDS"
    })
    void judgesWhetherABrewMayGoThereAtAll(String product, Target target, Severity severity) {
        assertThat(finding(poured(product, target), "target").severity()).isEqualTo(severity);
    }

    @Test
    void poursABrewNeat() {
        Mix mix = poured("compost-tea", Target.LEAVES);
        assertThat(mix.brews().get(0).strength().value().text()).isEqualTo("neat");
        assertThat(mix.brews().get(0).amount().value().litres()).isCloseTo(5, within(1e-9));
        assertThat(mix.loads().get(0).water().value().millilitres()).isZero();
        assertThat(Dress.MILLILITRES_PER_LITRE.text(
                        mix.brews().get(0).strength().value()))
                .isEqualTo("no water");
        assertThat(Dress.PERCENT_OF_MIX.text(mix.brews().get(0).strength().value()))
                .isEqualTo("100 %");
    }

    @Test
    void asksForASmellPastTheDateAndAWaitAfterALeafSpray() {
        InStore old = new InStore(
                "P1",
                JUICE,
                FULL,
                LocalDate.ofInstant(Feeding.MORNING, Feeding.ZONE).minusDays(1),
                OptionalDouble.empty());
        Mix mix = Mix.of(
                List.of(Wish.of(old)),
                Target.LEAVES,
                new Need.OfVolume(Volume.ofLitres(5)),
                TEN_LITRES,
                List.of(),
                Optional.of(Feeding.conditions(Feeding.MORNING, Feeding::fair)),
                UnitSystem.METRIC);
        assertThat(finding(mix, "bottle").severity()).isEqualTo(Severity.NOTE);
        assertThat(finding(mix, "use").words()).contains("for 3 days");
        assertThat(mix.refusals()).isEmpty();
    }

    @Test
    void doesNotWalkAgainForARestOfAFewDrops() {
        Mix mix = mix(FULL, Target.SOIL, Optional.empty(), new Need.OfVolume(Volume.ofLitres(10.00008)));
        assertThat(mix.count().value()).isEqualTo(1);
        assertThat(mix.loads()).hasSize(1);
    }

    @Test
    void saysThatABrewIsTooLittleToMeasure() {
        Need speck = new Need.OfArea(Area.ofSquareMetres(0.1));
        assertThatThrownBy(() -> mix(FULL, Target.LEAVES, Optional.of(Ratio.oneTo(100_000)), speck))
                .isInstanceOf(InvalidInput.class)
                .hasMessage(
                        "The brew for this mix (1:100000 in 7.5 mL) is too little to measure. Mix more at once, or make"
                                + " it stronger.");
    }

    @Test
    void countsWhatIsMeasuredOutForEachFilling() {
        Mix mix = mix(FULL, Target.SOIL, Optional.empty(), new Need.OfVolume(Volume.ofLitres(25)));
        assertThat(mix.loads()).extracting(Mix.Filling::count).containsExactly(2, 1);
        assertThat(mix.count().value()).isEqualTo(3);
        assertThat(mix.brews().get(0).amount().value().millilitres()).isCloseTo(2 * 20 + 10, within(1e-9));
        assertThat(mix.makes().value().litres()).isCloseTo(0.62 * 501, within(1e-9));
    }
}
