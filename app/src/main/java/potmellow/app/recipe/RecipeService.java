package potmellow.app.recipe;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.history.HistoryService;
import potmellow.app.place.Place;
import potmellow.app.place.PlaceService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.app.vessel.Occupancy;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.app.weather.WeatherService;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.feeding.Need;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.pantry.Kept;
import potmellow.core.pantry.Larder;
import potmellow.core.scaling.Anchor;
import potmellow.core.scaling.PlaceChoice;
import potmellow.core.scaling.Recipe;
import potmellow.core.scaling.Scaling;
import potmellow.core.scaling.Setting;
import potmellow.core.scaling.VesselChoice;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.weather.Outdoors;

/** Scales methods with what the garden has. */
@Service
public class RecipeService {
    private static final double NEW_VESSEL_STEP_MILLILITRES = 250;
    private static final Volume USUAL_NEW_VESSEL = Volume.ofLitres(1);

    private final BookService books;
    private final VesselService vessels;
    private final Occupancy occupancy;
    private final PlaceService places;
    private final WeatherService weather;
    private final HistoryService history;
    private final BottleService bottles;
    private final Residues residues;

    RecipeService(
            BookService books,
            VesselService vessels,
            Occupancy occupancy,
            PlaceService places,
            WeatherService weather,
            HistoryService history,
            BottleService bottles,
            Residues residues) {
        this.books = books;
        this.vessels = vessels;
        this.occupancy = occupancy;
        this.places = places;
        this.weather = weather;
        this.history = history;
        this.bottles = bottles;
        this.residues = residues;
    }

    /**
     * Works out a recipe; rules that refuse are findings of it, not errors.
     *
     * @param now the moment of asking
     * @throws FieldProblem for an entry that can't be read or is out of range
     * @throws Conflict for a vessel that holds something already, or is retired
     */
    @Transactional(readOnly = true)
    public WorkedRecipe work(Garden garden, RecipeRequest request, Instant now) {
        Book book = books.current(garden);
        Method method = book.method(request.methodId()).orElseThrow(() -> new Missing("way of making it"));
        Scaling scaling = new Scaling(book, method, materials(book, method, request.materials()), garden.units());
        Anchor anchor = new AnchorReader(garden, book, method).read(request);
        Lid lid = request.lid().orElse(method.vessel().lids().get(0));
        Outdoors outdoors = weather.outdoors(garden, now);
        VesselKind kind = request.kind().orElse(method.vessel().kinds().get(0));
        Optional<Double> hoursToSunrise = hoursToSunrise(garden, now);
        Function<Setting.Spot, Setting> at = spot ->
                setting(garden, request, lid, spot, Vessel.of("?", kind, USUAL_NEW_VESSEL), false, hoursToSunrise);
        Place place = place(garden, request.placeId(), all -> {
            List<Setting.Spot> spots =
                    all.stream().map(one -> one.spot(outdoors, now, method)).toList();
            return recipe(() -> PlaceChoice.of(scaling, anchor, at.apply(spots.get(0)), spots));
        });
        Setting.Spot spot = place.spot(outdoors, now, method);
        Setting setting = at.apply(spot);

        Optional<OwnVessel> own = Optional.empty();
        List<Vessel> split = List.of();
        Vessel vessel;
        if (request.capacity().filter(text -> !text.isBlank()).isPresent()) {
            vessel = newVessel(garden, kind, capacity(garden, request.capacity().get()));
        } else if (request.vesselId().isPresent()) {
            own = Optional.of(vessels.get(garden, request.vesselId().get()));
            vessel = free(garden, own.get());
        } else {
            List<OwnVessel> free = vessels.free(garden);
            Set<UUID> smelling = occupancy.heldAnaerobic(garden.id());
            VesselChoice choice = recipe(() -> VesselChoice.of(
                    scaling,
                    anchor,
                    setting,
                    free.stream().map(OwnVessel::vessel).toList(),
                    known -> free.stream().anyMatch(one -> one.vessel().equals(known) && smelling.contains(one.id()))));
            own = choice.vessel()
                    .flatMap(chosen -> free.stream()
                            .filter(one -> one.vessel().equals(chosen))
                            .findFirst());
            split = choice.split();
            vessel = own.map(OwnVessel::vessel).orElseGet(() -> newVessel(garden, kind, scaling, anchor, setting));
        }
        boolean smells = own.map(OwnVessel::id)
                .filter(occupancy.heldAnaerobic(garden.id())::contains)
                .isPresent();
        Setting where = setting(garden, request, lid, spot, vessel, smells, hoursToSunrise);
        Recipe recipe = recipe(() -> scaling.recipe(anchor, where));
        List<Bottle> store = store(
                garden,
                recipe,
                request.from().values().stream().flatMap(List::stream).toList(),
                now);
        return new WorkedRecipe(
                book,
                recipe,
                own.map(OwnVessel::id),
                vessel,
                split,
                lid,
                place,
                spot,
                outdoors,
                anchor,
                history.of(garden),
                new Larder(book, store.stream().map(RecipeService::kept).toList(), garden.day(now))
                        .supplies(recipe, asked(request, recipe, store)),
                store,
                request.refills().flatMap(pot -> residues.shells(garden, pot)));
    }

