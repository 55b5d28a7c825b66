package potmellow.core.judgement;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.core.book.Gate.Otherwise;
import potmellow.core.book.Material;
import potmellow.core.book.Sign.Effect;
import potmellow.core.book.Stage;
import potmellow.core.craft.Act;
import potmellow.core.craft.Clock;
import potmellow.core.judgement.Verdict.Kind;
import potmellow.core.measure.AmountText;
import potmellow.core.ripening.Forecast;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * The numbered procedure that turns signs and ripeness into a verdict; the first rule that matches decides. Signs beat the
 * clock, and a fault outranks everything.
 *
 * @param stage the stage the pot is in
 * @param forecast how ripe it is
 * @param meanRate mean speed of the last 48 h, as a share of the speed at the reference temperature
 * @param seen everything sensed and measured so far
 * @param now the moment of asking
 */
public record Judgement(Stage stage, Forecast forecast, double meanRate, Seen seen, Instant now) {
    /** From this ripeness on, signs alone may make it ready. */
    private static final double NEARLY = 0.7;

    /** Half way from the earliest to the latest. */
    private static final double MIDDLE = 1.5;

    private static final double COLD_RATE = 0.25;
    private static final double STALL_FROM = 0.3;
    private static final double BUBBLES_DUE_DAYS = 2;
    private static final double HOURS_BELOW_DAYS = 3;
    private static final long HOURS_UP_TO = 36;
    /** "A day apart", with room for a visit a few hours early. */
    private static final Duration A_DAY_APART = Duration.ofHours(20);

    private static final String MOULD_DISPOSAL =
            "Bury it or put it into the middle of a hot heap; never into a stream or"
                    + " drain. Scald the vessel before it is used again.";

