package potmellow.app.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;
import potmellow.app.plan.Workshops.Basis;
import potmellow.core.planning.Plan;
import potmellow.core.planning.Planner;
import potmellow.core.planning.Question;

/**
 * Plans that were worked out before. A plan follows from its question alone, so nothing has to end what is remembered: another
 * day, another forecast, another bottle is another question (ADR 33). Who asks the same meanwhile waits for the one answer.
 */
@Component
class RememberedPlans {
    /** Today's as it was agreed to and as it would be, and the same of yesterday, for whoever looks across midnight. */
    private static final int MOST = 4;

    private final Cache<Question, Planned> plans =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final AtomicLong made = new AtomicLong();

    Planned of(Basis basis) {
        Question question = Question.of(basis.workshop(), basis.wanted(), basis.kept());
        return plans.get(question, asked -> {
            made.incrementAndGet();
            Planner planner = new Planner(basis.workshop());
            Plan plan = planner.lay(basis.wanted(), basis.kept());
            return new Planned(plan, SingletonSupplier.of(() -> planner.advised(basis.wanted(), plan)));
        });
    }

    /** How many plans were worked out since the start. */
    long made() {
        return made.get();
    }

    /**
     * A plan.
     *
     * @param plan without a word on what would help
     * @param advice the same with it, worked out when it is first asked for
     */
    record Planned(Plan plan, SingletonSupplier<Plan> advice) {}
}
