package potmellow.core.feeding;

import static org.assertj.core.api.Assertions.assertThat;
import static potmellow.core.feeding.Feeding.BOOK;
import static potmellow.core.feeding.Feeding.MORNING;
import static potmellow.core.feeding.Feeding.ZONE;
import static potmellow.core.feeding.Feeding.conditions;
import static potmellow.core.feeding.Feeding.daysAgo;
import static potmellow.core.feeding.Feeding.fed;
import static potmellow.core.feeding.Feeding.history;
import static potmellow.core.feeding.Feeding.looked;
import static potmellow.core.feeding.Feeding.picked;
import static potmellow.core.feeding.Feeding.plants;
import static potmellow.core.feeding.Feeding.potted;
import static potmellow.core.feeding.Feeding.product;
import static potmellow.core.feeding.Feeding.sensitive;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import potmellow.core.feeding.Proposal.Kind;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;

class FeedingPlanTest {
    private static final LocalDate TODAY = LocalDate.ofInstant(MORNING, ZONE);

    private static InStore bottle(String code, String product, int keepsDays) {
        return bottle(code, product, keepsDays, 5);
    }

    private static InStore bottle(String code, String product, int keepsDays, double litres) {
        return new InStore(
                code,
                product(product),
                new Stock(Volume.ofLitres(litres), false),
                TODAY.plusDays(keepsDays),
                OptionalDouble.empty());
    }

    private static List<Proposal> plan(Plants plants, History history, InStore... store) {
        return FeedingPlan.of(
                BOOK,
                Feeding.to(plants, history),
                List.of(store),
                conditions(MORNING, Feeding::fair),
                28,
                UnitSystem.METRIC);
    }

    private static List<String> fedWith(List<Proposal> plan) {
        return plan.stream()
                .flatMap(proposal -> proposal.feed().stream())
                .map(feed -> feed.bottle().product().id())
                .toList();
    }

    @Test
    void namesTheBottleTheAmountAndWhy() {
        Proposal first = plan(plants(GrowthStage.LEAFY), History.none(), bottle("P1", "nettle-liquid", 60))
                .get(0);
        assertThat(first.kind()).isEqualTo(Kind.FEED);
        assertThat(first.day()).isEqualTo(TODAY);
        assertThat(first.words()).isEqualTo("450 mL nettle liquid from P1, 1:10");
        assertThat(first.why().value()).isEqualTo("Leafy growth: nitrogen-leaning.");
    }

    @Test
    void takesTheOldestUsableBottleFirst() {
        List<Proposal> plan = plan(
                plants(GrowthStage.LEAFY),
                History.none(),
                bottle("P1", "nettle-liquid", 60),
                bottle("P2", "nettle-liquid", 20),
                bottle("P3", "nettle-liquid", -1));
        assertThat(plan.get(0).feed().orElseThrow().bottle().code()).isEqualTo("P2");
    }

    @ParameterizedTest
    @EnumSource(
            value = GrowthStage.class,
            names = {"BUDDING", "FLOWERING", "FRUITING", "RIPENING"})
    void proposesNoNitrogenFromBuddingOn(GrowthStage stage) {
        List<Proposal> plan = plan(
                plants(stage),
                History.none(),
                bottle("P1", "fish-amino", 60),
                bottle("P2", "nettle-liquid", 60),
                bottle("P3", "leafmould-liquid", 60));
        assertThat(fedWith(plan)).isNotEmpty().containsOnly("leafmould-liquid");
    }

    @Test
    void givesCalciumFromTheFirstFlowerAndPotassiumByTurns() {
        List<Proposal> plan = plan(
                plants(GrowthStage.FLOWERING),
                history(List.of(fed("lactic-serum", 1000, 10)), looked(Look.UPRIGHT, 1)),
                bottle("P1", "shell-calcium", 60),
                bottle("P2", "leafmould-liquid", 60));
        assertThat(fedWith(plan)).startsWith("shell-calcium", "leafmould-liquid", "shell-calcium");
        assertThat(fedWith(plan(plants(GrowthStage.LEAFY), History.none(), bottle("P1", "shell-calcium", 60))))
                .isEmpty();
    }

    @Test
    void buildsSoilOnceAMonth() {
        List<Proposal> plan = plan(
                plants(GrowthStage.LEAFY),
                history(List.of(fed("nettle-liquid", 10, 20)), looked(Look.UPRIGHT, 5)),
                bottle("P1", "nettle-liquid", 90),
                bottle("P2", "lactic-serum", 90));
        assertThat(fedWith(plan).stream().filter("lactic-serum"::equals)).hasSize(1);
    }

    @Test
    void keepsAFeedWaitingForLushPlantsAndHastensItForPaleOnes() {
        List<History.Fed> feeds = List.of(fed("nettle-liquid", 10, 8));
        InStore nettle = bottle("P1", "nettle-liquid", 90);
        LocalDate usual = day(plan(plants(GrowthStage.LEAFY), history(feeds, looked(Look.UPRIGHT, 1)), nettle));
        LocalDate lush = day(plan(plants(GrowthStage.LEAFY), history(feeds, looked(Look.LUSH, 1)), nettle));
        LocalDate pale = day(plan(plants(GrowthStage.LEAFY), history(feeds, looked(Look.PALE, 1)), nettle));
        assertThat(usual).isEqualTo(TODAY.plusDays(6));
        assertThat(lush).isEqualTo(TODAY.plusDays(13));
        assertThat(pale).isEqualTo(TODAY.plusDays(1));
    }

