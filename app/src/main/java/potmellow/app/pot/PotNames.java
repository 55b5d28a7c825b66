package potmellow.app.pot;

import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.problem.Missing;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;

/** Finds pots by the codes on their vessels, for other features. */
@Service
public class PotNames {
    private static final int LATEST = 20;

    private final BatchRepository batches;
    private final VesselService vessels;

    PotNames(BatchRepository batches, VesselService vessels) {
        this.batches = batches;
        this.vessels = vessels;
    }

    /** @throws Missing where the garden has no such pot */
    @Transactional(readOnly = true)
    public void require(Garden garden, UUID id) {
        batches.find(garden.id(), id).orElseThrow(() -> new Missing("pot"));
    }

    /** Which pot a code of a vessel meant when; each code is looked up once. */
    @Transactional(readOnly = true)
    public ByCode byCode(Garden garden) {
        Map<String, UUID> codes = vessels.all(garden).stream()
                .collect(Collectors.toMap(
                        own -> own.vessel().code(), OwnVessel::id, (one, other) -> one, LinkedHashMap::new));
        return new ByCode(codes, vessel -> batches.inVessel(garden.id(), vessel, LATEST));
    }

    /** Which pot a code meant when. */
    public static final class ByCode {
        private final Map<String, UUID> codes;
        private final Function<UUID, List<Batch>> look;
        private final Map<UUID, List<Batch>> held = new HashMap<>();

        private ByCode(Map<String, UUID> codes, Function<UUID, List<Batch>> look) {
            this.codes = codes;
            this.look = look;
        }

        public boolean knows(String code) {
            return codes.containsKey(code);
        }

        /** The pot that stood in a vessel at a moment. */
        public Optional<UUID> at(String code, Instant moment) {
            return Optional.ofNullable(codes.get(code)).stream()
                    .flatMap(vessel -> held.computeIfAbsent(vessel, look).stream())
                    .filter(batch -> !batch.setAt().isAfter(moment))
                    .filter(batch -> batch.isWorking() || batch.state().since().isAfter(moment))
                    .map(Batch::id)
                    .findFirst();
        }
    }
}
