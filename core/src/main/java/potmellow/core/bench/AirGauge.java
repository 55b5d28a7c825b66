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
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Volume;
import potmellow.core.water.DissolvedOxygen;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;
import potmellow.core.workings.TeaAir;

/** Whether a pump keeps up with the food in a tea, and the largest dose that is safe. */
final class AirGauge implements Instrument {
    private static final String MOLASSES = "molasses";

    private static final double WARMER = 8;
    private static final double HOTTEST = 40;

    @Override
    public String id() {
        return "air";
    }

    @Override
    public String title() {
        return "Air for a tea";
    }

    @Override
    public String asks() {
        return "Does this pump keep up with the food, and how much food is safe?";
    }

    @Override
    public List<Entry> entries() {
        return List.of(
                Entry.typed("litres", "Tea", "20 L", ""),
                Entry.turned("pump", "Pump", 8, 0.5, 60, 0.5, "L/min"),
                Entry.chosen(
                        "outlet",
                        "Outlets",
                        new Entry.Choice("hoses", "open hoses"),
                        new Entry.Choice("stones", "air stones")),
                Entry.turned("depth", "Water above the outlet", 30, 5, 100, 1, "cm"),
                Entry.typed("celsius", "Water temperature", "18 °C", ""),
                Entry.typed("molasses", "Molasses", "15 mL", ""),
                Entry.turned("hours", "Brewed for", 24, 6, 72, 1, "h"),
                Entry.turned("altitude", "Above the sea", 0, 0, 3000, 50, "m"));
    }

    @Override
    public Reply answer(Entries in) {
        TeaAir air = new TeaAir(
                in.number("pump"),
                in.number("depth") / 100,
                in.choice("outlet").equals("stones") ? TeaAir.STONES : TeaAir.HOSES,
                in.temperature("celsius", 0, HOTTEST).celsius(),
                in.number("altitude"));
        return new Figures(
                        in.volume("litres", 500, 1_000_000),
                        in.volume(MOLASSES, 0, 20_000),
                        in.book().material(MOLASSES).orElseThrow(),
                        in.number("hours"),
                        air,
                        in)
                .reply();
    }

    /** The numbers of an answer, and what is said of them. */
    private record Figures(Volume tea, Volume molasses, Material sweet, double hours, TeaAir air, Entries in) {
        double sugarPerMillilitre() {
            return sweet.density() * sweet.sugarShare().orElseThrow().value();
        }

        double sucrose() {
            return molasses.millilitres() * sugarPerMillilitre();
        }

        double supply() {
            return air.supply().value();
        }

        double demand() {
            return TeaAir.demand(sucrose(), hours);
        }

        double safe() {
            return air.mostSucrose(hours) / sugarPerMillilitre();
        }

        Reply reply() {
            String most = AmountText.number(safe()) + " mL of molasses are safe";
            return new Reply(
                    supply() >= demand()
                            ? "The pump keeps up: up to " + most + " in " + tea.text(in.system()) + "."
                            : "The pump doesn't keep up: at most " + most + ".",
                    working(),
                    results(),
                    remarks(),
                    Optional.of(chart(air)),
                    List.of(new HandOver(
                            HandOver.Kind.START_POT,
                            "Set a worm tea of that size",
                            Map.of("method", "worm-tea", "in.water", AmountText.number(tea.litres(), 1) + " L"))));
        }

        Working<?> working() {
            return air.supply()
                    .then(
                            demand(),
                            Step.of(
                                    "Demand = sucrose × 1.12 ÷ hours.",
                                    AmountText.number(demand()) + " g/h",
                                    Evidence.derivedFrom(Mark.FROM_MEMORY),
                                    "sucrose in it",
                                    AmountText.number(sucrose(), 1) + " g",
                                    "hours",
                                    AmountText.number(hours, 0)))
                    .then(
                            safe(),
                            Step.of(
                                    "Largest safe dose = supply × hours ÷ 1.12, as molasses of 55 % sugar at 1.40 kg/L.",
                                    AmountText.number(safe()) + " mL", Evidence.derivedFrom(Mark.FROM_MEMORY)));
        }

        List<Result> results() {
            List<Result> results = new ArrayList<>(List.of(
                    perHour("supply", "oxygen in", supply()),
                    perHour("demand", "oxygen eaten up", demand()),
                    perHour("margin", "left over", supply() - demand()),
                    new Result("safe", "molasses that is safe", safe(), AmountText.number(safe()) + " mL"),
                    new Result(
                            "saturation",
                            "oxygen in saturated water",
                            air.saturation(),
                            AmountText.number(air.saturation(), 2) + " mg/L")));
            if (supply() > 0) {
                double pump = air.litresPerMinute() * demand() / supply();
                results.add(new Result("pumpNeeded", "pump this food wants", pump, AmountText.number(pump) + " L/min"));
            }
            return results;
        }

        private static Result perHour(String id, String name, double grams) {
            return new Result(id, name, grams, AmountText.number(grams) + " g/h");
        }

        List<Remark> remarks() {
            List<Remark> remarks = new ArrayList<>();
            if (supply() < demand()) {
                remarks.add(
                        Remark.danger(
                                "The food eats more oxygen than the pump brings: it turns airless, and what breeds then makes people"
                                        + " ill. Less food, more air, or cooler water. Fed teas keep the long wait before harvest."));
            }
            remarks.add(warmer(air, supply()));
            remarks.add(Remark.note(
                    air.efficiency() == TeaAir.STONES
                            ? "Stones make finer bubbles, clog inside and harbour what you don't want: clean them after each"
                                    + " brew."
                            : "Hoses rinse clean; at a rolling boil they also stir."));
            remarks.add(Remark.note("One tablespoon of molasses in 5 L wants about 7 L a minute through stones."));
            remarks.add(Remark.assumed(
                    "2 % of the oxygen is taken up from stones and 1 % from open hoses in 0.30 m of water; 6 mg/L is kept;"
                            + " all the sugar burns in these hours (all from memory)."));
            return remarks;
        }
    }

    /** What warmer water would cost; said only where there is warmer water that still takes any air. */
    private static Remark warmer(TeaAir air, double supply) {
        if (!(supply > 0)) {
            return Remark.warning(
                    "So warm and high, saturated water holds no more than 6 mg/L of oxygen: no pump keeps a tea"
                            + " alive. Cool it first.");
        }
        double celsius = Math.min(HOTTEST, air.celsius() + WARMER);
        double there = new TeaAir(
                        air.litresPerMinute(), air.depthMetres(), air.efficiency(), celsius, air.altitudeMetres())
                .supply()
                .value();
        return celsius - air.celsius() < 1
                ? Remark.note("It is as warm as a tea can be: cooler water holds more.")
                : Remark.note("Warm water holds less: at " + AmountText.number(celsius, 0) + " °C the same pump brings "
                        + AmountText.percent(1 - there / supply) + " less.");
    }

    private static Chart chart(TeaAir air) {
        return new Chart(
                "Oxygen that water holds",
                "°C",
                "mg/L",
                List.of(Curves.line(
                        "saturated", 0, 40, celsius -> DissolvedOxygen.saturation(celsius, air.altitudeMetres()))),
                List.of(new Threshold("least for a tea", TeaAir.LEAST_OXYGEN)),
                Optional.of(new Point(air.celsius(), air.saturation())));
    }
}
