package potmellow.core.rule;

import static java.util.Objects.requireNonNull;

import java.util.List;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * What one rule says of the case at hand. Rules that hold are listed too, so that the reader sees what was looked at.
 *
 * @param rule stable id, such as "tight-lid"
 * @param severity how much it matters
 * @param concerns the entry that it is about, such as "lid"; the screen shows it there
 * @param words one or two plain sentences: what was given, why it matters, what to do
 * @param working the figures that decided it
 */
public record Finding(String rule, Severity severity, String concerns, String words, Working<Boolean> working) {
    public Finding {
        requireNonNull(rule, "rule");
        requireNonNull(severity, "severity");
        requireNonNull(concerns, "concerns");
        requireNonNull(words, "words");
        requireNonNull(working, "working");
    }

    public static Finding of(String rule, Severity severity, String concerns, String words, Step... steps) {
        return new Finding(rule, severity, concerns, words, new Working<>(severity == Severity.HOLDS, List.of(steps)));
    }

    /** Whether it stands in the way. */
    public boolean refuses() {
        return severity == Severity.REFUSE;
    }
}
