package potmellow.app.batch;

import java.time.Instant;
import java.util.UUID;
import potmellow.core.measure.Mass;
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
 * @param sugarId its sugar
 * @param plant weight of plant
 * @param sugar weight of sugar, without the cap
 * @param cap weight of the cap; nothing where there is none
 * @param setAt when it was set
 * @param state the latest recorded state
 */
record Batch(
        UUID id,
        String methodId,
        String name,
        UUID vesselId,
        UUID placeId,
        Lid lid,
        String sugarId,
        Mass plant,
        Mass sugar,
        Mass cap,
        Instant setAt,
        State state) {

    boolean isWorking() {
        return state.kind() == State.Kind.WORKING;
    }

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
            WORKING,
            EMPTIED,
            THROWN_AWAY
        }
    }
}
