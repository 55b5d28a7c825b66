package potmellow.core.planning;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.chocosolver.solver.exception.ContradictionException;
import org.chocosolver.solver.search.loop.lns.neighbors.IntNeighbor;
import org.chocosolver.solver.variables.IntVar;

/**
 * What is thought over anew at a time: the chain of a pot that is late, and pots that stand in vessels it could use around then.
 * Everything else stays. Its dice are thrown from a seed.
 */
final class Neighbourhood extends IntNeighbor {
    private static final int DAYS_AROUND = 75;
    private static final int LEAST_POTS = 6;
    private static final int MOST_POTS = 24;
    private static final int ROUNDS_TO_GROW = 4;

    private final Outline outline;
    private final Map<Draft, Integer> index;
    private final Random dice = new Random(20_260_510L);
    private int size = LEAST_POTS;
    private int rounds;

    /**
     * @param index where a pot's day stands among the decisions; its vessel follows it
     * @param decisions the solver's decisions
     */
    Neighbourhood(Outline outline, Map<Draft, Integer> index, IntVar[] decisions) {
        super(decisions);
        this.outline = outline;
        this.index = index;
    }

    @Override
    public void recordSolution() {
        super.recordSolution();
        size = LEAST_POTS;
    }

    @Override
    public void fixSomeVariables() throws ContradictionException {
        Set<Draft> free = free();
        for (Draft draft : outline.drafts()) {
            if (!free.contains(draft)) {
                freeze(index.get(draft));
                freeze(index.get(draft) + 1);
            }
        }
    }

    @Override
    public void restrictLess() {
        if (++rounds % ROUNDS_TO_GROW == 0) {
            size = Math.min(MOST_POTS, size + 1);
        }
    }

    private Set<Draft> free() {
        List<Draft> late = outline.drafts().stream().filter(this::late).toList();
        List<Draft> any = late.isEmpty() ? outline.drafts() : late;
        Draft middle = any.get(dice.nextInt(any.size()));
        Set<Draft> free = new HashSet<>();
        chain(middle, free);
        List<Draft> rivals = new ArrayList<>(outline.drafts().stream()
                .filter(draft -> free.stream().anyMatch(one -> rival(one, draft)))
                .filter(draft -> !free.contains(draft))
                .toList());
        while (free.size() < size && !rivals.isEmpty()) {
            chain(rivals.remove(dice.nextInt(rivals.size())), free);
        }
        return free;
    }

    private int start(Draft draft) {
        return values[index.get(draft)];
    }

    private boolean late(Draft draft) {
        return draft.serves().stream()
                .filter(demand -> demand.portion().isPresent())
                .anyMatch(demand -> draft.timing().safe()[start(draft)] > demand.goalDay());
    }

    private boolean rival(Draft one, Draft other) {
        return Math.abs(start(one) - start(other)) < DAYS_AROUND
                && one.vats().stream().anyMatch(other.vats()::contains);
    }

    /** A pot, all that goes into it, and all it goes into. */
    private void chain(Draft draft, Set<Draft> chain) {
        if (chain.size() < MOST_POTS && chain.add(draft)) {
            outline.links().inputs(draft).forEach(input -> chain(input, chain));
            draft.serves().forEach(demand -> demand.pot().ifPresent(pot -> chain(pot, chain)));
        }
    }
}
