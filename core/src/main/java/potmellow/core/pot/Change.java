package potmellow.core.pot;

import java.util.List;
import java.util.Optional;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;

/**
 * What an act makes of a pot.
 *
 * @param happenings what is appended to its history
 * @param against what stands against it, of every rule, over every stage still ahead; where anything is refused it can't be done
 * @param teaches how the stage went, where that teaches something
 * @param taken what leaves the pot in bottles
 */
public record Change(List<Happening> happenings, List<Finding> against, Optional<Outcome> teaches, List<Taken> taken) {
    public Change {
        happenings = List.copyOf(happenings);
        against = List.copyOf(against);
        taken = List.copyOf(taken);
    }

    static Change of(List<Finding> against, Happening... happenings) {
        return new Change(List.of(happenings), against, Optional.empty(), List.of());
    }

    Change teaching(Optional<Outcome> outcome) {
        return new Change(happenings, against, outcome, taken);
    }

    Change taking(List<Taken> bottles) {
        return new Change(happenings, against, teaches, bottles);
    }

    /** What makes it impossible. */
    public List<Finding> refusals() {
        return against(Severity.REFUSE);
    }

    /** What advises against it, and is done all the same only by decision. */
    public List<Finding> unwise() {
        return against(Severity.CONFIRM);
    }

    private List<Finding> against(Severity severity) {
        return against.stream()
                .filter(finding -> finding.severity() == severity)
                .toList();
    }

    /** What was visited in doing it. */
    public Optional<Visit> visit() {
        return happenings.stream()
                .filter(Happening.Visited.class::isInstance)
                .map(visited -> ((Happening.Visited) visited).visit())
                .findFirst();
    }

    /** The state that the pot is in afterwards, where the act changes it. */
    public Optional<State> state() {
        return happenings.stream()
                .filter(Happening.Became.class::isInstance)
                .map(became -> ((Happening.Became) became).state())
                .reduce((one, other) -> other);
    }
}
