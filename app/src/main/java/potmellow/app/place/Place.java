package potmellow.app.place;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.DoubleStream;
import java.util.stream.LongStream;
import potmellow.core.book.Light;
import potmellow.core.book.Method;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;
import potmellow.core.place.PlaceKind;
import potmellow.core.place.PlaceModel;
import potmellow.core.scaling.Setting;
import potmellow.core.weather.DryDays;
import potmellow.core.weather.Outdoors;

/**
 * Where vessels stand.
 *
 * @param id its id
 * @param name what it is called
 * @param walkingOrder its turn on the daily walk
 * @param kind what kind of place
 * @param model how warm it is at any moment
 * @param light how light it is there
 * @param outdoors whether it is outdoors
 * @param room the air of the room; empty outdoors, and where nobody told it
 * @param version counted up with every change
 */
public record Place(
        UUID id,
        String name,
        int walkingOrder,
        PlaceKind kind,
        PlaceModel model,
        Light light,
        boolean outdoors,
        Optional<Volume> room,
        int version) {
    private static final int WEEK_HOURS = 168;
    private static final int SAMPLE_HOURS = 3;
    private static final double A_WEEK = 7;
    private static final double A_YEAR = 365;

    /** How warm it is at a moment. */
    public Temperature warmth(Outdoors weather, Instant moment) {
        return Temperature.ofCelsius(model.at(moment, weather));
    }

    /** How warm it is in the mean of the coming week. */
    public Temperature usualWarmth(Outdoors weather, Instant now) {
        return Temperature.ofCelsius(week(now, weather).average().orElseThrow());
    }

    /** This place as the rules of the craft see it, for what is made by a method from now on. */
    public Setting.Spot spot(Outdoors weather, Instant now, Method method) {
        int dry = method.place()
                .dryDays()
                .map(days -> (int) Math.ceil(days.value()))
                .orElse(1);
        return new Setting.Spot(
                name,
                light,
                usualWarmth(weather, now),
                outdoors,
                room,
                Temperature.ofCelsius(model.coldest(now, daysAhead(method), weather)),
                Optional.of(DryDays.around(weather.weather(), weather.day(now).day(), dry)),
                Optional.of(kind));
    }

    /** A week at least; how long it stands, where frost must not reach it. */
    private static double daysAhead(Method method) {
        double stands =
                method.place().frostFree() ? method.lastStage().windowDays().most() : 0;
        return Math.max(A_WEEK, Math.min(A_YEAR, stands));
    }

    private DoubleStream week(Instant now, Outdoors weather) {
        Instant hour = now.truncatedTo(ChronoUnit.HOURS);
        return LongStream.rangeClosed(0, WEEK_HOURS / SAMPLE_HOURS)
                .mapToDouble(step -> model.at(hour.plus(Duration.ofHours(step * SAMPLE_HOURS)), weather));
    }
}
