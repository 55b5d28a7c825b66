package potmellow.core.working;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.stream.Stream;

/**
 * One step of a working: a rule or formula in words, the figures put in, and what came out.
 *
 * @param words the rule or formula in plain words
 * @param figures the figures put in, in reading order
 * @param result what came out, with its unit; empty for a step that only states a rule
 * @param evidence what the step rests on
 */
public record Step(String words, List<Figure> figures, String result, Evidence evidence) {
    public Step {
        if (requireNonNull(words, "words").isBlank()) {
            throw new IllegalArgumentException("A step needs words.");
        }
        figures = List.copyOf(figures);
        requireNonNull(result, "result");
        requireNonNull(evidence, "evidence");
    }

    /** A step that computes something. Figures are given as name, value, name, value … */
    public static Step of(String words, String result, Evidence evidence, String... namesAndValues) {
        if (namesAndValues.length % 2 != 0) {
            throw new IllegalArgumentException("Figures come as pairs of name and value.");
        }
        Figure[] figures = new Figure[namesAndValues.length / 2];
        for (int i = 0; i < figures.length; i++) {
            figures[i] = new Figure(namesAndValues[2 * i], namesAndValues[2 * i + 1]);
        }
        return new Step(words, List.of(figures), result, evidence);
    }

    /** The same step with one more figure put in. */
    public Step with(String name, String value) {
        return new Step(
                words,
                Stream.concat(figures.stream(), Stream.of(new Figure(name, value)))
                        .toList(),
                result,
                evidence);
    }
}
