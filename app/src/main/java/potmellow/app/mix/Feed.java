package potmellow.app.mix;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import potmellow.core.feeding.Addition;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/**
 * A feed that was poured.
 *
 * @param id its id
 * @param at when
 * @param target where it went
 * @param mix the finished mix
 * @param decision what was unwise and done all the same; empty where nothing was
 * @param undone whether it was taken back
 * @param brews what was in it
 * @param plantingIds what got it
 */
public record Feed(
        UUID id,
        Instant at,
        Target target,
        Volume mix,
        String decision,
        boolean undone,
        List<Brew> brews,
        List<UUID> plantingIds) {
    public Feed {
        brews = List.copyOf(brews);
        plantingIds = List.copyOf(plantingIds);
    }

    Feed with(List<Brew> all, List<UUID> plantings) {
        return new Feed(id, at, target, mix, decision, undone, all, plantings);
    }

    /**
     * One brew of it.
     *
     * @param bottleId the bottle; empty for something from the kitchen
     * @param addition what from the kitchen; empty for a bottle
     * @param strength how strong
     * @param amount how much
     */
    public record Brew(Optional<UUID> bottleId, Optional<Addition> addition, Ratio strength, Volume amount) {}
}
