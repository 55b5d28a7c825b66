package potmellow.app.pot;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import potmellow.core.pot.Contents;
import potmellow.core.pot.State;
import potmellow.core.vessel.Lid;

/**
 * The record of one making of a method: a "pot" on the screen. What it is by that, {@link potmellow.core.pot.Pot} says.
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
 * @param put what went in
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
        Contents put,
        Instant setAt,
        Instant oldestAt,
        State state) {
    public Batch {
        splitOff = List.copyOf(splitOff);
        stays = List.copyOf(stays);
    }

    /** Whether it stands in its vessel. */
    public boolean isWorking() {
        return state.kind().stands();
    }

    /** Whether it stood in its vessel at a moment. */
    boolean workedAt(Instant moment) {
        return isWorking() || moment.isBefore(state.since());
    }

    /** Since when it is in its vessel: what was split off came into its own later than it was set. */
    public Instant standsSince() {
        return split.map(Split::at).orElse(setAt);
    }

    /** Where it stands, or stood last. */
    public UUID placeId() {
        return stays.get(stays.size() - 1).placeId();
    }

    /** What of that which went in wasn't split off. */
    public Contents contents() {
        return put.times(
                splitOff.stream().mapToDouble(part -> 1 - part.share()).reduce(1, (one, other) -> one * other));
    }

    /** With what was put in, where it stood, and what was split off it since. */
    Batch with(Contents into, List<Stay> stood, List<Split> gone) {
        return new Batch(
                id, methodId, name, vesselId, lid, origin, refills, split, gone, stood, into, setAt, oldestAt, state);
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
}
