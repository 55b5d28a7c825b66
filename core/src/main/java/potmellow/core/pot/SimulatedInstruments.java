package potmellow.core.pot;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import potmellow.core.craft.Family;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;

/**
 * Stand-ins for instruments: they read what a healthy pot of that age and warmth would show, with the noise of a cheap meter. The
 * same seed, pot and minute always give the same reading. All curves are from memory.
 *
 * @param seed which of many possible noises
 */
public record SimulatedInstruments(long seed) implements Instruments {
    private static final double FRESH_VINEGAR_PH = 2.42;
    private static final double QUIET_SHELLS_PH = 5.5;
    private static final double HEAP_PEAK_KELVIN = 22;
    private static final double LEAST_SHOWN = 0.01;

    @Override
    public Set<Meter> meters() {
        return EnumSet.of(Meter.THERMOMETER, Meter.PH, Meter.EC, Meter.BRIX, Meter.SCALE);
    }

    @Override
    public Optional<Reading> read(Meter meter, Course course, Mass contents, Instant at) {
        double ripeness = ripeness(course, at);
        Optional<Double> truth = truth(meter, course, contents, ripeness, at);
        return truth.map(value -> new Reading(meter, shown(meter, value, noise(meter, course, at)), at));
    }

    /** The true ripeness is the clock's own, whatever the gardener's meters said of it before. */
    private static double ripeness(Course course, Instant at) {
        return course.at(at, UnitSystem.METRIC).forecast().value().ripeness();
    }

    private static Optional<Double> truth(Meter meter, Course course, Mass contents, double ripeness, Instant at) {
        Family family = course.method().family();
        return switch (meter) {
            case THERMOMETER -> Optional.of(course.surroundings().applyAsDouble(at) + ownHeat(course, ripeness));
            case PH -> family == Family.FOREST ? Optional.empty() : Optional.of(ph(family, ripeness));
            case EC -> conductivity(family, ripeness);
            case BRIX -> family == Family.SUGAR ? Optional.of(toward(58, 34, ripeness)) : Optional.empty();
            case SCALE -> Optional.of(contents.grams() * (1 - 0.02 * Math.min(2, ripeness)));
            case OXYGEN -> Optional.empty();
        };
    }

    /** Heaps heat by themselves and cool again; a working vessel is a little warmer than its place. */
    private static double ownHeat(Course course, double ripeness) {
        boolean heap = course.stage().gates().stream().anyMatch(gate -> gate.meter() == Meter.THERMOMETER);
        double course0to1 = Math.max(0, Math.sin(Math.PI * Math.min(1.6, ripeness) / 1.6));
        return (heap ? HEAP_PEAK_KELVIN : 0.6) * course0to1;
    }

    private static double ph(Family family, double ripeness) {
        return switch (family) {
            case SUGAR -> toward(5.7, 3.6, ripeness);
            case LACTIC -> toward(6.5, 3.5, ripeness);
            case BRAN -> toward(5.6, 4.0, ripeness);
            case TEA -> toward(6.8, 7.2, ripeness);
            case ANAEROBIC -> ripeness < 0.5 ? toward(6.5, 5.4, 2 * ripeness) : toward(5.4, 7.0, ripeness - 0.5);
            case SHELLS -> FRESH_VINEGAR_PH + (QUIET_SHELLS_PH - FRESH_VINEGAR_PH) * Math.min(1, ripeness);
            case FOREST, STEEP -> 6.5;
        };
    }

    private static Optional<Double> conductivity(Family family, double ripeness) {
        return switch (family) {
            case ANAEROBIC -> Optional.of(toward(0.6, 8, ripeness));
            case TEA -> Optional.of(toward(0.5, 1.6, ripeness));
            case SHELLS -> Optional.of(toward(1.6, 18, ripeness));
            case SUGAR, LACTIC -> Optional.of(toward(2, 6, ripeness));
            case FOREST, BRAN, STEEP -> Optional.empty();
        };
    }

    /** Nine tenths of the way are done at the earliest readiness. */
    private static double toward(double from, double to, double ripeness) {
        return to + (from - to) * Math.pow(0.1, ripeness);
    }

    private double noise(Meter meter, Course course, Instant at) {
        double width = switch (meter) {
            case THERMOMETER -> 0.3;
            case PH -> 0.05;
            case EC -> 0.1;
            case BRIX -> 0.5;
            case OXYGEN -> 0.2;
            case SCALE -> 5;
        };
        long minute = at.truncatedTo(ChronoUnit.MINUTES).getEpochSecond();
        return width
                * new SplittableRandom(seed ^ course.setAt().toEpochMilli() ^ minute * 31 + meter.ordinal())
                        .nextGaussian();
    }

    /** As its display shows it. */
    private static double shown(Meter meter, double value, double noise) {
        double stepsInOne = switch (meter) {
            case THERMOMETER, BRIX, OXYGEN -> 10;
            case PH, EC -> 100;
            case SCALE -> 1;
        };
        double rounded = Math.round((value + noise) * stepsInOne) / stepsInOne;
        double least = meter == Meter.THERMOMETER ? meter.least() : Math.max(LEAST_SHOWN, meter.least());
        return Math.max(least, Math.min(meter.most(), rounded));
    }
}
