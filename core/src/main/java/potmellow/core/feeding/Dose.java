package potmellow.core.feeding;

import static java.util.Objects.requireNonNull;

import java.util.Optional;
import java.util.OptionalDouble;
import potmellow.core.book.Nature;
import potmellow.core.book.Product;
import potmellow.core.book.Use;
import potmellow.core.strength.Ratio;

/**
 * One thing that goes into the water: a brew from its bottle, or something from the kitchen.
 *
 * @param name what it is called
 * @param product the product, where it is a brew
 * @param nature what it brings into a tank
 * @param advice how strong it is to be
 * @param stock the bottle that it comes from; empty for something from the kitchen
 * @param asked the strength that the gardener wants; empty for the advised one
 */
public record Dose(
        String name,
        Optional<Product> product,
        Nature nature,
        StrengthAdvice advice,
        Optional<Stock> stock,
        Optional<Ratio> asked) {
    public Dose {
        requireNonNull(name, "name");
        requireNonNull(product, "product");
        requireNonNull(nature, "nature");
        requireNonNull(advice, "advice");
        requireNonNull(stock, "stock");
        requireNonNull(asked, "asked");
    }

    /** A brew from its bottle. */
    public static Dose of(Product product, StrengthAdvice advice, Stock stock, Optional<Ratio> asked) {
        return new Dose(product.name(), Optional.of(product), product.nature(), advice, Optional.of(stock), asked);
    }

    public Use use() {
        return advice.use();
    }

    /** The strength that it is poured at: the one asked for, or the advised one. */
    public Ratio strength() {
        return asked.orElseGet(() -> advice.strength().value());
    }

    /** Its salt undiluted, mS/cm, where it is known. */
    OptionalDouble ec() {
        return stock.map(Stock::ec)
                .orElseGet(() ->
                        nature.is(Nature.Kind.SALT) ? OptionalDouble.of(Addition.SEAWATER_EC) : OptionalDouble.empty());
    }

    Dose at(Ratio ratio) {
        return new Dose(name, product, nature, advice, stock, Optional.of(ratio));
    }
}
