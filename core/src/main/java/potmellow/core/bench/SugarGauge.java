package potmellow.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.bench.Reply.Chart;
import potmellow.core.bench.Reply.HandOver;
import potmellow.core.bench.Reply.Point;
import potmellow.core.bench.Reply.Remark;
import potmellow.core.bench.Reply.Result;
import potmellow.core.bench.Reply.Threshold;
import potmellow.core.book.Material;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;
import potmellow.core.workings.KeepingSugar;

/** Sugar against microbes: the water activity of a mixture, and the sugar that a chosen safety takes. */
final class SugarGauge implements Instrument {
    /** Just above saturated sucrose, 0.847 at 25 °C: lower can't be reached. */
    private static final double LOWEST_TARGET = 0.85;

    private static final double YEASTS_STOP = 0.88;
    private static final double MOULDS_STOP = 0.80;
    private static final double MOST_PARTS = 12;

    @Override
    public String id() {
        return "sugar";
    }

    @Override
    public String title() {
        return "Sugar for keeping";
    }

    @Override
    public String asks() {
        return "How well does so much sugar keep it, and how much more would?";
    }

    @Override
    public List<Entry> entries() {
        return List.of(
                Entry.typed("mass", "What is to be kept", "1 kg", "its weight"),
                Entry.turned("water", "Water in it", 85, 20, 98, 1, "%"),
                Entry.typed("sugar", "Sugar", "1 kg", "its weight"),
                Entry.chosen(
                        "kind",
                        "Kind of sugar",
                        new Entry.Choice("pure", "pure sucrose"),
                        new Entry.Choice("brown-sugar", "brown sugar"),
                        new Entry.Choice("raw-sugar", "raw sugar or jaggery"),
                        new Entry.Choice("molasses", "molasses"),
                        new Entry.Choice("honey", "honey")),
                Entry.turned("target", "Safety wanted, water activity", 0.91, LOWEST_TARGET, 0.98, 0.005, ""));
    }

    @Override
    public Reply answer(Entries in) {
        Mass kept = in.mass("mass", 1, 1_000_000);
        double waterShare = in.number("water") / 100;
        Mass sugar = in.mass("sugar", 0, 1_000_000);
        double target = in.number("target");
        Sugar kind = kind(in);
        Working<Double> now = activity(kept, waterShare, sugar, kind);
        Optional<Mass> needed = needed(kept, waterShare, kind, target);
        return new Reply(
                headline(now.value()),
                now,
                results(kept, sugar, target, now.value(), needed, in),
                remarks(target, needed.isEmpty(), undissolved(kept, waterShare, sugar, kind)),
                Optional.of(chart(kept, waterShare, kind, sugar, now.value())),
                handOvers(kept, now.value()),
                Map.of(
                        "bacteriaStop", KeepingSugar.BACTERIA_STOP,
                        "yeastsStop", YEASTS_STOP,
                        "mouldsStop", MOULDS_STOP));
    }

    private static List<Result> results(
            Mass kept, Mass sugar, double target, double now, Optional<Mass> needed, Entries in) {
        List<Result> results = new ArrayList<>();
        double parts = sugar.grams() / kept.grams();
        results.add(new Result("activity", "water activity", now, AmountText.number(now, 3)));
        results.add(new Result("parts", "sugar to one part", parts, AmountText.number(parts, 2) + " : 1"));
        needed.ifPresent(mass -> {
            Mass more = Mass.ofGrams(Math.max(0, mass.grams() - sugar.grams()));
            results.add(new Result(
                    "needed", "sugar for " + AmountText.number(target, 3), mass.grams(), mass.text(in.system())));
            results.add(new Result("more", "still to add", more.grams(), more.text(in.system())));
        });
        return results;
    }

    private static List<Remark> remarks(double target, boolean outOfReach, boolean undissolved) {
        List<Remark> remarks = new ArrayList<>();
        if (outOfReach) {
            remarks.add(Remark.warning("With this sugar " + AmountText.number(target, 3)
                    + " can't be reached: it brings too much water of its own."));
        }
        if (undissolved) {
            remarks.add(Remark.warning("More sugar than dissolves (2.08 g for each g of water): what lies at the bottom"
                    + " counts for nothing."));
        }
        remarks.add(
                Remark.note("It holds only once the sugar has dissolved. Runny rice is mended the same way: with the"
                        + " sugar still to add."));
        remarks.add(Remark.note("A ferment isn't kept by sugar alone: it sours. Keep it cool, cap loose or vented."));
        remarks.add(Remark.assumed(
                "All sugars count as sucrose. Shares of sugar and water in brown sugar, molasses and honey"
                        + " are from memory, as is Norrish's constant of −6.47."));
        remarks.add(Remark.assumed(
                "Most bacteria stop below 0.91, yeasts below 0.88, moulds below 0.80 (food microbiology textbooks, e.g."
                        + " Jay)."));
        return remarks;
    }

