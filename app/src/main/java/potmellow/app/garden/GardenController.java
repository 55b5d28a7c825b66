package potmellow.app.garden;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.Settings;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
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

    @GetMapping
    GardenView garden() {
        return view(gardens.current());
    }

    @PutMapping("/units")
    GardenView changeUnits(@RequestBody ChangeUnits change) {
        return view(gardens.changeUnits(change.units(), change.version()));
    }

    /** Puts simulated instruments in place of real ones, or away. */
    @PutMapping("/stand-ins")
    GardenView changeStandIns(@RequestBody ChangeStandIns change) {
        return view(gardens.changeStandIns(change.standIns(), change.version()));
    }

    private GardenView view(Garden garden) {
        Instant now = clock.instant();
        return new GardenView(
                garden.name(),
                garden.zone().getId(),
                garden.units(),
                garden.tap(),
                garden.climate(),
                garden.latitude(),
                AmountText.mass(garden.canLift(), garden.units()),
                garden.standIns(),
                garden.welcomed(),
                garden.version(),
                now,
                garden.day(now),
                settings.demo());
    }

    record ChangeUnits(UnitSystem units, int version) {}

    record ChangeStandIns(boolean standIns, int version) {}

    /**
     * The garden as every screen's head shows it.
     *
     * @param latitude degrees north; absent for where gardens of its climate usually lie
     * @param canLift what its gardener lifts
     * @param standIns whether simulated instruments stand in for real ones
     * @param welcomed whether the questions of the first run are answered
     * @param now the moment of answering
     * @param today the calendar day there
     * @param demo whether this is the sample world, made anew at each start
     */
    record GardenView(
            String name,
            String zone,
            UnitSystem units,
            Tap tap,
            Climate climate,
            Optional<Double> latitude,
            String canLift,
            boolean standIns,
            boolean welcomed,
            int version,
            Instant now,
            LocalDate today,
            boolean demo) {}
}
