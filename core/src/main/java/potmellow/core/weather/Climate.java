package potmellow.core.weather;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import potmellow.core.measure.Temperature;

/** The climate of a garden, roughly, north of the equator. All its numbers are from memory. */
public enum Climate {
    MARITIME(
            "cool and maritime",
            new double[] {5, 5, 7, 9, 12, 14.5, 16.5, 16.5, 14.5, 11.5, 8, 6.5},
            new double[] {17, 14, 13, 11, 11, 11, 11, 12, 13, 16, 17, 17},
            6,
            4.5,
            52),
    INLAND(
            "warm summers, cold winters",
            new double[] {0, 1, 5, 9, 14, 17, 19, 18.5, 14.5, 9.5, 2.5, -2},
            new double[] {10, 9, 9, 9, 11, 11, 11, 10, 9, 9, 10, 10},
            10,
            3,
            50),
    NORTHERN(
            "short summers, long winters",
            new double[] {-7, -6, -1.5, 4.5, 10.5, 15, 17, 15.5, 10.5, 5, 0, -3.5},
            new double[] {11, 9, 9, 8, 9, 11, 12, 12, 11, 11, 12, 12},
            9,
            3.5,
            60),
    DRY_WARM(
            "warm and dry",
            new double[] {8.5, 9, 12, 15.5, 19.5, 23.5, 26, 26, 23, 18.5, 13, 9.5},
            new double[] {8, 8, 7, 6, 4, 2, 1, 1, 3, 6, 8, 8},
            12,
            3,
            38),
    HUMID_WARM(
            "warm and humid",
            new double[] {16, 17, 19, 22, 24.5, 27, 28, 28, 26.5, 22.5, 18, 15.5},
            new double[] {8, 8, 8, 7, 8, 13, 15, 15, 13, 9, 7, 8},
            9,
            3,
            28);

    private static final int MIDDLE_OF_MONTH = 15;

    private final String words;
    private final double[] monthlyMeans;
    private final double[] rainDays;
    private final double dailySwing;
    private final double meanWind;
    private final double usualLatitude;

    Climate(
            String words,
            double[] monthlyMeans,
            double[] rainDays,
            double dailySwing,
            double meanWind,
            double usualLatitude) {
        this.words = words;
        this.monthlyMeans = monthlyMeans;
        this.rainDays = rainDays;
        this.dailySwing = dailySwing;
        this.meanWind = meanWind;
        this.usualLatitude = usualLatitude;
    }

    public String words() {
        return words;
    }

    /** Where such a garden usually lies, degrees north. */
    public double usualLatitude() {
        return usualLatitude;
    }

    /** The outdoor mean of a year. */
    public Temperature yearlyMean() {
        return Temperature.ofCelsius(Arrays.stream(monthlyMeans).average().orElseThrow());
    }

    /** The usual mean of a day, °C: the monthly means joined in straight lines from mid-month to mid-month. */
    public double usualMean(LocalDate day) {
        YearMonth month = YearMonth.from(day);
        boolean early = day.getDayOfMonth() < MIDDLE_OF_MONTH;
        YearMonth from = early ? month.minusMonths(1) : month;
        LocalDate start = from.atDay(MIDDLE_OF_MONTH);
        LocalDate end = from.plusMonths(1).atDay(MIDDLE_OF_MONTH);
        double part = (double) ChronoUnit.DAYS.between(start, day) / ChronoUnit.DAYS.between(start, end);
        double before = monthlyMeans[from.getMonthValue() - 1];
        return before + part * (monthlyMeans[end.getMonthValue() - 1] - before);
    }

    /** The chance of rain on a day, 0 to 1. */
    public double rainChance(LocalDate day) {
        return rainDays[day.getMonthValue() - 1] / day.lengthOfMonth();
    }

    /** From the low of a usual day to its high, K. */
    public double dailySwing() {
        return dailySwing;
    }

    /** The usual wind, m/s. */
    public double meanWind() {
        return meanWind;
    }
}
