package potmellow.core.judgement;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import potmellow.core.book.Material;
import potmellow.core.book.Stage;
import potmellow.core.craft.Act;
import potmellow.core.craft.Family;
import potmellow.core.meter.Reading;

/**
 * Everything that was sensed and measured of a pot, corrections already left out.
 *
 * @param family what it ripens and spoils like
 * @param observations what was sensed, each as it is meant at the ripeness of then, in any order
 * @param readings what meters read, in any order
 * @param done what hands did, each act when it was done last
 * @param beyondItsHours why it is past what it keeps for; empty while it isn't
 * @param spoils what in it makes spoiling dangerous
 */
public record Seen(
        Family family,
        List<Observation> observations,
        List<Reading> readings,
        Map<Act, Instant> done,
        Optional<String> beyondItsHours,
        Set<Material.Spoils> spoils) {
    private static final Duration LEAST_CURRENCY = Duration.ofHours(48);
    private static final Duration TEA_CURRENCY = Duration.ofHours(6);
    private static final double CURRENCY_SHARE = 0.15;

    public Seen {
        observations = List.copyOf(observations);
        readings = List.copyOf(readings);
        done = Map.copyOf(done);
        spoils = Set.copyOf(spoils);
    }

    /** Signs alone. */
    public static Seen of(Family family, List<Observation> observations) {
        return new Seen(family, observations, List.of(), Map.of(), Optional.empty(), Set.of());
    }

    /** Whether an act was done at a moment or since. What was seen at a visit was seen before its act. */
    boolean doneSince(Act act, Instant moment) {
        return Optional.ofNullable(done.get(act))
                .filter(at -> !at.isBefore(moment))
                .isPresent();
    }

    /** For how long a sign or a reading counts: 48 h, or 15 % of the earliest readiness where that is longer; teas 6 h. */
    Duration currency(Stage stage) {
        if (family == Family.TEA) {
            return TEA_CURRENCY;
        }
        Duration byWindow =
                Duration.ofMinutes(Math.round(CURRENCY_SHARE * stage.window().fromDays() * 24 * 60));
        return byWindow.compareTo(LEAST_CURRENCY) > 0 ? byWindow : LEAST_CURRENCY;
    }
}
