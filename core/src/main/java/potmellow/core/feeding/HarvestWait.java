package potmellow.core.feeding;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.book.Use;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.planting.Eaten;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * How long what was fed is not to be picked. A published wait refuses, another one is a decision; a day of picking that is past means
 * that picking goes on, until somebody says otherwise.
 */
public final class HarvestWait {
    private static final String RULE = "harvest";
    private static final String RULES_FIRST = " Local rules come first.";

    private HarvestWait() {}

    /** Such as "Wait 3 days before picking", or "No wait before picking". */
    public static String words(double days) {
        if (!(days > 0)) {
            return "No wait before picking";
        }
        return "Wait " + days(days) + " before picking";
    }

    /** The same for what the feed touches and what it doesn't. */
    public static String words(double touched, double apart) {
        String waits = words(touched);
        if (touched == apart) {
            return waits;
        }
        return waits + (apart > 0 ? ", " + AmountText.number(apart) : ", none") + " where it isn't touched";
    }

    /** The longest wait of what is in the water. */
    static Stated longest(Dose dose) {
        return dose.portions().stream()
                .map(portion -> wait(portion, dose))
                .max(Comparator.comparingDouble(Stated::value))
                .orElseThrow();
    }

    private static Stated wait(Use use, boolean touched) {
        return touched ? use.harvestWaitDays() : use.harvestWaitApartDays().orElse(use.harvestWaitDays());
    }

    private static Stated wait(Portion portion, Dose dose) {
        boolean touched = dose.target().onLeaves()
                || dose.recipient().map(to -> to.plants().touched()).orElse(true);
        return wait(portion.use(), touched);
    }

    /** Every wait in the water against the day of picking: the gravest is told, of equals the longest. */
    static Finding of(Dose dose, Plants plants) {
        if (plants.eaten() == Eaten.NOT) {
            return finding(
                    Severity.HOLDS,
                    plants.name() + " is not eaten.",
                    Step.of("The wait before picking counts for what is eaten.", "not eaten", Evidence.exact()));
        }
        return dose.portions().stream()
                .sorted(Comparator.comparingDouble(
                        portion -> -wait(portion, dose).value()))
                .map(portion -> of(portion, dose, plants))
                .reduce((one, other) -> other.severity().compareTo(one.severity()) > 0 ? other : one)
                .orElseThrow();
    }

    private static Finding of(Portion portion, Dose dose, Plants plants) {
        Stated wait = wait(portion, dose);
        if (wait.value() == 0) {
            return finding(
                    Severity.HOLDS,
                    "Picking can go on; wash what you pick.",
                    Step.of("Days between feeding and picking.", "0", wait.evidence()));
        }
        Optional<Long> left =
                dose.hour().flatMap(hour -> plants.harvest().map(day -> ChronoUnit.DAYS.between(hour.today(), day)));
        Step step = Step.of(
                plants.touched()
                        ? "Days between feeding and picking, where soil or spray wets what is eaten."
                        : "Days between feeding and picking, where what is eaten stays untouched.",
                days(wait.value()),
                wait.evidence(),
                "next picking",
                left.map(days -> days + " days").orElse("not told"));
        if (left.isEmpty()) {
            return untold(plants, wait, step);
        }
        return left.get() >= wait.value()
                ? finding(
                        Severity.HOLDS,
                        plants.name() + ": picking in " + left.get() + " days, the wait is "
                                + AmountText.number(wait.value(), 0) + ".",
                        step)
                : tooSoon(portion, wait, plants, left.get(), step);
    }

    /** A published wait is not poured on a guess. */
    private static Finding untold(Plants plants, Stated wait, Step step) {
        return wait.mark() == Mark.PUBLISHED
                ? finding(
                        Severity.CONFIRM,
                        plants.name() + ": nobody said when you pick. Nothing may be picked for " + days(wait.value())
                                + "." + RULES_FIRST,
                        step)
                : finding(
                        Severity.NOTE,
                        plants.name() + ": pick nothing for " + days(wait.value()) + ", and wash it." + RULES_FIRST,
                        step);
    }

    private static Finding tooSoon(Portion portion, Stated wait, Plants plants, long left, Step step) {
        String when = left < 0
                ? "its day of picking is past, so you may be picking now"
                : "you pick in " + left + (left == 1 ? " day" : " days");
        String words = plants.name() + ": " + when + ", and this wants " + days(wait.value()) + " before.";
        if (wait.mark() != Mark.PUBLISHED) {
            return finding(Severity.CONFIRM, words, step);
        }
        Optional<Stated> tested = portion.use().rules().testedBelow();
        if (tested.isEmpty()) {
            return finding(Severity.REFUSE, words + RULES_FIRST, step);
        }
        Step test = Step.of(
                "The wait falls away where this very tea was tested and found clean.",
                "under " + AmountText.number(tested.get().value(), 0) + " E. coli in 100 mL",
                tested.get().evidence());
        return Finding.of(
                RULE,
                Severity.CONFIRM,
                "plantings",
                words + " Only a test of this very tea lifts that: under "
                        + AmountText.number(tested.get().value(), 0) + " E. coli in 100 mL ("
                        + tested.get().source() + "). Pour it only if yours was tested." + RULES_FIRST,
                step,
                test);
    }

    private static Finding finding(Severity severity, String words, Step step) {
        return Finding.of(RULE, severity, "plantings", words, step);
    }

    /**
     * The first day on which it may be picked after what it was fed, where that still lies ahead.
     *
     * @param today the garden's day
     */
    public static Optional<Working<LocalDate>> of(Book book, Recipient recipient, LocalDate today) {
        if (recipient.plants().eaten() == Eaten.NOT) {
            return Optional.empty();
        }
        return recipient.history().feeds().stream()
                .flatMap(fed -> fed.doses().stream()
                        .flatMap(given -> book.findProduct(given.productId()).stream())
                        .flatMap(product ->
                                product.find(fed.target()).stream().map(use -> from(product, use, fed, recipient))))
                .max(Comparator.comparing(Working::value))
                .filter(from -> from.value().isAfter(today));
    }

    private static Working<LocalDate> from(Product product, Use use, History.Fed fed, Recipient recipient) {
        boolean touched = fed.target().onLeaves() || recipient.plants().touched();
        Stated wait = wait(use, touched);
        LocalDate day = LocalDate.ofInstant(fed.at(), recipient.history().zone());
        LocalDate from = day.plusDays((long) Math.ceil(wait.value()));
        return Working.of(
                from,
                Step.of(
                        "Picking waits so many days after a feed. Local rules come first.",
                        from.toString(),
                        wait.evidence(),
                        product.name(),
                        day.toString(),
                        "wait",
                        days(wait.value())));
    }

    /** The wait of what goes nowhere in particular. */
    static Finding untold(List<Portion> portions) {
        Stated longest = portions.stream()
                .map(portion -> portion.use().harvestWaitDays())
                .max(Comparator.comparingDouble(Stated::value))
                .orElseThrow();
        Step step =
                Step.of("Days between feeding and picking.", AmountText.number(longest.value()), longest.evidence());
        return longest.value() == 0
                ? Finding.of(RULE, Severity.HOLDS, "use", "Picking can go on; wash what you pick.", step)
                : Finding.of(
                        RULE,
                        Severity.NOTE,
                        "use",
                        "Pick nothing that was wetted for " + days(longest.value()) + ", and wash it." + RULES_FIRST,
                        step);
    }

    private static String days(double days) {
        return AmountText.number(days) + (days == 1 ? " day" : " days");
    }
}
