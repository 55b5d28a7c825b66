package potmellow.core.planning;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;

/** Which pot waits for which: what each is made of, and what each is for. */
final class Links {
    private final Workshop workshop;
    private final List<Draft> inputsFirst;
    private final Map<Draft, List<Draft>> inputs = new HashMap<>();
    private final Map<Draft, List<Draw>> draws = new HashMap<>();

    /**
     * @param drafts pots, none before what it is for
     * @param drawn what is taken from store
     */
    Links(Workshop workshop, List<Draft> drafts, List<Draw> drawn) {
        this.workshop = workshop;
        List<Draft> order = new ArrayList<>(drafts);
        Collections.reverse(order);
        this.inputsFirst = List.copyOf(order);
        drafts.forEach(draft -> draft.serves()
                .forEach(demand -> demand.pot()
                        .ifPresent(pot -> inputs.computeIfAbsent(pot, any -> new ArrayList<>())
                                .add(draft))));
        drawn.forEach(draw -> draw.demand()
                .pot()
                .ifPresent(pot ->
                        draws.computeIfAbsent(pot, any -> new ArrayList<>()).add(draw)));
    }

    List<Draft> inputsFirst() {
        return inputsFirst;
    }

    /** The pots that go into a pot. */
    List<Draft> inputs(Draft draft) {
        return inputs.getOrDefault(draft, List.of());
    }

    /** What goes into a pot from store. */
    List<Draw> draws(Draft draft) {
        return draws.getOrDefault(draft, List.of());
    }

    /** The day on which everything that goes into a pot is there, from today. */
    int earliest(Draft draft, Map<Draft, Slot> slots) {
        return earliest(draft, input -> input.timing().safe()[slots.get(input).start()]);
    }

    /** The day on which everything that goes into a pot is there, by the days on which its inputs are ready. */
    int earliest(Draft draft, ToIntFunction<Draft> ready) {
        int earliest = fromStore(draft);
        for (Draft input : inputs(draft)) {
            earliest = Math.max(earliest, ready.applyAsInt(input));
        }
        return earliest;
    }

    /** The day on which what is taken from store is there. */
    int fromStore(Draft draft) {
        return draws(draft).stream()
                .mapToInt(draw -> Days.from(workshop.today(), draw.stored().from()))
                .reduce(0, Math::max);
    }

    int firstNeed(Draft draft, Map<Draft, Slot> slots) {
        return draft.serves().stream()
                .mapToInt(demand -> demand.day(pot -> slots.get(pot).start()))
                .min()
                .orElseThrow();
    }

    int lastNeed(Draft draft, Map<Draft, Slot> slots) {
        return draft.serves().stream()
                .mapToInt(demand -> demand.day(pot -> slots.get(pot).start()))
                .max()
                .orElseThrow();
    }
}
