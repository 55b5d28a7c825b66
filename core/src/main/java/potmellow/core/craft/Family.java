package potmellow.core.craft;

/** Methods that ripen and spoil alike. */
public enum Family {
    SUGAR("Sugar ferments", "Plants or fish drawn out with sugar; yeasts and bacteria live on it."),
    LACTIC("Lactic serum and culture", "Lactic acid bacteria from rice water and milk, woken with molasses."),
    FOREST("Indigenous microorganisms", "Woodland life caught on rice, kept in sugar, spread through bran and soil."),
    BRAN("Bran and bin", "Bran that carries the culture, and kitchen waste that it pickles."),
    TEA("Teas", "Compost or castings dipped, or brewed with air."),
    ANAEROBIC("Anaerobic plant liquids", "Plants left under water until they are liquid. They stink, and they feed."),
    SHELLS("Shell calcium", "Eggshells dissolved in vinegar."),
    STEEP("Kitchen steeps", "Peels, garlic and grounds soaked for a day and used at once.");

    private final String title;
    private final String about;

    Family(String title, String about) {
        this.title = title;
        this.about = about;
    }

    public String title() {
        return title;
    }

    /** Whether something living works in it, which chlorine would kill. */
    public boolean living() {
        return this != STEEP && this != SHELLS;
    }

    /** One sentence on what it is. */
    public String about() {
        return about;
    }
}
