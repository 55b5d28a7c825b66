package potmellow.core.ripening;

import java.util.List;
import java.util.Optional;
import potmellow.core.book.Stage;
import potmellow.core.craft.Clock;
import potmellow.core.craft.Window;
import potmellow.core.measure.AmountText;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;

/**
 * How long a stage takes: what the book says, or, after three finished batches, what the gardener's own batches took.
 *
 * @param window in days at the reference temperature where warmth matters
 * @param words in words, such as "7 to 10 days"
 * @param evidence what it rests on
 * @param own how many own batches it rests on; 0 for the book
 */
public record Expectation(Window window, String words, Evidence evidence, int own) {
    /** From so many finished batches on, one's own times count more than the book's. */
    public static final int ENOUGH = 3;

    private static final double LEAST_SPREAD = 1.1;
    /** What is quicker or slower by more than this is no time of this stage (from memory). */
    private static final double NO_TIME_OF_IT = 10;

    /** What the book says. */
    public static Expectation of(Stage stage) {
        return new Expectation(
                stage.window(), stage.windowWords(), stage.windowDays().evidence(), 0);
    }

    /**
     * What the gardener's own batches took, where there are three or more; else what the book says, and so where the gardener chooses. The window runs from the
     * quickest to the slowest of them, and is a tenth long at least (from memory).
     *
     * @param tookDays days on the stage's clock after which earlier batches were found ready, in any order
     */
    public static Expectation of(Stage stage, List<Double> tookDays) {
        List<Double> possible =
                tookDays.stream().filter(days -> possible(stage, days)).toList();
        Optional<Window> own = own(stage, possible);
        return own.map(window -> new Expectation(
                        window,
                        AmountText.number(window.fromDays(), 1) + " to " + AmountText.number(window.toDays(), 1)
                                + " days",
                        Evidence.derivedFrom(Mark.OWN_BATCHES),
                        possible.size()))
                .orElseGet(() -> of(stage));
    }

    /** Whether it is not below a tenth of the book's earliest, nor above ten times its latest. */
    public static boolean possible(Stage stage, double tookDays) {
        Window book = stage.window();
        return tookDays > 0 && tookDays >= book.fromDays() / NO_TIME_OF_IT && tookDays <= book.toDays() * NO_TIME_OF_IT;
    }

    private static Optional<Window> own(Stage stage, List<Double> tookDays) {
        if (stage.instant() || stage.clock() == Clock.CHOSEN || tookDays.size() < ENOUGH) {
            return Optional.empty();
        }
        double quickest = tookDays.stream().mapToDouble(days -> days).min().orElseThrow();
        double slowest = tookDays.stream().mapToDouble(days -> days).max().orElseThrow();
        return Optional.of(new Window(quickest, Math.max(slowest, quickest * LEAST_SPREAD)));
    }

    /** Whether it rests on the gardener's own batches. */
    public boolean isOwn() {
        return own > 0;
    }
}
