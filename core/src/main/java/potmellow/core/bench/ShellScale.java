package potmellow.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import potmellow.core.bench.Reply.Chart;
import potmellow.core.bench.Reply.HandOver;
import potmellow.core.bench.Reply.Point;
import potmellow.core.bench.Reply.Remark;
import potmellow.core.bench.Reply.Result;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.StrengthReader;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;
import potmellow.core.workings.ShellCalcium;

/** Eggshells in vinegar: what limits, what comes out, how much gas, how strong, and how far a pH meter says it has come. */
final class ShellScale implements Instrument {
    private static final double SHELL_OF_ONE_EGG = 5.5;
    private static final double VINEGAR_DENSITY = 1.01;
    private static final double GAS_CONSTANT = 8.314462618;
    private static final double ZERO_CELSIUS = 273.15;
    private static final double HECTOPASCAL = 0.1;
    private static final double CALCIUM_MOLAR_MASS = 40.078;
    /** In so weak a dilution a sour rest does no harm (from memory). */
    private static final double SOUR_SAFE = 256;

    private static final double ACETIC_PKA = 4.756;
    private static final double ACETIC_MOLAR_MASS = 60.052;
    private static final double METER = 0.05;
    /** Equal volume: crushed shell of 0.6 kg/L under vinegar of 1.01 (from memory). */
    private static final List<School> SCHOOLS = List.of(
            new School("equalWeight", "equal weight", 1),
            new School("equalVolume", "equal volume", VINEGAR_DENSITY / 0.6),
            new School("tenfold", "tenfold", 10));

    private static final Pattern EGGS = Pattern.compile("(\\d{1,4})\\s*(?:eggs?|egg ?shells?|shells?)");

    @Override
    public String id() {
        return "shells";
    }

    @Override
    public String title() {
        return "Shell calcium";
    }

    @Override
    public String asks() {
        return "How much shell does this vinegar dissolve, what gas does it give, and how strong does it get?";
    }

    @Override
    public List<Entry> entries() {
        return List.of(
                Entry.typed("shells", "Shells, dry", "60 g", "a weight, or 12 eggs"),
                Entry.typed("vinegar", "Vinegar", "600 mL", "its volume"),
                Entry.turned("percent", "Acid on its label", 5, 4, 10, 0.5, "%"),
                Entry.typed("freshPh", "or the pH of the fresh vinegar", "", "only where the label tells nothing"),
                Entry.typed("celsius", "Temperature", "20 °C", "for the gas"),
                Entry.turned("pressure", "Air pressure", 1013, 700, 1060, 1, "hPa"),
                Entry.chosen(
                        "crushed",
                        "The shells are",
                        new Entry.Choice("crushed", "crushed"),
                        new Entry.Choice("powder", "powder")),
                Entry.typed("strength", "Strength in the can", "1:1000", "as you say it"),
                Entry.typed("ph", "pH a meter reads in it", "", "leave empty where there is none"));
    }

