package potmellow.app.book;

import potmellow.core.book.Book;
import potmellow.core.book.Method;

/**
 * A method as lists show it.
 *
 * @param product id of the brew
 * @param school the way of making it
 * @param window time to readiness in words
 * @param main name of the part that people have in hand
 * @param mainId its id
 * @param solid whether the brew is weighed
 * @param own whether the gardener wrote it
 * @param schools how many ways of making this brew there are
 */
record MethodCard(
        String id,
        String title,
        String product,
        String school,
        String does,
        String costs,
        String window,
        String main,
        String mainId,
        boolean solid,
        boolean own,
        int schools) {
    static MethodCard of(Method method, Book book, Book shipped) {
        return new MethodCard(
                method.id(),
                method.title(),
                method.product(),
                method.school().name(),
                method.school().does(),
                method.school().costs(),
                method.lastStage().windowWords(),
                method.main().name(),
                method.main().id(),
                book.productOf(method).solid(),
                shipped.method(method.id()).isEmpty(),
                book.making(method.product()).size());
    }
}
