package potmellow.core.weather;

import static java.util.Objects.requireNonNull;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import potmellow.core.measure.InvalidInput;

/**
 * The weather of one day outdoors.
 *
 * @param day which day
 * @param low its lowest temperature, °C
 * @param high its highest temperature, °C, not below the low
 * @param rainMillimetres rain, mm, 0 or more
 * @param windMetresPerSecond mean wind, m/s, 0 or more
 * @param origin where these numbers come from
 * @param shower between which hours it rains; empty where nobody knows
 */
public record DayWeather(
        LocalDate day,
        double low,
        double high,
        double rainMillimetres,
        double windMetresPerSecond,
        Origin origin,
        Optional<Shower> shower) {
    /** From this much rain on a day counts as wet (from memory). */
    private static final double WET_MILLIMETRES = 0.5;

    public DayWeather {
        requireNonNull(day, "day");
        requireNonNull(origin, "origin");
        requireNonNull(shower, "shower");
        if (!(low <= high)) {
            throw new IllegalArgumentException("The low (" + low + " °C) can't be above the high (" + high + " °C).");
        }
        if (!(rainMillimetres >= 0 && windMetresPerSecond >= 0)) {
            throw new IllegalArgumentException("Rain (" + rainMillimetres + " mm) and wind (" + windMetresPerSecond
                    + " m/s) can't be less than nothing.");
        }
    }

    /** A day of which nobody knows the hours of its rain. */
    public DayWeather(
            LocalDate day, double low, double high, double rainMillimetres, double windMetresPerSecond, Origin origin) {
        this(day, low, high, rainMillimetres, windMetresPerSecond, origin, Optional.empty());
    }

    /** Whether the hours of its rain are known; a dry day has none. */
    public boolean hoursKnown() {
        return rainMillimetres == 0 || shower.isPresent();
    }

    /** Its rain between two times of that day, mm, where the hours are known: it falls evenly through the shower. */
    public double rainBetween(LocalTime from, LocalTime until) {
        return shower.map(known -> rainMillimetres * known.shareBetween(from, until))
                .orElse(0.0);
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

    /**
     * The hours of a day's rain.
     *
     * @param from when it begins
     * @param until when it ends, later on that day
     */
    public record Shower(LocalTime from, LocalTime until) {
        private static final Pattern CLOCK = Pattern.compile("([01]?\\d|2[0-3]|24)(?:[:.]([0-5]\\d))?");
        private static final int LAST_HOUR = 24;

        public Shower {
            if (!from.isBefore(until)) {
                throw new IllegalArgumentException("The rain must end (" + until + ") after it began (" + from + ").");
            }
        }

        /**
         * Reads hours as they are typed, such as "14" or "14:30", by the clock of 24 hours.
         *
         * @return empty where neither is told
         * @throws InvalidInput for what is no time, one without the other, or an end before the beginning
         */
        public static Optional<Shower> read(String from, String until) {
            if (from.isBlank() && until.isBlank()) {
                return Optional.empty();
            }
            LocalTime begins = time("When the rain begins", from);
            LocalTime ends = time("When the rain ends", until);
            if (!begins.isBefore(ends)) {
                throw InvalidInput.unreadable(
                        "When the rain ends", until, "It must be later than " + from.strip() + " on the same day.");
            }
            return Optional.of(new Shower(begins, ends));
        }

        private static LocalTime time(String name, String text) {
            Matcher matcher = CLOCK.matcher(text.strip());
            if (!matcher.matches()) {
                throw InvalidInput.unreadable(name, text, "Write it as 14 or 14:30.");
            }
            int minutes = matcher.group(2) == null ? 0 : Integer.parseInt(matcher.group(2));
            int hours = Integer.parseInt(matcher.group(1));
            return hours == LAST_HOUR ? LocalTime.MAX : LocalTime.of(hours, minutes);
        }

        double shareBetween(LocalTime one, LocalTime other) {
            LocalTime begins = one.isAfter(from) ? one : from;
            LocalTime ends = other.isBefore(until) ? other : until;
            return begins.isBefore(ends)
                    ? (double) Duration.between(begins, ends).toSeconds()
                            / Duration.between(from, until).toSeconds()
                    : 0;
        }
    }
}
