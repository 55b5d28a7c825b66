package potmellow.app.batch;

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
     */
    public record SetPot(String name, RecipeRequest recipe) {}

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
     * Wring the pot out: its liquid works on.
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
