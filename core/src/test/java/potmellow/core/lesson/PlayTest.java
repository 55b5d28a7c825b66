package potmellow.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.craft.Act;
import potmellow.core.lesson.Costs.Cost;
import potmellow.core.practice.Accident;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Happening;
import potmellow.core.practice.Happening.What;
import potmellow.core.practice.Inside;
import potmellow.core.practice.Sight;

/** Lessons, as they are played. */
class PlayTest {
    private static final Lessons LESSONS = Lessons.load();

    static Stream<Lesson> lessons() {
        return LESSONS.all().stream();
    }

    private static Lesson lesson(String id) {
        return LESSONS.lesson(id).orElseThrow();
    }

    private static Lesson free(Brew brew, double swing, int days, Accident... accidents) {
        Setting pot = Setting.standing(brew, 3, 22, swing, Set.of(accidents));
        return new Lesson("free", "Free", "", days, List.of(pot), Optional.empty(), false, "");
    }

    private static Sight sight(Play play, double hour) {
        return play.at(hour).pots().get(0).sight().orElseThrow();
    }

    private static double readyFrom(Lesson lesson) {
        return Story.of(new Play(lesson, List.of()))
                .chapters()
                .get(0)
                .readyFrom()
                .orElseThrow();
    }

    private static Play stirred(Lesson lesson, int days, Doing.Kind end) {
        List<Doing> doings = new ArrayList<>();
        for (int day = 1; day <= days; day++) {
            doings.add(Doing.of(24 * day, 0, Act.STIRRED));
        }
        doings.add(Doing.of(24 * days + 1, 0, end));
        return new Play(lesson, doings);
    }

    @ParameterizedTest
    @MethodSource("lessons")
    void anOldHandEndsEachLessonWell(Lesson lesson) {
        Story story = Story.of(OldHand.of(lesson).play());
        assertThat(story.ending().well()).as(story.headline()).isTrue();
        assertThat(story.costs()).isEmpty();
        assertThat(story.take()).isEqualTo(lesson.take());
    }

    @ParameterizedTest
    @MethodSource("lessons")
    void whoeverNeverComesDoesNot(Lesson lesson) {
        Story story = Story.of(new Play(lesson, List.of()));
        assertThat(story.ending().well()).isFalse();
        assertThat(story.chapters()).isNotEmpty().allSatisfy(part -> {
            assertThat(part.doings()).isEmpty();
            assertThat(part.oldHand()).isNotEmpty();
            assertThat(part.curves()).allSatisfy(curve -> {
                assertThat(curve.points()).hasSizeBetween(10, 260);
                assertThat(curve.points()).extracting(Inside.OnDay::day).isSorted();
            });
        });
    }

    @ParameterizedTest
    @CsvSource({"2, TOO_SOON", "9, READY", "20, READY"})
    void theFirstJarIsStrainedWhenItIsReady(int day, Ending ending) {
        assertThat(Story.of(stirred(lesson("first-jar"), day, Doing.Kind.STRAIN))
                        .ending())
                .isEqualTo(ending);
    }

    @Test
    void tellsHowFarOffAChoiceWas() {
        Story soon = Story.of(stirred(lesson("first-jar"), 4, Doing.Kind.STRAIN));
        assertThat(soon.headline()).matches("You strained it about \\d days too soon\\.");
        assertThat(soon.costs()).anySatisfy(cost -> {
            assertThat(cost.kind()).isEqualTo(Cost.Kind.DAYS);
            assertThat(cost.amount()).isCloseTo(5, within(1.5));
            assertThat(cost.words()).isEqualTo("sooner than an old hand");
        });
        Story away = Story.of(stirred(lesson("first-jar"), 9, Doing.Kind.THROW_AWAY));
        assertThat(away.ending()).isEqualTo(Ending.THREW_GOOD_AWAY);
        assertThat(away.costs()).extracting(Cost::kind).contains(Cost.Kind.LITRES);
    }

