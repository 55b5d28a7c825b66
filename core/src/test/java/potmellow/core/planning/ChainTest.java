package potmellow.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static potmellow.core.planning.Season.TODAY;
import static potmellow.core.planning.Season.note;
import static potmellow.core.planning.Season.once;
import static potmellow.core.planning.Season.plenty;
import static potmellow.core.planning.Season.steady;
import static potmellow.core.planning.Season.step;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import potmellow.core.book.Method;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.VesselKind;

/**
 * The chains of the craft, with days counted by hand. At 24 °C a day on the clock of lactic and bran brews is a day; "about 7 d"
 * reads 4.9 to 9.1 (common practice), so 10 mornings until it is surely ready.
 */
class ChainTest {
    private static final LocalDate BED = TODAY.plusDays(200);

    @Test
    void countsBackFromABedToTheFirstRinseOfRice() {
        Plan plan = new Planner(steady(24, plenty())).plan(List.of(bed()));

        assertThat(plan.notes()).noneMatch(note -> note.kind() == Note.Kind.LATE);
        assertThat(step(plan, "bokashi-bin").start())
                .as("14 d of filling, 21 d sealed, 28 d buried")
                .isEqualTo(BED.minusDays(63));
        assertThat(step(plan, "bokashi-bran").start())
                .as("21 d sealed, 3 d drying")
                .isEqualTo(BED.minusDays(63 + 24));
        assertThat(step(plan, "activated-culture").start()).as("9.1 d").isEqualTo(BED.minusDays(87 + 10));
        assertThat(step(plan, "lactic-serum-milk-rich").start()).as("9.1 d").isEqualTo(BED.minusDays(97 + 10));
        assertThat(step(plan, "rice-rinse-soured").start()).as("9 d").isEqualTo(BED.minusDays(107 + 9));
    }

    @Test
    void tellsTheHopefulDatesBesideTheSafeOnes() {
        Plan plan = new Planner(steady(24, plenty())).plan(List.of(bed()));

        Plan.Step bin = step(plan, "bokashi-bin");
        assertThat(bin.hopeful()).as("14 + 14 + 14 d").isEqualTo(bin.start().plusDays(42));
        assertThat(bin.safe()).isEqualTo(BED);
        assertThat(bin.emptied())
                .as("buried when it surely is pickled")
                .isEqualTo(bin.start().plusDays(35));
        Plan.Step bran = step(plan, "bokashi-bran");
        assertThat(bran.hopeful()).as("14 + 2 d").isEqualTo(bran.start().plusDays(16));
    }

    @Test
    void makesTheJuiceBeforeTheLiquidAndTheRiceWithinTheHourOfItsSugar() {
        LocalDate by = TODAY.plusDays(60);
        Plan plan = new Planner(steady(22, plenty())).plan(List.of(once("forest-liquid", 8, by)));

        Plan.Step liquid = step(plan, "forest-liquid");
        assertThat(liquid.start()).as("36 h").isEqualTo(by.minusDays(2));
        assertThat(LocalTime.ofInstant(liquid.setAt(), Season.ZONE)).isEqualTo(LocalTime.of(20, 0));
        assertThat(step(plan, "plant-juice-open").start()).as("10 d at 22 °C").isEqualTo(by.minusDays(12));
        Plan.Step kept = step(plan, "forest-kept");
        assertThat(kept.start()).as("ready at once").isEqualTo(by.minusDays(2));
        Plan.Step rice = step(plan, "forest-rice-buried");
        assertThat(rice.start()).as("6.5 d").isEqualTo(by.minusDays(2 + 7));
        assertThat(rice.safe()).as("within the hour").isEqualTo(kept.start());
        assertThat(liquid.inputs())
                .contains(kept.id(), step(plan, "plant-juice-open").id());
    }

