package potmellow.core.vessel;

import static java.util.Objects.requireNonNull;

import java.util.Locale;
import java.util.regex.Pattern;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;

/**
 * A vessel of the gardener's own.
 *
 * @param code permanent code written on body and lid, such as "J6"
 * @param kind its shape
 * @param material what its walls are made of
 * @param capacity brim-full volume, from 50 mL to 1000 L
 */
public record Vessel(String code, VesselKind kind, VesselMaterial material, Volume capacity) {
    public static final Volume SMALLEST = Volume.ofMillilitres(50);
    public static final Volume LARGEST = Volume.ofLitres(1000);
    private static final Pattern CODE = Pattern.compile("[A-Z0-9][A-Z0-9-]{0,7}");

    public Vessel {
        if (requireNonNull(code, "code").isBlank()) {
            throw new IllegalArgumentException("A vessel needs a code.");
        }
        requireNonNull(kind, "kind");
        requireNonNull(material, "material");
        if (capacity.compareTo(SMALLEST) < 0 || capacity.compareTo(LARGEST) > 0) {
            throw new IllegalArgumentException("The capacity (" + capacity + ") must be from 50 mL to 1000 L.");
        }
    }

    /** A vessel of the material that its shape is usually made of. */
    public static Vessel of(String code, VesselKind kind, Volume capacity) {
        return new Vessel(code, kind, kind.usualMaterial(), capacity);
    }

    /**
     * A code as a gardener writes it on body and lid.
     *
     * @throws InvalidInput for anything but 1 to 8 letters, digits and dashes
     */
    public static String code(String typed) {
        String code = typed.strip().toUpperCase(Locale.ROOT);
        if (!CODE.matcher(code).matches()) {
            throw InvalidInput.unreadable(
                    "The code",
                    typed,
                    "Write 1 to 8 letters, digits or dashes, such as B7: it must stay readable on a lid.");
        }
        return code;
    }

    /** "20 L bucket". */
    public String words(UnitSystem system) {
        return AmountText.volume(capacity, system) + " " + kind.words();
    }
}
