package potmellow.core.judgement;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.book.Clock;
import potmellow.core.book.Stage;
import potmellow.core.judgement.Sign.Effect;
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
 * @param observations everything sensed so far, corrections already left out, in any order
 * @param now the moment of asking
 */
public record Judgement(Stage stage, Forecast forecast, double meanRate, List<Observation> observations, Instant now) {
    /** From this ripeness on, signs alone may make it ready. */
    private static final double NEARLY = 0.7;

    private static final double COLD_RATE = 0.25;
    private static final double STALL_FROM = 0.3;
    private static final double BUBBLES_DUE_DAYS = 2;
    /** "A day apart", with room for a visit a few hours early. */
    private static final Duration A_DAY_APART = Duration.ofHours(20);

    private static final String MOULD_DISPOSAL =
            "Bury it or put it into the middle of a hot heap; never into a stream or"
                    + " drain. Scald the vessel before it is used again.";

    /** Works out the verdict. Every rule looked at is a step of the working. */
    public Working<Verdict> verdict() {
        CurrentSigns signs = new CurrentSigns(observations, stage.window().fromDays(), now);
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(
                "Signs that count now: the last word of each sense, for 48 h or 15 % of the earliest readiness.",
                spoken(signs), Evidence.commonPractice()));
        steps.add(Step.of(
                "Ripeness: 1 is the earliest readiness, 2 the latest.",
                AmountText.number(forecast.ripeness(), 2),
                Evidence.derivedFrom(Mark.FROM_MEMORY)));
        Verdict verdict = decide(signs, steps);
        return new Working<>(verdict, steps);
    }

    private Verdict decide(CurrentSigns signs, List<Step> steps) {
        Optional<Verdict> decided = discard(signs, steps);
        if (decided.isEmpty()) {
            decided = past(signs, steps);
        }
        if (decided.isEmpty()) {
            decided = ready(signs, steps);
        }
        return decided.orElseGet(() -> notYet(signs, steps));
    }

    private Optional<Verdict> discard(CurrentSigns signs, List<Step> steps) {
        List<Observation> spoilt = signs.with(Effect.DISCARD);
        List<Observation> overdue = signs.with(Effect.FIX).stream()
                .filter(seen ->
                        signs.standing(seen).compareTo(seen.sign().deadline().orElseThrow()) >= 0)
                .toList();
        steps.add(rule(
                "1. A sign beyond saving, or a fault still there after its deadline.",
                !spoilt.isEmpty() || !overdue.isEmpty()));
        if (spoilt.isEmpty() && overdue.isEmpty()) {
            return Optional.empty();
        }
        Stream<String> overdueWords = overdue.stream()
                .map(seen -> seen.sign().meaning() + " It was still so "
                        + AmountText.number(signs.standing(seen).toHours() / 24.0, 0) + " days later.");
        List<String> reasons =
                Stream.concat(meanings(spoilt).stream(), overdueWords).toList();
        String disposal = spoilt.stream()
                .flatMap(seen -> seen.sign().advice().stream())
                .findFirst()
                .orElse(MOULD_DISPOSAL);
        return Optional.of(new Verdict(
                Kind.THROW_AWAY,
                "Throw it away",
                reasons,
                advice(signs, Effect.ACT_NOW),
                List.of(),
                List.of(),
                Optional.of(disposal)));
    }

    private Optional<Verdict> past(CurrentSigns signs, List<Step> steps) {
        boolean past = forecast.ripeness() > stage.pastRipeness().value();
        steps.add(Step.of(
                "2. Left standing beyond its end.",
                yes(past),
                stage.pastRipeness().evidence(),
                "end, as ripeness",
                AmountText.number(stage.pastRipeness().value())));
        if (!past) {
            return Optional.empty();
        }
        return Optional.of(verdict(
                Kind.PAST_BEST,
                "Past its best: use it soon or let it go",
                List.of("It has stood far longer than it needs."),
                signs));
    }

    private Optional<Verdict> ready(CurrentSigns signs, List<Step> steps) {
        double ripeness = forecast.ripeness();
        boolean fix = signs.has(Effect.FIX);
        if (stage.instant() && !fix) {
            steps.add(rule("5. What needs no time is ready at once.", true));
            return Optional.of(verdict(
                    Kind.READY, readyWords(), List.of("It needs no time: it was ready as it was made."), signs));
        }
        boolean quiet = quietMeansReady(signs);
        steps.add(Step.of(
                "Quiet means ready only after bubbles were logged, from ripeness 0.7 on, and not in the cold.",
                yes(quiet),
                Evidence.commonPractice(),
                "bubbles logged before",
                yes(signs.ever(Effect.WORKING)),
                "mean speed of 48 h",
                AmountText.number(meanRate, 2)));
        boolean byTime = ripeness >= 1 && (quiet || signs.has(Effect.GOOD));
        boolean bySigns = ripeness >= NEARLY && ripeness < 1 && quiet && quietForADay(signs);
        steps.add(rule(
                "5. No fault, and either ripe with a good sign, or nearly ripe and quiet at two visits a day apart.",
                !fix && (byTime || bySigns)));
        if (fix || !(byTime || bySigns)) {
            return Optional.empty();
        }
        List<String> reasons = new ArrayList<>();
        if (quiet) {
            reasons.add("The bubbles have stopped after working.");
        }
        reasons.addAll(meanings(signs.with(Effect.GOOD)));
        reasons.add(ripeness >= 1 ? "Its time is up." : "It is early, but the signs beat the clock.");
        return Optional.of(verdict(Kind.READY, readyWords(), reasons, signs));
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

    private Verdict notYet(CurrentSigns signs, List<Step> steps) {
        double ripeness = forecast.ripeness();
        if (signs.has(Effect.FIX)) {
            return reasoned(
                    "Not yet: mend it first", meanings(signs.with(Effect.FIX)), signs, steps, "a fault to mend");
        }
        if (meanRate < COLD_RATE) {
            String words = "In the last two days it ran at " + AmountText.percent(meanRate)
                    + " of its usual speed. Somewhere warmer it goes on.";
            return reasoned("Not yet: it stands too cold", List.of(words), signs, steps, "cold");
        }
        if (signs.has(Effect.QUIET) && ripeness >= STALL_FROM && ripeness < NEARLY) {
            String words = "No bubbles, though it is warm and has some way to go. Stir it, and look at the sugar.";
            return reasoned("Not yet: it seems to have stalled", List.of(words), signs, steps, "stalled");
        }
        if (ripeness >= 1) {
            String words = signs.none()
                    ? "Its time is up, but nobody has looked lately."
                    : "Its time is up, but no sign says it is ready. Smell it again.";
            return reasoned("Look at it: it should be ready", List.of(words), signs, steps, "nobody looked");
        }
        List<String> reasons = new ArrayList<>(meanings(signs.with(Effect.GOOD)));
        reasons.add(AmountText.number(forecast.progressDays(), 1) + " of at least "
                + AmountText.number(stage.windowDays().least())
                + (stage.clock() == Clock.THERMAL ? " warm days have passed." : " days have passed."));
        return reasoned("Not yet: " + remaining(), reasons, signs, steps, "the clock");
    }

    private Verdict reasoned(
            String headline, List<String> reasons, CurrentSigns signs, List<Step> steps, String because) {
        steps.add(Step.of("6. Else it is not yet ready, with one reason.", because, Evidence.commonPractice()));
        return verdict(Kind.NOT_YET, headline, reasons, signs);
    }

    private Verdict verdict(Kind kind, String headline, List<String> reasons, CurrentSigns signs) {
        List<String> advice = new ArrayList<>(advice(signs, Effect.FIX));
        advice.addAll(advice(signs, Effect.WATCH));
        if (forecast.progressDays() >= BUBBLES_DUE_DAYS && signs.has(Effect.QUIET) && !signs.ever(Effect.WORKING)) {
            advice.add("No bubbles after two warm days: is it cold, or the sugar old?");
        }
        return new Verdict(
                kind,
                headline,
                reasons,
                advice(signs, Effect.ACT_NOW),
                advice,
                advice(signs, Effect.LIMIT),
                Optional.empty());
    }

    private String remaining() {
        return forecast.early()
                .map(early ->
                        Math.max(1, Math.round(Duration.between(now, early).toHours() / 24.0)))
                .map(days -> days == 1 ? "about a day more" : "about " + days + " more days")
                .orElse("too cold here");
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
        if (signs.none()) {
            return "none";
        }
        return Stream.of(Effect.values())
                .flatMap(effect -> signs.with(effect).stream())
                .map(seen -> seen.sense() + " " + seen.sign().words())
                .reduce((one, other) -> one + ", " + other)
                .orElseThrow();
    }

    private static List<String> meanings(List<Observation> seen) {
        return seen.stream().map(one -> one.sign().meaning()).toList();
    }

    private static List<String> advice(CurrentSigns signs, Effect effect) {
        return signs.with(effect).stream()
                .map(seen -> seen.sign().meaning()
                        + seen.sign().advice().map(words -> " " + words).orElse(""))
                .toList();
    }

    private static Step rule(String words, boolean matched) {
        return Step.of(words, yes(matched), Evidence.commonPractice());
    }

    private static String yes(boolean holds) {
        return holds ? "yes" : "no";
    }
}
