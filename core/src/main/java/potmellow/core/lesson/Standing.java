package potmellow.core.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import potmellow.core.craft.Act;
import potmellow.core.craft.Family;
import potmellow.core.practice.Condition;
import potmellow.core.practice.Hand;
import potmellow.core.practice.Happening;
import potmellow.core.practice.Liquor;
import potmellow.core.practice.PracticePot;

/** One pot of a lesson as time goes on: not set yet, at work, or ended. All hours are those of the lesson. */
final class Standing {
    private final Lesson lesson;
    private final Setting setting;
    private final List<Noted> noted = new ArrayList<>();
    private Optional<PracticePot> pot = Optional.empty();
    private Optional<Ended> ended = Optional.empty();
    private double setAt;
    private int visits;

    /**
     * How it was ended.
     *
     * @param hour when
     * @param kind by what
     * @param condition what it was then
     * @param litres how much there was of it
     * @param liquor what was strained
     */
    record Ended(double hour, Doing.Kind kind, Condition condition, double litres, Liquor liquor) {
        boolean strained() {
            return kind == Doing.Kind.STRAIN;
        }
    }

    Standing(Lesson lesson, Setting setting) {
        this.lesson = lesson;
        this.setting = setting;
        switch (setting.start()) {
            case WAITS -> {}
            case STANDS -> set(0);
            case READY -> ready();
        }
    }

    private void set(double hour) {
        setAt = hour;
        PracticePot fresh = setting.set(hour, lesson.hours(), lesson.sampleHours());
        if (setting.brew().family() == Family.TEA) {
            fresh.act(Act.AIR_ON);
        }
        pot = Optional.of(fresh);
    }

    /** It was set some days before the lesson, kept as an old hand keeps it, and strained when it was ready. */
    private void ready() {
        set(0);
        PracticePot before = pot.orElseThrow();
        double longest = Setting.HOURS_A_DAY * Lesson.MOST_DAYS;
        while (before.condition() == Condition.WORKING && before.hour() < longest) {
            before.until(before.hour() + Setting.HOURS_A_DAY);
            OldHand.care(before, setting.brew()).forEach(before::act);
        }
        setAt = -before.hour();
        end(0, Doing.Kind.STRAIN);
    }

    /** Lets it go on. */
    void until(double hour) {
        pot.ifPresent(one -> one.until(hour - setAt));
    }

    /** Does something to it at the hour it has reached. */
    void does(Doing doing, Optional<Standing> mother) {
        long visit = setting.seed() * Play.MOST_DOINGS + visits++;
        switch (doing.kind()) {
            case SET -> {
                set(doing.hour());
                mother.flatMap(Standing::pot).ifPresent(pot.orElseThrow()::begunWith);
            }
            case LOOK ->
                noted.add(new Noted(
                        doing.hour(),
                        pot.orElseThrow().sensed(Hand.OLD_HAND, visit),
                        Optional.empty(),
                        Optional.empty()));
            case MEASURE ->
                noted.add(new Noted(
                        doing.hour(),
                        Map.of(),
                        Optional.of(pot.orElseThrow().readPh(visit)),
                        Optional.of(pot.orElseThrow().readCelsius(visit))));
            case HANDS -> pot.orElseThrow().act(doing.act().orElseThrow());
            case LOOSEN -> pot.orElseThrow().loosen();
            case STRAIN, THROW_AWAY -> end(doing.hour(), doing.kind());
            case POUR, LEAVE -> {}
        }
    }

    private void end(double hour, Doing.Kind kind) {
        PracticePot now = pot.orElseThrow();
        ended = Optional.of(new Ended(hour, kind, now.condition(), now.litres(), now.liquor()));
    }

    Setting setting() {
        return setting;
    }

    /** The pot itself; empty while it isn't set. */
    Optional<PracticePot> pot() {
        return pot;
    }

    Optional<Ended> ended() {
        return ended;
    }

    double setAt() {
        return setAt;
    }

    List<Noted> noted() {
        return List.copyOf(noted);
    }

    /** What whoever passes by noticed from the lesson's beginning until it was ended or gave way, oldest first. */
    List<Happening> noticed() {
        double until = bang().orElse(endedAt());
        return pot.map(PracticePot::noticed).orElse(List.of()).stream()
                .map(happening -> new Happening(happening.hour() + setAt, happening.what()))
                .filter(happening -> happening.hour() >= 0 && happening.hour() <= until)
                .toList();
    }

    /** When its lid gave way; empty where it didn't, or was strained before it could. */
    OptionalDouble bang() {
        OptionalDouble burst = pot.map(PracticePot::burstAt).orElse(OptionalDouble.empty());
        return burst.isPresent() && burst.getAsDouble() + setAt <= endedAt()
                ? OptionalDouble.of(burst.getAsDouble() + setAt)
                : OptionalDouble.empty();
    }

    private double endedAt() {
        return ended.map(Ended::hour).orElse(Double.POSITIVE_INFINITY);
    }

    /** Whether it stands there with something to be done to it. */
    boolean isWorking() {
        return pot.isPresent() && ended.isEmpty() && bang().isEmpty();
    }

    /** Whether something of it can be poured, or begin another pot. */
    boolean isStrained() {
        return ended.filter(Ended::strained).isPresent() && bang().isEmpty();
    }
}
