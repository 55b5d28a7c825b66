package potmellow.core.feeding;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import potmellow.core.book.Nature;
import potmellow.core.book.Product;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Target;

/**
 * A bottle to pour from.
 *
 * @param code its code
 * @param product what is in it
 * @param stock how much, and what limits it
 * @param useBy the last day it is counted on
 * @param ageDays age of what is in it; empty where it isn't known
 */
public record InStore(String code, Product product, Stock stock, LocalDate useBy, OptionalDouble ageDays)
        implements Brew {
    private static final Volume PLENTY = Volume.ofLitres(10_000);

    /** As much as anybody wants of a brew that is still to be made. */
    public static InStore made(Product product) {
        return new InStore("", product, new Stock(PLENTY, false), LocalDate.MAX, OptionalDouble.empty());
    }

    @Override
    public String label() {
        return product.name();
    }

    @Override
    public Optional<Product> brewed() {
        return Optional.of(product);
    }

    @Override
    public Nature nature() {
        return product.nature();
    }

    @Override
    public List<InStore> bottles() {
        return List.of(this);
    }

    @Override
    public OptionalDouble ec() {
        return stock.ec();
    }

    @Override
    public StrengthAdvice advice(Target target, Optional<Recipient> recipient) {
        return StrengthAdvice.of(
                        product,
                        target,
                        ageDays,
                        recipient.map(Recipient::plants),
                        recipient.map(Recipient::history).orElseGet(History::none))
                .thinned(stock.brewShare());
    }
}
