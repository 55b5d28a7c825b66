package potmellow.app.answer;

import java.util.List;
import potmellow.core.working.Figure;
import potmellow.core.working.Mark;
import potmellow.core.working.Working;

/**
 * A working, carried whole.
 *
 * @param mark the weakest mark of all steps
 * @param markWords the words shown beside the answer, such as "derived, from memory"
 * @param steps how the answer was reached, in order
 */
public record WorkingView(Mark mark, String markWords, List<StepView> steps) {
    public static WorkingView of(Working<?> working) {
        return new WorkingView(
                working.mark(),
                working.evidence().words(),
                working.steps().stream()
                        .map(step -> new StepView(
                                step.words(),
                                step.figures(),
                                step.result(),
                                step.evidence().words(),
                                step.evidence().source()))
                        .toList());
    }

    /**
     * One step.
     *
     * @param words the rule or formula
     * @param figures what was put in
     * @param result what came out; empty for a step that only states a rule
     * @param markWords how far it can be trusted
     * @param source where it comes from; empty where nothing is printed
     */
    public record StepView(String words, List<Figure> figures, String result, String markWords, String source) {}
}
