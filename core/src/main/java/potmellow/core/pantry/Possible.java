package potmellow.core.pantry;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.book.Method;
import potmellow.core.measure.Area;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Vessel;
import potmellow.core.working.Working;

/**
 * A method that can be made of what is in hand, or nearly.
 *
 * @param method the method
 * @param materials id of the material taken for each part that is in hand, by part
 * @param batch amount of the main part, as far as what is in hand goes
 * @param makes what usually comes out
 * @param limit what ends the batch first, a sentence
 * @param feeds ground that it feeds once at its usual strength; empty for what isn't poured on soil
 * @param feedVolume the mix that it makes for that
 * @param vessel the smallest of the vessels that holds it; empty where none was named, or none does
 * @param missing names of what isn't in hand; empty for what can be made now
 */
public record Possible(
        Method method,
        Map<String, String> materials,
        Working<Quantity> batch,
        Quantity makes,
        String limit,
        Optional<Area> feeds,
        Optional<Volume> feedVolume,
        Optional<Vessel> vessel,
        List<String> missing) {
    public Possible {
        missing = List.copyOf(missing);
        materials = Map.copyOf(materials);
    }

    /** Whether nothing is missing. */
    public boolean now() {
        return missing.isEmpty();
    }
}
