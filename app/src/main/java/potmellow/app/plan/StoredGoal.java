package potmellow.app.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import potmellow.core.measure.Volume;
import potmellow.core.planning.Goal;

/**
 * A goal as it is stored.
 *
 * @param id its id
 * @param product the brew
 * @param amount how much of it each time
 * @param told what the gardener asked for, in their words, such as "40 L at 1:100"; empty where that is the amount itself
 * @param first the day it is wanted, or wanted first
 * @param last the last day of a season; empty for once
 * @param everyDays days from one to the next; empty for once
 * @param madeAt when it was set
 */
record StoredGoal(
        UUID id,
        String product,
        Volume amount,
        String told,
        LocalDate first,
        Optional<LocalDate> last,
        Optional<Integer> everyDays,
        Instant madeAt) {
    Goal goal() {
        return last.<Goal>map(
                        day -> new Goal.Season(id.toString(), product, amount, first, day, everyDays.orElseThrow()))
                .orElseGet(() -> new Goal.Once(id.toString(), product, amount, first));
    }

    StoredGoal eased(int days, double share) {
        return new StoredGoal(
                id,
                product,
                amount.times(share),
                share == 1 ? told : "",
                first.plusDays(days),
                last.map(day -> day.plusDays(days)),
                everyDays,
                madeAt);
    }
}
