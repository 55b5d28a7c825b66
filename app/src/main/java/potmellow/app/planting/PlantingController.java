package potmellow.app.planting;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.core.feeding.Need;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;

@RestController
class PlantingController {
    private final GardenService gardens;
    private final PlantingService plantings;

    PlantingController(GardenService gardens, PlantingService plantings) {
        this.gardens = gardens;
        this.plantings = plantings;
    }

    @GetMapping("/api/plantings")
    List<PlantingView> plantings() {
        Garden garden = gardens.current();
        return plantings.all(garden).stream()
                .map(planting -> new PlantingView(
                        planting.id(),
                        planting.name(),
                        planting.stage().words(),
                        size(planting.size(), garden.units())))
                .toList();
    }

    private static String size(Need need, UnitSystem units) {
        if (need instanceof Need.OfPots pots) {
            return pots.count() + " × " + AmountText.volume(pots.each(), units);
        }
        return need instanceof Need.OfArea bed ? AmountText.area(bed.area(), units) : "";
    }

    record PlantingView(UUID id, String name, String stage, String size) {}
}
