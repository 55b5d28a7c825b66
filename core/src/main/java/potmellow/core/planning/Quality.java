package potmellow.core.planning;

import java.util.Map;

/**
 * How good a plan is.
 *
 * @param latePortions portions of goals that come too late
 * @param lateDays by how many days, all together
 * @param missing portions that can't be made at all
 * @param storedDays litres × days that brew waits before it is used: what is made long before may turn
 * @param moved steps that stand otherwise than in an earlier plan
 */
public record Quality(int latePortions, int lateDays, int missing, double storedDays, int moved) {
    static Quality of(Outline outline, Map<String, Kept> kept) {
        int portions = 0;
        int days = 0;
        double stored = 0;
        int moved = 0;
        for (Draft draft : outline.drafts()) {
            for (Demand demand : draft.serves()) {
                int late = outline.late(draft, demand);
                portions += late > 0 ? 1 : 0;
                days += late;
                int used = demand.day(outline::start);
                stored += Math.max(0, used - outline.ready(draft))
                        * demand.amount().litres();
            }
            Slot slot = outline.slots().get(draft);
            Kept before = kept.get(draft.id());
            moved += before != null && !before.vat().equals(slot.vat().id()) ? 1 : 0;
        }
        int missing = outline.troubles().stream()
                .mapToInt(trouble -> trouble.demands().size())
                .sum();
        return new Quality(portions, days, missing, stored, moved);
    }

    /** Whether it is better: first nothing missing, then nothing late, then less waiting. */
    boolean betterThan(Quality other) {
        if (missing != other.missing) {
            return missing < other.missing;
        }
        if (weight() != other.weight()) {
            return weight() < other.weight();
        }
        return storedDays < other.storedDays - 1e-9;
    }

    /** A portion that is late counts as much as five days of being late (from memory). */
    int weight() {
        return lateDays + 5 * latePortions;
    }
}
