package potmellow.core.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.search.limits.FailCounter;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.search.strategy.selectors.values.IntDomainMax;
import org.chocosolver.solver.search.strategy.selectors.values.IntDomainMin;
import org.chocosolver.solver.search.strategy.selectors.variables.InputOrder;
import org.chocosolver.solver.variables.IntVar;

/**
 * Finds better days and vessels for the pots of a plan, where the greedy one is late for want of vessels. A pot is a rectangle:
 * so many days long, one vessel high; no two may overlap, every input is there before what it goes into, and nothing is used past
 * its keeping. Constraint programming with Choco, large neighbourhood search from the greedy plan on; limited by failures, not by
 * time, so that the same garden always gets the same plan.
 */
final class Solver {
    private static final int DAYS_EITHER_WAY = 90;
    private static final int LATE = 100;
    private static final int OTHER_VESSEL = 30;
    private static final int OTHER_DAY = 10;
    private static final int FAILS_PER_NEIGHBOURHOOD = 40;

    private final Workshop workshop;
    private final Skies skies;
    private final Map<String, Kept> kept;
    private final Model model = new Model("plan");
    private final List<IntVar> decisions = new ArrayList<>();
    private final List<IntVar> costs = new ArrayList<>();
    private final Map<Draft, Integer> index = new HashMap<>();
    private final Map<Draft, IntVar> starts = new HashMap<>();
    private final Map<Draft, IntVar> vats = new HashMap<>();
    private final Map<Draft, IntVar> ready = new HashMap<>();

    Solver(Workshop workshop, Skies skies, Map<String, Kept> kept) {
        this.workshop = workshop;
        this.skies = skies;
        this.kept = kept;
    }

    /**
     * Looks for a better plan.
     *
     * @param greedy the plan to begin from
     * @param fails how many dead ends to run into before giving up
     * @return empty where none was found
     */
    Optional<Outline> improve(Outline greedy, int fails) {
        Map<String, Integer> rows = new HashMap<>();
        workshop.vats().forEach(vat -> rows.put(vat.id(), rows.size()));
        List<IntVar[]> boxes = new ArrayList<>();
        Solution before = new Solution(model);
        int cost = 0;
        for (Draft draft : greedy.drafts()) {
            cost += pot(greedy, draft, rows, boxes, before);
        }
        busy(rows, boxes);
        links(greedy);
        model.diffN(column(boxes, 0), column(boxes, 1), column(boxes, 2), column(boxes, 3), true)
                .post();
        IntVar total = model.intVar("total", 0, Math.max(0, cost - 1));
        model.sum(costs.toArray(IntVar[]::new), "=", total).post();
        return search(greedy, total, before, fails);
    }

    private Optional<Outline> search(Outline greedy, IntVar total, Solution before, int fails) {
        var solver = model.getSolver();
        IntVar[] chosen = decisions.toArray(IntVar[]::new);
        IntVar[] rest = Stream.concat(costs.stream(), Stream.of(total)).toArray(IntVar[]::new);
        solver.setSearch(
                Search.intVarSearch(
                        new InputOrder<>(model),
                        variable -> variable.getName().startsWith("start")
                                ? new IntDomainMax().selectValue(variable)
                                : new IntDomainMin().selectValue(variable),
                        chosen),
                Search.inputOrderLBSearch(rest));
        solver.setLNS(
                new Neighbourhood(greedy, index, chosen), new FailCounter(model, FAILS_PER_NEIGHBOURHOOD), before);
        solver.limitFail(fails);
        model.setObjective(Model.MINIMIZE, total);
        Optional<Outline> best = Optional.empty();
        while (solver.solve()) {
            Map<Draft, Slot> slots = new LinkedHashMap<>();
            for (Draft draft : greedy.drafts()) {
                slots.put(
                        draft,
                        new Slot(
                                starts.get(draft).getValue(),
                                workshop.vats().get(vats.get(draft).getValue())));
            }
            best = Optional.of(greedy.with(slots));
        }
        return best;
    }

