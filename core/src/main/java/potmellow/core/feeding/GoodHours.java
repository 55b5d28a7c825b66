package potmellow.core.feeding;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.sun.Daylight;

/** The hours at which gardeners feed: early, when the sun is just up, and late, while leaves still dry before the dark (from memory). */
public final class GoodHours {
    /** Early is so long after sunrise: light enough, and bees still sleep. */
    private static final Duration AFTER_SUNRISE = Duration.ofMinutes(30);
    /** Late is so long before sunset: out of the full sun, and what is wet still dries. */
    private static final Duration BEFORE_SUNSET = Duration.ofMinutes(90);

    private static final LocalTime EARLY_WITHOUT_SUN = LocalTime.of(7, 0);
    private static final LocalTime LATE_WITHOUT_SUN = LocalTime.of(18, 0);
    private static final int DAYS_AHEAD = 10;

    private GoodHours() {}

    /** Early on a day. */
    public static Instant early(LocalDate day, Conditions hour) {
        Daylight light = hour.sun().on(day, hour.wall()).value();
        return light.sunrise()
                .map(rise -> rise.plus(AFTER_SUNRISE))
                .orElseGet(
                        () -> day.atTime(EARLY_WITHOUT_SUN).atZone(hour.zone()).toInstant());
    }

    /** Late on a day. */
    public static Instant late(LocalDate day, Conditions hour) {
        Daylight light = hour.sun().on(day, hour.wall()).value();
        return light.sunset()
                .map(set -> set.minus(BEFORE_SUNSET))
                .orElseGet(
                        () -> day.atTime(LATE_WITHOUT_SUN).atZone(hour.zone()).toInstant());
    }

    /** Now, this evening where that still lies ahead, tomorrow early. */
    public static List<Choice> choices(Conditions now) {
        List<Choice> choices = new ArrayList<>();
        choices.add(new Choice("now", now.now()));
        Instant evening = late(now.today(), now);
        if (evening.isAfter(now.now())) {
            choices.add(new Choice("this evening", evening));
        }
        choices.add(new Choice("tomorrow early", early(now.today().plusDays(1), now)));
        return choices;
    }

    /** The hours of a day that still lie ahead; of today the present moment too. */
    static List<Instant> of(LocalDate day, Conditions now) {
        Stream<Instant> ahead = Stream.of(early(day, now), late(day, now)).filter(at -> at.isAfter(now.now()));
        return (day.equals(now.today()) ? Stream.concat(Stream.of(now.now()), ahead) : ahead).toList();
    }

    /**
     * The next hour at which nothing of weather, sun, bees or rhythm stands against a can.
     *
     * @return empty where none of the coming ten days has one, or where more than the hour is in the way
     */
    public static Optional<Instant> next(Can can, Conditions now) {
        return now.today()
                .datesUntil(now.today().plusDays(DAYS_AHEAD))
                .flatMap(day -> of(day, now).stream())
                .filter(at -> can.timelyAt(now.at(at)))
                .findFirst();
    }

    /**
     * A moment to mix for.
     *
     * @param words what it is called
     * @param at when it is
     */
    public record Choice(String words, Instant at) {}
}
