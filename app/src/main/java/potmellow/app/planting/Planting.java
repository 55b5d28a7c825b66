package potmellow.app.planting;

import java.util.UUID;
import potmellow.core.feeding.Need;

/**
 * Plants that are fed together.
 *
 * @param id its id
 * @param name what it is called
 * @param stage how far they are grown
 * @param size the bed or the pots
 */
public record Planting(UUID id, String name, Stage stage, Need size) {
    /** A stage of growth. */
    public enum Stage {
        SEEDLING("seedlings"),
        LEAFY("leafy"),
        BUDDING("budding"),
        FLOWERING("flowering"),
        FRUITING("fruiting"),
        RIPENING("ripening"),
        RESTING("resting");

        private final String words;

        Stage(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
