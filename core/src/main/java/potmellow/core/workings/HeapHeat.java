package potmellow.core.workings;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * How fast a heap heats: a straight line of least squares through its readings since it was last turned.
 *
 * @param kelvinPerHour how fast; below 0 where it cools
 * @param inTwelveHours °C that the line reaches twelve hours after the last reading
 * @param left how long after the last reading it reaches 49 °C; empty where it doesn't heat, zero where it is there already
 * @param stale whether the last reading is older than six hours
 * @param warn whether it reaches 49 °C within twelve hours
 */
public record HeapHeat(
        double kelvinPerHour, double inTwelveHours, Optional<Duration> left, boolean stale, boolean warn) {
    /** Above it the life that is being grown dies; 120 °F, common practice. */
    public static final double LIMIT_CELSIUS = 49;

    private static final int LEAST_READINGS = 3;
    private static final Duration LEAST_SPAN = Duration.ofHours(2);
    private static final Duration LOOK_BACK = Duration.ofHours(12);
    private static final Duration STALE = Duration.ofHours(6);
    private static final double MILLIS_PER_HOUR = Duration.ofHours(1).toMillis();

    /**
     * Draws the line.
     *
     * @param readings of the heap, in any order; only thermometers count
     * @param turned when it was last turned; readings before it don't count
     * @param now the moment of asking
     * @return empty with fewer than three readings over two hours in the twelve hours before the last of them
     */
    public static Optional<Working<HeapHeat>> of(
            List<Reading> readings, Instant turned, Instant now, UnitSystem system) {
        List<Reading> since = readings.stream()
                .filter(reading -> reading.meter() == Meter.THERMOMETER)
                .filter(reading ->
                        !reading.at().isBefore(turned) && !reading.at().isAfter(now))
                .sorted(Comparator.comparing(Reading::at))
                .toList();
        if (since.size() < LEAST_READINGS) {
            return Optional.empty();
        }
        Instant last = since.get(since.size() - 1).at();
        List<Reading> used = since.stream()
                .filter(reading -> !reading.at().isBefore(last.minus(LOOK_BACK)))
                .toList();
        Duration span = Duration.between(used.get(0).at(), last);
        if (used.size() < LEAST_READINGS || span.compareTo(LEAST_SPAN) < 0) {
            return Optional.empty();
        }
        return Optional.of(line(used, last, now, system));
    }

    private static Working<HeapHeat> line(List<Reading> used, Instant last, Instant now, UnitSystem system) {
        double meanHours = used.stream()
                .mapToDouble(reading -> hours(last, reading.at()))
                .average()
                .orElseThrow();
        double meanCelsius = used.stream().mapToDouble(Reading::value).average().orElseThrow();
        double across = 0;
        double along = 0;
        for (Reading reading : used) {
            double hours = hours(last, reading.at()) - meanHours;
            across += hours * (reading.value() - meanCelsius);
            along += hours * hours;
        }
        double slope = across / along;
        double atLast = meanCelsius - slope * meanHours;
        Optional<Duration> left = left(slope, atLast);
        boolean stale = Duration.between(last, now).compareTo(STALE) > 0;
        boolean warn =
                left.filter(duration -> duration.compareTo(LOOK_BACK) <= 0).isPresent();
        HeapHeat heat = new HeapHeat(slope, atLast + slope * LOOK_BACK.toHours(), left, stale, warn);
        return Working.of(
                        heat,
                        Step.of(
                                "A straight line of least squares through the readings since it was turned, at most 12 h back.",
                                AmountText.number(slope, 2) + " °C an hour",
                                Evidence.derivedFrom(Mark.COMMON_PRACTICE),
                                "readings",
                                String.valueOf(used.size()),
                                "last of them",
                                AmountText.temperature(Temperature.ofCelsius(atLast), system)))
                .then(
                        heat,
                        Step.of(
                                "Time left = (49 °C − the line's last temperature) ÷ its slope; within 12 h is a warning.",
                                left.map(HeapHeat::words).orElse("it does not heat"),
                                Evidence.derivedFrom(Mark.COMMON_PRACTICE)));
    }

    private static Optional<Duration> left(double slope, double atLast) {
        if (atLast >= LIMIT_CELSIUS) {
            return Optional.of(Duration.ZERO);
        }
        return slope > 0
                ? Optional.of(Duration.ofMinutes(Math.round((LIMIT_CELSIUS - atLast) / slope * 60)))
                : Optional.empty();
    }

    private static double hours(Instant last, Instant at) {
        return Duration.between(last, at).toMillis() / MILLIS_PER_HOUR;
    }

    private static String words(Duration duration) {
        return AmountText.number(duration.toMinutes() / 60.0, 1) + " h";
    }

    /** What it means, a sentence. */
    public String sentence() {
        String told = left.filter(duration -> duration.isZero())
                .map(there -> "It is at 49 °C: turn and spread it now.")
                .or(() -> left.filter(duration -> warn)
                        .map(duration -> "It heats by " + AmountText.number(kelvinPerHour, 1)
                                + " °C an hour and reaches 49 °C in " + words(duration) + ": turn it before."))
                .orElse("It does not reach 49 °C in the next 12 hours.");
        return stale ? "The last reading is older than 6 hours, so read it again. " + told : told;
    }
}
