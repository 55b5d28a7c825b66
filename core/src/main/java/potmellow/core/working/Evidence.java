package potmellow.core.working;

import static java.util.Objects.requireNonNull;

/**
 * What a number rests on.
 *
 * @param mark how far it can be trusted; for a derived number the weakest mark of its inputs
 * @param derived whether it was calculated here
 * @param source the printed source or the formula's name; empty where there is none
 */
public record Evidence(Mark mark, boolean derived, String source) {
    public Evidence {
        requireNonNull(mark, "mark");
        requireNonNull(source, "source");
        if (mark == Mark.PUBLISHED && !derived && source.isBlank()) {
            throw new IllegalArgumentException("A published number must name its source.");
        }
    }

    public static Evidence published(String source) {
        return new Evidence(Mark.PUBLISHED, false, source);
    }

    public static Evidence commonPractice() {
        return new Evidence(Mark.COMMON_PRACTICE, false, "");
    }

    public static Evidence fromMemory() {
        return new Evidence(Mark.FROM_MEMORY, false, "");
    }

    /** What was entered or counted by the gardener, or follows by arithmetic from exact definitions. */
    public static Evidence exact() {
        return new Evidence(Mark.PUBLISHED, true, "arithmetic");
    }

    /** A calculation whose weakest input has the given mark. */
    public static Evidence derivedFrom(Mark weakestInput) {
        return new Evidence(weakestInput, true, "");
    }

    /** The words shown beside a number, such as "derived, from memory". */
    public String words() {
        if (!derived) {
            return mark.words();
        }
        return mark == Mark.PUBLISHED ? "derived" : "derived, " + mark.words();
    }
}
