package potmellow.app.recipe;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import potmellow.app.answer.DayText;
import potmellow.app.answer.WorkingView;
import potmellow.app.garden.Garden;
import potmellow.core.ripening.Forecast;
import potmellow.core.working.Working;

/**
 * When it will be ready. Moments are absent where it is too cold for it.
 *
 * @param ripeness 1 is the earliest readiness, 2 the latest
 * @param words the span of days in words
 * @param reason why these days
 */
public record ForecastView(
        double ripeness,
        Optional<Instant> early,
        Optional<Instant> likely,
        Optional<Instant> late,
        Optional<Instant> past,
        String words,
        String reason,
        WorkingView working) {
    /** What is ready within so short a span is told by the clock. */
    private static final Duration TOLD_IN_HOURS = Duration.ofHours(25);

    public static ForecastView of(Working<Forecast> working, String reason, Garden garden) {
        Forecast forecast = working.value();
        return new ForecastView(
                forecast.ripeness(),
                forecast.early(),
                forecast.likely(),
                forecast.late(),
                forecast.past(),
                words(forecast, garden),
                reason,
                WorkingView.of(working));
    }

    private static String words(Forecast forecast, Garden garden) {
        if (forecast.early().isEmpty()) {
            return "too cold to say";
        }
        if (forecast.late().isEmpty()) {
            return DayText.from(garden.day(forecast.early().get()));
        }
        Duration span = Duration.between(forecast.early().get(), forecast.late().get());
        if (!span.isZero() && span.compareTo(TOLD_IN_HOURS) < 0) {
            return DayText.hours(forecast.early().get(), forecast.late().get(), garden.wall());
        }
        LocalDate early = garden.day(forecast.early().get());
        LocalDate late = garden.day(forecast.late().get());
        return DayText.span(early, late);
    }
}
