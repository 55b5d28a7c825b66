package potmellow.core.practice;

/** Where matter is in a pot, each told in moles. What has left it is counted too, so that nothing gets lost. */
enum Pool {
    SUGAR(Species.HEXOSE),
    /** Sugar that has not dissolved yet. */
    CRYSTALS(Species.HEXOSE),
    /** What can be broken down of leaves, grain and waste. */
    SOLIDS(Species.CHAIN),
    PROTEIN(Species.PROTEIN),
    /** Water outside of cells. */
    LIQUID(Species.WATER),
    /** Water still inside the plant. */
    SAP(Species.WATER),
    LACTIC(Species.LACTIC_ACID),
    ALCOHOL(Species.ETHANOL),
    ACETIC(Species.ACETIC_ACID),
    BUTYRIC(Species.BUTYRIC_ACID),
    /** Nitrogen that cells can take up, as ammonia. */
    NITROGEN(Species.AMMONIA),
    SHELL(Species.CALCIUM_CARBONATE),
    CALCIUM(Species.CALCIUM_ACETATE),
    LACTICS(Species.BIOMASS),
    YEASTS(Species.BIOMASS),
    VINEGAR_BACTERIA(Species.BIOMASS),
    ROTTERS(Species.BIOMASS),
    ACID_EATERS(Species.BIOMASS),
    /** What is white and wants air: film yeasts, forest threads, the life of a tea. */
    AEROBES(Species.BIOMASS),
    /** Coloured mould on top. */
    MOULD(Species.BIOMASS),
    DEAD(Species.BIOMASS),
    /** All carbon dioxide made since the start. */
    GAS(Species.CARBON_DIOXIDE),
    METHANE(Species.METHANE),
    /** Oxygen taken from the air since the start, below zero. */
    AIR(Species.OXYGEN),
    VAPOUR(Species.WATER);

    private final Species species;

    Pool(Species species) {
        this.species = species;
    }

    Species species() {
        return species;
    }

    /** Grams that some moles in it weigh. */
    double grams(double moles) {
        return moles * species.grams();
    }
}
