package potmellow.app.vessel;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.FieldProblem;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.vessel.VesselMaterial;

@RestController
@RequestMapping("/api/vessels")
class VesselController {
    private final GardenService gardens;
    private final VesselService vessels;
    private final Occupancy occupancy;
    private final Clock clock;

    VesselController(GardenService gardens, VesselService vessels, Occupancy occupancy, Clock clock) {
        this.gardens = gardens;
        this.vessels = vessels;
        this.occupancy = occupancy;
        this.clock = clock;
    }

    /** All vessels, the retired ones too. */
    @GetMapping
    List<VesselView> vessels() {
        Garden garden = gardens.current();
        Map<UUID, String> held = occupancy.held(garden.id());
        return vessels.all(garden).stream().map(own -> view(own, held, garden)).toList();
    }

    @PostMapping
    VesselView add(@RequestBody AddVessel request) {
        Garden garden = gardens.current();
        Volume capacity = FieldProblem.reading(
                "capacity",
                () -> garden.reader().largeVolume("The size", request.capacity(), Vessel.SMALLEST, Vessel.LARGEST));
        gardens.holdCodes(garden);
        String code = request.code()
                .filter(text -> !text.isBlank())
                .map(text -> FieldProblem.reading("code", () -> Vessel.code(text)))
                .orElseGet(() -> vessels.nextCode(garden, request.kind()));
        VesselMaterial material = request.material().orElse(request.kind().usualMaterial());
        OwnVessel own = vessels.add(garden, new Vessel(code, request.kind(), material, capacity));
        return view(own, Map.of(), garden);
    }

    @PostMapping("/{id}/retirement")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void retire(@PathVariable UUID id) {
        Garden garden = gardens.current();
        vessels.retire(garden, id, garden.day(clock.instant()));
    }

    /** Takes it into use again, as it was. */
    @DeleteMapping("/{id}/retirement")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void useAgain(@PathVariable UUID id) {
        vessels.useAgain(gardens.current(), id);
    }

    private static VesselView view(OwnVessel own, Map<UUID, String> held, Garden garden) {
        Vessel vessel = own.vessel();
        return new VesselView(
                own.id(),
                vessel.code(),
                vessel.kind(),
                vessel.kind().words(),
                vessel.material().words(),
                AmountText.volume(vessel.capacity(), garden.units()),
                Optional.ofNullable(held.get(own.id())),
                own.retiredOn());
    }

    /**
     * Add a vessel.
     *
     * @param code its permanent code; the next free one where it is left out
     * @param kind its shape
     * @param material its walls; the usual ones of its shape where it is left out
     * @param capacity its size, as typed
     */
    record AddVessel(Optional<String> code, VesselKind kind, Optional<VesselMaterial> material, String capacity) {}

    /**
     * A vessel to choose from.
     *
     * @param kindWords its shape in words
     * @param walls what it is made of, in words
     * @param holds the name of what works in it; absent where it is free
     * @param retiredOn since when it is out of use; absent while it is used
     */
    record VesselView(
            UUID id,
            String code,
            VesselKind kind,
            String kindWords,
            String walls,
            String capacity,
            Optional<String> holds,
            Optional<LocalDate> retiredOn) {}
}