    @Test
    void aLidThatNobodyOpensGivesWay() {
        Lesson lesson = lesson("forgotten-lid");
        Story burst = Story.of(new Play(lesson, List.of()));
        assertThat(burst.ending()).isEqualTo(Ending.BURST);
        assertThat(burst.headline()).isEqualTo("The lid gave way.");
        Play loosened = new Play(lesson, List.of(Doing.of(24, 0, Doing.Kind.LOOSEN)));
        assertThat(loosened.at(lesson.hours()).pots().get(0).noticed())
                .extracting(Happening::what)
                .contains(What.STINK_BEGINS, What.STINK_GOES)
                .doesNotContain(What.BURSTS);
    }

    /** What was noticed stays so, whatever is done about it afterwards; what it looks like changes at once. */
    @Test
    void remembersABulgeThatWasSeenTo() {
        Lesson lesson = lesson("forgotten-lid");
        assertThat(new Play(lesson, List.of()).at(72).pots().get(0).noticed())
                .extracting(Happening::what)
                .contains(What.LID_BULGES);
        Play loosened = new Play(lesson, List.of(Doing.of(72, 0, Doing.Kind.LOOSEN)));
        assertThat(loosened.at(100).pots().get(0).noticed())
                .extracting(Happening::what)
                .contains(What.LID_BULGES);
        assertThat(sight(loosened, 72).words()).doesNotContain("lid");
        Play vented = new Play(lesson, List.of(Doing.of(72, 0, Act.VENTED)));
        assertThat(sight(vented, 72).words()).endsWith("the lid is shut");
    }

    @Test
    void cannotUndoABangByLooseningTheLidAfterwards() {
        Play late = new Play(lesson("forgotten-lid"), List.of(Doing.of(24 * 14, 0, Doing.Kind.LOOSEN)));
        assertThat(Story.of(late).ending()).isEqualTo(Ending.BURST);
    }

    @Test
    void isOverOnceTheLidHasGivenWay() {
        Play play = new Play(lesson("forgotten-lid"), List.of());
        Happening bang = next(play, What.BURSTS);
        assertThat(play.at(bang.hour() + 1).over()).isTrue();
        assertThat(play.at(bang.hour() + 1).next()).isEmpty();
    }

    private static Happening next(Play play, What what) {
        Happening happening = play.at(0).next().orElseThrow();
        while (happening.what() != what) {
            happening = play.at(happening.hour()).next().orElseThrow();
        }
        return happening;
    }

    @Test
    void mouldThatNobodyStirredUnderIsStrainedTooLate() {
        Play late = new Play(lesson("mould-or-film"), List.of(Doing.of(24 * 9, 0, Doing.Kind.STRAIN)));
        Story story = Story.of(late);
        assertThat(story.ending()).isEqualTo(Ending.SPOILT);
        assertThat(story.headline()).matches("What you strained had turned .* before\\.");
        assertThat(story.chapters().get(0).what()).anyMatch(words -> words.endsWith("Coloured mould shows on top."));
        Play away = new Play(lesson("mould-or-film"), List.of(Doing.of(24 * 9, 0, Doing.Kind.THROW_AWAY)));
        assertThat(Story.of(away).ending()).isEqualTo(Ending.THREW_SPOILT_AWAY);
    }

    @Test
    void aHeapThatNobodyTurnsGetsTooHot() {
        assertThat(new Play(lesson("running-heap"), List.of())
                        .at(24 * 6)
                        .pots()
                        .get(0)
                        .noticed())
                .extracting(Happening::what)
                .contains(What.WEB_THROUGH, What.TOO_HOT);
    }

