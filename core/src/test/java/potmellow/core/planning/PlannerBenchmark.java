package potmellow.core.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Measures the planner: a season of 60 goals with their chains on 15 vessels, planned and replanned after a change, and how good
 * the plan is against the greedy one. Run it as docs/benchmarks.md says.
 */
public final class PlannerBenchmark {
    private static final int WARM_UP = 6;
    private static final int RUNS = 5;

    private PlannerBenchmark() {}

    public static void main(String[] arguments) {
        System.out.println("| goals | vessels | plan, s | replan, ms | pots | late portions: greedy → plan | late days"
                + " | missing | moved after a change, of kept |");
        System.out.println("|---|---|---|---|---|---|---|---|---|");
        for (int[] size : new int[][] {{20, 15}, {60, 15}, {60, 10}, {120, 15}}) {
            measure(size[0], size[1]);
        }
    }

    private static void measure(int count, int vessels) {
        Workshop workshop = BusySeason.garden(vessels);
        List<Goal> goals = BusySeason.goals(1, count);
        List<Goal> changed = new ArrayList<>(goals);
        changed.set(3, goals.get(3).later(-3));
        changed.add(new Goal.Once("one more", "plant-juice", goals.get(0).amount(), LocalDate.of(2026, 6, 1)));
        double best = Double.MAX_VALUE;
        double bestAgain = Double.MAX_VALUE;
        for (int run = 0; run < WARM_UP + RUNS; run++) {
            long start = System.nanoTime();
            Plan plan = new Planner(workshop).plan(goals);
            best = Math.min(best, (System.nanoTime() - start) / 1e9);
            Planner planner = new Planner(workshop);
            planner.greedily(List.of());
            long again = System.nanoTime();
            planner.replan(changed, plan.kept());
            bestAgain = Math.min(bestAgain, (System.nanoTime() - again) / 1e6);
        }
        Planner planner = new Planner(workshop);
        Plan plan = planner.plan(goals);
        Quality greedy = planner.greedily(goals);
        Quality planned = planner.quality(goals, List.of());
        Plan after = planner.replan(changed, plan.kept());
        System.out.printf(
                Locale.ROOT,
                "| %d | %d | %.2f | %.0f | %d | %d → %d | %d → %d | %d | %d of %d |%n",
                count,
                vessels,
                best,
                bestAgain,
                plan.steps().size(),
                greedy.latePortions(),
                planned.latePortions(),
                greedy.lateDays(),
                planned.lateDays(),
                planned.missing(),
                after.moved().size(),
                plan.kept().size());
    }
}
