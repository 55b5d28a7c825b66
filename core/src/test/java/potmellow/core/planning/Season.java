package potmellow.core.planning;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import potmellow.core.book.Book;
import potmellow.core.book.Light;
import potmellow.core.book.Method;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.place.PlaceModel;
import potmellow.core.ripening.Expectation;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.water.Tap;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.Outdoors;
import potmellow.core.weather.Weather;

/** Gardens to plan in: one place indoors and one outdoors, both of a steady warmth that the windows are told for. */
final class Season {
    static final Book BOOK = Book.load();
    static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
    static final ZoneId ZONE = ZoneId.of("Europe/London");

    private Season() {}

    /** At 24 °C the lactic and bran windows are the calendar's. */
    static Workshop warm(Vat... vats) {
        return steady(24, List.of(vats));
    }

    static Workshop steady(double celsius, List<Vat> vats) {
        return workshop(List.of(indoors("Shelf", celsius), outdoors("Wall", celsius)), vats, dry(12));
    }

    static Workshop workshop(List<Spot> spots, List<Vat> vats, Weather weather) {
        return new Workshop(
                BOOK,
                UnitSystem.METRIC,
                ZONE,
                TODAY,
                new Outdoors(weather, ZONE),
                Tap.NONE,
                Mass.ofKilograms(15),
                spots,
                vats,
                List.of(),
                Choices.none(),
                method -> Expectation.of(method.lastStage()),
                method -> 1);
    }

    static Workshop storing(Workshop is, Stored... stored) {
        return with(is, is.vats(), List.of(stored), is.today());
    }

    static Workshop on(Workshop is, LocalDate today) {
        return with(is, is.vats(), is.stored(), today);
    }

    static Workshop with(Workshop is, List<Vat> vats, List<Stored> stored, LocalDate today) {
        return new Workshop(
                is.book(),
                is.units(),
                is.zone(),
                today,
                is.outdoors(),
                is.tap(),
                is.canLift(),
                is.spots(),
                vats,
                stored,
                is.choices(),
                is.expectation(),
                is.yieldShare());
    }

    static Workshop taking(Workshop is, Function<Method, Expectation> expectation) {
        return new Workshop(
                is.book(),
                is.units(),
                is.zone(),
                is.today(),
                is.outdoors(),
                is.tap(),
                is.canLift(),
                is.spots(),
                is.vats(),
                is.stored(),
                is.choices(),
                expectation,
                is.yieldShare());
    }

    static Spot indoors(String name, double celsius) {
        return new Spot(name, name, new PlaceModel.Steady(Temperature.ofCelsius(celsius)), Light.DARK, false);
    }

    static Spot outdoors(String name, double celsius) {
        return new Spot(name, name, new PlaceModel.Steady(Temperature.ofCelsius(celsius)), Light.SHADE, true);
    }

    /** Weather that is the same every day, and never rains. */
    static Weather dry(double celsius) {
        return day -> new DayWeather(day, celsius - 3, celsius + 3, 0, 2, DayWeather.Origin.USUAL);
    }

    static Vat vat(String code, VesselKind kind, double litres) {
        return new Vat(code, Vessel.of(code, kind, Volume.ofLitres(litres)));
    }

    static Vat busy(Vat vat, LocalDate until) {
        return new Vat(vat.id(), vat.vessel(), vat.heldAnaerobic(), Optional.of(until));
    }

    /** Vessels enough for every chain of the book. */
    static List<Vat> plenty() {
        List<Vat> vats = new ArrayList<>();
        for (int i = 1; i <= 4; i++) {
            vats.add(vat("J" + i, VesselKind.JAR, 3));
            vats.add(vat("B" + i, VesselKind.BUCKET, 20));
        }
        vats.add(vat("D1", VesselKind.DRUM, 60));
        vats.add(vat("K1", VesselKind.BIN, 16));
        vats.add(vat("W1", VesselKind.BOX, 60));
        vats.add(vat("W2", VesselKind.BOX, 6));
        vats.add(vat("T1", VesselKind.TRAY, 6));
        return vats;
    }

    static Goal once(String product, double litres, LocalDate by) {
        return new Goal.Once("goal-" + product, product, Volume.ofLitres(litres), by);
    }

    static Plan.Step step(Plan plan, String method) {
        return plan.steps().stream()
                .filter(step -> step.method().id().equals(method))
                .findFirst()
                .orElseThrow(() -> new AssertionError("No step " + method + " among " + plan.steps()));
    }

    static List<Note> notes(Plan plan, Note.Kind kind) {
        return plan.notes().stream().filter(note -> note.kind() == kind).toList();
    }

    static Note note(Plan plan, Note.Kind kind) {
        return notes(plan, kind).stream()
                .findFirst()
                .orElseThrow(() -> new AssertionError("No note " + kind + " among " + plan.notes()));
    }

    static Workshop changed(Workshop is, UnaryOperator<Choices> choices) {
        return is.choosing(choices.apply(is.choices()));
    }
}
