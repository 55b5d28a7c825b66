package potmellow.core.ripening;

import java.time.Instant;
import java.util.Optional;
import potmellow.core.book.Stage;
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
 * @param progressDays reference days passed since the pot was set
 * @param ripeness 0 at the start, 1 at the earliest, 2 at the latest readiness
 * @param early when it reaches the earliest
 * @param likely half way between
 * @param late when it reaches the latest
 * @param past when it is past its best
 */
public record Forecast(
        double progressDays,
        double ripeness,
        Optional<Instant> early,
        Optional<Instant> likely,
        Optional<Instant> late,
        Optional<Instant> past) {
    private static final String MODEL = "Rosso, Lobry & Flandrois 1993, J. Theor. Biol. 162:447";

    /**
     * Works out a forecast.
     *
     * @param stage the stage it is in
     * @param ripening its thermal clock
     * @param set when the pot was set
     * @param now the moment of asking
     * @param place the warmth of its place, for the words
     */
    public static Working<Forecast> of(
            Stage stage, Ripening ripening, Instant set, Instant now, Temperature place, UnitSystem system) {
        Window window = Window.of(stage.windowDays());
        double progress = ripening.progress(set, now);
        double pastDays =
                window.fromDays() + (stage.pastRipeness().value() - 1) * (window.toDays() - window.fromDays());
        Forecast forecast = new Forecast(
                progress,
                window.ripeness(progress),
                ripening.reaches(window.fromDays(), set),
                ripening.reaches(window.likelyDays(), set),
                ripening.reaches(window.toDays(), set),
                ripening.reaches(pastDays, set));
        CardinalTemperatures rates = ripening.rates();
        double rate = rates.rate(place.celsius());
        String reference = AmountText.temperature(Temperature.ofCelsius(rates.reference()), system);
        String placeText = AmountText.temperature(place, system);
        return Working.of(
                forecast,
                Step.of(
                        "Ready after so many days at " + reference + ".",
                        AmountText.number(window.fromDays()) + " to " + AmountText.number(window.toDays()) + " days",
                        stage.windowDays().evidence()),
                Step.of(
                        "At another temperature the ferment runs at γ(T) ÷ γ(" + reference + ") of that speed.",
                        AmountText.number(rate, 2) + " × at " + placeText,
                        new Evidence(Mark.FROM_MEMORY, true, MODEL),
                        "T min, optimum, max",
                        AmountText.number(rates.minimum()) + ", " + AmountText.number(rates.optimum()) + ", "
                                + AmountText.number(rates.maximum()) + " °C (from memory)",
                        "this place",
                        placeText),
                Step.of(
                        "Progress: the speed of each hour added up since it was set, the pot's own readings first.",
                        AmountText.number(progress, 1) + " warm days, ripeness "
                                + AmountText.number(forecast.ripeness(), 2),
                        Evidence.derivedFrom(Mark.FROM_MEMORY)));
    }

    /** The reason for the dates in words, for a place and its speed. */
    public static String reason(Stage stage, CardinalTemperatures rates, Temperature place, UnitSystem system) {
        double rate = rates.rate(place.celsius());
        String window = AmountText.number(stage.windowDays().least()) + " to "
                + AmountText.number(stage.windowDays().most()) + " days";
        String reference = AmountText.temperature(Temperature.ofCelsius(rates.reference()), system);
        String here = AmountText.temperature(place, system);
        if (rate == 0) {
            return "At " + here + " it does not work at all.";
        }
        if (Math.abs(rate - 1) < 0.03) {
            return "About " + window + ": " + here + " is what the recipe assumes.";
        }
        String days = AmountText.number(stage.windowDays().least() / rate, 0) + " to "
                + AmountText.number(stage.windowDays().most() / rate, 0) + " days";
        return "The recipe says " + window + " at " + reference + ". At " + here + " it runs at "
                + AmountText.percent(Math.round(rate * 100) / 100.0) + " of that speed, so " + days + ".";
    }
}
