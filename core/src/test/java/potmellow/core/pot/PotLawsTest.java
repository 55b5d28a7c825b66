package potmellow.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.pot.Shelves.Kept;
import potmellow.core.rule.Severity;
import potmellow.core.scaling.Setting;
import potmellow.core.scaling.Standing;
import potmellow.core.vessel.Vessel;

/** Whatever is done to pots of whatever kind, in whatever order, what a pot is stays true. */
class PotLawsTest {
    private static final Book BOOK = Book.load();
    /** More of them by {@code -Dpotmellow.pot.sequences=50}. */
    private static final int SEQUENCES = Integer.getInteger("potmellow.pot.sequences", 2);

    private static final int ACTS = 24;
    private static final double A_DROP = 1;

    static Stream<Method> methods() {
        return BOOK.methods().stream();
    }

    /** Tries sequences of acts on pots of a method; looks after each. */
    private static void through(Method method, Consumer<Shelves> look) {
        for (int sequence = 0; sequence < SEQUENCES; sequence++) {
            Shelves shelves = new Shelves(method, new Random(method.id().hashCode() + 31L * sequence));
            int done = 0;
            for (int act = 0; act < ACTS; act++) {
                shelves.wait(60);
                done += shelves.act(shelves.any()) ? 1 : 0;
                look.accept(shelves);
            }
            assertThat(done).as("acts that went through").isGreaterThan(1);
        }
    }

    @ParameterizedTest
    @MethodSource("methods")
    void losesNothingAndMakesNothing(Method method) {
        through(method, shelves -> {
            Pot first = shelves.pots.get(0).start;
            double put = first.contents().mass(BOOK).grams();
            double parts = shelves.pots.stream()
                    .mapToDouble(kept -> kept.pot.contents().mass(BOOK).grams())
                    .sum();
            assertThat(parts).as("grams in all parts").isCloseTo(put, within(put * 1e-9));
            double there = shelves.pots.stream()
                    .filter(Kept::stands)
                    .mapToDouble(kept -> shelves.look(kept).most().value().millilitres())
                    .sum();
            double gone = shelves.taken.stream()
                    .mapToDouble(left -> left.taken().volume().millilitres()
                            * left.taken().nature().brewShare())
                    .sum();
            double most =
                    PotNow.of(first, shelves.around, Shelves.SET).most().value().millilitres();
            assertThat(there + gone).as("mL there and taken").isLessThanOrEqualTo(most + shelves.refilled + A_DROP);
        });
    }

    @ParameterizedTest
    @MethodSource("methods")
    void isTheSameInTwoPartsAsInOne(Method method) {
        Vessel other = Vessel.of("Z1", method.vessel().kinds().get(0), Volume.ofLitres(20));
        through(
                method,
                shelves -> shelves.pots.forEach(kept -> {
                    double whole = shelves.look(kept).most().value().millilitres();
                    double rest = most(shelves, kept.pot.after(new Happening.SplitOff(0.3, shelves.now())));
                    double part = most(shelves, kept.pot.part(0.3, other));
                    assertThat(rest + part).isCloseTo(whole, within(1e-6 * (1 + whole)));
                }));
    }

    @ParameterizedTest
    @MethodSource("methods")
    void holdsSoMuchLessAfterADraw(Method method) {
        through(
                method,
                shelves -> shelves.pots.forEach(kept -> {
                    Volume most = shelves.look(kept).most().value();
                    Level.Drawing half = new Level.Drawing(shelves.now(), most.times(0.5));
                    assertThat(most(shelves, kept.pot.after(new Happening.Drew(half))))
                            .isCloseTo(most.millilitres() / 2, within(1e-6 * (1 + most.millilitres())));
                }));
    }

    private static double most(Shelves shelves, Pot pot) {
        return PotNow.of(pot, shelves.around, shelves.now()).most().value().millilitres();
    }

    @ParameterizedTest
    @MethodSource("methods")
    void isByItsHappeningsAlone(Method method) {
        through(
                method,
                shelves -> shelves.pots.forEach(
                        kept -> assertThat(kept.start.after(kept.happenings)).isEqualTo(kept.pot)));
    }

    @ParameterizedTest
    @MethodSource("methods")
    void neverGoesBackInTime(Method method) {
        through(
                method,
                shelves -> shelves.pots.forEach(kept -> {
                    Instant before = kept.pot.latest().minus(Duration.ofDays(1));
                    assertThat(PotNow.of(kept.pot, shelves.around, before).now())
                            .isEqualTo(kept.pot.latest());
                    assertThat(kept.happenings)
                            .allSatisfy(one -> assertThat(one.at()).isBeforeOrEqualTo(kept.pot.latest()));
                }));
    }

    /** Not a later draw, split, top-up, move, stage or end changes what a bottle holds. */
    @ParameterizedTest
    @MethodSource("methods")
    void changesNothingOfWhatLeftIt(Method method) {
        through(
                method,
                shelves -> shelves.taken.forEach(left -> {
                    Drawn nature = left.taken().nature();
                    // What was filled in again at once came in after it.
                    Drawn told =
                            shelves.look(left.from()).course().drawn(left.at().minusMillis(1));
                    assertThat(told.ageDays()).isCloseTo(nature.ageDays(), within(1e-6));
                    assertThat(told.ph()).isEqualTo(nature.ph());
                    assertThat(told.ec()).isEqualTo(nature.ec());
                }));
    }

    @ParameterizedTest
    @MethodSource("methods")
    void givesNoMoreThanIsThere(Method method) {
        through(
                method,
                shelves -> shelves.pots.stream().filter(Kept::stands).forEach(kept -> {
                    PotNow is = shelves.look(kept);
                    Fill tooMuch =
                            shelves.fill(is, is.most().value().times(1.01).plus(Volume.ofMillilitres(5)));
                    if (is.method().toppedUp() && is.works()) {
                        assertThatThrownBy(() -> is.acts().draw(most -> tooMuch, true, false))
                                .isInstanceOf(InvalidInput.class);
                    }
                    assertThatThrownBy(() ->
                                    is.acts().empty(most -> List.of(tooMuch), new Emptying(true, false, false, false)))
                            .isInstanceOfAny(InvalidInput.class, OutOfTurn.class);
                }));
    }

    @ParameterizedTest
    @MethodSource("methods")
    void isDoneWithOnceItEnded(Method method) {
        through(
                method,
                shelves -> shelves.pots.stream()
                        .filter(kept -> !kept.stands())
                        .map(shelves::look)
                        .forEach(is -> assertThatThrownBy(is::acts)
                                .isInstanceOf(OutOfTurn.class)
                                .hasMessageContaining("was emptied")));
    }

    /** Whatever was done, no rule refuses how it stands now that didn't when it was set. */
    @ParameterizedTest
    @MethodSource("methods")
    void reachesNothingThatIsRefused(Method method) {
        through(method, shelves -> {
            List<String> before = refusals(shelves.pots.get(0).start, shelves.pots.get(0).here);
            shelves.pots.stream()
                    .filter(Kept::stands)
                    .forEach(kept -> assertThat(before).containsAll(refusals(kept.pot, kept.here)));
        });
    }

    private static List<String> refusals(Pot pot, Setting here) {
        return new Standing(
                        BOOK,
                        pot.making().method(),
                        pot.state().stage(),
                        pot.contents().materials(BOOK),
                        pot.contents().amounts(),
                        here,
                        UnitSystem.METRIC)
                .findings().stream()
                        .filter(finding -> finding.severity() == Severity.REFUSE)
                        .map(finding -> finding.rule())
                        .toList();
    }
}
