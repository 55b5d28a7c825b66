package potmellow.app.vessel;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.core.measure.AmountText;
import potmellow.core.vessel.VesselKind;

@RestController
class VesselController {
    private final GardenService gardens;
    private final VesselService vessels;
    private final Occupancy occupancy;

    VesselController(GardenService gardens, VesselService vessels, Occupancy occupancy) {
        this.gardens = gardens;
        this.vessels = vessels;
        this.occupancy = occupancy;
    }

    @GetMapping("/api/vessels")
    List<VesselView> vessels() {
        Garden garden = gardens.current();
        Map<UUID, String> held = occupancy.held(garden.id());
        return vessels.all(garden).stream()
                .map(own -> new VesselView(
                        own.id(),
                        own.vessel().code(),
                        own.vessel().kind(),
                        AmountText.volume(own.vessel().capacity(), garden.units()),
                        Optional.ofNullable(held.get(own.id()))))
                .toList();
    }

    /**
     * A vessel to choose from.
     *
     * @param holds the name of what works in it; absent where it is free
     */
    record VesselView(UUID id, String code, VesselKind kind, String capacity, Optional<String> holds) {}
}
