package potmellow.core.book;

/**
 * One way of doing it where gardeners disagree.
 *
 * @param name what the way is called, such as "Slow, packed"
 * @param does what is done, in a few words
 * @param costs what choosing it costs or gains against the others
 */
public record School(String name, String does, String costs) {
    public School {
        costs = costs == null ? "" : costs;
    }
}