    @Test
    void carriesAmountsBackThroughTheYields() {
        // Serum gives 0.65 L per L of milk and all of the rinse (from memory), so 6.5 L want 8.67 L of milk and 0.87 L
        // of rinse.
        Plan plan = new Planner(steady(24, plenty())).plan(List.of(once("lactic-serum", 6.5, BED)));

        Plan.Step serum = step(plan, "lactic-serum-milk-rich");
        assertThat(serum.recipe().part("milk").orElseThrow().measured().base()).isCloseTo(8667, within(50.0));
        // A cup of rice, 0.201 kg, holds 0.35 L a kg of its two cups of water (from memory): 0.851 L comes off 1 L.
        Plan.Step rinse = step(plan, "rice-rinse-soured");
        assertThat(rinse.uses().get(0).amount().litres()).isCloseTo(0.87, within(0.01));
        assertThat(rinse.recipe().part("water").orElseThrow().measured().base())
                .isCloseTo(0.87 / 0.851 * 1000, within(20.0));
    }

    /** 100 g of leaves give 100 mL, which keep a year: enough for both of two splashes ten weeks apart. */
    @Test
    void topsOneBatchUpBeforeItBeginsASecondTinyOne() {
        Goal first = new Goal.Once("first", "plant-juice", Volume.ofMillilitres(40), TODAY.plusDays(30));
        Goal second = new Goal.Once("second", "plant-juice", Volume.ofMillilitres(50), TODAY.plusDays(100));
        Plan plan = new Planner(steady(22, plenty())).plan(List.of(first, second));

        assertThat(plan.steps()).hasSize(1);
        Plan.Step juice = plan.steps().get(0);
        assertThat(juice.recipe().part("plant").orElseThrow().mass().grams()).isCloseTo(100, within(1.0));
        assertThat(juice.spare(UnitSystem.METRIC).orElseThrow())
                .startsWith("10 mL ")
                .contains("is left over. It keeps 365 days")
                .contains("At the usual 1:500 it makes");
    }

    @Test
    void carriesKitchenWasteBackToTheBran() {
        Plan plan = new Planner(steady(24, plenty())).plan(List.of(bed()));

        Plan.Step bin = step(plan, "bokashi-bin");
        double waste = ((Mass) bin.recipe().part("waste").orElseThrow().measured()).kilograms();
        double bran = ((Mass) bin.recipe().part("bran").orElseThrow().measured()).kilograms();
        assertThat(bran / waste).as("25 g per kg (from memory)").isCloseTo(0.025, within(0.001));
        Plan.UsedFor use = step(plan, "bokashi-bran").uses().get(0);
        assertThat(use.amount().litres()).as("at 0.25 kg/L").isCloseTo(bran / 0.25, within(0.01));
        assertThat(use.step()).contains(bin.id());
    }

    @Test
    void usesBottlesFirst() {
        Stored bottle =
                Stored.bottle("P7", "Galley serum", "lactic-serum", Volume.ofLitres(2), TODAY, TODAY.plusDays(150));
        Workshop workshop = Season.storing(steady(24, plenty()), bottle);

        Plan plan = new Planner(workshop).plan(List.of(once("activated-culture", 6, TODAY.plusDays(60))));

        assertThat(plan.steps()).extracting(step -> step.method().id()).containsExactly("activated-culture");
        assertThat(plan.taken()).singleElement().satisfies(taken -> {
            assertThat(taken.stored().code()).isEqualTo("P7");
            assertThat(taken.use().amount().litres()).as("6 L ÷ 12").isCloseTo(0.5, within(0.01));
        });
    }

    @Test
    void usesNoBottlePastItsDay() {
        Stored bottle = Stored.bottle("P7", "Old serum", "lactic-serum", Volume.ofLitres(2), TODAY, TODAY.plusDays(20));
        Workshop workshop = Season.storing(steady(24, plenty()), bottle);

        Plan plan = new Planner(workshop).plan(List.of(once("activated-culture", 6, TODAY.plusDays(60))));

        assertThat(plan.taken()).isEmpty();
        assertThat(plan.steps()).extracting(step -> step.method().id()).contains("lactic-serum-milk-rich");
    }

    @Test
    void waitsForAPotThatWorksRatherThanMakingAnother() {
        Stored pot = new Stored(
                "B1",
                "Serum",
                "lactic-serum",
                Volume.ofLitres(2),
                TODAY.plusDays(3),
                TODAY.plusDays(6),
                TODAY.plusDays(180),
                Optional.of("pot"),
                Optional.empty());
        Workshop workshop = Season.storing(steady(24, plenty()), pot);

        Plan plan = new Planner(workshop).plan(List.of(once("activated-culture", 6, TODAY.plusDays(12))));

        assertThat(plan.steps()).extracting(step -> step.method().id()).containsExactly("activated-culture");
        assertThat(plan.steps().get(0).start())
                .as("not before the serum is there")
                .isEqualTo(TODAY.plusDays(6));
        assertThat(plan.outcomes().get(0).lateDays()).as("6 + 10 − 12 d").isEqualTo(4);
    }

