package potmellow.core.practice;

/** Kinds of matter, by what a mole of each is made of. Biomass and protein are told for one mole of carbon. */
enum Species {
    HEXOSE(6, 12, 6, 0, 0),
    /** Starch, cellulose and the like: a hexose bound into a chain. */
    CHAIN(6, 10, 5, 0, 0),
    /** The usual mean of plant and milk protein (from memory). */
    PROTEIN(1, 1.6, 0.3, 0.27, 0),
    WATER(0, 2, 1, 0, 0),
    LACTIC_ACID(3, 6, 3, 0, 0),
    ETHANOL(2, 6, 1, 0, 0),
    ACETIC_ACID(2, 4, 2, 0, 0),
    BUTYRIC_ACID(4, 8, 2, 0, 0),
    CARBON_DIOXIDE(1, 0, 2, 0, 0),
    METHANE(1, 4, 0, 0, 0),
    OXYGEN(0, 0, 2, 0, 0),
    AMMONIA(0, 3, 0, 1, 0),
    /** Roels 1983, Energetics and Kinetics in Biotechnology: the mean of many microbes (from memory). */
    BIOMASS(1, 1.8, 0.5, 0.2, 0),
    CALCIUM_CARBONATE(1, 0, 3, 0, 1),
    CALCIUM_ACETATE(4, 6, 4, 0, 1);

    /** IUPAC 2021, abridged. */
    private static final double CARBON = 12.011;

    private static final double HYDROGEN = 1.008;
    private static final double OXYGEN_ATOM = 15.999;
    private static final double NITROGEN = 14.007;
    private static final double CALCIUM = 40.078;

    private final double carbon;
    private final double hydrogen;
    private final double oxygen;
    private final double nitrogen;
    private final double calcium;

    Species(double carbon, double hydrogen, double oxygen, double nitrogen, double calcium) {
        this.carbon = carbon;
        this.hydrogen = hydrogen;
        this.oxygen = oxygen;
        this.nitrogen = nitrogen;
        this.calcium = calcium;
    }

    double carbon() {
        return carbon;
    }

    double hydrogen() {
        return hydrogen;
    }

    double oxygen() {
        return oxygen;
    }

    double nitrogen() {
        return nitrogen;
    }

    double calcium() {
        return calcium;
    }

    /** Grams in a mole. */
    double grams() {
        return carbon * CARBON + hydrogen * HYDROGEN + oxygen * OXYGEN_ATOM + nitrogen * NITROGEN + calcium * CALCIUM;
    }

    /** Electrons that a mole gives when it is burnt to CO₂, water and ammonia. */
    double electrons() {
        return 4 * carbon + hydrogen - 2 * oxygen - 3 * nitrogen + 2 * calcium;
    }
}
