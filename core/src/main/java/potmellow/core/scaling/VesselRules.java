package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import potmellow.core.book.Method;
import potmellow.core.book.VesselNeed;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.vessel.VesselMaterial;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** Whether a batch fits its vessel: room, foam, shape, walls and weight. */
record VesselRules(Method method, Proportions proportions, List<Amount> parts, Setting where, UnitSystem system) {
    private static final String CONCERNS = "vessel";

    List<Finding> findings(Working<Filling> filling, Working<Mass> contents, double scale) {
        List<Finding> findings = new ArrayList<>();
        findings.add(headspace(filling, scale));
        foam(scale).ifPresent(findings::add);
        kind().ifPresent(findings::add);
        walls().ifPresent(findings::add);
        smell().ifPresent(findings::add);
        lift(contents).ifPresent(findings::add);
        return findings;
    }

    private Vessel vessel() {
        return where.vessel();
    }

    private Finding headspace(Working<Filling> filling, double scale) {
        VesselNeed.Headroom rule = method.vessel().headroom(vessel().kind());
        double needed = 1 - proportions.fillShare();
        double left = Packing.headspace(filling.value(), needed);
        boolean fits = left >= needed - Packing.REACH_OF_A_SCALE && !tooMuchForShare(scale);
        List<Step> steps = new ArrayList<>(filling.steps());
        steps.add(Step.of(
                "So much stays empty: " + rule.why() + ".",
                AmountText.percent(needed),
                rule.stated().evidence(),
                figures(rule)));
        if (fits) {
            String words = "Fits " + vessel().code() + ": " + AmountText.percent(left) + " stays empty, "
                    + AmountText.percent(needed) + " is needed.";
            return new Finding("headspace", Severity.HOLDS, CONCERNS, words, new Working<>(true, steps));
        }
        steps.add(Step.of(
                "The most that fits = room to the line ÷ room that one part takes with the others.",
                proportions.amount(method.main(), most()).text(system),
                Evidence.fromMemory()));
        String words = stands(left) + ", and " + AmountText.percent(needed) + " must stay empty: " + rule.why() + ". "
                + larger(scale);
        return new Finding("overfull", Severity.REFUSE, CONCERNS, words, new Working<>(false, steps));
    }

    private double most() {
        return proportions.fitting(vessel().capacity());
    }

    private String stands(double left) {
        if (left < 0) {
            return "It would overflow " + vessel().code();
        }
        return method.fillsVessel()
                ? "It is too much for " + vessel().code()
                : "It would leave only " + AmountText.percent(left) + " of " + vessel().code() + " empty";
    }

    private String larger(double scale) {
        Volume capacity = proportions.capacityFor(scale, vessel().kind());
        return "Take a vessel of "
                + AmountText.volume(Volume.ofMillilitres(Math.ceil(capacity.millilitres() / 10) * 10), system)
                + " or more, or at most " + floored(proportions.amount(method.main(), most())) + " of "
                + method.main().name().toLowerCase(Locale.ROOT) + ", or split it over "
                + (int) Math.ceil(scale / most()) + " such vessels.";
    }

    /** Told by how full the vessel is, a batch is too much for every smaller vessel. */
    private boolean tooMuchForShare(double scale) {
        return method.fillsVessel() && scale > vessel().capacity().litres() * (1 + Packing.REACH_OF_A_SCALE);
    }

    private String[] figures(VesselNeed.Headroom rule) {
        if (rule.share().isPresent()) {
            return new String[0];
        }
        String height = AmountText.number(
                        vessel().kind().heightCentimetres(vessel().capacity().litres()), 0)
                + " cm, from its usual proportions";
        return rule.centimetres()
                .map(empty ->
                        new String[] {"below the rim", AmountText.number(empty.value()) + " cm", "height", height})
                .orElseGet(() ->
                        new String[] {"depth", AmountText.number(rule.stated().value()) + " cm", "height", height});
    }

    private String floored(Quantity amount) {
        return amount.withBase(Math.floor(amount.base())).text(system);
    }

