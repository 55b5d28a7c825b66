package potmellow.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.craft.Act;
import potmellow.core.lesson.Costs.Cost;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Dose;
import potmellow.core.practice.Happening;
import potmellow.core.practice.Inside;

/** Lessons with several pots, with a day on which something is needed, and with a bed to pour on. */
class SeveralPotsTest {
    private static final Lessons LESSONS = Lessons.load();
    private static final Lesson BUCKETS = LESSONS.lesson("six-buckets").orElseThrow();
    private static final Lesson CHAIN = LESSONS.lesson("chain-to-a-date").orElseThrow();
    private static final Lesson STRONG = LESSONS.lesson("too-strong").orElseThrow();
    private static final Lesson TO_BED = LESSONS.lesson("jar-to-bed").orElseThrow();
    private static final double DAY = 24;

    private static Doing does(double day, int pot, Doing.Kind kind) {
        return Doing.of(DAY * day, pot, kind);
    }

    private static Doing leaves(double hour, double parts) {
        return Doing.of(hour, 0, new Dose(parts, Dose.Way.LEAF));
    }

    private static Story story(Lesson lesson, Doing... doings) {
        return Story.of(new Play(lesson, List.of(doings)));
    }

    @Test
    void whatIsDoneToOnePotIsDoneToNoOther() {
        List<Doing> looks = List.of(does(5, 1, Doing.Kind.MEASURE), does(5, 3, Doing.Kind.LOOK));
        Play untouched = new Play(BUCKETS, looks);
        List<Doing> more = new ArrayList<>(List.of(does(3, 2, Doing.Kind.LOOSEN), does(4, 0, Doing.Kind.LOOK)));
        more.addAll(looks);
        Play touched = new Play(BUCKETS, more);
        for (int pot = 0; pot < BUCKETS.pots().size(); pot++) {
            boolean same = touched.at(DAY * 8)
                    .pots()
                    .get(pot)
                    .equals(untouched.at(DAY * 8).pots().get(pot));
            assertThat(same).as("pot " + pot).isEqualTo(pot != 0 && pot != 2);
        }
    }

    @Test
    void goesOnWhileOnePotHasEndedAndEndsWithTheLast() {
        List<Doing> doings = new ArrayList<>();
        for (int pot = 0; pot < BUCKETS.pots().size(); pot++) {
            assertThat(new Play(BUCKETS, doings).at(DAY * 4).over()).isFalse();
            doings.add(does(4, pot, Doing.Kind.THROW_AWAY));
        }
        Play.Scene scene = new Play(BUCKETS, doings).at(DAY * 4);
        assertThat(scene.over()).isTrue();
        assertThat(scene.pots())
                .allSatisfy(pot -> assertThat(pot.works()).isFalse())
                .allSatisfy(pot -> assertThat(pot.ended()).hasValue("threw it away"));
    }

    @Test
    void aLidThatGivesWayEndsThatBucketAlone() {
        Play play = new Play(BUCKETS, List.of());
        Play.PotScene tight = play.at(DAY * 10).pots().get(2);
        assertThat(tight.ended()).hasValue("the lid gave way");
        assertThat(tight.noticed().get(tight.noticed().size() - 1).what()).isEqualTo(Happening.What.BURSTS);
        assertThat(play.at(DAY * 10).over()).isFalse();
        Story late = story(BUCKETS, does(10, 2, Doing.Kind.STRAIN));
        assertThat(late.chapters().get(2).ending()).isEqualTo(Ending.BURST);
        assertThat(late.costs()).extracting(Cost::kind).contains(Cost.Kind.LITRES);
        assertThat(late.headline()).isEqualTo("0 of 6 pots ended well.");
    }

    @Test
    void windsOnToWhatAnyOfThemShowsNext() {
        Happening next = new Play(BUCKETS, List.of()).at(0).next().orElseThrow();
        Play.Scene then = new Play(BUCKETS, List.of()).at(next.hour());
        assertThat(then.pots().stream().flatMap(pot -> pot.noticed().stream())).contains(next);
    }

    @Test
    void aPotThatIsBegunWithAnotherWaitsForIt() {
        assertThat(new Play(CHAIN, List.of()).at(DAY).pots())
                .extracting(Play.PotScene::canBeSet)
                .containsExactly(true, false);
        Play begun = new Play(CHAIN, List.of(does(1, 0, Doing.Kind.SET), does(10, 0, Doing.Kind.STRAIN)));
        assertThat(begun.at(DAY * 10).pots())
                .extracting(Play.PotScene::canBeSet)
                .containsExactly(false, true);
        assertThat(begun.at(DAY * 10).over()).isFalse();
        Play gone = new Play(CHAIN, List.of(does(1, 0, Doing.Kind.SET), does(10, 0, Doing.Kind.THROW_AWAY)));
        assertThat(gone.at(DAY * 10).over()).isTrue();
    }

