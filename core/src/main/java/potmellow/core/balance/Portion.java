package potmellow.core.balance;

import static java.util.Objects.requireNonNull;

import potmellow.core.book.Material;
import potmellow.core.book.Part;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;

/**
 * So much of one part.
 *
 * @param part the part of the recipe
 * @param material what it is
 * @param amount how much of it
 */
public record Portion(Part part, Material material, Quantity amount) {
    public Portion {
        requireNonNull(part, "part");
        requireNonNull(material, "material");
        requireNonNull(amount, "amount");
    }

    Mass mass() {
        return material.mass(amount);
    }

    boolean liquid() {
        return material.liquid();
    }

    /** Room as it lies by itself, gaps and all. */
    Volume bulk() {
        return material.volume(amount);
    }

    /** Room without gaps: what it pushes aside. */
    Volume displaced() {
        return liquid() ? bulk() : material.displaced(amount);
    }

    /** Whether it has a settled size of its own, once its juice is out or it has dissolved. */
    boolean settles() {
        return !liquid() && material.settledLitresPerKilogram().isPresent();
    }

    /** Room once its juice is out or it has dissolved; the rest stays as it is. */
    Volume settled() {
        return Volume.ofLitres(mass().kilograms()
                * material.settledLitresPerKilogram().orElseThrow().value());
    }

    /** The water in it, mL; nothing where nobody told it. */
    double waterMillilitres() {
        return mass().grams()
                * material.waterShare().map(share -> share.value()).orElse(0.0);
    }
}
