package potmellow.core.feeding;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Target;

/** Measures what Mix and the Garden ask of the core for eight plantings and twelve bottles. Run it as docs/benchmarks.md says. */
public final class DosesBenchmark {
    private static final int RUNS = 41;
    private static final int PLANTINGS = 8;
    private static final int BOTTLES = 12;

    private DosesBenchmark() {}

    public static void main(String[] arguments) {
        Gardens gardens = new Gardens(1);
        List<Recipient> plantings = gardens.plantings(PLANTINGS);
        List<InStore> store = new ArrayList<>();
        while (store.size() < BOTTLES) {
            store.add(gardens.bottle(store.size()));
        }
        Conditions now = gardens.morning();
        System.out.println("| answer | median, ms |");
        System.out.println("|---|---|");
        measure("a can for eight plantings, and the next good hour", () -> {
            Mix mix = Mix.of(
                    List.of(Wish.of(store.get(0))),
                    Target.SOIL,
                    Feeding.FIVE_LITRES,
                    Volume.ofLitres(10),
                    plantings,
                    Optional.of(now),
                    UnitSystem.METRIC);
            mix.findings();
            GoodHours.next(mix.can(), now);
        });
        measure(
                "twelve bottles offered to eight plantings",
                () -> Offer.of(Feeding.BOOK, store, plantings, Target.SOIL, now, UnitSystem.METRIC));
        measure(
                "four weeks planned for eight plantings",
                () -> plantings.forEach(
                        planting -> FeedingPlan.of(Feeding.BOOK, planting, store, now, 28, UnitSystem.METRIC)));
    }

    private static void measure(String what, Runnable answer) {
        double[] times = new double[RUNS];
        for (int run = 0; run < RUNS; run++) {
            long begin = System.nanoTime();
            answer.run();
            times[run] = (System.nanoTime() - begin) / 1e6;
        }
        java.util.Arrays.sort(times);
        System.out.printf(Locale.ROOT, "| %s | %.2f |%n", what, times[RUNS / 2]);
    }
}
