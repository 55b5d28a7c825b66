package potmellow.core.pot;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Sign;
import potmellow.core.book.Sign.Effect;
import potmellow.core.craft.Act;
import potmellow.core.craft.Family;
import potmellow.core.judgement.Danger;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;
import potmellow.core.ripening.Expectation;
import potmellow.core.vessel.Lid;

/** What can burst, burn or sicken comes first, with its one act, and goes once that is logged. */
class DangerFirstTest {
    private static final Book BOOK = Book.load();
    private static final Instant SET = Instant.parse("2025-05-01T08:00:00Z");

    private final List<Visit> visits = new ArrayList<>();
    private final List<Reading> readings = new ArrayList<>();

    private static Instant day(double days) {
        return SET.plus(Duration.ofMinutes(Math.round(days * 1440)));
    }

    private void visit(double day, Act act, Map<String, String> signs) {
        visits.add(new Visit(day(day), act, signs, Optional.empty()));
    }

    private Assessment assessed(Method method, double day) {
        return course(method).at(day(day), UnitSystem.METRIC);
    }

    private Course course(Method method) {
        int stage = method.stages().size() - 1;
        return new Course(
                BOOK,
                method,
                stage,
                Lid.TIGHT,
                SET,
                visits,
                readings,
                at -> 20,
                Expectation.of(method.stages().get(stage)));
    }

    static Stream<Arguments> everyDangerOfEveryWay() {
        return BOOK.methods().stream()
                .flatMap(method -> BOOK.signs().senses(method, Lid.TIGHT).stream()
                        .flatMap(row -> row.signs().stream()
                                .filter(sign -> sign.effect() == Effect.ACT_NOW)
                                .map(sign -> Arguments.of(method, row.sense(), sign))));
    }

    @ParameterizedTest
    @MethodSource("everyDangerOfEveryWay")
    void namesTheOneActThatAnswersADanger(Method method, String sense, Sign sign) {
        visit(0.2, Act.LOOKED, Map.of(sense, sign.id()));
        Assessment seen = assessed(method, 0.21);
        Danger first = seen.dangers().get(0);
        assertThat(first.words().get(0)).startsWith(sign.meaning());
        assertThat(first.act()).isEqualTo(sign.remedy());
        assertThat(Act.of(method.family())).contains(first.act().orElseThrow());
        Stop stop = Stop.of(course(method), seen, false, day(0.21), day(1)).orElseThrow();
        assertThat(stop.pressing()).isTrue();
        assertThat(stop.tasks().get(0).act()).isEqualTo(first.act());
        assertThat(stop.tasks().stream().filter(task -> task.act().equals(first.act())))
                .hasSize(1);
    }

