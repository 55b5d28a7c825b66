package potmellow.core.practice;

import java.util.ArrayList;
import java.util.List;
import potmellow.core.craft.Act;
import potmellow.core.craft.Family;

/** What somebody who has done it a hundred times does with the same pot: comes daily, keeps it, and ends it when it is done. */
final class OldHand {
    private static final double HOURS_A_DAY = 24;
    private static final double SHORT_STEP = 4;

    private OldHand() {}

    /** All that they do. */
    static Play of(Lesson lesson) {
        List<Doing> doings = new ArrayList<>();
        Play so = new Play(lesson, doings);
        PracticePot pot = so.pot();
        double step = lesson.days() <= Play.SHORT_DAYS ? SHORT_STEP : HOURS_A_DAY;
        for (double hour = step; hour <= lesson.hours(); hour += step) {
            pot.until(hour);
            if (pot.condition() != Condition.WORKING) {
                boolean spoilt = pot.condition() == Condition.SPOILT;
                doings.add(Doing.of(hour, spoilt ? Doing.Kind.THROW_AWAY : Doing.Kind.STRAIN));
                break;
            }
            if (pot.holdsGas()) {
                pot.loosen();
                doings.add(Doing.of(hour, Doing.Kind.LOOSEN));
            }
            for (Act act : care(lesson.brew(), pot)) {
                pot.act(act);
                doings.add(Doing.of(hour, act));
            }
        }
        return new Play(lesson, doings);
    }

    /** What the craft asks for at a visit. */
    private static List<Act> care(Brew brew, PracticePot pot) {
        List<Act> acts = new ArrayList<>();
        boolean stirred = brew == Brew.PLANT_JUICE_OPEN || brew.family() == Family.ANAEROBIC;
        if (stirred) {
            acts.add(Act.STIRRED);
        }
        if (brew == Brew.FOREST_HEAP && pot.now().contents().celsius() > Fate.TOO_HOT - 10) {
            acts.add(Act.TURNED);
        }
        return acts;
    }
}
