package potmellow.core.practice;

import static java.util.Objects.requireNonNull;

import potmellow.core.craft.Family;

/**
 * How a liquid is poured.
 *
 * @param parts parts of water to one of it, 0 (undiluted) to 100 000
 * @param way onto what
 */
public record Dose(double parts, Way way) {
    public static final double MOST_PARTS = 100_000;
    private static final double JUICE = 500;
    private static final double SERUM = 1000;
    private static final double DROWNED = 20;
    private static final double OTHERS = 10;
    private static final double FAR_THINNER = 5;

    /** Onto what. */
    public enum Way {
        LEAF("over the leaves"),
        SOIL("onto the soil");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Dose {
        requireNonNull(way, "way");
        if (!(parts >= 0 && parts <= MOST_PARTS)) {
            throw new IllegalArgumentException(
                    "One part goes into 0 to 100 000 parts of water, not into " + parts + ".");
        }
    }

    /** What the craft asks for over leaves (common practice). */
    public static double usualParts(Family family) {
        return switch (family) {
            case SUGAR -> JUICE;
            case LACTIC, SHELLS -> SERUM;
            case ANAEROBIC -> DROWNED;
            case FOREST, BRAN, TEA, STEEP -> OTHERS;
        };
    }

    /** Whether it is so much thinner than usual that nobody has seen it do anything. */
    boolean farThinner(Family family) {
        return parts > FAR_THINNER * usualParts(family);
    }

    /** Such as "1:500" or "undiluted". */
    public String ratio() {
        return parts == 0 ? "undiluted" : "1:" + Math.round(parts);
    }

    /** Such as "1:500 over the leaves". */
    public String words() {
        return ratio() + " " + way.words();
    }

    /** How much of it is in a litre of what is poured, L. */
    double share() {
        return 1 / (parts + 1);
    }
}
