package potmellow.app.mix;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.planting.PlantingService;
import potmellow.app.weather.WeatherService;
import potmellow.core.feeding.Conditions;
import potmellow.core.feeding.InStore;
import potmellow.core.feeding.Offer;
import potmellow.core.feeding.Recipient;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.UnitSystem;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/** Which bottles suit the plantings that are to be fed. */
@Component
class Offers {
    private final Store store;
    private final PlantingService plantings;
    private final FeedHistory history;
    private final WeatherService weather;

    Offers(Store store, PlantingService plantings, FeedHistory history, WeatherService weather) {
        this.store = store;
        this.plantings = plantings;
        this.history = history;
        this.weather = weather;
    }

    /** Every bottle for some plantings, the fittest first. */
    @Transactional(readOnly = true)
    OffersView of(Garden garden, OfferRequest request, Instant now) {
        Instant at = request.at().filter(asked -> asked.isAfter(now)).orElse(now);
        Store.Shelf shelf = store.shelf(garden);
        List<Recipient> recipients =
                history.recipients(garden, plantings.standing(garden, request.plantingIds()), shelf, at);
        Target target = request.target().orElseGet(() -> Offer.usualTarget(recipients));
        Conditions hour = weather.conditions(garden, now).at(at);
        List<OfferView> offers =
                Offer.of(shelf.book(), Store.toPour(shelf, now), recipients, target, hour, garden.units()).stream()
                        .map(offer -> OfferView.of(offer, shelf, garden.units()))
                        .toList();
        return new OffersView(target, target.words(), offers);
    }

    /**
     * Whom to feed.
     *
     * @param plantingIds the plantings; none for a pour that is for nothing in particular
     * @param target where it goes; as usual for them, if left out
     * @param at the moment of pouring; now, if left out
     */
    record OfferRequest(List<UUID> plantingIds, Optional<Target> target, Optional<Instant> at) {
        OfferRequest {
            plantingIds = plantingIds == null
                    ? List.of()
                    : plantingIds.stream().distinct().toList();
            target = target == null ? Optional.empty() : target;
            at = at == null ? Optional.empty() : at;
        }
    }

    /**
     * What could be poured.
     *
     * @param target where it would go
     * @param offers every bottle, the fittest first
     */
    record OffersView(Target target, String targetWords, List<OfferView> offers) {}

    /**
     * A bottle.
     *
     * @param dose such as "4 mL, 1:500"; empty where nobody has told of it there
     * @param why what speaks for it; where it is not fit, what stands in the way
     * @param shortOf told where it holds less than they take; else empty
     */
    record OfferView(UUID bottleId, String code, String name, Offer.Fit fit, String dose, String why, String shortOf) {
        static OfferView of(Offer offer, Store.Shelf shelf, UnitSystem units) {
            InStore bottle = offer.bottle();
            var stored = shelf.coded(bottle.code()).orElseThrow();
            return new OfferView(
                    stored.id(),
                    bottle.code(),
                    stored.name(),
                    offer.fit(),
                    offer.brew()
                            .map(brew -> MeasuredVolume.dose(brew, units) + ", "
                                    + offer.strength().map(Ratio::text).orElse(""))
                            .orElse(""),
                    offer.why(),
                    offer.enough() || offer.brew().isEmpty()
                            ? ""
                            : "It holds " + AmountText.volume(bottle.stock().left(), units) + ".");
        }
    }
}