    private Optional<Finding> foam(double scale) {
        return proportions.foamRoom(scale).map(room -> {
            boolean fits = vessel().capacity().millilitres() >= room.millilitres() * (1 - MeasuredVolume.WORTH_TELLING);
            double factor = proportions.foamFactor().orElse(1.0);
            Step step = Step.of(
                    "It foams over: the vessel holds so many times the liquid.",
                    AmountText.number(factor) + " times, " + room.text(system),
                    Evidence.commonPractice(),
                    "vessel",
                    vessel().capacity().text(system));
            return fits
                    ? Finding.of("foam", Severity.HOLDS, CONCERNS, "There is room for the foam.", step)
                    : Finding.of(
                            "foam-over",
                            Severity.CONFIRM,
                            CONCERNS,
                            "It will foam over " + vessel().code() + ": the vessel should hold "
                                    + AmountText.number(factor) + " times the liquid, " + room.text(system)
                                    + ". Take a larger one, or set a tray underneath and pour slowly.",
                            step);
        });
    }

    private Optional<Finding> kind() {
        List<VesselKind> kinds = method.vessel().kinds();
        if (kinds.contains(vessel().kind())) {
            return Optional.empty();
        }
        String asked = kinds.stream().map(VesselKind::words).collect(Collectors.joining(", or "));
        return Optional.of(Finding.of(
                "kind",
                Severity.NOTE,
                CONCERNS,
                "You chose a " + vessel().kind().words() + "; this way uses a " + asked + ".",
                Step.of("This way uses a " + asked + ".", vessel().kind().words(), Evidence.commonPractice())));
    }

    private Optional<Finding> walls() {
        VesselMaterial walls = vessel().material();
        if (method.vessel().acid() && walls.reacts()) {
            String words = " is bare metal, and the acid in this brew eats it. Take glass, plastic, glazed pot or"
                    + " stainless steel.";
            return Optional.of(wall("reactive-metal", Severity.REFUSE, vessel().code() + words));
        }
        return method.vessel().breathes() ? Optional.of(breathing(walls)) : Optional.empty();
    }

    private Finding breathing(VesselMaterial walls) {
        if (!walls.breathes()) {
            String words = vessel().code() + " is " + walls.words()
                    + ": no air gets through its walls, and it would turn airless and foul. Take wood, a basket or"
                    + " cardboard.";
            return wall("must-breathe", Severity.REFUSE, words);
        }
        return walls == VesselMaterial.CARDBOARD
                ? wall(
                        "cardboard",
                        Severity.NOTE,
                        "Cardboard dries it out in about three days: look daily, and damp it.")
                : wall("walls", Severity.HOLDS, "Its walls let air through.");
    }

    private Finding wall(String id, Severity severity, String words) {
        Step step = Step.of("What the walls are made of.", vessel().material().words(), Evidence.commonPractice());
        return Finding.of(id, severity, CONCERNS, words, step);
    }

    private Optional<Finding> smell() {
        boolean stays = where.heldAnaerobic()
                && vessel().material() == VesselMaterial.PLASTIC
                && !method.vessel().smells();
        return stays
                ? Optional.of(Finding.of(
                        "smell",
                        Severity.CONFIRM,
                        CONCERNS,
                        vessel().code()
                                + " has held anaerobic liquid. Plastic keeps that smell, so such a vessel stays in"
                                + " that use. Take another.",
                        Step.of(
                                "Plastic that held anaerobic liquid stays in that use.",
                                "it has",
                                Evidence.commonPractice())))
                : Optional.empty();
    }

    private Optional<Finding> lift(Working<Mass> contents) {
        boolean heavy = contents.value().grams() > where.canLift().grams() * (1 + Packing.REACH_OF_A_SCALE);
        if (!heavy) {
            return Optional.empty();
        }
        List<Step> steps = new ArrayList<>(contents.steps());
        steps.add(Step.of("What you lift.", where.canLift().text(system), Evidence.exact()));
        String weighs = "It weighs " + contents.value().text(system) + " without the vessel, and you lift "
                + where.canLift().text(system) + ". ";
        return Optional.of(
                method.vessel().moved()
                        ? new Finding(
                                "too-heavy",
                                Severity.CONFIRM,
                                CONCERNS,
                                weighs + "It has to be carried: make less, or split it over two.",
                                new Working<>(false, steps))
                        : new Finding(
                                "heavy",
                                Severity.NOTE,
                                CONCERNS,
                                weighs + "Fill it where it will stand, and ladle it out.",
                                new Working<>(false, steps)));
    }
}
