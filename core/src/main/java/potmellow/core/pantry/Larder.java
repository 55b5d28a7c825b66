package potmellow.core.pantry;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Recipe;

/**
 * The finished brews in store, and what they give for a recipe: the oldest that is still good first (handbook of the craft, section
 * 10), nothing past its day, nothing rescued from a spoilt pot.
 *
 * @param book the book
 * @param kept everything in store
 * @param day the day it is taken on
 */
public record Larder(Book book, List<Kept> kept, LocalDate day) {
    private static final double A_DROP_MILLILITRES = 0.05;

    public Larder {
        kept = List.copyOf(kept);
    }

    /**
     * Where every brewed part of a recipe comes from, in the order of its parts.
     *
     * @param asked the codes of the bottles that a part is to come from, by its id: no code for "not from the store"; a part that isn't
     *     named comes from the oldest
     */
    public List<Supply> supplies(Recipe recipe, Map<String, List<String>> asked) {
        Map<String, Volume> left = new HashMap<>();
        kept.forEach(bottle -> left.put(bottle.code(), bottle.level()));
        List<Supply> supplies = new ArrayList<>();
        for (Recipe.Amount part : recipe.parts()) {
            part.material()
                    .product()
                    .map(book::product)
                    .map(product -> supply(part, product, Optional.ofNullable(asked.get(part.id())), left))
                    .ifPresent(supplies::add);
        }
        return supplies;
    }

    private Supply supply(Recipe.Amount part, Product product, Optional<List<String>> asked, Map<String, Volume> left) {
        Volume wanted = product.volume(part.measured());
        List<Kept> could = usable(product);
        List<Supply.Taken> taken = new ArrayList<>();
        Volume missing = wanted;
        for (Kept bottle : asked.map(codes -> named(could, codes)).orElse(could)) {
            Volume there = left.get(bottle.code());
            Volume amount = there.compareTo(missing) < 0 ? there : missing;
            if (amount.millilitres() > A_DROP_MILLILITRES) {
                taken.add(new Supply.Taken(bottle.code(), amount));
                left.put(bottle.code(), there.less(amount));
                missing = missing.less(amount);
            }
        }
        Volume open = wanted.less(missing).asGoodAs(wanted) ? Volume.ofMillilitres(0) : missing;
        return new Supply(
                part.id(),
                product,
                wanted,
                taken,
                open,
                could,
                open.millilitres() == 0 ? Optional.empty() : LeadTime.of(book, product.id(), inStore(product)));
    }

    private List<Kept> usable(Product product) {
        return kept.stream()
                .filter(bottle -> bottle.product().equals(product.id()))
                .filter(bottle -> bottle.level().millilitres() > A_DROP_MILLILITRES)
                .filter(bottle -> !bottle.rescued() && !day.isAfter(bottle.useBy()))
                .sorted(Comparator.comparing(Kept::useBy).thenComparing(Kept::code))
                .toList();
    }

    private static List<Kept> named(List<Kept> could, List<String> codes) {
        return codes.stream()
                .flatMap(code -> could.stream().filter(bottle -> bottle.code().equals(code)))
                .toList();
    }

    /** What is made of other brews waits only for those that aren't here. */
    private Predicate<String> inStore(Product missing) {
        return product ->
                !product.equals(missing.id()) && !usable(book.product(product)).isEmpty();
    }
}
