package potmellow.core.ripening;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import potmellow.core.measure.Temperature;

/**
 * How warm a pot is at any moment: its own readings, bridged in a straight line up to 24 h apart; else the place's steady
 * warmth, with what the last reading differed by fading out over 48 h.
 */
public final class PotTemperature {
    private static final Duration BRIDGE = Duration.ofHours(24);
    private static final Duration FADE = Duration.ofHours(48);

    private final double placeCelsius;
    private final List<Reading> readings;

    /**
     * @param place the steady warmth of the place
     * @param readings the pot's own readings, in any order
     */
    public PotTemperature(Temperature place, List<Reading> readings) {
        this.placeCelsius = place.celsius();
        this.readings =
                readings.stream().sorted(Comparator.comparing(Reading::at)).toList();
    }

    /** The temperature at a moment, °C. */
    public double at(Instant moment) {
        Reading before = null;
        Reading after = null;
        for (Reading reading : readings) {
            if (reading.at().isAfter(moment)) {
                after = reading;
                break;
            }
            before = reading;
        }
        if (before == null) {
            return placeCelsius;
        }
        if (after != null && Duration.between(before.at(), after.at()).compareTo(BRIDGE) <= 0) {
            double part = share(before.at(), moment, Duration.between(before.at(), after.at()));
            return before.celsius() + part * (after.celsius() - before.celsius());
        }
        double faded = Math.min(1, share(before.at(), moment, FADE));
        return placeCelsius + (before.celsius() - placeCelsius) * (1 - faded);
    }

    private static double share(Instant from, Instant to, Duration whole) {
        return (double) Duration.between(from, to).toMillis() / whole.toMillis();
    }

    /**
     * A reading of the pot's own warmth.
     *
     * @param at when
     * @param celsius °C
     */
    public record Reading(Instant at, double celsius) {}
}
