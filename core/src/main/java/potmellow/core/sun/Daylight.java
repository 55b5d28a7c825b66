package potmellow.core.sun;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * The light of one day.
 *
 * @param length how long the sun is up: nothing in the polar night, a whole day under the midnight sun
 * @param sunrise when it rises; empty where it doesn't, or never sets
 * @param sunset when it sets; empty where it doesn't rise or never sets
 */
public record Daylight(Duration length, Optional<Instant> sunrise, Optional<Instant> sunset) {
    private static final Duration WHOLE_DAY = Duration.ofHours(24);
    /** There is light enough to see by so long before the sun is up (common practice: civil twilight). */
    private static final Duration FIRST_LIGHT = Duration.ofMinutes(30);

    static Daylight polarNight() {
        return new Daylight(Duration.ZERO, Optional.empty(), Optional.empty());
    }

    static Daylight midnightSun() {
        return new Daylight(WHOLE_DAY, Optional.empty(), Optional.empty());
    }

    /** Whether a moment of that day lies in the dark: before the first light, or after sunset. */
    public boolean dark(Instant moment) {
        if (sunrise.isEmpty()) {
            return length.isZero();
        }
        return moment.isBefore(sunrise.get().minus(FIRST_LIGHT)) || moment.isAfter(sunset.orElseThrow());
    }

    /** Whether a moment lies so soon after sunrise, or so shortly before sunset. */
    public boolean within(Duration length, Instant moment) {
        return sunrise.filter(rise -> moment.isBefore(rise.plus(length))).isPresent()
                || sunset.filter(set -> moment.isAfter(set.minus(length))).isPresent();
    }

    /** In words, where there is no sunrise. */
    public String words() {
        return length.isZero() ? "the sun doesn't rise on this day" : "the sun doesn't set on this day";
    }
}
