package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.util.Optional;

/**
 * Something that goes into a vessel.
 *
 * @param id stable id
 * @param name what people call it
 * @param bulkDensityKilogramsPerLitre as it lies in a cup
 * @param refusal why it is not used at all; empty for what is
 */
public record Material(String id, String name, Stated bulkDensityKilogramsPerLitre, Optional<String> refusal) {
    public Material {
        requireNonNull(id, "id");
        requireNonNull(name, "name");
        if (!(bulkDensityKilogramsPerLitre.value() > 0)) {
            throw new IllegalArgumentException("The bulk density of " + id + " must be more than nothing.");
        }
        refusal = refusal == null ? Optional.empty() : refusal;
    }
}
