package potmellow.app.book;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import potmellow.app.book.OwnMethodController.AddedTyped;
import potmellow.app.book.OwnMethodController.OwnMaterialTyped;
import potmellow.app.garden.Garden;
import potmellow.app.problem.FieldProblem;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.MethodEdits.AddedPart;
import potmellow.core.book.MethodFile;
import potmellow.core.book.Part;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.naming.PlainName;

/** Reads the parts that a gardener adds to a method: from the book, from their own brews, or something that no book tells of. */
@Component
class AddedParts {
    private static final int MOST = 12;
    private static final double PERCENT = 100;
    /** From feathers to sand, g a litre. */
    private static final double LIGHTEST = 10;

    private static final double HEAVIEST = 3000;

    private final BookService books;

    AddedParts(BookService books) {
        this.books = books;
    }

    /** @throws FieldProblem beside the field of the part that can't be used */
    List<AddedPart> read(Garden garden, MethodFile from, List<AddedTyped> typed) {
        if (typed.size() > MOST) {
            throw new FieldProblem(
                    "added", InvalidInput.outOfRange("The parts that are added", typed.size(), 0, MOST, "parts"));
        }
        Book book = books.current(garden);
        Set<String> taken = new HashSet<>();
        from.method().parts().stream().map(Part::id).forEach(taken::add);
        List<AddedPart> parts = new ArrayList<>();
        for (int i = 0; i < typed.size(); i++) {
            String field = "added." + i + ".";
            AddedTyped one = typed.get(i);
            Material material = one.own()
                    .map(own -> own(garden, book, own, field))
                    .orElseGet(() -> known(book, one.materialId(), field));
            String id = free(OwnMethodService.slug(material.name()), taken);
            taken.add(id);
            parts.add(new AddedPart(
                    id,
                    material,
                    amount(garden, material, one.amount(), field),
                    one.own().isPresent()));
        }
        return parts;
    }

    private static Material known(Book book, Optional<String> id, String field) {
        return id.flatMap(book::material)
                .orElseThrow(() -> new FieldProblem(
                        field + "materialId",
                        InvalidInput.unreadable(
                                "What is added",
                                id.orElse(""),
                                "Choose it from the list, or tell something of your own.")));
    }

    private static Material own(Garden garden, Book book, OwnMaterialTyped typed, String field) {
        PlainName name = FieldProblem.reading(field + "name", () -> new PlainName(typed.name()));
        Mass litre = FieldProblem.reading(field + "litre", () -> weight(garden, typed.litre()));
        Set<String> known = new HashSet<>();
        book.materials().forEach(material -> known.add(material.id()));
        return Material.own(
                free("own-" + OwnMethodService.slug(name.text()), known),
                name.text(),
                typed.liquid(),
                litre,
                share(garden, "The water in it", typed.water(), field + "water"),
                share(garden, "The sugar in it", typed.sugar(), field + "sugar"));
    }

    private static Mass weight(Garden garden, String typed) {
        Quantity read = garden.reader().quantity("What a litre of it weighs", typed, true, LIGHTEST, HEAVIEST);
        if (read instanceof Mass mass) {
            return mass;
        }
        throw InvalidInput.unreadable("What a litre of it weighs", typed, "Say a weight, such as 600 g.");
    }

    private static Optional<Double> share(Garden garden, String what, String typed, String field) {
        return typed == null || typed.isBlank()
                ? Optional.empty()
                : Optional.of(FieldProblem.reading(
                                field,
                                () -> garden.reader()
                                        .number(what, typed.replace("%", "").strip(), 0, PERCENT))
                        / PERCENT);
    }

    private static Quantity amount(Garden garden, Material material, String typed, String field) {
        return FieldProblem.reading(
                field + "amount",
                () -> garden.reader()
                        .counted(
                                material.name(),
                                typed,
                                material.counting(),
                                !material.liquid(),
                                Quantity.LEAST,
                                Quantity.MOST));
    }

    private static String free(String wanted, Set<String> taken) {
        return IntStream.iterate(1, number -> number + 1)
                .mapToObj(number -> number == 1 ? wanted : wanted + "-" + number)
                .filter(id -> !taken.contains(id))
                .findFirst()
                .orElseThrow();
    }
}
