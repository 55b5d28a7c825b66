package potmellow.core.feeding;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import potmellow.core.book.Product.Keep;
import potmellow.core.book.Use;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.planting.Eaten;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;

/** What a brew and its bottle allow: where it may go, how strong, its date and its hours; and whether enough is left. */
final class BottleRules {
    private static final String TARGET = "target";
    private static final double SOUR_BELOW = 5;

    private BottleRules() {}

    static List<Finding> of(Portion portion, Dose dose) {
        List<Finding> findings = new ArrayList<>();
        findings.add(status(portion));
        findings.add(strength(portion));
        sour(portion).ifPresent(findings::add);
        for (InStore bottle : portion.brew().bottles()) {
            Stock stock = bottle.stock();
            soilOnly(stock, dose.target()).ifPresent(findings::add);
            dose.hour().ifPresent(hour -> findings.add(date(bottle, hour.today())));
            rescued(stock, dose).ifPresent(findings::add);
            hours(portion, stock, dose).ifPresent(findings::add);
        }
        if (portion.use().rules().strained()) {
            findings.add(Finding.of(
                    "strained",
                    Severity.CONFIRM,
                    TARGET,
                    "Strain it through a fine cloth first: what settles clogs the nozzle and burns leaves. Is it strained?",
                    Step.of("On leaves it goes strained.", "strain", Evidence.commonPractice())));
        }
        return findings;
    }

    private static Finding status(Portion dose) {
        Use use = dose.use();
        String target = use.target().words();
        String why = use.why().orElse("");
        Step step = Step.of(
                "Whether it may go on " + target + ".",
                use.status().words(),
                use.usual().evidence());
        return switch (use.status()) {
            case ALLOWED -> Finding.of("use", Severity.HOLDS, TARGET, "It may go on " + target + ".", step);
            case UNWISE -> Finding.of("unwise-use", Severity.CONFIRM, TARGET, "Unwise on " + target + ". " + why, step);
            case UNKNOWN -> Finding.of("unknown-use", Severity.CONFIRM, TARGET, why, step);
            case NO_EFFECT ->
                Finding.of("no-effect", Severity.NOTE, TARGET, "No effect on " + target + ". " + why, step);
            case FORBIDDEN ->
                Finding.of("forbidden-use", Severity.REFUSE, TARGET, "Never on " + target + ". " + why, step);
        };
    }

    private static Finding strength(Portion dose) {
        Ratio ratio = dose.strength();
        Ratio strongest = dose.advice().strongest();
        Ratio weakest = dose.advice().weakest();
        String target = dose.use().target().words();
        String span = strongest.text() + (strongest.equals(weakest) ? "" : " to " + weakest.text());
        Step step = Step.of(
                "Safe span on " + target + ".", span, dose.use().strongest().evidence(), "asked", ratio.text());
        if (ratio.strongerThan(strongest)) {
            return Finding.of("too-strong", Severity.REFUSE, "strength", tooStrong(dose, span), step);
        }
        boolean weak = weakest.strongerThan(ratio);
        String words = weak
                ? " is harmless but does little. The usual span is " + span + "."
                : " lies in the safe span, " + span + ".";
        return weak
                ? Finding.of("too-weak", Severity.NOTE, "strength", ratio.text() + words, step)
                : Finding.of("strength", Severity.HOLDS, "strength", ratio.text() + words, step);
    }

    private static String tooStrong(Portion dose, String span) {
        Ratio advised = dose.advice().strength().value();
        return dose.strength().text() + " is "
                + AmountText.number(dose.strength().timesAsStrongAs(advised)) + " times the usual strength on "
                + dose.use().target().words() + ": " + dose.use().tooStrong() + ". Take " + span + ".";
    }

    /** Left-over vinegar burns leaves: thinner while the pH is below 5, or not known. */
    private static Optional<Finding> sour(Portion dose) {
        Optional<Stated> limit = dose.use().rules().strongestWhileSour();
        if (limit.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                sour(dose, Ratio.oneTo(limit.get().value()), limit.get().evidence()));
    }