    /** The bottles that were there by then; not read where nothing brewed goes in. */
    private List<Bottle> store(Garden garden, Recipe recipe, Collection<UUID> asked, Instant now) {
        boolean brewed = recipe.parts().stream()
                .anyMatch(part -> part.material().product().isPresent());
        return brewed
                ? bottles.inStore(garden, asked).stream()
                        .filter(bottle -> !bottle.bottledAt().isAfter(now))
                        .toList()
                : List.of();
    }

    private static Kept kept(Bottle bottle) {
        return new Kept(bottle.code(), bottle.productId(), bottle.level(), bottle.useBy(), bottle.nothingEdible());
    }

    /** What is told afterwards was made of bottles as they were then; what is in them today has been counted since. */
    private static Map<String, List<String>> asked(RecipeRequest request, Recipe recipe, List<Bottle> store) {
        Map<String, List<String>> asked = new HashMap<>();
        if (request.since().filter(said -> !said.isBlank()).isPresent()) {
            recipe.parts().forEach(part -> asked.put(part.id(), List.of()));
        }
        request.from()
                .forEach((part, ids) -> asked.put(
                        part,
                        ids.stream().map(id -> codeOf(recipe, part, id, store)).toList()));
        return asked;
    }

    private static String codeOf(Recipe recipe, String partId, UUID id, List<Bottle> store) {
        Bottle bottle =
                store.stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow(() -> new Missing("bottle"));
        boolean same = recipe.part(partId)
                .flatMap(part -> part.material().product())
                .filter(bottle.productId()::equals)
                .isPresent();
        if (!same) {
            throw new Conflict(
                    "other-brew", bottle.code() + " holds " + bottle.name() + ", which isn't what this part wants.");
        }
        return bottle.code();
    }

    private static <T> T recipe(Supplier<T> worked) {
        return FieldProblem.reading("amount", worked);
    }

    private static Setting setting(
            Garden garden,
            RecipeRequest request,
            Lid lid,
            Setting.Spot spot,
            Vessel vessel,
            boolean smells,
            Optional<Double> hoursToSunrise) {
        return new Setting(
                vessel, smells, lid, spot, garden.canLift(), garden.tap(), request.treatment(), hoursToSunrise);
    }

    private static Optional<Double> hoursToSunrise(Garden garden, Instant now) {
        return garden.sun()
                .nextSunrise(now, garden.wall())
                .map(rise -> Duration.between(now, rise).toMinutes() / 60.0);
    }

    private static Volume capacity(Garden garden, String text) {
        return FieldProblem.reading(
                "capacity",
                () -> garden.reader().largeVolume("The size of the vessel", text, Vessel.SMALLEST, Vessel.LARGEST));
    }

