package potmellow.core.planning;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Stream;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Volume;

/** "This much of that brew, usable by that day", once or again and again. */
public sealed interface Goal {
    String id();

    /** Id of the brew. */
    String product();

    /** What is wanted on which day, in the order of days; at least one. */
    List<Portion> portions();

    /** The same with another amount each time. */
    Goal withAmount(Volume amount);

    /** The same so many days later. */
    Goal later(int days);

    /** What is wanted each time. */
    Volume amount();

    /**
     * Once. Of what is buried it means a bed that is ready to plant.
     *
     * @param id its id
     * @param product the brew
     * @param amount how much
     * @param by the day by which it is usable
     */
    record Once(String id, String product, Volume amount, LocalDate by) implements Goal {
        public Once {
            requireNonNull(id, "id");
            requireNonNull(by, "by");
            requireAmount(amount);
        }

        @Override
        public List<Portion> portions() {
            return List.of(new Portion(id + "#1", id, product, amount, by));
        }

        @Override
        public Goal withAmount(Volume other) {
            return new Once(id, product, other, by);
        }

        @Override
        public Goal later(int days) {
            return new Once(id, product, amount, by.plusDays(days));
        }
    }

    /**
     * Again and again: what a feeding plan asks for over a season.
     *
     * @param id its id
     * @param product the brew
     * @param amount how much each time
     * @param from the first day
     * @param until no day after this one
     * @param everyDays days from one to the next, 1 to 120
     */
    record Season(String id, String product, Volume amount, LocalDate from, LocalDate until, int everyDays)
            implements Goal {
        public static final int MOST_PORTIONS = 60;
        public static final int MOST_DAYS_APART = 120;

        public Season {
            requireNonNull(id, "id");
            requireAmount(amount);
            if (!(everyDays >= 1 && everyDays <= MOST_DAYS_APART)) {
                throw InvalidInput.outOfRange("The days from one to the next", everyDays, 1, MOST_DAYS_APART, "days");
            }
            if (until.isBefore(from)) {
                throw InvalidInput.unreadable(
                        "The last day", until.toString(), "It can't be before the first, " + from + ".");
            }
            long portions = ChronoUnit.DAYS.between(from, until) / everyDays + 1;
            if (portions > MOST_PORTIONS) {
                throw InvalidInput.outOfRange("The times in a season", (int) portions, 1, MOST_PORTIONS, "times");
            }
        }

        @Override
        public List<Portion> portions() {
            long count = ChronoUnit.DAYS.between(from, until) / everyDays + 1;
            return Stream.iterate(0, n -> n + 1)
                    .limit(count)
                    .map(n -> new Portion(id + "#" + (n + 1), id, product, amount, from.plusDays((long) n * everyDays)))
                    .toList();
        }

        @Override
        public Goal withAmount(Volume other) {
            return new Season(id, product, other, from, until, everyDays);
        }

        @Override
        public Goal later(int days) {
            return new Season(id, product, amount, from.plusDays(days), until.plusDays(days), everyDays);
        }
    }

    /**
     * What is wanted on one day.
     *
     * @param key stable, as long as its goal stands
     * @param goalId the goal it belongs to
     * @param product the brew
     * @param amount how much
     * @param day by when
     */
    record Portion(String key, String goalId, String product, Volume amount, LocalDate day) {}

    private static void requireAmount(Volume amount) {
        if (!(amount.millilitres() > 0)) {
            throw InvalidInput.unreadable("The amount wanted", "0", "Write how much of it you want.");
        }
    }
}
