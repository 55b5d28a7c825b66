package potmellow.app.plan;

import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.mix.FeedHistory;
import potmellow.app.mix.Store;
import potmellow.app.planting.PlantingService;
import potmellow.app.problem.Missing;
import potmellow.app.weather.WeatherService;
import potmellow.core.book.Product;
import potmellow.core.feeding.Recipient;
import potmellow.core.feeding.SeasonNeed;
import potmellow.core.working.Working;

/** What all plantings that may have a brew would drink of it each time: the sum of their mixes. */
@Service
class SeasonNeeds {
    private static final int LEAST_DAYS = 1;

    private final PlantingService plantings;
    private final FeedHistory history;
    private final Store store;
    private final WeatherService weather;

    SeasonNeeds(PlantingService plantings, FeedHistory history, Store store, WeatherService weather) {
        this.plantings = plantings;
        this.history = history;
        this.store = store;
        this.weather = weather;
    }

    /** @throws Missing where the book has no such brew, or no planting may have it */
    @Transactional(readOnly = true)
    Need of(Garden garden, String productId, Instant now) {
        Store.Shelf shelf = store.shelf(garden);
        Product product = shelf.book().findProduct(productId).orElseThrow(() -> new Missing("brew"));
        List<Recipient> recipients = history.recipients(garden, plantings.all(garden), shelf, now);
        SeasonNeed need = SeasonNeed.of(product, recipients, weather.conditions(garden, now), garden.units())
                .orElseThrow(() -> new Missing("planting that may have " + product.name()));
        return new Need(
                new Working<>(
                        product.text(need.brew().value(), garden.units()),
                        need.brew().steps()),
                need.everyDays(),
                need.recipients().stream().map(Recipient::name).toList());
    }

    /**
     * What is needed each time.
     *
     * @param amount of the brew, as it would be typed
     * @param everyDays days from one to the next, of the planting that is fed most often
     * @param plantings what they are called
     */
    record Need(Working<String> amount, int everyDays, List<String> plantings) {}
}