    private static Finding sour(Portion dose, Ratio most, Evidence evidence) {
        OptionalDouble ph = lowestPh(dose);
        boolean sour = ph.isEmpty() || ph.getAsDouble() < SOUR_BELOW;
        Step step = Step.of(
                "Below pH 5 vinegar is left over: on leaves not stronger than " + most.text() + ".",
                ph.isPresent() ? "pH " + AmountText.number(ph.getAsDouble(), 1) : "pH not read",
                evidence);
        return sour && dose.strength().strongerThan(most)
                ? Finding.of("sour", Severity.REFUSE, "strength", burns(ph, most), step)
                : Finding.of("sour", Severity.HOLDS, "strength", "Thin enough for what vinegar is left in it.", step);
    }

    /** Empty where one of the bottles was never read. */
    private static OptionalDouble lowestPh(Portion dose) {
        List<OptionalDouble> read = dose.brew().bottles().stream()
                .map(bottle -> bottle.stock().ph())
                .toList();
        return read.stream().allMatch(OptionalDouble::isPresent)
                ? read.stream().mapToDouble(OptionalDouble::getAsDouble).min()
                : OptionalDouble.empty();
    }

    private static String burns(OptionalDouble ph, Ratio most) {
        return (ph.isPresent() ? "Its pH is " + AmountText.number(ph.getAsDouble(), 1) : "Its pH was never read")
                + ": vinegar may be left over and burns leaves. Not stronger than " + most.text()
                + " until it reads 5 or more.";
    }

    /** Whether what is poured is there. */
    static Optional<Finding> store(Portion portion, Volume brew, UnitSystem system) {
        if (portion.brew().bottles().isEmpty()) {
            return Optional.empty();
        }
        Volume left = left(portion.brew());
        boolean enough = brew.compareTo(left) <= 0;
        Step step = Step.of(
                "The bottle must hold what is poured.",
                enough ? "enough" : "too little",
                Evidence.exact(),
                "wanted",
                AmountText.volume(brew, system),
                "left",
                AmountText.volume(left, system));
        String words = enough ? "The bottle holds enough." : tooLittle(portion, brew, left, system);
        return Optional.of(Finding.of("store", enough ? Severity.HOLDS : Severity.REFUSE, "need", words, step));
    }

    private static String tooLittle(Portion portion, Volume brew, Volume left, UnitSystem system) {
        return "This takes " + AmountText.volume(brew, system) + " of brew, and "
                + (portion.brew().bottles().size() == 1 ? "the bottle has only " : "the two bottles have only ")
                + AmountText.volume(left, system) + " left: enough for "
                + AmountText.volume(portion.strength().makes(left), system) + " of mix at "
                + portion.strength().text() + ".";
    }

    /** What its bottles hold together. */
    static Volume left(Brew brew) {
        return brew.bottles().stream()
                .map(bottle -> bottle.stock().left())
                .reduce(Volume.ofMillilitres(0), Volume::plus);
    }

    private static Optional<Finding> soilOnly(Stock stock, Target target) {
        return stock.soilOnly() && target != Target.SOIL
                ? Optional.of(Finding.of(
                        "soil-only",
                        Severity.REFUSE,
                        TARGET,
                        "This brew smelt of vinegar or solvent in its pot, so it goes on the soil of growing plants only.",
                        Step.of(
                                "What smelt of vinegar or solvent in its pot goes on soil only.",
                                "soil only",
                                Evidence.commonPractice())))
                : Optional.empty();
    }

