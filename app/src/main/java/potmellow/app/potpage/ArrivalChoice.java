package potmellow.app.potpage;

import java.util.List;
import java.util.stream.Stream;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.SeenAs;
import potmellow.core.vessel.VesselKind;

/**
 * What may stand there already: in plain words for who doesn't know the name, then every way in the book.
 *
 * @param methodId how it is taken to be made
 * @param words what it is called
 * @param plain whether it is told in plain words rather than by its name
 * @param kind the usual shape of its vessel
 * @param outdoors whether it usually stands outdoors
 * @param stages its stages by name, where there are several
 */
record ArrivalChoice(
        String methodId, String words, boolean plain, VesselKind kind, boolean outdoors, List<String> stages) {
    static List<ArrivalChoice> of(Book book) {
        Stream<ArrivalChoice> plain = SeenAs.ALL.stream()
                .flatMap(seen -> book.method(seen.methodId()).stream().map(method -> of(method, seen.words(), true)));
        Stream<ArrivalChoice> named = book.methods().stream()
                .filter(method -> !method.lastStage().instant())
                .map(method ->
                        of(method, method.title() + ", " + method.school().name(), false));
        return Stream.concat(plain, named).toList();
    }

    private static ArrivalChoice of(Method method, String words, boolean plain) {
        List<String> stages =
                method.stages().stream().map(stage -> stage.name()).toList();
        return new ArrivalChoice(
                method.id(),
                words,
                plain,
                method.vessel().kinds().get(0),
                method.place().outdoors(),
                stages.size() > 1 ? stages : List.of());
    }
}
