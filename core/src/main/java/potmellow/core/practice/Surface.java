package potmellow.core.practice;

/** What grows on top, as a share of what is there to grow on. */
final class Surface {
    /** Moles of carbon in a square centimetre of felt, about 2 mg dry (from memory). */
    private static final double MOLES_PER_CM2 = 8e-5;

    private Surface() {}

    /** The share that is covered, from 0; above 1 it only gets thicker. */
    static double covered(double cells, double cm2) {
        return cm2(cells) / cm2;
    }

    /** So many square centimetres would be covered. */
    static double cm2(double cells) {
        return Math.max(0, cells) / MOLES_PER_CM2;
    }
}
