package potmellow.app.recipe;

import java.util.Optional;
import java.util.UUID;
import potmellow.app.garden.Garden;
import potmellow.core.measure.Mass;
import potmellow.core.working.Working;

/** Knows what is left in the vessels of pots that ended. */
public interface Residues {
    /** The shells that are left of a pot; empty for a pot without any. */
    Optional<Working<Mass>> shells(Garden garden, UUID pot);
}
