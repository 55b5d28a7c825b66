package potmellow.core.pantry;

import static potmellow.core.measure.AmountText.number;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.craft.StatedRange;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * How long it takes to have a brew that isn't in store: its own time and, before it, the time of whatever it is made of, one after the
 * other. At the warmth that each method is told for; the plan reckons with the places.
 *
 * @param leastDays at the least
 * @param mostDays at the most
 * @param ways the methods in the order in which they are set; the last one makes the brew
 */
public record LeadTime(double leastDays, double mostDays, List<Method> ways) {
    private static final double HOURS_BELOW_DAYS = 3;
    private static final double HOURS_IN_A_DAY = 24;

    public LeadTime {
        ways = List.copyOf(ways);
        if (!(0 <= leastDays && leastDays <= mostDays) || ways.isEmpty()) {
            throw new IllegalArgumentException("A brew takes from nothing upward (" + leastDays + " to " + mostDays
                    + " days), in at least one way.");
        }
    }

    /**
     * The quickest way to a brew.
     *
     * @param there whether a brew, by its id, is in store already and takes no time
     * @return empty where the book makes it in no way, or only from itself
     */
    public static Optional<Working<LeadTime>> of(Book book, String product, Predicate<String> there) {
        return quickest(book, product, there, new HashSet<>()).map(LeadTime::told);
    }

    private static Optional<LeadTime> quickest(Book book, String product, Predicate<String> there, Set<String> asked) {
        if (!asked.add(product)) {
            return Optional.empty();
        }
        Optional<LeadTime> quickest = book.making(product).stream()
                .flatMap(method -> way(book, method, there, asked).stream())
                .min(Comparator.comparingDouble(LeadTime::mostDays).thenComparing(one -> one.ways.size()));
        asked.remove(product);
        return quickest;
    }

    private static Optional<LeadTime> way(Book book, Method method, Predicate<String> there, Set<String> asked) {
        Optional<LeadTime> slowest = Optional.empty();
        for (Part part : method.parts()) {
            if (part.optional() || !brewed(book, part) || anyThere(book, part, there)) {
                continue;
            }
            Optional<LeadTime> before =
                    quickest(book, book.usual(part).product().orElseThrow(), there, asked);
            if (before.isEmpty()) {
                return Optional.empty();
            }
            slowest =
                    slowest.filter(one -> one.mostDays >= before.get().mostDays).or(() -> before);
        }
        StatedRange own = days(method);
        List<Method> ways = new ArrayList<>(slowest.map(LeadTime::ways).orElse(List.of()));
        ways.add(method);
        return Optional.of(new LeadTime(
                slowest.map(LeadTime::leastDays).orElse(0.0) + own.least(),
                slowest.map(LeadTime::mostDays).orElse(0.0) + own.most(),
                ways));
    }

    /** Whether it can't be bought or gathered, but is made. */
    private static boolean brewed(Book book, Part part) {
        return part.choices().stream()
                .allMatch(
                        choice -> book.material(choice).orElseThrow().product().isPresent());
    }

    private static boolean anyThere(Book book, Part part, Predicate<String> there) {
        return part.choices().stream()
                .flatMap(choice -> book.material(choice).orElseThrow().product().stream())
                .anyMatch(there);
    }

    /** Windows are counted from the moment a pot is set, so the last stage's is that of the whole. */
    private static StatedRange days(Method method) {
        return method.lastStage().windowDays();
    }

    private static Working<LeadTime> told(LeadTime lead) {
        List<Step> steps = lead.ways.stream()
                .map(method -> Step.of(
                        method.title() + ", " + method.school().name().toLowerCase(Locale.ROOT) + ".",
                        method.lastStage().windowWords(),
                        days(method).evidence()))
                .toList();
        return Working.of(lead, steps.toArray(Step[]::new));
    }

    /** The method that is set first. */
    public Method first() {
        return ways.get(0);
    }

    /** The day on which it is surely there, where it is begun on another. */
    public LocalDate readyBy(LocalDate begun) {
        return begun.plusDays((long) Math.ceil(mostDays) + 1);
    }

    /** "5 to 9 days", "about 24 hours", "no time: it is ready at once". */
    public String words() {
        if (mostDays == 0) {
            return "no time: it is ready at once";
        }
        boolean hours = mostDays < HOURS_BELOW_DAYS;
        double unit = hours ? HOURS_IN_A_DAY : 1;
        long least = Math.round(leastDays * unit);
        long most = Math.round(mostDays * unit);
        String name = hours ? " hours" : " days";
        return least == most ? "about " + number(most, 0) + name : number(least, 0) + " to " + number(most, 0) + name;
    }
}
