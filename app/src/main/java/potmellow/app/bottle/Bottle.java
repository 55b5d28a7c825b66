package potmellow.app.bottle;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import potmellow.core.measure.Volume;
import potmellow.core.pot.Drawn;

/**
 * Finished brew in store.
 *
 * @param id its id
 * @param code its permanent code
 * @param name what is in it
 * @param productId what kind of brew
 * @param batchId the pot it came from; empty where that is none of this garden
 * @param keepId how it is kept
 * @param filled what was bottled
 * @param level what is left: the sum of its ledger
 * @param bottledAt when
 * @param useBy the last day it is counted on; later than at first where it was looked at and kept on
 * @param soilOnly whether what was sensed in the pot limits it to soil
 * @param nothingEdible whether it was rescued from a spoilt pot, for the soil of nothing edible
 * @param placeId where it stands; empty where nobody said
 * @param drawn what the brew was as it was drawn; nothing that happens to its pot afterwards changes it
 */
public record Bottle(
        UUID id,
        String code,
        String name,
        String productId,
        Optional<UUID> batchId,
        String keepId,
        Volume filled,
        Volume level,
        Instant bottledAt,
        LocalDate useBy,
        boolean soilOnly,
        boolean nothingEdible,
        Optional<UUID> placeId,
        Drawn drawn) {}
