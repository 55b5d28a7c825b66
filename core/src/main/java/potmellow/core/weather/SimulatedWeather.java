package potmellow.core.weather;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.SplittableRandom;

/**
 * A stand-in for a weather service: the same seed, climate and day always give the same weather. Warm and cold spells follow
 * each other as in nature; a forecast knows tomorrow well and the tenth day hardly. All its numbers are from memory.
 *
 * @param climate what is usual
 * @param seed which of many possible weathers
 * @param today up to which day it is history; ten more days are forecast
 */
public record SimulatedWeather(Climate climate, long seed, LocalDate today) implements Weather {
    /** For how many days ahead a forecast is told. */
    public static final int FORECAST_DAYS = 10;

    private static final int SPELL_DAYS = 14;
    private static final double SPELL_MEMORY = 0.75;
    private static final double DAILY_KICK = 1.6;
    private static final double MEAN_RAIN_MILLIMETRES = 5;
    private static final double WET_DAY_SWING = 0.65;
    private static final double DRY_DAY_SWING = 1.15;
    /** A forecast trusts its own spells less from day to day, and not at all after twelve. */
    private static final double FORECAST_FADE_DAYS = 12;
    /** Rain is forecast rightly for so many days; beyond, its chance is told as drizzle. */
    private static final int RAIN_KNOWN_DAYS = 4;

    private static final long SPELL = 1;
    private static final long RAIN = 2;
    private static final long SWING = 3;
    private static final long WIND = 4;
    private static final long DAY_STEP = 0x9E3779B97F4A7C15L;

    @Override
    public DayWeather on(LocalDate day) {
        long ahead = ChronoUnit.DAYS.between(today, day);
        if (ahead > FORECAST_DAYS) {
            return usual(day);
        }
        double trust = ahead <= 0 ? 1 : 1 - ahead / FORECAST_FADE_DAYS;
        double rain = ahead <= RAIN_KNOWN_DAYS ? rain(day) : climate.rainChance(day) * MEAN_RAIN_MILLIMETRES;
        double swing = climate.dailySwing()
                * (rain(day) > 0 ? WET_DAY_SWING : DRY_DAY_SWING)
                * (0.8 + 0.4 * dice(day, SWING).nextDouble());
        double mean = climate.usualMean(day) + trust * spell(day);
        return new DayWeather(
                day,
                mean - swing / 2,
                mean + swing / 2,
                rain,
                climate.meanWind() * (0.4 + 1.2 * dice(day, WIND).nextDouble()),
                ahead <= 0 ? DayWeather.Origin.SIMULATED : DayWeather.Origin.FORECAST);
    }

    private DayWeather usual(LocalDate day) {
        double mean = climate.usualMean(day);
        return new DayWeather(
                day,
                mean - climate.dailySwing() / 2,
                mean + climate.dailySwing() / 2,
                climate.rainChance(day) * MEAN_RAIN_MILLIMETRES,
                climate.meanWind(),
                DayWeather.Origin.USUAL);
    }

    /** How much warmer than usual a day is, K: kicks of the last two weeks, fading. */
    private double spell(LocalDate day) {
        double spell = 0;
        double weight = DAILY_KICK;
        for (int back = 0; back < SPELL_DAYS; back++) {
            spell += weight * dice(day.minusDays(back), SPELL).nextGaussian();
            weight *= SPELL_MEMORY;
        }
        return spell;
    }

    private double rain(LocalDate day) {
        SplittableRandom dice = dice(day, RAIN);
        boolean wet = dice.nextDouble() < climate.rainChance(day);
        return wet ? 0.5 - Math.log(1 - dice.nextDouble()) * MEAN_RAIN_MILLIMETRES : 0;
    }

    private SplittableRandom dice(LocalDate day, long purpose) {
        return new SplittableRandom(seed + purpose * 1_000_003 + day.toEpochDay() * DAY_STEP);
    }
}
