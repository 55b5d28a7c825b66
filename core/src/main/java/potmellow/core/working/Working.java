package potmellow.core.working;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * An answer with everything that led to it. Immutable.
 *
 * @param value the answer
 * @param steps how it was reached, in order; at least one
 * @param <T> the type of the answer
 */
public record Working<T>(T value, List<Step> steps) {
    public Working {
        requireNonNull(value, "value");
        steps = List.copyOf(steps);
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("A working needs at least one step.");
        }
    }

    public static <T> Working<T> of(T value, Step... steps) {
        return new Working<>(value, List.of(steps));
    }

    /** This answer turned into another by a further step. */
    public <R> Working<R> then(R next, Step step) {
        List<Step> all = new ArrayList<>(steps);
        all.add(step);
        return new Working<>(next, all);
    }

    /** The same steps with the answer seen in another form. */
    public <R> Working<R> map(Function<T, R> form) {
        return new Working<>(form.apply(value), steps);
    }

    /** The weakest mark of all steps. */
    public Mark mark() {
        return steps.stream().map(step -> step.evidence().mark()).reduce(Mark.PUBLISHED, Mark::weaker);
    }

    /** What the whole answer rests on: its weakest mark, and whether anything was calculated. */
    public Evidence evidence() {
        boolean derived = steps.size() > 1 || steps.get(0).evidence().derived();
        return new Evidence(mark(), derived, String.join("; ", sources()));
    }

    /** The sources named by the steps, each once, in order. */
    public List<String> sources() {
        return steps.stream()
                .map(step -> step.evidence().source())
                .filter(source -> !source.isBlank())
                .distinct()
                .toList();
    }
}
