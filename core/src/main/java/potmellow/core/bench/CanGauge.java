package potmellow.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.bench.Reply.HandOver;
import potmellow.core.bench.Reply.Remark;
import potmellow.core.bench.Reply.Result;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;
import potmellow.core.workings.CanCeiling;
import potmellow.core.workings.Salt;

/** What is in the can at most: everything the plants held, as though all of it came out. */
final class CanGauge implements Instrument {
    private static final List<Plant> PLANTS = List.of(
            new Plant("nettle", "nettles", 0.20, 0.04, 0.006, 0.030, 0.030, 0.0002),
            new Plant("greens", "soft greens", 0.15, 0.04, 0.005, 0.040, 0.015, 0.0002),
            new Plant("comfrey", "comfrey", 0.13, 0.033, 0.006, 0.060, 0.015, 0.0002),
            new Plant("grass", "grass", 0.20, 0.03, 0.004, 0.025, 0.005, 0.0002),
            new Plant("seaweed", "seaweed, rinsed", 0.15, 0.015, 0.002, 0.040, 0.015, 0.0003));
    /** Not even a juice gives less than two thirds of a litre for each kilogram of plants (from memory). */
    private static final double MOST_KILOGRAMS_PER_LITRE = 1.5;

    /** What a full-strength commercial feed brings, as an order of magnitude, mg/L (from memory). */
    private static final Map<String, Double> FULL_FEED =
            Map.of("n", 200.0, "p", 40.0, "k", 200.0, "ca", 150.0, "fe", 2.0);

    @Override
    public String id() {
        return "can";
    }

    @Override
    public String title() {
        return "In the can, at most";
    }

    @Override
    public String asks() {
        return "What could this mix bring at the very most?";
    }

    @Override
    public List<Entry> entries() {
        return List.of(
                Entry.chosen(
                        "plant",
                        "Plants",
                        PLANTS.stream()
                                .map(plant -> new Entry.Choice(plant.id(), plant.name()))
                                .toArray(Entry.Choice[]::new)),
                Entry.typed("mass", "Fresh plants", "1 kg", ""),
                Entry.typed("liquid", "Brew that came of them", "10 L", ""),
                Entry.typed("strength", "Strength", "1:10", "as you say it"),
                Entry.typed("seawater", "Seawater in the mix", "", "as 1:30; leave empty where there is none"));
    }

    @Override
    public Reply answer(Entries in) {
        String chosen = in.choice("plant");
        Plant plant = PLANTS.stream()
                .filter(one -> one.id().equals(chosen))
                .findFirst()
                .orElseThrow();
        Mass fresh = in.mass("mass", 1, 1_000_000);
        Volume liquid = in.volume("liquid", 10, 1_000_000);
        requireRoom(fresh, liquid, in);
        Optional<Ratio> seawater = in.given("seawater") ? Optional.of(in.strength("seawater")) : Optional.empty();
        return new Figures(plant, fresh, liquid, in.strength("strength"), seawater).reply();
    }

    /** The numbers of an answer, and what is said of them. */
    private record Figures(Plant plant, Mass fresh, Volume liquid, Ratio strength, Optional<Ratio> seawater) {
        Working<Double> nitrogen() {
            return CanCeiling.nitrogen(fresh, plant.dry(), plant.nitrogen(), liquid, strength);
        }

        double most(Nutrient nutrient) {
            return fresh.grams() * plant.dry() * nutrient.share() * 1000 / liquid.litres() * strength.share();
        }

        Reply reply() {
            return new Reply(
                    "At most " + AmountText.number(nitrogen().value())
                            + " mg/L of nitrogen: never an analysis, only a ceiling.",
                    new Working<>(nitrogen().value(), steps()),
                    results(),
                    remarks(),
                    Optional.empty(),
                    List.of(new HandOver(
                            HandOver.Kind.STRENGTH,
                            "Take " + strength.text() + " to the can",
                            Map.of("strength", strength.text()))));
        }

        List<Step> steps() {
            List<Step> steps = new ArrayList<>(nitrogen().steps());
            plant.others()
                    .forEach(nutrient -> steps.add(Step.of(
                            nutrient.name() + ", at most, in the same way.",
                            CanCeiling.atMost(most(nutrient)),
                            Evidence.derivedFrom(Mark.FROM_MEMORY),
                            "in the dry plant",
                            AmountText.percent(nutrient.share()))));
            seawater.map(CanGauge::saltStep).ifPresent(steps::add);
            return steps;
        }

