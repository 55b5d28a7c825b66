package potmellow.core.pot;

import static java.util.Objects.requireNonNull;

import java.time.Duration;
import java.time.Instant;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.vessel.Vessel;

/**
 * How a pot is made, which nothing that happens to it changes.
 *
 * @param book the book it is made by
 * @param method how
 * @param name what it is called
 * @param vessel what it stands in
 * @param setAt when it was set, at the latest; while its water stands, when it is to be
 * @param oldestAt when it may have been set at the earliest; the same where that is known
 */
public record Making(Book book, Method method, String name, Vessel vessel, Instant setAt, Instant oldestAt) {
    private static final Duration A_DAY = Duration.ofDays(1);

    public Making {
        requireNonNull(book, "book");
        requireNonNull(method, "method");
        requireNonNull(vessel, "vessel");
        if (oldestAt.isAfter(setAt)) {
            throw new IllegalArgumentException(
                    "A pot can't have been set at " + setAt + " and after " + oldestAt + " at the earliest.");
        }
    }

    /** What it makes. */
    public Product product() {
        return book.productOf(method);
    }

    /** Whether it is known to the day when it was set, so that others can learn from it. */
    public boolean dated() {
        return Duration.between(oldestAt, setAt).compareTo(A_DAY) <= 0;
    }

    /** The same in another vessel. */
    Making in(Vessel other) {
        return new Making(book, method, name, other, setAt, oldestAt);
    }

    /** The same, filled at a moment: its clock starts then. */
    Making filledAt(Instant at) {
        return new Making(book, method, name, vessel, at, at);
    }
}