    /** Works out the verdict. Every rule looked at is a step of the working. */
    public Working<Verdict> verdict() {
        CurrentSigns signs = new CurrentSigns(seen, seen.currency(stage), now);
        Gates gates = new Gates(stage, seen, forecast.ripeness(), now);
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(
                "Signs that count now: the last word of each sense, for "
                        + AmountText.number(seen.currency(stage).toMinutes() / 60.0, 0) + " h.",
                spoken(signs),
                Evidence.commonPractice()));
        steps.add(Step.of(
                "Ripeness: 1 is the earliest readiness, 2 the latest.",
                AmountText.number(forecast.ripeness(), 2),
                Evidence.derivedFrom(Mark.FROM_MEMORY)));
        steps.addAll(gates.steps());
        return new Working<>(decide(signs, gates, steps), steps);
    }

    private Verdict decide(CurrentSigns signs, Gates gates, List<Step> steps) {
        return discard(signs, gates, steps)
                .or(() -> past(signs, gates, steps))
                .or(() -> ready(signs, gates, steps))
                .orElseGet(() -> notYet(signs, gates, steps));
    }

    private Optional<Verdict> discard(CurrentSigns signs, Gates gates, List<Step> steps) {
        List<Observation> spoilt = signs.with(Effect.DISCARD);
        List<String> measured = gates.failing(Otherwise.DISCARD);
        List<Observation> overdue = overdue(signs);
        boolean any = !spoilt.isEmpty() || !overdue.isEmpty() || !measured.isEmpty();
        steps.add(rule(
                "1. A sign or a reading beyond saving, or a fault still there at a check after its deadline.", any));
        if (!any) {
            return Optional.empty();
        }
        List<String> reasons = new ArrayList<>(meanings(spoilt));
        reasons.addAll(measured);
        overdue.forEach(fault -> reasons.add(overdue(signs, fault)));
        reasons.addAll(disagreement(signs));
        return Optional.of(new Verdict(
                Kind.THROW_AWAY,
                "Throw it away",
                reasons,
                urgent(signs, gates),
                List.of(),
                List.of(),
                List.of(),
                Optional.of(disposal(spoilt)),
                rescuable(spoilt)));
    }

    private static List<Observation> overdue(CurrentSigns signs) {
        return signs.with(Effect.FIX).stream()
                .filter(fault ->
                        signs.standing(fault).compareTo(fault.sign().deadline().orElseThrow()) >= 0)
                .toList();
    }

    private static String overdue(CurrentSigns signs, Observation fault) {
        return fault.sign().meaning() + " It was still so "
                + AmountText.number(signs.standing(fault).toHours() / 24.0, 0) + " days later.";
    }

    private static String disposal(List<Observation> spoilt) {
        return spoilt.stream()
                .flatMap(fault -> fault.sign().advice().stream())
                .findFirst()
                .orElse(MOULD_DISPOSAL);
    }

    /** It may still go on the soil of nothing edible; never from mouldy milk, manure or guts. */
    private boolean rescuable(List<Observation> spoilt) {
        boolean mouldyMilk = seen.spoils().contains(Material.Spoils.MILK)
                && spoilt.stream().anyMatch(fault -> fault.sign().id().contains("mould"));
        return !mouldyMilk && !seen.spoils().contains(Material.Spoils.MANURE);
    }

    private Optional<Verdict> past(CurrentSigns signs, Gates gates, List<Step> steps) {
        List<String> reasons = new ArrayList<>();
        if (forecast.ripeness() > stage.pastRipeness().value()) {
            reasons.add("It has stood far longer than it needs.");
        }
        seen.beyondItsHours().ifPresent(reasons::add);
        reasons.addAll(gates.turnedBack());
        steps.add(Step.of(
                "2. Left standing beyond its end, its hours run out, or a reading back over its limit.",
                yes(!reasons.isEmpty()),
                stage.pastRipeness().evidence(),
                "end, as ripeness",
                AmountText.number(stage.pastRipeness().value())));
        if (reasons.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(verdict(Kind.PAST_BEST, "Past its best: use it soon or let it go", reasons, signs, gates));
    }

    private Optional<Verdict> ready(CurrentSigns signs, Gates gates, List<Step> steps) {
        boolean fix = signs.has(Effect.FIX);
        boolean failed = !gates.failing(Otherwise.NOT_READY).isEmpty();
        steps.add(rule("3. A fault to mend comes first.", fix));
        steps.add(rule("4. A fresh reading that fails its limit: it can't be ready.", failed));
        if (stage.instant() && !fix) {
            steps.add(rule("5. What needs no time is ready at once.", true));
            return Optional.of(verdict(
                    Kind.READY, readyWords(), List.of("It needs no time: it was ready as it was made."), signs, gates));
        }
        boolean quiet = quietMeansReady(signs);
        boolean told = !fix && !failed && told(signs, quiet, !gates.passing().isEmpty());
        steps.add(quietStep(signs, quiet));
        steps.add(rule(
                "5. No fault, and either ripe and quiet, or, where no sign says that it isn't done, ripe with a reading that"
                        + " passes or a good sign (one that it showed early on counts from the middle of its time), or nearly"
                        + " ripe and quiet at two visits a day apart, or with a reading that passes.",
                told));
        return told
                ? Optional.of(verdict(Kind.READY, readyWords(), readyReasons(signs, gates, quiet), signs, gates))
                : Optional.empty();
    }

    /** Whether time and signs together, or the signs alone near the end, say that it is ready. */
    private boolean told(CurrentSigns signs, boolean quiet, boolean passed) {
        if (forecast.ripeness() >= 1) {
            return quiet || !signs.has(Effect.UNFINISHED) && (passed || good(signs));
        }
        return forecast.ripeness() >= NEARLY
                && (quiet && quietForADay(signs) || passed && !signs.has(Effect.UNFINISHED));
    }

    /** A good sign; one that it showed early on already counts from the middle of its time. */
    private boolean good(CurrentSigns signs) {
        return signs.has(Effect.GOOD) && (forecast.ripeness() >= MIDDLE || signs.newlyGood(NEARLY));
    }

    private Step quietStep(CurrentSigns signs, boolean quiet) {
        return Step.of(
                "Quiet means ready only after bubbles were logged, from ripeness 0.7 on, and not in the cold.",
                yes(quiet),
                Evidence.commonPractice(),
                "bubbles logged before",
                yes(signs.ever(Effect.WORKING)),
                "mean speed of 48 h",
                AmountText.number(meanRate, 2));
    }

    private List<String> readyReasons(CurrentSigns signs, Gates gates, boolean quiet) {
        List<String> reasons = new ArrayList<>();
        if (quiet) {
            reasons.add("The bubbles have stopped after working.");
        }
        reasons.addAll(meanings(signs.with(Effect.GOOD)));
        reasons.addAll(gates.passing());
        reasons.add(
                forecast.ripeness() >= 1 ? "It has had its full time." : "It is early, but the signs beat the clock.");
        reasons.addAll(disagreement(signs));
        return reasons;
    }

    private String readyWords() {
        return switch (stage.exit()) {
            case WRING -> "Ready: wring it out";
            case GO_ON -> "Ready for the next stage";
            case STRAIN -> "Ready: strain it";
            case STORE -> "Ready: take it out";
            case BURY -> "Ready: bury it";
            case USE -> "Ready: use it now";
        };
    }

    private Verdict notYet(CurrentSigns signs, Gates gates, List<Step> steps) {
        Reason reason = reason(signs, gates);
        steps.add(
                Step.of("6. Else it is not yet ready, with one reason.", reason.because(), Evidence.commonPractice()));
        List<String> words = new ArrayList<>(reason.words());
        words.addAll(disagreement(signs));
        return verdict(Kind.NOT_YET, reason.headline(), words, signs, gates);
    }

    private Reason reason(CurrentSigns signs, Gates gates) {
        double ripeness = forecast.ripeness();
        if (signs.has(Effect.FIX)) {
            return new Reason("Not yet: mend it first", meanings(signs.with(Effect.FIX)), "a fault to mend");
        }
        if (meanRate < COLD_RATE) {
            String words = "In the last two days it ran at " + AmountText.percent(meanRate)
                    + " of its usual speed. Somewhere warmer it goes on.";
            return new Reason("Not yet: it stands too cold", List.of(words), "cold");
        }
        if (signs.has(Effect.QUIET) && ripeness >= STALL_FROM && ripeness < NEARLY) {
            String words =
                    "No bubbles, though it is warm and has some way to go. Stir it, and look at what it feeds on.";
            return new Reason("Not yet: it seems to have stalled", List.of(words), "stalled");
        }
        List<String> failing = gates.failing(Otherwise.NOT_READY);
        if (ripeness >= 1 && !failing.isEmpty()) {
            return new Reason("Not yet: the meter says so", failing, "a reading");
        }
        if (ripeness >= 1 && signs.has(Effect.UNFINISHED)) {
            return new Reason("Not yet: it isn't done", meanings(signs.with(Effect.UNFINISHED)), "a sign");
        }
        if (ripeness >= 1 && signs.has(Effect.GOOD)) {
            return new Reason("Not yet: give it time", List.of(soEarlier(signs)), "an old sign");
        }
        if (ripeness >= 1) {
            return new Reason("Look at it: it should be ready", List.of(unseen(signs)), "nobody looked");
        }
        List<String> reasons = new ArrayList<>(meanings(signs.with(Effect.GOOD)));
        reasons.addAll(failing);
        reasons.add(AmountText.number(forecast.progressDays(), 1) + " of at least " + passed(earliestDays()));
        return new Reason("Not yet: " + remaining(), reasons, "the clock");
    }

    private static String soEarlier(CurrentSigns signs) {
        return "It was so early on already (" + named(signs.with(Effect.GOOD))
                + "), which says nothing of its end. It counts from the middle of its time.";
    }

    private static String unseen(CurrentSigns signs) {
        return signs.none()
                ? "It has had its full time, but nobody has looked lately."
                : "It has had its full time, but no sign says it is ready. Smell it again.";
    }

    private String passed(double days) {
        String number = AmountText.number(days, 1);
        String warm = stage.clock() == Clock.THERMAL ? " warm " : " ";
        return number + warm + (number.equals("1") ? "day has passed." : "days have passed.");
    }

    /** The days to the earliest readiness that this ripeness was reckoned on. */
    private double earliestDays() {
        return forecast.ripeness() > 0 && forecast.ripeness() < 1
                ? forecast.progressDays() / forecast.ripeness()
                : stage.windowDays().least();
    }

    private Verdict verdict(Kind kind, String headline, List<String> reasons, CurrentSigns signs, Gates gates) {
        List<String> advice = new ArrayList<>(gates.unsure());
        answered(signs, gates).forEach(advice::add);
        advice.addAll(advice(signs, Effect.FIX));
        advice.addAll(advice(signs, Effect.WATCH));
        if (forecast.progressDays() >= BUBBLES_DUE_DAYS && signs.has(Effect.QUIET) && !signs.ever(Effect.WORKING)) {
            advice.add(neverBubbled());
        }
        List<String> limits = new ArrayList<>(advice(signs, Effect.LIMIT));
        limits.addAll(gates.failing(Otherwise.LIMIT));
        return new Verdict(
                kind,
                headline,
                reasons,
                urgent(signs, gates),
                advice,
                remedies(signs),
                limits,
                Optional.empty(),
                false);
    }

    private String neverBubbled() {
        return switch (seen.family()) {
            case SHELLS -> "No bubbles after two days: the vinegar may be weak, or the membrane still on the shells.";
            case ANAEROBIC -> "No bubbles after two warm days: is it too cold?";
            case SUGAR, LACTIC, FOREST, BRAN, TEA, STEEP ->
                "No bubbles after two warm days: is it cold, or the sugar old?";
        };
    }

    private static List<Danger> urgent(CurrentSigns signs, Gates gates) {
        Stream<Danger> sensed = signs.with(Effect.ACT_NOW).stream()
                .map(one -> one.sign()
                        .remedy()
                        .map(act -> Danger.now(act, words(one)))
                        .orElseGet(() -> Danger.unanswered(words(one))));
        return Stream.concat(sensed, gates.dangers().stream()).toList();
    }

    /** What hands can do about it, besides what can't wait. */
    private static List<Act> remedies(CurrentSigns signs) {
        return Stream.of(Effect.FIX, Effect.WATCH)
                .flatMap(effect -> signs.with(effect).stream())
                .flatMap(seen -> seen.sign().remedy().stream())
                .distinct()
                .toList();
    }

    /** A danger that was seen to is looked at again. */
    private static Stream<String> answered(CurrentSigns signs, Gates gates) {
        return Stream.concat(
                signs.answered().stream()
                        .map(one -> one.sign().meaning() + " Since then: "
                                + one.sign().remedy().orElseThrow().words() + ". Look again in a few hours."),
                gates.answered().stream());
    }

    /** Said openly where one sense speaks for it and another against. */
    private static List<String> disagreement(CurrentSigns signs) {
        List<Observation> against = Stream.of(Effect.DISCARD, Effect.FIX, Effect.LIMIT)
                .flatMap(effect -> signs.with(effect).stream())
                .toList();
        List<Observation> good = signs.with(Effect.GOOD);
        if (against.isEmpty() || good.isEmpty()) {
            return List.of();
        }
        return List.of("The signs disagree: " + named(good) + " speaks for it, " + named(against)
                + " against. The fault counts.");
    }

    private static String named(List<Observation> seen) {
        return seen.stream()
                .map(one -> one.sense() + " “" + one.sign().words() + "”")
                .collect(Collectors.joining(" and "));
    }

    /** The one reason why it isn't ready. */
    private record Reason(String headline, List<String> words, String because) {}

    private String remaining() {
        return forecast.early()
                .map(early -> remaining(Duration.between(now, early)))
                .orElse("too cold here");
    }

    /** What takes hours is told in hours. */
    private String remaining(Duration left) {
        if (stage.windowDays().most() < HOURS_BELOW_DAYS && left.compareTo(Duration.ofHours(HOURS_UP_TO)) <= 0) {
            long hours = Math.max(1, Math.round(left.toMinutes() / 60.0));
            return hours == 1 ? "about an hour more" : "about " + hours + " more hours";
        }
        long days = Math.max(1, Math.round(left.toHours() / 24.0));
        return days == 1 ? "about a day more" : "about " + days + " more days";
    }

    private boolean quietMeansReady(CurrentSigns signs) {
        return signs.has(Effect.QUIET)
                && signs.ever(Effect.WORKING)
                && forecast.ripeness() >= NEARLY
                && meanRate >= COLD_RATE;
    }

    private static boolean quietForADay(CurrentSigns signs) {
        return signs.with(Effect.QUIET).stream()
                .anyMatch(seen -> signs.standing(seen).compareTo(A_DAY_APART) >= 0);
    }

    private static String spoken(CurrentSigns signs) {
        Stream<String> counting = Stream.of(Effect.values())
                .flatMap(effect -> signs.with(effect).stream())
                .map(seen -> seen.sense() + " " + seen.sign().words());
        Stream<String> answered = signs.answered().stream()
                .map(seen -> seen.sense() + " " + seen.sign().words() + " (seen to)");
        return signs.none() ? "none" : Stream.concat(counting, answered).collect(Collectors.joining(", "));
    }

    private static List<String> meanings(List<Observation> seen) {
        return seen.stream().map(one -> one.sign().meaning()).toList();
    }

    private static List<String> advice(CurrentSigns signs, Effect effect) {
        return signs.with(effect).stream().map(Judgement::words).toList();
    }

    private static String words(Observation seen) {
        return seen.sign().meaning()
                + seen.sign().advice().map(words -> " " + words).orElse("");
    }

    private static Step rule(String words, boolean matched) {
        return Step.of(words, yes(matched), Evidence.commonPractice());
    }

    private static String yes(boolean holds) {
        return holds ? "yes" : "no";
    }
}
