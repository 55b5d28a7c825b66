package potmellow.app.place;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.FieldProblem;
import potmellow.app.weather.WeatherService;
import potmellow.core.book.Light;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.naming.PlainName;
import potmellow.core.place.PlaceKind;
import potmellow.core.place.PlaceModel;
import potmellow.core.place.PlaceModel.Follows;
import potmellow.core.weather.Outdoors;

@RestController
@RequestMapping("/api/places")
class PlaceController {
    private static final Temperature COLDEST = Temperature.ofCelsius(-30);
    private static final Temperature HOTTEST = Temperature.ofCelsius(50);
    private static final double LEAST_CUBIC_METRES = 0.1;
    private static final double MOST_CUBIC_METRES = 10_000;
    private static final double LITRES = 1000;
    private static final double FAHRENHEIT_STEPS = 1.8;
    private static final double MINUTES = 60;

    private final GardenService gardens;
    private final PlaceService places;
    private final WeatherService weather;
    private final Clock clock;

    PlaceController(GardenService gardens, PlaceService places, WeatherService weather, Clock clock) {
        this.gardens = gardens;
        this.places = places;
        this.weather = weather;
        this.clock = clock;
    }

    @GetMapping
    List<PlaceView> places() {
        Garden garden = gardens.current();
        return views(garden, places.all(garden));
    }

    /** The kinds of places there are, with what their warmth usually does. */
    @GetMapping("/kinds")
    List<KindView> kinds() {
        UnitSystem units = gardens.current().units();
        return Arrays.stream(PlaceKind.values())
                .map(kind -> new KindView(
                        kind, kind.words(), kind.outdoors(), kind.usual().words(units), Fields.of(kind.usual(), units)))
                .toList();
    }

    @PostMapping
    PlaceView add(@RequestBody DescribePlace request) {
        Garden garden = gardens.current();
        return view(garden, places.add(garden, read(garden, request)));
    }

    @PutMapping("/{id}")
    PlaceView change(@PathVariable UUID id, @RequestBody DescribePlace request) {
        Garden garden = gardens.current();
        return view(garden, places.change(garden, id, read(garden, request), request.version()));
    }

    @PutMapping("/walk")
    List<PlaceView> walk(@RequestBody Walk walk) {
        Garden garden = gardens.current();
        return views(garden, places.walk(garden, walk.places(), walk.from()));
    }

    private static PlaceService.Description read(Garden garden, DescribePlace request) {
        AmountReader reader = garden.reader();
        PlainName name = FieldProblem.reading("name", () -> new PlainName(request.name()));
        Optional<Volume> room = request.room()
                .filter(text -> !text.isBlank() && !request.outdoors())
                .map(text -> FieldProblem.reading(
                        "room",
                        () -> Volume.ofLitres(LITRES
                                * reader.number(
                                        "The room in cubic metres", text, LEAST_CUBIC_METRES, MOST_CUBIC_METRES))));
        return new PlaceService.Description(
                name, request.kindOrUsual(), model(garden, reader, request), request.light(), request.outdoors(), room);
    }

    /** What is left out is as such places usually are. */
    private static PlaceModel model(Garden garden, AmountReader reader, DescribePlace request) {
        if (request.kindOrUsual().usual() instanceof Follows usual) {
            double step = garden.units() == UnitSystem.METRIC ? 1 : FAHRENHEIT_STEPS;
            double offset = given(request.warmer())
                    .map(text -> FieldProblem.reading(
                            "warmer",
                            () -> reader.number(
                                            "How much warmer than outdoors",
                                            text,
                                            Follows.LEAST_OFFSET * step,
                                            Follows.MOST_OFFSET * step)
                                    / step))
                    .orElse(usual.offsetKelvin());
            double damping = given(request.damping())
                    .map(text -> FieldProblem.reading(
                            "damping",
                            () -> reader.number("How much of the day's swing arrives", text, 0, Follows.MOST_DAMPING)))
                    .orElse(usual.damping());
            Duration lag = given(request.lagHours())
                    .map(text -> FieldProblem.reading(
                            "lagHours",
                            () -> Duration.ofMinutes(
                                    Math.round(MINUTES * reader.number("The hours it lags behind", text, 0, 24)))))
                    .orElse(usual.lag());
            return new Follows(offset, damping, lag);
        }
        return given(request.temperature())
                .<PlaceModel>map(text -> new PlaceModel.Steady(FieldProblem.reading(
                        "temperature", () -> reader.temperature("The usual warmth", text, COLDEST, HOTTEST))))
                .orElse(request.kindOrUsual().usual());
    }

