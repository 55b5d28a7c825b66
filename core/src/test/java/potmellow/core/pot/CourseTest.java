package potmellow.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.care.Due;
import potmellow.core.craft.Act;
import potmellow.core.judgement.Verdict;
import potmellow.core.judgement.Verdict.Kind;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;
import potmellow.core.ripening.Expectation;
import potmellow.core.vessel.Lid;
import potmellow.core.working.Mark;

/** Pots followed over their visits and readings, by sections 7 and 8 of the handbook of the craft. */
class CourseTest {
    private static final Book BOOK = Book.load();
    private static final Instant SET = Instant.parse("2026-05-01T08:00:00Z");

    private final List<Visit> visits = new ArrayList<>();
    private final List<Reading> readings = new ArrayList<>();
    private Method method = BOOK.method("plant-juice-open").orElseThrow();
    private Lid lid = Lid.CLOTH;
    private ToDoubleFunction<Instant> warmth = at -> 22;
    private Expectation expectation;

    private CourseTest pot(String id) {
        method = BOOK.method(id).orElseThrow();
        return this;
    }

    private CourseTest visited(double day, Act act, String... signs) {
        Map<String, String> sensed = new java.util.HashMap<>();
        for (int i = 0; i < signs.length; i += 2) {
            sensed.put(signs[i], signs[i + 1]);
        }
        visits.add(new Visit(day(day), act, sensed, Optional.empty()));
        return this;
    }

    private CourseTest looked(double day, String... signs) {
        return visited(day, Act.LOOKED, signs);
    }

    private CourseTest read(double day, Meter meter, double value) {
        readings.add(new Reading(meter, value, day(day)));
        return this;
    }

    private Course course() {
        int last = method.stages().size() - 1;
        Expectation usual = expectation == null ? Expectation.of(method.stages().get(last)) : expectation;
        return new Course(BOOK, method, last, lid, SET, visits, readings, warmth, usual);
    }

    private Assessment at(double day) {
        return course().at(day(day), UnitSystem.METRIC);
    }

    private Verdict verdict(double day) {
        return at(day).verdict().value();
    }

    private double ripeness(double day) {
        return at(day).forecast().value().ripeness();
    }

    private static Instant day(double days) {
        return SET.plus(Duration.ofMinutes(Math.round(days * 1440)));
    }

    @Test
    void isFollowedFromDayToDayUntilItIsReady() {
        visited(1, Act.STIRRED, "bubbles", "few-bubbles", "smell", "yeasty")
                .visited(3, Act.STIRRED, "bubbles", "lively-bubbles")
                .visited(6, Act.STIRRED, "bubbles", "few-bubbles", "smell", "sweet-sour")
                .visited(8, Act.STIRRED, "bubbles", "no-bubbles", "smell", "sweet-sour");
        assertThat(verdict(1).kind()).isEqualTo(Kind.NOT_YET);
        assertThat(verdict(6).kind()).isEqualTo(Kind.NOT_YET);
        assertThat(verdict(8).kind()).isEqualTo(Kind.READY);
        assertThat(took(9)).hasValueCloseTo(7.0, within(0.01));
    }

    private OptionalDouble took(double day) {
        return course().tookDays(day(day), UnitSystem.METRIC)
                .map(OptionalDouble::of)
                .orElseGet(OptionalDouble::empty);
    }

    @Test
    void teachesNothingWhereNobodyLookedBeforeItWasReady() {
        visited(8, Act.STIRRED, "bubbles", "few-bubbles", "smell", "sweet-sour");
        assertThat(verdict(8).kind()).isEqualTo(Kind.READY);
        assertThat(took(9)).isEmpty();
        visits.clear();
        assertThat(took(9)).as("nobody looked at all").isEmpty();
    }

    /** Else each pot would teach the next one what the clock said of it, and the clock would run away. */
    @Test
    void teachesNothingWhereOnlyTheClockMadeItReady() {
        visited(6.9, Act.STIRRED, "smell", "sweet-sour").visited(7.1, Act.STIRRED, "smell", "sweet-sour");
        assertThat(verdict(6.9).kind()).isEqualTo(Kind.NOT_YET);
        assertThat(verdict(7.1).kind()).isEqualTo(Kind.READY);
        assertThat(took(8)).isEmpty();
    }

