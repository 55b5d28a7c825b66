package potmellow.app.planting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.core.planting.Crop;
import potmellow.core.planting.Crops;

/** The shipped crops, with those that the gardener added or described anew. */
@Service
public class CropService {
    private final List<Crop> shipped = Crops.shipped();
    private final CropRepository own;

    CropService(CropRepository own) {
        this.own = own;
    }

    /** All crops, the shipped ones in their order, own ones after them. */
    @Transactional(readOnly = true)
    public List<Crop> all(Garden garden) {
        Map<String, Crop> crops = new LinkedHashMap<>();
        shipped.forEach(crop -> crops.put(crop.id(), crop));
        own.all(garden.id()).forEach(crop -> crops.put(crop.id(), crop));
        return new ArrayList<>(crops.values());
    }

    @Transactional(readOnly = true)
    public Optional<Crop> find(Garden garden, String id) {
        return all(garden).stream().filter(crop -> crop.id().equals(id)).findFirst();
    }

    /** Ids of the crops that are the gardener's own. */
    @Transactional(readOnly = true)
    public List<String> ownIds(Garden garden) {
        return own.all(garden.id()).stream().map(Crop::id).toList();
    }

    /** Adds a crop, or describes one anew. */
    @Transactional
    public Crop keep(Garden garden, Crop crop) {
        own.keep(garden.id(), crop);
        return crop;
    }

    /** Takes an own description back; a shipped crop is as shipped again. */
    @Transactional
    public void forget(Garden garden, String id) {
        own.forget(garden.id(), id);
    }
}