    @Override
    public Reply answer(Entries in) {
        Mass shells = shells(in);
        Volume vinegar = in.volume("vinegar", 5, 200_000);
        Optional<Fresh> fresh = in.given("freshPh") ? Optional.of(fresh(in)) : Optional.empty();
        double percent = fresh.map(Fresh::percent).orElseGet(() -> in.number("percent"));
        double celsius = in.temperature("celsius", 0, 45).celsius();
        double pressure = in.number("pressure");
        Ratio strength = Entries.reading("strength", () -> StrengthReader.read("The strength", in.text("strength")));
        Working<ShellCalcium> worked = ShellCalcium.of(shells, vinegar, percent, in.system());
        ShellCalcium end = worked.value();
        double moles = end.calciumGramsPerLitre() * vinegar.litres() / CALCIUM_MOLAR_MASS;
        Volume gas = Volume.ofLitres(moles * GAS_CONSTANT * (celsius + ZERO_CELSIUS) / (pressure * HECTOPASCAL));
        double times = in.choice("crushed").equals("powder") ? 3 : 2;
        double canMilligrams = end.calciumGramsPerLitre() * 1000 * strength.share();
        double byWeight = vinegar.litres() * 1000 * VINEGAR_DENSITY / shells.grams();
        Working<?> working = worked.then(
                        gas,
                        Step.of(
                                "Gas = mol of carbon dioxide × R × T ÷ p.",
                                gas.text(in.system()),
                                Evidence.published("CODATA 2018 gas constant"),
                                "temperature",
                                AmountText.temperature(Temperature.ofCelsius(celsius), in.system()),
                                "pressure",
                                AmountText.number(pressure) + " hPa"))
                .then(
                        canMilligrams,
                        Step.of(
                                "In the can = calcium of the liquid ÷ (N + 1).",
                                AmountText.number(canMilligrams) + " mg/L",
                                Evidence.exact(),
                                "strength",
                                strength.text()));
        List<Result> results = new ArrayList<>();
        results.add(new Result(
                "dissolves",
                "shell that dissolves",
                end.dissolves().grams(),
                end.dissolves().text(in.system())));
        results.add(new Result("left", "shells left", end.leftShare(), AmountText.percent(end.leftShare())));
        results.add(new Result(
                "calcium",
                "calcium in the liquid",
                end.calciumGramsPerLitre(),
                AmountText.number(end.calciumGramsPerLitre()) + " g/L"));
        results.add(new Result("gas", "gas in all", gas.litres(), gas.text(in.system())));
        results.add(new Result(
                "vessel",
                "vessel, so that it doesn't foam over",
                vinegar.litres() * times,
                vinegar.times(times).text(in.system())));
        results.add(new Result(
                "parts", "vinegar to one of shell, by weight", byWeight, "1:" + AmountText.number(byWeight, 1)));
        results.add(new Result("can", "calcium in the can", canMilligrams, AmountText.number(canMilligrams) + " mg/L"));
        for (School school : SCHOOLS) {
            double left = ShellCalcium.of(Mass.ofGrams(1010 / school.parts()), Volume.ofLitres(1), percent, in.system())
                    .value()
                    .leftShare();
            results.add(new Result(
                    school.id(),
                    "school: " + school.name() + ", 1:" + AmountText.number(school.parts(), 1) + " by weight",
                    school.parts(),
                    AmountText.percent(left) + " of the shells left"));
        }
        List<Remark> remarks = remarks(end, strength);
        fresh.ifPresent(read -> {
            results.add(new Result("fresh", "acid by its pH", read.percent(), read.words()));
            remarks.add(Remark.warning("A meter reads to ± 0.05, and then pH " + AmountText.number(read.ph(), 2)
                    + " means anything from " + read.words() + ". Trust the label."));
        });
        Optional<Chart> chart = Optional.empty();
        if (in.given("ph")) {
            double ph = in.number("ph", 1, 9);
            Working<ShellCalcium.Conversion> far = ShellCalcium.converted(ph, percent);
            results.add(new Result(
                    "done",
                    "done at pH " + AmountText.number(ph, 2) + ", at least",
                    far.value().least(),
                    AmountText.percent(far.value().least()) + " to "
                            + AmountText.percent(far.value().most())));
            results.add(new Result(
                    "now",
                    "calcium by now, at least",
                    far.value().calciumGramsPerLitre(),
                    AmountText.number(far.value().calciumGramsPerLitre()) + " g/L"));
            chart = Optional.of(
                    curve(percent, Optional.of(new Point(ph, far.value().least() * 100))));
            List<Step> steps = new ArrayList<>(working.steps());
            steps.addAll(far.steps());
            working = new Working<>(far.value(), steps);
        } else {
            chart = Optional.of(curve(percent, Optional.empty()));
        }
        String headline = end.acidLimits()
                ? "The acid is used up first: " + AmountText.percent(end.leftShare())
                        + " of the shells stay, the liquid holds " + AmountText.number(end.calciumGramsPerLitre())
                        + " g/L of calcium."
                : "The shells are used up first: the liquid holds " + AmountText.number(end.calciumGramsPerLitre())
                        + " g/L of calcium and stays sour.";
        return new Reply(
                headline,
                working,
                results,
                remarks,
                chart,
                List.of(
                        new HandOver(
                                HandOver.Kind.START_POT,
                                "Set a pot with these shells",
                                Map.of(
                                        "method",
                                        "shell-calcium-tenfold",
                                        "in.shells",
                                        AmountText.number(shells.grams(), 0) + " g")),
                        new HandOver(
                                HandOver.Kind.STRENGTH,
                                "Take " + strength.text() + " to the can",
                                Map.of("strength", strength.text()))));
    }