    @Test
    void believesASmellThatItHadEarlyOnlyFromTheMiddleOfItsTime() {
        visited(3, Act.STIRRED, "smell", "sweet-sour");
        for (double day = 4; day < 9; day++) {
            visited(day, Act.STIRRED, "bubbles", "few-bubbles", "smell", "sweet-sour");
        }
        assertThat(verdict(7.5).headline()).isEqualTo("Not yet: give it time");
        assertThat(verdict(7.5).reasons().get(0)).contains("smell “sweet-sour”", "nothing of its end");
        assertThat(verdict(8.6).kind()).isEqualTo(Kind.READY);
    }

    @Test
    void isNotDoneWhileASignSaysSoHoweverWellItSmells() {
        pot("lactic-serum-even")
                .looked(6, "smell", "sweet-sour", "layers", "none")
                .read(6, Meter.PH, 3.8);
        warmth = at -> 24;
        assertThat(verdict(6).headline()).isEqualTo("Not yet: it isn't done");
        assertThat(verdict(6).reasons().get(0)).isEqualTo("Nothing has parted yet.");
        looked(6.5, "smell", "sweet-sour", "layers", "curd-floats");
        assertThat(verdict(6.5).kind()).isEqualTo(Kind.READY);
    }

    @Test
    void knowsNothingOfWhatComesLater() {
        looked(5, "surface", "coloured-mould");
        assertThat(verdict(4.9).kind()).isEqualTo(Kind.NOT_YET);
        assertThat(verdict(5).kind()).isEqualTo(Kind.THROW_AWAY);
    }

    @Test
    void goesByItsOwnReadingsBeforeItsPlace() {
        double unread = ripeness(6);
        read(1, Meter.THERMOMETER, 15).read(2, Meter.THERMOMETER, 15).read(3, Meter.THERMOMETER, 15);
        assertThat(ripeness(6)).isLessThan(unread - 0.1);
    }

    @Test
    void countsNoFrozenTime() {
        warmth = at -> at.isBefore(day(10)) ? -2 : 20;
        assertThat(pot("long-keeper").ripeness(10)).isZero();
        assertThat(pot("long-keeper").ripeness(20)).isCloseTo(10 / 90.0, within(0.001));
    }

    @Test
    void startsTheClockOfABinAtItsLastFill() {
        pot("bokashi-bin").visited(4, Act.TOPPED_UP);
        warmth = at -> 24;
        assertThat(ripeness(4)).isZero();
        assertThat(ripeness(11)).isCloseTo(0.5, within(0.01));
    }

    @Test
    void startsTheClockOfATeaWithItsAir() {
        pot("worm-tea").visited(0.5, Act.AIR_ON);
        assertThat(ripeness(1)).isCloseTo(0.5, within(0.01));
    }

    @Test
    void letsATeaWithoutAirLiveFourHours() {
        pot("worm-tea").visited(1, Act.AIR_ON).visited(2.1, Act.AIR_OFF, "smell", "earthy");
        assertThat(verdict(2.1).kind()).isEqualTo(Kind.READY);
        assertThat(verdict(2.1 + 3.9 / 24).kind()).isEqualTo(Kind.READY);
        Verdict late = verdict(2.1 + 4.1 / 24);
        assertThat(late.kind()).isEqualTo(Kind.PAST_BEST);
        assertThat(late.reasons()).contains("It has stood without air for more than 4 hours.");
    }

    @Test
    void tellsTheTimeLeftOfATeaInHours() {
        assertThat(pot("worm-tea").verdict(0.5).headline()).isEqualTo("Not yet: about 12 more hours");
        assertThat(verdict(0.96).headline()).isEqualTo("Not yet: about an hour more");
    }

    @Test
    void countsWhatIsSensedInATeaForSixHours() {
        pot("worm-tea").looked(1.1, "smell", "earthy");
        assertThat(verdict(1.1 + 5.9 / 24).kind()).isEqualTo(Kind.READY);
        assertThat(verdict(1.1 + 6.1 / 24).headline()).isEqualTo("Look at it: it should be ready");
    }

