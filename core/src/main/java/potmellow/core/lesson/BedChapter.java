package potmellow.core.lesson;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import potmellow.core.practice.Bed;
import potmellow.core.practice.BedSight;

/** Tells what became of the bed. */
final class BedChapter {
    private static final double SHOWN_HOURS = 24;

    private BedChapter() {}

    static Chapter told(Play play, Bed bed, OldHand.Done old) {
        Lesson lesson = play.lesson();
        BedSight sight = bed.at(lesson.hours() + SHOWN_HOURS);
        Ending ending = ending(bed, sight);
        return new Chapter(
                "The bed",
                ending,
                headline(ending, sight),
                poured(play),
                bed.inside(lesson.hours()),
                done(play, "poured %s"),
                done(old.play(), "an old hand pours %s here"),
                Optional.empty());
    }

    private static Ending ending(Bed bed, BedSight sight) {
        if (bed.untouched()) {
            return Ending.NEVER_POURED;
        }
        if (bed.gotSpoilt()) {
            return Ending.POURED_SPOILT;
        }
        if (sight.scorchedSeen()) {
            return Ending.SCORCHED;
        }
        if (sight.stickySeen()) {
            return Ending.STICKY;
        }
        if (sight.wiltingSeen()) {
            return Ending.SALTED;
        }
        return bed.gotNextToNothing() ? Ending.NEXT_TO_NOTHING : Ending.POURED_WELL;
    }

    private static String headline(Ending ending, BedSight sight) {
        return switch (ending) {
            case NEVER_POURED -> "It stands in its bottle, and the bed got nothing.";
            case POURED_SPOILT -> "You poured what had turned: nothing of this bed is eaten.";
            case SCORCHED -> "You scorched about " + Math.round(100 * sight.scorched()) + " % of the young leaves.";
            case STICKY -> "It left the leaves sticky with sugar, and soot grows on that.";
            case SALTED -> "The soil got more salt than young roots bear.";
            case NEXT_TO_NOTHING -> "It was so thin that nobody will see what it did.";
            default -> "You poured it thin enough, and the leaves stayed green.";
        };
    }

    private static List<String> poured(Play play) {
        return play.doings().stream()
                .filter(doing -> doing.kind() == Doing.Kind.POUR)
                .map(doing -> capital(play.lesson().when(doing.hour())) + ": "
                        + doing.dose().orElseThrow().words() + ".")
                .toList();
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static List<Chapter.Deed> done(Play by, String words) {
        return by.doings().stream()
                .filter(doing -> doing.kind() == Doing.Kind.POUR)
                .map(doing -> new Chapter.Deed(
                        doing.hour() / Setting.HOURS_A_DAY,
                        words.formatted(doing.dose().orElseThrow().ratio()),
                        false))
                .toList();
    }
}