        List<Result> results() {
            List<Result> nutrients = new ArrayList<>();
            nutrients.add(result("n", "nitrogen, N", nitrogen().value()));
            plant.others().forEach(one -> nutrients.add(result(one.id(), one.name(), most(one))));
            List<Result> results = new ArrayList<>(nutrients);
            seawater.map(CanGauge::salt)
                    .ifPresent(salt -> results.add(new Result(
                            "salt", "salt of the seawater alone", salt, AmountText.number(salt, 2) + " mS/cm")));
            nutrients.forEach(found -> results.add(shop(found)));
            return results;
        }

        private static Result shop(Result found) {
            double full = FULL_FEED.get(found.id());
            return new Result(
                    found.id() + "Full",
                    found.name() + ", in a full-strength feed from a shop",
                    full,
                    "about " + AmountText.number(full, 0) + " mg/L");
        }

        List<Remark> remarks() {
            List<Remark> remarks = new ArrayList<>();
            seawater.map(ratio -> bears(salt(ratio))).ifPresent(remarks::add);
            remarks.add(Remark.note("Soil matters more than the species of plant (from memory, and disputed)."));
            remarks.add(Remark.assumed("Dry share and nutrients of " + plant.name() + " are from memory: "
                    + AmountText.percent(plant.dry()) + " dry, " + AmountText.percent(plant.nitrogen())
                    + " of that nitrogen."));
            remarks.add(Remark.assumed(
                    "The feed from a shop is an order of magnitude, from memory, of no maker's in particular."));
            remarks.add(Remark.warning("A strong smell is no sign of a strong feed; too much still burns."));
            return remarks;
        }
    }

    private static void requireRoom(Mass fresh, Volume liquid, Entries in) {
        Mass most = Mass.ofKilograms(liquid.litres() * MOST_KILOGRAMS_PER_LITRE);
        if (fresh.compareTo(most) > 0) {
            throw new EntryProblem(
                    "mass",
                    InvalidInput.outOfRange(
                            "Fresh plants for " + liquid.text(in.system()) + " of brew",
                            fresh.text(in.system()),
                            Mass.ofGrams(1).text(in.system()),
                            most.text(in.system()),
                            1,
                            most.grams(),
                            "g"));
        }
    }

    private static double salt(Ratio seawater) {
        return Salt.SEAWATER.value() * seawater.share();
    }

    private static Step saltStep(Ratio seawater) {
        return Step.of(
                "Salt of the mix = EC of seawater ÷ (N + 1).",
                AmountText.number(salt(seawater), 2) + " mS/cm",
                Evidence.derivedFrom(Mark.FROM_MEMORY),
                "seawater",
                AmountText.number(Salt.SEAWATER.value(), 0) + " mS/cm (from memory)",
                "strength",
                seawater.text());
    }

    /** The salt that seawater brings, against what plants bear. */
    private static Remark bears(double salt) {
        String bears = salt <= Salt.SENSITIVE.value()
                ? "even beans, strawberries, carrots and seedlings bear that"
                : salt <= Salt.OTHERS.value()
                        ? "too much for beans, strawberries, carrots and seedlings; others bear it"
                        : "more than plants bear";
        String words = "Salt " + AmountText.number(salt, 2) + " mS/cm: " + bears
                + " (0.7: FAO 29, Ayers & Westcot 1985; 1.5 and leaves 1.0 from memory).";
        return salt <= Salt.SENSITIVE.value() ? Remark.note(words) : Remark.warning(words);
    }

    private static Result result(String id, String name, double most) {
        return new Result(id, name, most, CanCeiling.atMost(most));
    }

    /** Shares of a plant, all from memory. */
    private record Plant(
            String id,
            String name,
            double dry,
            double nitrogen,
            double phosphorus,
            double potassium,
            double calcium,
            double iron) {
        List<Nutrient> others() {
            return List.of(
                    new Nutrient("p", "phosphorus, P", phosphorus),
                    new Nutrient("k", "potassium, K", potassium),
                    new Nutrient("ca", "calcium, Ca", calcium),
                    new Nutrient("fe", "iron, Fe", iron));
        }
    }

    private record Nutrient(String id, String name, double share) {}
}
