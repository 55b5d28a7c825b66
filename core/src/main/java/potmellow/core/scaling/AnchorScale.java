package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.vessel.Vessel;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** The scale that an anchor leads to, with how it was reached. */
record AnchorScale(Method method, Proportions proportions, UnitSystem system) {
    Working<Double> of(Anchor anchor, Setting where) {
        if (anchor instanceof Anchor.InHand hand) {
            return inHand(hand);
        }
        if (anchor instanceof Anchor.FillVessel) {
            return filled(where);
        }
        return wanted(output(anchor));
    }

    private Working<Quantity> output(Anchor anchor) {
        return anchor instanceof Anchor.Wanted wanted
                ? Working.of(
                        wanted.amount(),
                        Step.of("What you want of it.", wanted.amount().text(system), Evidence.exact()))
                : new Feeds(proportions.product(), (Anchor.ToFeed) anchor, system).brew();
    }

    private Working<Double> inHand(Anchor.InHand hand) {
        List<Step> steps = new ArrayList<>();
        double least = Double.MAX_VALUE;
        for (Map.Entry<String, Quantity> have : hand.parts().entrySet()) {
            Part part = Hand.part(method, have.getKey());
            double scale = proportions.scale(part, have.getValue());
            if (Proportions.never(scale)) {
                throw InvalidInput.notAllowed(
                        part.name() + " in hand",
                        have.getValue().text(system),
                        "There is no room for it beside the other parts.",
                        "Say how much you have of another part.");
            }
            least = Math.min(least, scale);
            String what = have.getValue().isMass() ? "The weight you have in hand." : "The volume you have in hand.";
            steps.add(Step.of(
                    hand.parts().size() == 1 ? what : part.name() + ": what you have in hand.",
                    have.getValue().text(system),
                    Evidence.exact()));
        }
        return new Working<>(least, steps);
    }

    private Working<Double> filled(Setting where) {
        Vessel vessel = where.vessel();
        Working<Double> scale = toTheLine(vessel);
        Optional<Double> foaming = proportions.foaming(vessel.capacity());
        if (foaming.isPresent() && foaming.get() < scale.value()) {
            scale = scale.then(
                    foaming.get(),
                    Step.of(
                            "It foams: the vessel must hold so many times the liquid.",
                            AmountText.number(proportions.foamFactor().orElse(1.0)) + " times",
                            Evidence.commonPractice()));
        }
        double carried = proportions.weighing(where.canLift().grams());
        return method.vessel().moved() && carried < scale.value()
                ? scale.then(
                        carried,
                        Step.of(
                                "It is carried when it is full, so it is filled only to what you lift.",
                                AmountText.mass(where.canLift(), system),
                                Evidence.fromMemory()))
                : scale;
    }

    private Working<Double> toTheLine(Vessel vessel) {
        return Working.of(
                proportions.fitting(vessel.capacity()),
                Step.of(
                        "The vessel is filled to " + AmountText.percent(proportions.fillShare())
                                + ", the rest stays empty: "
                                + method.vessel().headroom(vessel.kind()).why() + ".",
                        AmountText.volume(vessel.capacity().times(proportions.fillShare()), system),
                        method.vessel().headroom(vessel.kind()).stated().evidence(),
                        "vessel",
                        AmountText.volume(vessel.capacity(), system)));
    }

    private Working<Double> wanted(Working<Quantity> output) {
        Quantity want = proportions.asMade(output.value());
        double scale = proportions.making(want);
        if (Proportions.never(scale)) {
            throw InvalidInput.notAllowed(
                    "The amount wanted",
                    want.text(system),
                    "None of it would come out: what goes in holds all of its liquid.",
                    "More liquid is needed, or solids that hold less.");
        }
        Part main = method.main();
        String from = proportions.amount(main, scale).text(system);
        return output.then(
                scale,
                Step.of(
                        "What goes in = what is wanted ÷ usual yield.",
                        from + " of " + main.name().toLowerCase(Locale.ROOT),
                        Evidence.derivedFrom(method.makes().mark()),
                        "wanted",
                        want.text(system),
                        "usual yield",
                        usualYield(proportions, system)));
    }

    /** What usually comes out of the reference batch, such as "1.04 L from 1 kg of leaves and shoots". */
    static String usualYield(Proportions proportions, UnitSystem system) {
        Part main = proportions.method().main();
        return proportions.output(1).text(system) + " from "
                + proportions.amount(main, 1).text(system) + " of "
                + main.name().toLowerCase(Locale.ROOT);
    }
}