    private static Optional<String> given(Optional<String> text) {
        return text.filter(typed -> !typed.isBlank());
    }

    private PlaceView view(Garden garden, Place place) {
        return views(garden, List.of(place)).get(0);
    }

    private List<PlaceView> views(Garden garden, List<Place> all) {
        Instant now = clock.instant();
        Outdoors outdoors = weather.outdoors(garden, now);
        return all.stream()
                .map(place -> PlaceView.of(place, outdoors, now, garden.units()))
                .toList();
    }

    /**
     * Describe a place.
     *
     * @param name what it is called
     * @param kind what kind of place; indoors or by a wall where it is left out
     * @param temperature its steady warmth, as typed; for places that have one
     * @param warmer how much warmer than outdoors, as typed, in degrees of the garden's units; for places in the weather
     * @param damping how much of the day's swing arrives, 0 to 2, as typed
     * @param lagHours how many hours late, as typed
     * @param light how light it is
     * @param outdoors whether it is outdoors
     * @param room cubic metres of the room, as typed; may be left out
     * @param version the version that a change was made on; 0 for a new place
     */
    record DescribePlace(
            String name,
            Optional<PlaceKind> kind,
            Optional<String> temperature,
            Optional<String> warmer,
            Optional<String> damping,
            Optional<String> lagHours,
            Light light,
            boolean outdoors,
            Optional<String> room,
            int version) {
        DescribePlace {
            kind = kind == null ? Optional.empty() : kind;
        }

        PlaceKind kindOrUsual() {
            return kind.orElse(outdoors ? PlaceKind.WALL : PlaceKind.INDOORS);
        }
    }

    /**
     * @param places in the order of the walk
     * @param from the order that it was made from; may be left out
     */
    record Walk(List<UUID> places, List<UUID> from) {
        Walk {
            from = from == null ? List.of() : List.copyOf(from);
        }
    }

    /**
     * @param usual what its warmth usually does, in words
     */
    record KindView(PlaceKind kind, String words, boolean outdoors, String usual, Fields fields) {}

    /** The numbers of a place, as they are typed. Empty texts for what it doesn't have. */
    record Fields(String temperature, String warmer, String damping, String lagHours) {
        static Fields of(PlaceModel model, UnitSystem units) {
            if (model instanceof Follows follows) {
                double step = units == UnitSystem.METRIC ? 1 : FAHRENHEIT_STEPS;
                return new Fields(
                        "",
                        AmountText.number(follows.offsetKelvin() * step, 1),
                        AmountText.number(follows.damping(), 2),
                        AmountText.number(follows.lag().toMinutes() / MINUTES, 1));
            }
            return new Fields(AmountText.temperature(((PlaceModel.Steady) model).temperature(), units), "", "", "");
        }
    }

    /**
     * @param temperature how warm it is now
     * @param usual what its warmth does, in words
     */
    record PlaceView(
            UUID id,
            String name,
            PlaceKind kind,
            String kindWords,
            String temperature,
            String usual,
            Fields fields,
            Light light,
            boolean outdoors,
            String room,
            int version) {
        static PlaceView of(Place place, Outdoors outdoors, Instant now, UnitSystem units) {
            return new PlaceView(
                    place.id(),
                    place.name(),
                    place.kind(),
                    place.kind().words(),
                    AmountText.temperature(place.warmth(outdoors, now), units),
                    place.model().words(units),
                    Fields.of(place.model(), units),
                    place.light(),
                    place.outdoors(),
                    place.room()
                            .map(room -> AmountText.number(room.litres() / LITRES, 2))
                            .orElse(""),
                    place.version());
        }
    }
}
