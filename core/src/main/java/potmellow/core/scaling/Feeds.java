package potmellow.core.scaling;

import java.util.Optional;
import java.util.OptionalDouble;
import potmellow.core.book.Product;
import potmellow.core.feeding.History;
import potmellow.core.feeding.Need;
import potmellow.core.feeding.StrengthAdvice;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * The brew that ground needs over some weeks. What doesn't keep from one feed to the next is brewed anew for each.
 *
 * @throws potmellow.core.measure.InvalidInput for a use that isn't allowed
 */
record Feeds(Product product, Anchor.ToFeed ground, UnitSystem system) {
    private static final double DAYS_OF_A_WEEK = 7;

    Feeds {
        product.allowedUse(ground.target());
    }

    /** As any dose is advised where nothing is known of the plants. */
    private StrengthAdvice advice() {
        return StrengthAdvice.of(product, ground.target(), OptionalDouble.empty(), Optional.empty(), History.none());
    }

    private double interval() {
        return advice().intervalDays().value();
    }

    /** How often it is fed in those weeks; once where it is used once. */
    int count() {
        double interval = interval();
        return interval > 0 ? Math.max(1, (int) Math.ceil(ground.weeks() * DAYS_OF_A_WEEK / interval)) : 1;
    }

    /** How many feeds one batch lasts for, until it no longer keeps. */
    int ofOneBatch() {
        double interval = interval();
        int kept = interval > 0
                ? 1 + (int) Math.floor(Math.min(product.longestKeep().inDays() / interval, count()))
                : 1;
        return Math.min(count(), kept);
    }

    /** The brew for as many feeds as one batch lasts. */
    Working<Quantity> brew() {
        Working<Volume> once = new Need.OfArea(ground.area()).volume(ground.target(), system);
        int feeds = ofOneBatch();
        Ratio strength = advice().strength().value();
        Volume brew = strength.brewIn(once.value()).times(feeds);
        return once.then(
                brew,
                Step.of(
                        feeds == count()
                                ? "Brew = mix ÷ (N + 1), for every feed of those weeks."
                                : "Brew = mix ÷ (N + 1), for as many feeds as it keeps.",
                        AmountText.volume(brew, system),
                        advice().use().usual().evidence(),
                        "strength",
                        strength.text(),
                        "feeds",
                        feeds + every()));
    }

    private String every() {
        double interval = interval();
        return count() > 1 ? ", every " + AmountText.number(interval) + " days" : "";
    }

    /** Told where one batch doesn't last for all feeds. */
    Optional<Recipe.Repeat> repeat() {
        int batches = (int) Math.ceil(count() / (double) ofOneBatch());
        if (batches < 2) {
            return Optional.empty();
        }
        Product.Keep keep = product.longestKeep();
        double days = interval() * ofOneBatch();
        String each = ofOneBatch() == 1 ? "for one feed" : "for " + ofOneBatch() + " feeds";
        String words = "It keeps " + keep.lengthWords() + ": make it " + batches + " times, every "
                + AmountText.number(days) + " days, each time " + each + ".";
        return Optional.of(new Recipe.Repeat(
                batches,
                days,
                words,
                Working.of(
                        batches,
                        Step.of(
                                "Batches = feeds ÷ feeds that one batch keeps for.",
                                String.valueOf(batches),
                                keep.stated().evidence(),
                                "feeds",
                                String.valueOf(count()),
                                "keeps",
                                keep.lengthWords(),
                                "fed every",
                                AmountText.number(interval()) + " days"))));
    }
}
