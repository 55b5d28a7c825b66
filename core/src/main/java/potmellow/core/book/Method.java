package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;

/**
 * A way to make one brew.
 *
 * @param id stable id, the name of its file
 * @param family what it ripens and spoils like
 * @param product id of what it makes
 * @param title the brew's plain name
 * @param school which way of making it
 * @param yieldLitresPerKilogram litres from one kilogram of plant
 * @param parts what goes in; one of them is the plant
 * @param vessel what it asks of its vessel
 * @param light the most light it stands
 * @param stages in order, at least one
 * @param steps what to do, in order; {plant}, {sugar}, {cap}, {vessel}, {lid} and {place} stand for the recipe's own
 * @param slip the mistake most often made, shown with the steps
 */
public record Method(
        String id,
        Family family,
        String product,
        String title,
        School school,
        StatedRange yieldLitresPerKilogram,
        List<Part> parts,
        VesselNeed vessel,
        Light light,
        List<Stage> stages,
        List<String> steps,
        String slip) {
    public Method {
        requireNonNull(id, "id");
        requireNonNull(family, "family");
        requireNonNull(school, "school");
        requireNonNull(product, "product");
        parts = List.copyOf(parts);
        stages = List.copyOf(stages);
        steps = List.copyOf(steps);
        if (stages.isEmpty()) {
            throw new IllegalArgumentException("The method " + id + " needs a stage.");
        }
        if (Part.find(parts, Part.PLANT).isEmpty()
                || Part.find(parts, Part.SUGAR).isEmpty()) {
            throw new IllegalArgumentException("The method " + id + " needs a plant and a sugar.");
        }
    }

    public Part plant() {
        return Part.find(parts, Part.PLANT).orElseThrow();
    }

    public Part sugar() {
        return Part.find(parts, Part.SUGAR).orElseThrow();
    }

    /** The layer of sugar on top, where the school has one. */
    public Optional<Part> cap() {
        return Part.find(parts, Part.CAP);
    }

    /** The stage that the brew is ready after. */
    public Stage lastStage() {
        return stages.get(stages.size() - 1);
    }
}
