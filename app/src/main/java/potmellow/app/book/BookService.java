package potmellow.app.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
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
        List<OwnMethod> rows = own.all(garden.id());
        Set<String> gone =
                rows.stream().filter(row -> !row.current()).map(OwnMethod::id).collect(Collectors.toSet());
        Book all = sorted(rows).book();
        return gone.isEmpty() ? all : all.only(method -> !gone.contains(method.id()));
    }

    /** Own methods that can't be read any more. They are set aside, and everything else works. */
    @Transactional(readOnly = true)
    List<SetAside> setAside(Garden garden) {
        List<OwnMethod> rows = own.all(garden.id());
        Set<String> current =
                rows.stream().filter(OwnMethod::current).map(OwnMethod::id).collect(Collectors.toSet());
        return sorted(rows).aside().stream()
                .filter(aside -> current.contains(aside.id()))
                .toList();
    }

    /** The shipped book alone. */
    public Book shipped() {
        return shipped;
    }

    /** What a row says; empty where it can't be read. */
    Optional<MethodFile> readable(OwnMethod row) {
        return sorted(List.of(row)).files().stream().findFirst();
    }

    private Sorted sorted(List<OwnMethod> rows) {
        List<MethodFile> files = new ArrayList<>();
        List<SetAside> aside = new ArrayList<>();
        for (OwnMethod row : rows) {
            try {
                files.add(read.computeIfAbsent(row.yaml(), text -> named(row)));
            } catch (RuntimeException unreadable) {
                aside.add(new SetAside(row.id(), row.title(), unreadable.getMessage()));
            }
        }
        try {
            return new Sorted(files.isEmpty() ? shipped : shipped.with(files), files, aside);
        } catch (IllegalArgumentException unlinked) {
            return linked(files, aside);
        }
    }

    /** One that names what isn't there is set aside, and the others are taken without it. */
    private Sorted linked(List<MethodFile> files, List<SetAside> aside) {
        Book book = shipped;
        List<MethodFile> good = new ArrayList<>();
        for (MethodFile file : files) {
            try {
                book = book.with(List.of(file));
                good.add(file);
            } catch (IllegalArgumentException unlinked) {
                aside.add(new SetAside(file.method().id(), file.method().title(), unlinked.getMessage()));
            }
        }
        return new Sorted(book, good, aside);
    }

    private static MethodFile named(OwnMethod row) {
        MethodFile file = BookYaml.read(row.yaml());
        if (!file.method().id().equals(row.id())) {
            throw new BookYaml.BrokenFile(
                    0, "It calls itself " + file.method().id() + ", but is kept as " + row.id() + ".");
        }
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
