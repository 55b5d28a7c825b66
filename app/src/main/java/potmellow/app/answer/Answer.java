package potmellow.app.answer;

import java.util.function.BiFunction;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Area;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredQuantity;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.working.Working;

/**
 * An amount as every screen shows it.
 *
 * @param value the amount in its base unit
 * @param unit the base unit: g, mL or m²
 * @param text the amount in the garden's own units
 * @param also the amount in the other units
 * @param working how it was reached
 */
public record Answer(double value, String unit, String text, String also, WorkingView working) {
    public static Answer mass(Working<Mass> working, UnitSystem system) {
        return of(working, working.value().grams(), "g", AmountText::mass, system);
    }

    public static Answer volume(Working<Volume> working, UnitSystem system) {
        return of(working, working.value().millilitres(), "mL", AmountText::volume, system);
    }

    /** A volume that is measured out: never finer than the garden's tools. */
    public static Answer dose(Working<Volume> working, UnitSystem system) {
        return of(working, working.value().millilitres(), "mL", MeasuredVolume::dose, system);
    }

    public static Answer quantity(Working<Quantity> working, UnitSystem system) {
        return of(working, working.value().base(), baseUnit(working.value()), Quantity::text, system);
    }

    /** An amount as it is measured out, beside the exact one in the other units. */
    public static Answer measured(Working<MeasuredQuantity> working, UnitSystem system) {
        Quantity measured = working.value().measured();
        return new Answer(
                measured.base(),
                baseUnit(measured),
                working.value().text(),
                measured.text(system.other()),
                WorkingView.of(working));
    }

    private static String baseUnit(Quantity quantity) {
        return quantity.isMass() ? "g" : "mL";
    }

    public static Answer area(Working<Area> working, UnitSystem system) {
        return of(working, working.value().squareMetres(), "m²", AmountText::area, system);
    }

    private static <T> Answer of(
            Working<T> working, double value, String unit, BiFunction<T, UnitSystem, String> words, UnitSystem system) {
        return new Answer(
                value,
                unit,
                words.apply(working.value(), system),
                words.apply(working.value(), system.other()),
                WorkingView.of(working));
    }
}
