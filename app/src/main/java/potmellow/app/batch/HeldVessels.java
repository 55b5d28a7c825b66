package potmellow.app.batch;

import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import potmellow.app.vessel.Occupancy;

/** The vessels in which pots work. */
@Component
class HeldVessels implements Occupancy {
    private final BatchRepository batches;

    HeldVessels(BatchRepository batches) {
        this.batches = batches;
    }

    @Override
    public Map<UUID, String> held(UUID garden) {
        return batches.working(garden).stream()
                .collect(Collectors.toMap(Batch::vesselId, Batch::name, (one, other) -> one));
    }
}
