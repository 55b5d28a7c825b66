package potmellow.core.judged;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import potmellow.core.book.Book;
import potmellow.core.craft.Family;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Hand;

/**
 * What own batches teach: how far off the date told at setting is, after so many pots of one gardener at one place.
 *
 * @param errors days, by how many pots went before
 */
record Lessons(Map<Integer, Double> errors) {
    static final List<Integer> AFTER = List.of(0, 3, 10);
    private static final double HOURS_A_DAY = 24;

    /** Of a family, with so many gardeners for each of its brews. */
    static Lessons of(Book book, Family family, int gardeners) {
        List<Map<Integer, OptionalDouble>> all = Gardeners.brews(family).stream()
                .flatMap(
                        brew -> IntStream.range(0, gardeners)
                                .parallel()
                                .mapToObj(gardener -> of(book, brew, gardener))
                                .toList()
                                .stream())
                .toList();
        return new Lessons(AFTER.stream()
                .collect(Collectors.toMap(
                        pots -> pots,
                        pots -> all.stream()
                                .map(one -> one.get(pots))
                                .flatMapToDouble(OptionalDouble::stream)
                                .average()
                                .orElse(Double.NaN))));
    }

    private static Map<Integer, OptionalDouble> of(Book book, Brew brew, int number) {
        SplittableRandom random = new SplittableRandom(Gardeners.SEED + 7919L * number);
        long gardener = random.nextLong();
        long place = random.nextLong();
        List<Double> took = new ArrayList<>();
        Map<Integer, OptionalDouble> errors = new HashMap<>();
        for (int pots = 0; pots <= AFTER.get(AFTER.size() - 1); pots++) {
            Trial.Setup setup = new Trial.Setup(brew, gardener, random.nextLong(), place, Hand.STEADY, Set.of());
            if (AFTER.contains(pots)) {
                errors.put(pots, error(Trial.run(book, setup, took)));
            }
            Trial.took(book, setup, took).ifPresent(took::add);
        }
        return errors;
    }

    private static OptionalDouble error(Trial.Outcome outcome) {
        return outcome.ripe().isPresent() && outcome.likely().isPresent()
                ? OptionalDouble.of(
                        Math.abs(outcome.ripe().getAsDouble() - outcome.likely().getAsDouble()) / HOURS_A_DAY)
                : OptionalDouble.empty();
    }

    /** Of all families. */
    static Map<Family, Lessons> all(Book book, int gardeners) {
        Map<Family, Lessons> all = new EnumMap<>(Family.class);
        Gardeners.families().forEach(family -> all.put(family, of(book, family, gardeners)));
        return all;
    }
}
