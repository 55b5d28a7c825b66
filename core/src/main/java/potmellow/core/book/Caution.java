package potmellow.core.book;

import java.util.Optional;

/**
 * A danger, told where it is met.
 *
 * @param at where it is met
 * @param title one or two words
 * @param words what to do, in plain sentences
 * @param why the figure behind it, a sentence; empty where there is none
 * @param source where that is printed; empty where there is none
 */
public record Caution(Moment at, String title, String words, Optional<String> why, Optional<String> source) {
    public Caution {
        why = why == null ? Optional.empty() : why;
        source = source == null ? Optional.empty() : source;
        if (why.isPresent() && source.isEmpty()) {
            throw new IllegalArgumentException("The figure behind the caution “" + title + "” must name its source.");
        }
    }

    /** Where on the walk of a brew a danger is met. */
    public enum Moment {
        PICKING,
        SETTING,
        WORKING,
        BOTTLING,
        FEEDING
    }
}
