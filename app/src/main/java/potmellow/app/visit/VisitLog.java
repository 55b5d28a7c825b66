package potmellow.app.visit;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.core.meter.Reading;

/** What was done, sensed and read at pots. Nothing in it is changed; what was wrong is corrected by another entry, or struck. */
@Component
public class VisitLog {
    private final CheckRepository checks;
    private final ReadingRepository readings;

    VisitLog(CheckRepository checks, ReadingRepository readings) {
        this.checks = checks;
        this.readings = readings;
    }

    /** All visits to some pots, oldest first; of two at one moment the one written first. */
    @Transactional(readOnly = true)
    public List<Check> checks(UUID garden, Collection<UUID> pots) {
        return checks.of(garden, pots);
    }

    /** All readings of some pots, oldest first, struck ones too. */
    @Transactional(readOnly = true)
    public List<MeterEntry> readings(UUID garden, Collection<UUID> pots) {
        return readings.of(garden, pots);
    }

    /** Keeps a visit with what was sensed. */
    @Transactional
    public void keep(UUID garden, Check check) {
        checks.insert(garden, check);
    }

    /** Keeps a reading. */
    @Transactional
    public void keep(UUID garden, MeterEntry entry) {
        readings.insert(garden, entry);
    }

    /** Whether the same was read before, so that one sent twice counts once. */
    @Transactional(readOnly = true)
    public boolean known(UUID garden, UUID pot, Reading reading) {
        return readings.known(garden, pot, reading);
    }

    /**
     * Strikes a reading that came in by itself.
     *
     * @return whether there was such a reading, not struck yet
     */
    @Transactional
    public boolean strike(UUID garden, UUID pot, UUID reading, Instant at) {
        return readings.strike(garden, pot, reading, at);
    }
}
