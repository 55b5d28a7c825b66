package potmellow.core.planting;

import com.fasterxml.jackson.core.type.TypeReference;
import java.util.List;
import potmellow.core.book.BookYaml;

/** The crops to begin with. */
public final class Crops {
    private Crops() {}

    /**
     * Reads the crops that are shipped with the core.
     *
     * @throws IllegalStateException for a file that is missing or wrong, naming it
     */
    public static List<Crop> shipped() {
        return BookYaml.resource("/potmellow/book/crops.yaml", new TypeReference<List<Crop>>() {});
    }
}
