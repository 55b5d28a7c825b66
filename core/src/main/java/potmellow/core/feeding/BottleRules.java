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
        Ratio advised = dose.advice().strength().value();
        String target = dose.use().target().words();
        String span = strongest.text() + (strongest.equals(weakest) ? "" : " to " + weakest.text());
        Step step = Step.of(
                "Safe span on " + target + ".", span, dose.use().strongest().evidence(), "asked", ratio.text());
        if (ratio.strongerThan(strongest)) {
            return Finding.of(
                    "too-strong",
                    Severity.REFUSE,
                    "strength",
                    ratio.text() + " is " + AmountText.number(ratio.timesAsStrongAs(advised))
                            + " times the usual strength on " + target + ": "
                            + dose.use().tooStrong() + ". Take " + span + ".",
                    step);
        }
        if (weakest.strongerThan(ratio)) {
            return Finding.of(
                    "too-weak",
                    Severity.NOTE,
                    "strength",
                    ratio.text() + " is harmless but does little. The usual span is " + span + ".",
                    step);
        }
        return Finding.of(
                "strength", Severity.HOLDS, "strength", ratio.text() + " lies in the safe span, " + span + ".", step);
    }

    /** Left-over vinegar burns leaves: thinner while the pH is below 5, or not known. */
    private static Optional<Finding> sour(Portion dose) {
        Optional<Stated> limit = dose.use().rules().strongestWhileSour();
        if (limit.isEmpty()) {
            return Optional.empty();
        }
        Ratio most = Ratio.oneTo(limit.get().value());
        List<OptionalDouble> read = dose.brew().bottles().stream()
                .map(bottle -> bottle.stock().ph())
                .toList();
        boolean known = !read.isEmpty() && read.stream().allMatch(OptionalDouble::isPresent);
        double ph = read.stream().flatMapToDouble(OptionalDouble::stream).min().orElse(0);
        boolean sour = !known || ph < SOUR_BELOW;
        boolean broken = sour && dose.strength().strongerThan(most);
        Step step = Step.of(
                "Below pH 5 vinegar is left over: on leaves not stronger than " + most.text() + ".",
                known ? "pH " + AmountText.number(ph, 1) : "pH not read",
                limit.get().evidence());
        return Optional.of(
                broken
                        ? Finding.of(
                                "sour",
                                Severity.REFUSE,
                                "strength",
                                (known ? "Its pH is " + AmountText.number(ph, 1) : "Its pH was never read")
                                        + ": vinegar may be left over and burns leaves. Not stronger than "
                                        + most.text()
                                        + " until it reads 5 or more.",
                                step)
                        : Finding.of(
                                "sour",
                                Severity.HOLDS,
                                "strength",
                                "Thin enough for what vinegar is left in it.",
                                step));
    }

    /** Whether what is poured is there. */
    static Optional<Finding> store(Portion portion, Volume brew, UnitSystem system) {
        List<InStore> bottles = portion.brew().bottles();
        if (bottles.isEmpty()) {
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
        String whose = bottles.size() == 1 ? "the bottle has only " : "the two bottles have only ";
        return Optional.of(
                enough
                        ? Finding.of("store", Severity.HOLDS, "need", "The bottle holds enough.", step)
                        : Finding.of(
                                "store",
                                Severity.REFUSE,
                                "need",
                                "This takes " + AmountText.volume(brew, system) + " of brew, and " + whose
                                        + AmountText.volume(left, system) + " left: enough for "
                                        + AmountText.volume(portion.strength().makes(left), system) + " of mix at "
                                        + portion.strength().text() + ".",
                                step));
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
        Step step = Step.of(
                "A pot that was to be thrown away gives feed only for soil where nothing you eat grows.",
                dose.target().words(),
                Evidence.commonPractice());
        Optional<Plants> plants = dose.recipient().map(Recipient::plants);
        if (dose.target() != Target.SOIL) {
            return Optional.of(rescued(
                    Severity.REFUSE,
                    "It was rescued from a spoilt pot: never on leaves or seedlings. Pour it only where nothing you eat"
                            + " grows.",
                    step));
        }
        if (plants.isEmpty()) {
            return Optional.of(rescued(
                    Severity.CONFIRM,
                    "It was rescued from a spoilt pot: pour it only where nothing you eat grows. Is that so here?",
                    step));
        }
        boolean eaten = plants.get().eaten() != Eaten.NOT;
        return Optional.of(
                eaten
                        ? rescued(
                                Severity.REFUSE,
                                plants.get().name() + ": it was rescued from a spoilt pot, and these are eaten. Pour it"
                                        + " only where nothing you eat grows.",
                                step)
                        : rescued(Severity.HOLDS, plants.get().name() + " is not eaten, so it may go there.", step));
    }

    private static Finding rescued(Severity severity, String words, Step step) {
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
        double most = hours.get().value();
        String limit = AmountText.number(most) + (most == 1 ? " hour" : " hours");
        Step step = Step.of(
                "Hours from ready to poured, without air.",
                AmountText.number(past, 1) + " h",
                hours.get().evidence(),
                "at most",
                limit);
        return Optional.of(
                past > most
                        ? Finding.of(
                                "hours",
                                Severity.REFUSE,
                                "bottle",
                                "It was ready " + AmountText.number(past, 0) + " hours ago and is good for " + limit
                                        + " on " + target.words()
                                        + ": what lived in it has turned. Onto the heap with it.",
                                step)
                        : Finding.of(
                                "hours",
                                Severity.HOLDS,
                                "bottle",
                                "Ready " + AmountText.number(past, 1) + " hours ago; good for " + limit + ".",
                                step));
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
