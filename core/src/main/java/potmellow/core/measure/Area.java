package potmellow.core.measure;

/**
 * A ground area, zero or more, in square metres. Immutable.
 *
 * @param squareMetres finite, zero or more
 */
public record Area(double squareMetres) {
    public Area {
        Checks.requireAmount("area", squareMetres, "m²");
    }

    public static Area ofSquareMetres(double squareMetres) {
        return new Area(squareMetres);
    }

    public static Area of(double count, AreaUnit unit) {
        return new Area(count * unit.squareMetres());
    }

    public double in(AreaUnit unit) {
        return squareMetres / unit.squareMetres();
    }
}
