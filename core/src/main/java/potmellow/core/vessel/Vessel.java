package potmellow.core.vessel;

import static java.util.Objects.requireNonNull;

import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import potmellow.core.measure.Volume;

/**
 * A vessel of the gardener's own.
 *
 * @param code permanent code written on body and lid, such as "J6"
 * @param kind its shape
 * @param capacity brim-full volume, from 50 mL to 1000 L
 */
public record Vessel(String code, VesselKind kind, Volume capacity) {
    public static final Volume SMALLEST = Volume.ofMillilitres(50);
    public static final Volume LARGEST = Volume.ofLitres(1000);

    public Vessel {
        if (requireNonNull(code, "code").isBlank()) {
            throw new IllegalArgumentException("A vessel needs a code.");
        }
        requireNonNull(kind, "kind");
        if (capacity.compareTo(SMALLEST) < 0 || capacity.compareTo(LARGEST) > 0) {
            throw new IllegalArgumentException("The capacity (" + capacity + ") must be from 50 mL to 1000 L.");
        }
    }

    /** The smallest of some vessels that holds at least the needed capacity. */
    public static Optional<Vessel> smallestHolding(Volume needed, Collection<Vessel> vessels) {
        return vessels.stream()
                .filter(vessel -> vessel.capacity().compareTo(needed) >= 0)
                .min(Comparator.comparing(Vessel::capacity).thenComparing(Vessel::code));
    }
}
