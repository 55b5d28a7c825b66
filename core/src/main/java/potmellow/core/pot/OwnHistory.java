package potmellow.core.pot;

import java.util.List;
import java.util.Optional;
import potmellow.core.book.Method;
import potmellow.core.measure.AmountText;
import potmellow.core.ripening.Expectation;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;

/**
 * How a gardener's finished pots went.
 *
 * @param outcomes the latest of each method
 */
public record OwnHistory(List<Outcome> outcomes) {
    public OwnHistory {
        outcomes = List.copyOf(outcomes);
    }

    /** How long a stage takes: the gardener's own times after three finished batches, else the book's. */
    public Expectation expectation(Method method, int stage) {
        return Expectation.of(
                method.stages().get(stage),
                outcomes.stream()
                        .filter(outcome -> outcome.methodId().equals(method.id()) && outcome.stage() == stage)
                        .flatMap(outcome -> outcome.tookDays().stream())
                        .toList());
    }

    /** What comes out ÷ what the book expects, after three finished batches. */
    public Optional<Yield> yield(Method method) {
        List<Double> shares = outcomes.stream()
                .filter(outcome -> outcome.methodId().equals(method.id()))
                .flatMap(outcome -> outcome.yieldShare().stream())
                .toList();
        return shares.size() < Expectation.ENOUGH
                ? Optional.empty()
                : Optional.of(new Yield(
                        shares.stream().mapToDouble(share -> share).average().orElseThrow(), shares.size()));
    }

    /**
     * What comes out.
     *
     * @param share of what the book expects
     * @param batches how many finished batches it rests on
     */
    public record Yield(double share, int batches) {
        public Step step(String result) {
            return Step.of(
                    "Your own batches gave on average this share of what the book expects.",
                    result,
                    Evidence.derivedFrom(Mark.OWN_BATCHES),
                    "share",
                    AmountText.percent(share),
                    "finished batches",
                    String.valueOf(batches));
        }
    }
}
