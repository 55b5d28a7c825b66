package potmellow.core.vessel;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** Whether a lid may stand on a brew: by its gas first, then by what the method asks for. */
public final class LidRule {
    private static final String CONCERNS = "lid";
    private static final double SMALL_SHARE = 0.01;

    private LidRule() {}

    /**
     * What stands under the lid.
     *
     * @param gas what the stage gives off
     * @param source what the gas comes from; empty where nobody can reckon it
     * @param headspace gas room above the contents
     * @param liquid liquid that will stand in the vessel
     */
    public record Under(Gas gas, Optional<GasSource> source, Volume headspace, Volume liquid) {}

    /**
     * Judges a lid.
     *
     * @param lid the lid chosen
     * @param asked the lids that the method asks for, best first
     */
    public static Finding judge(Lid lid, Collection<Lid> asked, Under under, UnitSystem system) {
        if (!lid.lets(under.gas())) {
            return refusal(lid, asked, under, system);
        }
        Step step = gas(lid, asked, under.gas());
        if (asked.contains(lid)) {
            String holds = under.gas() == Gas.NONE
                    ? "The " + lid.words() + " is what this way asks for."
                    : "The " + lid.words() + " lets the gas out.";
            return Finding.of("lid", Severity.HOLDS, CONCERNS, holds, step);
        }
        String words = "You chose: " + lid.words() + ". " + drawback(lid) + " This way asks for " + words(asked) + ".";
        return Finding.of("lid", Severity.NOTE, CONCERNS, words, step);
    }

    private static Step gas(Lid lid, Collection<Lid> asked, Gas gas) {
        String rule = gas == Gas.NONE
                ? "This brew gives off no gas."
                : "This brew gives off gas (" + gas.words() + "), so the lid must let it out.";
        return Step.of(rule, lid.words(), Evidence.commonPractice(), "asked for", words(asked));
    }

    private static String drawback(Lid lid) {
        return switch (lid) {
            case OPEN, MESH -> "Uncovered, flies and mould get in.";
            case BURPED, YIELDING -> "It holds gas back: open it every day, away from your face, or it bulges.";
            case CLOTH, LOOSE, AIRLOCK, TIGHT -> "It works, only not the way this school does it.";
        };
    }

    private static Finding refusal(Lid lid, Collection<Lid> asked, Under under, UnitSystem system) {
        String start = "You chose: " + lid.words() + ". It would hold the gas in and can burst the vessel";
        String words = start
                + under.source().map(source -> gas(source, under, system)).orElse("") + ". Use " + words(asked) + ".";
        List<Step> steps = under.source()
                .map(source -> List.of(source.step(), pressure(source, under, system)))
                .orElseGet(() -> List.of(Step.of(
                        "Never a tight lid where there is any gas; nothing that holds it back where the gas is violent.",
                        under.gas().words(),
                        Evidence.commonPractice())));
        return new Finding("tight-lid", Severity.REFUSE, CONCERNS, words, new Working<>(false, steps));
    }

    private static String gas(GasSource source, Under under, UnitSystem system) {
        String bar = bar(source, under);
        return ": " + source.words() + " can give off up to " + AmountText.volume(source.atMost(), system) + " of gas"
                + (bar.equals("0 bar") ? "" : ", and the first 1 % of it already adds about " + bar);
    }

    private static String bar(GasSource source, Under under) {
        Volume little = source.atMost().times(SMALL_SHARE);
        return AmountText.number(FermentationGas.addedBar(little, under.headspace(), under.liquid()), 1) + " bar";
    }

    private static Step pressure(GasSource source, Under under, UnitSystem system) {
        return Step.of(
                "The first 1 % of that gas, shared between the headspace and what the liquid takes up (0.87 volumes).",
                bar(source, under) + " more",
                Evidence.derivedFrom(Mark.FROM_MEMORY),
                "1 % of the gas",
                AmountText.volume(source.atMost().times(SMALL_SHARE), system),
                "headspace",
                AmountText.volume(under.headspace(), system),
                "liquid",
                AmountText.volume(under.liquid(), system));
    }

    private static String words(Collection<Lid> lids) {
        return lids.stream().map(Lid::words).collect(Collectors.joining(", or "));
    }
}