    /** What was rescued from a spoilt pot goes on soil where nothing is eaten; where nobody said what grows there, by decision. */
    private static Optional<Finding> rescued(Stock stock, Dose dose) {
        if (!stock.nothingEdible()) {
            return Optional.empty();
        }
        if (dose.target() != Target.SOIL) {
            return Optional.of(rescued(
                    Severity.REFUSE,
                    "It was rescued from a spoilt pot: never on leaves or seedlings. Pour it only where nothing you eat"
                            + " grows.",
                    dose));
        }
        return Optional.of(dose.recipient()
                .map(recipient -> rescued(recipient.plants(), dose))
                .orElseGet(() -> rescued(
                        Severity.CONFIRM,
                        "It was rescued from a spoilt pot: pour it only where nothing you eat grows. Is that so here?",
                        dose)));
    }

    private static Finding rescued(Plants plants, Dose dose) {
        String words = plants.name() + ": it was rescued from a spoilt pot, and these are eaten. Pour it only where"
                + " nothing you eat grows.";
        return plants.eaten() == Eaten.NOT
                ? rescued(Severity.HOLDS, plants.name() + " is not eaten, so it may go there.", dose)
                : rescued(Severity.REFUSE, words, dose);
    }

    private static Finding rescued(Severity severity, String words, Dose dose) {
        Step step = Step.of(
                "A pot that was to be thrown away gives feed only for soil where nothing you eat grows.",
                dose.target().words(),
                Evidence.commonPractice());
        return Finding.of("nothing-edible", severity, TARGET, words, step);
    }

    private static Finding date(InStore bottle, LocalDate day) {
        boolean past = bottle.useBy().isBefore(day);
        Step step = Step.of(
                "A brew past its date wants a look and a smell first.",
                past ? "past" : "in date",
                Evidence.fromMemory(),
                "use by",
                bottle.useBy().toString());
        return past
                ? Finding.of(
                        "date",
                        Severity.NOTE,
                        "bottle",
                        "It is past its date. Smell it: sour and sweet is well, rotten goes on the heap.",
                        step)
                : Finding.of("date", Severity.HOLDS, "bottle", "It is in date.", step);
    }

    /** Teas and extract live by the hour. */
    private static Optional<Finding> hours(Portion portion, Stock stock, Dose dose) {
        Target target = dose.target();
        Optional<Stated> hours = keepHours(portion, target);
        if (hours.isEmpty() || stock.readyAt().isEmpty() || dose.hour().isEmpty()) {
            return Optional.empty();
        }
        double past =
                Duration.between(stock.readyAt().get(), dose.hour().get().now()).toMinutes() / 60.0;
        return Optional.of(hours(past, hours.get(), target));
    }

    private static Finding hours(double past, Stated hours, Target target) {
        String limit = AmountText.number(hours.value()) + (hours.value() == 1 ? " hour" : " hours");
        Step step = Step.of(
                        "Hours from ready to poured, without air.", AmountText.number(past, 1) + " h", hours.evidence())
                .with("at most", limit);
        if (past <= hours.value()) {
            String words = "Ready " + AmountText.number(past, 1) + " hours ago; good for " + limit + ".";
            return Finding.of("hours", Severity.HOLDS, "bottle", words, step);
        }
        String words = "It was ready " + AmountText.number(past, 0) + " hours ago and is good for " + limit + " on "
                + target.words() + ": what lived in it has turned. Onto the heap with it.";
        return Finding.of("hours", Severity.REFUSE, "bottle", words, step);
    }

    /** The hours that count on a target: what is told for leaves on leaves, else the longest. */
    static Optional<Stated> keepHours(Portion dose, Target target) {
        List<Keep> keeps = dose.brew().brewed().stream()
                .flatMap(product -> product.keeps().stream())
                .filter(keep -> keep.hours().isPresent())
                .toList();
        Optional<Keep> leaves = keeps.stream()
                .filter(keep -> target.onLeaves() && keep.forLeaves())
                .findFirst();
        return leaves.or(() -> keeps.stream()
                        .max(Comparator.comparingDouble(keep -> keep.stated().value())))
                .flatMap(Keep::hours);
    }
}
