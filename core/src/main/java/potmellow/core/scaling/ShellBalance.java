package potmellow.core.scaling;

import java.util.List;
import java.util.Optional;
import potmellow.core.book.Material.Role;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.working.Working;
import potmellow.core.workings.ShellCalcium;

/**
 * The shells and the acid of a recipe, and what becomes of them.
 *
 * @param acid the volume of vinegar
 * @param percent grams of acid in 100 mL of it
 * @param end what becomes of it
 */
record ShellBalance(Volume acid, double percent, Working<ShellCalcium> end) {
    /** @return empty for a recipe without shells, or without acid */
    static Optional<ShellBalance> of(List<Amount> parts, UnitSystem system) {
        Optional<Amount> vinegar = parts.stream()
                .filter(part -> part.material().acidPercent().isPresent())
                .findFirst();
        double shells = parts.stream()
                .filter(part -> part.material().is(Role.SHELLS))
                .mapToDouble(part -> part.mass().grams())
                .sum();
        if (vinegar.isEmpty() || !(shells > 0)) {
            return Optional.empty();
        }
        Volume acid = vinegar.get().material().volume(vinegar.get().measured());
        double percent = vinegar.get().material().acidPercent().orElseThrow().value();
        return Optional.of(
                new ShellBalance(acid, percent, ShellCalcium.of(Mass.ofGrams(shells), acid, percent, system)));
    }
}
