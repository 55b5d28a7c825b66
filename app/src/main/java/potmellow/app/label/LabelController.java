package potmellow.app.label;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.bottle.BottleView;
import potmellow.app.bottle.BottleViews;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.home.HomeNetwork;
import potmellow.app.pot.VesselHistory;
import potmellow.app.problem.Missing;
import potmellow.app.qr.QrCode;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.core.measure.AmountText;

/** Labels for vessels and bottles, and the way back from a code to what it holds. */
@RestController
class LabelController {
    private final GardenService gardens;
    private final VesselService vessels;
    private final VesselHistory history;
    private final BottleService bottles;
    private final BottleViews bottleViews;
    private final HomeNetwork network;
    private final Clock clock;

    LabelController(
            GardenService gardens,
            VesselService vessels,
            VesselHistory history,
            BottleService bottles,
            BottleViews bottleViews,
            HomeNetwork network,
            Clock clock) {
        this.gardens = gardens;
        this.vessels = vessels;
        this.history = history;
        this.bottles = bottles;
        this.bottleViews = bottleViews;
        this.network = network;
        this.clock = clock;
    }

    /** A label for each vessel in use, and for each bottle that isn't empty, with the address that phones find the garden at. */
    @GetMapping("/api/labels")
    LabelsView labels() {
        Garden garden = gardens.current();
        String home = network.lastingAddress();
        return new LabelsView(
                vessels.inUse(garden).stream()
                        .map(own -> vesselLabel(own, home, garden))
                        .toList(),
                bottleViews.inStore(garden, clock.instant()).stream()
                        .map(bottle -> bottleLabel(bottle, home))
                        .toList());
    }

    private static Label vesselLabel(OwnVessel own, String home, Garden garden) {
        String size = AmountText.volume(own.vessel().capacity(), garden.units()) + " "
                + own.vessel().kind().words();
        return new Label(
                own.id(),
                own.vessel().code(),
                garden.name(),
                List.of(size, "Not a drink. Not food."),
                QrCode.of(home + "/c/" + own.vessel().code()));
    }

    private static Label bottleLabel(BottleView bottle, String home) {
        List<String> lines = List.of(bottle.labelLine().split(" · "));
        return new Label(
                bottle.id(),
                bottle.code(),
                bottle.name(),
                lines.subList(2, lines.size()),
                QrCode.of(home + "/c/" + bottle.code()));
    }

    /**
     * What a code holds, or held on a day.
     *
     * @param code a vessel's or a bottle's, in any case of letters
     * @param on the day; today where it is left out
     */
    @GetMapping("/api/codes/{code}")
    CodeView code(@PathVariable String code, @RequestParam Optional<LocalDate> on) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        LocalDate day = on.orElseGet(() -> garden.day(now));
        String written = code.strip().toUpperCase(Locale.ROOT);
        Optional<OwnVessel> vessel = vessels.all(garden).stream()
                .filter(own -> own.vessel().code().equals(written))
                .findFirst();
        if (vessel.isPresent()) {
            return vessel(garden, vessel.get(), day);
        }
        Bottle bottle = bottles.byCode(garden, written).orElseThrow(() -> new Missing("code " + written));
        return new CodeView(
                written,
                "bottle",
                day,
                List.of(),
                List.of(),
                Optional.of(bottleViews.of(garden, List.of(bottle), now).get(0)));
    }

    private CodeView vessel(Garden garden, OwnVessel own, LocalDate day) {
        List<VesselHistory.HeldPot> all = history.of(garden, own.id());
        Instant start = day.atStartOfDay(garden.zone()).toInstant();
        Instant end = day.plusDays(1).atStartOfDay(garden.zone()).toInstant();
        List<VesselHistory.HeldPot> onDay =
                all.stream().filter(held -> held.during(start, end)).toList();
        String what = AmountText.volume(own.vessel().capacity(), garden.units()) + " "
                + own.vessel().kind().words();
        return new CodeView(own.vessel().code(), what, day, onDay, all, Optional.empty());
    }

    /**
     * A label.
     *
     * @param title what stands large beside the code
     * @param lines what stands below
     * @param qr leads to what the code holds
     */
    record Label(UUID id, String code, String title, List<String> lines, QrCode qr) {}

    record LabelsView(List<Label> vessels, List<Label> bottles) {}

    /**
     * What a code holds.
     *
     * @param what what the code stands on, in words
     * @param day the day asked for
     * @param onDay what it held on that day
     * @param ever everything it held, the last on top
     * @param bottle the bottle, where the code is one
     */
    record CodeView(
            String code,
            String what,
            LocalDate day,
            List<VesselHistory.HeldPot> onDay,
            List<VesselHistory.HeldPot> ever,
            Optional<BottleView> bottle) {}
}
