package potmellow.app.mix;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import potmellow.core.strength.Target;

/**
 * What is to be mixed. Amounts come as typed; what is left out is filled in.
 *
 * @param bottleId the bottle
 * @param plantingId what it is for; may be left out
 * @param target where it goes
 * @param strength the N of 1:N; the usual one where left out
 * @param area the ground to be fed; wins over the planting's own
 * @param mix the finished mix wanted; used where no area is given
 * @param can what one filling holds
 * @param confirmed ids of the rules that advise against it and are passed over all the same
 */
public record MixRequest(
        UUID bottleId,
        Optional<UUID> plantingId,
        Target target,
        Optional<String> strength,
        Optional<String> area,
        Optional<String> mix,
        String can,
        List<String> confirmed) {
    public MixRequest {
        confirmed = confirmed == null ? List.of() : List.copyOf(confirmed);
    }
}
