package potmellow.core.scaling;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import potmellow.core.book.Material;
import potmellow.core.book.Material.Role;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;
import potmellow.core.workings.ShellCalcium;

/**
 * The shells and the acid of a recipe, and what becomes of them.
 *
 * @param acid the volume of vinegar
 * @param percent grams of acid in 100 mL of it
 * @param end what becomes of it
 */
public record ShellBalance(Volume acid, double percent, Working<ShellCalcium> end) {
    private static final double LEAST_GRAMS = 1;

    /** @return empty for a recipe without shells, or without acid */
    static Optional<ShellBalance> of(List<Amount> parts, UnitSystem system) {
        return of(
                parts.stream().collect(Collectors.toMap(Amount::id, Amount::material)),
                parts.stream().collect(Collectors.toMap(Amount::id, Amount::measured)),
                system);
    }

    private static Optional<ShellBalance> of(
            Map<String, Material> materials, Map<String, Quantity> amounts, UnitSystem system) {
        Optional<String> vinegar = amounts.keySet().stream()
                .filter(part -> materials.get(part).acidPercent().isPresent())
                .findFirst();
        double shells = amounts.entrySet().stream()
                .filter(part -> materials.get(part.getKey()).is(Role.SHELLS))
                .mapToDouble(part ->
                        materials.get(part.getKey()).mass(part.getValue()).grams())
                .sum();
        if (vinegar.isEmpty() || !(shells > 0)) {
            return Optional.empty();
        }
        Material acid = materials.get(vinegar.get());
        Volume volume = acid.volume(amounts.get(vinegar.get()));
        double percent = acid.acidPercent().orElseThrow().value();
        return Optional.of(
                new ShellBalance(volume, percent, ShellCalcium.of(Mass.ofGrams(shells), volume, percent, system)));
    }

    /**
     * The shells that are left of a pot once its vinegar is used up: practice starts the next pot with them.
     *
     * @param materials of its parts, by the part's id
     * @param amounts what went in, by the part's id
     * @return empty for a pot without shells in vinegar, and where next to nothing is left
     */
    public static Optional<Working<Mass>> left(
            Map<String, Material> materials, Map<String, Quantity> amounts, UnitSystem system) {
        return of(materials, amounts, system)
                .map(ShellBalance::left)
                .filter(left -> left.value().grams() >= LEAST_GRAMS);
    }

    /** What is still to be added to the shells that lie there; nothing where they are enough. */
    public static Working<Mass> toAdd(Working<Mass> left, Mass needed, UnitSystem system) {
        Mass more = Mass.ofGrams(Math.max(0, needed.grams() - left.value().grams()));
        return left.then(
                more,
                Step.of(
                        "To be added: what is needed − what lies there.",
                        AmountText.mass(more, system),
                        Evidence.exact(),
                        "needed",
                        AmountText.mass(needed, system)));
    }

    private Working<Mass> left() {
        ShellCalcium result = end.value();
        Mass left = Mass.ofGrams(result.dissolves().grams() * result.leftShare() / (1 - result.leftShare()));
        return end.then(
                left,
                Step.of(
                        "What the acid couldn't take is left: shells − what dissolves.",
                        AmountText.mass(left, UnitSystem.METRIC),
                        Evidence.commonPractice()));
    }
}
