package potmellow.core.lesson;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** What can be done after what, whatever becomes of the pots. */
final class Order {
    private final Lesson lesson;
    private final List<Map<Doing.Kind, Doing>> done;
    private double hour;
    private boolean left;

    private Order(Lesson lesson) {
        this.lesson = lesson;
        this.done = IntStream.range(0, lesson.pots().size())
                .mapToObj(pot -> (Map<Doing.Kind, Doing>) new EnumMap<Doing.Kind, Doing>(Doing.Kind.class))
                .toList();
    }

    /**
     * Takes doings as they are.
     *
     * @throws IllegalArgumentException where one can't come after the others, with words for the gardener
     */
    static void require(Lesson lesson, List<Doing> doings) {
        Order order = new Order(lesson);
        doings.forEach(order::add);
    }

    private void add(Doing doing) {
        Lesson.require(doing.hour() >= hour, "Time only goes on: hour " + doing.hour() + " comes after " + hour + ".");
        Lesson.require(
                doing.hour() <= lesson.hours(),
                "Hour " + doing.hour() + " is beyond its end: this lesson lasts " + lesson.days() + " days.");
        Lesson.require(!left, "It has ended, and nothing more is done to it.");
        Lesson.require(doing.pot() < done.size(), "This lesson has " + done.size() + " pots, and none more.");
        hour = doing.hour();
        switch (doing.kind()) {
            case LEAVE -> left = true;
            case SET -> set(doing);
            case POUR -> pour(doing);
            case LOOK, MEASURE, HANDS, LOOSEN, STRAIN, THROW_AWAY -> work(doing);
        }
        done.get(doing.pot()).put(doing.kind(), doing);
    }

    private void set(Doing doing) {
        Setting setting = lesson.pots().get(doing.pot());
        Lesson.require(
                setting.start() == Setting.Start.WAITS && !did(doing.pot(), Doing.Kind.SET), "It is set already.");
        setting.from()
                .ifPresent(mother ->
                        Lesson.require(strained(mother), "It is begun with another pot, which isn't strained yet."));
    }

    private void pour(Doing doing) {
        Lesson.require(lesson.bed(), "There is no bed here to pour it on.");
        Lesson.require(strained(doing.pot()), "It isn't strained yet, and can't be poured.");
    }

    private void work(Doing doing) {
        Setting.Start start = lesson.pots().get(doing.pot()).start();
        Lesson.require(start != Setting.Start.WAITS || did(doing.pot(), Doing.Kind.SET), "It isn't set yet.");
        boolean ended = start == Setting.Start.READY
                || did(doing.pot(), Doing.Kind.STRAIN)
                || did(doing.pot(), Doing.Kind.THROW_AWAY);
        Lesson.require(!ended, "It has ended, and nothing more is done to it.");
    }

    private boolean strained(int pot) {
        return lesson.pots().get(pot).start() == Setting.Start.READY || did(pot, Doing.Kind.STRAIN);
    }

    private boolean did(int pot, Doing.Kind kind) {
        return done.get(pot).containsKey(kind);
    }
}
