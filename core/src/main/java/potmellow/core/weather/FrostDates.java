package potmellow.core.weather;

import java.time.LocalDate;
import java.util.Optional;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * When frost is usually over, and when it comes back. Empty where no frost is to be expected.
 *
 * @param lastOfSpring the last day on which one night in ten still freezes
 * @param firstOfAutumn the first such day after summer
 */
public record FrostDates(Optional<LocalDate> lastOfSpring, Optional<LocalDate> firstOfAutumn) {
    /** One night in ten is this much colder than usual: 1.28 standard deviations of 2.4 K. */
    public static final double COLD_NIGHT = 3.1;

    private static final int MIDSUMMER_MONTH = 7;
    private static final int HALF_A_YEAR = 196;

    /** The usual frost dates of a climate in a calendar year. */
    public static Working<FrostDates> of(Climate climate, int year, UnitSystem system) {
        LocalDate summer = LocalDate.of(year, MIDSUMMER_MONTH, 15);
        FrostDates dates = new FrostDates(first(climate, summer, -1), first(climate, summer, 1));
        return Working.of(
                dates,
                Step.of(
                        "Counted from midsummer, the first day on which one night in ten freezes: usual mean − half the daily"
                                + " swing − 3.1 °C is 0 °C or less.",
                        dates.firstOfAutumn().map(LocalDate::toString).orElse("no frost"),
                        Evidence.derivedFrom(Mark.FROM_MEMORY),
                        "mean of the year",
                        AmountText.temperature(climate.yearlyMean(), system),
                        "daily swing",
                        AmountText.number(climate.dailySwing()) + " °C"));
    }

    private static Optional<LocalDate> first(Climate climate, LocalDate summer, int direction) {
        for (int days = 0; days < HALF_A_YEAR; days++) {
            LocalDate day = summer.plusDays((long) direction * days);
            Temperature coldNight =
                    Temperature.ofCelsius(climate.usualMean(day) - climate.dailySwing() / 2 - COLD_NIGHT);
            if (coldNight.celsius() <= 0) {
                return Optional.of(day);
            }
        }
        return Optional.empty();
    }
}
