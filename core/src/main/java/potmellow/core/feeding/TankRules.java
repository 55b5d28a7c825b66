package potmellow.core.feeding;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import potmellow.core.book.Nature.Kind;
import potmellow.core.measure.AmountText;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;

/** What may meet in one tank (from memory; that calcium flakes is firm). */
final class TankRules {
    private static final double LIVE_WITH_CALCIUM = 250;
    /** A sum this little over 1 is what writing strengths to three figures leaves. */
    private static final double ROUNDING = 0.006;

    private static final MathContext THREE_FIGURES = new MathContext(3);
    private static final Set<Kind> FLAKES_CALCIUM = Set.of(Kind.FISH, Kind.HUMIC, Kind.ANAEROBIC);
    private static final Set<Kind> SOIL_ONLY = Set.of(Kind.ANAEROBIC, Kind.MANURE, Kind.LEACHATE);
    private static final String CONCERNS = "brews";

    private TankRules() {}

    /** Every rule on a tank of several brews; nothing for a tank of one. */
    static List<Finding> of(List<Portion> doses, Target target) {
        List<Finding> findings = new ArrayList<>();
        if (doses.size() < 2) {
            return findings;
        }
        for (int i = 0; i < doses.size(); i++) {
            for (int j = i + 1; j < doses.size(); j++) {
                pair(doses.get(i), doses.get(j), findings);
                pair(doses.get(j), doses.get(i), findings);
            }
        }
        doses.stream()
                .filter(dose -> dose.nature().kinds().stream().anyMatch(SOIL_ONLY::contains))
                .findFirst()
                .ifPresent(dose -> findings.add(soilOnly(dose, target)));
        findings.add(sum(doses));
        if (findings.stream()
                .noneMatch(finding ->
                        finding.rule().startsWith("tank-") && !finding.rule().equals("tank-sum"))) {
            findings.add(Finding.of(
                    "tank-pairs",
                    Severity.HOLDS,
                    CONCERNS,
                    "These may meet in one tank.",
                    Step.of("Nothing here kills or flakes the other.", "they may", Evidence.fromMemory())));
        }
        return findings;
    }

    private static void pair(Portion one, Portion other, List<Finding> findings) {
        Stream.of(killed(one, other), caustic(one, other), flakes(one, other), calciumAlive(one, other))
                .flatMap(Optional::stream)
                .forEach(findings::add);
    }

    private static Optional<Finding> killed(Portion one, Portion other) {
        return one.nature().is(Kind.LIVE) && other.nature().is(Kind.GERM_KILLER)
                ? Optional.of(finding(
                        "tank-killed",
                        Severity.REFUSE,
                        one,
                        other,
                        "Garlic and cinnamon kill what lives in " + one.name() + ". Pour them on different days."))
                : Optional.empty();
    }

    private static Optional<Finding> caustic(Portion one, Portion other) {
        boolean meets = other.nature().is(Kind.LIVE) || other.nature().is(Kind.CALCIUM);
        return one.nature().is(Kind.ASH) && meets
                ? Optional.of(finding(
                        "tank-ash",
                        Severity.REFUSE,
                        one,
                        other,
                        "Ash and lime are caustic: they kill what lives and throw calcium out. Never in one tank."))
                : Optional.empty();
    }

    private static Optional<Finding> flakes(Portion one, Portion other) {
        boolean meets = other.nature().kinds().stream().anyMatch(FLAKES_CALCIUM::contains);
        return one.nature().is(Kind.CALCIUM) && meets
                ? Optional.of(finding(
                        "tank-flakes",
                        Severity.CONFIRM,
                        one,
                        other,
                        "Calcium flakes with fish, humic acid and anaerobic liquids. Jar test: a spoon of the mix in a glass"
                                + " for 30 minutes; pour it only if nothing sinks or floats."))
                : Optional.empty();
    }

