package potmellow.app.pot;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import potmellow.app.garden.Garden;
import potmellow.app.history.HistoryService;
import potmellow.app.problem.Refused;
import potmellow.core.pot.Change;

/** Keeps what an act made of a pot. */
@Component
class Changes {
    private final BatchRepository batches;
    private final HistoryService history;

    Changes(BatchRepository batches, HistoryService history) {
        this.batches = batches;
        this.history = history;
    }

    /**
     * Refuses what can't be, asks about what is unwise, and appends what happened, with what was decided against advice and what it
     * teaches.
     *
     * @param confirmed ids of the rules that advise against it and are passed over all the same
     * @throws Refused where a rule refuses it, or advises against it and isn't passed over
     */
    void keep(Garden garden, UUID pot, Change change, List<String> confirmed, Instant at) {
        decided(garden, pot, change, confirmed, at);
        change.state().ifPresent(state -> batches.append(garden.id(), pot, state));
        change.teaches().ifPresent(outcome -> history.keep(garden, pot, outcome));
    }

    /**
     * The same of what happens to a pot's contents, whose record is another's.
     *
     * @param pot beside which the decisions stand
     */
    void decided(Garden garden, UUID pot, Change change, List<String> confirmed, Instant at) {
        Refused.throwIfAny(change.refusals());
        Refused.throwUnlessConfirmed(change.unwise(), confirmed);
        change.unwise()
                .forEach(finding -> batches.insertDecision(garden.id(), pot, finding.rule(), finding.words(), at));
    }
}
