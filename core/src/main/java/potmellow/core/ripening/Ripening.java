package potmellow.core.ripening;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * The clock of a stage: progress P = Σ rate(T)·Δt in hourly steps, in days at the reference temperature where warmth matters. Each
 * hour is reckoned once, whoever asks for it and however often. One clock is asked by one thread.
 */
public final class Ripening {
    private static final long HOUR = Duration.ofHours(1).toMillis();
    private static final Duration GIVE_UP = Duration.ofDays(400);
    private static final double MILLIS_PER_DAY = Duration.ofDays(1).toMillis();
    private static final double DAYS_PER_HOUR = HOUR / MILLIS_PER_DAY;

    private final Pace pace;
    private final ToDoubleFunction<Instant> temperature;

    /** The first moment that anybody asked for: where hour 0 begins. */
    private Instant from;

    /** What was reached by the beginning of each hour that is reckoned; the first is 0. */
    private double[] reached = new double[1];

    private int reckoned;

    /**
     * @param pace how fast the clock runs at a temperature
     * @param temperature °C at a moment
     */
    public Ripening(Pace pace, ToDoubleFunction<Instant> temperature) {
        this.pace = pace;
        this.temperature = temperature;
    }

    /** How fast it runs at a temperature. */
    public Pace pace() {
        return pace;
    }

    /** Reference days passed between two moments; 0 where the end is not after the start. */
    public double progress(Instant startInclusive, Instant endExclusive) {
        if (!startInclusive.isBefore(endExclusive)) {
            return 0;
        }
        begin(startInclusive);
        return upTo(endExclusive) - upTo(startInclusive);
    }

    /** Mean rate over the time before a moment. */
    public double meanRate(Instant end, Duration before) {
        return progress(end.minus(before), end) / (before.toMillis() / MILLIS_PER_DAY);
    }

    /**
     * The moment at which a progress is reached.
     *
     * @return empty where it is not reached within 400 days: too cold
     */
    public Optional<Instant> reaches(double progressDays, Instant start) {
        return reaches(start, progressDays).get(0);
    }

    /**
     * The moments at which several progresses are reached, in one pass.
     *
     * @param progressDays never falling
     * @return one for each, empty where it is not reached within 400 days: too cold
     */
    public List<Optional<Instant>> reaches(Instant start, double... progressDays) {
        begin(start);
        double before = upTo(start);
        int last = hour(start.plus(GIVE_UP));
        int hour = Math.max(0, hour(start));
        List<Optional<Instant>> moments = new ArrayList<>();
        for (double days : progressDays) {
            hour = hourReaching(before + days, hour, last);
            moments.add(hour < last ? Optional.of(moment(before + days, hour, start)) : Optional.empty());
        }
        return moments;
    }

    /** The first hour from one on in which a progress is reached; the last one where it isn't. */
    private int hourReaching(double progress, int from, int last) {
        int hour = from;
        while (hour < last && !(gained(hour) > 0 && reached[hour + 1] >= progress)) {
            hour++;
        }
        return hour;
    }

    private Instant moment(double progress, int hour, Instant start) {
        double part = (progress - reached[hour]) / gained(hour);
        Instant moment = from.plusMillis(hour * HOUR + Math.round(part * HOUR));
        return moment.isBefore(start) ? start : moment;
    }

    private void begin(Instant moment) {
        if (from == null) {
            from = moment;
        }
    }

    private int hour(Instant moment) {
        return (int) Math.floorDiv(Duration.between(from, moment).toMillis(), HOUR);
    }

    /** Progress from hour 0 to a moment; below 0 for moments before. */
    private double upTo(Instant moment) {
        int hour = hour(moment);
        double part = Duration.between(from, moment).toMillis() / (double) HOUR - hour;
        if (hour < 0) {
            return -before(hour, part);
        }
        reckon(hour);
        return part == 0 ? reached[hour] : reached[hour] + part * gained(hour);
    }

    /** What passes from a part of an hour before hour 0 up to there. */
    private double before(int hour, double part) {
        double passed = (1 - part) * rate(hour) * DAYS_PER_HOUR;
        for (int later = hour + 1; later < 0; later++) {
            passed += rate(later) * DAYS_PER_HOUR;
        }
        return passed;
    }

    private double gained(int hour) {
        reckon(hour + 1);
        return reached[hour + 1] - reached[hour];
    }

    private void reckon(int hours) {
        if (hours >= reached.length) {
            reached = Arrays.copyOf(reached, Math.max(hours + 1, 2 * reached.length));
        }
        for (; reckoned < hours; reckoned++) {
            reached[reckoned + 1] = reached[reckoned] + rate(reckoned) * DAYS_PER_HOUR;
        }
    }

    /** The rate half way through an hour. */
    private double rate(int hour) {
        return pace.rate(temperature.applyAsDouble(from.plusMillis(hour * HOUR + HOUR / 2)));
    }
}
