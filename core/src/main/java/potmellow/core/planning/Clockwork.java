package potmellow.core.planning;

import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.craft.Clock;
import potmellow.core.craft.Window;
import potmellow.core.ripening.Pace;

/**
 * How long every method takes at every place, for every day of the coming 500: P = Σ rate(T)·Δt in hourly steps, as pots are
 * forecast, but summed up once so that any span is two look-ups.
 */
final class Clockwork {
    static final int DAYS = 500;
    private static final int HOURS = DAYS * 24;
    /** Pots aren't set in the middle of the night. */
    private static final int EARLIEST_HOUR = 6;

    private static final int LATEST_HOUR = 22;
    private static final int MORNING_HOUR = Workshop.MORNING.getHour();
    /** What takes up to two hours more is still ready on the morning walk. */
    private static final double GRACE_HOURS = 2;

    private static final double HALF_A_MINUTE = 1.0 / 120;

    private final Workshop workshop;
    private final Map<String, double[]> warmth = new HashMap<>();
    private final Map<String, Daily> daily = new HashMap<>();
    private final Map<String, double[]> progress = new HashMap<>();
    private final Map<String, Timing> timings = new HashMap<>();

    Clockwork(Workshop workshop) {
        this.workshop = workshop;
    }

    Timing timing(Method method, Spot spot) {
        return timings.computeIfAbsent(method.id() + "@" + spot.id(), key -> work(method, spot));
    }

    /** The temperature at a place at every hour from this morning on, °C. */
    double[] warmth(Spot spot) {
        return warmth.computeIfAbsent(spot.id(), id -> {
            Instant start = workshop.morning(0);
            double[] hours = new double[HOURS + 1];
            for (int hour = 0; hour <= HOURS; hour++) {
                hours[hour] = spot.model().at(start.plus(Duration.ofHours(hour)), workshop.outdoors());
            }
            return hours;
        });
    }

    /** The mean at a place over some days, °C. */
    double mean(Spot spot, int from, int to) {
        double[] days = daily(spot).means();
        int first = inside(from);
        int last = Math.max(first + 1, inside(to));
        return (days[last] - days[first]) / (last - first);
    }

    /** The lowest temperature at a place over some days, °C. */
    double coldest(Spot spot, int from, int to) {
        double[] days = daily(spot).lowest();
        double coldest = Double.MAX_VALUE;
        for (int day = inside(from); day < Math.max(inside(from) + 1, inside(to)); day++) {
            coldest = Math.min(coldest, days[day]);
        }
        return coldest;
    }

    private static int inside(int day) {
        return Math.max(0, Math.min(DAYS - 1, day));
    }

    private Daily daily(Spot spot) {
        return daily.computeIfAbsent(spot.id(), id -> {
            double[] hours = warmth(spot);
            double[] sums = new double[DAYS + 1];
            double[] lowest = new double[DAYS];
            for (int day = 0; day < DAYS; day++) {
                lowest[day] =
                        Arrays.stream(hours, day * 24, day * 24 + 24).min().orElseThrow();
                sums[day + 1] = sums[day]
                        + Arrays.stream(hours, day * 24, day * 24 + 24)
                                .average()
                                .orElseThrow();
            }
            return new Daily(sums, lowest);
        });
    }

    /** Means of the days added up from the first on, and their lowest temperatures, °C. */
    private record Daily(double[] means, double[] lowest) {}

    private double[] progress(Pace pace, Method method, Spot spot) {
        String key = (pace.warmth().isPresent() ? method.family().name() : "calendar") + "@" + spot.id();
        return progress.computeIfAbsent(key, any -> {
            double[] hours = warmth(spot);
            double[] sums = new double[HOURS + 1];
            for (int hour = 0; hour < HOURS; hour++) {
                sums[hour + 1] = sums[hour] + pace.rate((hours[hour] + hours[hour + 1]) / 2) / 24;
            }
            return sums;
        });
    }

    private Timing work(Method method, Spot spot) {
        Stage stage = method.lastStage();
        Product product = workshop.book().productOf(method);
        Afterwards after = Afterwards.of(method, product);
        int fill = method.filledOverDays() ? workshop.choices().fillDays() : 0;
        Window window = workshop.expectation().apply(method).window();
        boolean chosen = stage.clock() == Clock.CHOSEN;
        double hours = chosen ? chosenHours(stage) : 0;
        double[] sums = progress(Pace.of(method.family(), stage), method, spot);
        int[] hopeful = new int[DAYS];
        int[] emptied = new int[DAYS];
        int[] safe = new int[DAYS];
        for (int day = 0; day < DAYS; day++) {
            int early;
            int late;
            if (chosen) {
                early = day + wholeDays(hours);
                late = early;
            } else if (stage.instant()) {
                early = day + fill;
                late = early;
            } else {
                early = reached(sums, day + fill, window.fromDays());
                late = reached(sums, day + fill, window.toDays());
            }
            hopeful[day] = Math.min(Timing.NEVER, early + after.least());
            emptied[day] = late;
            safe[day] = Math.min(Timing.NEVER, late + after.most());
        }
        int later = chosen ? (int) Math.round(wholeDays(hours) * 24 - hours) : 0;
        return new Timing(hopeful, emptied, safe, later);
    }

    /** The morning on which a progress is reached. */
    private static int reached(double[] sums, int start, double days) {
        if (start >= DAYS || sums[HOURS] - sums[start * 24] < days) {
            return Timing.NEVER;
        }
        double wanted = sums[start * 24] + days;
        int low = start * 24;
        int high = HOURS;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (sums[middle] >= wanted - 1e-9) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return (int) Math.ceil(high / 24.0 - HALF_A_MINUTE / 24);
    }

    private static int wholeDays(double hours) {
        return (int) Math.ceil((hours - GRACE_HOURS) / 24 - 1e-9);
    }

    /**
     * Hours of a stage that the gardener decides on: the usual number, or the nearest within the limits whose beginning falls
     * into no night.
     */
    static double chosenHours(Stage stage) {
        double usual = stage.windowDays().usual() * 24;
        double least = stage.windowDays().least() * 24;
        double most = stage.windowDays().most() * 24;
        for (double off = 0; off <= most - least; off++) {
            if (usual - off >= least - HALF_A_MINUTE && byDay(usual - off)) {
                return usual - off;
            }
            if (usual + off <= most + HALF_A_MINUTE && byDay(usual + off)) {
                return usual + off;
            }
        }
        return usual;
    }

    private static boolean byDay(double hours) {
        double begins = MORNING_HOUR - hours % 24;
        double ofDay = begins < 0 ? begins + 24 : begins;
        return ofDay >= EARLIEST_HOUR - HALF_A_MINUTE && ofDay <= LATEST_HOUR + HALF_A_MINUTE;
    }
}
