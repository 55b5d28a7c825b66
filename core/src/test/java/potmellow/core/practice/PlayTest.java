package potmellow.core.practice;

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
import potmellow.core.practice.Happening.What;
import potmellow.core.practice.Story.Cost;
import potmellow.core.practice.Story.Ending;

/** Lessons, as they are played. */
class PlayTest {
    private static final Lessons LESSONS = Lessons.load();

    static Stream<Lesson> lessons() {
        return LESSONS.all().stream();
    }

    private static Lesson lesson(String id) {
        return LESSONS.lesson(id).orElseThrow();
    }

    private static Play stirred(Lesson lesson, int days, Doing.Kind end) {
        List<Doing> doings = new ArrayList<>();
        for (int day = 1; day <= days; day++) {
            doings.add(Doing.of(24 * day, Act.STIRRED));
        }
        doings.add(Doing.of(24 * days + 1, end));
        return new Play(lesson, doings);
    }

    @ParameterizedTest
    @MethodSource("lessons")
    void anOldHandEndsEachLessonWell(Lesson lesson) {
        Story story = Story.of(OldHand.of(lesson));
        assertThat(story.ending().well()).as(story.headline()).isTrue();
        assertThat(story.costs()).isEmpty();
        assertThat(story.take()).isEqualTo(lesson.take());
    }

