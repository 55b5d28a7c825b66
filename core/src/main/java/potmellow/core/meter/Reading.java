package potmellow.core.meter;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import potmellow.core.measure.AmountText;

/**
 * One number read off an instrument.
 *
 * @param meter what was read
 * @param value in the meter's unit
 * @param at when
 */
public record Reading(Meter meter, double value, Instant at) {
    public Reading {
        requireNonNull(meter, "meter");
        requireNonNull(at, "at");
        if (!meter.possible(value)) {
            throw new IllegalArgumentException("A " + meter.words() + " of " + value + " " + meter.unit()
                    + " can't be: it must be from " + AmountText.number(meter.least()) + " to "
                    + AmountText.number(meter.most()) + " " + meter.unit() + ".");
        }
    }
}
