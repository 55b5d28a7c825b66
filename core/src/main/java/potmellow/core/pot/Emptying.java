package potmellow.core.pot;

/**
 * How a pot is emptied.
 *
 * @param early whether it is wanted although the verdict says not yet
 * @param residueStays whether a little stays in the vessel as a starter
 * @param rescue whether it is to be thrown away but wanted for the soil of nothing edible
 * @param guessed whether nobody measured what came out: then that teaches nothing
 */
public record Emptying(boolean early, boolean residueStays, boolean rescue, boolean guessed) {
    /** The rule that a rescue passes over, by decision. */
    public static final String RESCUE = "rescue";

    String words(boolean byChoice) {
        String how = rescue
                ? "kept for soil where nothing you eat grows"
                : byChoice ? "strained early, by choice" : "strained";
        return residueStays ? how + "; the residue stays as a starter" : how;
    }
}
