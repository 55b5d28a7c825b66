package potmellow.core.book;

import java.util.List;

/**
 * One of the senses asked on a visit.
 *
 * @param sense stable id
 * @param question what the row is called
 * @param closedLidsOnly whether it is asked only where the lid can bulge; no where left out
 * @param products the only brews of the family that it is asked of; empty for all
 * @param signs the answers to choose from
 */
public record Sense(String sense, String question, Boolean closedLidsOnly, List<String> products, List<Sign> signs) {
    public Sense {
        closedLidsOnly = closedLidsOnly != null && closedLidsOnly;
        products = products == null ? List.of() : List.copyOf(products);
        signs = List.copyOf(signs);
    }

    /** This sense with only what can be sensed in a brew. */
    Sense in(String product) {
        return new Sense(
                sense,
                question,
                closedLidsOnly,
                products,
                signs.stream().filter(sign -> sign.concerns(product)).toList());
    }

    boolean concerns(String product) {
        return products.isEmpty() || products.contains(product);
    }
}
