package potmellow.core.feeding;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.book.Product.Leaning;
import potmellow.core.planting.GrowthStage;
import potmellow.core.strength.Target;

/** What plants want on a day, by their stage and by what they got: the most wanted first, each with its reason (common practice). */
final class Wants {
    private static final int SOIL_BUILDER_DAYS = 30;
    private static final double CALCIUM_DAYS = 14;

    private final Book book;
    private final Plants plants;
    private final History history;

    Wants(Book book, Recipient recipient) {
        this.book = book;
        this.plants = recipient.plants();
        this.history = recipient.history();
    }

    List<Want> at(Instant moment) {
        List<Want> wants = new ArrayList<>();
        if (fruiting() && daysSince(Leaning.CALCIUM, moment) >= calciumDays()) {
            wants.add(new Want(Leaning.CALCIUM, stage() + ": calcium from the first flower on."));
        }
        boolean builderDue = plants.stage() != GrowthStage.SEEDLING
                && daysSince(Leaning.SOIL_LIFE, moment) >= SOIL_BUILDER_DAYS
                && history.lastFeed().isPresent();
        if (builderDue) {
            wants.add(new Want(Leaning.SOIL_LIFE, "A soil builder once a month."));
        }
        switch (plants.stage()) {
            case SEEDLING -> wants.add(new Want(Leaning.GENTLE, "Seedlings: the gentlest."));
            case LEAFY -> wants.add(new Want(Leaning.NITROGEN, "Leafy growth: nitrogen-leaning."));
            case BUDDING, FLOWERING, FRUITING, RIPENING ->
                wants.add(new Want(Leaning.POTASSIUM, stage() + ": potassium-leaning, no more nitrogen."));
            case RESTING -> wants.add(new Want(Leaning.SOIL_LIFE, "At rest: soil builders."));
        }
        if (plants.stage() != GrowthStage.RESTING) {
            wants.add(new Want(Leaning.BROAD, "A bit of everything."));
        }
        return wants;
    }

    private String stage() {
        String words = plants.stage().words();
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private boolean fruiting() {
        return plants.stage() == GrowthStage.FLOWERING || plants.stage() == GrowthStage.FRUITING;
    }

    private double calciumDays() {
        return book.products().stream()
                .filter(product -> product.leanings().contains(Leaning.CALCIUM))
                .findFirst()
                .map(product -> StrengthAdvice.of(
                                product, Target.SOIL, OptionalDouble.empty(), Optional.of(plants), history)
                        .intervalDays()
                        .value())
                .orElse(CALCIUM_DAYS);
    }

    private double daysSince(Leaning leaning, Instant moment) {
        return history.feeds().stream()
                .filter(fed -> fed.doses().stream()
                        .flatMap(given -> book.findProduct(given.productId()).stream())
                        .anyMatch(product -> product.leanings().contains(leaning)))
                .reduce((first, second) -> second)
                .map(fed -> fed.daysBefore(moment))
                .orElse(Double.MAX_VALUE);
    }

    /**
     * Something that is wanted.
     *
     * @param leaning what a brew leans to
     * @param why the reason, a sentence
     */
    record Want(Leaning leaning, String why) {
        boolean metBy(Product product) {
            return product.leanings().contains(leaning);
        }
    }
}
