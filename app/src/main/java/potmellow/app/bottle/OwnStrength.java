package potmellow.app.bottle;

import java.util.Optional;
import java.util.OptionalDouble;
import potmellow.core.book.Product;
import potmellow.core.feeding.History;
import potmellow.core.feeding.StrengthAdvice;
import potmellow.core.strength.Target;

/** How strong a bottle's brew is used where nothing is known of the plants: by what it was drawn as, not by the book's usual one. */
public final class OwnStrength {
    private OwnStrength() {}

    /** Such as "1:14.4". */
    public static String of(Bottle bottle, Product product, Target target) {
        return StrengthAdvice.of(
                        product, target, OptionalDouble.of(bottle.drawn().ageDays()), Optional.empty(), History.none())
                .thinned(bottle.drawn().brewShare())
                .strength()
                .value()
                .text();
    }
}
