package potmellow.core.lesson;

import java.util.List;
import java.util.Optional;
import potmellow.core.practice.Bed;

/** All pots of a lesson, and the bed beside them, as time goes on. */
final class Shelf {
    private final Lesson lesson;
    private final List<Standing> pots;
    private final Bed bed = new Bed();
    private boolean left;
    private double hour;

    Shelf(Lesson lesson) {
        this.lesson = lesson;
        this.pots = lesson.pots().stream()
                .map(setting -> new Standing(lesson, setting))
                .toList();
    }

    List<Standing> pots() {
        return pots;
    }

    Bed bed() {
        return bed;
    }

    double hour() {
        return hour;
    }

    /** Lets everything go on, to the end of the lesson at most. What has ended doesn't. */
    void until(double end) {
        hour = Math.max(hour, Math.min(end, lesson.hours()));
        pots.stream().filter(Standing::isWorking).forEach(pot -> pot.until(hour));
    }

    /** Lets everything go on to the end of the lesson, as if nobody had ended it. */
    void untilTheEnd() {
        pots.forEach(pot -> pot.until(lesson.hours()));
    }

    /**
     * Does something to one pot; the others don't even notice. What can't be done any more, since a lid gave way, is for nothing.
     */
    void does(Doing doing) {
        hour = doing.hour();
        Standing pot = pots.get(doing.pot());
        if (pot.isWorking()) {
            pot.until(hour);
        }
        switch (doing.kind()) {
            case LEAVE -> left = true;
            case POUR -> {
                if (pot.isStrained()) {
                    bed.pour(
                            hour,
                            pot.ended().orElseThrow().liquor(),
                            doing.dose().orElseThrow());
                }
            }
            case SET -> {
                if (canBeSet(pot)) {
                    pot.does(doing, mother(pot));
                }
            }
            case LOOK, MEASURE, HANDS, LOOSEN, STRAIN, THROW_AWAY -> {
                if (pot.isWorking()) {
                    pot.does(doing, Optional.empty());
                }
            }
        }
    }

    private Optional<Standing> mother(Standing pot) {
        return pot.setting().from().map(pots::get);
    }

    boolean canBeSet(Standing pot) {
        return pot.pot().isEmpty() && mother(pot).map(Standing::isStrained).orElse(true);
    }

    boolean canBePoured(Standing pot) {
        return lesson.bed() && pot.isStrained();
    }

    /** Whether nothing can be done any more. */
    boolean over() {
        return left || hour >= lesson.hours() || pots.stream().noneMatch(this::open);
    }

    private boolean open(Standing pot) {
        return pot.isWorking() || canBePoured(pot) || pot.pot().isEmpty() && mayStillBeSet(pot);
    }

    private boolean mayStillBeSet(Standing pot) {
        return mother(pot).map(mother -> mother.isStrained() || open(mother)).orElse(true);
    }
}
