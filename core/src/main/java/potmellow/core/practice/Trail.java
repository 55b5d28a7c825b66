package potmellow.core.practice;

import java.util.ArrayDeque;
import java.util.Deque;

/** What of a pot's past counts for what it is now. It only goes on. */
final class Trail {
    private static final double DAY = 24;
    private static final double CASEIN_FALLS = 4.6;
    private static final double DOUBLING_KELVIN = 10;
    private static final double REFERENCE_CELSIUS = 24;

    private final Moment first;
    private final Deque<Moment> day = new ArrayDeque<>();
    private double mostGas;
    private double mostStink;
    private double mostCells;
    private double partingHours;
    private Moment last;

    Trail(Moment first) {
        this.first = first;
        this.last = first;
    }

    /** Goes on to a later moment. */
    void add(Moment moment) {
        double hours = moment.hour() - last.hour();
        day.addLast(moment);
        while (day.getFirst().hour() < moment.hour() - DAY) {
            day.removeFirst();
        }
        mostGas = Math.max(mostGas, gasOfDay());
        mostStink = Math.max(mostStink, moment.gramsPerLitre(Pool.BUTYRIC));
        mostCells = Math.max(mostCells, cells(moment));
        if (moment.mixture().ph() < CASEIN_FALLS) {
            partingHours += hours * Math.pow(2, (moment.contents().celsius() - REFERENCE_CELSIUS) / DOUBLING_KELVIN);
        }
        last = moment;
    }

    Moment first() {
        return first;
    }

    Moment last() {
        return last;
    }

    /** Gas of the last day, litres from a litre. */
    double gasOfDay() {
        return day.stream().mapToDouble(Moment::gasPerLitreADay).average().orElse(0);
    }

    /** The most gas of any day, litres from a litre. */
    double mostGas() {
        return mostGas;
    }

    double mostStink() {
        return mostStink;
    }

    /** Hours, as at 24 °C, that it has been sour enough for curd to part from serum. */
    double partingHours() {
        return partingHours;
    }

    /** What still lives of what lived at most, 0 to 1. */
    double alive() {
        return mostCells > 0 ? cells(last) / mostCells : 0;
    }

    private static double cells(Moment moment) {
        return moment.contents().of(Pool.LACTICS)
                + moment.contents().of(Pool.YEASTS)
                + moment.contents().of(Pool.AEROBES);
    }
}
