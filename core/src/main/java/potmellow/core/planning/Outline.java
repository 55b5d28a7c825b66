package potmellow.core.planning;

import java.util.List;
import java.util.Map;

/**
 * A plan in days from today, before it is put into words.
 *
 * @param drafts pots to set, none before what it is for
 * @param slots when and in what each of them is set
 * @param draws what is taken from store
 * @param bought what is to be bought
 * @param troubles what can't be made
 * @param links which pot waits for which
 */
record Outline(
        List<Draft> drafts,
        Map<Draft, Slot> slots,
        List<Draw> draws,
        List<Demand> bought,
        List<Trouble> troubles,
        Links links) {
    Outline {
        drafts = List.copyOf(drafts);
        draws = List.copyOf(draws);
        bought = List.copyOf(bought);
        troubles = List.copyOf(troubles);
    }

    int start(Draft draft) {
        return slots.get(draft).start();
    }

    int ready(Draft draft) {
        return draft.timing().safe()[start(draft)];
    }

    /** How many days one portion of a goal comes too late out of a pot. */
    int late(Draft draft, Demand demand) {
        return demand.portion().isPresent() ? Math.max(0, ready(draft) - demand.goalDay()) : 0;
    }

    /** How many days a portion is late even if every vessel were free: what time itself doesn't allow. */
    int unavoidable(Draft draft, Demand demand) {
        return Math.max(0, soonest(draft) - demand.goalDay());
    }

    /** The day a pot could be ready at the soonest, if every vessel were free. */
    int soonest(Draft draft) {
        int start = links.earliest(draft, this::soonest);
        while (!draft.timing().reaches(start) && start < Clockwork.DAYS) {
            start++;
        }
        return draft.timing().reaches(start) ? draft.timing().safe()[start] : Timing.NEVER;
    }

    /** Whether some portion is late although time itself would allow it to come sooner. */
    boolean lateForWantOfVessels() {
        return drafts.stream()
                .anyMatch(draft -> draft.serves().stream()
                        .filter(demand -> demand.portion().isPresent())
                        .anyMatch(demand -> late(draft, demand) > unavoidable(draft, demand)));
    }

    /** What the plan is good or bad for, the less the better. */
    Quality quality(Map<String, Kept> kept) {
        return Quality.of(this, kept);
    }

    Outline with(Map<Draft, Slot> other) {
        return new Outline(drafts, other, draws, bought, troubles, links);
    }
}
