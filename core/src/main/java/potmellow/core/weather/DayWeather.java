package potmellow.core.weather;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;

/**
 * The weather of one day outdoors.
 *
 * @param day which day
 * @param low its lowest temperature, °C
 * @param high its highest temperature, °C, not below the low
 * @param rainMillimetres rain, mm, 0 or more
 * @param windMetresPerSecond mean wind, m/s, 0 or more
 * @param origin where these numbers come from
 */
public record DayWeather(
        LocalDate day, double low, double high, double rainMillimetres, double windMetresPerSecond, Origin origin) {
    /** From this much rain on a day counts as wet (from memory). */
    private static final double WET_MILLIMETRES = 0.5;

    public DayWeather {
        requireNonNull(day, "day");
        requireNonNull(origin, "origin");
        if (!(low <= high)) {
            throw new IllegalArgumentException("The low (" + low + " °C) can't be above the high (" + high + " °C).");
        }
        if (!(rainMillimetres >= 0 && windMetresPerSecond >= 0)) {
            throw new IllegalArgumentException("Rain (" + rainMillimetres + " mm) and wind (" + windMetresPerSecond
                    + " m/s) can't be less than nothing.");
        }
    }

    /** Half way from low to high, °C. */
    public double mean() {
        return (low + high) / 2;
    }

    public boolean frost() {
        return low <= 0;
    }

    public boolean wet() {
        return rainMillimetres >= WET_MILLIMETRES;
    }

    /** Where a day's numbers come from, the most trusted first. */
    public enum Origin {
        TYPED("written down"),
        IMPORTED("taken in"),
        SIMULATED("simulated"),
        FORECAST("forecast"),
        USUAL("usual");

        private final String words;

        Origin(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether a gardener measured it. */
        public boolean real() {
            return this == TYPED || this == IMPORTED;
        }
    }
}
