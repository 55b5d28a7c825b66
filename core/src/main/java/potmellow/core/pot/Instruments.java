package potmellow.core.pot;

import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import potmellow.core.measure.Mass;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;

/** The gardener's own thermometer, meters and scale, read at a pot. */
public interface Instruments {
    /** Which of them there are. */
    Set<Meter> meters();

    /**
     * Reads one of them.
     *
     * @param meter which
     * @param course the pot it is held into
     * @param contents what was put into the pot
     * @param at when
     * @return empty where such an instrument tells nothing of such a pot
     */
    Optional<Reading> read(Meter meter, Course course, Mass contents, Instant at);
}