    @Test
    void measuresShellsByTheirPh() {
        pot("shell-calcium-tenfold").read(4, Meter.PH, 5.0);
        assertThat(at(4).forecast().value().likely().orElseThrow())
                .as("with 64 % used up 55 % of its way took 4 days")
                .isCloseTo(day(4 / 0.548), within(3, ChronoUnit.HOURS));
        assertThat(at(4).conversion().orElseThrow().value().least()).isCloseTo(0.64, within(0.005));
        read(5, Meter.PH, 5.6);
        assertThat(verdict(5).kind()).isEqualTo(Kind.READY);
        assertThat(verdict(5).reasons()).contains("pH 5.6: pH 5.4 or more is wanted.");
    }

    @Test
    void cannotBeReadyAgainstAFreshReading() {
        pot("lactic-serum-even").looked(8, "layers", "curd-floats").read(8, Meter.PH, 4.3);
        warmth = at -> 24;
        assertThat(verdict(8).headline()).isEqualTo("Not yet: the meter says so");
        assertThat(verdict(8).reasons().get(0)).contains("pH 4.3, and pH 4 or less is wanted.");
        read(8.5, Meter.PH, 3.9);
        assertThat(verdict(8.5).kind()).isEqualTo(Kind.READY);
    }

    @Test
    void isReadyEarlyByAReadingThatPasses() {
        pot("activated-culture").read(4.2, Meter.PH, 3.7);
        warmth = at -> 24;
        assertThat(ripeness(4.2)).isBetween(0.7, 1.0);
        assertThat(verdict(4.2).kind()).isEqualTo(Kind.READY);
    }

    @Test
    void throwsSerumAwayThatNeverTurnedSour() {
        pot("lactic-serum-even").read(10.5, Meter.PH, 4.8);
        warmth = at -> 24;
        assertThat(ripeness(10.5)).isGreaterThan(1.3);
        assertThat(verdict(10.5).kind()).isEqualTo(Kind.THROW_AWAY);
        assertThat(verdict(10.5).reasons().get(0)).contains("pH 4.8, and pH 4.5 or less is wanted.");
    }

    @Test
    void isPastItsBestWhenTheReadingTurnsBack() {
        pot("lactic-serum-even").read(5.5, Meter.PH, 3.8).read(7, Meter.PH, 4.2);
        warmth = at -> 24;
        assertThat(verdict(7).kind()).isEqualTo(Kind.PAST_BEST);
        assertThat(verdict(7).reasons().get(0)).contains("so it has turned");
    }

    @Test
    void limitsJuiceThatIsHardlySour() {
        looked(8, "smell", "sweet-sour").read(8, Meter.PH, 5.3);
        assertThat(verdict(8).kind()).isEqualTo(Kind.READY);
        assertThat(verdict(8).soilOnly()).isTrue();
    }

    @Test
    void forgetsAReadingThatIsTooOld() {
        looked(8, "smell", "sweet-sour").read(5.9, Meter.PH, 5.3);
        assertThat(verdict(8).limits()).isEmpty();
    }

    @Test
    void putsAHotHeapAboveEverything() {
        pot("forest-heap").read(2, Meter.THERMOMETER, 53);
        assertThat(verdict(2).urgent().get(0).words().get(0)).contains("53 °C", "turn it and spread it out now");
    }

    /** Check value 29 on a pot: 41, 43, 45 °C at 0, 2, 4 h. */
    @Test
    void seesAHeapComingToItsLimit() {
        pot("forest-heap")
                .read(2, Meter.THERMOMETER, 41)
                .read(2 + 2 / 24.0, Meter.THERMOMETER, 43)
                .read(2 + 4 / 24.0, Meter.THERMOMETER, 45);
        Assessment assessment = at(2 + 4 / 24.0);
        assertThat(assessment.heat().orElseThrow().value().left()).contains(Duration.ofHours(4));
        Stop stop = stop(2 + 4 / 24.0).orElseThrow();
        assertThat(stop.pressing()).isTrue();
        assertThat(stop.tasks().get(0).todo()).isEqualTo("turn it");
        visited(2 + 5 / 24.0, Act.TURNED);
        assertThat(at(2 + 5 / 24.0).heat()).isEmpty();
    }

