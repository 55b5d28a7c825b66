package potmellow.app.vessel;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.problem.Missing;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/** The vessels of a garden. Codes are permanent: a new vessel takes the next that was never used. */
@Service
public class VesselService {
    private final VesselRepository vessels;

    VesselService(VesselRepository vessels) {
        this.vessels = vessels;
    }

    @Transactional(readOnly = true)
    public List<OwnVessel> all(Garden garden) {
        return vessels.all(garden.id());
    }

    /** @throws Missing where the garden has no such vessel */
    @Transactional(readOnly = true)
    public OwnVessel get(Garden garden, UUID id) {
        return all(garden).stream()
                .filter(own -> own.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Missing("vessel"));
    }

    /**
     * Adds a vessel.
     *
     * @throws org.springframework.dao.DuplicateKeyException where its code was given out meanwhile
     */
    @Transactional
    public OwnVessel add(Garden garden, Vessel vessel) {
        OwnVessel own = new OwnVessel(UUID.randomUUID(), vessel);
        vessels.insert(garden.id(), own);
        return own;
    }

    /** The code that the next vessel of a kind would get. */
    @Transactional(readOnly = true)
    public String nextCode(Garden garden, VesselKind kind) {
        String letter = kind.name().substring(0, 1);
        Set<String> used = all(garden).stream().map(own -> own.vessel().code()).collect(Collectors.toSet());
        return IntStream.iterate(1, number -> number + 1)
                .mapToObj(number -> letter + number)
                .filter(code -> !used.contains(code))
                .findFirst()
                .orElseThrow();
    }
}
