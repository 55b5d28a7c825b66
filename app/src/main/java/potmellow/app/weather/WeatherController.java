package potmellow.app.weather;

import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.answer.WorkingView;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;
import potmellow.app.problem.FieldProblem;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.FrostDates;
import potmellow.core.weather.SimulatedWeather;
import potmellow.core.weather.Weather;
import potmellow.core.working.Working;

@RestController
@RequestMapping("/api/weather")
class WeatherController {
    private static final int DAYS_BACK = 14;
    private static final Temperature COLDEST = Temperature.ofCelsius(-60);
    private static final Temperature HOTTEST = Temperature.ofCelsius(60);
    private static final double MOST_RAIN = 2000;
    private static final double MOST_WIND = 100;

    private final GardenService gardens;
    private final WeatherService weather;
    private final Clock clock;

    WeatherController(GardenService gardens, WeatherService weather, Clock clock) {
        this.gardens = gardens;
        this.weather = weather;
        this.clock = clock;
    }

    /** The last two weeks, today, and the forecast of ten days, with the usual frost dates. */
    @GetMapping
    WeatherView weather() {
        Garden garden = gardens.current();
        LocalDate today = garden.day(clock.instant());
        Weather days = weather.weather(garden, today);
        Working<FrostDates> frost = FrostDates.of(garden.climate(), today.getYear(), garden.units());
        return new WeatherView(
                today.minusDays(DAYS_BACK)
                        .datesUntil(today.plusDays(SimulatedWeather.FORECAST_DAYS + 1L))
                        .map(day -> DayView.of(days.on(day), garden.units()))
                        .toList(),
                frost.value().lastOfSpring(),
                frost.value().firstOfAutumn(),
                WorkingView.of(frost),
                WeatherFile.COLUMNS);
    }

    /** Writes a day down. */
    @PutMapping("/days/{day}")
    DayView write(@PathVariable LocalDate day, @RequestBody WriteDay request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        if (day.isAfter(garden.day(now))) {
            throw new FieldProblem(
                    "day",
                    InvalidInput.unreadable("The day", day.toString(), "It lies ahead: that is no weather yet."));
        }
        AmountReader reader = garden.reader();
        double low = FieldProblem.reading(
                "low",
                () -> reader.temperature("The lowest temperature", request.low(), COLDEST, HOTTEST)
                        .celsius());
        double high = FieldProblem.reading(
                "high",
                () -> reader.temperature("The highest temperature", request.high(), Temperature.ofCelsius(low), HOTTEST)
                        .celsius());
        double rain = FieldProblem.reading(
                "rain", () -> reader.number("The rain in millimetres", orNothing(request.rain()), 0, MOST_RAIN));
        double wind = FieldProblem.reading(
                "wind", () -> reader.number("The wind in metres a second", orNothing(request.wind()), 0, MOST_WIND));
        Optional<DayWeather.Shower> shower = FieldProblem.reading(
                "rainHours",
                () -> DayWeather.Shower.read(
                        request.rainFrom().orElse(""), request.rainUntil().orElse("")));
        DayWeather written = new DayWeather(day, low, high, rain, wind, DayWeather.Origin.TYPED, shower);
        weather.enter(garden, List.of(written), now);
        return DayView.of(written, garden.units());
    }

    /** Reads a CSV file and tells what it holds; nothing is stored. */
    @PostMapping("/previews")
    @NoAct
    FileView preview(@RequestBody WeatherText request) {
        Garden garden = gardens.current();
        return FileView.of(read(garden, request), garden.units());
    }

    /** Takes the good rows of a CSV file in. */
    @PostMapping("/imports")
    FileView take(@RequestBody WeatherText request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        List<WeatherFile.WeatherRow> rows = read(garden, request);
        weather.enter(garden, rows.stream().flatMap(row -> row.day().stream()).toList(), now);
        return FileView.of(rows, garden.units());
    }

    private List<WeatherFile.WeatherRow> read(Garden garden, WeatherText request) {
        return FieldProblem.reading("text", () -> WeatherFile.read(request.text(), garden.day(clock.instant())));
    }

    private static String orNothing(Optional<String> text) {
        return text.filter(typed -> !typed.isBlank()).orElse("0");
    }

    /**
     * A day as it was.
     *
     * @param low its lowest temperature, as typed
     * @param high its highest temperature, as typed
     * @param rain in millimetres, as typed; none where it is left out
     * @param wind in metres a second, as typed; none where it is left out
     * @param rainFrom when the rain begins, by the clock; left out where nobody knows
     * @param rainUntil when it ends
     */
    record WriteDay(
            String low,
            String high,
            Optional<String> rain,
            Optional<String> wind,
            Optional<String> rainFrom,
            Optional<String> rainUntil) {
        WriteDay {
            rainFrom = rainFrom == null ? Optional.empty() : rainFrom;
            rainUntil = rainUntil == null ? Optional.empty() : rainUntil;
        }
    }

    /** @param text the file */
    record WeatherText(@Size(max = 2_000_000) String text) {}

    /**
     * A day.
     *
     * @param words its weather in words
     * @param origin where that comes from
     * @param originWords the same in words
     * @param real whether a gardener measured it
     */
    record DayView(
            LocalDate day,
            double low,
            double high,
            double rain,
            double wind,
            String words,
            DayWeather.Origin origin,
            String originWords,
            boolean real) {
        static DayView of(DayWeather day, UnitSystem units) {
            return new DayView(
                    day.day(),
                    day.low(),
                    day.high(),
                    day.rainMillimetres(),
                    day.windMetresPerSecond(),
                    WeatherWords.day(day, units),
                    day.origin(),
                    day.origin().words(),
                    day.origin().real());
        }
    }

    /**
     * @param lastFrost when frost is usually over; absent where there is none
     * @param firstFrost when it usually comes back
     * @param frostWorking how these days were reached
     * @param columns the columns of a CSV file
     */
    record WeatherView(
            List<DayView> days,
            Optional<LocalDate> lastFrost,
            Optional<LocalDate> firstFrost,
            WorkingView frostWorking,
            List<String> columns) {}

    /**
     * What a file holds.
     *
     * @param days the days that can be taken in
     * @param broken what is wrong with the other rows
     */
    record FileView(List<DayView> days, List<BrokenRow> broken) {
        static FileView of(List<WeatherFile.WeatherRow> rows, UnitSystem units) {
            return new FileView(
                    rows.stream()
                            .flatMap(row -> row.day().stream())
                            .map(day -> DayView.of(day, units))
                            .toList(),
                    rows.stream()
                            .filter(row -> row.day().isEmpty())
                            .map(row -> new BrokenRow(row.line(), row.why()))
                            .toList());
        }
    }

    record BrokenRow(long line, String why) {}
}
