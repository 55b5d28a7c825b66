package potmellow.core.judgement;

import java.util.List;
import potmellow.core.book.Product;
import potmellow.core.book.Stage.Exit;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** Whether a pot may be emptied now, and how much can come out of it. */
public final class Straining {
    public static final Volume LEAST_JUICE = Volume.ofMillilitres(1);

    private Straining() {}

    /** The smallest bottle for a brew that is alive: it may be filled only so far. */
    public static Working<Volume> bottleFor(Volume juice, Product product, UnitSystem system) {
        double share = product.bottleFillShare().value();
        Volume bottle = juice.times(1 / share);
        return Working.of(
                bottle,
                Step.of(
                        "It still gives off gas, so a bottle is filled to " + AmountText.percent(share) + " at most.",
                        AmountText.volume(bottle, system),
                        product.bottleFillShare().evidence(),
                        "juice",
                        AmountText.volume(juice, system)));
    }

    /**
     * What stands in the way of emptying it.
     *
     * @param verdict the verdict on it now
     * @param exit how the stage ends
     * @param early whether it is wanted although it isn't ready
     * @return empty, or the one refusal
     */
    public static List<Finding> judge(Working<Verdict> verdict, Exit exit, boolean early) {
        Working<Boolean> why = verdict.map(any -> false);
        String reasons = String.join(" ", verdict.value().reasons());
        return switch (verdict.value().kind()) {
            case READY, PAST_BEST -> List.of();
            case THROW_AWAY -> {
                String words = "It is to be thrown away, so it can't be " + act(exit) + ". " + reasons
                        + (verdict.value().rescuable()
                                ? " By your decision it may still be poured where nothing you eat grows."
                                : " Not even onto soil: what grew in it is too dangerous.");
                yield List.of(new Finding("spoilt", Severity.REFUSE, "verdict", words, why));
            }
            case NOT_YET -> {
                String words = "It isn't ready: " + reasons + " It can be " + act(exit)
                        + " early, but it keeps and works less well; that is noted.";
                yield early ? List.of() : List.of(new Finding("not-ready", Severity.CONFIRM, "verdict", words, why));
            }
        };
    }

    private static String act(Exit exit) {
        return switch (exit) {
            case WRING -> "wrung out";
            case GO_ON -> "moved on";
            case STRAIN -> "bottled";
            case STORE -> "taken out";
            case BURY -> "buried";
            case USE -> "used";
        };
    }

    /**
     * What stands in the way of emptying it for the soil of nothing edible, although it is to be thrown away.
     *
     * @return empty, or the one refusal
     */
    public static List<Finding> judgeRescue(Working<Verdict> verdict) {
        Verdict value = verdict.value();
        if (value.kind() == Verdict.Kind.THROW_AWAY && value.rescuable()) {
            return List.of();
        }
        String words = value.kind() == Verdict.Kind.THROW_AWAY
                ? "Mouldy milk, manure and guts that spoilt are thrown away whole: not even onto soil."
                : "It isn't spoilt, so there is nothing to rescue: empty it as usual.";
        return List.of(new Finding("no-rescue", Severity.REFUSE, "verdict", words, verdict.map(any -> false)));
    }
}
