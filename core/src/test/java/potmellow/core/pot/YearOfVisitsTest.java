package potmellow.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Sign;
import potmellow.core.craft.Act;
import potmellow.core.judgement.Verdict.Kind;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;
import potmellow.core.ripening.Expectation;
import potmellow.core.vessel.Lid;

/** What a pot's past may and may not do to its verdict: early signs, doubtful readings, progress made before, many visits. */
class YearOfVisitsTest {
    private static final Book BOOK = Book.load();
    private static final Instant SET = Instant.parse("2025-05-01T08:00:00Z");

    private static Instant day(double days) {
        return SET.plus(Duration.ofMinutes(Math.round(days * 1440)));
    }

    private static Course course(Method method, List<Visit> visits, List<Reading> readings, AtomicLong asked) {
        int last = method.stages().size() - 1;
        return new Course(
                BOOK,
                method,
                last,
                Lid.CLOTH,
                SET,
                visits,
                readings,
                at -> {
                    asked.incrementAndGet();
                    return 20;
                },
                Expectation.of(method.stages().get(last)));
    }

    private static Kind verdict(Course course, double day) {
        return course.at(day(day), UnitSystem.METRIC).verdict().value().kind();
    }

    private static Visit saw(double day, String sense, String sign) {
        return new Visit(day(day), Act.LOOKED, Map.of(sense, sign), Optional.empty());
    }

    /** Every sign that is normal at first and a fault to mend later, with every method that is asked it. */
    static Stream<Arguments> normalAtFirst() {
        return BOOK.methods().stream()
                .filter(method -> !method.lastStage().instant())
                .flatMap(method -> BOOK.signs().senses(method, Lid.CLOTH).stream()
                        .flatMap(row -> row.signs().stream()
                                .filter(sign -> sign.later()
                                        .filter(later -> later.effect() == Sign.Effect.FIX)
                                        .isPresent())
                                .map(sign -> Arguments.of(method, row.sense(), sign))));
    }

    @ParameterizedTest
    @MethodSource("normalAtFirst")
    void countsASignTowardItsDeadlineOnlyFromWhenItIsAFault(Method method, String sense, Sign sign) {
        double faulty = sign.later().orElseThrow().fromRipeness();
        double from = method.lastStage().window().progress(faulty) * 1.02 + 0.1;
        double deadline = sign.later().orElseThrow().deadlineHours().orElseThrow() / 24;
        List<Visit> visits = new ArrayList<>();
        for (double day = from - deadline * 3; day < from; day += Math.max(1, deadline / 3)) {
            if (day > 0) {
                visits.add(saw(day, sense, sign.id()));
            }
        }
        Course early = paced(method, visits);
        visits.add(saw(from, sense, sign.id()));
        Course atFirst = paced(method, visits);
        assertThat(verdict(early, from)).as("before it is a fault").isNotEqualTo(Kind.THROW_AWAY);
        assertThat(verdict(atFirst, from)).as("on the day it becomes a fault").isNotEqualTo(Kind.THROW_AWAY);
        visits.add(saw(from + deadline + 0.1, sense, sign.id()));
        assertThat(verdict(paced(method, visits), from + deadline + 0.1))
                .as("still so after its deadline")
                .isEqualTo(Kind.THROW_AWAY);
    }

    /** A pot whose clock runs at its own pace, so that days are days of progress. */
    private static Course paced(Method method, List<Visit> visits) {
        int last = method.stages().size() - 1;
        double warmth = potmellow.core.ripening.Pace.of(
                        method.family(), method.stages().get(last))
                .warmth()
                .map(rates -> rates.reference())
                .orElse(20.0);
        return new Course(
                BOOK,
                method,
                last,
                Lid.CLOTH,
                SET,
                visits,
                List.of(),
                at -> warmth,
                Expectation.of(method.stages().get(last)));
    }

    @ParameterizedTest
    @CsvSource({
        "lactic-serum-even, 3.98, 4.01, READY",
        "lactic-serum-even, 3.98, 4.05, READY",
        "lactic-serum-even, 3.98, 4.06, PAST_BEST",
        "activated-culture, 3.7, 3.84, READY",
        "activated-culture, 3.7, 3.86, PAST_BEST"
    })
    void turnsNoVerdictOnAReadingWithinWhatTheMeterMayBeOff(String id, double first, double second, Kind kind) {
        Method method = BOOK.method(id).orElseThrow();
        double ripe = method.lastStage().window().toDays() * 0.8;
        List<Reading> readings = new ArrayList<>(
                List.of(new Reading(Meter.PH, first, day(ripe)), new Reading(Meter.PH, second, day(ripe + 0.4))));
        Course once = course(method, List.of(), readings, new AtomicLong());
        assertThat(verdict(warm(once, method, readings), ripe + 0.5)).isEqualTo(kind);
        boolean doubtful = kind == Kind.READY;
        assertThat(
                        warm(once, method, readings)
                                .at(day(ripe + 0.5), UnitSystem.METRIC)
                                .verdict()
                                .value()
                                .advice()
                                .stream()
                                .anyMatch(words -> words.startsWith("Read it once more")))
                .isEqualTo(doubtful);
        readings.add(new Reading(Meter.PH, second, day(ripe + 0.6)));
        assertThat(verdict(warm(once, method, readings), ripe + 0.7))
                .as("read a second time")
                .isEqualTo(Kind.PAST_BEST);
    }