    /** What was not sour yet brings too little life along: what is begun with it takes longer. */
    @Test
    void whatIsBegunWithAPotThatWasNotDoneTakesLonger() {
        double ripe = parted(10);
        double early = parted(3);
        assertThat(early - 3).isGreaterThan(ripe - 10 + 1);
    }

    private static double parted(int drawn) {
        Play play = new Play(
                CHAIN,
                List.of(does(0, 0, Doing.Kind.SET), does(drawn, 0, Doing.Kind.STRAIN), does(drawn, 1, Doing.Kind.SET)));
        return play.at(CHAIN.hours()).pots().get(1).noticed().stream()
                .filter(happening -> happening.what() == Happening.What.CURD_PARTS)
                .mapToDouble(happening -> happening.hour() / DAY)
                .findFirst()
                .orElse(CHAIN.days());
    }

    @ParameterizedTest
    @CsvSource({"1, READY, on the day", "4, LATE, after the day"})
    void isThereOnItsDayOrNot(int begun, Ending ending, String words) {
        Story story = story(
                CHAIN,
                does(begun, 0, Doing.Kind.SET),
                does(begun + 9, 0, Doing.Kind.STRAIN),
                does(begun + 9, 1, Doing.Kind.SET),
                does(begun + 17, 1, Doing.Kind.STRAIN));
        assertThat(story.ending()).as(story.headline()).isEqualTo(ending);
        assertThat(story.headline()).contains(words);
    }

    @Test
    void nothingIsThereOnTheDayWhereTheLastWasThrownAwayHoweverRightly() {
        Lesson poor = new Lesson(
                "poor",
                "Poor",
                "",
                30,
                List.of(Setting.standing(Brew.PLANT_JUICE_OPEN, 5, 24, 2, Set.of())),
                Optional.of(20),
                false,
                "");
        Story story = story(poor, does(9, 0, Doing.Kind.THROW_AWAY));
        assertThat(story.chapters().get(0).ending()).isEqualTo(Ending.THREW_SPOILT_AWAY);
        assertThat(story.ending()).isEqualTo(Ending.LATE);
        assertThat(story.headline()).isEqualTo("The day came, and there was nothing.");
        assertThat(story(CHAIN).headline()).isEqualTo("The day came, and there was nothing.");
    }

    /** What is lost is told of the pot that it was lost from, whichever stands before it. */
    @Test
    void tellsWhatWasLostOfTheRightPot() {
        Setting bottle = STRONG.pots().get(0);
        Setting jar = Setting.standing(Brew.NETTLE_TEA, 3, 21, 2, Set.of());
        Lesson both = new Lesson("both", "Both", "", 30, List.of(bottle, jar), Optional.empty(), true, "");
        Story story = story(both, does(25, 1, Doing.Kind.THROW_AWAY));
        assertThat(story.chapters().get(0).ending()).isEqualTo(Ending.THREW_GOOD_AWAY);
        assertThat(story.costs())
                .filteredOn(cost -> cost.kind() == Cost.Kind.LITRES)
                .singleElement()
                .satisfies(cost -> assertThat(cost.amount()).isGreaterThan(5));
    }

    @Test
    void tellsOfEachPotFromTheDayOnWhichItWasSet() {
        Story story = story(CHAIN, does(5, 0, Doing.Kind.SET), does(8, 0, Doing.Kind.STRAIN));
        assertThat(story.chapters().get(0).curves().get(0).points().get(0).day())
                .isEqualTo(5);
        assertThat(story.chapters().get(1).ending()).isEqualTo(Ending.NEVER_SET);
        assertThat(story.chapters().get(1).curves()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "11, 500, POURED_WELL",
        "4, 500, POURED_WELL",
        "4, 10, SCORCHED",
        "4, 20, SCORCHED",
        "11, 0, SCORCHED",
        "11, 30, STICKY",
        "11, 20000, NEXT_TO_NOTHING"
    })
    void aBedShowsHowStrongAndWhenItWasPoured(double hour, double parts, Ending ending) {
        Story story = story(STRONG, leaves(hour, parts));
        assertThat(story.ending()).as(story.headline()).isEqualTo(ending);
        assertThat(story.chapters())
                .singleElement()
                .satisfies(bed -> assertThat(bed.doings()).hasSize(1));
    }

    @Test
    void theSameIsWorseAtNoonThanInTheEvening() {
        double noon = bed(leaves(4, 20));
        assertThat(noon).isGreaterThan(5 * bed(leaves(11, 20)));
        assertThat(bed(Doing.of(4, 0, new Dose(20, Dose.Way.SOIL)))).isZero();
    }

