package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.book.Stage;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.rule.Finding;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.vessel.FermentationGas;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Gas;
import potmellow.core.vessel.GasSource;
import potmellow.core.vessel.LidRule;
import potmellow.core.working.Working;
import potmellow.core.workings.ShellCalcium;

/**
 * Every rule on a recipe in its vessel and place, in a fixed order: what goes in, the lid, the vessel, the place. Lid and place are
 * judged by the stage still ahead that gives off the most gas: nobody thinks of them again in between.
 *
 * @param ahead the stages that are still ahead, at least one
 */
record Rules(
        Book book,
        Method method,
        List<Stage> ahead,
        Proportions proportions,
        List<Amount> parts,
        Setting where,
        UnitSystem system) {

    List<Finding> findings(Working<Filling> filling, Working<Mass> contents, List<Finding> size, double scale) {
        List<Finding> findings = new ArrayList<>();
        for (Part part : method.parts()) {
            ChoiceRule.judge(part, proportions.material(part), book).ifPresent(findings::add);
        }
        findings.addAll(size);
        Gas most = ahead.stream().map(Stage::gas).max(Comparator.naturalOrder()).orElseThrow();
        Optional<GasSource> gas = gas(most);
        findings.add(LidRule.judge(
                where.lid(),
                method.vessel().lids(),
                new LidRule.Under(
                        most, gas, filling.value().headspace(), filling.value().settled()),
                system));
        findings.addAll(new VesselRules(method, proportions, parts, where, system).findings(filling, contents, scale));
        new AirRules(method, parts, where, system).finding(filling.value()).ifPresent(findings::add);
        findings.addAll(new PlaceRules(method, most, where, system).findings(gas));
        return findings;
    }

    /** What the gas comes from: shells in vinegar, or sugar; empty where nobody can reckon it. */
    private Optional<GasSource> gas(Gas gas) {
        if (gas == Gas.NONE) {
            return Optional.empty();
        }
        Optional<ShellBalance> shells = ShellBalance.of(parts, system);
        if (shells.isPresent()) {
            return Optional.of(ShellCalcium.gas(shells.get().end(), shells.get().acid(), system));
        }
        double sugar = parts.stream()
                .mapToDouble(part -> part.mass().grams()
                        * part.material()
                                .sugarShare()
                                .map(share -> share.value() > 0 ? 1.0 : 0.0)
                                .orElse(0.0))
                .sum();
        return sugar > 0 ? Optional.of(FermentationGas.source(Mass.ofGrams(sugar), system)) : Optional.empty();
    }
}
