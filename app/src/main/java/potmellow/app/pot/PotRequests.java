package potmellow.app.pot;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import potmellow.app.recipe.RecipeRequest;
import potmellow.core.craft.Act;
import potmellow.core.meter.Meter;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.VesselKind;

/** What the browser may ask of pots. All amounts come as typed. */
public final class PotRequests {
    private PotRequests() {}

    /**
     * Set a pot.
     *
     * @param name what it is called
     * @param recipe what goes in
     * @param confirmed ids of the rules that advise against it and are passed over all the same
     * @param origin where a collection comes from; may be left out
     */
    public record SetPot(String name, RecipeRequest recipe, List<String> confirmed, Optional<String> origin) {
        public SetPot {
            confirmed = confirmed == null ? List.of() : List.copyOf(confirmed);
            origin = origin == null ? Optional.empty() : origin;
        }

        /** Nothing is passed over, and the water is ready. */
        public SetPot(String name, RecipeRequest recipe) {
            this(name, recipe.waterReady(), List.of(), Optional.empty());
        }
    }

    /**
     * Let in what stands already.
     *
     * @param methodId how it was made, as far as is known
     * @param name what it is called; as its brew, if left out
     * @param since since when it stands, as it is said; "nobody knows" is an answer
     * @param full how full it is, as it is said; to the line, if left out
     * @param vesselId a vessel of the garden
     * @param code what is written on it, if it is none yet; the next free code, if left out
     * @param kind its shape, if it is none yet
     * @param capacity its size, as typed, if it is none yet
     * @param placeId where it stands
     * @param lid its lid; the usual one, if left out
     * @param stage the stage it is in, from 0
     */
    public record ArrivePot(
            String methodId,
            Optional<String> name,
            String since,
            Optional<String> full,
            Optional<UUID> vesselId,
            Optional<String> code,
            Optional<VesselKind> kind,
            Optional<String> capacity,
            Optional<UUID> placeId,
            Optional<Lid> lid,
            Optional<Integer> stage) {
        public ArrivePot {
            name = name == null ? Optional.empty() : name;
            full = full == null ? Optional.empty() : full;
            vesselId = vesselId == null ? Optional.empty() : vesselId;
            code = code == null ? Optional.empty() : code;
            kind = kind == null ? Optional.empty() : kind;
            capacity = capacity == null ? Optional.empty() : capacity;
            placeId = placeId == null ? Optional.empty() : placeId;
            lid = lid == null ? Optional.empty() : lid;
            stage = stage == null ? Optional.empty() : stage;
        }
    }

    /**
     * Record a visit.
     *
     * @param act what was done
     * @param signs what was sensed, by sense
     * @param readings what was read off meters, as typed
     * @param standIns which of them were read off a simulated instrument
     * @param note words; may be left out
     * @param drained the liquid that came out of its tap and is kept, as measured; left out where it went down the drain
     * @param replaced for topping up: what share of the whole was replaced, in percent, as typed
     * @param corrects the check that this one stands in for
     * @param at when it was, where it is sent later than it was done
     * @param when when it was, as it is said; now, if left out
     * @param confirmed odd readings that were looked at again and are right
     */
    public record AddCheck(
            Act act,
            Map<String, String> signs,
            Map<Meter, String> readings,
            Set<Meter> standIns,
            Optional<String> note,
            Optional<String> drained,
            Optional<String> replaced,
            Optional<UUID> corrects,
            Optional<String> when,
            List<String> confirmed) {
        public AddCheck {
            when = when == null ? Optional.empty() : when;
            signs = signs == null ? Map.of() : Map.copyOf(signs);
            readings = readings == null ? Map.of() : Map.copyOf(readings);
            standIns = standIns == null ? Set.of() : Collections.unmodifiableSet(new TreeSet<>(standIns));
            note = note == null ? Optional.empty() : note;
            drained = drained == null ? Optional.empty() : drained;
            replaced = replaced == null ? Optional.empty() : replaced;
            corrects = corrects == null ? Optional.empty() : corrects;
            confirmed = confirmed == null ? List.of() : List.copyOf(confirmed);
        }

        /** A visit in passing: what was done and sensed. */
        public static AddCheck of(Act act, Map<String, String> signs, Map<Meter, String> readings) {
            return new AddCheck(
                    act,
                    signs,
                    readings,
                    Set.of(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    List.of());
        }
    }

    /**
     * Use up what isn't kept: bury it, or pour it out.
     *
     * @param early whether it is wanted although the verdict says not yet
     * @param elsewhere whether what plants could drink went where none grow: on the compost, on a path, down the drain
     */
    public record UseUp(boolean early, boolean elsewhere) {}

    /**
     * Wring the pot out, or let it go on to its next stage.
     *
     * @param early whether it is wanted although the verdict says not yet
     */
    public record Wring(boolean early) {}

    /**
     * Strain the pot into bottles.
     *
     * @param bottles at least one
     * @param early whether it is wanted although the verdict says not yet
     * @param residueStays whether a little stays in the vessel as a starter
     * @param rescue whether it is to be thrown away but wanted for the soil of nothing edible
     */
    public record Strain(List<FillBottle> bottles, boolean early, boolean residueStays, boolean rescue) {
        public Strain {
            bottles = bottles == null ? List.of() : List.copyOf(bottles);
        }
    }

    /**
     * One bottle.
     *
     * @param volume as measured
     * @param keepId how it will be kept
     * @param placeId where it will stand; may be left out
     * @param guessed whether nobody measured it: then nothing is learned from it
     */
    public record FillBottle(String volume, String keepId, Optional<UUID> placeId, boolean guessed) {
        public FillBottle {
            placeId = placeId == null ? Optional.empty() : placeId;
        }
    }

    /**
     * Draw from a pot that goes on working.
     *
     * @param bottle what it is drawn into
     * @param toppedUp whether as much is filled in again
     * @param early whether it is wanted although the verdict says not yet
     */
    public record Draw(FillBottle bottle, boolean toppedUp, boolean early) {}

    /**
     * Move the pot, or cover it with another lid.
     *
     * @param placeId where to; where it stands, if left out
     * @param lid its lid from now on; as it is, if left out
     * @param confirmed ids of the rules that advise against it and are passed over all the same
     */
    public record MovePot(Optional<UUID> placeId, Optional<Lid> lid, List<String> confirmed) {
        public MovePot {
            placeId = placeId == null ? Optional.empty() : placeId;
            lid = lid == null ? Optional.empty() : lid;
            confirmed = confirmed == null ? List.of() : List.copyOf(confirmed);
        }
    }

    /**
     * Split a part of the pot off into another vessel.
     *
     * @param vesselId a free vessel of the garden
     * @param share what goes over, in percent, as typed
     * @param confirmed ids of the rules that advise against it and are passed over all the same
     */
    public record SplitPot(UUID vesselId, String share, List<String> confirmed) {
        public SplitPot {
            confirmed = confirmed == null ? List.of() : List.copyOf(confirmed);
        }
    }

    /**
     * Take the last act back.
     *
     * @param reason why; asked for once an hour has passed
     */
    public record TakeBack(Optional<String> reason) {
        public TakeBack {
            reason = reason == null ? Optional.empty() : reason;
        }
    }

    /**
     * Throw the pot away.
     *
     * @param reason why
     */
    public record ThrowAway(String reason) {}
}
