package potmellow.app.garden;

import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.Missing;
import potmellow.core.measure.UnitSystem;
import potmellow.core.naming.PlainName;

/** The one garden of this installation. */
@Service
public class GardenService {
    private final GardenRepository gardens;

    GardenService(GardenRepository gardens) {
        this.gardens = gardens;
    }

    /** The garden that all requests are about. */
    @Transactional(readOnly = true)
    public Garden current() {
        return gardens.first().orElseThrow(() -> new Missing("garden"));
    }

    @Transactional(readOnly = true)
    public Optional<Garden> find() {
        return gardens.first();
    }

    /** Lets one at a time give out the next code of a garden, until the caller's transaction ends. */
    @Transactional
    public void holdCodes(Garden garden) {
        gardens.lock(garden.id());
    }

    /** Lays out a garden. */
    @Transactional
    public Garden create(PlainName name, ZoneId zone, UnitSystem units) {
        Garden garden = new Garden(UUID.randomUUID(), name.text(), zone, units, 0);
        gardens.insert(garden);
        return garden;
    }

    /**
     * Changes what the garden measures in.
     *
     * @param version the version that the change was made on
     * @throws Conflict where the garden has changed since
     */
    @Transactional
    public Garden changeUnits(UnitSystem units, int version) {
        if (!gardens.changeUnits(current().id(), units, version)) {
            throw new Conflict(
                    "stale", "The garden was changed from another page meanwhile. Look again, then repeat this.");
        }
        return current();
    }
}
