package potmellow.core.vessel;

import java.util.Collection;
import java.util.stream.Collectors;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;

/** Whether a lid may stand on a ferment: by its gas first, then by what the method asks for. */
public final class LidRule {
    private static final String CONCERNS = "lid";
    private static final double SMALL_SHARE = 0.01;

    private LidRule() {}

    /**
     * Judges a lid.
     *
     * @param lid the lid chosen
     * @param gas what the stage gives off
     * @param asked the lids that the method asks for, best first
     * @param sugar all sugar in the vessel
     * @param headspace gas room above the contents
     * @param liquid liquid that will stand in the vessel
     */
    public static Finding judge(
            Lid lid, Gas gas, Collection<Lid> asked, Mass sugar, Volume headspace, Volume liquid, UnitSystem system) {
        if (!lid.lets(gas)) {
            return refusal(lid, asked, sugar, headspace, liquid, system);
        }
        Step step = Step.of(
                "This brew gives off gas, so the lid must let it out.",
                lid.words(),
                Evidence.commonPractice(),
                "asked for",
                words(asked));
        if (asked.contains(lid)) {
            return Finding.of("lid", Severity.HOLDS, CONCERNS, "The " + lid.words() + " lets the gas out.", step);
        }
        String why = switch (lid) {
            case OPEN, MESH -> "Uncovered, flies and mould get in.";
            case BURPED, YIELDING -> "It holds gas back: open it every day, away from your face, or it bulges.";
            case CLOTH, LOOSE, AIRLOCK, TIGHT -> "It works, only not the way this school does it.";
        };
        return Finding.of(
                "lid",
                Severity.NOTE,
                CONCERNS,
                "You chose: " + lid.words() + ". " + why + " This way asks for " + words(asked) + ".",
                step);
    }

    private static Finding refusal(
            Lid lid, Collection<Lid> asked, Mass sugar, Volume headspace, Volume liquid, UnitSystem system) {
        Mass little = sugar.times(SMALL_SHARE);
        String bar = AmountText.number(FermentationGas.addedBar(little, headspace, liquid), 1) + " bar";
        Step gasStep = FermentationGas.atMost(sugar, system).steps().get(0);
        Step pressure = Step.of(
                "Gas from 1 % of the sugar, shared between the headspace and what the liquid takes up (0.87 volumes).",
                bar + " more",
                Evidence.derivedFrom(Mark.FROM_MEMORY),
                "1 % of the sugar",
                AmountText.mass(little, system),
                "headspace",
                AmountText.volume(headspace, system),
                "liquid",
                AmountText.volume(liquid, system));
        String words = "You chose: " + lid.words() + ". It would hold the gas in and can burst the vessel: "
                + AmountText.mass(sugar, system) + " of sugar can give off up to " + gasStep.result()
                + " of gas, and the first 1 % of it already adds about " + bar + ". Use " + words(asked) + ".";
        return Finding.of("tight-lid", Severity.REFUSE, CONCERNS, words, gasStep, pressure);
    }

    private static String words(Collection<Lid> lids) {
        return lids.stream().map(Lid::words).collect(Collectors.joining(", or "));
    }
}
