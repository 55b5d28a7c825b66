package potmellow.core.judgement;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import potmellow.core.book.Sign.Effect;

/**
 * The last word of each sense, as long as it counts. A newer word on the same sense replaces it.
 */
final class CurrentSigns {
    private final List<Observation> all;
    private final List<Observation> current;
    private final List<Observation> answered;

    CurrentSigns(Seen known, Duration currency, Instant now) {
        all = known.observations().stream()
                .filter(seen -> !seen.at().isAfter(now))
                .sorted(Comparator.comparing(Observation::at))
                .toList();
        Map<String, Observation> last = new LinkedHashMap<>();
        all.forEach(seen -> last.put(seen.sense(), seen));
        Map<Boolean, List<Observation>> counting = last.values().stream()
                .filter(seen -> Duration.between(seen.at(), now).compareTo(currency) <= 0)
                .collect(Collectors.partitioningBy(seen -> answered(seen, known)));
        current = counting.get(false);
        answered = counting.get(true);
    }

    /** A danger counts until the act that answers it is logged. */
    private static boolean answered(Observation seen, Seen known) {
        return seen.sign().effect() == Effect.ACT_NOW
                && seen.sign()
                        .remedy()
                        .filter(act -> known.doneSince(act, seen.at()))
                        .isPresent();
    }

    /** Dangers that were seen lately and have been seen to. */
    List<Observation> answered() {
        return answered;
    }

    List<Observation> with(Effect effect) {
        return current.stream().filter(seen -> seen.sign().effect() == effect).toList();
    }

    boolean has(Effect effect) {
        return !with(effect).isEmpty();
    }

    /** Whether something speaks for it that it didn't show half way already: what was so then says nothing of its end. */
    boolean newlyGood(double halfWay) {
        return with(Effect.GOOD).stream()
                .anyMatch(good -> all.stream()
                        .filter(seen -> seen.sense().equals(good.sense())
                                && seen.sign().id().equals(good.sign().id()))
                        .allMatch(seen -> seen.ripeness() >= halfWay));
    }

    boolean none() {
        return current.isEmpty() && answered.isEmpty();
    }

    boolean ever(Effect effect) {
        return all.stream().anyMatch(seen -> seen.sign().effect() == effect);
    }

    /**
     * For how long, up to its last sighting, a sign has been the only word of its sense and meant the same: what is normal at first
     * and a fault later counts from when it is a fault.
     */
    Duration standing(Observation seen) {
        Predicate<Observation> same =
                other -> other.sign().id().equals(seen.sign().id())
                        && other.sign().effect() == seen.sign().effect();
        Instant since = seen.at();
        List<Observation> ofSense =
                all.stream().filter(other -> other.sense().equals(seen.sense())).toList();
        for (int i = ofSense.size() - 1; i >= 0 && same.test(ofSense.get(i)); i--) {
            since = ofSense.get(i).at();
        }
        return Duration.between(since, seen.at());
    }
}