    private static List<HandOver> handOvers(Mass kept, double now) {
        return List.of(
                new HandOver(
                        HandOver.Kind.START_POT,
                        "Set a juice with these leaves",
                        Map.of("method", "plant-juice-packed", "in.plant", AmountText.number(kept.grams(), 0) + " g")),
                new HandOver(
                        HandOver.Kind.NOTE,
                        "Note it at a pot",
                        Map.of("note", "Water activity " + AmountText.number(now, 3) + " by reckoning")));
    }

    private static String headline(double activity) {
        String keeps = activity < MOULDS_STOP
                ? "nothing grows in it"
                : activity < YEASTS_STOP
                        ? "bacteria and yeasts stop; moulds may still grow"
                        : activity < KeepingSugar.BACTERIA_STOP
                                ? "most bacteria stop; yeasts and moulds don't"
                                : "bacteria, yeasts and moulds can all grow in it";
        return "Water activity " + AmountText.number(activity, 3) + ": " + keeps + ".";
    }

    private static Sugar kind(Entries in) {
        String id = in.choice("kind");
        if (id.equals("pure")) {
            return new Sugar(1, 0);
        }
        Material material = in.book().material(id).orElseThrow();
        return new Sugar(
                material.sugarShare().map(Stated::value).orElse(1.0),
                material.waterShare().map(Stated::value).orElse(0.0));
    }

    private static Working<Double> activity(Mass kept, double waterShare, Mass sugar, Sugar kind) {
        double water = kept.grams() * waterShare + sugar.grams() * kind.water();
        Working<Double> worked =
                KeepingSugar.waterActivity(Mass.ofGrams(water), Mass.ofGrams(sugar.grams() * kind.sucrose()));
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(
                "All water = what is in it + what the sugar brings.",
                AmountText.number(water, 0) + " g",
                Evidence.fromMemory(),
                "water in it",
                AmountText.percent(waterShare),
                "water in the sugar",
                AmountText.percent(kind.water())));
        steps.addAll(worked.steps());
        return new Working<>(worked.value(), steps);
    }

    private static boolean undissolved(Mass kept, double waterShare, Mass sugar, Sugar kind) {
        double water = kept.grams() * waterShare + sugar.grams() * kind.water();
        return sugar.grams() * kind.sucrose() > 2.08 * water;
    }

    /** The sugar that a target takes; empty where it can't be reached. */
    static Optional<Mass> needed(Mass kept, double waterShare, Sugar kind, double target) {
        double low = 0;
        double high = kept.grams() * MOST_PARTS;
        if (activity(kept, waterShare, Mass.ofGrams(high), kind).value() > target + 1e-9) {
            return Optional.empty();
        }
        for (int i = 0; i < 80; i++) {
            double middle = (low + high) / 2;
            if (activity(kept, waterShare, Mass.ofGrams(middle), kind).value() > target) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Optional.of(Mass.ofGrams(high));
    }

    private static Chart chart(Mass kept, double waterShare, Sugar kind, Mass sugar, double now) {
        double parts = sugar.grams() / kept.grams();
        return new Chart(
                "Water activity by parts of sugar",
                "parts of sugar to one",
                "water activity",
                List.of(Curves.line(
                        "this mixture",
                        0,
                        Math.max(2.5, parts * 1.2),
                        share -> activity(kept, waterShare, kept.times(share), kind)
                                .value())),
                List.of(
                        new Threshold("most bacteria stop", KeepingSugar.BACTERIA_STOP),
                        new Threshold("yeasts stop", YEASTS_STOP),
                        new Threshold("moulds stop", MOULDS_STOP)),
                Optional.of(new Point(parts, now)));
    }

    /** Shares of a sugar that are sucrose and water. */
    record Sugar(double sucrose, double water) {}
}
