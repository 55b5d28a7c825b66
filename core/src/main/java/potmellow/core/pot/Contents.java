package potmellow.core.pot;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;

/**
 * What is in a pot, before anything was drawn from it.
 *
 * @param parts in the method's order, each part once
 */
public record Contents(List<Ingredient> parts) {
    public static final Contents NOTHING = new Contents(List.of());

    public Contents {
        parts = List.copyOf(parts);
    }

    /** The amounts, by the part's id. */
    public Map<String, Quantity> amounts() {
        return parts.stream().collect(Collectors.toMap(Ingredient::partId, Ingredient::amount));
    }

    /** The materials, by the part's id. */
    public Map<String, Material> materials(Book book) {
        return parts.stream().collect(Collectors.toMap(Ingredient::partId, part -> material(book, part)));
    }

    /** What all of it weighs. */
    public Mass mass(Book book) {
        return Mass.ofGrams(parts.stream()
                .mapToDouble(part -> material(book, part).mass(part.amount()).grams())
                .sum());
    }

    /** A share of it, as it is split off or stays. */
    public Contents times(double share) {
        return new Contents(parts.stream().map(part -> part.times(share)).toList());
    }

    private static Material material(Book book, Ingredient part) {
        return book.material(part.materialId()).orElseThrow();
    }
}
