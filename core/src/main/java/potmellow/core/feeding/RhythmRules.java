package potmellow.core.feeding;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
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
        Optional<History.Fed> last = history.lastFeed();
        if (last.isEmpty()) {
            return Finding.of(
                    "apart",
                    Severity.HOLDS,
                    CONCERNS,
                    plants.name() + ": the first feed.",
                    Step.of("Two feeds of one planting stay three days apart.", "first", Evidence.fromMemory()));
        }
        double days = last.get().daysBefore(now);
        boolean early = days < Response.LEAST_APART.toDays();
        Step step = Step.of(
                "Two feeds of one planting stay at least three days apart.",
                AmountText.number(days, 1) + " days",
                Evidence.fromMemory());
        return early
                ? Finding.of(
                        "apart",
                        Severity.CONFIRM,
                        CONCERNS,
                        plants.name() + ": fed " + ago(days)
                                + ". Leave three days between two feeds, or you won't know which"
                                + " one they answer to.",
                        step)
                : Finding.of("apart", Severity.HOLDS, CONCERNS, plants.name() + ": last feed " + ago(days) + ".", step);
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
        Optional<Stated> never = dose.use().rules().neverSoonerDays();
        if (never.isPresent() && days < never.get().value()) {
            return Optional.of(Finding.of(
                    "too-often",
                    Severity.REFUSE,
                    CONCERNS,
                    plants.name() + ": " + dose.name() + " " + ago(days) + ". Not again before day "
                            + AmountText.number(never.get().value()) + ": too often harms and can kill.",
                    Step.of(
                            "Days between two of it, at least.",
                            AmountText.number(never.get().value()),
                            never.get().evidence(),
                            "last",
                            AmountText.number(days, 1) + " days ago")));
        }
        double due = dose.advice().intervalDays().value();
        Step step = dose.advice().intervalDays().steps().get(0);
        return days < due * EARLY_BY
                ? Optional.of(Finding.of(
                        "interval",
                        Severity.CONFIRM,
                        CONCERNS,
                        plants.name() + ": " + dose.name() + " " + ago(days) + ", and it is due every "
                                + AmountText.number(due) + " days. Sooner is more, and too much burns.",
                        step))
                : Optional.of(Finding.of(
                        "interval",
                        Severity.HOLDS,
                        CONCERNS,
                        plants.name() + ": " + dose.name() + " is due, it comes every " + AmountText.number(due)
                                + " days.",
                        step));
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
        Climb climb = dose.advice().climb().get();
        Step step = Step.of(
                "Start weakest, one plant or bed first; look after 7 to 10 days; one rung at a time.",
                climb.strength().text(),
                Evidence.commonPractice());
        if (climb.stand().stopped()) {
            return Optional.of(
                    Finding.of("ladder", Severity.REFUSE, CONCERNS, plants.name() + ": " + climb.words(), step));
        }
        if (dose.strength().strongerThan(dose.advice().strength().value())) {
            return Optional.of(Finding.of(
                    "ladder",
                    Severity.CONFIRM,
                    CONCERNS,
                    plants.name() + ": " + dose.strength().text() + " skips a rung; it stands at "
                            + dose.advice().strength().value().text() + ". " + climb.words(),
                    step));
        }
        boolean waiting = climb.lookFrom().filter(now::isBefore).isPresent();
        return Optional.of(Finding.of(
                "ladder",
                waiting ? Severity.NOTE : Severity.HOLDS,
                CONCERNS,
                waiting || climb.waiting()
                        ? plants.name() + ": look first, then climb. Until then it stays at "
                                + climb.strength().text() + "."
                        : plants.name() + ": " + climb.words(),
                step));
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
                .filter(dose -> dose.brew().brewed().isPresent())
                .filter(dose -> history.lastFeed(
                                dose.brew().brewed().orElseThrow().id())
                        .isEmpty())
                .map(Portion::name)
                .toList();
        boolean lastWasNew = last.get().doses().stream()
                .anyMatch(given -> history.until(last.get().at().minusMillis(1))
                        .lastFeed(given.productId())
                        .isEmpty());
        return fresh.isEmpty() || !lastWasNew
                ? Optional.empty()
                : Optional.of(Finding.of(
                        "two-changes",
                        Severity.CONFIRM,
                        CONCERNS,
                        plants.name() + ": " + String.join(", ", fresh)
                                + " would be new to them, and so was the last feed,"
                                + " of which nothing was seen yet. Never two changes at once: look first.",
                        Step.of("One change, then a look.", "not looked yet", Evidence.commonPractice())));
    }
}
