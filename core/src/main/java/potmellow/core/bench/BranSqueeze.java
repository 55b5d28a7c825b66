package potmellow.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.bench.Reply.Chart;
import potmellow.core.bench.Reply.HandOver;
import potmellow.core.bench.Reply.Point;
import potmellow.core.bench.Reply.Remark;
import potmellow.core.bench.Reply.Result;
import potmellow.core.bench.Reply.Threshold;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Volume;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;
import potmellow.core.workings.Moisture;
import potmellow.core.workings.Moisture.Wet;

/** How wet bran really gets, and the water that a moisture takes. */
final class BranSqueeze implements Instrument {
    @Override
    public String id() {
        return "bran";
    }

    @Override
    public String title() {
        return "Bran moisture";
    }

    @Override
    public String asks() {
        return "How wet does this bran get, and how much water does a moisture take?";
    }

    @Override
    public List<Entry> entries() {
        return List.of(
                Entry.typed("bran", "Bran", "10 kg", ""),
                Entry.turned("dry", "Water in the bran", 12, 5, 20, 1, "%"),
                Entry.typed("molasses", "Molasses", "1 L", ""),
                Entry.typed("culture", "Activated culture", "1 L", ""),
                Entry.turned("water", "Water to 1 kg of bran", 0.7, 0, 1.5, 0.01, "L"),
                Entry.turned("target", "Moisture wanted", 40, 20, 65, 1, "%"));
    }

    @Override
    public Reply answer(Entries in) {
        Mass bran = in.mass("bran", 10, 500_000);
        List<Wet> parts = parts(
                bran,
                in.number("dry") / 100,
                in.volume("molasses", 0, 100_000),
                in.volume("culture", 0, 100_000),
                in.book());
        return new Figures(bran, parts, in.number("water"), in.number("target") / 100, in).reply();
    }

    /** The numbers of an answer, and what is said of them. */
    private record Figures(Mass bran, List<Wet> parts, double waterPerKilogram, double target, Entries in) {
        Volume water() {
            return Volume.ofLitres(waterPerKilogram * bran.kilograms());
        }

        Working<Double> moisture() {
            return Moisture.of(with(parts, water()));
        }

        Volume needed() {
            return Volume.ofLitres(Moisture.waterFor(parts, target).kilograms());
        }

        Reply reply() {
            return new Reply(
                    "It comes to " + AmountText.percent(moisture().value()) + " moisture. " + AmountText.percent(target)
                            + " take " + needed().text(in.system()) + " of water.",
                    working(),
                    results(),
                    remarks(),
                    Optional.of(chart()),
                    List.of(new HandOver(
                            HandOver.Kind.START_POT,
                            "Set this bran",
                            Map.of("method", "bokashi-bran", "in.bran", AmountText.number(bran.grams(), 0) + " g"))),
                    Map.of("squeeze", (double) Squeeze.at(moisture().value()).ordinal()));
        }

        Working<?> working() {
            return moisture()
                    .then(
                            needed(),
                            Step.of(
                                    "Water for a moisture M: W = (mass × M − water in it) ÷ (1 − M).",
                                    needed().text(in.system()),
                                    Evidence.derivedFrom(moisture().mark()),
                                    "moisture wanted",
                                    AmountText.percent(target)));
        }

        List<Result> results() {
            double moisture = moisture().value();
            double poured = in.volume("molasses", 0, 100_000).litres()
                    + in.volume("culture", 0, 100_000).litres();
            double liquid = (water().litres() + poured) / bran.kilograms();
            return List.of(
                    new Result("moisture", "moisture, wet basis", moisture, AmountText.percent(moisture)),
                    new Result("liquid", "liquid to one kg of bran", liquid, AmountText.number(liquid, 2) + " L"),
                    new Result("added", "water that is", water().litres(), water().text(in.system())),
                    new Result(
                            "needed",
                            "water for " + AmountText.percent(target),
                            needed().litres(),
                            needed().text(in.system())));
        }

        List<Remark> remarks() {
            List<Remark> remarks = new ArrayList<>();
            remarks.add(Remark.note(
                    "Squeeze test: " + Squeeze.at(moisture().value()).feel() + "."));
            remarks.add(Remark.note(
                    "People quote 30 to 35 %, but the usual 6 to 8 L on 10 kg gives 46 to 51 %. Perhaps they mean"
                            + " liquid to bran. Let the squeeze decide."));
            if (needed().millilitres() == 0) {
                remarks.add(Remark.warning("It is wetter than that already without any water."));
            }
            remarks.add(
                    Remark.danger(
                            "Dry bran makes dust. Wear a mask. With asthma or a weak immune system, leave this job to someone else."));
            remarks.add(Remark.assumed("Molasses 22 % water at 1.40 kg/L, culture 97 % water (from memory)."));
            return remarks;
        }

        Chart chart() {
            return new Chart(
                    "Moisture by water added",
                    "L of water to 1 kg of bran",
                    "% moisture",
                    List.of(Curves.line("this bran", 0, 1.5, this::percentWith)),
                    List.of(new Threshold("quoted, least", 30), new Threshold("quoted, most", 35)),
                    Optional.of(new Point(waterPerKilogram, moisture().value() * 100)));
        }

        private double percentWith(double litresPerKilogram) {
            Volume poured = Volume.ofLitres(litresPerKilogram * bran.kilograms());
            return Moisture.of(with(parts, poured)).value() * 100;
        }
    }

    private static List<Wet> parts(Mass bran, double dry, Volume molasses, Volume culture, Book book) {
        return List.of(
                new Wet("bran", bran, dry),
                wet("molasses", molasses, book.material("molasses").orElseThrow()),
                wet("culture", culture, book.material("activated-culture").orElseThrow()));
    }

    private static Wet wet(String name, Volume amount, Material material) {
        return new Wet(
                name,
                material.mass(amount),
                material.waterShare().map(Stated::value).orElse(0.0));
    }

    private static List<Wet> with(List<Wet> parts, Volume water) {
        List<Wet> all = new ArrayList<>(parts);
        all.add(new Wet("water", Mass.ofKilograms(water.litres()), 1));
        return all;
    }

    /** What a hand feels, by moisture (from memory), from the driest. */
    enum Squeeze {
        DUST(0.30, "it falls apart as dust: too dry"),
        CRUMBLES(0.42, "it holds a little and falls apart at a tap"),
        HOLDS(0.55, "it holds, and hardly a drop comes"),
        RUNS(1, "water runs between the fingers: too wet");

        private final double below;
        private final String feel;

        Squeeze(double below, String feel) {
            this.below = below;
            this.feel = feel;
        }

        /** @param moisture share of water, wet basis, 0 to 1 */
        static Squeeze at(double moisture) {
            return Stream.of(values())
                    .filter(one -> moisture < one.below)
                    .findFirst()
                    .orElse(RUNS);
        }

        String feel() {
            return feel;
        }
    }
}
