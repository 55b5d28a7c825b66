package potmellow.app.history;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.core.pot.Outcome;
import potmellow.core.pot.OwnHistory;

/** The gardener's own times and yields. */
@Service
public class HistoryService {
    /** So many of the latest batches of a method count: hands and places change. */
    private static final int LATEST = 12;

    private final OutcomeRepository outcomes;

    HistoryService(OutcomeRepository outcomes) {
        this.outcomes = outcomes;
    }

    @Transactional(readOnly = true)
    public OwnHistory of(Garden garden) {
        return new OwnHistory(outcomes.latest(garden.id(), LATEST));
    }

    /** Forgets how a stage of a pot went: it didn't end after all. */
    @Transactional
    public void forget(Garden garden, UUID batch, int stage) {
        outcomes.delete(garden.id(), batch, stage);
    }

    /** Keeps how a stage of a pot went. */
    @Transactional
    public void keep(Garden garden, UUID batch, Outcome outcome) {
        outcomes.insert(garden.id(), batch, outcome);
    }
}
