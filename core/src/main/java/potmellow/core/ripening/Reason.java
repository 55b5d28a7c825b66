package potmellow.core.ripening;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import potmellow.core.book.Stage;
import potmellow.core.craft.Clock;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;

/**
 * Why a pot is ready when it is, in words: by the same warmth as the dates beside it, hour by hour, and not by a mean.
 *
 * @param stage the stage it is in
 * @param expectation how long it takes
 * @param pace how fast its clock runs
 * @param forecast the dates
 * @param place the mean warmth of its place in the coming week
 */
public record Reason(Stage stage, Expectation expectation, Pace pace, Forecast forecast, Temperature place) {
    private static final double AS_WARM = 0.03;
    private static final double MILLIS_PER_DAY = Duration.ofDays(1).toMillis();

    /** The sentence. */
    public String words(UnitSystem system) {
        if (stage.instant()) {
            return "It is ready as soon as it is made.";
        }
        return pace.warmth()
                .map(rates -> byWarmth(rates, system))
                .orElseGet(() -> (stage.clock() == Clock.CHOSEN ? "You choose, within " : "By the calendar, ")
                        + expectation.words()
                        + (place.celsius() > 0 ? "." : "; frozen, it stands still."));
    }

    private String byWarmth(CardinalTemperatures rates, UnitSystem system) {
        String here = AmountText.temperature(place, system);
        if (forecast.early().isEmpty()) {
            return rates.rate(place.celsius()) == 0
                    ? "At " + here + " it does not work at all."
                    : "At " + here + " on the mean it is too cold: it would not be ready within 400 days.";
        }
        String reference = AmountText.temperature(Temperature.ofCelsius(rates.reference()), system);
        String told = expectation.isOwn()
                ? "Your own " + expectation.own() + " batches, with the book, say " + expectation.words()
                : "The recipe says " + expectation.words();
        double early = days(forecast.early().get());
        double speed = early > 0 ? expectation.window().fromDays() / early : 1;
        if (Math.abs(speed - 1) < AS_WARM && forecast.late().isPresent()) {
            return expectation.isOwn()
                    ? told + " of " + reference + ", and so warm it is here."
                    : capital(expectation.words()) + ": " + here + " is what the recipe assumes.";
        }
        return told + " at " + reference + ". Here, at " + here + " on the mean of the week, it runs at "
                + AmountText.percent(Math.round(speed * 100) / 100.0) + " of that speed until then, so "
                + span(early, forecast.late().map(this::days)) + ".";
    }

    private static String span(double early, Optional<Double> late) {
        String from = AmountText.number(early, 0);
        return late.map(days -> from + " to " + AmountText.number(days, 0) + " days")
                .orElse(from + " days or more: then it gets too cold for its late end");
    }

    private double days(Instant moment) {
        return Duration.between(forecast.since(), moment).toMillis() / MILLIS_PER_DAY;
    }

    private static String capital(String words) {
        return words.startsWith("about") ? "A" + words.substring(1) : "About " + words;
    }
}
