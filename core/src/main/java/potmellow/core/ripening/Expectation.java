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

    /** Of the book's window it is taken that eight pots in ten fall into it; half of what differs is the gardener's for good (from memory). */
    private static final double EIGHT_IN_TEN = 1.2816;

    private static final double GARDENERS_SHARE = 0.5;
    /** What is quicker or slower by more than this is no time of this stage (from memory). */
    private static final double NO_TIME_OF_IT = 10;

    /** What the book says. */
    public static Expectation of(Stage stage) {
        return new Expectation(
                stage.window(), stage.windowWords(), stage.windowDays().evidence(), 0);
    }

    /**
     * What the gardener's own batches took, where there are three or more; else what the book says, and so where the gardener chooses.
     * The book is believed as much as one batch, each own batch as much again, all by the logarithm of their days: the window is where
     * eight in ten of the next are to be expected (normal distribution with a normal prior; e.g. Gelman et al., Bayesian Data
     * Analysis, ch. 2).
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
        Window book = stage.window();
        double spread = Math.log(book.toDays() / book.fromDays()) / (2 * EIGHT_IN_TEN);
        double ofGardeners = spread * spread * GARDENERS_SHARE;
        double ofPots = spread * spread - ofGardeners;
        double known = 1 / ofGardeners + tookDays.size() / ofPots;
        double sum = tookDays.stream().mapToDouble(Math::log).sum();
        double middle = (Math.log(book.fromDays() * book.toDays()) / 2 / ofGardeners + sum / ofPots) / known;
        double next = EIGHT_IN_TEN * Math.sqrt(1 / known + ofPots);
        return Optional.of(new Window(Math.exp(middle - next), Math.exp(middle + next)));
    }

    /** Whether it rests on the gardener's own batches. */
    public boolean isOwn() {
        return own > 0;
    }
}
