package potmellow.core.measure;

import java.util.Arrays;
import java.util.Optional;

/** An amount of something, by weight or by volume. */
public sealed interface Quantity permits Mass, Volume {
    /** The least that a gardener is taken to have in hand, g or mL. */
    double LEAST = 1;
    /** The most, g or mL: a tonne or a cubic metre. */
    double MOST = 1_000_000;

    /** The amount in its base unit: grams or millilitres. */
    double base();

    Quantity times(double factor);

    /** Another amount of the same kind. */
    Quantity withBase(double base);

    /** The amount as it is read out. */
    String text(UnitSystem system);

    default boolean isMass() {
        return this instanceof Mass;
    }

    /** How often another amount of the same kind goes into this one. */
    default double dividedBy(Quantity other) {
        if (isMass() != other.isMass()) {
            throw new IllegalArgumentException("A weight and a volume can't be compared: " + this + ", " + other + ".");
        }
        return base() / other.base();
    }

    /**
     * An amount stated in a data file.
     *
     * @param symbol the symbol of a unit of mass or volume, such as "kg" or "gal"
     * @throws IllegalArgumentException for a symbol that no unit has
     */
    static Quantity of(double count, String symbol) {
        Optional<Quantity> mass = Arrays.stream(MassUnit.values())
                .filter(unit -> unit.symbol().equals(symbol))
                .findFirst()
                .map(unit -> Mass.of(count, unit));
        return mass.or(() -> Arrays.stream(VolumeUnit.values())
                        .filter(unit -> unit.symbol().equals(symbol))
                        .findFirst()
                        .map(unit -> Volume.of(count, unit)))
                .orElseThrow(() -> new IllegalArgumentException(
                        "The unit (" + symbol + ") must be one of mass or volume, such as g, kg, mL, L, tbsp, gal."));
    }
}
