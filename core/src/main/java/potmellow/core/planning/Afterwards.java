package potmellow.core.planning;

import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.working.Evidence;

/**
 * What still takes days after a pot was emptied, before its brew can be used.
 *
 * @param least days at least
 * @param most days at most
 * @param words what happens in them; empty where nothing does
 * @param evidence what these numbers rest on
 */
record Afterwards(int least, int most, String words, Evidence evidence) {
    private static final Afterwards NOTHING = new Afterwards(0, 0, "", Evidence.exact());
    private static final Afterwards BURIED =
            new Afterwards(14, 28, "buried, before anything is planted there", Evidence.commonPractice());
    private static final Afterwards DRIED = new Afterwards(2, 3, "dried thin in the shade", Evidence.fromMemory());

    static Afterwards of(Method method, Product product) {
        if (method.lastStage().exit() == Stage.Exit.BURY) {
            return BURIED;
        }
        boolean dried = product.keeps().stream().anyMatch(Product.Keep::dried);
        return dried ? DRIED : NOTHING;
    }

    boolean takesTime() {
        return most > 0;
    }
}
