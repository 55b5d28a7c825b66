package potmellow.core.batch;

import java.util.List;
import java.util.Optional;
import potmellow.core.care.Due;
import potmellow.core.judgement.Verdict;
import potmellow.core.ripening.Forecast;
import potmellow.core.working.Working;
import potmellow.core.workings.HeapHeat;
import potmellow.core.workings.ShellCalcium;

/**
 * What the craft makes of a pot at one moment.
 *
 * @param forecast how ripe it is and when it will be ready
 * @param verdict what is to be thought of it
 * @param care what it wants from hands, what is due first on top
 * @param heat for heaps with readings enough: how fast it heats
 * @param conversion for shells whose pH was read: how much of the vinegar is used up
 * @param age for pots that are topped up: the age of what is in them, in days
 */
public record Assessment(
        Working<Forecast> forecast,
        Working<Verdict> verdict,
        List<Due> care,
        Optional<Working<HeapHeat>> heat,
        Optional<Working<ShellCalcium.Conversion>> conversion,
        Optional<Working<Double>> age) {
    public Assessment {
        care = List.copyOf(care);
    }
}
