package potmellow.app.book;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.StatedRange;
import potmellow.core.measure.AmountText;
import potmellow.core.vessel.Lid;

@RestController
class BookController {
    private final Book book;

    BookController(Book book) {
        this.book = book;
    }

    @GetMapping("/api/methods")
    List<MethodView> methods() {
        return book.methods().stream().map(this::view).toList();
    }

    private MethodView view(Method method) {
        StatedRange days = method.lastStage().windowDays();
        String window = AmountText.number(days.least()) + " to " + AmountText.number(days.most()) + " days";
        return new MethodView(
                method.id(),
                method.title(),
                method.school().name(),
                method.school().does(),
                method.school().costs(),
                window,
                sugars(method),
                Stream.of(Lid.values())
                        .map(lid -> new ChoiceView(
                                lid.name(), lid.words(), method.vessel().lids().contains(lid)))
                        .toList());
    }

    /** The school's own sugars first, then every other sugar of the book: also those that are refused, with the reason. */
    private List<ChoiceView> sugars(Method method) {
        List<String> own = method.sugar().choices();
        List<String> other = book.methods().stream()
                .flatMap(any -> any.sugar().choices().stream())
                .filter(id -> !own.contains(id))
                .distinct()
                .toList();
        Stream<String> refused = book.materials().stream()
                .filter(material -> material.refusal().isPresent())
                .map(Material::id);
        return Stream.of(own.stream(), other.stream(), refused)
                .flatMap(ids -> ids)
                .map(id -> new ChoiceView(id, book.material(id).orElseThrow().name(), own.contains(id)))
                .toList();
    }

    /**
     * A way of making a brew, to choose from.
     *
     * @param window days to readiness at the reference temperature
     * @param sugars all sugars, the school's own first
     * @param lids all lids
     */
    record MethodView(
            String id,
            String title,
            String school,
            String does,
            String costs,
            String window,
            List<ChoiceView> sugars,
            List<ChoiceView> lids) {}

    /**
     * Something to choose.
     *
     * @param asked whether the school asks for it
     */
    record ChoiceView(String id, String words, boolean asked) {}
}
