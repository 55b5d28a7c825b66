package potmellow.app.recipe;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.place.Place;
import potmellow.app.place.PlaceService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.app.vessel.Occupancy;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Anchor;
import potmellow.core.scaling.Scaling;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/** Scales methods with what the garden has. */
@Service
public class RecipeService {
    private static final double NEW_VESSEL_STEP_MILLILITRES = 250;

    private final Book book;
    private final VesselService vessels;
    private final Occupancy occupancy;
    private final PlaceService places;

    RecipeService(Book book, VesselService vessels, Occupancy occupancy, PlaceService places) {
        this.book = book;
        this.vessels = vessels;
        this.occupancy = occupancy;
        this.places = places;
    }

    /**
     * Works out a recipe; rules that refuse are findings of it, not errors.
     *
     * @throws FieldProblem for an entry that can't be read or is out of range
     * @throws Conflict for a vessel that holds something already
     */
    @Transactional(readOnly = true)
    public WorkedRecipe work(Garden garden, RecipeRequest request) {
        Method method = book.method(request.methodId()).orElseThrow(() -> new Missing("way of making it"));
        Material sugar = sugar(method, request.sugarId());
        Lid lid = request.lid().orElse(method.vessel().lids().get(0));
        Place place = place(garden, method, request.placeId());
        Scaling scaling = new Scaling(book, method, sugar, garden.units());
        AmountReader reader = new AmountReader(garden.units());

        Optional<OwnVessel> own = Optional.empty();
        Vessel vessel;
        if (request.capacity().filter(text -> !text.isBlank()).isPresent()) {
            vessel = newVessel(garden, capacity(reader, request.capacity().get()));
        } else if (request.vesselId().isPresent()) {
            own = Optional.of(vessels.get(garden, request.vesselId().get()));
            vessel = free(garden, own.get());
        } else {
            own = suggested(garden, scaling, request, reader);
            vessel = own.map(OwnVessel::vessel).orElseGet(() -> newVessel(garden, request, scaling, reader));
        }
        Scaling.Setting setting =
                new Scaling.Setting(vessel.code(), vessel.capacity(), lid, place.name(), place.light());
        return new WorkedRecipe(
                scaling.recipe(anchor(request, reader, vessel.capacity()), setting),
                own.map(OwnVessel::id),
                vessel,
                lid,
                sugar,
                place);
    }

    private static Anchor anchor(RecipeRequest request, AmountReader reader, Volume capacity) {
        return switch (request.anchor()) {
            case IN_HAND -> new Anchor.InHand(plant(request, reader));
            case JUICE -> new Anchor.Wanted(juice(request, reader));
            case VESSEL -> new Anchor.FillVessel(capacity);
        };
    }

    private static Mass plant(RecipeRequest request, AmountReader reader) {
        return FieldProblem.reading(
                "amount",
                () -> reader.mass(
                        "The plant in hand", request.amount().orElse(""), Anchor.LEAST_PLANT, Anchor.MOST_PLANT));
    }

    private static Volume juice(RecipeRequest request, AmountReader reader) {
        return FieldProblem.reading(
                "amount",
                () -> reader.smallVolume(
                        "The juice wanted", request.amount().orElse(""), Anchor.LEAST_JUICE, Anchor.MOST_JUICE));
    }

    private static Volume capacity(AmountReader reader, String text) {
        return FieldProblem.reading(
                "capacity", () -> reader.largeVolume("The size of the jar", text, Vessel.SMALLEST, Vessel.LARGEST));
    }

    /** The smallest free vessel that holds it; the largest free one where none does, so that the refusal can name it. */
    private Optional<OwnVessel> suggested(Garden garden, Scaling scaling, RecipeRequest request, AmountReader reader) {
        Map<UUID, String> held = occupancy.held(garden.id());
        List<OwnVessel> free = vessels.all(garden).stream()
                .filter(own -> !held.containsKey(own.id()))
                .toList();
        Optional<OwnVessel> largest =
                free.stream().max(Comparator.comparing(own -> own.vessel().capacity()));
        if (request.anchor() == RecipeRequest.AnchorKind.VESSEL) {
            return free.stream().findFirst();
        }
        Volume needed = needed(scaling, request, reader);
        return Vessel.smallestHolding(
                        needed, free.stream().map(OwnVessel::vessel).toList())
                .flatMap(vessel ->
                        free.stream().filter(own -> own.vessel().equals(vessel)).findFirst())
                .or(() -> largest);
    }

    private static Volume needed(Scaling scaling, RecipeRequest request, AmountReader reader) {
        Anchor anchor = anchor(request, reader, Vessel.SMALLEST);
        return scaling.capacityFor(scaling.plant(anchor).value().measured());
    }

    private Vessel newVessel(Garden garden, RecipeRequest request, Scaling scaling, AmountReader reader) {
        if (request.anchor() == RecipeRequest.AnchorKind.VESSEL) {
            return newVessel(garden, Volume.ofLitres(1));
        }
        double millilitres = needed(scaling, request, reader).millilitres();
        return newVessel(
                garden,
                Volume.ofMillilitres(
                        Math.ceil(millilitres / NEW_VESSEL_STEP_MILLILITRES) * NEW_VESSEL_STEP_MILLILITRES));
    }

    private Vessel newVessel(Garden garden, Volume capacity) {
        return new Vessel(vessels.nextCode(garden, VesselKind.JAR), VesselKind.JAR, capacity);
    }

    private Vessel free(Garden garden, OwnVessel own) {
        String holds = occupancy.held(garden.id()).get(own.id());
        if (holds != null) {
            throw new Conflict(
                    "vessel-taken",
                    own.vessel().code() + " already holds " + holds + ". Choose another vessel, or empty it first.");
        }
        return own.vessel();
    }

    private Material sugar(Method method, Optional<String> id) {
        String chosen = id.orElse(method.sugar().choices().get(0));
        return book.material(chosen)
                .orElseThrow(() -> new FieldProblem(
                        "sugar",
                        InvalidInput.notAChoice(
                                "The sugar", chosen, method.sugar().choices())));
    }

    private Place place(Garden garden, Method method, Optional<UUID> id) {
        if (id.isPresent()) {
            return places.get(garden, id.get());
        }
        List<Place> all = places.all(garden);
        return all.stream()
                .filter(place -> place.light().suits(method.light()))
                .findFirst()
                .or(() -> all.stream().findFirst())
                .orElseThrow(() -> new Missing("place"));
    }
}
