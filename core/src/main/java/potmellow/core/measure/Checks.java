package potmellow.core.measure;

/** Range checks in their positive form, so that a value that is not a number never passes. */
final class Checks {
    private Checks() {}

    static void requireAmount(String name, double value, String unit) {
        if (!(value >= 0 && value <= Double.MAX_VALUE)) {
            throw new IllegalArgumentException("The " + name + " (" + value + " " + unit + ") must be zero or more.");
        }
    }
}
