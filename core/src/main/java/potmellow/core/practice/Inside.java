package potmellow.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import potmellow.core.craft.Family;

/**
 * One thing that went on inside, over time.
 *
 * @param name what it is
 * @param unit in which unit
 * @param points days and values, oldest first
 */
public record Inside(String name, String unit, List<OnDay> points) {
    static final int MOST_POINTS = 120;
    private static final double HOURS_A_DAY = 24;

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
                points.stream()
                        .map(point -> new OnDay(point.day() + days, point.value()))
                        .toList());
    }

    /** What tells most of a brew, four things at most. */
    static List<Inside> of(Brew brew, PracticePot pot) {
        List<Moment> past = pot.past();
        List<Inside> curves = new ArrayList<>();
        if (brew.family() == Family.FOREST || brew.family() == Family.TEA) {
            curves.add(of("Life", "g in a litre", past, moment -> moment.gramsPerLitre(Pool.AEROBES)));
            curves.add(of("Air in it", "% of what water can hold", past, moment -> 100 * moment.air()));
            curves.add(of("Warmth", "°C", past, moment -> moment.contents().celsius()));
            curves.add(of("What stinks", "g in a litre", past, moment -> moment.gramsPerLitre(Pool.BUTYRIC)));
            return curves;
        }
        curves.add(of("Sour", "pH", past, moment -> moment.mixture().ph()));
        if (brew.family() == Family.SHELLS) {
            curves.add(of("Vinegar used up", "%", past, moment -> 100 * moment.converted()));
        }
        curves.add(of("Gas let off", "litres a day from a litre", past, Moment::gasPerLitreADay));
        if (brew.family() == Family.SUGAR) {
            curves.add(of("Sugar in the liquid", "g in a litre", past, moment -> moment.gramsPerLitre(Pool.SUGAR)));
        } else if (brew.family() != Family.SHELLS) {
            curves.add(of("What stinks", "g in a litre", past, moment -> moment.gramsPerLitre(Pool.BUTYRIC)));
        }
        curves.add(of(
                "Mould on top",
                "cm²",
                past,
                moment -> Surface.cm2(moment.contents().of(Pool.MOULD))));
        return curves;
    }

    private static Inside of(String name, String unit, List<Moment> past, ToDoubleFunction<Moment> value) {
        int every = Math.max(1, past.size() / MOST_POINTS);
        List<OnDay> points = new ArrayList<>();
        for (int i = 0; i < past.size(); i += every) {
            points.add(new OnDay(past.get(i).hour() / HOURS_A_DAY, value.applyAsDouble(past.get(i))));
        }
        return new Inside(name, unit, points);
    }
}
