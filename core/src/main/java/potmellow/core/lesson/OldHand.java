package potmellow.core.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import potmellow.core.craft.Act;
import potmellow.core.craft.Family;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Condition;
import potmellow.core.practice.Daylight;
import potmellow.core.practice.Dose;
import potmellow.core.practice.PracticePot;

/** What somebody who has done it a hundred times does with the same pots: comes daily, keeps them, and ends each when it is done. */
final class OldHand {
    private static final double SHORT_STEP = 4;
    private static final double EVENING = 19;
    private static final double RESERVE_HOURS = 36;

    private final Lesson lesson;
    private final Shelf shelf;
    private final List<Doing> doings = new ArrayList<>();
    private final double begins;

    private OldHand(Lesson lesson) {
        this.lesson = lesson;
        this.shelf = new Shelf(lesson);
        this.begins = lesson.by().map(this::beginsFor).orElse(0.0);
    }

    /**
     * All that they do, and what comes of it.
     *
     * @param play what they do
     * @param shelf what stands there at the end
     */
    record Done(Play play, Shelf shelf) {}

    static Done of(Lesson lesson) {
        OldHand hand = new OldHand(lesson);
        hand.live();
        hand.doings.sort(Comparator.comparing(Doing::hour));
        return new Done(new Play(lesson, hand.doings), hand.shelf);
    }

    /** Backward from the day on which it is needed: what the pots usually take there, one after the other, and some reserve. */
    private double beginsFor(int day) {
        double takes = lesson.pots().stream()
                .filter(setting -> setting.start() == Setting.Start.WAITS)
                .mapToDouble(setting -> setting.usualHours(lesson.hours()))
                .sum();
        return Math.max(0, day * Setting.HOURS_A_DAY - takes - RESERVE_HOURS);
    }

    private void live() {
        double step = lesson.isShort() ? SHORT_STEP : Setting.HOURS_A_DAY;
        for (double hour = 0; hour <= lesson.hours(); hour += step) {
            shelf.until(hour);
            for (int pot = 0; pot < shelf.pots().size(); pot++) {
                visit(hour, pot);
            }
        }
    }

    private void visit(double hour, int number) {
        Standing standing = shelf.pots().get(number);
        if (shelf.canBeSet(standing) && hour >= begins) {
            does(Doing.of(hour, number, Doing.Kind.SET));
        } else if (standing.isWorking() && hour > standing.setAt()) {
            keep(hour, number, standing.pot().orElseThrow(), standing.setting().brew());
        }
        if (shelf.canBePoured(standing) && shelf.bed().untouched()) {
            pour(hour, number, standing.setting().brew().family());
        }
    }

    private void keep(double hour, int number, PracticePot pot, Brew brew) {
        if (pot.condition() != Condition.WORKING) {
            boolean spoilt = pot.condition() == Condition.SPOILT;
            does(Doing.of(hour, number, spoilt ? Doing.Kind.THROW_AWAY : Doing.Kind.STRAIN));
            return;
        }
        if (pot.holdsGas()) {
            does(Doing.of(hour, number, Doing.Kind.LOOSEN));
        }
        care(pot, brew).forEach(act -> does(Doing.of(hour, number, act)));
    }

    /** What hands do to a pot at each visit while it works. */
    static List<Act> care(PracticePot pot, Brew brew) {
        if (brew == Brew.PLANT_JUICE_OPEN || brew.family() == Family.ANAEROBIC) {
            return List.of(Act.STIRRED);
        }
        return pot.nearlyTooHot() ? List.of(Act.TURNED) : List.of();
    }

    /** Over the leaves, in the evening, as thin as the craft asks for. */
    private void pour(double hour, int number, Family family) {
        double evening = hour + (EVENING - Daylight.clock(hour) + Setting.HOURS_A_DAY) % Setting.HOURS_A_DAY;
        if (evening <= lesson.hours()) {
            does(Doing.of(evening, number, new Dose(Dose.usualParts(family), Dose.Way.LEAF)));
        }
    }

    private void does(Doing doing) {
        doings.add(doing);
        shelf.does(doing);
    }
}
