package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.craft.Stated;
import potmellow.core.craft.StatedRange;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.strength.Ratio;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;
import potmellow.core.workings.KeepingSugar;
import potmellow.core.workings.Moisture;
import potmellow.core.workings.ShellCalcium;

/** Where a recipe's own figures are held against what people say of it, and don't add up. */
record CrossChecks(Book book, Method method, List<Amount> parts, UnitSystem system) {
    /** Two strengths that differ by less are one. */
    private static final double SAME_STRENGTH = 0.05;

    /** With more free water than this, sugar isn't what keeps it (from memory). */
    private static final double SUGAR_KEEPS = 0.975;

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        method.parts().forEach(part -> strength(part).ifPresent(findings::add));
        method.saidMoisture().flatMap(this::moisture).ifPresent(findings::add);
        ShellBalance.of(parts, system).map(this::shells).ifPresent(findings::add);
        keeping().ifPresent(findings::add);
        return findings;
    }

    private Optional<Amount> amount(String id) {
        return parts.stream().filter(part -> part.id().equals(id)).findFirst();
    }

    private Optional<Amount> water() {
        return parts.stream()
                .filter(part -> part.material().is(Material.Role.WATER))
                .findFirst();
    }

    /** A strength told as an amount and as a ratio. */
    private Optional<Finding> strength(Part part) {
        if (part.saidWater().isEmpty() || water().isEmpty()) {
            return Optional.empty();
        }
        Amount water = water().get();
        Amount brew = amount(part.id()).orElseThrow();
        Ratio told = Ratio.oneTo(part.saidWater().get().value());
        Ratio measured = Ratio.of(
                brew.material().volume(brew.amount().value().exact()),
                water.material().volume(water.measured()));
        double times = measured.timesAsStrongAs(told);
        Step step = Step.of(
                "Two statements of one strength, compared by their shares.",
                "× " + AmountText.number(times, 2),
                Evidence.derivedFrom(part.saidWater().get().mark()),
                "as measured out",
                measured.text(),
                "as people tell it",
                told.text());
        boolean same = Math.abs(times - 1) <= SAME_STRENGTH;
        String words =
                part.name() + ": the recipe's amount is " + measured.text() + "; people call it " + told.text() + ". "
                        + (same
                                ? "That is the same within " + AmountText.percent(Math.abs(times - 1)) + "."
                                : "They differ by a factor of " + AmountText.number(times, 2) + ".");
        return Optional.of(
                Finding.of("strength-" + part.id(), same ? Severity.HOLDS : Severity.NOTE, part.id(), words, step));
    }

    private Optional<Finding> moisture(StatedRange said) {
        List<Moisture.Wet> wet = parts.stream().map(CrossChecks::wet).toList();
        Working<Double> reached = Moisture.of(wet);
        boolean agrees = reached.value() >= said.least() && reached.value() <= said.most();
        List<Moisture.Wet> dry = parts.stream()
                .filter(part -> !part.material().is(Material.Role.WATER))
                .map(CrossChecks::wet)
                .toList();
        Volume least = Volume.ofMillilitres(Moisture.waterFor(dry, said.least()).grams());
        Volume most = Volume.ofMillilitres(Moisture.waterFor(dry, said.most()).grams());
        String span = AmountText.number(said.least() * 100) + " to " + AmountText.number(said.most() * 100) + " %";
        List<Step> steps = new ArrayList<>(reached.steps());
        steps.add(Step.of("What people quote.", span, said.evidence()));
        steps.add(Step.of(
                "Water for that = (m × mass − water) ÷ (1 − m).",
                least.text(system) + " to " + most.text(system),
                Evidence.derivedFrom(Mark.FROM_MEMORY)));
        String words = "These amounts come to " + AmountText.percent(reached.value())
                + " moisture; people quote " + span + "."
                + (agrees
                        ? ""
                        : " That would take " + least.text(system) + " to " + most.text(system)
                                + " of water. Perhaps they count liquid against dry stuff. Let the squeeze decide: it holds a"
                                + " little and falls apart.");
        return Optional.of(new Finding(
                "moisture",
                agrees ? Severity.HOLDS : Severity.NOTE,
                water().map(Amount::id).orElse("water"),
                words,
                new Working<>(agrees, steps)));
    }

    private static Moisture.Wet wet(Amount part) {
        return new Moisture.Wet(
                part.name(),
                part.mass(),
                part.material().waterShare().map(Stated::value).orElse(0.0));
    }

    private Finding shells(ShellBalance shells) {
        ShellCalcium end = shells.end().value();
        String label = "With " + AmountText.number(shells.percent()) + " % vinegar ";
        String words = end.acidLimits()
                ? label + "the acid is used up first: " + AmountText.percent(end.leftShare())
                        + " of the shell stays, and the liquid ends at "
                        + AmountText.number(end.calciumGramsPerLitre())
                        + " g of calcium per litre. All three schools have shells to spare and, given time, end equally"
                        + " strong."
                : label + "the shells are used up first: the liquid stays sour and ends at "
                        + AmountText.number(end.calciumGramsPerLitre()) + " g of calcium per litre.";
        return new Finding(
                "shell-balance",
                end.acidLimits() ? Severity.HOLDS : Severity.NOTE,
                "shells",
                words,
                shells.end().map(ShellCalcium::acidLimits));
    }

    /** How well the sugar keeps it, where water and sugar of every part are known and it is sugar that keeps it. */
    private Optional<Finding> keeping() {
        double water = 0;
        double sugar = 0;
        for (Amount part : parts) {
            if (part.material().waterShare().isEmpty()) {
                return Optional.empty();
            }
            water += part.mass().grams() * part.material().waterShare().get().value();
            sugar += part.mass().grams()
                    * part.material().sugarShare().map(Stated::value).orElse(0.0);
        }
        if (!(water > 0 && sugar > 0)) {
            return Optional.empty();
        }
        Working<Double> activity = KeepingSugar.waterActivity(Mass.ofGrams(water), Mass.ofGrams(sugar));
        if (activity.value() > SUGAR_KEEPS) {
            return Optional.empty();
        }
        boolean stops = activity.value() < KeepingSugar.BACTERIA_STOP;
        String number = AmountText.number(activity.value(), 3);
        String words = "Once the sugar has dissolved, the water activity is " + number
                + (stops
                        ? ": below 0.91, where most bacteria stop."
                        : ": most bacteria stop only below 0.91. It keeps because it sours, so keep it cool.");
        return Optional.of(new Finding("keeping", Severity.HOLDS, "sugar", words, activity.map(any -> stops)));
    }
}
