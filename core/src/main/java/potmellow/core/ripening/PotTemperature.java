package potmellow.core.ripening;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;

/**
 * How warm a pot is at any moment: its own readings, bridged in a straight line up to 24 h apart; else the warmth around it, with
 * what the last reading differed from that by fading out over 48 h.
 */
public final class PotTemperature {
    private static final Duration BRIDGE = Duration.ofHours(24);
    private static final Duration FADE = Duration.ofHours(48);

    private final ToDoubleFunction<Instant> surroundings;
    private final TreeMap<Instant, Double> readings = new TreeMap<>();

    /**
     * @param surroundings the warmth of the place at any moment, °C
     * @param readings the pot's own readings, in any order; only thermometers count
     */
    public PotTemperature(ToDoubleFunction<Instant> surroundings, List<Reading> readings) {
        this.surroundings = surroundings;
        readings.stream()
                .filter(reading -> reading.meter() == Meter.THERMOMETER)
                .forEach(reading -> this.readings.put(reading.at(), reading.value()));
    }

    /** The temperature at a moment, °C. */
    public double at(Instant moment) {
        var before = readings.floorEntry(moment);
        if (before == null) {
            return surroundings.applyAsDouble(moment);
        }
        var after = readings.higherEntry(moment);
        if (after != null && Duration.between(before.getKey(), after.getKey()).compareTo(BRIDGE) <= 0) {
            double part = share(before.getKey(), moment, Duration.between(before.getKey(), after.getKey()));
            return before.getValue() + part * (after.getValue() - before.getValue());
        }
        double left = 1 - Math.min(1, share(before.getKey(), moment, FADE));
        double here = surroundings.applyAsDouble(moment);
        return left == 0 ? here : here + (before.getValue() - surroundings.applyAsDouble(before.getKey())) * left;
    }

    private static double share(Instant from, Instant to, Duration whole) {
        return (double) Duration.between(from, to).toMillis() / whole.toMillis();
    }
}
