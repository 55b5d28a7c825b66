package potmellow.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static potmellow.core.planning.Season.TODAY;
import static potmellow.core.planning.Season.note;
import static potmellow.core.planning.Season.notes;
import static potmellow.core.planning.Season.once;
import static potmellow.core.planning.Season.plenty;
import static potmellow.core.planning.Season.steady;
import static potmellow.core.planning.Season.step;
import static potmellow.core.planning.Season.vat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.Light;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.place.PlaceKind;
import potmellow.core.rule.Finding;
import potmellow.core.vessel.VesselKind;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.Weather;

class PlannerTest {
    static IntStream seeds() {
        return IntStream.rangeClosed(1, 12);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void putsNoTwoBatchesIntoOneVesselAtATime(int seed) {
        Plan plan = new Planner(BusySeason.garden(12)).plan(BusySeason.goals(seed, 30));

        Map<String, List<Plan.Step>> byVat = plan.steps().stream()
                .collect(Collectors.groupingBy(step -> step.vat().id()));
        byVat.values().forEach(steps -> {
            List<Plan.Step> inOrder = steps.stream()
                    .sorted(Comparator.comparing(Plan.Step::start).thenComparing(Plan.Step::emptied))
                    .toList();
            for (int i = 1; i < inOrder.size(); i++) {
                assertThat(inOrder.get(i).start())
                        .isAfterOrEqualTo(inOrder.get(i - 1).emptied());
            }
        });
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void usesNothingPastItsKeepingAndNothingBeforeItIsReady(int seed) {
        Plan plan = new Planner(BusySeason.garden(12)).plan(BusySeason.goals(seed, 30));

        Map<String, Plan.Step> byId = byId(plan);
        for (Plan.Step step : plan.steps()) {
            for (Plan.UsedFor use : step.uses()) {
                int keeps = Chains.keepDays(step.method(), step.product());
                assertThat(use.day())
                        .as(step + " for " + use)
                        .isBeforeOrEqualTo(step.safe().plusDays(keeps));
                use.step().map(byId::get).ifPresent(pot -> {
                    assertThat(step.safe()).as(step + " before " + pot).isBeforeOrEqualTo(pot.start());
                });
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void fillsOnlyVesselsThatHoldTheBatchWithItsHeadspace(int seed) {
        Plan plan = new Planner(BusySeason.garden(12)).plan(BusySeason.goals(seed, 30));

        assertThat(plan.steps())
                .allSatisfy(step ->
                        assertThat(step.recipe().refusals()).as(step.toString()).isEmpty());
    }

    /** Section 15 of the handbook of the craft: 25 g of bran for three weeks is no batch, nor a heap of half a litre. */
    @ParameterizedTest
    @MethodSource("seeds")
    void brewsOnlyWhatSomebodyWouldBrew(int seed) {
        Plan plan = new Planner(BusySeason.garden(12)).plan(BusySeason.goals(seed, 30));

        assertThat(plan.steps()).isNotEmpty().allSatisfy(step -> {
            assertThat(step.recipe().findings())
                    .as(step.toString())
                    .extracting(Finding::rule)
                    .doesNotContain("too-small");
            double used = step.uses().stream()
                    .mapToDouble(use -> use.amount().litres())
                    .sum();
            boolean over = used < step.amount().litres() * 0.95;
            assertThat(step.spare(UnitSystem.METRIC).isPresent())
                    .as(step.toString())
                    .isEqualTo(over);
        });
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void bringsForthAsMuchAsIsWanted(int seed) {
        Plan plan = new Planner(BusySeason.garden(12)).plan(BusySeason.goals(seed, 30));

        Map<String, Double> used = new HashMap<>();
        plan.steps().forEach(step -> {
            double out = step.uses().stream()
                    .mapToDouble(use -> use.amount().litres())
                    .sum();
            assertThat(out)
                    .as(step.toString())
                    .isLessThanOrEqualTo(step.amount().litres() * 1.000001);
            step.uses()
                    .forEach(use -> use.goal()
                            .ifPresent(goal -> used.merge(goal, use.amount().litres(), Double::sum)));
        });
        plan.outcomes().forEach(outcome -> {
            double wanted = outcome.portions().stream()
                    .mapToDouble(portion -> portion.wanted().amount().litres()
                            - portion.missing().litres())
                    .sum();
            assertThat(used.getOrDefault(outcome.goal().id(), 0.0))
                    .as(outcome.goal().toString())
                    .isCloseTo(wanted, within(0.01));
        });
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void isNeverWorseThanTheGreedyPlan(int seed) {
        Planner planner = new Planner(BusySeason.garden(9));
        List<Goal> goals = BusySeason.goals(seed, 30);

        Quality greedy = planner.greedily(goals);
        Quality planned = planner.quality(goals, List.of());

        assertThat(greedy.betterThan(planned))
                .as(planned + " against " + greedy)
                .isFalse();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void plansTheSameGardenAlikeEveryTime(int seed) {
        Function<Integer, Plan> plan = any -> new Planner(BusySeason.garden(9)).plan(BusySeason.goals(seed, 30));

        assertThat(plan.apply(1).kept()).isEqualTo(plan.apply(2).kept());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void movesNothingWhereNothingChanged(int seed) {
        List<Goal> goals = BusySeason.goals(seed, 20);
        Plan before = new Planner(BusySeason.garden(15)).plan(goals);

        Plan after = new Planner(BusySeason.garden(15)).replan(goals, before.kept());

        assertThat(after.moved()).isEmpty();
        assertThat(after.kept()).containsExactlyInAnyOrderElementsOf(before.kept());
    }

    @Test
    void movesFewerStepsThanPlanningAfresh() {
        int moved = 0;
        int afresh = 0;
        for (int seed : seeds().toArray()) {
            List<Goal> goals = BusySeason.goals(seed, 40);
            Plan before = new Planner(BusySeason.garden(10)).plan(goals);
            List<Goal> more = new ArrayList<>(goals);
            more.add(new Goal.Once("more", "plant-juice", Volume.ofLitres(1), TODAY.plusDays(90)));
            more.add(new Goal.Once("serum", "lactic-serum", Volume.ofLitres(2), TODAY.plusDays(60)));
            moved += new Planner(BusySeason.garden(10))
                    .replan(more, before.kept())
                    .moved()
                    .size();
            afresh += moves(before, new Planner(BusySeason.garden(10)).plan(more));
        }

        assertThat(moved).isLessThan(afresh);
    }

    private static int moves(Plan before, Plan after) {
        Map<String, Kept> kept = before.kept().stream().collect(Collectors.toMap(Kept::step, claim -> claim));
        return (int) after.kept().stream()
                .filter(now ->
                        kept.containsKey(now.step()) && !kept.get(now.step()).equals(now))
                .count();
    }

    @Test
    void improvesOnTheGreedyPlanWhereVesselsAreFew() {
        Planner planner = new Planner(BusySeason.garden(15));
        List<Goal> goals = BusySeason.goals(1, 60);

        assertThat(planner.quality(goals, List.of()).lateDays())
                .isLessThan(planner.greedily(goals).lateDays());
    }

    @Test
    void givesAnaerobicLiquidAVesselOfItsOwn() {
        List<Vat> buckets = List.of(vat("B1", VesselKind.BUCKET, 20), vat("B2", VesselKind.BUCKET, 20));
        Goal nettles = once("nettle-liquid", 5, TODAY.plusDays(60));
        Goal serum = once("lactic-serum", 5, TODAY.plusDays(160));

        Plan plan = new Planner(steady(20, withJar(buckets))).plan(List.of(nettles, serum));

        assertThat(step(plan, "lactic-serum-milk-rich").vat().id())
                .isNotEqualTo(step(plan, "nettle-tea").vat().id());
    }

    @Test
    void saysWhenItCannotBeDoneInTimeAndByHowMany() {
        Plan plan = new Planner(steady(22, plenty())).plan(List.of(once("plant-juice", 1, TODAY.plusDays(6))));

        assertThat(note(plan, Note.Kind.LATE).words())
                .isEqualTo(
                        "Juice for Sun 8 Mar will surely be there only on Thu 12 Mar: 4 days late, with luck on Mon 9 Mar.");
        assertThat(plan.outcomes().get(0).lateDays()).isEqualTo(4);
    }

    @Test
    void triesAWarmerPlaceAShorterWayLessAndLater() {
        Workshop workshop = Season.workshop(
                        List.of(Season.indoors("Cool room", 14), Season.indoors("Cupboard", 26)),
                        plenty(),
                        Season.dry(9))
                .choosing(Choices.none()
                        .withMethod("plant-juice", "plant-juice-packed")
                        .withSpot("plant-juice", "Cool room"));

        Plan plan = new Planner(workshop).plan(List.of(once("plant-juice", 1, TODAY.plusDays(14))));

        List<Note.Remedy> remedies = note(plan, Note.Kind.LATE).remedies();
        assertThat(remedies)
                .extracting(Note.Remedy::kind)
                .contains(Note.Remedy.Kind.WARMER_PLACE, Note.Remedy.Kind.SHORTER_SCHOOL, Note.Remedy.Kind.LATER);
        assertThat(remedies)
                .filteredOn(remedy -> remedy.kind() == Note.Remedy.Kind.WARMER_PLACE)
                .singleElement()
                .satisfies(remedy -> {
                    assertThat(remedy.words()).startsWith("Put juice where it is warmer: Cupboard: ");
                    assertThat(remedy.target()).isEqualTo("Cupboard");
                });
    }

    @Test
    void offersToBuyTheFirstInput() {
        Plan plan = new Planner(steady(24, plenty())).plan(List.of(once("activated-culture", 6, TODAY.plusDays(15))));

        assertThat(note(plan, Note.Kind.LATE).remedies())
                .filteredOn(remedy -> remedy.kind() == Note.Remedy.Kind.BUY)
                .extracting(Note.Remedy::words)
                .contains("Buy or beg serum: then it is in time");
    }

    @Test
    void keepsItsPromiseForEveryRemedy() {
        Workshop workshop = steady(24, plenty());
        Goal goal = once("activated-culture", 6, TODAY.plusDays(15));
        Plan late = new Planner(workshop).plan(List.of(goal));

        Plan bought = new Planner(workshop.choosing(Choices.none().withBought("lactic-serum"))).plan(List.of(goal));
        Note.Remedy later = note(late, Note.Kind.LATE).remedies().stream()
                .filter(remedy -> remedy.kind() == Note.Remedy.Kind.LATER)
                .findFirst()
                .orElseThrow();
        Plan putOff = new Planner(workshop).plan(List.of(goal.later(later.days())));

        assertThat(bought.outcomes().get(0).lateDays()).isZero();
        assertThat(putOff.outcomes().get(0).lateDays()).isZero();
    }

    /** What would help is tried for the notes that are read, and once each; it must not grow with a season's portions. */
    @Test
    void triesOutNoMoreForAWholeSeasonThanForOneTime() {
        List<Vat> few = List.of(vat("J1", VesselKind.JAR, 3), vat("B1", VesselKind.BUCKET, 10));
        assertThat(tried(few, 180)).isLessThanOrEqualTo(2 * tried(few, 0)).isLessThan(60);
    }

    private static int tried(List<Vat> vats, int days) {
        List<Goal> goals = List.of("activated-culture", "lactic-serum", "compost-tea", "plant-juice").stream()
                .<Goal>map(product -> days == 0
                        ? once(product, 3, TODAY.plusDays(14))
                        : new Goal.Season(
                                product,
                                product,
                                Volume.ofLitres(3),
                                TODAY.plusDays(14),
                                TODAY.plusDays(14L + days),
                                7))
                .toList();
        Planner planner = new Planner(steady(20, vats));
        planner.plan(goals);
        return planner.tried();
    }

    @Test
    void saysThatOnlyVesselsAreMissing() {
        List<Vat> one = List.of(vat("J1", VesselKind.JAR, 3));
        Goal first = once("plant-juice", 0.7, TODAY.plusDays(11));
        Goal second = once("shell-calcium", 0.5, TODAY.plusDays(12));

        Plan plan = new Planner(steady(22, one)).plan(List.of(first, second));

        assertThat(note(plan, Note.Kind.CLASH).words())
                .contains("There is time enough, but J1 is taken: one more jar of 3 L would do.");
    }

    @Test
    void offersLessWhereASmallerAmountFitsAnotherVessel() {
        List<Vat> vats = List.of(vat("J1", VesselKind.JAR, 3), vat("J2", VesselKind.JAR, 1.6));
        Goal juice = once("plant-juice", 0.7, TODAY.plusDays(11));
        Goal calcium = once("shell-calcium", 0.7, TODAY.plusDays(12));

        Plan plan = new Planner(steady(22, vats)).plan(List.of(juice, calcium));

        assertThat(note(plan, Note.Kind.CLASH).remedies())
                .extracting(Note.Remedy::kind)
                .contains(Note.Remedy.Kind.LESS);
    }

    @Test
    void saysThatNoVesselHoldsIt() {
        Plan none = new Planner(steady(22, List.of(vat("J1", VesselKind.JAR, 3))))
                .plan(List.of(once("bin-solids", 9, TODAY.plusDays(120))));
        Plan tooMuch = new Planner(steady(22, List.of(vat("J1", VesselKind.JAR, 1))))
                .plan(List.of(once("plant-juice", 40, TODAY.plusDays(120))));

        assertThat(note(none, Note.Kind.NO_VESSEL).words()).startsWith("You have no bin with tap for ");
        assertThat(note(tooMuch, Note.Kind.NO_VESSEL).words())
                .isEqualTo(
                        "No jar or bucket of yours holds 40 L of juice, not even split over eight, nor can be lifted so full.");
        assertThat(tooMuch.outcomes().get(0).missing().litres()).isEqualTo(40);
    }

    @Test
    void saysThatNothingInTheBookMakesIt() {
        Plan plan = new Planner(steady(22, plenty())).plan(List.of(once("bin-liquid", 1, TODAY.plusDays(60))));

        assertThat(note(plan, Note.Kind.NO_WAY).words())
                .isEqualTo("Nothing in the book makes bin liquid: it comes along with something else, or is bought.");
    }

    @Test
    void saysWhereAndFromWhenItIsTooCold() {
        Workshop workshop = Season.workshop(List.of(Season.indoors("Ice house", -2)), plenty(), Season.dry(-2));

        Plan plan = new Planner(workshop).plan(List.of(once("plant-juice", 1, TODAY.plusDays(60))));

        assertThat(note(plan, Note.Kind.TOO_COLD).words())
                .startsWith("At Ice house it is too cold for juice from today on");
    }

    @Test
    void warnsOfFrostAndOffersAPlaceOutOfIt() {
        Weather winter = day -> new DayWeather(day, -4, 20, 0, 1, DayWeather.Origin.USUAL);
        Workshop workshop = Season.workshop(
                        List.of(
                                new Spot("Wall", "Wall", PlaceKind.WALL.usual(), Light.SHADE, true),
                                new Spot("Step", "Step", PlaceKind.COMPOST_WARM.usual(), Light.SHADE, true)),
                        plenty(),
                        winter)
                .choosing(Choices.none().withSpot("weed-liquid", "Wall"));

        Plan plan = new Planner(workshop).plan(List.of(once("weed-liquid", 5, TODAY.plusDays(300))));

        assertThat(note(plan, Note.Kind.FROST).words())
                .contains("must stand frost-free")
                .contains("Wall isn't");
        assertThat(note(plan, Note.Kind.FROST).remedies())
                .anySatisfy(remedy -> assertThat(remedy.target()).isEqualTo("Step"));
    }

    @Test
    void choosesAFrostFreePlaceItself() {
        Weather winter = day -> new DayWeather(day, -4, 20, 0, 1, DayWeather.Origin.USUAL);
        Workshop workshop = Season.workshop(
                List.of(
                        new Spot("Wall", "Wall", PlaceKind.WALL.usual(), Light.SHADE, true),
                        new Spot("Heap", "Heap", PlaceKind.COMPOST_WARM.usual(), Light.SHADE, true)),
                plenty(),
                winter);

        Plan plan = new Planner(workshop).plan(List.of(once("weed-liquid", 5, TODAY.plusDays(300))));

        assertThat(plan.steps().get(0).spot().name()).isEqualTo("Heap");
        assertThat(notes(plan, Note.Kind.FROST)).isEmpty();
    }

    @Test
    void setsRiceOnADayAfterTwoDryOnes() {
        // Forecast rain on days 5 to 8; the rice wants two dry days before.
        Weather forecast = day -> {
            long ahead = day.toEpochDay() - TODAY.toEpochDay();
            return new DayWeather(
                    day,
                    9,
                    15,
                    ahead >= 5 && ahead <= 8 ? 6 : 0,
                    2,
                    ahead > 10 ? DayWeather.Origin.USUAL : DayWeather.Origin.FORECAST);
        };
        Workshop workshop =
                Season.workshop(List.of(Season.indoors("Shelf", 22), Season.outdoors("Wood", 22)), plenty(), forecast);

        Plan plan = new Planner(workshop).plan(List.of(once("forest-kept", 1, TODAY.plusDays(15))));

        Plan.Step rice = step(plan, "forest-rice-buried");
        assertThat(rice.start())
                .as("day 8 would do for the days, but rain falls from day 5 on; the sugar moves with it")
                .isEqualTo(TODAY.plusDays(5));
        assertThat(rice.cautions()).containsExactly("Dry days are forecast before it. Keep rain off.");
        assertThat(rice.working().steps())
                .anySatisfy(step -> assertThat(step.words()).contains("rain or frost is foreseen later"));
    }

    @Test
    void warnsOfRainWhereNoDrierDayLeavesTime() {
        Weather wet = day -> new DayWeather(day, 9, 15, 6, 2, DayWeather.Origin.FORECAST);
        Workshop workshop =
                Season.workshop(List.of(Season.indoors("Shelf", 22), Season.outdoors("Wood", 22)), plenty(), wet);

        Plan plan = new Planner(workshop).plan(List.of(once("forest-kept", 1, TODAY.plusDays(20))));

        assertThat(note(plan, Note.Kind.RAIN).words()).contains("after dry days, and rain is forecast");
    }

    @Test
    void pushesWhatWaitsForAPotThatIsLate() {
        Workshop workshop = steady(24, plenty());
        Goal goal = once("activated-culture", 6, TODAY.plusDays(40));
        Plan before = new Planner(workshop).plan(List.of(goal));
        Plan.Step serum = step(before, "lactic-serum-milk-rich");
        Stored late = new Stored(
                "B4",
                "Serum",
                "lactic-serum",
                serum.amount(),
                TODAY.plusDays(30),
                TODAY.plusDays(36),
                TODAY.plusDays(200),
                Optional.of("pot"),
                Optional.of(serum.id()));

        Plan after = new Planner(Season.storing(workshop, late)).replan(List.of(goal), before.kept());

        assertThat(after.steps()).extracting(step -> step.method().id()).containsExactly("activated-culture");
        assertThat(after.moved()).singleElement().satisfies(moved -> {
            assertThat(moved.words()).isEqualTo("from Wed 1 Apr to Tue 7 Apr");
            assertThat(moved.why()).isEqualTo("B4 will surely be ready only on Tue 7 Apr.");
        });
        assertThat(after.outcomes().get(0).lateDays()).as("36 + 10 − 40 d").isEqualTo(6);
    }

    @Test
    void pullsWhatAPotThatWasSetEarlyGoesInto() {
        Workshop workshop = steady(24, plenty());
        Goal goal = once("lactic-serum", 3, TODAY.plusDays(90));
        Plan before = new Planner(workshop).plan(List.of(goal));
        Plan.Step rinse = step(before, "rice-rinse-soured");
        Stored early = new Stored(
                "J4",
                "Rinse",
                "soured-rinse",
                rinse.amount(),
                TODAY.plusDays(5),
                TODAY.plusDays(9),
                TODAY.plusDays(11),
                Optional.of("pot"),
                Optional.of(rinse.id()));

        Plan after = new Planner(Season.storing(workshop, early)).replan(List.of(goal), before.kept());

        assertThat(after.steps())
                .singleElement()
                .satisfies(serum -> assertThat(serum.start())
                        .as("serum keeps for half a year, the rinse for two days")
                        .isEqualTo(TODAY.plusDays(11)));
        assertThat(after.moved())
                .singleElement()
                .satisfies(moved ->
                        assertThat(moved.why()).isEqualTo("J4 is ready sooner, and keeps only to Fri 13 Mar."));
        assertThat(after.outcomes().get(0).lateDays()).isZero();
    }

    @Test
    void movesAStepThatWasMissedToToday() {
        Workshop workshop = steady(22, plenty());
        Goal goal = once("plant-juice", 1, TODAY.plusDays(20));
        Plan before = new Planner(workshop).plan(List.of(goal));

        Plan after = new Planner(Season.on(workshop, TODAY.plusDays(13))).replan(List.of(goal), before.kept());

        assertThat(after.steps().get(0).start()).isEqualTo(TODAY.plusDays(13));
        assertThat(after.moved())
                .singleElement()
                .satisfies(moved -> assertThat(moved.why()).isEqualTo("That day is over."));
        assertThat(note(after, Note.Kind.LATE).words()).contains("3 days late");
    }

    @Test
    void movesAStepOutOfAVesselThatIsTakenNow() {
        Goal goal = once("plant-juice", 0.7, TODAY.plusDays(14));
        List<Vat> jars = List.of(vat("J1", VesselKind.JAR, 3), vat("J2", VesselKind.JAR, 3));
        Plan before = new Planner(steady(22, jars)).plan(List.of(goal));
        List<Vat> taken = List.of(Season.busy(jars.get(0), TODAY.plusDays(30)), jars.get(1));

        Plan after = new Planner(steady(22, taken)).replan(List.of(goal), before.kept());

        assertThat(after.moved()).singleElement().satisfies(moved -> {
            assertThat(moved.words()).isEqualTo("into J2");
            assertThat(moved.why()).startsWith("Its vessel is wanted for something else");
        });
    }

    @Test
    void movesAStepForwardWhenItsGoalDoes() {
        Workshop workshop = steady(22, plenty());
        Goal goal = once("plant-juice", 1, TODAY.plusDays(40));
        Plan before = new Planner(workshop).plan(List.of(goal));

        Plan after = new Planner(workshop).replan(List.of(goal.later(-5)), before.kept());

        assertThat(after.steps().get(0).start()).isEqualTo(TODAY.plusDays(25));
        assertThat(after.moved())
                .singleElement()
                .satisfies(moved ->
                        assertThat(moved.why()).startsWith("Set then, it would be ready too late: it is needed by "));
    }

    @Test
    void dropsPortionsOfASeasonThatAreOver() {
        Goal season = new Goal.Season(
                "beans", "plant-juice", Volume.ofMillilitres(300), TODAY.minusDays(28), TODAY.plusDays(28), 14);

        Plan plan = new Planner(steady(22, plenty())).plan(List.of(season));

        assertThat(plan.outcomes().get(0).portions())
                .extracting(portion -> portion.wanted().day())
                .containsExactly(TODAY, TODAY.plusDays(14), TODAY.plusDays(28));
    }

    private static List<Vat> withJar(List<Vat> vats) {
        List<Vat> all = new ArrayList<>(vats);
        all.add(vat("J1", VesselKind.JAR, 3));
        return all;
    }

    private static Map<String, Plan.Step> byId(Plan plan) {
        return plan.steps().stream().collect(Collectors.toMap(Plan.Step::id, step -> step));
    }
}