    @ParameterizedTest
    @MethodSource("lessons")
    void whoeverNeverComesDoesNot(Lesson lesson) {
        Story story = Story.of(new Play(lesson, List.of()));
        assertThat(story.ending().well()).isFalse();
        assertThat(story.doings()).isEmpty();
        assertThat(story.oldHand()).isNotEmpty();
        assertThat(story.curves()).isNotEmpty().allSatisfy(curve -> {
            assertThat(curve.points()).hasSizeBetween(10, 260);
            assertThat(curve.points()).extracting(Inside.OnDay::day).isSorted();
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
        Play loosened = new Play(lesson, List.of(Doing.of(24, Doing.Kind.LOOSEN)));
        assertThat(loosened.at(lesson.hours()).noticed())
                .extracting(Happening::what)
                .contains(What.STINK_BEGINS, What.STINK_GOES)
                .doesNotContain(What.BURSTS);
    }

    /** What was noticed stays so, whatever is done about it afterwards; what it looks like changes at once. */
    @Test
    void remembersABulgeThatWasSeenTo() {
        Lesson lesson = lesson("forgotten-lid");
        assertThat(new Play(lesson, List.of()).at(72).noticed())
                .extracting(Happening::what)
                .contains(What.LID_BULGES);
        Play loosened = new Play(lesson, List.of(Doing.of(72, Doing.Kind.LOOSEN)));
        assertThat(loosened.at(100).noticed()).extracting(Happening::what).contains(What.LID_BULGES);
        assertThat(loosened.at(72).sight().words()).doesNotContain("lid");
        Play vented = new Play(lesson, List.of(Doing.of(72, Act.VENTED)));
        assertThat(vented.at(72).sight().words()).endsWith("the lid is shut");
    }

    @Test
    void cannotUndoABangByLooseningTheLidAfterwards() {
        Play late = new Play(lesson("forgotten-lid"), List.of(Doing.of(24 * 14, Doing.Kind.LOOSEN)));
        assertThat(Story.of(late).ending()).isEqualTo(Ending.BURST);
    }

    @Test
    void isOverOnceTheLidHasGivenWay() {
        Play play = new Play(lesson("forgotten-lid"), List.of());
        Happening bang = play.at(0).noticed().isEmpty() ? next(play, What.BURSTS) : null;
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
        Play late = new Play(lesson("mould-or-film"), List.of(Doing.of(24 * 9, Doing.Kind.STRAIN)));
        Story story = Story.of(late);
        assertThat(story.ending()).isEqualTo(Ending.SPOILT);
        assertThat(story.headline()).matches("You strained a pot that had turned .* before\\.");
        assertThat(story.what()).anyMatch(words -> words.endsWith("Coloured mould shows on top."));
        Play away = new Play(lesson("mould-or-film"), List.of(Doing.of(24 * 9, Doing.Kind.THROW_AWAY)));
        assertThat(Story.of(away).ending()).isEqualTo(Ending.THREW_SPOILT_AWAY);
    }

    @Test
    void aHeapThatNobodyTurnsGetsTooHot() {
        assertThat(new Play(lesson("running-heap"), List.of()).at(24 * 6).noticed())
                .extracting(Happening::what)
                .contains(What.WEB_THROUGH, What.TOO_HOT);
    }

    @Test
    void notesWhatIsLookedAtAndMeasuredWhenItIs() {
        Play play =
                new Play(lesson("first-jar"), List.of(Doing.of(48, Doing.Kind.LOOK), Doing.of(72, Doing.Kind.MEASURE)));
        assertThat(play.at(24).noted()).isEmpty();
        assertThat(play.at(48).noted())
                .singleElement()
                .satisfies(noted -> assertThat(noted.signs()).containsKeys("bubbles", "surface"));
        Play.Noted read = play.at(100).noted().get(1);
        assertThat(read.ph()).hasValueSatisfying(ph -> assertThat(ph).isBetween(3.0, 7.0));
        assertThat(read.celsius()).hasValueSatisfying(warm -> assertThat(warm).isBetween(15.0, 28.0));
    }

    @Test
    void isTheSameEachTime() {
        Play play = new Play(lesson("too-soon"), List.of(Doing.of(30, Doing.Kind.LOOK)));
        assertThat(play.at(100)).isEqualTo(play.at(100));
    }

    @Test
    void windsOnToWhatIsNoticedNext() {
        Play play = new Play(lesson("first-jar"), List.of());
        Happening first = play.at(0).next().orElseThrow();
        assertThat(first.what()).isEqualTo(What.BUBBLES_BEGIN);
        assertThat(play.at(first.hour()).noticed()).contains(first);
    }

    @Test
    void showsNoMoreThanCanBeSeen() {
        for (Lesson lesson : LESSONS.all()) {
            Sight sight = new Play(lesson, List.of()).at(24 * 3).sight();
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
        Lesson usual = new Lesson("free", "Free", "", Brew.ACTIVATED_CULTURE, 3, 22, 0, Set.of(), 30, "");
        Lesson moved = new Lesson("free", "Free", "", Brew.ACTIVATED_CULTURE, 3, 22, 0, Set.of(accident), 30, "");
        double without = Story.of(new Play(usual, List.of())).readyFrom().orElseThrow();
        assertThat((Story.of(new Play(moved, List.of())).readyFrom().orElseThrow() - without) * slower)
                .isGreaterThan(0.5);
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
        Lesson free = new Lesson("free", "Free", "", brew, 3, 22, 3, Set.of(Accident.LEAKY_LID), 12, "");
        Play without = new Play(free, List.of());
        Play with = new Play(free, List.of(Doing.of(24, act)));
        assertThat(Story.of(with).curves()).isNotEqualTo(Story.of(without).curves());
    }

    @Test
    void coveringItKeepsFliesAway() {
        Lesson jar = new Lesson("free", "Free", "", Brew.PLANT_JUICE_OPEN, 3, 22, 3, Set.of(Accident.FLIES), 12, "");
        Play play = new Play(
                jar, List.of(Doing.of(24, Doing.Kind.LOOK), Doing.of(24, Act.COVERED), Doing.of(30, Doing.Kind.LOOK)));
        assertThat(play.at(40).noted())
                .extracting(noted -> noted.signs().get("surface"))
                .containsExactly("flies", "clear");
    }

    @Test
    void saysWhatItShows() {
        Play lid = new Play(lesson("forgotten-lid"), List.of());
        assertThat(lid.at(0).sight().words()).isEqualTo("the lid is shut");
        assertThat(lid.at(72).sight().words()).contains("bubbles", "the lid bulges");
        assertThat(new Play(lesson("too-soon"), List.of()).at(24 * 9).sight().words())
                .contains("curd over a clear serum");
        assertThat(new Play(lesson("running-heap"), List.of())
                        .at(24 * 5)
                        .sight()
                        .words())
                .isEqualTo("a white web through it");
        assertThat(new Play(lesson("first-jar"), List.of()).at(0).sight().words())
                .isEqualTo("nothing new");
    }

    @Test
    void timeOnlyGoesOnAndNothingIsDoneAfterTheEnd() {
        Lesson jar = lesson("first-jar");
        assertThatThrownBy(() -> new Play(jar, List.of(Doing.of(48, Act.STIRRED), Doing.of(24, Act.STIRRED))))
                .hasMessageContaining("Time only goes on");
        assertThatThrownBy(() -> new Play(jar, List.of(Doing.of(24, Doing.Kind.STRAIN), Doing.of(48, Act.STIRRED))))
                .hasMessageContaining("ended");
        assertThatThrownBy(() -> new Play(jar, List.of(Doing.of(24 * 22, Act.STIRRED))))
                .hasMessageContaining("lasts 21 days");
        assertThatThrownBy(() -> new Doing(1, Doing.Kind.LOOK, Optional.of(Act.STIRRED)))
                .hasMessageContaining("only there");
        assertThatThrownBy(() -> Doing.of(Double.NaN, Doing.Kind.LOOK)).hasMessageContaining("before a pot is set");
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
                "id: first jar\ntitle: x\nabout: x\nbrew: nettle-tea\nseed: 1\ncelsius: 20\ndays: 9\ntake: x",
                "id: a\ntitle: x\nabout: x\nbrew: beer\nseed: 1\ncelsius: 20\ndays: 9\ntake: x",
                "id: a\ntitle: x\nabout: x\nbrew: nettle-tea\nseed: 1\ncelsius: 90\ndays: 9\ntake: x",
                "id: a\ntitle: x\nabout: x\nbrew: nettle-tea\nseed: 1\ncelsius: 20\ndays: 999\ntake: x",
                "id: a\ntitle: x\nabout: x\nbrew: nettle-tea\nseed: 1\ncelsius: 20\ndays: 9\ntake: x\nmore: 1",
                "id: a\ntitle: x\nabout: x\nbrew: nettle-tea\nseed: 1\ncelsius: 20\naccidents: [FIRE]\ndays: 9\ntake: x"
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
                Lesson free = new Lesson("free", "Free", "", brew, 3, 21, 2, Set.of(accident), 6, "");
                assertThat(Story.of(new Play(free, List.of())).curves()).isNotEmpty();
            }
        }
    }
}
