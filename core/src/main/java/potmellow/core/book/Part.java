package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;

/**
 * One part of a recipe, by weight against the plant.
 *
 * @param id stable id: plant, sugar, cap
 * @param name what the list of amounts calls it
 * @param weightPerPlant its weight for one weight of plant
 * @param choices ids of the materials it may be, the usual one first
 */
public record Part(String id, String name, Stated weightPerPlant, List<String> choices) {
    public static final String PLANT = "plant";
    public static final String SUGAR = "sugar";
    public static final String CAP = "cap";

    public Part {
        requireNonNull(id, "id");
        requireNonNull(name, "name");
        if (!(weightPerPlant.value() > 0)) {
            throw new IllegalArgumentException("The weight of " + id + " must be more than nothing.");
        }
        choices = List.copyOf(choices);
        if (choices.isEmpty()) {
            throw new IllegalArgumentException("The part " + id + " must name its materials.");
        }
    }

    static Optional<Part> find(List<Part> parts, String id) {
        return parts.stream().filter(part -> part.id().equals(id)).findFirst();
    }
}
