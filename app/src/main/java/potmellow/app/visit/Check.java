package potmellow.app.visit;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import potmellow.app.caller.Caller;
import potmellow.core.craft.Act;
import potmellow.core.pot.Visit;

/**
 * One visit. Checks are only ever added; a wrong one is corrected by another that names it.
 *
 * @param id its id
 * @param batchId the pot
 * @param at when
 * @param act what was done
 * @param replaced for topping up: what share of the whole was replaced
 * @param note words; may be empty
 * @param signs what was sensed, by sense
 * @param corrects the check that this one stands in for
 * @param by who logged it; empty for somebody at the machine itself
 */
public record Check(
        UUID id,
        UUID batchId,
        Instant at,
        Act act,
        Optional<Double> replaced,
        String note,
        Map<String, String> signs,
        Optional<UUID> corrects,
        Optional<String> by) {
    public Check {
        signs = Map.copyOf(signs);
    }

    /** A visit of whoever asks now. */
    public Check(
            UUID id,
            UUID batchId,
            Instant at,
            Act act,
            Optional<Double> replaced,
            String note,
            Map<String, String> signs,
            Optional<UUID> corrects) {
        this(
                id,
                batchId,
                at,
                act,
                replaced,
                note,
                signs,
                corrects,
                Caller.current().signed());
    }

    /** The visit as the core reads it. */
    public Visit visit() {
        return new Visit(at, act, signs, replaced);
    }

    /** The checks that count: those that no other check stands in for. */
    public static List<Check> valid(List<Check> checks) {
        Set<UUID> corrected = corrected(checks);
        return checks.stream().filter(check -> !corrected.contains(check.id())).toList();
    }

    /** The ids of checks that another check stands in for. */
    public static Set<UUID> corrected(List<Check> checks) {
        Set<UUID> corrected = new HashSet<>();
        checks.forEach(check -> check.corrects().ifPresent(corrected::add));
        return corrected;
    }
}
