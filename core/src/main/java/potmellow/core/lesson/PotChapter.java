package potmellow.core.lesson;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Condition;
import potmellow.core.practice.PracticePot;

/** Tells what became of one pot, beside the same pot in an old hand's keeping. */
final class PotChapter {
    private static final double A_WHILE = 2;

    private final Play play;
    private final int number;
    private final Standing mine;
    private final Ending ending;
    private final double endedAt;

    PotChapter(Play play, int number, Standing mine) {
        this.play = play;
        this.number = number;
        this.mine = mine;
        this.ending = ending(mine);
        this.endedAt = endedAt(mine, play.lesson());
    }

    private static double endedAt(Standing pot, Lesson lesson) {
        return pot.ended().map(Standing.Ended::hour).orElse(lesson.hours());
    }

    private static Ending ending(Standing pot) {
        if (pot.bang().isPresent()) {
            return Ending.BURST;
        }
        if (pot.pot().isEmpty()) {
            return Ending.NEVER_SET;
        }
        return pot.ended().map(PotChapter::ending).orElse(Ending.RAN_OUT);
    }

    private static Ending ending(Standing.Ended end) {
        if (!end.strained()) {
            return end.condition() == Condition.SPOILT ? Ending.THREW_SPOILT_AWAY : Ending.THREW_GOOD_AWAY;
        }
        return switch (end.condition()) {
            case WORKING -> Ending.TOO_SOON;
            case USABLE -> Ending.READY;
            case WEAK -> Ending.WEAK;
            case PAST -> Ending.PAST;
            case SPOILT -> Ending.SPOILT;
        };
    }

    /** What became of what was in it, where it was lost. */
    Optional<Costs.Cost> lost() {
        double litres = mine.ended()
                .map(Standing.Ended::litres)
                .or(() -> mine.pot().map(PracticePot::litres))
                .orElse(0.0);
        return Costs.litres(litres, ending);
    }

    /** All of it, once everything went on to the end of the lesson. */
    Chapter told(OldHand.Done old) {
        Standing theirs = old.shelf().pots().get(number);
        Optional<Double> ready = ready(theirs);
        return new Chapter(
                mine.setting().name(),
                ending,
                headline(ready(mine).or(() -> ready)),
                mine.noticed().stream()
                        .map(happening -> "Day " + Math.round(happening.hour() / Setting.HOURS_A_DAY) + ": "
                                + happening.what().words())
                        .toList(),
                mine.pot().map(PracticePot::inside).orElse(List.of()).stream()
                        .map(curve -> curve.later(mine.setAt() / Setting.HOURS_A_DAY))
                        .toList(),
                done(),
                oldHand(old.play()),
                ready);
    }

    private static Optional<Double> ready(Standing pot) {
        OptionalDouble ripe = pot.pot().map(PracticePot::ripeAt).orElse(OptionalDouble.empty());
        return ripe.isPresent()
                ? Optional.of((ripe.getAsDouble() + pot.setAt()) / Setting.HOURS_A_DAY)
                : Optional.empty();
    }

    private List<Chapter.Deed> done() {
        return here(play)
                .map(doing -> new Chapter.Deed(
                        doing.hour() / Setting.HOURS_A_DAY,
                        doing.words(mine.setting().brew()),
                        doing.kind().ends()))
                .toList();
    }

    private List<Chapter.Deed> oldHand(Play old) {
        return here(old)
                .filter(doing -> doing.kind().ends() || doing.kind() == Doing.Kind.SET)
                .map(doing -> new Chapter.Deed(
                        doing.hour() / Setting.HOURS_A_DAY,
                        "an old hand " + does(doing.kind()) + " here",
                        doing.kind().ends()))
                .toList();
    }

    private String does(Doing.Kind kind) {
        return switch (kind) {
            case SET -> "sets it";
            case THROW_AWAY -> "throws it away";
            default -> mine.setting().brew().taking().does();
        };
    }

    private Stream<Doing> here(Play by) {
        return by.doings().stream().filter(doing -> doing.pot() == number && doing.kind() != Doing.Kind.POUR);
    }

    private String headline(Optional<Double> ready) {
        Brew.Taking taking = mine.setting().brew().taking();
        String took = "You " + taking.tookIt();
        double day = endedAt / Setting.HOURS_A_DAY;
        return switch (ending) {
            case READY ->
                ready.filter(from -> day - from > A_WHILE)
                        .map(from -> took + " well, " + days(day - from) + " after it was ready.")
                        .orElse(took + " when it was ready.");
            case TOO_SOON ->
                ready.map(from -> took + " about " + days(Math.max(1, from - day)) + " too soon.")
                        .orElse(took + " before it was done.");
            case WEAK -> "It worked, but it is weak: it goes on soil, and soon.";
            case PAST -> took + " long after its best.";
            case SPOILT -> "What you " + taking.past() + " had turned " + days(day - spoilt(day)) + " before.";
            case THREW_GOOD_AWAY -> "You threw away a pot that was good.";
            case THREW_SPOILT_AWAY -> "You threw away what had spoilt: that was right.";
            case BURST -> "The lid gave way.";
            case NEVER_SET -> "It was never set.";
            default -> "Its time ran out, and it still stood there.";
        };
    }

    private double spoilt(double otherwise) {
        OptionalDouble spoilt = mine.pot().orElseThrow().spoiltAt();
        return spoilt.isPresent() ? (spoilt.getAsDouble() + mine.setAt()) / Setting.HOURS_A_DAY : otherwise;
    }

    /** So many days, a day at least, in words. */
    static String days(double days) {
        long whole = Math.max(1, Math.round(days));
        return whole == 1 ? "a day" : whole + " days";
    }
}
