package potmellow.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.bench.Reply.HandOver;
import potmellow.core.bench.Reply.Remark;
import potmellow.core.bench.Reply.Result;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Comparison;
import potmellow.core.strength.Dress;
import potmellow.core.strength.Meanings;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Saying;
import potmellow.core.strength.StrengthReader;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** A strength as somebody says it: both readings, every dress, amounts for a can, and how it compares with another saying. */
final class RatioGlass implements Instrument {
    private static final double FAR_APART = 1.5;

    @Override
    public String id() {
        return "ratio";
    }

    @Override
    public String title() {
        return "Ratio reader";
    }

    @Override
    public String asks() {
        return "What does this strength mean, and in my can?";
    }

    @Override
    public List<Entry> entries() {
        return List.of(
                Entry.typed(
                        "saying", "Somebody says", "2 tablespoons to a gallon", "1:500, 20 ml per 10 litres, 0.2 % …"),
                Entry.typed("other", "Somebody else says", "", "leave empty where nobody does"),
                Entry.typed("can", "Can", "10 L", ""),
                Entry.typed("have", "Brew in store", "1 L", "how far it goes"));
    }

    @Override
    public Reply answer(Entries in) {
        Saying saying = read("saying", in.text("saying"));
        Ratio ratio = saying.ratio();
        Volume can = in.volume("can", 10, 1_000_000);
        Ratio in1 = ratio.neat() || ratio.water() < 1 ? ratio : Ratio.oneIn(ratio.water());
        Volume have = in.volume("have", 1, 1_000_000);
        Volume brew = ratio.brewIn(can);
        Volume water = can.less(brew);
        List<Result> results = new ArrayList<>();
        results.add(new Result("water", "parts of water to one", ratio.water(), ratio.text()));
        results.add(new Result("brew", "brew into " + can.text(in.system()), brew.millilitres(), measured(brew, in)));
        results.add(new Result("canWater", "and water", water.millilitres(), water.text(in.system())));
        results.add(new Result(
                "makes",
                "of mix out of " + have.text(in.system()) + " in store",
                ratio.makes(have).litres(),
                ratio.makes(have).text(in.system())));
        for (Dress dress : Dress.values()) {
            if (!ratio.neat() || dress == Dress.PERCENT_OF_MIX) {
                results.add(new Result(
                        dress.name(), dress.per(), dress.amount(ratio), dress.text(ratio) + " " + dress.per()));
            }
        }
        results.add(new Result("share", "share of the mix", ratio.share(), AmountText.percent(ratio.share())));
        List<Remark> remarks = new ArrayList<>();
        if (!ratio.neat()) {
            double apart = in1.share() / ratio.share() - 1;
            remarks.add(Remark.note("Read as one part to " + AmountText.number(ratio.water(), 1)
                    + " parts of water. “Made up to” so many parts would be " + in1.text() + ", "
                    + AmountText.percent(apart) + " stronger."));
        }
        saying.others()
                .forEach(other -> remarks.add(Remark.warning("Read as " + saying.how() + ". “" + other + "” would be "
                        + StrengthReader.read("The saying", other).text() + ".")));
        if (Meanings.waterFirst(in.text("saying"))) {
            remarks.add(Remark.warning(
                    "The larger number stands first, so it is read as the water. If it is meant as brew, it is"
                            + " far stronger: ask."));
        }
        Working<?> working = Working.of(
                brew,
                Step.of("As it is said.", ratio.text(), Evidence.commonPractice(), "said", in.text("saying")),
                Step.of(
                        "Brew = can ÷ (N + 1).",
                        brew.text(in.system()),
                        Evidence.exact(),
                        "can",
                        can.text(in.system())),
                Step.of(
                        "A store makes store × (N + 1).",
                        ratio.makes(have).text(in.system()),
                        Evidence.exact(),
                        "store",
                        have.text(in.system())));
        if (in.given("other")) {
            Ratio other = read("other", in.text("other")).ratio();
            Working<Double> times = Comparison.of(ratio, other);
            results.add(new Result(
                    "times", "times as strong as the other", times.value(), "× " + AmountText.number(times.value())));
            String sentence = Comparison.sentence(ratio, other);
            boolean far = times.value() > FAR_APART || times.value() < 1 / FAR_APART;
            remarks.add(far ? Remark.warning(sentence) : Remark.note(sentence));
            List<Step> steps = new ArrayList<>(working.steps());
            steps.addAll(times.steps());
            working = new Working<>(times.value(), steps);
        }
        remarks.add(Remark.assumed(
                "“1:N” means one part to N of water (common practice). Spoons beside a gallon are US spoons,"
                        + " beside litres metric ones."));
        return new Reply(
                ratio.neat()
                        ? "Neat: no water at all."
                        : ratio.text() + ": " + measured(brew, in) + " into a can of " + can.text(in.system()) + ".",
                working,
                results,
                remarks,
                Optional.empty(),
                List.of(new HandOver(
                        HandOver.Kind.STRENGTH, "Set " + ratio.text() + " in Mix", Map.of("strength", ratio.text()))));
    }

    /** What is measured out, and what it is exactly where a tool is off by more than is worth telling. */
    private static String measured(Volume brew, Entries in) {
        return MeasuredVolume.of(brew, in.system())
                .map(measured -> measured.text()
                        + (Math.abs(measured.deviation()) > MeasuredVolume.WORTH_TELLING
                                ? " (exactly " + brew.text(in.system()) + ")"
                                : ""))
                .orElse("less than a drop");
    }

    /** Unclear text is answered with what could be meant, never with a guess. */
    private static Saying read(String entry, String text) {
        return Entries.reading(entry, () -> StrengthReader.said("The saying", text));
    }
}
