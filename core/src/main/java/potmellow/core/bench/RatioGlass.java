package potmellow.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
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
        Optional<Ratio> other =
                in.given("other") ? Optional.of(in.saying("other").ratio()) : Optional.empty();
        return new Figures(
                        in.saying("saying"),
                        other,
                        in.volume("can", 10, 1_000_000),
                        in.volume("have", 1, 1_000_000),
                        in)
                .reply();
    }

    /** The numbers of an answer, and what is said of them. */
    private record Figures(Saying saying, Optional<Ratio> other, Volume can, Volume have, Entries in) {
        Ratio ratio() {
            return saying.ratio();
        }

        Volume brew() {
            return ratio().brewIn(can);
        }

        String text(Volume volume) {
            return volume.text(in.system());
        }

        Reply reply() {
            return new Reply(
                    ratio().neat()
                            ? "Neat: no water at all."
                            : ratio().text() + ": " + measured() + " into a can of " + text(can) + ".",
                    working(),
                    results(),
                    remarks(),
                    Optional.empty(),
                    List.of(new HandOver(
                            HandOver.Kind.STRENGTH,
                            "Set " + ratio().text() + " in Mix",
                            Map.of("strength", ratio().text()))));
        }

        /** What is measured out, and what it is exactly where a tool is off by more than is worth telling. */
        String measured() {
            return MeasuredVolume.of(brew(), in.system())
                    .map(measured -> measured.text()
                            + (Math.abs(measured.deviation()) > MeasuredVolume.WORTH_TELLING
                                    ? " (exactly " + text(brew()) + ")"
                                    : ""))
                    .orElse("less than a drop");
        }

        Working<?> working() {
            Working<?> working = Working.of(
                    brew(),
                    Step.of("As it is said.", ratio().text(), Evidence.commonPractice(), "said", in.text("saying")),
                    Step.of("Brew = can ÷ (N + 1).", text(brew()), Evidence.exact(), "can", text(can)),
                    Step.of(
                            "A store makes store × (N + 1).",
                            text(ratio().makes(have)),
                            Evidence.exact(),
                            "store",
                            text(have)));
            if (other.isEmpty()) {
                return working;
            }
            Working<Double> times = Comparison.of(ratio(), other.get());
            List<Step> steps = new ArrayList<>(working.steps());
            steps.addAll(times.steps());
            return new Working<>(times.value(), steps);
        }

        List<Result> results() {
            List<Result> results = new ArrayList<>();
            Volume water = can.less(brew());
            results.add(new Result("water", "parts of water to one", ratio().water(), ratio().text()));
            results.add(new Result("brew", "brew into " + text(can), brew().millilitres(), measured()));
            results.add(new Result("canWater", "and water", water.millilitres(), text(water)));
            results.add(new Result(
                    "makes",
                    "of mix out of " + text(have) + " in store",
                    ratio().makes(have).litres(),
                    text(ratio().makes(have))));
            results.addAll(dresses());
            results.add(new Result("share", "share of the mix", ratio().share(), AmountText.percent(ratio().share())));
            other.map(said -> Comparison.of(ratio(), said).value())
                    .ifPresent(times -> results.add(new Result(
                            "times", "times as strong as the other", times, "× " + AmountText.number(times))));
            return results;
        }

        List<Result> dresses() {
            return Stream.of(Dress.values())
                    .filter(dress -> !ratio().neat() || dress == Dress.PERCENT_OF_MIX)
                    .map(dress -> new Result(
                            dress.name(), dress.per(), dress.amount(ratio()), dress.text(ratio()) + " " + dress.per()))
                    .toList();
        }

        List<Remark> remarks() {
            List<Remark> remarks = new ArrayList<>();
            if (!ratio().neat()) {
                remarks.add(madeUpTo());
            }
            saying.others()
                    .forEach(reading ->
                            remarks.add(Remark.warning("Read as " + saying.how() + ". “" + reading + "” would be "
                                    + StrengthReader.read("The saying", reading).text() + ".")));
            if (Meanings.waterFirst(in.text("saying"))) {
                remarks.add(Remark.warning(
                        "The larger number stands first, so it is read as the water. If it is meant as brew, it is"
                                + " far stronger: ask."));
            }
            other.map(this::compared).ifPresent(remarks::add);
            remarks.add(Remark.assumed(
                    "“1:N” means one part to N of water (common practice). Spoons beside a gallon are US spoons,"
                            + " beside litres metric ones."));
            return remarks;
        }

        Remark madeUpTo() {
            Ratio in1 = ratio().water() < 1 ? ratio() : Ratio.oneIn(ratio().water());
            double apart = in1.share() / ratio().share() - 1;
            return Remark.note("Read as one part to " + AmountText.number(ratio().water(), 1)
                    + " parts of water. “Made up to” so many parts would be " + in1.text() + ", "
                    + AmountText.percent(apart) + " stronger.");
        }

        Remark compared(Ratio said) {
            double times = Comparison.of(ratio(), said).value();
            String sentence = Comparison.sentence(ratio(), said);
            return times > FAR_APART || times < 1 / FAR_APART ? Remark.warning(sentence) : Remark.note(sentence);
        }
    }
}