    @Test
    void notesWhatIsLookedAtAndMeasuredWhenItIs() {
        Play play = new Play(
                lesson("first-jar"), List.of(Doing.of(48, 0, Doing.Kind.LOOK), Doing.of(72, 0, Doing.Kind.MEASURE)));
        assertThat(play.at(24).pots().get(0).noted()).isEmpty();
        assertThat(play.at(48).pots().get(0).noted())
                .singleElement()
                .satisfies(noted -> assertThat(noted.signs()).containsKeys("bubbles", "surface"));
        Noted read = play.at(100).pots().get(0).noted().get(1);
        assertThat(read.ph()).hasValueSatisfying(ph -> assertThat(ph).isBetween(3.0, 7.0));
        assertThat(read.celsius()).hasValueSatisfying(warm -> assertThat(warm).isBetween(15.0, 28.0));
    }

    @Test
    void isTheSameEachTime() {
        Play play = new Play(lesson("too-soon"), List.of(Doing.of(30, 0, Doing.Kind.LOOK)));
        assertThat(play.at(100)).isEqualTo(play.at(100));
    }

    @Test
    void windsOnToWhatIsNoticedNext() {
        Play play = new Play(lesson("first-jar"), List.of());
        Happening first = play.at(0).next().orElseThrow();
        assertThat(first.what()).isEqualTo(What.BUBBLES_BEGIN);
        assertThat(play.at(first.hour()).pots().get(0).noticed()).contains(first);
    }

    @Test
    void showsNoMoreThanCanBeSeen() {
        for (Lesson lesson : LESSONS.all()) {
            if (lesson.pots().get(0).start() == Setting.Start.WAITS) {
                continue;
            }
            Sight sight = sight(new Play(lesson, List.of()), 24 * 3);
            assertThat(Stream.of(
                            sight.level(),
                            sight.liquid(),
                            sight.bubbles(),
                            sight.film(),
                            sight.mould(),
                            sight.threads(),
                            sight.curd(),
                            sight.foam(),
                            sight.dark(),
                            sight.bulge()))
                    .allSatisfy(share -> assertThat(share).isBetween(0.0, 1.0));
        }
    }

    @ParameterizedTest
    @CsvSource({"COLD, 1", "STOVE, -1"})
    void isSlowerWhereItIsLeftInTheColdAndWarmerOnAStove(Accident accident, int slower) {
        Lesson usual = free(Brew.ACTIVATED_CULTURE, 0, 30);
        Lesson moved = free(Brew.ACTIVATED_CULTURE, 0, 30, accident);
        double without = readyFrom(usual);
        assertThat((readyFrom(moved) - without) * slower).isGreaterThan(0.5);
    }

    /** Each act does what hands do: nothing that can be tapped is for nothing, but cleaning stones. */
    @ParameterizedTest
    @CsvSource({
        "NETTLE_TEA, TOPPED_UP",
        "NETTLE_TEA, STIRRED",
        "BOKASHI_BIN, DRAINED",
        "BOKASHI_BIN, RESEALED",
        "BOKASHI_BRAN, DRY_ADDED",
        "FOREST_HEAP, TURNED",
        "FOREST_HEAP, DAMPED",
        "PLANT_JUICE_OPEN, SUGAR_ADDED",
        "WORM_TEA, AIR_OFF"
    })
    void handsChangeIt(Brew brew, Act act) {
        Lesson free = free(brew, 3, 12, Accident.LEAKY_LID);
        Play without = new Play(free, List.of());
        Play with = new Play(free, List.of(Doing.of(24, 0, act)));
        assertThat(Story.of(with).chapters().get(0).curves())
                .isNotEqualTo(Story.of(without).chapters().get(0).curves());
    }

    @Test
    void coveringItKeepsFliesAway() {
        Lesson jar = free(Brew.PLANT_JUICE_OPEN, 3, 12, Accident.FLIES);
        Play play = new Play(
                jar,
                List.of(
                        Doing.of(24, 0, Doing.Kind.LOOK),
                        Doing.of(24, 0, Act.COVERED),
                        Doing.of(30, 0, Doing.Kind.LOOK)));
        assertThat(play.at(40).pots().get(0).noted())
                .extracting(noted -> noted.signs().get("surface"))
                .containsExactly("flies", "clear");
    }

