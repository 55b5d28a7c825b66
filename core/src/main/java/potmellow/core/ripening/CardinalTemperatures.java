package potmellow.core.ripening;

import java.util.Optional;
import potmellow.core.craft.Family;

/**
 * How fast a ferment runs at a temperature: the cardinal temperature model with inflection (Rosso, Lobry &amp; Flandrois
 * 1993, J. Theor. Biol. 162:447).
 *
 * <p>γ(T) = (T−T_max)(T−T_min)² / {(T_opt−T_min)[(T_opt−T_min)(T−T_opt) − (T_opt−T_max)(T_opt+T_min−2T)]}, zero outside
 * (T_min, T_max) and at or below freezing.
 *
 * @param minimum °C, fitted: below it nothing runs
 * @param optimum °C: fastest
 * @param maximum °C: above it nothing runs
 * @param reference °C: the temperature that the windows of the methods are told for
 */
public record CardinalTemperatures(double minimum, double optimum, double maximum, double reference) {
    public CardinalTemperatures {
        if (!(minimum < reference && reference < maximum)) {
            throw new IllegalArgumentException(
                    "The reference (" + reference + " °C) must lie between " + minimum + " and " + maximum + " °C.");
        }
        if (!((minimum + maximum) / 2 <= optimum && optimum < maximum)) {
            throw new IllegalArgumentException("The optimum (" + optimum + " °C) must lie in the upper half of "
                    + minimum + " to " + maximum + " °C.");
        }
    }

    /** The cardinal temperatures of a family (from memory); empty for what doesn't ferment. */
    public static Optional<CardinalTemperatures> of(Family family) {
        return switch (family) {
            case SUGAR -> Optional.of(new CardinalTemperatures(-2, 31, 43, 22));
            case LACTIC -> Optional.of(new CardinalTemperatures(0, 34, 45, 24));
            case FOREST -> Optional.of(new CardinalTemperatures(0, 28, 42, 22));
            case BRAN -> Optional.of(new CardinalTemperatures(-4, 33, 45, 24));
            case TEA -> Optional.of(new CardinalTemperatures(0, 29, 42, 20));
            case ANAEROBIC -> Optional.of(new CardinalTemperatures(-4, 35, 48, 20));
            case SHELLS, STEEP -> Optional.empty();
        };
    }

    /** Speed as a share of the fastest, from 0 to 1. */
    public double gamma(double celsius) {
        if (!(celsius > Math.max(minimum, 0) && celsius < maximum)) {
            return 0;
        }
        double rise = optimum - minimum;
        double numerator = (celsius - maximum) * (celsius - minimum) * (celsius - minimum);
        double denominator =
                rise * (rise * (celsius - optimum) - (optimum - maximum) * (optimum + minimum - 2 * celsius));
        return numerator / denominator;
    }

    /** Reference days that pass in one day at a temperature. */
    public double rate(double celsius) {
        return gamma(celsius) / gamma(reference);
    }
}
