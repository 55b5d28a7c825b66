package potmellow.core.measure;

/**
 * A volume, zero or more, in millilitres. Immutable.
 *
 * @param millilitres finite, zero or more
 */
public record Volume(double millilitres) implements Comparable<Volume>, Quantity {
    public Volume {
        Checks.requireAmount("volume", millilitres, "mL");
    }

    public static Volume ofMillilitres(double millilitres) {
        return new Volume(millilitres);
    }

    public static Volume ofLitres(double litres) {
        return new Volume(litres * 1000);
    }

    public static Volume of(double count, VolumeUnit unit) {
        return new Volume(count * unit.millilitres());
    }

    public double litres() {
        return millilitres / 1000;
    }

    public double in(VolumeUnit unit) {
        return millilitres / unit.millilitres();
    }

    public Volume plus(Volume other) {
        return new Volume(millilitres + other.millilitres);
    }

    /** What is left after taking the other away; nothing, where the other is larger. */
    public Volume less(Volume other) {
        return new Volume(Math.max(0, millilitres - other.millilitres));
    }

    /** Whether it does where so much is wanted: it is less by no more than a jug is out by, 5 %. */
    public boolean asGoodAs(Volume wanted) {
        return millilitres * (1 + MeasuredVolume.WORST_ERROR) >= wanted.millilitres;
    }

    @Override
    public Volume times(double factor) {
        return new Volume(millilitres * factor);
    }

    @Override
    public int compareTo(Volume other) {
        return Double.compare(millilitres, other.millilitres);
    }

    @Override
    public double base() {
        return millilitres;
    }

    @Override
    public Volume withBase(double base) {
        return new Volume(base);
    }

    @Override
    public String text(UnitSystem system) {
        return AmountText.volume(this, system);
    }
}
