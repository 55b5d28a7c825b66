package potmellow.core.planning;

import java.time.LocalDate;
import potmellow.core.book.Book;

/**
 * What a goal begins as, before its gardener says what is wanted (from memory): the first brew of the book, in six weeks, and where it
 * is wanted again and again each fortnight until the end of a season of eighteen weeks.
 *
 * @param product id of the brew
 * @param by the day that it is wanted by, or first
 * @param until the last day of a season
 * @param everyDays days from one portion to the next
 */
public record UsualGoal(String product, LocalDate by, LocalDate until, int everyDays) {
    private static final int FIRST_WEEKS = 6;
    private static final int SEASON_WEEKS = 18;
    private static final int FORTNIGHT = 14;

    public static UsualGoal of(Book book, LocalDate today) {
        return new UsualGoal(
                book.methods().get(0).product(),
                today.plusWeeks(FIRST_WEEKS),
                today.plusWeeks(SEASON_WEEKS),
                FORTNIGHT);
    }
}
