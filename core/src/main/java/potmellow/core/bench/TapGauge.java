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
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredMass;
import potmellow.core.measure.Volume;
import potmellow.core.water.Tap;
import potmellow.core.water.WaterStep;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** Chlorine or chloramine out of water: standing time or a dose. */
final class TapGauge implements Instrument {
    private static final double PER_CHLORINE = WaterStep.ASCORBIC_PER_CHLORINE.value();

    @Override
    public String id() {
        return "water";
    }

    @Override
    public String title() {
        return "Water";
    }

    @Override
    public String asks() {
        return "How do I get the chlorine out of this water?";
    }

    @Override
    public List<Entry> entries() {
        return List.of(
                Entry.typed("water", "Water", "20 L", ""),
                Entry.chosen(
                        "tap",
                        "What it brings",
                        new Entry.Choice("FREE_CHLORINE", "chlorine"),
                        new Entry.Choice("CHLORAMINE", "chloramine"),
                        new Entry.Choice("UNKNOWN", "nobody knows"),
                        new Entry.Choice("NONE", "rain, well, river")),
                Entry.turned("level", "Total chlorine", 1, 0.1, 4, 0.1, "mg/L"));
    }

    @Override
    public Reply answer(Entries in) {
        Volume water = in.volume("water", 50, 1_000_000);
        Tap tap = Tap.valueOf(in.choice("tap"));
        double level = in.number("level");
        return tap == Tap.NONE ? nothing() : new Figures(water, tap, level, in).reply();
    }

    private static Reply nothing() {
        return new Reply(
                "Nothing to remove.",
                Working.of(
                        0.0,
                        Step.of(
                                "Rain, well, river and distilled water carry no chlorine.",
                                "",
                                Evidence.commonPractice())),
                List.of(new Result("hours", "waiting", 0, "none"), new Result("acid", "ascorbic acid", 0, "none")),
                List.of(
                        Remark.warning("For sprays on food use drinkable water (NOSB Compost Tea Task Force 2004)."),
                        Remark.note("No salt-softened water (from memory).")),
                Optional.empty(),
                List.of());
    }

    /** The numbers of an answer, and what is said of them. */
    private record Figures(Volume water, Tap tap, double level, Entries in) {
        double exact() {
            return water.litres() * level * PER_CHLORINE;
        }

        double dose() {
            return exact() * WaterStep.SPARE;
        }

        boolean stands() {
            return tap == Tap.FREE_CHLORINE;
        }

        String milligrams(double amount) {
            return AmountText.number(amount) + " mg";
        }

        Reply reply() {
            return new Reply(
                    (stands() ? "Let it stand open overnight to 24 hours, or stir in " : "Stir in ")
                            + milligrams(dose()) + " of ascorbic acid.",
                    working(),
                    results(),
                    remarks(),
                    Optional.of(chart()),
                    List.of(new HandOver(
                            HandOver.Kind.NOTE,
                            "Note it at a pot",
                            Map.of("note", milligrams(dose()) + " of ascorbic acid into " + water.text(in.system())))));
        }

        Working<?> working() {
            Evidence molar = new Evidence(
                    Mark.PUBLISHED,
                    true,
                    WaterStep.ASCORBIC_PER_CHLORINE.evidence().source());
            return Working.of(
                            exact(),
                            Step.of(
                                    "Ascorbic acid = litres × mg/L × 2.48.",
                                    milligrams(exact()),
                                    molar,
                                    "water",
                                    water.text(in.system()),
                                    "total chlorine as Cl₂",
                                    AmountText.number(level) + " mg/L"))
                    .then(dose(), Step.of("A tenth more, to be sure.", milligrams(dose()), Evidence.fromMemory()));
        }

        List<Result> results() {
            WaterStep humic = WaterStep.of(water, tap, false, Optional.of(WaterStep.Treatment.HUMIC), in.system());
            List<Result> results = new ArrayList<>();
            if (stands()) {
                results.add(new Result("hours", "or standing open", 24, "overnight to 24 h"));
            }
            results.add(new Result("exact", "ascorbic acid, exactly", exact(), milligrams(exact())));
            results.add(new Result(
                    "acid",
                    "ascorbic acid, a tenth more",
                    dose(),
                    MeasuredMass.of(Mass.ofGrams(dose() / 1000), in.system()).text(in.system())));
            results.add(new Result(
                    "humic", "or humic acid (disputed)", 0, humic.dose().orElse("a drop")));
            return results;
        }

        List<Remark> remarks() {
            return List.of(
                    stands()
                            ? Remark.note("Stirred or aerated it goes faster.")
                            : Remark.warning("Chloramine doesn't leave on standing: it takes a dose."),
                    Remark.note(
                            "US tap water may carry up to 4 mg/L (US EPA). Your water works tell what yours carries."),
                    Remark.danger("Never mix bleach with vinegar or serum: chlorine gas."),
                    Remark.assumed(
                            "Humic acid, 1 tsp for 5 US gal, is common practice and disputed; don't dose it twice."));
        }

        Chart chart() {
            return new Chart(
                    "Ascorbic acid by what the water carries",
                    "mg/L of chlorine",
                    "mg of ascorbic acid",
                    List.of(Curves.line(
                            "with a tenth more", 0, 4, mg -> water.litres() * mg * PER_CHLORINE * WaterStep.SPARE)),
                    List.of(),
                    Optional.of(new Point(level, dose())));
        }
    }
}
