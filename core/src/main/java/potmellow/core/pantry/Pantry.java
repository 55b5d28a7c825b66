package potmellow.core.pantry;

import static java.util.Objects.requireNonNull;

import java.util.List;
import potmellow.core.book.Material;
import potmellow.core.measure.Quantity;
import potmellow.core.vessel.Vessel;

/**
 * What a gardener has in hand. Water comes from the tap and is always there.
 *
 * @param things materials and brews with their amounts
 * @param vessels free vessels
 */
public record Pantry(List<Thing> things, List<Vessel> vessels) {
    public Pantry {
        things = List.copyOf(things);
        vessels = List.copyOf(vessels);
    }

    /**
     * One thing in hand.
     *
     * @param material what it is
     * @param amount how much of it
     */
    public record Thing(Material material, Quantity amount) {
        public Thing {
            requireNonNull(material, "material");
            requireNonNull(amount, "amount");
        }
    }
}
