package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.util.Optional;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.meter.Meter;
import potmellow.core.working.Evidence;

/**
 * A limit on what a meter reads. Either the least or the most is told.
 *
 * @param meter which meter
 * @param atLeast the least that passes, in the meter's unit
 * @param atMost the most that passes, in the meter's unit
 * @param fromRipeness from which ripeness on it counts; 0 where it is left out
 * @param otherwise what follows where it fails
 * @param words what that means, a sentence
 */
public record Gate(
        Meter meter,
        Optional<Stated> atLeast,
        Optional<Stated> atMost,
        double fromRipeness,
        Otherwise otherwise,
        String words) {
    /** 4.05 is 0.05 from 4.0, whatever binary fractions make of it. */
    private static final double MEASURING_NOISE = 1e-9;

    public Gate {
        requireNonNull(meter, "meter");
        requireNonNull(otherwise, "otherwise");
        requireNonNull(words, "words");
        atLeast = atLeast == null ? Optional.empty() : atLeast;
        atMost = atMost == null ? Optional.empty() : atMost;
        if (atLeast.isPresent() == atMost.isPresent()) {
            throw new IllegalArgumentException(
                    "A limit on " + meter.words() + " tells its least or its most: one of them.");
        }
    }

    /** Whether a reading passes. */
    public boolean passes(double value) {
        return atLeast.map(stated -> value >= stated.value()).orElse(true)
                && atMost.map(stated -> value <= stated.value()).orElse(true);
    }

    /** Whether a reading is so near the limit that the meter can't tell on which side of it. */
    public boolean near(double value) {
        return Math.abs(value - limit()) <= meter.uncertainty(value) + MEASURING_NOISE;
    }

    /** The limit in words, such as "pH 4 or less". */
    public String limitWords() {
        String number = AmountText.number(limit());
        String unit = meter.unit().isEmpty() ? "" : " " + meter.unit();
        String told = meter == Meter.PH ? "pH " + number : number + unit;
        return told + (atMost.isPresent() ? " or less" : " or more");
    }

    /** The limit itself, in the meter's unit. */
    public double limit() {
        return atMost.or(() -> atLeast).orElseThrow().value();
    }

    public Evidence evidence() {
        return atMost.or(() -> atLeast).orElseThrow().evidence();
    }

    /** What follows where a reading fails. */
    public enum Otherwise {
        /** It can't be ready yet; passing speaks for it as a good sign does. */
        NOT_READY,
        /** It is to be thrown away. */
        DISCARD,
        /** What comes out is used soon, and on soil only. */
        LIMIT,
        /** Danger: to be dealt with now. */
        ACT_NOW
    }
}