    @Test
    void sharesABatchBetweenWhatIsNeededWithinEightWeeks() {
        Goal juice = new Goal.Season(
                "beans", "plant-juice", Volume.ofMillilitres(400), TODAY.plusDays(30), TODAY.plusDays(72), 14);

        Plan plan = new Planner(steady(22, plenty())).plan(List.of(juice));

        assertThat(plan.steps()).singleElement().satisfies(step -> {
            assertThat(step.uses()).hasSize(4);
            assertThat(step.amount().litres()).isCloseTo(1.6, within(0.001));
            assertThat(step.safe()).isEqualTo(TODAY.plusDays(30));
        });
    }

    @Test
    void splitsWhatOneVesselDoesNotHold() {
        List<Vat> jars = List.of(Season.vat("J1", VesselKind.JAR, 3), Season.vat("J2", VesselKind.JAR, 3));

        Plan plan = new Planner(steady(22, jars)).plan(List.of(once("plant-juice", 1.5, BED)));

        assertThat(plan.steps()).hasSize(2);
        assertThat(plan.steps()).extracting(step -> step.vat().id()).containsExactlyInAnyOrder("J1", "J2");
        assertThat(plan.outcomes().get(0).missing().millilitres()).isZero();
    }

    @Test
    void setsNothingSoEarlyThatItTurns() {
        // Two days after its rinse is sour it is no good (common practice), and 9 − 5 d is more than that.
        Plan plan = new Planner(steady(24, plenty())).plan(List.of(once("lactic-serum", 2, BED)));

        Plan.Step rinse = step(plan, "rice-rinse-soured");
        Plan.Step serum = step(plan, "lactic-serum-milk-rich");
        assertThat(serum.start()).isBetween(rinse.safe(), rinse.safe().plusDays(2));
        assertThat(note(plan, Note.Kind.TURNS).words())
                .startsWith("Soured rice rinse set on ")
                .contains("may be ready by " + Days.words(rinse.start().plusDays(5), TODAY))
                .contains("keeps 2 days")
                .contains("wanted on " + Days.words(serum.start(), TODAY));
        assertThat(note(plan, Note.Kind.TURNS).steps()).containsExactly(rinse.id());
    }

    @Test
    void saysNothingOfTurningWhereItKeepsLongEnough() {
        Plan plan = new Planner(steady(22, plenty())).plan(List.of(once("plant-juice", 1, BED)));

        assertThat(Season.notes(plan, Note.Kind.TURNS)).isEmpty();
    }

    @Test
    void takesTheWayAndThePlaceThatAreSettled() {
        Workshop workshop = Season.workshop(
                        List.of(Season.indoors("Shelf", 22), Season.indoors("Cool room", 12)), plenty(), Season.dry(12))
                .choosing(Choices.none()
                        .withMethod("plant-juice", "plant-juice-packed")
                        .withSpot("plant-juice", "Cool room"));

        Plan.Step juice = new Planner(workshop)
                .plan(List.of(once("plant-juice", 1, BED)))
                .steps()
                .get(0);

        assertThat(juice.method().id()).isEqualTo("plant-juice-packed");
        assertThat(juice.spot().name()).isEqualTo("Cool room");
        assertThat(juice.start()).as("colder, so longer than 21 d").isBefore(BED.minusDays(40));
    }

    @Test
    void buysWhatIsSettledToBeBought() {
        Workshop workshop = steady(24, plenty()).choosing(Choices.none().withBought("lactic-serum"));

        Plan plan = new Planner(workshop).plan(List.of(once("activated-culture", 6, BED)));

        assertThat(plan.steps()).extracting(step -> step.method().id()).containsExactly("activated-culture");
        assertThat(plan.bought()).singleElement().satisfies(bought -> {
            assertThat(bought.product().id()).isEqualTo("lactic-serum");
            assertThat(bought.use().day()).isEqualTo(BED.minusDays(10));
        });
    }

