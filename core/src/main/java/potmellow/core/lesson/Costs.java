package potmellow.core.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What choices cost, beside an old hand's. */
public final class Costs {
    private static final double LITTLE_DAYS = 0.75;
    private static final double MINUTES_A_VISIT = 2;
    private static final double SOME_LITRES = 0.05;

    /**
     * What a choice cost.
     *
     * @param kind days, litres or minutes
     * @param amount how many of them, above 0
     * @param words what for
     */
    public record Cost(Kind kind, double amount, String words) {
        /** What is counted. */
        public enum Kind {
            DAYS,
            LITRES,
            MINUTES
        }
    }

    private Costs() {}

    /** What was lost of a pot that ended so; empty where next to nothing was. */
    static Optional<Cost> litres(double litres, Ending ending) {
        return lost(ending)
                .filter(words -> litres > SOME_LITRES)
                .map(words -> new Cost(Cost.Kind.LITRES, litres, words));
    }

    /** Days and work beside an old hand's; days where there is but one pot to end. */
    static List<Cost> beside(OldHand.Done old, Play play, Shelf mine) {
        List<Cost> costs = new ArrayList<>();
        if (mine.pots().size() == 1 && mine.pots().get(0).setting().start() == Setting.Start.STANDS) {
            days(ended(mine, play) - ended(old.shelf(), play)).ifPresent(costs::add);
        }
        double minutes = MINUTES_A_VISIT * (hands(old.play()) - hands(play));
        if (Math.abs(minutes) >= MINUTES_A_VISIT) {
            costs.add(new Cost(
                    Cost.Kind.MINUTES, Math.abs(minutes), minutes > 0 ? "of work saved" : "of work more than needed"));
        }
        return costs;
    }

    private static Optional<Cost> days(double late) {
        return Math.abs(late) <= LITTLE_DAYS
                ? Optional.empty()
                : Optional.of(new Cost(
                        Cost.Kind.DAYS,
                        Math.abs(late),
                        late > 0 ? "later than an old hand" : "sooner than an old hand"));
    }

    private static double ended(Shelf shelf, Play play) {
        return shelf.pots()
                        .get(0)
                        .ended()
                        .map(Standing.Ended::hour)
                        .orElse(play.lesson().hours())
                / Setting.HOURS_A_DAY;
    }

    /** What became of what was in it, where it was lost. */
    private static Optional<String> lost(Ending ending) {
        return switch (ending) {
            case SPOILT -> Optional.of("that goes on nothing edible");
            case WEAK -> Optional.of("that goes on soil, and soon");
            case THREW_GOOD_AWAY -> Optional.of("thrown away for nothing");
            case BURST -> Optional.of("on the wall and the floor");
            default -> Optional.empty();
        };
    }

    private static long hands(Play play) {
        return play.doings().stream()
                .filter(doing -> doing.kind() == Doing.Kind.HANDS)
                .count();
    }
}
