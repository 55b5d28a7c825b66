package potmellow.app.round;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.bottle.BottleView;
import potmellow.app.bottle.BottleView.Freshness;
import potmellow.app.bottle.BottleViews;
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.mix.FeedsDue;
import potmellow.app.plan.PlanService;
import potmellow.app.potpage.DangerView;
import potmellow.app.potpage.PotStops;
import potmellow.app.weather.WeatherService;
import potmellow.app.weather.WeatherWords;
import potmellow.core.weather.Outdoors;

/** The home of the gardener: today's stops, feeds that are due, bottles to use, and the next three days. */
@RestController
class RoundController {
    private static final int DAYS_AHEAD = 3;

    private final GardenService gardens;
    private final PotStops stops;
    private final BottleViews bottles;
    private final FeedsDue feeds;
    private final PlanService plans;
    private final WeatherService weather;
    private final Clock clock;

    RoundController(
            GardenService gardens,
            PotStops stops,
            BottleViews bottles,
            FeedsDue feeds,
            PlanService plans,
            WeatherService weather,
            Clock clock) {
        this.gardens = gardens;
        this.stops = stops;
        this.bottles = bottles;
        this.feeds = feeds;
        this.plans = plans;
        this.weather = weather;
        this.clock = clock;
    }

    @ForAtLeast(Role.LOOKER)
    @GetMapping("/api/round")
    RoundView round() {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        LocalDate today = garden.day(now);
        PotStops.Walk walk = stops.walk(garden, now);
        Outdoors outdoors = weather.outdoors(garden, now);
        List<BottleView> toUse = bottles.inStore(garden, now).stream()
                .filter(bottle -> bottle.freshness() == Freshness.SOON || bottle.freshness() == Freshness.PAST)
                .toList();
        return new RoundView(
                today,
                walk.dangers(),
                walk.places(),
                walk.minutes(),
                walk.leftAlone(),
                walk.doubled(),
                WeatherWords.today(outdoors, now, garden.units()),
                !outdoors.day(now).origin().real(),
                feeds.until(garden, now, today.plusDays(DAYS_AHEAD)),
                toUse,
                ahead(garden, walk, outdoors, now),
                walk.next());
    }

    private List<PotStops.Ahead> ahead(Garden garden, PotStops.Walk walk, Outdoors outdoors, Instant now) {
        LocalDate today = garden.day(now);
        List<PotStops.Ahead> ahead = new ArrayList<>(walk.ahead());
        plans.ahead(garden, now, today.plusDays(DAYS_AHEAD))
                .forEach(step -> ahead.add(new PotStops.Ahead(step.day(), step.words())));
        outdoors.weather()
                .nextFrost(today, DAYS_AHEAD + 1)
                .ifPresent(day -> ahead.add(new PotStops.Ahead(day, "frost likely: what must not freeze goes in")));
        ahead.sort(Comparator.comparing(PotStops.Ahead::day));
        return ahead;
    }

    /**
     * The round of today.
     *
     * @param dangers what can burst, burn or sicken now, in walking order, whatever stop is open
     * @param places places with stops, in walking order
     * @param minutes about how long what is left takes
     * @param leftAlone how many pots are best left alone today
     * @param doubled vessels that hold two things by the log, each a sentence
     * @param weather today's weather in words
     * @param simulated whether that weather is simulated
     * @param feeds feeds that are due, or will be within three days
     * @param bottles bottles to use before they turn, and those that have
     * @param ahead what comes in the next three days
     * @param next the first visit after today; empty where nothing is known to come
     */
    record RoundView(
            LocalDate today,
            List<DangerView> dangers,
            List<PotStops.PlaceStops> places,
            double minutes,
            int leftAlone,
            List<String> doubled,
            String weather,
            boolean simulated,
            List<FeedsDue.DueFeed> feeds,
            List<BottleView> bottles,
            List<PotStops.Ahead> ahead,
            Optional<PotStops.Ahead> next) {}
}
