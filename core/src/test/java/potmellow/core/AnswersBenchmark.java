package potmellow.core;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import potmellow.core.balance.Balance;
import potmellow.core.bench.Bench;
import potmellow.core.bench.Entries;
import potmellow.core.bench.Instrument;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.craft.Act;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;
import potmellow.core.pantry.Pantry;
import potmellow.core.pantry.PantryReader;
import potmellow.core.pantry.WhatCanIMake;
import potmellow.core.pot.Course;
import potmellow.core.pot.Level;
import potmellow.core.pot.Visit;
import potmellow.core.ripening.Expectation;
import potmellow.core.scaling.Packing;
import potmellow.core.strength.StrengthReader;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.working.Working;

/** Measures answers that are given while somebody types. Run it as docs/benchmarks.md says. */
public final class AnswersBenchmark {
    private static final int RUNS = 41;
    private static final Instant SET = Instant.parse("2025-05-01T08:00:00Z");

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
        Course year = year(book);
        Instant now = SET.plus(Duration.ofDays(365));
        measure("judging a pot with a year of daily visits", () -> year(book).at(now, UnitSystem.METRIC));
        measure("emptying it: judged, balanced, levelled", () -> emptied(book, year(book), now));
        year.at(now, UnitSystem.METRIC);
        measure("judging it again at the same moment", () -> year.at(now, UnitSystem.METRIC));
        AmountReader reader = new AmountReader(UnitSystem.METRIC);
        measure("reading an amount", () -> reader.quantity("It", "33 lb 1.1 oz", true));
        for (Instrument instrument : Bench.instruments()) {
            Entries usual = new Entries(Map.of(), instrument, HomeSizes.none(UnitSystem.METRIC), book);
            measure(instrument.title(), () -> instrument.answer(usual));
        }
    }

    /** A weed bucket that was looked at and read every day for a year, under a daily swing of warmth. */
    private static Course year(Book book) {
        Method method = book.method("weed-bucket").orElseThrow();
        List<Visit> visits = new ArrayList<>();
        List<Reading> readings = new ArrayList<>();
        for (int day = 1; day < 365; day++) {
            Instant at = SET.plus(Duration.ofDays(day));
            visits.add(
                    new Visit(at, Act.STIRRED, Map.of("smell", "earthy", "bubbles", "few-bubbles"), Optional.empty()));
            readings.add(new Reading(Meter.THERMOMETER, 14 + 6 * Math.sin(day / 58.0), at));
        }
        return new Course(
                book,
                method,
                0,
                Lid.LOOSE,
                SET,
                visits,
                readings,
                at -> 14 + 5 * Math.sin(at.getEpochSecond() / 13_750.0),
                Expectation.of(method.stages().get(0)));
    }

    private static void emptied(Book book, Course course, Instant now) {
        course.at(now, UnitSystem.METRIC);
        Method method = course.method();
        Map<String, Material> materials = new HashMap<>();
        Map<String, Quantity> amounts = new HashMap<>();
        for (Part part : method.parts()) {
            materials.put(part.id(), book.usual(part));
            amounts.put(part.id(), Mass.ofKilograms(3));
        }
        Working<Filling> full = Packing.filling(
                book,
                method,
                materials,
                amounts,
                Vessel.of("B1", VesselKind.BUCKET, Volume.ofLitres(20)),
                UnitSystem.METRIC);
        Level.of(full.value().settled(), List.of(), course.toppings(), UnitSystem.METRIC);
        Balance.of(book, method, materials, amounts).most(method.makes(), book.productOf(method), UnitSystem.METRIC);
        course.drawn(now);
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
