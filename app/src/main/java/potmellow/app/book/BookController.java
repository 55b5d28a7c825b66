package potmellow.app.book;

import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.Missing;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.craft.Family;
import potmellow.core.scaling.Schools;

/** The book: by family, by method, and schools side by side. */
@RestController
class BookController {
    private final GardenService gardens;
    private final BookService books;

    BookController(GardenService gardens, BookService books) {
        this.gardens = gardens;
        this.books = books;
    }

    /** All methods to choose from, by family. */
    @GetMapping("/api/book")
    List<FamilyView> families() {
        Book book = books.current(gardens.current());
        return Arrays.stream(Family.values())
                .map(family -> new FamilyView(
                        family.name(),
                        family.title(),
                        family.about(),
                        book.methods(family).stream()
                                .map(method -> MethodCard.of(method, book, books.shipped()))
                                .toList()))
                .toList();
    }

    /** Own methods that can't be read any more; everything else works without them. */
    @GetMapping("/api/book/unreadable")
    List<BookService.SetAside> unreadable() {
        return books.setAside(gardens.current());
    }

    /** One method, as a recipe card; also of one that a newer wording has replaced. */
    @GetMapping("/api/book/methods/{id}")
    MethodView method(@PathVariable String id) {
        Garden garden = gardens.current();
        Book book = books.of(garden);
        Method method = book.method(id).orElseThrow(() -> new Missing("way of making it"));
        return MethodView.of(method, book, books.shipped(), garden.units());
    }

    /** All schools of one brew side by side. */
    @GetMapping("/api/book/products/{id}/schools")
    SchoolsView schools(@PathVariable String id) {
        Garden garden = gardens.current();
        Book book = books.current(garden);
        Product product = book.products().stream()
                .filter(one -> one.id().equals(id) && !book.making(id).isEmpty())
                .findFirst()
                .orElseThrow(() -> new Missing("brew"));
        return SchoolsView.of(Schools.of(book, product, garden.units()));
    }

    /** Methods that ripen and spoil alike. */
    record FamilyView(String id, String title, String about, List<MethodCard> methods) {}
}
