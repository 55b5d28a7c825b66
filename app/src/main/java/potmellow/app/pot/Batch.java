package potmellow.app.pot;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.measure.Quantity;
import potmellow.core.vessel.Lid;

/**
 * One making of a method: a "pot" on the screen.
 *
 * @param id its id
 * @param methodId how it is made
 * @param name what it is called
 * @param vesselId what it stands in
 * @param lid its lid
 * @param origin where a collection came from; empty for what isn't collected
 * @param refills the pot on whose residue it was set; empty for one set afresh
 * @param split the pot that it was split off; empty for one that is whole
 * @param splitOff what was split off it since
 * @param stays where it stood when, at least one, oldest first
 * @param parts what is in it, in the method's order
 * @param setAt when it was set, at the latest; while its water stands, when it is to be
 * @param oldestAt when it may have been set at the earliest; the same where that is known
 * @param state the latest recorded state
 */
public record Batch(
        UUID id,
        String methodId,
        String name,
        UUID vesselId,
        Lid lid,
        String origin,
        Optional<UUID> refills,
        Optional<Split> split,
        List<Split> splitOff,
        List<Stay> stays,
        List<Ingredient> parts,
        Instant setAt,
        Instant oldestAt,
        State state) {
    private static final Duration A_DAY = Duration.ofDays(1);

    public Batch {
        splitOff = List.copyOf(splitOff);
        stays = List.copyOf(stays);
        parts = List.copyOf(parts);
    }

    /** Whether it stands in its vessel. */
    public boolean isWorking() {
        return state.kind().stands();
    }

    /** Whether it stood in its vessel at a moment. */
    boolean workedAt(Instant moment) {
        return isWorking() || moment.isBefore(state.beganAt());
    }

    /** Since when it is in its vessel: what was split off came into its own later than it was set. */
    public Instant standsSince() {
        return split.map(Split::at).orElse(setAt);
    }

    /** Where it stands, or stood last. */
    public UUID placeId() {
        return stays.get(stays.size() - 1).placeId();
    }

    /** The amounts of its parts, by the part's id. */
    public Map<String, Quantity> amounts() {
        return parts.stream().collect(Collectors.toMap(Ingredient::partId, Ingredient::amount));
    }

    /** The materials of its parts, by the part's id. */
    public Map<String, Material> materials(Book book) {
        return parts.stream()
                .collect(Collectors.toMap(
                        Ingredient::partId,
                        part -> book.material(part.materialId()).orElseThrow()));
    }

    /** With what was put in, where it stood, and what was split off it since. */
    public Batch with(List<Ingredient> put, List<Stay> stood, List<Split> gone) {
        double left = leftOf(gone, Instant.MIN);
        List<Ingredient> now = put.stream().map(part -> part.times(left)).toList();
        return new Batch(
                id, methodId, name, vesselId, lid, origin, refills, split, gone, stood, now, setAt, oldestAt, state);
    }

    /** Whether it is known to the day when it was set, so that others can learn from it. */
    public boolean dated() {
        return Duration.between(oldestAt, setAt).compareTo(A_DAY) <= 0;
    }

    /** The share that is still here of what was in it at a moment. */
    public double leftSince(Instant moment) {
        return leftOf(splitOff, moment);
    }

    private static double leftOf(List<Split> gone, Instant since) {
        return gone.stream()
                .filter(split -> split.at().isAfter(since))
                .mapToDouble(split -> 1 - split.share())
                .reduce(1, (one, other) -> one * other);
    }

    /**
     * What is in it of one part.
     *
     * @param partId the part of the method
     * @param materialId what was taken
     * @param amount how much
     */
    public record Ingredient(String partId, String materialId, Quantity amount) {
        public Ingredient times(double share) {
            return new Ingredient(partId, materialId, amount.times(share));
        }
    }

    /**
     * A stay at a place.
     *
     * @param placeId which place
     * @param from since when
     */
    public record Stay(UUID placeId, Instant from) {}

    /**
     * Where a pot was split off.
     *
     * @param from the other pot
     * @param share what of it was taken, between 0 and 1
     * @param at when
     */
    public record Split(UUID from, double share, Instant at) {}

    /**
     * A recorded state.
     *
     * @param sequence counts up from 0
     * @param kind what it is
     * @param stage number of the method's stage, from 0
     * @param beganAt since when
     * @param reason why; empty where it needs no reason
     */
    public record State(int sequence, Kind kind, int stage, Instant beganAt, String reason) {
        public State next(Kind kind, int stage, Instant at, String reason) {
            return new State(sequence + 1, kind, stage, at, reason);
        }

        public enum Kind {
            WATER_STANDING,
            WORKING,
            /** Ready, and kept in its vessel by decision. */
            HOLDING,
            EMPTIED,
            THROWN_AWAY;

            /** Whether something stands in the vessel. */
            public boolean stands() {
                return this == WATER_STANDING || works();
            }

            /** Whether it is filled and not emptied yet. */
            public boolean works() {
                return this == WORKING || this == HOLDING;
            }
        }
    }
}
