package potmellow.app.recipe;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import potmellow.app.bottle.Bottle;
import potmellow.app.place.Place;
import potmellow.core.book.Book;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.pantry.Supply;
import potmellow.core.pot.OwnHistory;
import potmellow.core.scaling.Anchor;
import potmellow.core.scaling.Recipe;
import potmellow.core.scaling.Setting;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.weather.Outdoors;
import potmellow.core.working.Working;

/**
 * A recipe with everything that was chosen or filled in.
 *
 * @param book the book it was looked up in
 * @param recipe the scaled method
 * @param vesselId id of the garden's vessel; empty for one it doesn't have yet
 * @param vessel the vessel
 * @param split two vessels that could share it; empty where one is enough
 * @param lid the lid
 * @param place the place
 * @param spot the place as the rules saw it
 * @param outdoors the weather it was worked out in
 * @param anchor what was fixed
 * @param own the gardener's own times and yields
 * @param supplies where its brewed parts come from
 * @param store the bottles in store
 * @param shellsLeft the shells that lie in the vessel already, where it is set on them
 */
public record WorkedRecipe(
        Book book,
        Recipe recipe,
        Optional<UUID> vesselId,
        Vessel vessel,
        List<Vessel> split,
        Lid lid,
        Place place,
        Setting.Spot spot,
        Outdoors outdoors,
        Anchor anchor,
        OwnHistory own,
        List<Supply> supplies,
        List<Bottle> store,
        Optional<Working<Mass>> shellsLeft) {
    /** What comes out of which bottle, by the part's id. */
    public Map<String, List<Taken>> taken() {
        Map<String, UUID> ids = store.stream().collect(Collectors.toMap(Bottle::code, Bottle::id));
        return supplies.stream()
                .collect(Collectors.toMap(
                        Supply::partId,
                        supply -> supply.taken().stream()
                                .map(one -> new Taken(ids.get(one.code()), one.amount()))
                                .toList()));
    }

    /** Where it is to go, where ground is to be fed. */
    Optional<Target> target() {
        return anchor instanceof Anchor.ToFeed feed ? Optional.of(feed.target()) : Optional.empty();
    }

    /** What was typed, by its field, as it was read. */
    Map<String, String> read(UnitSystem units) {
        Map<String, String> read = new LinkedHashMap<>();
        if (anchor instanceof Anchor.InHand hand) {
            hand.parts().forEach((part, amount) -> read.put("inHand." + part, amount.text(units)));
        } else if (anchor instanceof Anchor.Wanted wanted) {
            read.put("wanted", wanted.amount().text(units));
        } else if (anchor instanceof Anchor.ToFeed feed) {
            read.put("area", AmountText.area(feed.area(), units));
            read.put("weeks", String.valueOf(feed.weeks()));
        }
        return read;
    }

    /**
     * What is taken out of a bottle.
     *
     * @param bottleId the bottle
     * @param amount how much
     */
    public record Taken(UUID bottleId, Volume amount) {}
}
