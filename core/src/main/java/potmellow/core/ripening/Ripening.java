package potmellow.core.ripening;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * The clock of a stage: progress P = Σ rate(T)·Δt in hourly steps, in days at the reference temperature where warmth matters.
 *
 * @param pace how fast the clock runs at a temperature
 * @param temperature °C at a moment
 */
public record Ripening(Pace pace, ToDoubleFunction<Instant> temperature) {
    private static final Duration STEP = Duration.ofHours(1);
    private static final Duration GIVE_UP = Duration.ofDays(400);
    private static final double MILLIS_PER_DAY = Duration.ofDays(1).toMillis();

    /** Reference days passed between two moments; 0 where the end is not after the start. */
    public double progress(Instant startInclusive, Instant endExclusive) {
        double progress = 0;
        for (Instant at = startInclusive; at.isBefore(endExclusive); at = at.plus(STEP)) {
            Instant next = at.plus(STEP).isBefore(endExclusive) ? at.plus(STEP) : endExclusive;
            progress += days(at, next) * rateBetween(at, next);
        }
        return progress;
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
        List<Optional<Instant>> reached = new ArrayList<>();
        double progress = 0;
        Instant giveUp = start.plus(GIVE_UP);
        for (Instant at = start; at.isBefore(giveUp) && reached.size() < progressDays.length; at = at.plus(STEP)) {
            Instant next = at.plus(STEP);
            double gained = days(at, next) * rateBetween(at, next);
            while (gained > 0
                    && reached.size() < progressDays.length
                    && progress + gained >= progressDays[reached.size()]) {
                double part = (progressDays[reached.size()] - progress) / gained;
                reached.add(Optional.of(at.plusMillis(Math.round(part * STEP.toMillis()))));
            }
            progress += gained;
        }
        while (reached.size() < progressDays.length) {
            reached.add(Optional.empty());
        }
        return reached;
    }

    /** The rate half way through a step. */
    private double rateBetween(Instant from, Instant to) {
        Instant middle = from.plusMillis(Duration.between(from, to).toMillis() / 2);
        return pace.rate(temperature.applyAsDouble(middle));
    }

    private static double days(Instant from, Instant to) {
        return Duration.between(from, to).toMillis() / MILLIS_PER_DAY;
    }
}
