package potmellow.app.vessel;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.Missing;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/** The vessels of a garden. Codes are permanent: a new vessel takes the next that was never used. */
@Service
public class VesselService {
    private final VesselRepository vessels;
    private final GardenService gardens;
    private final Occupancy occupancy;

    VesselService(VesselRepository vessels, GardenService gardens, Occupancy occupancy) {
        this.vessels = vessels;
        this.gardens = gardens;
        this.occupancy = occupancy;
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

    /** Vessels that aren't retired. */
    @Transactional(readOnly = true)
    public List<OwnVessel> inUse(Garden garden) {
        return all(garden).stream().filter(OwnVessel::inUse).toList();
    }

    /** Vessels that aren't retired and in which nothing stands. */
    @Transactional(readOnly = true)
    public List<OwnVessel> free(Garden garden) {
        Set<UUID> held = occupancy.held(garden.id()).keySet();
        return inUse(garden).stream().filter(own -> !held.contains(own.id())).toList();
    }

    /**
     * Adds a vessel under a code that was never used before, not even by a retired one.
     *
     * @throws Conflict where the code is taken
     */
    @Transactional
    public OwnVessel add(Garden garden, Vessel vessel) {
        gardens.holdCodes(garden);
        boolean taken = all(garden).stream().anyMatch(own -> own.vessel().code().equals(vessel.code()));
        if (taken) {
            throw new Conflict(
                    "code-taken",
                    "The code " + vessel.code()
                            + " is taken. Codes are permanent: one is never given out twice, not even"
                            + " after its vessel is retired.");
        }
        OwnVessel own = new OwnVessel(UUID.randomUUID(), vessel, Optional.empty());
        vessels.insert(garden.id(), own);
        return own;
    }

    /**
     * Takes a vessel out of use. It keeps its code and its history.
     *
     * @throws Conflict where something works in it, or it is retired already
     */
    @Transactional
    public void retire(Garden garden, UUID id, LocalDate on) {
        OwnVessel own = get(garden, id);
        String holds = occupancy.held(garden.id()).get(id);
        if (holds != null) {
            throw new Conflict(
                    "vessel-taken", own.vessel().code() + " holds " + holds + ". Empty it first, then retire it.");
        }
        if (!vessels.retire(garden.id(), id, on)) {
            throw new Conflict("retired", own.vessel().code() + " is retired already.");
        }
    }

    /**
     * Takes a vessel that was retired into use again.
     *
     * @throws Conflict where it is in use
     */
    @Transactional
    public void useAgain(Garden garden, UUID id) {
        OwnVessel own = get(garden, id);
        if (!vessels.useAgain(garden.id(), id)) {
            throw new Conflict("in-use", own.vessel().code() + " is in use.");
        }
    }

    /** The code that the next vessel of a kind would get. */
    @Transactional(readOnly = true)
    public String nextCode(Garden garden, VesselKind kind) {
        String letter = kind.letter();
        Set<String> used = all(garden).stream().map(own -> own.vessel().code()).collect(Collectors.toSet());
        return IntStream.iterate(1, number -> number + 1)
                .mapToObj(number -> letter + number)
                .filter(code -> !used.contains(code))
                .findFirst()
                .orElseThrow();
    }
}
