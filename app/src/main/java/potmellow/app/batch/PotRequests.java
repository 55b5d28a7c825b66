package potmellow.app.batch;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import potmellow.app.recipe.RecipeRequest;
import potmellow.core.book.Act;

/** What the browser may ask of pots. All amounts come as typed. */
public final class PotRequests {
    private PotRequests() {}

    /**
     * Set a pot.
     *
     * @param name what it is called
     * @param recipe what goes in
     * @param confirmed ids of the rules that advise against it and are passed over all the same
     * @param waterReady whether its water has been stood or treated already
     */
    public record SetPot(String name, RecipeRequest recipe, List<String> confirmed, boolean waterReady) {
        public SetPot {
            confirmed = confirmed == null ? List.of() : List.copyOf(confirmed);
        }

        /** Nothing is passed over, and the water is ready. */
        public SetPot(String name, RecipeRequest recipe) {
            this(name, recipe, List.of(), true);
        }
    }

    /**
     * Record a visit.
     *
     * @param act what was done
     * @param signs what was sensed, by sense
     * @param warmth the pot's own warmth; may be left out
     * @param note words; may be left out
     * @param corrects the check that this one stands in for
     */
    public record AddCheck(
            Act act,
            Map<String, String> signs,
            Optional<String> warmth,
            Optional<String> note,
            Optional<UUID> corrects) {}

    /**
     * Use up what isn't kept: bury it, or pour it out.
     *
     * @param early whether it is wanted although the verdict says not yet
     */
    public record UseUp(boolean early) {}

    /**
     * Wring the pot out, or let it go on to its next stage.
     *
     * @param early whether it is wanted although the verdict says not yet
     */
    public record Wring(boolean early) {}

    /**
     * Strain the pot into a bottle.
     *
     * @param volume as measured
     * @param keepId how it will be kept
     * @param early whether it is wanted although the verdict says not yet
     */
    public record Strain(String volume, String keepId, boolean early) {}

    /**
     * Throw the pot away.
     *
     * @param reason why
     */
    public record ThrowAway(String reason) {}
}
