package potmellow.core.book;

/**
 * A danger, told where it is met.
 *
 * @param at where it is met
 * @param title one or two words
 * @param words what to do, in plain sentences
 */
public record Caution(Moment at, String title, String words) {
    /** Where on the walk of a brew a danger is met. */
    public enum Moment {
        PICKING,
        SETTING,
        WORKING,
        BOTTLING,
        FEEDING
    }
}