    @Test
    void fillsABinInAsManyDaysAsTheGardenerSays() {
        Workshop quick = steady(24, plenty()).choosing(new Choices(Map.of(), Map.of(), Set.of(), 5));

        Plan plan = new Planner(quick).plan(List.of(bed()));

        assertThat(step(plan, "bokashi-bin").start()).isEqualTo(BED.minusDays(63 - 14 + 5));
    }

    @Test
    void marksTheChainThatMustNotSlip() {
        Plan plan = new Planner(steady(24, plenty())).plan(List.of(bed()));

        assertThat(plan.steps()).allSatisfy(step -> {
            assertThat(step.critical()).as(step.method().id()).isTrue();
            assertThat(step.slackDays()).isZero();
            assertThat(step.latest()).isEqualTo(step.start());
        });
    }

    @Test
    void explainsEveryDay() {
        Plan plan = new Planner(steady(24, plenty())).plan(List.of(bed()));

        assertThat(step(plan, "bokashi-bin").working().steps())
                .extracting(step -> step.words() + " " + step.result())
                .contains(
                        "It is filled bit by bit; the clock starts at the last fill. 14 days",
                        "It takes so long. 14 to 21 days",
                        "At Shelf, as warm as it is forecast or usual then, the late end comes after: 21 days",
                        "Then it is buried, before anything is planted there. 14 to 28 days");
        assertThat(step(plan, "bokashi-bin").working().value()).isEqualTo(BED.minusDays(63));
    }

    @Test
    void listsWhatToGatherOnItsDayAndWhatToBuyByTheWeek() {
        LocalDate wednesday = TODAY.plusDays(44);
        Goal juice = once("plant-juice", 1, wednesday);
        Goal more = new Goal.Once("more", "plant-juice", Volume.ofLitres(1), wednesday.plusDays(70));

        Plan plan = new Planner(steady(22, plenty())).plan(List.of(juice, more));

        assertThat(plan.gathered())
                .filteredOn(gathered -> gathered.material().id().equals("soft-leaves"))
                .extracting(Plan.Gathered::day)
                .containsExactly(wednesday.minusDays(10), wednesday.plusDays(60));
        assertThat(plan.gathered())
                .filteredOn(gathered -> gathered.material().id().equals("raw-sugar"))
                .allSatisfy(
                        gathered -> assertThat(gathered.day().getDayOfWeek()).isEqualTo(DayOfWeek.MONDAY));
    }

    @Test
    void addsUpWhatIsBoughtInOneWeek() {
        LocalDate by = TODAY.plusDays(44);
        List<Vat> jars = List.of(Season.vat("J1", VesselKind.JAR, 3), Season.vat("J2", VesselKind.JAR, 3));

        Plan plan = new Planner(steady(22, jars)).plan(List.of(once("plant-juice", 1.5, by)));

        assertThat(plan.steps()).hasSize(2);
        assertThat(plan.gathered())
                .filteredOn(gathered -> gathered.material().id().equals("raw-sugar"))
                .singleElement()
                .satisfies(gathered -> {
                    assertThat(gathered.forSteps()).hasSize(2);
                    assertThat(gathered.amount().base())
                            .as("750 g for each of two jars")
                            .isCloseTo(1500, within(15.0));
                });
    }

    @Test
    void countsOwnYields() {
        Workshop is = steady(22, plenty());
        Workshop own = new Workshop(
                is.book(),
                is.units(),
                is.zone(),
                is.today(),
                is.outdoors(),
                is.tap(),
                is.canLift(),
                is.spots(),
                is.vats(),
                is.stored(),
                is.choices(),
                is.expectation(),
                (Method method) -> 0.8);

        Plan plan = new Planner(own).plan(List.of(once("plant-juice", 1, BED)));

        assertThat(plan.steps()
                        .get(0)
                        .recipe()
                        .part("plant")
                        .orElseThrow()
                        .measured()
                        .base())
                .as("1 L ÷ 0.8")
                .isCloseTo(1250, within(6.0));
    }

    private static Goal bed() {
        // 6.3 kg of solids in the ground, at 0.9 kg per kg of waste
        return once("bin-solids", 9, BED);
    }
}
