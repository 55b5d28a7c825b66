package potmellow.core.feeding;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/**
 * What plants got and what they showed, in the order of time.
 *
 * @param feeds feeds that were not undone
 * @param looks what was seen
 * @param waterings plain waterings
 */
public record History(List<Fed> feeds, List<Looked> looks, List<Instant> waterings) {
    public History {
        feeds = feeds.stream().sorted(Comparator.comparing(Fed::at)).toList();
        looks = looks.stream().sorted(Comparator.comparing(Looked::at)).toList();
        waterings = waterings.stream().sorted().toList();
    }

    public static History none() {
        return new History(List.of(), List.of(), List.of());
    }

    public Optional<Fed> lastFeed() {
        return last(feeds);
    }

    /** The last feed with a brew. */
    public Optional<Fed> lastFeed(String productId) {
        return last(feeds.stream().filter(fed -> fed.gave(productId)).toList());
    }

    public Optional<Looked> lastLook() {
        return last(looks);
    }

    /** What was seen after the last feed, and so speaks of it; the latest of it. */
    public Optional<Looked> answerToLastFeed() {
        return lastLook()
                .filter(look ->
                        lastFeed().map(fed -> look.at().isAfter(fed.at())).orElse(true));
    }

    /** Whether plain water was given after a moment. */
    public boolean wateredSince(Instant moment) {
        return waterings.stream().anyMatch(at -> !at.isBefore(moment));
    }

    /** Feeds since the last plain watering. */
    public long feedsSinceWater() {
        Instant last = waterings.isEmpty() ? Instant.MIN : waterings.get(waterings.size() - 1);
        return feeds.stream().filter(fed -> fed.at().isAfter(last)).count();
    }

    /** This history as it stood at a moment. */
    public History until(Instant moment) {
        return new History(
                feeds.stream().filter(fed -> !fed.at().isAfter(moment)).toList(),
                looks.stream().filter(look -> !look.at().isAfter(moment)).toList(),
                waterings.stream().filter(at -> !at.isAfter(moment)).toList());
    }

    private static <T> Optional<T> last(List<T> all) {
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    /**
     * One feed.
     *
     * @param at when
     * @param target where it went
     * @param doses the brews in it
     */
    public record Fed(Instant at, Target target, List<Given> doses) {
        public Fed {
            doses = List.copyOf(doses);
        }

        boolean gave(String productId) {
            return doses.stream().anyMatch(dose -> dose.productId().equals(productId));
        }

        Optional<Ratio> strengthOf(String productId) {
            return doses.stream()
                    .filter(dose -> dose.productId().equals(productId))
                    .map(Given::strength)
                    .findFirst();
        }

        double daysBefore(Instant moment) {
            return Duration.between(at, moment).toMillis()
                    / (double) Duration.ofDays(1).toMillis();
        }
    }

    /**
     * One brew of a feed.
     *
     * @param productId which
     * @param name what it is called
     * @param strength how strong
     */
    public record Given(String productId, String name, Ratio strength) {}

    /**
     * What was seen.
     *
     * @param at when
     * @param look what
     * @param dry whether the soil was dry then
     */
    public record Looked(Instant at, Look look, boolean dry) {}
}