    @ParameterizedTest
    @MethodSource("everyDangerOfEveryWay")
    void letsADangerGoOnceItsActIsLoggedAndAsksToLookAgain(Method method, String sense, Sign sign) {
        Act answer = sign.remedy().orElseThrow();
        visit(0.1, answer, Map.of());
        visit(0.2, Act.LOOKED, Map.of(sense, sign.id()));
        assertThat(assessed(method, 0.21).dangers()).as("what was done before").isNotEmpty();
        visit(0.22, answer, Map.of());
        Assessment after = assessed(method, 0.23);
        assertThat(after.dangers()).isEmpty();
        assertThat(after.verdict().value().advice()).anyMatch(words -> words.contains("Look again"));
        visit(0.24, Act.LOOKED, Map.of(sense, sign.id()));
        assertThat(assessed(method, 0.241).dangers()).as("seen again").isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("everyDangerOfEveryWay")
    void takesWhatWasSeenAndDoneAtOneVisitAsSeenFirst(Method method, String sense, Sign sign) {
        visit(0.2, sign.remedy().orElseThrow(), Map.of(sense, sign.id()));
        assertThat(assessed(method, 0.21).dangers()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void callsEveryBrewBeyondSavingADanger(Family family) {
        BOOK.methods(family)
                .forEach(method -> BOOK.signs().senses(method, Lid.TIGHT).stream()
                        .flatMap(row -> row.signs().stream()
                                .filter(sign -> sign.effect() == Effect.DISCARD)
                                .map(sign -> Map.of(row.sense(), sign.id())))
                        .forEach(signs -> {
                            visits.clear();
                            visit(0.2, Act.LOOKED, signs);
                            Assessment spoilt = assessed(method, 0.21);
                            assertThat(spoilt.dangers())
                                    .as(method.id() + " " + signs)
                                    .anyMatch(danger -> danger.throwAway()
                                            && danger.words()
                                                    .containsAll(spoilt.verdict()
                                                            .value()
                                                            .reasons())
                                            && danger.words()
                                                    .contains(spoilt.verdict()
                                                            .value()
                                                            .disposal()
                                                            .orElseThrow()));
                        }));
    }

    @Test
    void turnsAHeapOverItsLimitOrComingToItAndReadsItAgain() {
        Method heap = BOOK.method("forest-heap").orElseThrow();
        readings.add(new Reading(Meter.THERMOMETER, 41, day(2)));
        readings.add(new Reading(Meter.THERMOMETER, 43, day(2 + 2 / 24.0)));
        readings.add(new Reading(Meter.THERMOMETER, 45, day(2 + 4 / 24.0)));
        assertThat(assessed(heap, 2.2).dangers()).extracting(Danger::act).containsExactly(Optional.of(Act.TURNED));
        readings.add(new Reading(Meter.THERMOMETER, 50, day(2 + 6 / 24.0)));
        assertThat(assessed(heap, 2.3).dangers())
                .as("one danger, one act")
                .extracting(Danger::act)
                .containsExactly(Optional.of(Act.TURNED));
        visit(2.31, Act.TURNED, Map.of());
        assertThat(assessed(heap, 2.32).dangers()).isEmpty();
        assertThat(assessed(heap, 2.32).verdict().value().advice())
                .anyMatch(words -> words.contains("Read it again in an hour"));
    }

    @Test
    void putsWhatIsTooHotNowBeforeWhatComesToItAndBothBeforeThrowingAway() {
        Method heap = BOOK.method("forest-heap").orElseThrow();
        readings.add(new Reading(Meter.THERMOMETER, 41, day(2)));
        readings.add(new Reading(Meter.THERMOMETER, 43, day(2 + 2 / 24.0)));
        readings.add(new Reading(Meter.THERMOMETER, 45, day(2 + 4 / 24.0)));
        String rotten = BOOK.signs().senses(heap, Lid.TIGHT).stream()
                .filter(row -> row.sense().equals("smell"))
                .flatMap(row -> row.signs().stream())
                .filter(sign -> sign.effect() == Effect.DISCARD)
                .map(Sign::id)
                .findFirst()
                .orElseThrow();
        visit(2.2, Act.LOOKED, Map.of("smell", rotten));
        assertThat(assessed(heap, 2.21).dangers()).extracting(Danger::throwAway).containsExactly(false, true);
    }

    @Test
    void saysToActBeforeItSaysToThrowAway() {
        Method juice = BOOK.methods(Family.SUGAR).get(0);
        String mould = BOOK.signs().senses(juice, Lid.TIGHT).stream()
                .filter(row -> row.sense().equals("surface"))
                .flatMap(row -> row.signs().stream())
                .filter(sign -> sign.effect() == Effect.DISCARD)
                .findFirst()
                .orElseThrow()
                .id();
        visit(0.2, Act.LOOKED, Map.of("surface", mould, "lid", "bulging"));
        assertThat(assessed(juice, 0.21).dangers())
                .extracting(Danger::throwAway)
                .containsExactly(false, true);
    }

    @Test
    void leavesAQuietPotWithoutADanger() {
        Method juice = BOOK.methods(Family.SUGAR).get(0);
        assertThat(assessed(juice, 1).dangers()).isEmpty();
    }
}