    /** Reads an acid backward from its pH: C = h² ÷ Ka + h, and what ± 0.05 on the meter makes of it. */
    private static Fresh fresh(Entries in) {
        double ph = in.number("freshPh", 2.2, 2.8);
        return new Fresh(ph, percent(ph), percent(ph + METER), percent(ph - METER));
    }

    private static double percent(double ph) {
        double hydrogen = Math.pow(10, -ph);
        double molar = hydrogen * hydrogen / Math.pow(10, -ACETIC_PKA) + hydrogen;
        return molar * ACETIC_MOLAR_MASS / 10;
    }

    /** An acid read off its pH, in g in 100 mL: the middle, and the band of the meter. */
    private record Fresh(double ph, double percent, double least, double most) {
        String words() {
            return AmountText.number(least, 1) + " to " + AmountText.number(most, 1) + " %";
        }
    }

    /** A way of making it, by parts of vinegar to one of shell, by weight. */
    private record School(String id, String name, double parts) {}

    private static Mass shells(Entries in) {
        Matcher eggs = EGGS.matcher(in.text("shells"));
        return eggs.matches()
                ? Mass.ofGrams(Math.max(1, Integer.parseInt(eggs.group(1))) * SHELL_OF_ONE_EGG)
                : in.mass("shells", 0.5, 50_000);
    }

    private static List<Remark> remarks(ShellCalcium end, Ratio strength) {
        List<Remark> remarks = new ArrayList<>();
        remarks.add(Remark.danger(
                "It foams and gives gas at once: no lid that resists, pour slowly, a tray underneath, a window open."));
        if (!end.acidLimits()) {
            remarks.add(Remark.warning(
                    "Acid is left over. Sour liquid scorches: not stronger than 1:256 while its pH is below 5"
                            + (strength.water() < SOUR_SAFE ? ", and " + strength.text() + " is." : ".")));
        }
        remarks.add(
                Remark.note(
                        "All three schools, tenfold, equal weight and equal volume, have shells to spare and end at"
                                + " the same strength; the exact balance is 1:23 by weight, 1:12 to 1:15 is thrifty and still quick."));
        remarks.add(Remark.assumed("Shells are 95 % calcium carbonate (common practice); one egg's weighs 5.5 g (from"
                + " memory); vinegar 1.01 kg/L (from memory)."));
        remarks.add(
                Remark.assumed("The upper end of the pH band is from memory; the lower one is the ideal solution."));
        return remarks;
    }

    private static Chart curve(double percent, Optional<Point> here) {
        return new Chart(
                "How far it has come, by its pH",
                "pH",
                "% of the acid used up",
                List.of(
                        Curves.line(
                                "at least",
                                2.5,
                                7,
                                ph -> ShellCalcium.converted(ph, percent)
                                                .value()
                                                .least()
                                        * 100),
                        Curves.line(
                                "at most",
                                2.5,
                                7,
                                ph -> ShellCalcium.converted(ph, percent)
                                                .value()
                                                .most()
                                        * 100)),
                List.of(new Reply.Threshold("counts as done", 85)),
                here);
    }
}
