package potmellow.core.feeding;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/**
 * What plants got and what they showed, in the order of time; of one moment, in the order in which they are given.
 *
 * @param feeds feeds that were not undone
 * @param looks what was seen
 * @param waterings plain waterings
 * @param zone the garden's zone: its days are counted in it
 */
public record History(List<Fed> feeds, List<Looked> looks, List<Instant> waterings, ZoneId zone) {
    /** From the most careful answer to the least: of several looks of one day the first of these counts. */
    private static final List<Predicate<Looked>> CARE = List.of(
            look -> look.look() == Look.SCORCHED,
            look -> look.look() == Look.LIMP && !look.dry(),
            look -> look.look() == Look.LIMP,
            look -> look.look() == Look.LUSH,
            look -> look.look() == Look.UPRIGHT,
            look -> look.look() == Look.UNCHANGED);

    public History {
        feeds = feeds.stream().sorted(Comparator.comparing(Fed::at)).toList();
        looks = looks.stream().sorted(Comparator.comparing(Looked::at)).toList();
        waterings = waterings.stream().sorted().toList();
    }

    /** Nothing was fed, seen or watered. */
    public static History none() {
        return new History(List.of(), List.of(), List.of(), ZoneOffset.UTC);
    }

    /** This, and one more feed. */
    public History and(Fed fed) {
        return new History(Stream.concat(feeds.stream(), Stream.of(fed)).toList(), looks, waterings, zone);
    }

    /** This, and one more look. */
    public History and(Looked look) {
        return new History(feeds, Stream.concat(looks.stream(), Stream.of(look)).toList(), waterings, zone);
    }

    /** This, and one more plain watering. */
    public History watered(Instant at) {
        return new History(
                feeds, looks, Stream.concat(waterings.stream(), Stream.of(at)).toList(), zone);
    }

    /**
     * What the plants answered, day by day: of several looks of one day between the same two feeds the most careful counts, at the
     * moment of the last, so that their order doesn't matter.
     */
    public List<Looked> answers() {
        return answers(looks);
    }

    private List<Looked> answers(List<Looked> some) {
        Map<AnswerOf, List<Looked>> days = some.stream()
                .collect(Collectors.groupingBy(
                        look -> new AnswerOf(
                                LocalDate.ofInstant(look.at(), zone),
                                feeds.stream()
                                        .filter(fed -> fed.at().isBefore(look.at()))
                                        .count()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        return days.values().stream().map(History::mostCareful).toList();
    }

    private static Looked mostCareful(List<Looked> day) {
        Looked careful =
                day.stream().min(Comparator.comparingInt(History::carelessness)).orElseThrow();
        return new Looked(day.get(day.size() - 1).at(), careful.look(), careful.dry());
    }

    private static int carelessness(Looked look) {
        return (int) CARE.stream().takeWhile(matches -> !matches.test(look)).count();
    }

    private record AnswerOf(LocalDate day, long feedsBefore) {}

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

    /** What was answered after the last feed, or ever where nothing was fed yet. */
    private Optional<Looked> lastSinceFeed(Predicate<Looked> which) {
        return last(answers(looks.stream()
                .filter(look ->
                        lastFeed().map(fed -> look.at().isAfter(fed.at())).orElse(true))
                .filter(which)
                .toList()));
    }

    /** What the plants say of the last feed: harm, whatever else they showed since; else the latest of it. */
    public Optional<Looked> answerToLastFeed() {
        return lastSinceFeed(look -> look.look() == Look.SCORCHED).or(() -> lastSinceFeed(look -> true));
    }

    /** Whether they hang limp: so they were when last seen since the last feed, scorched or not. */
    public boolean limp() {
        return beside(Look.LIMP);
    }

    /** Whether they were lush when last seen since the last feed, scorched or not. */
    boolean lush() {
        return beside(Look.LUSH);
    }

    private boolean beside(Look seen) {
        return lastSinceFeed(look -> look.look() != Look.SCORCHED)
                .filter(look -> look.look() == seen)
                .isPresent();
    }

    /** When a brew scorched them: a feed of it was followed by harm before anything else was fed; the last such day. */
    public Optional<LocalDate> scorchedBy(String productId) {
        List<LocalDate> days = new ArrayList<>();
        for (Looked look : answers()) {
            boolean scorched = look.look() == Look.SCORCHED
                    && last(feeds.stream()
                                    .filter(fed -> fed.at().isBefore(look.at()))
                                    .toList())
                            .filter(fed -> fed.gave(productId))
                            .isPresent();
            if (scorched) {
                days.add(LocalDate.ofInstant(look.at(), zone));
            }
        }
        return last(days);
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
                waterings.stream().filter(at -> !at.isAfter(moment)).toList(),
                zone);
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
