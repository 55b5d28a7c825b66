package potmellow.app.book;

import java.text.Normalizer;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.Missing;
import potmellow.app.problem.Refused;
import potmellow.core.book.Book;
import potmellow.core.book.BookYaml;
import potmellow.core.book.HowTo;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.MethodEdits;
import potmellow.core.book.MethodFile;
import potmellow.core.book.MethodReview;
import potmellow.core.rule.Finding;
import potmellow.core.strength.Target;

/** The gardener's own methods: drafted from any, checked as they are written, kept beside the shipped ones. */
@Service
class OwnMethodService {
    private static final String OWN = "own-";
    private static final int LONGEST_SLUG = 40;
    private static final int LONGEST_FILE = 100_000;

    private final OwnMethodRepository own;
    private final BookService books;
    private final GardenService gardens;

    OwnMethodService(OwnMethodRepository own, BookService books, GardenService gardens) {
        this.own = own;
        this.books = books;
        this.gardens = gardens;
    }

    /** @throws Missing where the book has no such method */
    @Transactional(readOnly = true)
    MethodFile file(Garden garden, String id) {
        Book book = books.of(garden);
        Method method = book.method(id).orElseThrow(() -> new Missing("way of making it"));
        return MethodFile.of(method, book.productOf(method), ownMaterials(book, method));
    }

    /** What goes in that the shipped book doesn't tell of, and that is no brew. */
    private List<Material> ownMaterials(Book book, Method method) {
        return method.parts().stream()
                .flatMap(part -> part.choices().stream())
                .distinct()
                .filter(id -> books.shipped().material(id).isEmpty())
                .flatMap(id -> book.material(id).stream())
                .filter(material -> material.product().isEmpty())
                .toList();
    }

    /**
     * A method with changes, under an id that is still free. Nothing is kept.
     *
     * @throws IllegalArgumentException where the result would be no method
     */
    @Transactional(readOnly = true)
    MethodFile draft(Garden garden, String fromId, String title, String school, Changes changes) {
        String id = freeId(garden, title + " " + school);
        MethodFile draft = new MethodEdits(id, title, school, changes.amounts(), changes.windows(), changes.strengths())
                .with(changes.added())
                .applyTo(file(garden, fromId));
        books.of(garden).with(List.of(draft));
        return draft;
    }

    /** What is odd about a method. */
    @Transactional(readOnly = true)
    List<Finding> review(Garden garden, MethodFile file) {
        Book book = books.of(garden);
        Book known = book.method(file.method().id()).isPresent() ? book : book.with(List.of(file));
        Book told = known.only(method -> books.shipped().method(method.id()).isPresent());
        return new MethodReview(told, file).findings();
    }

    /**
     * Reads a file that was written elsewhere, YAML or JSON-LD.
     *
     * @throws BookYaml.BrokenFile for what can't be read, with the line and the reason
     */
    @Transactional(readOnly = true)
    MethodFile read(Garden garden, String text) {
        if (text.length() > LONGEST_FILE) {
            throw new BookYaml.BrokenFile(
                    0, "It has " + text.length() + " characters; a method has at most " + LONGEST_FILE + ".");
        }
        MethodFile file = text.stripLeading().startsWith("{") ? HowTo.read(text) : BookYaml.read(text);
        try {
            books.of(garden).with(List.of(renamed(file, OWN + "trial")));
        } catch (IllegalArgumentException unlinked) {
            throw new BookYaml.BrokenFile(0, unlinked.getMessage());
        }
        return file;
    }

    /**
     * Keeps a method. One that is kept already, word for word, is not kept twice.
     *
     * @param replaces the id of the wording that this one replaces; empty for a new method
     * @throws Refused where the method would be dangerous
     * @throws Conflict where that wording was replaced meanwhile
     */
    @Transactional
    MethodFile keep(Garden garden, MethodFile file, Optional<String> replaces, Instant at) {
        Refused.throwIfAny(
                review(garden, file).stream().filter(Finding::refuses).toList());
        gardens.holdCodes(garden);
        Optional<MethodFile> same = own.all(garden.id()).stream()
                .filter(OwnMethod::current)
                .flatMap(row -> books.readable(row).stream())
                .filter(kept -> renamed(kept, OWN + "same").equals(renamed(file, OWN + "same")))
                .findFirst();
        if (same.isPresent() && replaces.isEmpty()) {
            return same.get();
        }
        String id = freeId(
                garden, file.method().title() + " " + file.method().school().name());
        MethodFile kept = renamed(file, id);
        replaces.ifPresent(old -> {
            if (!own.replace(garden.id(), old, id)) {
                throw new Conflict("stale", "This method was changed from another page meanwhile. Look at it again.");
            }
        });
        own.insert(
                garden.id(),
                new OwnMethod(
                        id,
                        kept.method().title() + ": " + kept.method().school().name(),
                        BookYaml.write(kept),
                        at,
                        Optional.empty(),
                        false));
        requireReadable(garden, kept);
        return kept;
    }

    /** Nothing is kept that can't be read back: what the database gives again must be what was written. */
    private void requireReadable(Garden garden, MethodFile kept) {
        boolean same = own.all(garden.id()).stream()
                .filter(row -> row.id().equals(kept.method().id()))
                .anyMatch(row -> BookYaml.read(row.yaml()).equals(kept));
        if (!same) {
            throw new BookYaml.BrokenFile(0, "It would not be read back as it is written here, so it is not kept.");
        }
    }

    /** @throws Missing where it is none of the gardener's own, or put away already */
    @Transactional
    void retire(Garden garden, String id, Instant at) {
        if (!own.retire(garden.id(), id, at)) {
            throw new Missing("own method");
        }
    }

    private static MethodFile renamed(MethodFile file, String id) {
        return new MethodEdits(id, file.method().title(), file.method().school().name(), Map.of(), Map.of(), Map.of())
                .applyTo(file);
    }

    private String freeId(Garden garden, String words) {
        Set<String> taken = own.all(garden.id()).stream().map(OwnMethod::id).collect(Collectors.toSet());
        String slug = OWN + slug(words);
        return IntStream.iterate(1, number -> number + 1)
                .mapToObj(number -> number == 1 ? slug : slug + "-" + number)
                .filter(id -> !taken.contains(id))
                .findFirst()
                .orElseThrow();
    }

    static String slug(String words) {
        String plain = Normalizer.normalize(words, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String slug = plain.isEmpty() ? "method" : plain;
        return slug.length() <= LONGEST_SLUG ? slug : slug.substring(0, LONGEST_SLUG);
    }

    /**
     * What is changed.
     *
     * @param amounts new amounts by part
     * @param windows new times by stage
     * @param strengths new strengths by target
     * @param added parts that the method didn't have
     */
    record Changes(
            Map<String, Double> amounts,
            Map<String, MethodEdits.Days> windows,
            Map<Target, Double> strengths,
            List<MethodEdits.AddedPart> added) {}
}
