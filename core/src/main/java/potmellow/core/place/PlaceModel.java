package potmellow.core.place;

import static java.util.Objects.requireNonNull;

import java.time.Duration;
import java.time.Instant;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.FrostDates;
import potmellow.core.weather.Outdoors;

/** How warm a place is at any moment. */
public sealed interface PlaceModel permits PlaceModel.Steady, PlaceModel.Follows {
    /** Fine enough to meet the coldest hour of each night. */
    Duration STEP = Duration.ofHours(3);

    int STEPS_A_DAY = 8;

    /** The temperature at a moment, °C. */
    double at(Instant moment, Outdoors outdoors);

    /**
     * The coldest it gets in some days, °C: by the forecast as far as it goes, then as cold as one night in ten.
     *
     * @param days how many days ahead, more than 0
     */
    default double coldest(Instant from, double days, Outdoors outdoors) {
        long steps = Math.max(1, Math.round(days * STEPS_A_DAY));
        double coldest = Double.MAX_VALUE;
        for (long step = 0; step <= steps; step++) {
            Instant moment = from.plus(STEP.multipliedBy(step));
            double unknown = outdoors.day(moment).origin() == DayWeather.Origin.USUAL ? FrostDates.COLD_NIGHT : 0;
            coldest = Math.min(coldest, at(moment, outdoors) - unknown);
        }
        return coldest;
    }

    /** In words, such as "steady 19.5 °C". */
    String words(UnitSystem system);

    /**
     * Heated or cooled: the same all year.
     *
     * @param temperature its warmth
     */
    record Steady(Temperature temperature) implements PlaceModel {
        public Steady {
            requireNonNull(temperature, "temperature");
        }

        @Override
        public double at(Instant moment, Outdoors outdoors) {
            return temperature.celsius();
        }

        @Override
        public double coldest(Instant from, double days, Outdoors outdoors) {
            return temperature.celsius();
        }

        @Override
        public String words(UnitSystem system) {
            return "steady " + AmountText.temperature(temperature, system);
        }
    }

    /**
     * It goes with the weather: T = mean of 24 h outdoors + offset + damping × (outdoors − that mean), all of it late by a lag.
     *
     * @param offsetKelvin how much warmer than outdoors on the whole, K, −15 to 30
     * @param damping how much of the daily up and down arrives, 0 to 2; above 1 where the sun is caught
     * @param lag how late it arrives, 0 to 24 h
     */
    record Follows(double offsetKelvin, double damping, Duration lag) implements PlaceModel {
        public static final double LEAST_OFFSET = -15;
        public static final double MOST_OFFSET = 30;
        public static final double MOST_DAMPING = 2;
        public static final Duration MOST_LAG = Duration.ofHours(24);

        public Follows {
            if (!(offsetKelvin >= LEAST_OFFSET && offsetKelvin <= MOST_OFFSET)) {
                throw new IllegalArgumentException("A place can't be " + offsetKelvin
                        + " °C warmer than outdoors; -15 to 30 °C is what places reach.");
            }
            if (!(damping >= 0 && damping <= MOST_DAMPING)) {
                throw new IllegalArgumentException("The damping (" + damping + ") must be from 0 to 2.");
            }
            if (lag.isNegative() || lag.compareTo(MOST_LAG) > 0) {
                throw new IllegalArgumentException("The lag (" + lag + ") must be from 0 to 24 hours.");
            }
        }

        @Override
        public double at(Instant moment, Outdoors outdoors) {
            Instant then = moment.minus(lag);
            double mean = outdoors.meanOfDayBefore(then);
            return mean + offsetKelvin + damping * (outdoors.at(then) - mean);
        }

        @Override
        public String words(UnitSystem system) {
            double degrees = system == UnitSystem.METRIC ? Math.abs(offsetKelvin) : Math.abs(offsetKelvin) * 1.8;
            String unit = system == UnitSystem.METRIC ? " °C" : " °F";
            if (offsetKelvin == 0) {
                return "as outdoors";
            }
            return AmountText.number(degrees, 1) + unit + (offsetKelvin > 0 ? " warmer" : " cooler") + " than outdoors";
        }
    }
}
