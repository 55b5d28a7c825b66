package potmellow.app.welcome;

import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.FieldProblem;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.moment.Clockface;
import potmellow.core.moment.WallClock;
import potmellow.core.naming.PlainName;
import potmellow.core.scaling.Setting;
import potmellow.core.sun.Sun;
import potmellow.core.water.Tap;
import potmellow.core.weather.Climate;

/** What the first run asks, and what it lays out. */
@RestController
class WelcomeController {
    private static final Mass LEAST_LIFT = Mass.ofKilograms(1);
    private static final Mass MOST_LIFT = Mass.ofKilograms(200);

    private final GardenService gardens;
    private final Furnishing furnishing;

    WelcomeController(GardenService gardens, Furnishing furnishing) {
        this.gardens = gardens;
        this.furnishing = furnishing;
    }

    /** The choices of the four questions, with the garden's answers so far, and what would be laid out. */
    @GetMapping("/api/welcome")
    WelcomeView welcome() {
        Garden garden = gardens.current();
        return new WelcomeView(
                Arrays.stream(Tap.values())
                        .map(tap -> new TapChoice(tap.name(), tap.words()))
                        .toList(),
                Arrays.stream(Clockface.values())
                        .map(face -> new ClockChoice(face, face.words()))
                        .toList(),
                Arrays.stream(Climate.values())
                        .map(climate -> new ClimateChoice(
                                climate.name(), climate.words(), AmountText.number(climate.usualLatitude())))
                        .toList(),
                new TreeSet<>(ZoneId.getAvailableZoneIds())
                        .stream()
                                .filter(zone ->
                                        zone.contains("/") && !zone.startsWith("Etc/") && !zone.startsWith("SystemV/"))
                                .toList(),
                AmountText.mass(Setting.USUAL_LIFT, garden.units()),
                Furnishing.PLACES.stream()
                        .map(place -> place.words(garden.units()))
                        .toList(),
                Furnishing.VESSELS.stream()
                        .map(vessel -> vessel.words(garden.units()))
                        .toList());
    }

    /** Takes the answers; a garden without places or vessels gets the ones that were chosen. */
    @ForAtLeast(Role.OWNER)
    @PutMapping("/api/welcome")
    Welcomed answer(@RequestBody AnswerWelcome request) {
        Garden garden = gardens.current();
        PlainName name = FieldProblem.reading("name", () -> new PlainName(request.name()));
        ZoneId zone = FieldProblem.reading("zone", () -> zone(request.zone()));
        Optional<Double> latitude = request.latitude()
                .filter(typed -> !typed.isBlank())
                .map(typed -> FieldProblem.reading("latitude", () -> latitude(typed, request.units())));
        Mass lift = FieldProblem.reading(
                "canLift",
                () -> new AmountReader(request.units()).mass("What you lift", weight(request), LEAST_LIFT, MOST_LIFT));
        Garden answered = gardens.answer(
                name,
                new WallClock(zone, request.clockface().orElse(garden.wall().face())),
                new GardenService.Answers(request.units(), request.tap(), request.climate(), latitude, lift),
                request.version());
        furnishing.layOut(answered, request.places(), request.vessels());
        return new Welcomed(answered.name());
    }

    /** "52", "52.1° N", "33 S": south of the equator counts below nothing. */
    private static double latitude(String typed, UnitSystem units) {
        String plain = typed.replace("°", " ").strip();
        boolean south = plain.toLowerCase(Locale.ROOT).matches(".*\\bs(outh)?$");
        String number = plain.replaceFirst("(?i)\\s*(north|south|n|s)$", "").strip();
        double degrees = new AmountReader(units).number("The latitude", number, -Sun.MOST, Sun.MOST);
        return south ? -Math.abs(degrees) : degrees;
    }

    /** A bare number is what people lift in kilograms or pounds, not in grams or ounces. */
    private static String weight(AnswerWelcome request) {
        String typed = request.canLift().strip();
        boolean bare = !typed.isEmpty() && Character.isDigit(typed.charAt(typed.length() - 1));
        return bare ? typed + (request.units() == UnitSystem.METRIC ? " kg" : " lb") : typed;
    }

    private static ZoneId zone(String text) {
        // An offset alone knows no summer time, and calendars know no such zone.
        if (!ZoneId.getAvailableZoneIds().contains(text)) {
            throw InvalidInput.unreadable("The time zone", text, "Choose one from the list, such as Europe/London.");
        }
        return ZoneId.of(text);
    }

    /**
     * The answers.
     *
     * @param clockface how hours are written; left out for as before
     * @param latitude degrees north, as typed; left out or blank for where gardens of the climate usually lie
     * @param canLift what is lifted, as typed
     * @param places numbers of the suggested places that are wanted
     * @param vessels numbers of the suggested vessels that are wanted
     * @param version the garden's version that they were made on
     */
    record AnswerWelcome(
            String name,
            UnitSystem units,
            Tap tap,
            String zone,
            Optional<Clockface> clockface,
            Climate climate,
            Optional<String> latitude,
            String canLift,
            List<Integer> places,
            List<Integer> vessels,
            int version) {
        AnswerWelcome {
            clockface = clockface == null ? Optional.empty() : clockface;
            latitude = latitude == null ? Optional.empty() : latitude;
            places = places == null ? List.of() : List.copyOf(places);
            vessels = vessels == null ? List.of() : List.copyOf(vessels);
        }
    }

    record Welcomed(String name) {}

    record TapChoice(String id, String words) {}

    /** @param words how it writes half past four in the afternoon */
    record ClockChoice(Clockface id, String words) {}

    /** @param latitude where such gardens usually lie, degrees north */
    record ClimateChoice(String id, String words, String latitude) {}

    /**
     * @param usualLift what people are taken to lift
     * @param places suggested places, in words
     * @param vessels suggested vessels, in words
     */
    record WelcomeView(
            List<TapChoice> taps,
            List<ClockChoice> clocks,
            List<ClimateChoice> climates,
            List<String> zones,
            String usualLift,
            List<String> places,
            List<String> vessels) {}
}
