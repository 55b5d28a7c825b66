package potmellow.app.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.history.HistoryService;
import potmellow.app.place.Place;
import potmellow.app.place.PlaceService;
import potmellow.app.pot.WorkingBrews;
import potmellow.app.pot.WorkingBrews.Brew;
import potmellow.app.problem.Conflict;
import potmellow.app.vessel.Occupancy;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.app.weather.WeatherService;
import potmellow.core.book.Book;
import potmellow.core.planning.Choices;
import potmellow.core.planning.Goal;
import potmellow.core.planning.Kept;
import potmellow.core.planning.Spot;
import potmellow.core.planning.Stored;
import potmellow.core.planning.Vat;
import potmellow.core.planning.Workshop;
import potmellow.core.pot.OwnHistory;

/** Lays out for the planner what a garden has: places, vessels, bottles, pots at work, its own history. */
@Component
class Workshops {
    /** A pot that is drawn from for months holds its vessel as long as anybody plans. */
    private static final int FOR_GOOD = 480;

    private static final double EMPTY_MILLILITRES = 1;

    private final PlanRepository plans;
    private final BookService books;
    private final PlaceService places;
    private final VesselService vessels;
    private final Occupancy occupancy;
    private final BottleService bottles;
    private final WorkingBrews brews;
    private final WeatherService weather;
    private final HistoryService history;

    Workshops(
            PlanRepository plans,
            BookService books,
            PlaceService places,
            VesselService vessels,
            Occupancy occupancy,
            BottleService bottles,
            WorkingBrews brews,
            WeatherService weather,
            HistoryService history) {
        this.plans = plans;
        this.books = books;
        this.places = places;
        this.vessels = vessels;
        this.occupancy = occupancy;
        this.bottles = bottles;
        this.brews = brews;
        this.weather = weather;
        this.history = history;
    }

    /** Everything a plan is made from, as it stands at one moment. */
    @Transactional(readOnly = true)
    Basis read(Garden garden, Instant now) {
        return new Basis(
                of(garden, now),
                plans.goals(garden.id()),
                plans.kept(garden.id()),
                plans.choices(garden.id()),
                plans.pots(garden.id()));
    }

    private Workshop of(Garden garden, Instant now) {
        Book book = books.current(garden);
        LocalDate today = garden.day(now);
        List<Brew> working = brews.all(garden, now);
        OwnHistory own = history.of(garden);
        return new Workshop(
                book,
                garden.units(),
                garden.zone(),
                today,
                weather.outdoors(garden, now),
                garden.tap(),
                garden.canLift(),
                spots(garden),
                vats(garden, working, today),
                stored(garden, book, working, today),
                choices(plans.choices(garden.id())),
                method -> own.expectation(method, method.stages().size() - 1),
                method -> own.yield(method).map(OwnHistory.Yield::share).orElse(1.0));
    }

    /** @throws Conflict where the garden has no place to plan for */
    void requirePlace(Garden garden) {
        if (places.all(garden).isEmpty()) {
            throw noPlace();
        }
    }

    private static Conflict noPlace() {
        return new Conflict("no-place", "A plan needs a place to put pots. Tell one first, under Vessels: places.");
    }

    private List<Spot> spots(Garden garden) {
        List<Spot> spots = places.all(garden).stream().map(Workshops::spot).toList();
        if (spots.isEmpty()) {
            throw noPlace();
        }
        return spots;
    }

    private static Spot spot(Place place) {
        return new Spot(place.id().toString(), place.name(), place.model(), place.light(), place.outdoors());
    }

    private List<Vat> vats(Garden garden, List<Brew> working, LocalDate today) {
        Map<UUID, Brew> byVessel =
                working.stream().collect(Collectors.toMap(Brew::vesselId, brew -> brew, Workshops::laterFree));
        Set<UUID> smelling = occupancy.heldAnaerobic(garden.id());
        return vessels.inUse(garden).stream()
                .map(own -> vat(
                        garden, own, smelling.contains(own.id()), Optional.ofNullable(byVessel.get(own.id())), today))
                .toList();
    }

    private static Vat vat(Garden garden, OwnVessel own, boolean smells, Optional<Brew> holds, LocalDate today) {
        Optional<LocalDate> busy = holds.map(brew -> brew.stays()
                ? today.plusDays(FOR_GOOD)
                : later(brew.late().map(garden::day).orElse(today.plusDays(FOR_GOOD)), today.plusDays(1)));
        return new Vat(own.id().toString(), own.vessel(), smells, busy);
    }

    /** Of two that stand in one vessel, from before a vessel held one thing: the one that leaves it later. */
    private static Brew laterFree(Brew one, Brew other) {
        Instant never = Instant.MAX;
        boolean first =
                one.stays() || one.late().orElse(never).isAfter(other.late().orElse(never));
        return first ? one : other;
    }

    private static LocalDate later(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }

    /** Bottles that may go anywhere, and pots that are sound. */
    private List<Stored> stored(Garden garden, Book book, List<Brew> working, LocalDate today) {
        Map<UUID, String> steps = plans.pots(garden.id());
        List<Stored> stored = new ArrayList<>();
        for (Bottle bottle : bottles.inStore(garden)) {
            boolean counts = bottle.level().millilitres() >= EMPTY_MILLILITRES
                    && !bottle.soilOnly()
                    && !bottle.nothingEdible()
                    && !bottle.useBy().isBefore(today);
            if (counts) {
                stored.add(Stored.bottle(
                        bottle.code(), bottle.name(), bottle.productId(), bottle.level(), today, bottle.useBy()));
            }
        }
        for (Brew brew : working) {
            if (brew.sound() && brew.early().isPresent() && brew.late().isPresent()) {
                stored.add(Stored.pot(
                        brew.code(),
                        brew.name(),
                        brew.method(),
                        book.productOf(brew.method()),
                        brew.amount(),
                        later(garden.day(brew.early().get()), today),
                        later(garden.day(brew.late().get()), today),
                        brew.pot().toString(),
                        Optional.ofNullable(steps.get(brew.pot()))));
            }
        }
        return stored;
    }

    static Choices choices(List<StoredChoice> all) {
        Map<String, String> methods = new HashMap<>();
        Map<String, String> spots = new HashMap<>();
        Set<String> bought = new HashSet<>();
        int fill = Choices.USUAL_FILL_DAYS;
        for (StoredChoice choice : all) {
            choice.methodId().ifPresent(method -> methods.put(choice.product(), method));
            choice.placeId().ifPresent(place -> spots.put(choice.product(), place.toString()));
            if (choice.bought()) {
                bought.add(choice.product());
            }
            fill = choice.fillDays().orElse(fill);
        }
        return new Choices(methods, spots, bought, fill);
    }

    /**
     * What a plan is made from.
     *
     * @param kept what the gardener last agreed to
     * @param pots the pots that carry out steps: step by pot
     */
    record Basis(
            Workshop workshop,
            List<StoredGoal> goals,
            List<Kept> kept,
            List<StoredChoice> choices,
            Map<UUID, String> pots) {
        List<Goal> wanted() {
            return goals.stream().map(StoredGoal::goal).toList();
        }
    }
}
