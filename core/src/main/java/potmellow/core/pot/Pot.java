package potmellow.core.pot;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.util.List;
import potmellow.core.place.Whereabouts;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;

/**
 * A pot: how it was made, and what it is by everything that happened to it since. Nothing else changes it: replayed from its
 * happenings, it is the same.
 *
 * @param making how it is made
 * @param contents what went in, as much of it as wasn't split off
 * @param state what it is
 * @param lid its lid
 * @param whereabouts where it stood when
 * @param log what was done to it, seen, measured and taken
 * @param latest when the last of it happened: nothing that comes after can lie before
 */
public record Pot(
        Making making, Contents contents, State state, Lid lid, Whereabouts whereabouts, Log log, Instant latest) {
    public Pot {
        requireNonNull(making, "making");
        requireNonNull(contents, "contents");
        requireNonNull(state, "state");
        requireNonNull(lid, "lid");
        requireNonNull(whereabouts, "whereabouts");
        requireNonNull(log, "log");
        requireNonNull(latest, "latest");
        if (state.stage() >= making.method().stages().size()) {
            throw new IllegalArgumentException("The stage " + state.stage() + " is none of the "
                    + making.method().stages().size() + " of " + making.method().id() + ".");
        }
    }

    /** A pot that was just set. */
    public static Pot set(Making making, Contents put, State state, Lid lid, Whereabouts where) {
        Instant moved = where.stays().get(where.stays().size() - 1).from();
        return new Pot(making, put, state, lid, where, Log.EMPTY, later(state.since(), moved));
    }

    /** The pot after something more happened to it. */
    public Pot after(Happening happening) {
        Pot pot = happening.to(this);
        return new Pot(
                pot.making, pot.contents, pot.state, pot.lid, pot.whereabouts, pot.log, later(latest, happening.at()));
    }

    /** The pot after all of these, one after the other. */
    public Pot after(List<Happening> happenings) {
        Pot pot = with(contents, log.withSeen(happenings));
        Instant last = latest;
        for (Happening happening : happenings) {
            pot = happening.isOnlySeen() ? pot : pot.after(happening);
            last = later(last, happening.at());
        }
        return new Pot(pot.making, pot.contents, pot.state, pot.lid, pot.whereabouts, pot.log, last);
    }

    /** What is split off of it, in a vessel of its own: it goes on with the history that both share. */
    public Pot part(double share, Vessel vessel) {
        return keeping(share).with(making.in(vessel), state);
    }

    /**
     * The same, going on with the history of the pot that it was a part of.
     *
     * @param whole that pot as it was then
     * @param share what of it became this one
     * @param at when
     */
    public Pot continuing(Pot whole, double share, Instant at) {
        return new Pot(making, contents, state, lid, whereabouts, whole.log.of(share), later(latest, at));
    }

    /** A moment as it counts for this pot: none lies before what is on record of it already, whatever a clock that was set back says. */
    public Instant notBefore(Instant told) {
        return later(told, latest);
    }

    Pot with(Contents left, Log more) {
        return new Pot(making, left, state, lid, whereabouts, more, latest);
    }

    Pot with(Lid other, Whereabouts where) {
        return new Pot(making, contents, state, other, where, log, latest);
    }

    Pot with(Making as, State becomes) {
        return new Pot(as, contents, becomes, lid, whereabouts, log, latest);
    }

    Pot keeping(double share) {
        return with(contents.times(share), log.of(share));
    }

    private static Instant later(Instant one, Instant other) {
        return one.isAfter(other) ? one : other;
    }
}
