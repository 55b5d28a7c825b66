package potmellow.core.planning;

import java.time.LocalDate;
import java.util.Optional;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.measure.Volume;

/**
 * Brew that is there already: a bottle, or a pot that works.
 *
 * @param code the code on it
 * @param name what it is called
 * @param product the brew
 * @param amount how much of it may be counted on
 * @param hopeful the day from which it can be used at the earliest
 * @param from the day from which it can surely be used
 * @param until the last day it is counted on
 * @param pot the pot's id; empty for a bottle
 * @param step the step of the plan that it carries out; empty where it carries out none
 */
public record Stored(
        String code,
        String name,
        String product,
        Volume amount,
        LocalDate hopeful,
        LocalDate from,
        LocalDate until,
        Optional<String> pot,
        Optional<String> step) {
    /** A bottle. */
    public static Stored bottle(
            String code, String name, String product, Volume amount, LocalDate from, LocalDate until) {
        return new Stored(code, name, product, amount, from, from, until, Optional.empty(), Optional.empty());
    }

    /**
     * A pot that works. What it still takes after it was emptied is added.
     *
     * @param early the day it may be ready
     * @param late the day it surely is
     */
    public static Stored pot(
            String code,
            String name,
            Method method,
            Product product,
            Volume amount,
            LocalDate early,
            LocalDate late,
            String pot,
            Optional<String> step) {
        Afterwards after = Afterwards.of(method, product);
        LocalDate from = late.plusDays(after.most());
        return new Stored(
                code,
                name,
                product.id(),
                amount,
                early.plusDays(after.least()),
                from,
                from.plusDays(Chains.keepDays(method, product)),
                Optional.of(pot),
                step);
    }
}
