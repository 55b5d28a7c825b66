package potmellow.core.weather;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.function.LongToDoubleFunction;

/**
 * Numbers by the hour, each worked out when it is first asked for. Whoever walks through the hours of a pot asks for the same day again
 * and again, so the day last asked for is at hand. Not thread-safe.
 */
final class HourTable {
    private static final int HOURS = 24;

    private final LongToDoubleFunction rule;
    private final Map<Long, double[]> days = new HashMap<>();
    private long lastDay;
    private double[] last;

    /** @param rule the number of an hour of the epoch; it may ask for other hours, and is never NaN */
    HourTable(LongToDoubleFunction rule) {
        this.rule = rule;
    }

    double at(long hour) {
        double[] day = day(Math.floorDiv(hour, HOURS));
        int index = Math.floorMod(hour, HOURS);
        if (Double.isNaN(day[index])) {
            day[index] = rule.applyAsDouble(hour);
        }
        return day[index];
    }

    private double[] day(long day) {
        if (last == null || day != lastDay) {
            last = days.computeIfAbsent(day, unknown -> empty());
            lastDay = day;
        }
        return last;
    }

    private static double[] empty() {
        double[] hours = new double[HOURS];
        Arrays.fill(hours, Double.NaN);
        return hours;
    }
}
