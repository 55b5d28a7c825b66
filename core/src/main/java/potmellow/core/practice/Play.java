package potmellow.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.craft.Act;
import potmellow.core.craft.Family;

/**
 * A lesson as far as somebody has got with it. It is worked out anew from what was done: the same doings always give the same.
 *
 * @param lesson which
 * @param doings what was done, in order of time; nothing after its end
 */
public record Play(Lesson lesson, List<Doing> doings) {
    public static final int MOST_DOINGS = 400;
    private static final double SAMPLE_HOURS = 2;
    private static final double FINE_HOURS = 0.5;
    static final int SHORT_DAYS = 4;

    public Play {
        doings = List.copyOf(doings);
        if (doings.size() > MOST_DOINGS) {
            throw new IllegalArgumentException(
                    "A practice pot is visited up to " + MOST_DOINGS + " times, not " + doings.size() + ".");
        }
        for (int i = 1; i < doings.size(); i++) {
            if (doings.get(i).hour() < doings.get(i - 1).hour()) {
                throw new IllegalArgumentException(
                        "Time only goes on: hour " + doings.get(i).hour() + " comes after "
                                + doings.get(i - 1).hour() + ".");
            }
            if (doings.get(i - 1).kind().ends()) {
                throw new IllegalArgumentException("It has ended, and nothing more is done to it.");
            }
        }
        if (!doings.isEmpty() && doings.get(doings.size() - 1).hour() > lesson.hours()) {
            throw new IllegalArgumentException(
                    "Hour " + doings.get(doings.size() - 1).hour() + " is beyond its end: this lesson lasts "
                            + lesson.days() + " days.");
        }
    }

    /** What it is like at an hour; as it was at its end where that is before. */
    public Scene at(double hour) {
        PracticePot pot = pot();
        List<Noted> noted = new ArrayList<>();
        play(pot, hour, noted);
        List<Happening> noticed = Notices.of(lesson.brew(), pot);
        Optional<Happening> burst = noticed.stream()
                .filter(happening -> happening.what() == Happening.What.BURSTS)
                .findFirst();
        boolean over = burst.isPresent() || ended(hour) || pot.hour() >= lesson.hours();
        double now = pot.hour();
        Sight sight = Sight.of(lesson.brew(), pot);
        return new Scene(
                now, sight, List.copyOf(noted), noticed, over ? Optional.empty() : next(pot, noticed.size()), over);
    }

    private boolean ended(double hour) {
        return doings.stream().anyMatch(doing -> doing.kind().ends() && doing.hour() <= hour);
    }

    /** The next thing that whoever passes by would notice, if nothing is done until then: the pot goes on to its end. */
    private Optional<Happening> next(PracticePot pot, int known) {
        pot.until(lesson.hours());
        return Notices.of(lesson.brew(), pot).stream().skip(known).findFirst();
    }

    PracticePot pot() {
        PracticePot pot = lesson.set(lesson.days() <= SHORT_DAYS ? FINE_HOURS : SAMPLE_HOURS);
        if (lesson.brew().family() == Family.TEA) {
            pot.act(Act.AIR_ON);
        }
        return pot;
    }

    /** Does what was done, and lets it go on until an hour or its end. */
    void play(PracticePot pot, double hour, List<Noted> noted) {
        for (int i = 0; i < doings.size() && doings.get(i).hour() <= hour; i++) {
            Doing doing = doings.get(i);
            pot.until(doing.hour());
            if (doing.kind().ends()) {
                return;
            }
            note(pot, doing, i).ifPresent(noted::add);
            doing.act().ifPresent(pot::act);
            if (doing.kind() == Doing.Kind.LOOSEN) {
                pot.loosen();
            }
        }
        pot.until(Math.min(hour, lesson.hours()));
    }

    private Optional<Noted> note(PracticePot pot, Doing doing, int number) {
        long visit = lesson.seed() * MOST_DOINGS + number;
        return switch (doing.kind()) {
            case LOOK ->
                Optional.of(
                        new Noted(doing.hour(), pot.sensed(Hand.OLD_HAND, visit), Optional.empty(), Optional.empty()));
            case MEASURE ->
                Optional.of(new Noted(
                        doing.hour(), Map.of(), Optional.of(pot.readPh(visit)), Optional.of(pot.readCelsius(visit))));
            case HANDS, LOOSEN, STRAIN, THROW_AWAY -> Optional.empty();
        };
    }

    /**
     * What was noted at a visit.
     *
     * @param hour when
     * @param signs ids of what was sensed, by sense
     * @param ph what the meter read
     * @param celsius what the thermometer read
     */
    public record Noted(double hour, Map<String, String> signs, Optional<Double> ph, Optional<Double> celsius) {}

    /**
     * A practice pot at one hour.
     *
     * @param hour when
     * @param sight what it looks like
     * @param noted what was sensed and measured at visits, oldest first
     * @param noticed what whoever passed by noticed, oldest first
     * @param next what will be noticed next if nothing is done; empty where nothing will, or it is over
     * @param over whether it has ended
     */
    public record Scene(
            double hour,
            Sight sight,
            List<Noted> noted,
            List<Happening> noticed,
            Optional<Happening> next,
            boolean over) {}
}
