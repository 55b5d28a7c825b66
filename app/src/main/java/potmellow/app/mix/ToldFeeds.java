package potmellow.app.mix;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.caller.Caller;
import potmellow.app.garden.Garden;
import potmellow.app.once.Acts;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.problem.FieldProblem;
import potmellow.app.said.SaidAt;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.book.Use;
import potmellow.core.feeding.Need;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Volume;
import potmellow.core.moment.Past;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/**
 * Feeds that were poured before anybody wrote them down: yesterday's, or last month's. They come from no bottle of the store, and count
 * in every interval, wait and ladder. Nothing is refused: it has happened.
 */
@Service
public class ToldFeeds {
    private final FeedRepository feeds;
    private final PlantingService plantings;
    private final BookService books;
    private final Acts acts;

    ToldFeeds(FeedRepository feeds, PlantingService plantings, BookService books, Acts acts) {
        this.feeds = feeds;
        this.plantings = plantings;
        this.books = books;
        this.acts = acts;
    }

    /**
     * Writes a feed down. Asked again with the same id, it changes nothing.
     *
     * @param said when it was said
     * @throws FieldProblem for an entry that can't be used
     */
    @Transactional
    public Feed tell(Garden garden, UUID id, ToldFeed request, SaidAt said) {
        if (acts.first(garden, id, "told feed", request)) {
            List<Planting> fed = request.plantingIds().stream()
                    .map(planting -> plantings.get(garden, planting))
                    .toList();
            feeds.insert(garden.id(), read(garden, id, request, books.of(garden), fed, said));
        }
        return feeds.find(garden.id(), id).orElseThrow();
    }

    /**
     * What a feed told would be; nothing is stored.
     *
     * @param fed the plantings that it names
     * @param said when it was said
     * @throws FieldProblem for an entry that can't be used
     */
    public Feed read(Garden garden, UUID id, ToldFeed request, Book book, List<Planting> fed, SaidAt said) {
        Product product = book.findProduct(request.productId())
                .orElseThrow(() -> new FieldProblem(
                        "productId",
                        InvalidInput.notAChoice(
                                "What was poured",
                                request.productId(),
                                book.products().stream().map(Product::name).toList())));
        if (fed.isEmpty()) {
            throw new FieldProblem(
                    "plantingIds", InvalidInput.unreadable("Where it went", "", "Say which planting got it."));
        }
        Target target = request.target().orElse(Target.SOIL);
        Ratio strength = strength(garden, product, target, request.strength());
        Volume mix = mix(garden, fed, target, request.mix());
        Past when = garden.told("when", "When it was poured", request.when(), said.at())
                .orElse(Past.at(said.at()));
        return new Feed(
                id,
                when.likely(),
                said.now(),
                target,
                mix,
                "",
                false,
                List.of(new Feed.Brew(
                        Optional.empty(), Optional.empty(), Optional.of(product.id()), strength, strength.brewIn(mix))),
                request.plantingIds(),
                Caller.current().signed());
    }

    private static Ratio strength(Garden garden, Product product, Target target, Optional<String> typed) {
        Optional<String> said = typed.filter(text -> !text.isBlank());
        if (said.isPresent()) {
            return FieldProblem.reading(
                    "strength",
                    () -> garden.strength("The strength", said.get()).ratio());
        }
        return product.find(target)
                .map(Use::usualRatio)
                .orElseThrow(() -> new FieldProblem(
                        "strength",
                        InvalidInput.unreadable(
                                "The strength",
                                "",
                                "Nobody has told of it there: say how strong it was, such as 1:100.")));
    }

    /** As much as that ground takes, where nobody wrote it down. */
    private static Volume mix(Garden garden, List<Planting> fed, Target target, Optional<String> typed) {
        Optional<String> said = typed.filter(text -> !text.isBlank());
        return said.isPresent()
                ? FieldProblem.reading(
                        "mix", () -> garden.reader().largeVolume("The mix", said.get(), Need.LEAST_MIX, Need.MOST_MIX))
                : new Need.OfAll(fed.stream().map(Planting::size).collect(Collectors.toList()))
                        .volume(target, garden.units())
                        .value();
    }

    /**
     * A feed that was poured before.
     *
     * @param plantingIds what got it
     * @param productId the brew
     * @param strength how strong, as typed; as usual there, if left out
     * @param mix how much of the mix, as typed; as much as that ground takes, if left out
     * @param target where it went; soil, if left out
     * @param when when it was, as it is said; now, if left out
     */
    public record ToldFeed(
            List<UUID> plantingIds,
            String productId,
            Optional<String> strength,
            Optional<String> mix,
            Optional<Target> target,
            Optional<String> when) {
        public ToldFeed {
            plantingIds = plantingIds == null ? List.of() : List.copyOf(plantingIds);
            strength = strength == null ? Optional.empty() : strength;
            mix = mix == null ? Optional.empty() : mix;
            target = target == null ? Optional.empty() : target;
            when = when == null ? Optional.empty() : when;
        }
    }
}