    private static double bed(Doing pour) {
        return new Play(STRONG, List.of(pour)).at(DAY * 3).bed().orElseThrow().scorched();
    }

    @Test
    void scorchedLeavesShowOnlyTheNextDay() {
        Play play = new Play(STRONG, List.of(leaves(4, 5)));
        assertThat(play.at(4).bed().orElseThrow().words()).isEqualTo("leaves sticky to the touch, a high sun");
        assertThat(play.at(DAY + 4).bed().orElseThrow().words()).startsWith("brown, dry leaves");
    }

    @Test
    void fromTheJarToTheBedNeedsBothToBeWell() {
        Story soon = story(
                TO_BED,
                does(3, 0, Doing.Kind.STRAIN),
                Doing.of(DAY * 3 + 11, 0, new Dose(20, Dose.Way.LEAF)),
                does(5, 0, Doing.Kind.LEAVE));
        assertThat(soon.chapters()).extracting(Chapter::ending).containsExactly(Ending.TOO_SOON, Ending.POURED_WELL);
        assertThat(soon.ending()).isEqualTo(Ending.TOO_SOON);
        assertThat(new Play(TO_BED, List.of(does(3, 0, Doing.Kind.THROW_AWAY)))
                        .at(DAY * 3)
                        .over())
                .isTrue();
    }

    @Test
    void tellsTheTimeByTheClockWhereTheSunCounts() {
        assertThat(STRONG.when(0)).isEqualTo("day 0, 8:00");
        assertThat(STRONG.when(17)).isEqualTo("day 1, 1:00");
        assertThat(CHAIN.when(48)).isEqualTo("day 2");
        assertThat(CHAIN.when(30)).isEqualTo("day 1, 6 h");
        assertThat(LESSONS.lesson("quiet-tea").orElseThrow().when(24)).isEqualTo("day 1, 0 h");
    }

    @Test
    void nothingIsDoneThatCannotBe() {
        assertRefused(CHAIN, "isn't set yet", does(1, 0, Doing.Kind.LOOK));
        assertRefused(CHAIN, "isn't strained yet", does(1, 0, Doing.Kind.SET), does(2, 1, Doing.Kind.SET));
        assertRefused(CHAIN, "set already", does(1, 0, Doing.Kind.SET), does(2, 0, Doing.Kind.SET));
        assertRefused(CHAIN, "2 pots", does(1, 4, Doing.Kind.SET));
        assertRefused(CHAIN, "no bed", does(1, 0, Doing.Kind.SET), leaves(30, 500));
        assertRefused(TO_BED, "can't be poured", leaves(30, 500));
        assertRefused(STRONG, "has ended", Doing.of(1, 0, Act.STIRRED));
        assertRefused(STRONG, "has ended", does(1, 0, Doing.Kind.LEAVE), leaves(30, 500));
        assertThatThrownBy(() -> new Doing(1, 0, Doing.Kind.POUR, Optional.empty(), Optional.empty()))
                .hasMessageContaining("dose");
        assertThatThrownBy(() -> does(1, 6, Doing.Kind.LOOK)).hasMessageContaining("6 pots");
        assertThatThrownBy(() -> new Dose(-1, Dose.Way.LEAF)).hasMessageContaining("100 000");
    }

    private static void assertRefused(Lesson lesson, String words, Doing... doings) {
        assertThatThrownBy(() -> new Play(lesson, List.of(doings))).hasMessageContaining(words);
    }

    /** What nobody would notice lies flat on its scale, and is told as what it is. */
    @Test
    void blowsNothingUpThatNobodyWouldNotice() {
        Inside stink = story(
                        CHAIN,
                        does(1, 0, Doing.Kind.SET),
                        does(10, 0, Doing.Kind.STRAIN),
                        does(10, 1, Doing.Kind.SET),
                        does(18, 1, Doing.Kind.STRAIN))
                .chapters()
                .get(1)
                .curves()
                .get(2);
        assertThat(stink.name()).isEqualTo("What stinks");
        assertThat(stink.range()).isEqualTo("hardly any");
        assertThat(stink.points())
                .allSatisfy(point ->
                        assertThat(point.value()).isLessThan(stink.low() + 0.1 * (stink.high() - stink.low())));
    }

    /** It is told how much too soon by one's own pot, had it been left, not by the old hand's. */
    @Test
    void tellsHowMuchTooSoonByOnesOwnPot() {
        Story story = story(
                CHAIN,
                does(0, 0, Doing.Kind.SET),
                does(9, 0, Doing.Kind.STRAIN),
                does(9, 1, Doing.Kind.SET),
                does(15, 1, Doing.Kind.STRAIN));
        double ripe = parted(9);
        assertThat(story.chapters().get(1).headline())
                .isEqualTo("You strained it about " + Math.round(ripe - 15) + " days too soon.");
    }
}
