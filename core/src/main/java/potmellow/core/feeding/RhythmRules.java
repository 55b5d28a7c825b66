package potmellow.core.feeding;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.measure.AmountText;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Ratio;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;

/** What was fed last and when: intervals, what harms when repeated, plain water between, one change at a time. */
final class RhythmRules {
    private static final String CONCERNS = "plantings";
    /** A feed may come a little before its day (from memory). */
    static final double EARLY_BY = 0.8;
    /** Pots are flushed with plain water every fourth feed. */
    static final int FEEDS_TO_A_FLUSH = 4;

    private RhythmRules() {}

    static List<Finding> of(Dose dose, Recipient recipient, Conditions hour) {
        Plants plants = recipient.plants();
        History history = recipient.history();
        List<Finding> findings = new ArrayList<>();
        findings.add(apart(plants, history, hour.now()));
        for (Portion portion : dose.portions()) {
            repeated(portion, plants, history, hour.now()).ifPresent(findings::add);
            plainWater(portion, plants, history).ifPresent(findings::add);
            ladder(portion, plants, hour.now()).ifPresent(findings::add);
        }
        if (dose.target().onSoil()) {
            flush(plants, history).ifPresent(findings::add);
        }
        response(dose.portions(), plants, history).ifPresent(findings::add);
        twoChanges(dose.portions(), plants, history, hour.now()).ifPresent(findings::add);
        return findings;
    }

    private static Finding apart(Plants plants, History history, Instant now) {
        return history.lastFeed()
                .map(last -> apart(plants, last.daysBefore(now)))
                .orElseGet(() -> Finding.of(
                        "apart",
                        Severity.HOLDS,
                        CONCERNS,
                        plants.name() + ": the first feed.",
                        Step.of("Two feeds of one planting stay three days apart.", "first", Evidence.fromMemory())));
    }

    private static Finding apart(Plants plants, double days) {
        Step step = Step.of(
                "Two feeds of one planting stay at least three days apart.",
                AmountText.number(days, 1) + " days",
                Evidence.fromMemory());
        if (days >= Response.LEAST_APART.toDays()) {
            String words = plants.name() + ": last feed " + ago(days) + ".";
            return Finding.of("apart", Severity.HOLDS, CONCERNS, words, step);
        }
        String words = plants.name() + ": fed " + ago(days)
                + ". Leave three days between two feeds, or you won't know which one they answer to.";
        return Finding.of("apart", Severity.CONFIRM, CONCERNS, words, step);
    }

    static String ago(double days) {
        long whole = (long) Math.floor(days);
        if (whole == 0) {
            return "within the last day";
        }
        return whole == 1 ? "yesterday" : whole + " days ago";
    }

    private static Optional<Finding> repeated(Portion dose, Plants plants, History history, Instant now) {
        Optional<History.Fed> last = dose.brew().brewed().flatMap(product -> history.lastFeed(product.id()));
        if (last.isEmpty()) {
            return Optional.empty();
        }
        double days = last.get().daysBefore(now);
        return Optional.of(tooOften(dose, plants, days).orElseGet(() -> interval(dose, plants, days)));
    }

    private static Optional<Finding> tooOften(Portion dose, Plants plants, double days) {
        return dose.use()
                .rules()
                .neverSoonerDays()
                .filter(least -> days < least.value())
                .map(least -> Finding.of(
                        "too-often",
                        Severity.REFUSE,
                        CONCERNS,
                        plants.name() + ": " + dose.name() + " " + ago(days) + ". Not again before day "
                                + AmountText.number(least.value()) + ": too often harms and can kill.",
                        Step.of("Days between two of it, at least.", AmountText.number(least.value()), least.evidence())
                                .with("last", AmountText.number(days, 1) + " days ago")));
    }

    private static Finding interval(Portion dose, Plants plants, double days) {
        double due = dose.advice().intervalDays().value();
        boolean early = days < due * EARLY_BY;
        String every = AmountText.number(due) + " days.";
        String words = early
                ? " " + ago(days) + ", and it is due every " + every + " Sooner is more, and too much burns."
                : " is due, it comes every " + every;
        return Finding.of(
                "interval",
                early ? Severity.CONFIRM : Severity.HOLDS,
                CONCERNS,
                plants.name() + ": " + dose.name() + words,
                dose.advice().intervalDays().steps().get(0));
    }

    private static Optional<Finding> plainWater(Portion dose, Plants plants, History history) {
        Optional<History.Fed> last = dose.brew().brewed().flatMap(product -> history.lastFeed(product.id()));
        boolean owed = dose.use().rules().plainWaterBetween()
                && last.isPresent()
                && !history.wateredSince(last.get().at());
        return owed
                ? Optional.of(Finding.of(
                        "plain-water",
                        Severity.CONFIRM,
                        CONCERNS,
                        plants.name() + ": no plain watering since the last " + dose.name()
                                + ". One comes between two of them.",
                        Step.of("One plain watering between two steeps.", "none yet", Evidence.commonPractice())))
                : Optional.empty();
    }

