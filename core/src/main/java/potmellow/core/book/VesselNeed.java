package potmellow.core.book;

import java.util.List;
import potmellow.core.vessel.Lid;

/**
 * What a method asks of its vessel.
 *
 * @param headspaceShare the share that must stay empty
 * @param lids lids that will do, best first
 */
public record VesselNeed(Stated headspaceShare, List<Lid> lids) {
    public VesselNeed {
        if (!(headspaceShare.value() >= 0 && headspaceShare.value() < 1)) {
            throw new IllegalArgumentException("The headspace must be a share from 0 to 1.");
        }
        lids = List.copyOf(lids);
    }
}
