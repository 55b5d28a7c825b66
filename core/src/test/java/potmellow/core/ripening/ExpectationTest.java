package potmellow.core.ripening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Stage;
import potmellow.core.craft.Clock;
import potmellow.core.craft.Window;

/** What own batches teach of how long a stage takes. */
class ExpectationTest {
    private static final Book BOOK = Book.load();
    private static final Stage JUICE =
            BOOK.method("plant-juice-open").orElseThrow().lastStage();

    static Stream<Stage> stagesThatTeach() {
        return BOOK.methods().stream()
                .map(Method::lastStage)
                .filter(stage -> !stage.instant() && stage.clock() != Clock.CHOSEN);
    }

    private static Window taught(Stage stage, int batches, double days) {
        return Expectation.of(stage, Collections.nCopies(batches, days)).window();
    }

    private static double middle(Window window) {
        return Math.sqrt(window.fromDays() * window.toDays());
    }

    @ParameterizedTest
    @MethodSource("stagesThatTeach")
    void batchesAsTheBookSaysLeaveItsMiddleAndNarrowIt(Stage stage) {
        Window book = stage.window();
        Window own = taught(stage, 10, middle(book));
        assertThat(middle(own)).isCloseTo(middle(book), within(1e-6 * middle(book)));
        assertThat(own.toDays() / own.fromDays()).isLessThan(book.toDays() / book.fromDays());
    }

    @ParameterizedTest
    @MethodSource("stagesThatTeach")
    void theMoreBatchesTheNearerItComesToThem(Stage stage) {
        double slow = 1.5 * stage.window().toDays();
        double before = middle(stage.window());
        for (int batches = Expectation.ENOUGH; batches <= 12; batches++) {
            double now = middle(taught(stage, batches, slow));
            assertThat(now).isGreaterThan(before).isLessThan(slow);
            before = now;
        }
    }

    /** A window is no narrower than pots of one hand differ: else a few alike would promise what the next can't keep. */
    @ParameterizedTest
    @ValueSource(ints = {3, 10, 12, 1000})
    void isNeverSurerThanPotsOfOneHandAreAlike(int batches) {
        Window own = taught(JUICE, batches, 8);
        double least = Math.exp(Math.log(10 / 7.0) * Math.sqrt(0.5));
        assertThat(own.toDays() / own.fromDays()).isGreaterThanOrEqualTo(least - 1e-9);
    }

    /** Normal prior, normal data: prior mean ln √70 and both variances ½·(ln(10/7) ÷ 2.5631)²; four of 12 days weigh four to one. */
    @Test
    void weighsTheBookAsOneBatch() {
        double expected = Math.exp((Math.log(Math.sqrt(70)) + 4 * Math.log(12)) / 5);
        assertThat(middle(taught(JUICE, 4, 12))).isCloseTo(expected, within(1e-9));
    }

    /** Eight in ten of the next fall into what ten taught, for gardeners who differ as the book's window says. */
    @Test
    void holdsWhatItPromises() {
        SplittableRandom random = new SplittableRandom(42);
        double spread = Math.log(10 / 7.0) / 2.5631 * Math.sqrt(0.5);
        int inside = 0;
        for (int gardener = 0; gardener < 2000; gardener++) {
            double own = Math.log(Math.sqrt(70)) + spread * random.nextGaussian();
            List<Double> took = new ArrayList<>();
            for (int pot = 0; pot < 10; pot++) {
                took.add(Math.exp(own + spread * random.nextGaussian()));
            }
            Window window = Expectation.of(JUICE, took).window();
            double next = Math.exp(own + spread * random.nextGaussian());
            inside += next >= window.fromDays() && next <= window.toDays() ? 1 : 0;
        }
        assertThat(inside / 2000.0).isBetween(0.77, 0.83);
    }
}
