package potmellow.core;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import potmellow.core.bench.Bench;
import potmellow.core.bench.Entries;
import potmellow.core.bench.Instrument;
import potmellow.core.book.Book;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.UnitSystem;
import potmellow.core.pantry.Pantry;
import potmellow.core.pantry.PantryReader;
import potmellow.core.pantry.WhatCanIMake;
import potmellow.core.strength.StrengthReader;

/** Measures answers that are given while somebody types. Run it as docs/benchmarks.md says. */
public final class AnswersBenchmark {
    private static final int RUNS = 41;

    private AnswersBenchmark() {}

    public static void main(String[] arguments) {
        Book book = Book.load();
        System.out.println("| answer | median, ms |");
        System.out.println("|---|---|");
        Pantry pantry = new PantryReader(book, HomeSizes.none(UnitSystem.METRIC))
                .read("3 kg nettles, 2 kg leaves, 2 kg brown sugar, 12 eggshells, 3 L vinegar, 5 L milk, 1 L molasses,"
                        + " 10 kg wheat bran, 1 kg rice, two 20 L buckets")
                .pantry();
        WhatCanIMake make = new WhatCanIMake(book, UnitSystem.METRIC);
        measure("what can I make, the whole book", () -> make.from(pantry));
        measure("reading a strength", () -> StrengthReader.read("It", "two and a half tablespoons to the US gallon"));
        AmountReader reader = new AmountReader(UnitSystem.METRIC);
        measure("reading an amount", () -> reader.quantity("It", "33 lb 1.1 oz", true));
        for (Instrument instrument : Bench.instruments()) {
            Entries usual = new Entries(Map.of(), instrument, HomeSizes.none(UnitSystem.METRIC), book);
            measure(instrument.title(), () -> instrument.answer(usual));
        }
    }

    private static void measure(String name, Runnable answer) {
        double[] took = new double[RUNS];
        for (int run = 0; run < RUNS; run++) {
            long start = System.nanoTime();
            answer.run();
            took[run] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(took);
        System.out.printf(Locale.ROOT, "| %s | %.3f |%n", name, took[RUNS / 2]);
    }
}
