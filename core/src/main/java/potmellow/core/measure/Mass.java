package potmellow.core.measure;

/**
 * A mass, zero or more, in grams. Immutable.
 *
 * @param grams finite, zero or more
 */
public record Mass(double grams) implements Comparable<Mass>, Quantity {
    public Mass {
        Checks.requireAmount("mass", grams, "g");
    }

    public static Mass ofGrams(double grams) {
        return new Mass(grams);
    }

    public static Mass ofKilograms(double kilograms) {
        return new Mass(kilograms * 1000);
    }

    public static Mass of(double count, MassUnit unit) {
        return new Mass(count * unit.grams());
    }

    public double kilograms() {
        return grams / 1000;
    }

    public double in(MassUnit unit) {
        return grams / unit.grams();
    }

    public Mass plus(Mass other) {
        return new Mass(grams + other.grams);
    }

    @Override
    public Mass times(double factor) {
        return new Mass(grams * factor);
    }

    @Override
    public int compareTo(Mass other) {
        return Double.compare(grams, other.grams);
    }

    @Override
    public double base() {
        return grams;
    }

    @Override
    public Mass withBase(double base) {
        return new Mass(base);
    }

    @Override
    public String text(UnitSystem system) {
        return AmountText.mass(this, system);
    }
}
