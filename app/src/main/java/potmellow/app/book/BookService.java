package potmellow.app.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    /** What a text says never changes, so that it is read only once. */
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
        return sorted(own.all(garden)).book();
    }

    /** The methods to choose from: the shipped ones, and own ones that are neither replaced nor retired. */
    @Transactional(readOnly = true)
    public Book current(Garden garden) {
        return sorted(current(garden.id())).book();
    }

    /** Own methods that can't be read any more. They are set aside, and everything else works. */
    @Transactional(readOnly = true)
    List<SetAside> setAside(Garden garden) {
        return sorted(current(garden.id())).aside();
    }

    /** The shipped book alone. */
    public Book shipped() {
        return shipped;
    }

    /** What a row says; empty where it can't be read. */
    Optional<MethodFile> readable(OwnMethod row) {
        return sorted(List.of(row)).files().stream().findFirst();
    }

    private List<OwnMethod> current(UUID garden) {
        return own.all(garden).stream().filter(OwnMethod::current).toList();
    }

    private Sorted sorted(List<OwnMethod> rows) {
        List<MethodFile> files = new ArrayList<>();
        List<SetAside> aside = new ArrayList<>();
        for (OwnMethod row : rows) {
            try {
                files.add(read.computeIfAbsent(row.yaml(), text -> linked(row)));
            } catch (RuntimeException unreadable) {
                aside.add(new SetAside(row.id(), row.title(), unreadable.getMessage()));
            }
        }
        return new Sorted(files.isEmpty() ? shipped : shipped.with(files), files, aside);
    }

    private MethodFile linked(OwnMethod row) {
        MethodFile file = BookYaml.read(row.yaml());
        if (!file.method().id().equals(row.id())) {
            throw new BookYaml.BrokenFile(
                    0, "It calls itself " + file.method().id() + ", but is kept as " + row.id() + ".");
        }
        shipped.with(List.of(file));
        return file;
    }

    /** A garden's own methods, those that can be read and those that can't. */
    private record Sorted(Book book, List<MethodFile> files, List<SetAside> aside) {}

    /**
     * An own method that can't be read.
     *
     * @param id its id
     * @param title what it was called
     * @param why what is wrong with it
     */
    record SetAside(String id, String title, String why) {}
}