    /** Adds a pot; returns what its greedy slot costs. */
    private int pot(Outline greedy, Draft draft, Map<String, Integer> rows, List<IntVar[]> boxes, Solution before) {
        Slot slot = greedy.slots().get(draft);
        int[] days = days(greedy, draft, slot.start());
        int[] rowsOf = draft.vats().stream()
                .mapToInt(vat -> rows.get(vat.id()))
                .sorted()
                .toArray();
        Timing timing = draft.timing();
        int[] length = IntStream.range(0, Clockwork.DAYS)
                .map(day -> timing.reaches(day) ? Math.max(1, timing.emptied()[day] - day) : 0)
                .toArray();
        int[] price = IntStream.range(0, Clockwork.DAYS)
                .map(day -> timing.reaches(day) ? price(draft, day) : 0)
                .toArray();
        int[] safe = IntStream.range(0, Clockwork.DAYS)
                .map(day -> timing.reaches(day) ? timing.safe()[day] : 0)
                .toArray();
        IntVar start = model.intVar("start " + draft.id(), days);
        IntVar vat = model.intVar("vat " + draft.id(), rowsOf);
        IntVar lasts = over(length, days, "lasts");
        IntVar done = over(safe, days, "ready");
        IntVar cost = over(price, days, "cost");
        model.element(lasts, length, start, 0).post();
        model.element(done, safe, start, 0).post();
        model.element(cost, price, start, 0).post();
        starts.put(draft, start);
        vats.put(draft, vat);
        ready.put(draft, done);
        index.put(draft, decisions.size());
        decisions.add(start);
        decisions.add(vat);
        costs.add(cost);
        boxes.add(new IntVar[] {start, vat, lasts, model.intVar(1)});
        before.setIntVal(start, slot.start());
        before.setIntVal(vat, rows.get(slot.vat().id()));
        return price[slot.start()] + otherVessel(draft, vat, rows, slot);
    }

    private int otherVessel(Draft draft, IntVar vat, Map<String, Integer> rows, Slot slot) {
        Kept claim = kept.get(draft.id());
        if (claim == null || !rows.containsKey(claim.vat())) {
            return 0;
        }
        IntVar other = model.intVar("other " + draft.id(), new int[] {0, OTHER_VESSEL});
        model.arithm(vat, "=", rows.get(claim.vat()))
                .reify()
                .eq(other.eq(0).boolVar())
                .post();
        costs.add(other);
        return slot.vat().id().equals(claim.vat()) ? 0 : OTHER_VESSEL;
    }

    private IntVar over(int[] table, int[] days, String name) {
        return model.intVar(
                name,
                IntStream.of(days).map(day -> table[day]).min().orElse(0),
                IntStream.of(days).map(day -> table[day]).max().orElse(0));
    }

    /** Days on which it might be set: around the greedy one, in weather that suits. */
    private int[] days(Outline greedy, Draft draft, int around) {
        int from = Math.max(greedy.links().fromStore(draft), around - DAYS_EITHER_WAY);
        int lastGoal = draft.serves().stream()
                .filter(demand -> demand.portion().isPresent())
                .mapToInt(Demand::goalDay)
                .max()
                .orElse(0);
        int drawnUntil = greedy.links().draws(draft).stream()
                .mapToInt(draw -> Days.from(workshop.today(), draw.stored().until()))
                .min()
                .orElse(Clockwork.DAYS - 1);
        int to = Math.min(drawnUntil, around + DAYS_EITHER_WAY);
        return IntStream.rangeClosed(Math.max(0, from), Math.max(around, to))
                .filter(day -> day == around
                        || draft.timing().reaches(day)
                                && draft.timing().safe()[day] + draft.keepDays() >= lastGoal
                                && skies.suits(draft.method(), draft.spot(), draft.timing(), day))
                .toArray();
    }

    /** What it costs to set it on a day: days that portions come late, days that it moves. */
    private int price(Draft draft, int start) {
        int price = 0;
        for (Demand demand : draft.serves()) {
            int late = demand.portion().isPresent() ? Math.max(0, draft.timing().safe()[start] - demand.goalDay()) : 0;
            price += late > 0 ? LATE * (late + 5) : 0;
        }
        Kept claim = kept.get(draft.id());
        if (claim != null) {
            price += claim.start().equals(day(start)) ? 0 : OTHER_DAY;
        }
        return price;
    }

    private LocalDate day(int day) {
        return workshop.today().plusDays(day);
    }

    private void busy(Map<String, Integer> rows, List<IntVar[]> boxes) {
        for (Vat vat : workshop.vats()) {
            vat.busyUntil()
                    .map(until -> Days.from(workshop.today(), until))
                    .filter(until -> until > 0)
                    .ifPresent(until -> boxes.add(new IntVar[] {
                        model.intVar(0),
                        model.intVar(rows.get(vat.id())),
                        model.intVar(Math.min(until, Clockwork.DAYS)),
                        model.intVar(1)
                    }));
        }
    }

    private void links(Outline greedy) {
        for (Draft draft : greedy.drafts()) {
            for (Draft input : greedy.links().inputs(draft)) {
                model.arithm(starts.get(draft), ">=", ready.get(input)).post();
                model.arithm(starts.get(draft), "-", ready.get(input), "<=", input.keepDays())
                        .post();
            }
        }
    }

    private static IntVar[] column(List<IntVar[]> boxes, int column) {
        return boxes.stream().map(box -> box[column]).toArray(IntVar[]::new);
    }
}
