package potmellow.app.batch;

import java.time.Instant;
import java.util.List;
import java.util.Map;
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
 * @param placeId where it stands
 * @param lid its lid
 * @param parts what went in, in the method's order
 * @param setAt when it was set; while its water stands, when it is to be
 * @param state the latest recorded state
 */
record Batch(
        UUID id,
        String methodId,
        String name,
        UUID vesselId,
        UUID placeId,
        Lid lid,
        List<Ingredient> parts,
        Instant setAt,
        State state) {
    Batch {
        parts = List.copyOf(parts);
    }

    boolean isWorking() {
        return state.kind().stands();
    }

    /** The amounts of its parts, by the part's id. */
    Map<String, Quantity> amounts() {
        return parts.stream().collect(Collectors.toMap(Ingredient::partId, Ingredient::amount));
    }

    /** The materials of its parts, by the part's id. */
    Map<String, Material> materials(Book book) {
        return parts.stream()
                .collect(Collectors.toMap(
                        Ingredient::partId,
                        part -> book.material(part.materialId()).orElseThrow()));
    }

    Batch withParts(List<Ingredient> all) {
        return new Batch(id, methodId, name, vesselId, placeId, lid, all, setAt, state);
    }

    /**
     * What went in of one part.
     *
     * @param partId the part of the method
     * @param materialId what was taken
     * @param amount how much
     */
    record Ingredient(String partId, String materialId, Quantity amount) {}

    /**
     * A recorded state.
     *
     * @param sequence counts up from 0
     * @param kind what it is
     * @param stage number of the method's stage, from 0
     * @param beganAt since when
     * @param reason why; empty where it needs no reason
     */
    record State(int sequence, Kind kind, int stage, Instant beganAt, String reason) {
        State next(Kind kind, int stage, Instant at, String reason) {
            return new State(sequence + 1, kind, stage, at, reason);
        }

        enum Kind {
            WATER_STANDING,
            WORKING,
            EMPTIED,
            THROWN_AWAY;

            /** Whether something stands in the vessel. */
            boolean stands() {
                return this == WATER_STANDING || this == WORKING;
            }
        }
    }
}
