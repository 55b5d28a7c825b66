package potmellow.core.practice;

/** How well somebody looks and smells, and how faithfully they come. All shares are from memory. */
public enum Hand {
    NOVICE(0.12, 0.4, 0.7),
    STEADY(0.06, 0.25, 0.9),
    OLD_HAND(0.02, 0.12, 1.0);

    private final double mistakes;
    private final double blur;
    private final double comes;

    Hand(double mistakes, double blur, double comes) {
        this.mistakes = mistakes;
        this.blur = blur;
        this.comes = comes;
    }

    /** The share of senses that are taken for their neighbour, 0 to 1. */
    double mistakes() {
        return mistakes;
    }

    /** How far an amount is taken too high or too low, as spread of its logarithm. */
    double blur() {
        return blur;
    }

    /** The share of visits that are made when they are asked for, 0 to 1. */
    public double comes() {
        return comes;
    }
}
