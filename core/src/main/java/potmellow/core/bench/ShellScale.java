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
import potmellow.core.book.Material;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.working.Constant;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;
import potmellow.core.workings.AceticAcid;
import potmellow.core.workings.ShellCalcium;
import potmellow.core.workings.ShellCalcium.Conversion;

/** Eggshells in vinegar: what limits, what comes out, how much gas, how strong, and how far a pH meter says it has come. */
final class ShellScale implements Instrument {
    private static final String MATERIAL = "shells-crushed";
    private static final Constant GAS_CONSTANT =
            Constant.published(8.314462618, "J/(mol K)", "CODATA 2018 gas constant");
    private static final double ZERO_CELSIUS = 273.15;
    private static final double KILOPASCAL_PER_HECTOPASCAL = 0.1;
    /** In so weak a dilution a sour rest does no harm (from memory). */
    private static final double SOUR_SAFE = 256;
    /** Between these shares of the exact balance it is thrifty and still quick (common practice, 1:12 to 1:15 of 1:23). */
    private static final double THRIFTY_LEAST = 12 / 23.0;

    private static final double THRIFTY_MOST = 15 / 23.0;
    private static final double METER = 0.05;
    private static final double CRUSHED_FOAM = 2;
    private static final double POWDER_FOAM = 3;
    /** Equal volume: crushed shell of 0.6 kg/L under vinegar (from memory). */
    private static final List<School> SCHOOLS = List.of(
            new School("equalWeight", "equal weight", 1),
            new School("equalVolume", "equal volume", AceticAcid.VINEGAR_DENSITY.value() / 0.6),
            new School("tenfold", "tenfold", 10));

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
                Entry.turned("percent", "Acid on its label", ShellCalcium.USUAL_PERCENT, 4, 10, 0.5, "%"),
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
        Asked asked = Asked.of(in);
        Working<ShellCalcium> worked = ShellCalcium.of(asked.shells(), asked.vinegar(), asked.percent(), in.system());
        Figures figures = new Figures(asked, worked, in);
        return new Reply(
                figures.headline(),
                figures.working(),
                figures.results(),
                figures.remarks(),
                Optional.of(figures.chart()),
                List.of(
                        new HandOver(
                                HandOver.Kind.START_POT,
                                "Set a pot with these shells",
                                Map.of(
                                        "method",
                                        "shell-calcium-tenfold",
                                        "in.shells",
                                        AmountText.number(asked.shells().grams(), 0) + " g")),
                        new HandOver(
                                HandOver.Kind.STRENGTH,
                                "Take " + asked.strength().text() + " to the can",
                                Map.of("strength", asked.strength().text()))));
    }

    /**
     * What was asked.
     *
     * @param percent acid of the vinegar: the label's, or by its pH where no label was told
     * @param fresh the fresh vinegar's pH; empty where none was read
     * @param labelled whether the label was told
     * @param ph what a meter reads in the brew; empty where there is none
     */
    private record Asked(
            Mass shells,
            Volume vinegar,
            double percent,
            Optional<Fresh> fresh,
            boolean labelled,
            Ratio strength,
            Optional<Double> ph) {
        static Asked of(Entries in) {
            Optional<Fresh> fresh =
                    in.given("freshPh") ? Optional.of(Fresh.at(in.number("freshPh", 2.2, 2.8))) : Optional.empty();
            Material crushed = in.book().material(MATERIAL).orElseThrow();
            boolean labelled = in.typed().containsKey("percent");
            return new Asked(
                    crushed.mass(in.amountOf("shells", crushed, 0.5, 50_000)),
                    in.volume("vinegar", 5, 200_000),
                    fresh.filter(any -> !labelled).map(Fresh::percent).orElseGet(() -> in.number("percent")),
                    fresh,
                    labelled,
                    in.strength("strength"),
                    in.given("ph") ? Optional.of(in.number("ph", 1, 9)) : Optional.empty());
        }
    }

    /** An acid read off its pH, in g in 100 mL: the middle, and the band of the meter. */
    private record Fresh(double ph, double percent, double least, double most) {
        static Fresh at(double ph) {
            return new Fresh(
                    ph,
                    AceticAcid.percentAtPh(ph),
                    AceticAcid.percentAtPh(ph + METER),
                    AceticAcid.percentAtPh(ph - METER));
        }

        String words() {
            return AmountText.number(least, 1) + " to " + AmountText.number(most, 1) + " %";
        }
    }

    /** A way of making it, by parts of vinegar to one of shell, by weight. */
    private record School(String id, String name, double parts) {}

    /** The numbers of an answer, and what is said of them. */
    private record Figures(Asked asked, Working<ShellCalcium> worked, Entries in) {
        ShellCalcium end() {
            return worked.value();
        }

        Volume gas() {
            double moles = end().calciumGramsPerLitre() * asked.vinegar().litres() / ShellCalcium.CALCIUM;
            double kelvin = in.temperature("celsius", 0, 45).celsius() + ZERO_CELSIUS;
            return Volume.ofLitres(
                    moles * GAS_CONSTANT.value() * kelvin / (in.number("pressure") * KILOPASCAL_PER_HECTOPASCAL));
        }

        double canMilligrams() {
            return end().calciumGramsPerLitre() * 1000 * asked.strength().share();
        }

        Optional<Working<Conversion>> far() {
            return asked.ph().map(ph -> ShellCalcium.converted(ph, asked.percent()));
        }

        String headline() {
            String calcium = AmountText.number(end().calciumGramsPerLitre()) + " g/L of calcium";
            return end().acidLimits()
                    ? "The acid is used up first: " + AmountText.percent(end().leftShare())
                            + " of the shells stay, the liquid holds " + calcium + "."
                    : "The shells are used up first: the liquid holds " + calcium + " and stays sour, with "
                            + AmountText.number(end().acidLeftPercent(), 1) + " % of acid left.";
        }

        Working<?> working() {
            // The gas at this temperature and pressure stands for the one at 20 °C and 1 atm.
            List<Step> chemistry = worked.steps().subList(0, worked.steps().size() - 1);
            Working<?> all = new Working<>(end(), chemistry)
                    .then(
                            gas(),
                            Step.of(
                                    "Gas = mol of carbon dioxide × R × T ÷ p.",
                                    gas().text(in.system()),
                                    GAS_CONSTANT.evidence(),
                                    "temperature",
                                    AmountText.temperature(
                                            Temperature.ofCelsius(in.temperature("celsius", 0, 45)
                                                    .celsius()),
                                            in.system()),
                                    "pressure",
                                    AmountText.number(in.number("pressure")) + " hPa"))
                    .then(
                            canMilligrams(),
                            Step.of(
                                    "In the can = calcium of the liquid ÷ (N + 1).",
                                    AmountText.number(canMilligrams()) + " mg/L",
                                    Evidence.exact(),
                                    "strength",
                                    asked.strength().text()));
            if (far().isEmpty()) {
                return all;
            }
            List<Step> steps = new ArrayList<>(all.steps());
            steps.addAll(far().get().steps());
            return new Working<>(far().get().value(), steps);
        }

        List<Result> results() {
            List<Result> results = new ArrayList<>();
            results.add(new Result(
                    "dissolves",
                    "shell that dissolves",
                    end().dissolves().grams(),
                    end().dissolves().text(in.system())));
            results.add(new Result("left", "shells left", end().leftShare(), AmountText.percent(end().leftShare())));
            results.add(new Result(
                    "acidLeft",
                    "acid left, g in 100 mL",
                    end().acidLeftPercent(),
                    AmountText.number(end().acidLeftPercent(), 1) + " %"));
            results.add(perLitre("calcium", "calcium in the liquid", end().calciumGramsPerLitre()));
            results.add(new Result("gas", "gas in all", gas().litres(), gas().text(in.system())));
            results.addAll(inTheVessel());
            results.add(new Result(
                    "can", "calcium in the can", canMilligrams(), AmountText.number(canMilligrams()) + " mg/L"));
            SCHOOLS.forEach(school -> results.add(left(school)));
            asked.fresh()
                    .ifPresent(
                            read -> results.add(new Result("fresh", "acid by its pH", read.percent(), read.words())));
            far().ifPresent(far -> results.addAll(byItsPh(far.value().upTo(end()))));
            return results;
        }

        private List<Result> inTheVessel() {
            double times = in.choice("crushed").equals("powder") ? POWDER_FOAM : CRUSHED_FOAM;
            Volume vessel = asked.vinegar().times(times);
            double byWeight = asked.vinegar().litres()
                    * 1000
                    * AceticAcid.VINEGAR_DENSITY.value()
                    / asked.shells().grams();
            double balance = ShellCalcium.exactBalance(asked.percent());
            return List.of(
                    new Result(
                            "vessel",
                            "vessel, so that it doesn't foam over",
                            vessel.litres(),
                            vessel.text(in.system())),
                    new Result(
                            "parts",
                            "vinegar to one of shell, by weight",
                            byWeight,
                            "1:" + AmountText.number(byWeight, 1)),
                    new Result("balance", "exact balance, by weight", balance, "1:" + AmountText.number(balance, 1)));
        }

        private Result left(School school) {
            Mass shells = Mass.ofGrams(AceticAcid.VINEGAR_DENSITY.value() * 1000 / school.parts());
            double left = ShellCalcium.of(shells, Volume.ofLitres(1), asked.percent(), in.system())
                    .value()
                    .leftShare();
            return new Result(
                    school.id(),
                    "school: " + school.name() + ", 1:" + AmountText.number(school.parts(), 1) + " by weight",
                    school.parts(),
                    AmountText.percent(left) + " of the shells left");
        }

        private List<Result> byItsPh(Conversion far) {
            return List.of(
                    new Result(
                            "done",
                            "done at pH " + AmountText.number(asked.ph().orElseThrow(), 2) + ", at least",
                            far.least(),
                            AmountText.percent(far.least()) + " to " + AmountText.percent(far.most())),
                    perLitre("now", "calcium by now, at least", far.calciumGramsPerLitre()));
        }

        private static Result perLitre(String id, String name, double grams) {
            return new Result(id, name, grams, AmountText.number(grams) + " g/L");
        }

        List<Remark> remarks() {
            List<Remark> remarks = new ArrayList<>();
            remarks.add(
                    Remark.danger(
                            "It foams and gives gas at once: no lid that resists, pour slowly, a tray underneath, a window open."));
            if (!end().acidLimits()) {
                remarks.add(Remark.warning(
                        "Acid is left over. Sour liquid scorches: not stronger than 1:256 while its pH is below 5"
                                + (asked.strength().water() < SOUR_SAFE
                                        ? ", and " + asked.strength().text() + " is."
                                        : ".")));
            }
            remarks.add(Remark.note(balance()));
            remarks.add(
                    Remark.assumed("Shells are 95 % calcium carbonate (common practice); one egg's weighs 5.5 g (from"
                            + " memory); vinegar 1.01 kg/L (from memory)."));
            remarks.add(Remark.assumed(
                    "The upper end of the pH band is from memory; the lower one is the ideal solution."));
            asked.fresh().ifPresent(read -> remarks.add(Remark.warning(byItsFreshPh(read))));
            far().filter(far -> far.value().claims(end()))
                    .ifPresent(far -> remarks.add(Remark.warning("So little shell can't bring this vinegar to pH "
                            + AmountText.number(asked.ph().orElseThrow(), 2)
                            + ": the meter, the label or the weight is wrong. No more calcium than went in is told.")));
            return remarks;
        }

        private String balance() {
            double exact = ShellCalcium.exactBalance(asked.percent());
            boolean allSpare = exact > SCHOOLS.get(SCHOOLS.size() - 1).parts();
            return (allSpare
                            ? "All three schools, tenfold, equal weight and equal volume, have shells to spare and end at the"
                                    + " same strength; "
                            : "Equal weight and equal volume have shells to spare; tenfold just falls short of so strong a"
                                    + " vinegar; ")
                    + "the exact balance with " + AmountText.number(asked.percent(), 1) + " % is 1:"
                    + AmountText.number(exact, exact < 20 ? 1 : 0) + " by weight, 1:"
                    + AmountText.number(exact * THRIFTY_LEAST, 0) + " to 1:"
                    + AmountText.number(exact * THRIFTY_MOST, 0)
                    + " is thrifty and still quick.";
        }

        private String byItsFreshPh(Fresh read) {
            return "A meter reads to ± 0.05, and then pH " + AmountText.number(read.ph(), 2) + " means anything from "
                    + read.words() + ". Trust the label."
                    + (asked.labelled()
                            ? " It is reckoned with the label's " + AmountText.number(asked.percent(), 1) + " %."
                            : "");
        }

        Chart chart() {
            return new Chart(
                    "How far it has come, by its pH",
                    "pH",
                    "% of the acid used up",
                    List.of(
                            Curves.line("at least", 2.5, 7, ph -> far(ph).least() * 100),
                            Curves.line("at most", 2.5, 7, ph -> far(ph).most() * 100)),
                    List.of(new Reply.Threshold("counts as done", 85)),
                    far().map(far -> new Point(
                            asked.ph().orElseThrow(), far.value().upTo(end()).least() * 100)));
        }

        private Conversion far(double ph) {
            return ShellCalcium.converted(ph, asked.percent()).value();
        }
    }
}
