package potmellow.core.ripening;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Stage;
import potmellow.core.craft.Window;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * How far a stage is, and when it will be ready. The moments are empty where it is too cold for it within 400 days.
 *
 * @param since from when its clock runs
 * @param progressDays reference days passed since the pot was set
 * @param ripeness 0 at the start, 1 at the earliest, 2 at the latest readiness
 * @param early when it reaches the earliest
 * @param likely half way between
 * @param late when it reaches the latest
 * @param past when it is past its best
 */
public record Forecast(
        Instant since,
        double progressDays,
        double ripeness,
        Optional<Instant> early,
        Optional<Instant> likely,
        Optional<Instant> late,
        Optional<Instant> past) {
    private static final String MODEL = "Rosso, Lobry & Flandrois 1993, J. Theor. Biol. 162:447";

    /**
     * Works out a forecast from what the book says.
     *
     * @param stage the stage it is in
     * @param ripening its clock
     * @param set when the pot was set
     * @param now the moment of asking
     * @param place the warmth of its place, for the words
     */
    public static Working<Forecast> of(
            Stage stage, Ripening ripening, Instant set, Instant now, Temperature place, UnitSystem system) {
        return of(stage, Expectation.of(stage), ripening, ClockStart.set(set), now, place, system);
    }

    /**
     * Works out a forecast.
     *
     * @param stage the stage it is in
     * @param expectation how long it takes
     * @param ripening its clock
     * @param start from where the clock runs
     * @param now the moment of asking
     * @param place the warmth of its place, for the words
     */
    public static Working<Forecast> of(
            Stage stage,
            Expectation expectation,
            Ripening ripening,
            ClockStart start,
            Instant now,
            Temperature place,
            UnitSystem system) {
        if (stage.instant()) {
            return atOnce(stage, start.at());
        }
        Forecast forecast = dates(stage, expectation.window(), ripening, start, now);
        List<Step> steps = new ArrayList<>(takes(expectation, ripening.pace(), place, system));
        start.why().ifPresent(steps::add);
        steps.add(progress(forecast, expectation, ripening.pace()));
        return new Working<>(forecast, steps);
    }

    private static Forecast dates(Stage stage, Window window, Ripening ripening, ClockStart start, Instant now) {
        double progress = start.progressDays() + ripening.progress(start.at(), now);
        double pastDays =
                window.fromDays() + (stage.pastRipeness().value() - 1) * (window.toDays() - window.fromDays());
        List<Optional<Instant>> reached = ripening.reaches(
                start.at(),
                left(window.fromDays(), start),
                left(window.likelyDays(), start),
                left(window.toDays(), start),
                left(Math.max(pastDays, window.toDays()), start));
        return new Forecast(
                start.at(),
                progress,
                window.ripeness(progress),
                reached.get(0),
                reached.get(1),
                reached.get(2),
                reached.get(3));
    }

    private static List<Step> takes(Expectation expectation, Pace pace, Temperature place, UnitSystem system) {
        List<Step> steps = new ArrayList<>(pace.warmth()
                .map(rates -> warm(expectation, rates, place, system))
                .orElseGet(() -> List.of(Step.of(
                        "Ready after so long, by the calendar; frozen time doesn't count.",
                        expectation.words(),
                        expectation.evidence()))));
        if (expectation.isOwn()) {
            steps.add(Step.of(
                    "The book and your own batches of this way, each of them weighed alike: eight in ten of the next are expected in there.",
                    expectation.words(),
                    expectation.evidence(),
                    "finished batches",
                    String.valueOf(expectation.own())));
        }
        return steps;
    }

    private static Step progress(Forecast forecast, Expectation expectation, Pace pace) {
        boolean warm = pace.warmth().isPresent();
        return Step.of(
                warm
                        ? "Progress: the speed of each hour added up since its clock started, the pot's own readings first."
                        : "Progress: the time since its clock started.",
                AmountText.number(forecast.progressDays(), 1) + (warm ? " warm days" : " days") + ", ripeness "
                        + AmountText.number(forecast.ripeness(), 2),
                Evidence.derivedFrom(
                        warm ? Mark.FROM_MEMORY : expectation.evidence().mark()));
    }

    private static double left(double days, ClockStart start) {
        return Math.max(0, days - start.progressDays());
    }

    private static Working<Forecast> atOnce(Stage stage, Instant set) {
        Optional<Instant> now = Optional.of(set);
        return Working.of(
                new Forecast(set, 0, 1, now, now, now, Optional.empty()),
                Step.of(
                        "It needs no time: it is ready as soon as it is made.",
                        "at once",
                        stage.windowDays().evidence()));
    }

    private static List<Step> warm(
            Expectation expectation, CardinalTemperatures rates, Temperature place, UnitSystem system) {
        String reference = AmountText.temperature(Temperature.ofCelsius(rates.reference()), system);
        String placeText = AmountText.temperature(place, system);
        return List.of(
                Step.of("Ready after so many days at " + reference + ".", expectation.words(), expectation.evidence()),
                Step.of(
                        "At another temperature the ferment runs at γ(T) ÷ γ(" + reference + ") of that speed.",
                        AmountText.number(rates.rate(place.celsius()), 2) + " × at " + placeText,
                        new Evidence(Mark.FROM_MEMORY, true, MODEL),
                        "T min, optimum, max",
                        AmountText.number(rates.minimum()) + ", " + AmountText.number(rates.optimum()) + ", "
                                + AmountText.number(rates.maximum()) + " °C (from memory)",
                        "this place",
                        placeText));
    }
}
