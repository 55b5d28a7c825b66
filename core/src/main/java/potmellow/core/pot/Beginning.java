package potmellow.core.pot;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import potmellow.core.water.WaterStep;

/**
 * How a pot begins: filled at once, or once its water has stood.
 *
 * @param setAt when its clock starts; while its water stands, when it is to be filled
 * @param state what it is at first
 */
public record Beginning(Instant setAt, State state) {
    /**
     * Told afterwards, what was set is filled, unless its water still stands.
     *
     * @param water what is done to its water; empty where nothing is
     * @param told when it was set
     * @param now the moment of telling
     */
    public static Beginning of(Optional<WaterStep> water, Instant told, Instant now) {
        Instant filled = told.plus(
                Duration.ofMinutes(Math.round(water.map(WaterStep::waitHours).orElse(0.0) * 60)));
        boolean stands = water.filter(WaterStep::stands).isPresent() && (!told.isBefore(now) || filled.isAfter(now));
        State.Kind kind = stands ? State.Kind.WATER_STANDING : State.Kind.WORKING;
        return new Beginning(stands ? filled : told, new State(0, kind, 0, told, ""));
    }
}
