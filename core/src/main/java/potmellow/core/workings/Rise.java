package potmellow.core.workings;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Reading;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;

/**
 * How something warms: T(t) = level + gap·e^(−k·t), t in hours from the last reading, after Newton's law of cooling; a straight
 * line where k is 0. By least squares; the line is kept unless it is further off than a thermometer may be, so that noise is not
 * taken for levelling.
 *
 * @param rate k, per hour; 0 for a straight line
 * @param level °C that it levels at; for a straight line, °C at the last reading
 * @param gap °C that it lies off that at the last reading; for a straight line, °C an hour
 */
record Rise(double rate, double level, double gap) {
    /** What a thermometer stuck into a heap may be off, °C (from memory). */
    private static final double THERMOMETER = 0.5;

    private static final double SLOWEST = 0.02;
    private static final double FASTEST = 3;
    private static final double FASTER = 1.05;
    private static final double MILLIS_PER_HOUR = Duration.ofHours(1).toMillis();

    /** @param readings at least three, at different times */
    static Rise through(List<Reading> readings, Instant last) {
        double[] hours = readings.stream()
                .mapToDouble(reading -> Duration.between(last, reading.at()).toMillis() / MILLIS_PER_HOUR)
                .toArray();
        double[] celsius = readings.stream().mapToDouble(Reading::value).toArray();
        Rise line = fitted(0, hours, celsius);
        Rise best = line;
        if (line.off(hours, celsius) > THERMOMETER) {
            for (double rate = SLOWEST; rate <= FASTEST; rate *= FASTER) {
                Rise levelling = fitted(rate, hours, celsius);
                best = levelling.off(hours, celsius) < best.off(hours, celsius) ? levelling : best;
            }
        }
        return best;
    }

    /** Least squares of the two numbers that stand in proportion, for one rate. */
    private static Rise fitted(double rate, double[] hours, double[] celsius) {
        double meanBase = 0;
        double meanCelsius = 0;
        for (int i = 0; i < hours.length; i++) {
            meanBase += base(rate, hours[i]) / hours.length;
            meanCelsius += celsius[i] / hours.length;
        }
        double across = 0;
        double along = 0;
        for (int i = 0; i < hours.length; i++) {
            double apart = base(rate, hours[i]) - meanBase;
            across += apart * (celsius[i] - meanCelsius);
            along += apart * apart;
        }
        double slope = along > 0 ? across / along : 0;
        return new Rise(rate, meanCelsius - slope * meanBase, slope);
    }

    private static double base(double rate, double hours) {
        return rate == 0 ? hours : Math.exp(-rate * hours);
    }

    /** Mean distance from the readings, °C (root of the mean square). */
    private double off(double[] hours, double[] celsius) {
        double squares = 0;
        for (int i = 0; i < hours.length; i++) {
            double apart = at(hours[i]) - celsius[i];
            squares += apart * apart / hours.length;
        }
        return Math.sqrt(squares);
    }

    /** °C so many hours after the last reading. */
    double at(double hours) {
        return level + gap * base(rate, hours);
    }

    /** °C an hour, at the last reading. */
    double slope() {
        return rate == 0 ? gap : -rate * gap;
    }

    Optional<Double> levelsAt() {
        return rate == 0 ? Optional.empty() : Optional.of(level);
    }

    /** Hours from the last reading to a temperature; 0 where it is there, empty where it never gets there. */
    Optional<Double> hoursTo(double celsius) {
        if (at(0) >= celsius) {
            return Optional.of(0.0);
        }
        if (!(slope() > 0) || rate > 0 && level <= celsius) {
            return Optional.empty();
        }
        return Optional.of(rate == 0 ? (celsius - level) / gap : Math.log(gap / (celsius - level)) / rate);
    }

    Step step(int readings, UnitSystem system) {
        String[] figures = {"readings", String.valueOf(readings), "at the last of them", HeapHeat.text(at(0), system)};
        return rate == 0
                ? Step.of(
                        "A straight line of least squares through the readings since it was turned, at most 12 h back.",
                        AmountText.number(slope(), 2) + " °C an hour",
                        Evidence.derivedFrom(Mark.COMMON_PRACTICE),
                        figures)
                : Step.of(
                        "A rise that levels, by least squares through the readings since it was turned, at most 12 h back:"
                                + " level + gap × e^(−k × hours).",
                        "levels at " + HeapHeat.text(level, system) + ", now " + AmountText.number(slope(), 2)
                                + " °C an hour",
                        new Evidence(Mark.COMMON_PRACTICE, true, "Newton's law of cooling"),
                        figures);
    }
}