    private static Optional<Finding> ladder(Portion dose, Plants plants, Instant now) {
        if (dose.advice().climb().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(ladder(dose, dose.advice().climb().get(), plants, now));
    }

    private static Finding ladder(Portion dose, Climb climb, Plants plants, Instant now) {
        if (climb.stand().stopped()) {
            return rung(Severity.REFUSE, plants, climb.words(), climb);
        }
        Ratio stands = dose.advice().strength().value();
        if (dose.strength().strongerThan(stands)) {
            String skips = dose.strength().text() + " skips a rung; it stands at " + stands.text() + ". ";
            return rung(Severity.CONFIRM, plants, skips + climb.words(), climb);
        }
        boolean waiting = climb.lookFrom().filter(now::isBefore).isPresent();
        String stays = "look first, then climb. Until then it stays at "
                + climb.strength().text() + ".";
        String words = waiting || climb.waiting() ? stays : climb.words();
        return rung(waiting ? Severity.NOTE : Severity.HOLDS, plants, words, climb);
    }

    private static Finding rung(Severity severity, Plants plants, String words, Climb climb) {
        Step step = Step.of(
                "Start weakest, one plant or bed first; look after 7 to 10 days; one rung at a time.",
                climb.strength().text(),
                Evidence.commonPractice());
        return Finding.of("ladder", severity, CONCERNS, plants.name() + ": " + words, step);
    }

    private static Optional<Finding> flush(Plants plants, History history) {
        boolean owed = plants.inPots() && history.feedsSinceWater() >= FEEDS_TO_A_FLUSH - 1;
        return owed
                ? Optional.of(Finding.of(
                        "flush",
                        Severity.NOTE,
                        CONCERNS,
                        plants.name() + ": " + history.feedsSinceWater()
                                + " feeds since plain water. Pots are flushed with plain water every fourth time.",
                        Step.of(
                                "Flush pots with plain water every fourth feed.",
                                String.valueOf(history.feedsSinceWater()),
                                Evidence.fromMemory())))
                : Optional.empty();
    }

    /** What the last look says of any feed now; a ladder's own sentence is told by its rule. */
    private static Optional<Finding> response(List<Portion> doses, Plants plants, History history) {
        Response response = doses.get(0).advice().response();
        if (response.sentence().isEmpty()) {
            return Optional.empty();
        }
        boolean water = response.waterFirst()
                && history.answerToLastFeed()
                        .filter(look -> !history.wateredSince(look.at()))
                        .isPresent();
        return Optional.of(Finding.of(
                "response",
                water ? Severity.CONFIRM : Severity.NOTE,
                CONCERNS,
                plants.name() + ": " + response.sentence(),
                Step.of(
                        "What plants showed after the last feed changes the next one, and only one thing of it.",
                        history.answerToLastFeed()
                                .map(look -> look.look().words())
                                .orElse(""),
                        response.evidence())));
    }

    /** Whether a second change would be made while the first still waits for its look: another brew on top of a climbing one. */
    private static Optional<Finding> twoChanges(List<Portion> doses, Plants plants, History history, Instant now) {
        Optional<History.Fed> last = history.lastFeed();
        boolean judged = history.answerToLastFeed().isPresent();
        if (last.isEmpty() || judged || now.isAfter(last.get().at().plus(Duration.ofDays(Climb.WAIT_AT_MOST_DAYS)))) {
            return Optional.empty();
        }
        List<String> fresh = doses.stream()
                .filter(dose -> dose.brew()
                        .brewed()
                        .filter(product -> isNew(product.id(), history))
                        .isPresent())
                .map(Portion::name)
                .toList();
        History before = history.until(last.get().at().minusMillis(1));
        boolean lastWasNew = last.get().doses().stream().anyMatch(given -> isNew(given.productId(), before));
        if (fresh.isEmpty() || !lastWasNew) {
            return Optional.empty();
        }
        String words = plants.name() + ": " + String.join(", ", fresh) + " would be new to them, and so was the last"
                + " feed, of which nothing was seen yet. Never two changes at once: look first.";
        Step step = Step.of("One change, then a look.", "not looked yet", Evidence.commonPractice());
        return Optional.of(Finding.of("two-changes", Severity.CONFIRM, CONCERNS, words, step));
    }

    private static boolean isNew(String productId, History history) {
        return history.lastFeed(productId).isEmpty();
    }
}
