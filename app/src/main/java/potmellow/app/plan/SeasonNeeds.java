package potmellow.app.plan;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.mix.FeedHistory;
import potmellow.app.mix.Store;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.problem.Missing;
import potmellow.app.weather.WeatherService;
import potmellow.core.book.Product;
import potmellow.core.feeding.Conditions;
import potmellow.core.feeding.Dose;
import potmellow.core.feeding.InStore;
import potmellow.core.feeding.Judged;
import potmellow.core.feeding.Recipient;
import potmellow.core.feeding.StrengthAdvice;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
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

    /** @throws Missing where the book has no such brew */
    @Transactional(readOnly = true)
    Need of(Garden garden, String productId, Instant now) {
        Store.Shelf shelf = store.shelf(garden);
        Product product = shelf.book().findProduct(productId).orElseThrow(() -> new Missing("brew"));
        List<Planting> all = plantings.all(garden);
        Map<UUID, Recipient> recipients = history.recipients(garden, all, shelf, now);
        Conditions hour = new Conditions(now, garden.zone(), weather.outdoors(garden, now), garden.sun());
        List<Step> steps = new ArrayList<>();
        List<String> names = new ArrayList<>();
        Volume sum = Volume.ofMillilitres(0);
        double every = Double.MAX_VALUE;
        for (Planting planting : all) {
            Target target = planting.stage().target();
            if (product.find(target).isEmpty()) {
                continue;
            }
            Dose dose = Dose.advised(InStore.made(product), target, recipients.get(planting.id()), Optional.of(hour));
            if (!Judged.of(dose).onlyWaits()) {
                continue;
            }
            StrengthAdvice advice = dose.portions().get(0).advice();
            Ratio ratio = advice.strength().value();
            Volume mix = planting.size().volume(target, garden.units()).value();
            Volume brew = ratio.brewIn(mix);
            sum = sum.plus(brew);
            every = Math.min(every, advice.intervalDays().value());
            names.add(planting.name());
            steps.add(Step.of(
                    planting.name() + ": mix ÷ (N + 1).",
                    AmountText.volume(brew, garden.units()),
                    Evidence.derivedFrom(advice.strength().mark()),
                    "mix",
                    AmountText.volume(mix, garden.units()),
                    "strength",
                    ratio.text(),
                    "every",
                    AmountText.number(advice.intervalDays().value(), 0) + " days"));
        }
        if (names.isEmpty()) {
            throw new Missing("planting that may have " + product.name());
        }
        steps.add(Step.of("All together, each time.", AmountText.volume(sum, garden.units()), Evidence.exact()));
        return new Need(
                new Working<>(product.text(sum, garden.units()), steps),
                (int) Math.max(LEAST_DAYS, Math.round(every)),
                names);
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
