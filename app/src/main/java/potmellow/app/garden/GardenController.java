package potmellow.app.garden;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.Settings;
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;
import potmellow.app.problem.FieldProblem;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.HomeMeasure;
import potmellow.core.measure.UnitSystem;
import potmellow.core.moment.Clockface;
import potmellow.core.water.Tap;
import potmellow.core.weather.Climate;

@RestController
@RequestMapping("/api/garden")
class GardenController {
    private final GardenService gardens;
    private final Settings settings;
    private final Clock clock;

    GardenController(GardenService gardens, Settings settings, Clock clock) {
        this.gardens = gardens;
        this.settings = settings;
        this.clock = clock;
    }

    @ForAtLeast(Role.LOOKER)
    @GetMapping
    GardenView garden() {
        return view(gardens.current());
    }

    @ForAtLeast(Role.OWNER)
    @PutMapping("/units")
    GardenView changeUnits(@RequestBody ChangeUnits change) {
        return view(gardens.changeUnits(change.units(), change.version()));
    }

    /** Puts simulated instruments in place of real ones, or away. */
    @ForAtLeast(Role.OWNER)
    @PutMapping("/stand-ins")
    GardenView changeStandIns(@RequestBody ChangeStandIns change) {
        return view(gardens.changeStandIns(change.standIns(), change.version()));
    }

    /** Keeps what one of the garden's own measures holds, such as a capful. */
    @PutMapping("/sizes/{measure}")
    GardenView keepSize(@PathVariable String measure, @RequestBody KeepSize keep) {
        HomeMeasure one = FieldProblem.reading("measure", () -> HomeMeasure.of(measure));
        AmountReader reader = new AmountReader(gardens.current().units());
        String name = "The " + one.words();
        return view(gardens.size(
                one,
                FieldProblem.reading(
                        "size", () -> reader.smallVolume(name, keep.size(), HomeMeasure.LEAST, HomeMeasure.MOST))));
    }

    /** Forgets what one of them holds; it is asked again where it is met. */
    @DeleteMapping("/sizes/{measure}")
    GardenView forgetSize(@PathVariable String measure) {
        return view(gardens.forgetSize(FieldProblem.reading("measure", () -> HomeMeasure.of(measure))));
    }

    private GardenView view(Garden garden) {
        Instant now = clock.instant();
        return new GardenView(
                garden.name(),
                garden.zone().getId(),
                garden.wall().face(),
                garden.units(),
                garden.tap(),
                garden.climate(),
                garden.latitude(),
                AmountText.mass(garden.canLift(), garden.units()),
                sizes(garden),
                garden.standIns(),
                garden.welcomed(),
                garden.version(),
                now,
                garden.day(now),
                settings.demo(),
                gardens.clockTrouble(garden, now));
    }

    private static List<HomeSize> sizes(Garden garden) {
        return garden.sizes().all().stream()
                .map(sized ->
                        new HomeSize(sized.measure().name(), sized.measure().words(), sized.size()))
                .toList();
    }

    /** @param size what it holds, as typed */
    record KeepSize(String size) {}

    /**
     * What one of the garden's own measures holds.
     *
     * @param words what it is called
     */
    record HomeSize(String measure, String words, String size) {}

    record ChangeUnits(UnitSystem units, int version) {}

    record ChangeStandIns(boolean standIns, int version) {}

    /**
     * The garden as every screen's head shows it.
     *
     * @param clockface whether its hours are written 16:30 or 4:30 pm
     * @param latitude degrees north; absent for where gardens of its climate usually lie
     * @param canLift what its gardener lifts
     * @param sizes what its own measures hold, as far as they were asked
     * @param standIns whether simulated instruments stand in for real ones
     * @param welcomed whether the questions of the first run are answered
     * @param now the moment of answering
     * @param today the calendar day there
     * @param clock what is wrong with the machine's clock; left out where nothing is
     * @param demo whether this is the sample world, made anew at each start
     */
    record GardenView(
            String name,
            String zone,
            Clockface clockface,
            UnitSystem units,
            Tap tap,
            Climate climate,
            Optional<Double> latitude,
            String canLift,
            List<HomeSize> sizes,
            boolean standIns,
            boolean welcomed,
            int version,
            Instant now,
            LocalDate today,
            boolean demo,
            Optional<String> clock) {}
}