    @Test
    void saysOpenlyThatTheSignsDisagree() {
        looked(8, "smell", "sweet-sour", "surface", "white-film");
        Verdict verdict = verdict(8);
        assertThat(verdict.kind()).isEqualTo(Kind.NOT_YET);
        assertThat(verdict.reasons())
                .contains(
                        "The signs disagree: smell “sweet-sour” speaks for it, surface “white film” against. The fault"
                                + " counts.");
    }

    @Test
    void findsStinkUsualUntilItShouldHaveStopped() {
        pot("leafmould-liquid-shade").looked(9, "smell", "stink").looked(14.5, "smell", "stink");
        warmth = at -> 20;
        assertThat(verdict(9).advice()).isEmpty();
        assertThat(ripeness(14.5)).isGreaterThan(1.5);
        assertThat(verdict(14.5).headline()).isEqualTo("Not yet: mend it first");
        assertThat(verdict(14.5).advice().get(0)).contains("It still stinks");
    }

    @ParameterizedTest
    @CsvSource({
        "lactic-serum-even, surface, coloured-mould, false",
        "lactic-serum-even, smell, rotten, true",
        "plant-juice-open, surface, coloured-mould, true",
        "activated-culture, surface, coloured-mould, true",
        "worm-tea, smell, rotten, true"
    })
    void rescuesForNothingEdibleButNeverFromMouldyMilk(String id, String sense, String sign, boolean rescuable) {
        pot(id).looked(1, sense, sign);
        assertThat(verdict(1).kind()).isEqualTo(Kind.THROW_AWAY);
        assertThat(verdict(1).rescuable()).isEqualTo(rescuable);
    }

    @ParameterizedTest
    @CsvSource({"manure-brew", "gut-brew"})
    void neverRescuesManureOrGuts(String id) {
        pot(id).looked(13, "smell", "stink").looked(60, "smell", "stink").looked(75, "smell", "stink");
        warmth = at -> 20;
        Verdict verdict = verdict(75);
        assertThat(verdict.kind()).isEqualTo(Kind.THROW_AWAY);
        assertThat(verdict.rescuable()).isFalse();
    }

    @Test
    void throwsBranAwayForMouldButMendsABin() {
        assertThat(pot("bokashi-bran")
                        .looked(3, "surface", "coloured-mould")
                        .verdict(3)
                        .kind())
                .isEqualTo(Kind.THROW_AWAY);
        visits.clear();
        Verdict bin = pot("bokashi-bin").looked(3, "surface", "mould-patch").verdict(3);
        assertThat(bin.headline()).isEqualTo("Not yet: mend it first");
        assertThat(bin.advice().get(0)).contains("strew more bran");
    }

    @Test
    void takesTheGardenersOwnTimesAfterThreeBatches() {
        var stage = method.stages().get(0);
        assertThat(Expectation.of(stage, List.of(11.0, 12.0)).isOwn()).isFalse();
        expectation = Expectation.of(stage, List.of(12.0, 11.0, 14.0));
        assertThat(expectation.words()).isEqualTo("9.7 to 12.8 days");
        assertThat(ripeness(expectation.window().fromDays())).isCloseTo(1, within(0.01));
        assertThat(ripeness(expectation.window().toDays())).isCloseTo(2, within(0.01));
        assertThat(at(3).forecast().steps()).anyMatch(step -> step.evidence().mark() == Mark.OWN_BATCHES);
    }

    @Test
    void givesLikeTimesALengthAllTheSame() {
        var own = Expectation.of(method.stages().get(0), List.of(8.0, 8.0, 8.0));
        assertThat(own.window().toDays()).isGreaterThan(1.1 * own.window().fromDays());
    }

    @Test
    void saysWhenAPotThatIsLeftAloneWantsHandsNext() {
        pot("plant-juice-open").visited(2, Act.STIRRED);
        NextVisit next = NextVisit.of(at(2.1), day(2.5)).orElseThrow();
        assertThat(next.todo()).isEqualTo("stir");
        assertThat(next.at()).isEqualTo(day(3));
    }