    private static Optional<Finding> calciumAlive(Portion one, Portion other) {
        if (!one.nature().is(Kind.CALCIUM) || !other.nature().is(Kind.LIVE)) {
            return Optional.empty();
        }
        boolean thin = Stream.of(one, other).allMatch(dose -> dose.strength().water() >= LIVE_WITH_CALCIUM);
        String words = thin
                ? "Both are thinner than 1:250, so they may meet."
                : "Live brews and calcium may meet only once each is diluted to 1:250 or thinner: here "
                        + one.strength().text() + " and "
                        + other.strength().text() + ".";
        return Optional.of(finding("tank-live-calcium", thin ? Severity.HOLDS : Severity.REFUSE, one, other, words));
    }

    private static Finding finding(String rule, Severity severity, Portion one, Portion other, String words) {
        return Finding.of(
                rule,
                severity,
                CONCERNS,
                words,
                Step.of(
                        "What may meet in one tank.",
                        severity == Severity.HOLDS ? "may" : "not as it is",
                        Evidence.fromMemory(),
                        one.name(),
                        kinds(one),
                        other.name(),
                        kinds(other)));
    }

    private static String kinds(Portion dose) {
        return dose.nature().kinds().isEmpty()
                ? "plain"
                : dose.nature().kinds().stream()
                        .sorted()
                        .map(Kind::words)
                        .collect(java.util.stream.Collectors.joining(", "));
    }

    private static Finding soilOnly(Portion dose, Target target) {
        Step step = Step.of(
                "Anaerobic liquids, manure and leachate make the whole tank soil-only, with the longest wait.",
                target.words(),
                Evidence.fromMemory());
        return target.onSoil()
                ? Finding.of(
                        "tank-soil",
                        Severity.NOTE,
                        CONCERNS,
                        "With " + dose.name() + " in it the whole tank goes on soil only, and its longest wait counts.",
                        step)
                : Finding.of(
                        "tank-soil",
                        Severity.REFUSE,
                        CONCERNS,
                        "With " + dose.name() + " in it the whole tank goes on soil only: never on " + target.words()
                                + ".",
                        step);
    }

    /** The shares of all brews against their advised shares; more than 1 is too much of a good thing. */
    static double sumOfShares(List<Portion> doses) {
        return doses.stream()
                .mapToDouble(dose -> dose.strength().share()
                        / dose.advice().strength().value().share())
                .sum();
    }

    /** All brews weakened alike, so that together they are one full strength; as they are where they already fit. */
    static List<Portion> weakened(List<Portion> doses) {
        double sum = sumOfShares(doses);
        if (doses.size() < 2 || sum <= 1 + ROUNDING) {
            return doses;
        }
        return doses.stream()
                .map(dose ->
                        dose.at(Ratio.oneTo(threeFigures(sum / dose.strength().share() - 1))))
                .toList();
    }

    private static double threeFigures(double water) {
        return BigDecimal.valueOf(water).round(THREE_FIGURES).doubleValue();
    }

    private static Finding sum(List<Portion> doses) {
        double sum = sumOfShares(doses);
        List<String> figures = new ArrayList<>();
        doses.forEach(dose -> {
            figures.add(dose.name());
            figures.add(dose.strength().text() + " of "
                    + dose.advice().strength().value().text());
        });
        Step step = Step.of(
                "Σ share ÷ advised share is at most 1; else all are weakened by that sum.",
                AmountText.number(sum),
                Evidence.fromMemory(),
                figures.toArray(String[]::new));
        return sum <= 1 + ROUNDING
                ? Finding.of(
                        "tank-sum", Severity.HOLDS, CONCERNS, "Together they are no more than one full feed.", step)
                : Finding.of(
                        "tank-sum",
                        Severity.CONFIRM,
                        CONCERNS,
                        "Together they are " + AmountText.number(sum) + " full feeds in one. Weaken each "
                                + AmountText.number(sum) + " times, or pour them on different days.",
                        step);
    }
}