    private static Course warm(Course like, Method method, List<Reading> readings) {
        return new Course(
                BOOK,
                method,
                like.stageNumber(),
                Lid.CLOTH,
                SET,
                List.of(),
                readings,
                at -> potmellow.core.ripening.Pace.of(method.family(), like.stage())
                        .warmth()
                        .map(rates -> rates.reference())
                        .orElse(20.0),
                like.expectation());
    }

    @ParameterizedTest
    @CsvSource({"4.52, false", "4.55, false", "4.56, true", "5.2, true"})
    void throwsNothingAwayOnOneDoubtfulReading(double ph, boolean thrownAway) {
        Method method = BOOK.method("lactic-serum-even").orElseThrow();
        double late = method.lastStage().window().progress(1.6);
        List<Reading> readings = new ArrayList<>(List.of(new Reading(Meter.PH, ph, day(late))));
        Course any = course(method, List.of(), readings, new AtomicLong());
        assertThat(verdict(warm(any, method, readings), late + 0.1) == Kind.THROW_AWAY)
                .isEqualTo(thrownAway);
        readings.add(new Reading(Meter.PH, ph, day(late + 0.2)));
        assertThat(verdict(warm(any, method, readings), late + 0.3)).isEqualTo(Kind.THROW_AWAY);
    }

    /** Shells whose vinegar was half used up when it was first read took the days before that reading too. */
    @Test
    void learnsAllTheProgressThatAPotMade() {
        Method shells = BOOK.method("shell-calcium-equal-volume").orElseThrow();
        List<Reading> readings = List.of(new Reading(Meter.PH, 4.4, day(4)), new Reading(Meter.PH, 5.5, day(8)));
        double took = course(shells, List.of(), readings, new AtomicLong())
                .tookDays(day(8.1), UnitSystem.METRIC)
                .orElseThrow();
        assertThat(took).as("not yet on day 4, ready on day 8").isCloseTo(6, within(1e-9));
        assertThat(Expectation.possible(shells.lastStage(), took)).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"0.1 0.15 0.2, 0", "6 7 8, 3", "6 7 500, 0", "0.2 6 7 8, 3", "6 7 8 900, 3"})
    void learnsNoTimesThatCannotBe(String days, int restsOn) {
        Method juice = BOOK.method("plant-juice-open").orElseThrow();
        List<Double> took = Stream.of(days.split(" ")).map(Double::valueOf).toList();
        Expectation learned = Expectation.of(juice.lastStage(), took);
        assertThat(learned.own()).isEqualTo(restsOn);
        if (learned.isOwn()) {
            assertThat(learned.window())
                    .isEqualTo(Expectation.of(juice.lastStage(), List.of(6.0, 7.0, 8.0))
                            .window());
        }
    }

    private static List<Visit> daily(int days) {
        return Stream.iterate(1, day -> day + 1)
                .limit(days)
                .map(day -> new Visit(
                        day(day),
                        Act.STIRRED,
                        Map.of("bubbles", "few-bubbles", "smell", "sweet-sour"),
                        Optional.empty()))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({"long-keeper", "weed-bucket", "plant-juice-open"})
    void asksForEachHoursWarmthOnceHoweverOftenItWasVisited(String id) {
        Method method = BOOK.method(id).orElseThrow();
        long seldom = asked(method, daily(3), false);
        assertThat(asked(method, daily(365), false)).as("judged").isLessThanOrEqualTo(seldom + 60);
        long hours = 24L * 365;
        assertThat(asked(method, daily(365), true)).as("emptied").isLessThan(4 * hours + 60 * 365);
    }

    private static long asked(Method method, List<Visit> visits, boolean emptied) {
        AtomicLong asked = new AtomicLong();
        Course course = course(method, visits, List.of(), asked);
        if (emptied) {
            course.tookDays(day(365), UnitSystem.METRIC);
        } else {
            course.at(day(365), UnitSystem.METRIC);
        }
        return asked.get();
    }
}
