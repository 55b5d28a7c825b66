package potmellow.core.practice;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import potmellow.core.craft.Family;

/**
 * One thing that went on inside, over time.
 *
 * @param name what it is
 * @param unit in which unit
 * @param range from how little to how much it went, in words
 * @param low where its scale begins
 * @param high where its scale ends, above its beginning: what nobody would notice lies flat on it
 * @param points days and values, oldest first
 */
public record Inside(String name, String unit, String range, double low, double high, List<OnDay> points) {
    static final int MOST_POINTS = 120;
    private static final double HOURS_A_DAY = 24;
    private static final double LEAST_TOLD = 0.005;
    /** So that a scale never ends where it begins. */
    private static final double NOTHING = 1e-9;

    private static final MathContext TOLD = new MathContext(2);

    public Inside {
        points = List.copyOf(points);
    }

    /**
     * A value on a day.
     *
     * @param day since it was set
     * @param value in the unit of its curve
     */
    public record OnDay(double day, double value) {}

    /** The same, of something that began some days later. */
    public Inside later(double days) {
        return new Inside(
                name,
                unit,
                range,
                low,
                high,
                points.stream()
                        .map(point -> new OnDay(point.day() + days, point.value()))
                        .toList());
    }

    /** What tells most of a brew, four things at most. */
    static List<Inside> of(Brew brew, PracticePot pot) {
        List<Moment> past = pot.past();
        List<Inside> curves = new ArrayList<>();
        if (brew.family() == Family.FOREST || brew.family() == Family.TEA) {
            double rotten = brew.family() == Family.TEA ? Fate.TEA_ROTTEN : Fate.FOREST_ROTTEN;
            curves.add(of("Life", "g in a litre", 0, past, moment -> moment.gramsPerLitre(Pool.AEROBES)));
            curves.add(of("Air in it", "% of what water can hold", 1, past, moment -> 100 * moment.air()));
            curves.add(of("Warmth", "°C", 1, past, moment -> moment.contents().celsius()));
            curves.add(of("What stinks", "g in a litre", rotten, past, moment -> moment.gramsPerLitre(Pool.BUTYRIC)));
            return curves;
        }
        curves.add(of("Sour", "pH", 0, past, moment -> moment.mixture().ph()));
        if (brew.family() == Family.SHELLS) {
            curves.add(of("Vinegar used up", "%", 1, past, moment -> 100 * moment.converted()));
        }
        curves.add(of("Gas let off", "litres a day from a litre", Senses.FEW_BUBBLES, past, Moment::gasPerLitreADay));
        if (brew.family() == Family.SUGAR) {
            curves.add(of("Sugar in the liquid", "g in a litre", 1, past, moment -> moment.gramsPerLitre(Pool.SUGAR)));
        } else if (brew.family() != Family.SHELLS) {
            curves.add(
                    of("What stinks", "g in a litre", Fate.ROTTEN, past, moment -> moment.gramsPerLitre(Pool.BUTYRIC)));
        }
        curves.add(of(
                "Mould on top",
                "cm²",
                Senses.SEEN_CM2,
                past,
                moment -> Surface.cm2(moment.contents().of(Pool.MOULD))));
        return curves;
    }

    private static Inside of(
            String name, String unit, double noticed, List<Moment> past, ToDoubleFunction<Moment> value) {
        int every = Math.max(1, past.size() / MOST_POINTS);
        List<OnDay> points = new ArrayList<>();
        for (int i = 0; i < past.size(); i += every) {
            points.add(new OnDay(past.get(i).hour() / HOURS_A_DAY, value.applyAsDouble(past.get(i))));
        }
        return of(name, unit, noticed, points);
    }

    /**
     * A curve of some values.
     *
     * @param noticed a change so small that nobody would notice less, 0 or more
     */
    static Inside of(String name, String unit, double noticed, List<OnDay> points) {
        double low = points.stream().mapToDouble(OnDay::value).min().orElse(0);
        double high = points.stream().mapToDouble(OnDay::value).max().orElse(0);
        return new Inside(
                name, unit, range(low, high, noticed), low, Math.max(high, low + Math.max(noticed, NOTHING)), points);
    }

    private static String range(double low, double high, double noticed) {
        if (high < noticed / 2) {
            return "hardly any";
        }
        return told(low).equals(told(high)) ? told(low) : told(low) + " to " + told(high);
    }

    private static String told(double value) {
        return Math.abs(value) < LEAST_TOLD
                ? "0"
                : new BigDecimal(value).round(TOLD).stripTrailingZeros().toPlainString();
    }
}