    private Vessel newVessel(Garden garden, VesselKind kind, Scaling scaling, Anchor anchor, Setting setting) {
        Volume needed = scaling.capacityFor(anchor, kind, setting).orElse(USUAL_NEW_VESSEL);
        double stepped = Math.ceil(needed.millilitres() / NEW_VESSEL_STEP_MILLILITRES) * NEW_VESSEL_STEP_MILLILITRES;
        double allowed = Math.max(Vessel.SMALLEST.millilitres(), Math.min(Vessel.LARGEST.millilitres(), stepped));
        return newVessel(garden, kind, Volume.ofMillilitres(allowed));
    }

    private Vessel newVessel(Garden garden, VesselKind kind, Volume capacity) {
        return Vessel.of(vessels.nextCode(garden, kind), kind, capacity);
    }

    private Vessel free(Garden garden, OwnVessel own) {
        String code = own.vessel().code();
        if (!own.inUse()) {
            throw new Conflict("retired", code + " is retired. Choose another vessel.");
        }
        String holds = occupancy.held(garden.id()).get(own.id());
        if (holds != null) {
            throw new Conflict(
                    "vessel-taken", code + " already holds " + holds + ". Choose another vessel, or empty it first.");
        }
        return own.vessel();
    }

    private static Map<String, Material> materials(Book book, Method method, Map<String, String> chosen) {
        Map<String, Material> materials = new HashMap<>();
        chosen.forEach((partId, materialId) -> {
            Part part = method.part(partId).orElse(null);
            if (part != null) {
                materials.put(
                        partId,
                        book.material(materialId)
                                .orElseThrow(() -> new FieldProblem(
                                        "materials." + partId,
                                        InvalidInput.notAChoice(
                                                "The choice for " + part.name(), materialId, part.choices()))));
            }
        });
        return materials;
    }

    private Place place(Garden garden, Optional<UUID> id, Function<List<Place>, Optional<Integer>> best) {
        if (id.isPresent()) {
            return places.get(garden, id.get());
        }
        List<Place> all = places.all(garden);
        if (all.isEmpty()) {
            throw new Missing("place");
        }
        return all.get(best.apply(all).orElse(0));
    }

    /** Reads the anchor of a request in the garden's units, and says beside which field something is wrong. */
    private record AnchorReader(Garden garden, Book book, Method method) {
        Anchor read(RecipeRequest request) {
            return switch (request.anchor()) {
                case IN_HAND -> inHand(request.inHand());
                case VESSEL -> new Anchor.FillVessel();
                case WANTED -> new Anchor.Wanted(wanted(request.wanted().orElse("")));
                case AREA -> toFeed(request);
            };
        }

        private Anchor inHand(Map<String, String> typed) {
            Map<String, Quantity> amounts = new LinkedHashMap<>();
            for (Part part : method.parts()) {
                String text = typed.getOrDefault(part.id(), "");
                if (part.scales() && !text.isBlank()) {
                    amounts.put(part.id(), amount(part, text));
                }
            }
            if (amounts.isEmpty()) {
                amounts.put(method.main().id(), amount(method.main(), ""));
            }
            return new Anchor.InHand(amounts);
        }

        private Quantity amount(Part part, String text) {
            Material usual = book.usual(part);
            return FieldProblem.reading(
                    "inHand." + part.id(),
                    () -> garden.reader()
                            .counted(
                                    part.name() + " in hand",
                                    text,
                                    usual.counting(),
                                    !usual.liquid(),
                                    Quantity.LEAST,
                                    Quantity.MOST));
        }

        private Quantity wanted(String text) {
            boolean solid = book.productOf(method).solid();
            return FieldProblem.reading("wanted", () -> garden.reader().quantity("The amount wanted", text, solid));
        }

        private Anchor toFeed(RecipeRequest request) {
            AmountReader reader = garden.reader();
            Target target = request.target().orElse(Target.SOIL);
            FieldProblem.reading("target", () -> book.productOf(method).allowedUse(target));
            return new Anchor.ToFeed(
                    FieldProblem.reading(
                            "area",
                            () -> reader.area(
                                    "The ground", request.area().orElse(""), Need.LEAST_AREA, Need.MOST_AREA)),
                    (int) Math.round(FieldProblem.reading(
                            "weeks",
                            () -> reader.number("The weeks", request.weeks().orElse(""), 1, Anchor.MOST_WEEKS))),
                    target);
        }
    }
}