    @Test
    void saysWhatItShows() {
        Play lid = new Play(lesson("forgotten-lid"), List.of());
        assertThat(sight(lid, 0).words()).isEqualTo("the lid is shut");
        assertThat(sight(lid, 72).words()).contains("bubbles", "the lid bulges");
        assertThat(sight(new Play(lesson("too-soon"), List.of()), 24 * 9).words())
                .contains("curd over a clear serum");
        assertThat(sight(new Play(lesson("running-heap"), List.of()), 24 * 5).words())
                .isEqualTo("a white web through it");
        assertThat(sight(new Play(lesson("first-jar"), List.of()), 0).words()).isEqualTo("nothing new");
    }

    @Test
    void timeOnlyGoesOnAndNothingIsDoneAfterTheEnd() {
        Lesson jar = lesson("first-jar");
        assertThatThrownBy(() -> new Play(jar, List.of(Doing.of(48, 0, Act.STIRRED), Doing.of(24, 0, Act.STIRRED))))
                .hasMessageContaining("Time only goes on");
        assertThatThrownBy(() ->
                        new Play(jar, List.of(Doing.of(24, 0, Doing.Kind.STRAIN), Doing.of(48, 0, Act.STIRRED))))
                .hasMessageContaining("ended");
        assertThatThrownBy(() -> new Play(jar, List.of(Doing.of(24 * 22, 0, Act.STIRRED))))
                .hasMessageContaining("lasts 21 days");
        assertThatThrownBy(() -> new Doing(1, 0, Doing.Kind.LOOK, Optional.of(Act.STIRRED), Optional.empty()))
                .hasMessageContaining("this is LOOK with stirred");
        assertThatThrownBy(() -> Doing.of(Double.NaN, 0, Doing.Kind.LOOK))
                .hasMessageContaining("before a lesson begins");
    }

    @ParameterizedTest
    @MethodSource("lessons")
    void isSharedAsASmallFile(Lesson lesson) {
        assertThat(Lessons.read(Lessons.write(lesson))).isEqualTo(lesson);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "[]",
                "id: a",
                "{",
                "id: first jar\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 20}]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: beer, seed: 1, celsius: 20}]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 90}]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 999\npots: [{brew: nettle-tea, seed: 1, celsius: 20}]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 20}]\ntake: x\nmore: 1",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 20, accidents: [FIRE]}]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 20}, {brew: nettle-tea, seed: 2, celsius: 20}]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 20, colour: red}]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: []\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 20, start: LATER}]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 20, start: READY}]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 20, start: WAITS, from: 0}]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 20, name: \"\"}]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 20}]\ntake: x\nby: 12",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [null]\ntake: x",
                "id: a\ntitle: x\nabout: x\ndays: 9\npots: [{brew: nettle-tea, seed: 1, celsius: 20}, {brew: nettle-tea, seed: 1, celsius: 20}, {brew: nettle-tea, seed: 1, celsius: 20}, {brew: nettle-tea, seed: 1, celsius: 20}, {brew: nettle-tea, seed: 1, celsius: 20}, {brew: nettle-tea, seed: 1, celsius: 20}, {brew: nettle-tea, seed: 1, celsius: 20}]\ntake: x"
            })
    void refusesWhatIsNoLesson(String yaml) {
        assertThatThrownBy(() -> Lessons.read(yaml))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageNotContaining("potmellow.core");
    }

    @Test
    void refusesAFileThatIsNoSmallOne() {
        assertThatThrownBy(() -> Lessons.read("id: a\n# " + "x".repeat(5000))).hasMessageContaining("small file");
    }

    @Test
    void tellsOfFreePracticeWithAnyBrewAndAccident() {
        for (Brew brew : Brew.values()) {
            for (Accident accident : Accident.values()) {
                Lesson free = free(brew, 2, 6, accident);
                assertThat(Story.of(new Play(free, List.of())).chapters().get(0).curves())
                        .isNotEmpty();
            }
        }
    }
}