    private static LocalDate day(List<Proposal> plan) {
        return plan.stream()
                .filter(proposal -> proposal.kind() == Kind.FEED)
                .findFirst()
                .orElseThrow()
                .day();
    }

    @ParameterizedTest
    @CsvSource({"HEAVY, 7", "MEDIUM, 14", "LIGHT, 21"})
    void feedsByAppetite(Appetite appetite, int days) {
        History before = history(List.of(fed("lactic-serum", 1000, 1)), looked(Look.UPRIGHT, 0.5));
        List<Proposal> plan =
                plan(plants(GrowthStage.LEAFY, appetite, SoilKind.LOAM), before, bottle("P1", "nettle-liquid", 90));
        assertThat(day(plan)).isEqualTo(TODAY.plusDays(days - 1));
    }

    @Test
    void countsPlainWateringsForPots() {
        History three = history(
                List.of(fed("plant-juice", 500, 60), fed("plant-juice", 500, 45), fed("plant-juice", 500, 20)),
                looked(Look.UPRIGHT, 10));
        List<Proposal> plan = plan(potted(GrowthStage.LEAFY), three, bottle("P1", "plant-juice", 90));
        assertThat(plan.get(0).kind()).isEqualTo(Kind.WATER);
        assertThat(plan.get(1).kind()).isEqualTo(Kind.FEED);
        assertThat(plan.get(1).day()).isEqualTo(TODAY.plusDays(3));
    }

    @Test
    void asksForALookBeforeAnythingChanges() {
        List<Proposal> plan = plan(
                plants(GrowthStage.LEAFY),
                history(List.of(fed("nettle-liquid", 10, 5))),
                bottle("P1", "nettle-liquid", 90));
        assertThat(plan.get(0).kind()).isEqualTo(Kind.LOOK);
        assertThat(plan.get(0).day()).isEqualTo(TODAY.plusDays(2));
    }

    @Test
    void watersThirstyPlantsFirst() {
        History dry = new History(
                List.of(fed("nettle-liquid", 10, 20)),
                List.of(new History.Looked(daysAgo(1), Look.LIMP, true)),
                List.of(),
                ZONE);
        List<Proposal> plan = plan(plants(GrowthStage.LEAFY), dry, bottle("P1", "nettle-liquid", 90));
        assertThat(plan.get(0).kind()).isEqualTo(Kind.WATER);
        assertThat(plan.get(0).day()).isEqualTo(TODAY);
        assertThat(day(plan)).isAfter(TODAY);
    }

    @Test
    void saysWhatToMakeWhereNothingInStoreSuits() {
        Proposal only = plan(plants(GrowthStage.LEAFY), History.none()).get(0);
        assertThat(only.kind()).isEqualTo(Kind.MAKE);
        assertThat(only.toMake()).extracting(product -> product.id()).contains("nettle-liquid");
    }

    @Test
    void leavesOutWhatPlantsMustNotGet() {
        InStore nettle = bottle("P1", "nettle-liquid", 90);
        assertThat(fedWith(plan(sensitive(true, false), History.none(), nettle)))
                .isEmpty();
        assertThat(fedWith(plan(
                        picked(GrowthStage.LEAFY, Eaten.RAW, true, 300),
                        History.none(),
                        bottle("P2", "manure-brew", 90))))
                .isEmpty();
    }

    @Test
    void leavesOutWhatWouldNotBeOverBeforePicking() {
        InStore nettle = bottle("P1", "nettle-liquid", 90);
        assertThat(fedWith(plan(picked(GrowthStage.LEAFY, Eaten.COOKED, true, 13), History.none(), nettle)))
                .isEmpty();
        assertThat(fedWith(plan(picked(GrowthStage.LEAFY, Eaten.COOKED, true, 14), History.none(), nettle)))
                .hasSize(1);
    }

    @Test
    void leavesTeasToTheHourAtWhichTheyAreReady() {
        assertThat(fedWith(plan(plants(GrowthStage.LEAFY), History.none(), bottle("P1", "worm-tea", 90))))
                .isEmpty();
    }

    @Test
    void doesNotPromiseMoreThanABottleHolds() {
        List<Proposal> plan = plan(plants(GrowthStage.LEAFY), History.none(), bottle("P1", "nettle-liquid", 90, 0.7));
        assertThat(fedWith(plan)).containsExactly("nettle-liquid");
        assertThat(plan.get(plan.size() - 1).kind()).isEqualTo(Kind.MAKE);
    }

    @Test
    void letsNothingRunPastItsKeeping() {
        List<Proposal> plan = plan(plants(GrowthStage.LEAFY), History.none(), bottle("P1", "nettle-liquid", 10));
        assertThat(plan).filteredOn(proposal -> proposal.kind() == Kind.FEED).hasSize(1);
    }

    @Test
    void keepsTwoFeedsThreeDaysApartAtLeast() {
        for (Appetite appetite : Appetite.values()) {
            for (GrowthStage stage : GrowthStage.values()) {
                List<LocalDate> days = plan(
                                plants(stage, appetite, SoilKind.SANDY),
                                history(List.of(fed("plant-juice", 500, 1)), looked(Look.PALE, 0.5)),
                                bottle("P1", "plant-juice", 90),
                                bottle("P2", "shell-calcium", 90),
                                bottle("P3", "leafmould-liquid", 90),
                                bottle("P4", "lactic-serum", 90))
                        .stream()
                        .filter(proposal -> proposal.kind() == Kind.FEED)
                        .map(Proposal::day)
                        .toList();
                for (int i = 1; i < days.size(); i++) {
                    assertThat(days.get(i)).isAfterOrEqualTo(days.get(i - 1).plusDays(3));
                }
            }
        }
    }
}
