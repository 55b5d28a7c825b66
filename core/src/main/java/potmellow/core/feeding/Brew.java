package potmellow.core.feeding;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import potmellow.core.book.Nature;
import potmellow.core.book.Product;
import potmellow.core.strength.Target;

/** What goes into the water: a brew from its bottle, one brew from two bottles, or something from the kitchen. */
public sealed interface Brew permits InStore, Joined, Addition {
    /** What it is called. */
    String label();

    /** The product, where it is a brew. */
    Optional<Product> brewed();

    /** What it brings into a tank. */
    Nature nature();

    /** The bottles that it comes from, in the order in which they are emptied; none for something from the kitchen. */
    List<InStore> bottles();

    /** Its salt undiluted, mS/cm, where it is known; the saltier bottle's where there are two. */
    OptionalDouble ec();

    /**
     * How strong it is to be poured.
     *
     * @param target where it goes
     * @param recipient what is fed; empty for a pour that is for nothing in particular
     */
    StrengthAdvice advice(Target target, Optional<Recipient> recipient);
}
