package potmellow.app.book;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.core.book.Book;
import potmellow.core.book.BookYaml;
import potmellow.core.book.MethodFile;

/** The book of a garden: the shipped methods, and the gardener's own after them. */
@Service
public class BookService {
    private final Book shipped;
    private final OwnMethodRepository own;
    /** What a row says never changes, so that it is read only once. */
    private final Map<String, MethodFile> read = new ConcurrentHashMap<>();

    BookService(Book shipped, OwnMethodRepository own) {
        this.shipped = shipped;
        this.own = own;
    }

    /** Every method that a pot may have been made by, replaced and retired ones too. */
    @Transactional(readOnly = true)
    public Book of(Garden garden) {
        return of(garden.id());
    }

    /** Every method that a pot of a garden may have been made by. */
    @Transactional(readOnly = true)
    public Book of(UUID garden) {
        List<MethodFile> files =
                own.all(garden).stream().map(row -> read(garden, row)).toList();
        return files.isEmpty() ? shipped : shipped.with(files);
    }

    /** The methods to choose from: the shipped ones, and own ones that are neither replaced nor retired. */
    @Transactional(readOnly = true)
    public Book current(Garden garden) {
        List<MethodFile> files = own.all(garden.id()).stream()
                .filter(OwnMethod::current)
                .map(row -> read(garden.id(), row))
                .toList();
        return files.isEmpty() ? shipped : shipped.with(files);
    }

    /** The shipped book alone. */
    public Book shipped() {
        return shipped;
    }

    private MethodFile read(UUID garden, OwnMethod row) {
        return read.computeIfAbsent(garden + " " + row.id(), key -> BookYaml.read(row.yaml()));
    }
}
