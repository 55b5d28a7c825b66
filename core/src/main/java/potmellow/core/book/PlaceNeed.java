package potmellow.core.book;

import java.util.Optional;
import potmellow.core.craft.Stated;
import potmellow.core.craft.StatedRange;

/**
 * What a method asks of its place.
 *
 * @param light the most light it stands; sun where it wants to be warm and sunny
 * @param outdoors whether it belongs outdoors
 * @param celsius the temperatures it works at, °C; empty where nobody tells them
 * @param frostFree whether frost must not reach it
 * @param dryDays days without rain before it is set
 * @param dusty whether it gives off mould dust, so that it doesn't belong where people live
 */
public record PlaceNeed(
        Light light,
        boolean outdoors,
        Optional<StatedRange> celsius,
        boolean frostFree,
        Optional<Stated> dryDays,
        boolean dusty) {
    public PlaceNeed {
        if (light == null) {
            throw new IllegalArgumentException("A method must say what light it stands.");
        }
        celsius = celsius == null ? Optional.empty() : celsius;
        dryDays = dryDays == null ? Optional.empty() : dryDays;
    }

    /** Where it stands, in a few words, such as "outdoors, shade". */
    public String words() {
        return (outdoors ? "outdoors, " : "") + light.words();
    }
}
