package potmellow.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What happened inside a practice pot, with what was done to it, and beside it what an old hand would have done.
 *
 * @param ending how it ended
 * @param headline that in a sentence
 * @param what what went on, in sentences, oldest first
 * @param curves what went on inside
 * @param doings what was done
 * @param oldHand what an old hand would have done
 * @param readyFrom the day from which it was ready, as the old hand kept it; empty where it never was
 * @param costs what the choice cost
 * @param take a sentence to take along
 */
public record Story(
        Ending ending,
        String headline,
        List<String> what,
        List<Inside> curves,
        List<Doing> doings,
        List<Doing> oldHand,
        Optional<Double> readyFrom,
        List<Cost> costs,
        String take) {
    private static final double HOURS_A_DAY = 24;
    private static final double LITTLE_DAYS = 0.75;
    private static final double MINUTES_A_VISIT = 2;
    private static final double SOME_LITRES = 0.05;

    /** How it can end. */
    public enum Ending {
        READY,
        TOO_SOON,
        WEAK,
        PAST,
        SPOILT,
        THREW_GOOD_AWAY,
        THREW_SPOILT_AWAY,
        BURST,
        RAN_OUT;

        /** Whether an old hand would nod. */
        public boolean well() {
            return this == READY || this == THREW_SPOILT_AWAY;
        }
    }

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

    /** The story of a play that has ended, or of one that is given up now. */
    public static Story of(Play play) {
        Lesson lesson = play.lesson();
        PracticePot mine = play.pot();
        play.play(mine, lesson.hours(), new ArrayList<>());
        double ended = play.doings().stream()
                .filter(doing -> doing.kind().ends())
                .mapToDouble(Doing::hour)
                .findFirst()
                .orElse(lesson.hours());
        List<Happening> noticed = Notices.of(lesson.brew(), mine);
        Ending ending = ending(play, mine, noticed);
        double litres = mine.now().mixture().litres();
        OptionalDouble spoilt = mine.spoiltAt();
        mine.until(lesson.hours());
        Play old = OldHand.of(lesson);
        PracticePot theirs = old.pot();
        old.play(theirs, lesson.hours(), new ArrayList<>());
        Optional<Double> ready = theirs.ripeAt().isPresent()
                ? Optional.of(theirs.ripeAt().getAsDouble() / HOURS_A_DAY)
                : Optional.empty();
        return new Story(
                ending,
                headline(ending, ended, ready, spoilt),
                noticed.stream()
                        .filter(happening -> happening.hour() <= ended)
                        .map(happening ->
                                day(happening.hour()) + ": " + happening.what().words())
                        .toList(),
                Inside.of(lesson.brew(), mine),
                play.doings(),
                old.doings(),
                ready,
                costs(play, old, ending, ended, litres),
                lesson.take());
    }

    private static Ending ending(Play play, PracticePot pot, List<Happening> noticed) {
        if (noticed.stream().anyMatch(happening -> happening.what() == Happening.What.BURSTS)) {
            return Ending.BURST;
        }
        Optional<Doing> last =
                play.doings().stream().filter(doing -> doing.kind().ends()).findFirst();
        if (last.isEmpty()) {
            return Ending.RAN_OUT;
        }
        boolean spoilt = pot.condition() == Condition.SPOILT;
        if (last.get().kind() == Doing.Kind.THROW_AWAY) {
            return spoilt ? Ending.THREW_SPOILT_AWAY : Ending.THREW_GOOD_AWAY;
        }
        return switch (pot.condition()) {
            case WORKING -> Ending.TOO_SOON;
            case USABLE -> Ending.READY;
            case WEAK -> Ending.WEAK;
            case PAST -> Ending.PAST;
            case SPOILT -> Ending.SPOILT;
        };
    }

    private static String headline(Ending ending, double ended, Optional<Double> ready, OptionalDouble spoilt) {
        double day = ended / HOURS_A_DAY;
        return switch (ending) {
            case READY ->
                ready.filter(from -> day - from > 2)
                        .map(from -> "You strained it well, " + days(day - from) + " after it was ready.")
                        .orElse("You strained it when it was ready.");
            case TOO_SOON ->
                ready.map(from -> "You strained it about " + days(Math.max(1, from - day)) + " too soon.")
                        .orElse("You strained it before it was done.");
            case WEAK -> "It worked, but it is weak: it goes on soil, and soon.";
            case PAST -> "You strained it long after its best.";
            case SPOILT ->
                "You strained a pot that had turned " + days(day - spoilt.orElse(ended) / HOURS_A_DAY) + " before.";
            case THREW_GOOD_AWAY -> "You threw away a pot that was good.";
            case THREW_SPOILT_AWAY -> "You threw away what had spoilt: that was right.";
            case BURST -> "The lid gave way.";
            case RAN_OUT -> "Its time ran out, and it still stood there.";
        };
    }

    private static List<Cost> costs(Play play, Play old, Ending ending, double ended, double litres) {
        List<Cost> costs = new ArrayList<>();
        lost(ending)
                .filter(words -> litres > SOME_LITRES)
                .ifPresent(words -> costs.add(new Cost(Cost.Kind.LITRES, litres, words)));
        double theirs = old.doings().stream()
                .filter(doing -> doing.kind().ends())
                .mapToDouble(Doing::hour)
                .findFirst()
                .orElse(play.lesson().hours());
        double late = (ended - theirs) / HOURS_A_DAY;
        if (Math.abs(late) > LITTLE_DAYS) {
            costs.add(new Cost(
                    Cost.Kind.DAYS, Math.abs(late), late > 0 ? "later than an old hand" : "sooner than an old hand"));
        }
        double minutes = MINUTES_A_VISIT * (hands(old) - hands(play));
        if (Math.abs(minutes) >= MINUTES_A_VISIT) {
            costs.add(new Cost(
                    Cost.Kind.MINUTES, Math.abs(minutes), minutes > 0 ? "of work saved" : "of work more than needed"));
        }
        return costs;
    }

    /** What became of what was in it, where it was lost. */
    private static Optional<String> lost(Ending ending) {
        return switch (ending) {
            case SPOILT -> Optional.of("that goes on nothing edible");
            case WEAK -> Optional.of("that goes on soil, and soon");
            case THREW_GOOD_AWAY -> Optional.of("thrown away for nothing");
            case BURST -> Optional.of("on the wall and the floor");
            case READY, TOO_SOON, PAST, THREW_SPOILT_AWAY, RAN_OUT -> Optional.empty();
        };
    }

    private static long hands(Play play) {
        return play.doings().stream()
                .filter(doing -> doing.kind() == Doing.Kind.HANDS)
                .count();
    }

    private static String day(double hour) {
        return "Day " + Math.round(hour / HOURS_A_DAY);
    }

    private static String days(double days) {
        long whole = Math.max(1, Math.round(days));
        return whole == 1 ? "a day" : whole + " days";
    }
}
