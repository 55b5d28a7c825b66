package potmellow.app.planting;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.problem.Missing;
import potmellow.core.feeding.GrowthStage;
import potmellow.core.feeding.Need;
import potmellow.core.naming.PlainName;

/** The plantings of a garden. */
@Service
public class PlantingService {
    private final PlantingRepository plantings;

    PlantingService(PlantingRepository plantings) {
        this.plantings = plantings;
    }

    @Transactional(readOnly = true)
    public List<Planting> all(Garden garden) {
        return plantings.all(garden.id());
    }

    /** @throws Missing where the garden has no such planting */
    @Transactional(readOnly = true)
    public Planting get(Garden garden, UUID id) {
        return plantings.find(garden.id(), id).orElseThrow(() -> new Missing("planting"));
    }

    /**
     * Adds a planting.
     *
     * @param size a bed's area, or pots
     */
    @Transactional
    public Planting add(Garden garden, PlainName name, GrowthStage stage, Need size) {
        Planting planting = new Planting(UUID.randomUUID(), name.text(), stage, size);
        plantings.insert(garden.id(), planting);
        return planting;
    }
}
