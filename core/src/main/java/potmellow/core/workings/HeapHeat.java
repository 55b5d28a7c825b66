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
 * How fast a heap heats, by its readings since it was last turned: a straight line, or a rise that levels where a line is further
 * off than a thermometer.
 *
 * @param kelvinPerHour how fast at the last reading; below 0 where it cools
 * @param inTwelveHours °C that it reaches twelve hours after the last reading, if it goes on so
 * @param levels where it levels off; empty where it rises or falls in a straight line
 * @param left how long after the last reading it reaches 49 °C, within a day; empty where it doesn't, zero where it is there
 * @param stale whether the last reading is older than six hours
 * @param warn whether it reaches 49 °C within twelve hours
 */
public record HeapHeat(
        double kelvinPerHour,
        double inTwelveHours,
        Optional<Levelling> levels,
        Optional<Duration> left,
        boolean stale,
        boolean warn) {
    /**
     * Where a rise levels off.
     *
     * @param celsius at that temperature
     * @param ratePerHour the share of what is missing that it gains in an hour, above 0
     */
    public record Levelling(double celsius, double ratePerHour) {}

    /** Above it the life that is being grown dies; 120 °F, common practice. */
    public static final double LIMIT_CELSIUS = 49;
    /** No heap gets hotter than this (from memory). */
    public static final double HOTTEST_CELSIUS = 75;

    private static final double COLDEST_CELSIUS = -40;
    private static final double CLOSE_CELSIUS = 2;
    private static final int LEAST_READINGS = 3;
    private static final Duration LEAST_SPAN = Duration.ofHours(2);
    private static final Duration LOOK_BACK = Duration.ofHours(12);
    private static final Duration A_DAY = Duration.ofHours(24);
    private static final Duration STALE = Duration.ofHours(6);

    /**
     * Draws the rise.
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
        return Optional.of(drawn(Rise.through(used, last), used.size(), last, now, system));
    }

    private static Working<HeapHeat> drawn(Rise rise, int readings, Instant last, Instant now, UnitSystem system) {
        Optional<Duration> left = rise.hoursTo(LIMIT_CELSIUS)
                .map(hours -> Duration.ofMinutes(Math.round(hours * 60)))
                .filter(duration -> duration.compareTo(A_DAY) <= 0);
        HeapHeat heat = new HeapHeat(
                rise.slope(),
                bounded(rise.at(LOOK_BACK.toHours())),
                rise.levelsAt().map(celsius -> new Levelling(bounded(celsius), rise.rate())),
                left,
                Duration.between(last, now).compareTo(STALE) > 0,
                left.filter(duration -> duration.compareTo(LOOK_BACK) <= 0).isPresent());
        return Working.of(heat, rise.step(readings, system))
                .then(
                        heat,
                        Step.of(
                                "Time left until it reaches 49 °C, if it goes on so; within 12 h is a warning.",
                                left.map(HeapHeat::words).orElse("not within a day"),
                                Evidence.derivedFrom(Mark.COMMON_PRACTICE)));
    }

    private static double bounded(double celsius) {
        return Math.max(COLDEST_CELSIUS, Math.min(HOTTEST_CELSIUS, celsius));
    }

    private static String words(Duration duration) {
        return AmountText.number(duration.toMinutes() / 60.0, 1) + " h";
    }

    /** What it means, a sentence. */
    public String sentence() {
        String told = left.map(this::reaching).orElseGet(this::notReaching);
        return stale ? "The last reading is older than 6 hours, so read it again. " + told : told;
    }

    private String reaching(Duration duration) {
        if (duration.isZero()) {
            return "It is at 49 °C: turn and spread it now.";
        }
        return "It heats by " + AmountText.number(kelvinPerHour, 1) + " °C an hour and reaches 49 °C in "
                + words(duration) + (warn ? ": turn it before." : ", if it goes on so: read it again before.");
    }

    private String notReaching() {
        String level = levels.filter(any -> kelvinPerHour > 0)
                .map(off -> "It levels off at about " + AmountText.number(off.celsius(), 1) + " °C. ")
                .orElse("");
        boolean close = levels.filter(off -> off.celsius() > LIMIT_CELSIUS - CLOSE_CELSIUS)
                .isPresent();
        return level + "It does not reach 49 °C within a day."
                + (close ? " That is close: read it again in an hour." : "");
    }

    /** The last temperature, for a step. */
    static String text(double celsius, UnitSystem system) {
        return AmountText.temperature(Temperature.ofCelsius(bounded(celsius)), system);
    }
}