    @Test
    void comesAgainWhenItMayBeReadyWhereItWantsNoCare() {
        pot("plant-juice-packed");
        NextVisit next = NextVisit.of(at(1), day(2)).orElseThrow();
        Instant early = at(1).forecast().value().early().orElseThrow();
        assertThat(next.at()).isBeforeOrEqualTo(early).isAfterOrEqualTo(day(2));
    }

    private Optional<Stop> stop(double day) {
        return stop(day, false);
    }

    private Optional<Stop> stop(double day, boolean held) {
        return Stop.of(course(), at(day), held, day(day), day(day).plus(Duration.ofHours(14)));
    }

    @Test
    void isLeftAloneWhileNothingIsDue() {
        assertThat(pot("long-keeper").stop(20)).isEmpty();
    }

    @Test
    void isAStopWhenItsCareComesRound() {
        visited(1, Act.STIRRED);
        assertThat(stop(1.1)).isEmpty();
        Stop stop = stop(2).orElseThrow();
        assertThat(stop.tasks()).extracting(Stop.Task::todo).containsExactly("stir");
        assertThat(stop.tasks().get(0).act()).contains(Act.STIRRED);
        assertThat(stop.pressing()).isFalse();
    }

    @Test
    void shiftsTheNextCareFromWhenItWasReallyDone() {
        visited(2.4, Act.STIRRED);
        Due due = at(3).care().get(0);
        assertThat(due.at()).isEqualTo(day(3.4));
        assertThat(due.missed()).isZero();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1.5 | ''
            2.5 | Skipped once: no harm, just go on.
            3.5 | Skipped twice: no harm, just go on.
            5   | Left for a good while: look for mould before you stir.
            """)
    void naggsAboutNoSkippedDay(double day, String sentence) {
        assertThat(at(day).care().get(0).sentence()).isEqualTo(sentence);
    }

    @Test
    void letsTheGasOutDailyUnderALidThatIsShut() {
        lid = Lid.BURPED;
        assertThat(pot("plant-juice-packed").at(2).care()).extracting(Due::act).contains(Act.VENTED);
        lid = Lid.CLOTH;
        assertThat(at(2).care()).extracting(Due::act).doesNotContain(Act.VENTED);
    }

    @Test
    void wantsTheStonesCleanedOnceAfterTheAir() {
        pot("worm-tea").visited(1, Act.AIR_ON);
        assertThat(at(2).care()).extracting(Due::act).doesNotContain(Act.STONES_CLEANED);
        visited(2.1, Act.AIR_OFF);
        assertThat(at(2.2).care()).extracting(Due::act).contains(Act.STONES_CLEANED);
        visited(2.2, Act.STONES_CLEANED);
        assertThat(at(2.3).care()).extracting(Due::act).doesNotContain(Act.STONES_CLEANED);
    }

    @ParameterizedTest
    @CsvSource({
        "plant-juice-open, smell, rotten, add sugar",
        "plant-juice-open, surface, white-film, stir",
        "forest-heap, squeeze, drips, add dry stuff",
        "bokashi-bin, smell, rotten, press down and shut",
        "forest-heap, warmth, too-hot, turn it",
        "activated-culture, lid, bulging, let the gas out",
        "bokashi-bin, surface, mould-patch, take the mould out",
        "forest-heap, squeeze, dusty, damp it"
    })
    void saysWhatHandsCanDoAboutAFault(String id, String sense, String sign, String todo) {
        lid = Lid.BURPED;
        pot(id).looked(1, sense, sign);
        assertThat(stop(1.05).orElseThrow().tasks())
                .filteredOn(task -> task.todo().equals(todo))
                .singleElement()
                .satisfies(task ->
                        assertThat(Act.of(method.family())).contains(task.act().orElseThrow()));
    }

    @Test
    void isLookedAtAsItNearsReadiness() {
        pot("plant-juice-packed");
        assertThat(stop(5)).isEmpty();
        assertThat(stop(13).orElseThrow().tasks()).extracting(Stop.Task::todo).containsExactly("look");
    }

    @Test
    void isAStopUntilWhatIsReadyIsStrained() {
        visited(8, Act.STIRRED, "bubbles", "few-bubbles", "smell", "sweet-sour");
        Stop stop = stop(8.1).orElseThrow();
        assertThat(stop.tasks()).extracting(Stop.Task::todo).containsExactly("strain it");
        assertThat(stop.minutes()).isEqualTo(12);
    }

    @Test
    void isLeftInItsVesselByDecisionUntilItIsPastItsBest() {
        pot("nettle-tea").looked(21.5, "smell", "earthy");
        warmth = at -> 20;
        assertThat(stop(21.6).orElseThrow().tasks()).extracting(Stop.Task::todo).contains("strain it");
        assertThat(stop(21.6, true).map(Stop::tasks).orElse(List.of()))
                .extracting(Stop.Task::todo)
                .doesNotContain("strain it", "look");
        assertThat(stop(200, true).orElseThrow().tasks())
                .extracting(Stop.Task::todo)
                .contains("strain it");
    }

    @Test
    void asksNobodyToEmptyWhatIsDrawnFromAndToppedUp() {
        pot("weed-bucket").looked(20, "smell", "earthy");
        warmth = at -> 20;
        assertThat(verdict(20).kind()).isEqualTo(Kind.READY);
        assertThat(stop(20.1).map(Stop::tasks).orElse(List.of()))
                .extracting(Stop.Task::todo)
                .doesNotContain("strain it");
    }

    @Test
    void isMovedInBeforeFrostReachesIt() {
        warmth = at -> at.isBefore(day(5)) ? 6 : -1;
        pot("long-keeper");
        assertThat(stop(1)).isEmpty();
        assertThat(stop(4).orElseThrow().tasks().get(0).why())
                .isEqualTo("Frost reaches it by tomorrow night, and it must not freeze.");
    }

    @Test
    void tellsTheAgeOfWhatIsToppedUp() {
        pot("weed-bucket");
        visits.add(new Visit(day(100), Act.TOPPED_UP, Map.of(), Optional.of(0.4)));
        assertThat(at(100).age().orElseThrow().value()).isCloseTo(60, within(0.01));
        assertThat(pot("plant-juice-open").at(5).age()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"plant-juice-open, 1, 4.9, 5.4", "plant-juice-open, 9, 3.4, 4.3", "lactic-serum-even, 9, 3.3, 4.0"})
    void readsAPlausiblePhOffASimulatedMeter(String id, double day, double least, double most) {
        pot(id);
        Reading reading = new SimulatedInstruments(3)
                .read(Meter.PH, course(), Mass.ofKilograms(1), day(day))
                .orElseThrow();
        assertThat(reading.value()).isBetween(least, most);
        assertThat(new SimulatedInstruments(3).read(Meter.PH, course(), Mass.ofKilograms(1), day(day)))
                .contains(reading);
    }

    @Test
    void readsWhatItsInstrumentsTellOfEveryBrew() {
        SimulatedInstruments instruments = new SimulatedInstruments(3);
        for (Method any : BOOK.methods()) {
            pot(any.id());
            for (Meter meter : instruments.meters()) {
                instruments
                        .read(meter, course(), Mass.ofKilograms(2), day(3))
                        .ifPresent(reading -> assertThat(meter.sensible(reading.value()))
                                .as("%s of %s: %s", meter, any.id(), reading.value())
                                .isTrue());
            }
        }
    }

    @Test
    void heatsAHeapAndLetsItCoolAgain() {
        pot("forest-heap");
        warmth = at -> 18;
        SimulatedInstruments instruments = new SimulatedInstruments(3);
        double middle = instruments
                .read(Meter.THERMOMETER, course(), Mass.ofKilograms(20), day(2.8))
                .orElseThrow()
                .value();
        double end = instruments
                .read(Meter.THERMOMETER, course(), Mass.ofKilograms(20), day(8))
                .orElseThrow()
                .value();
        assertThat(middle).isGreaterThan(35);
        assertThat(end).isLessThan(25);
    }
}
