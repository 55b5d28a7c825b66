package potmellow.core.lesson;

import static java.util.Objects.requireNonNull;

import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import potmellow.core.practice.Accident;
import potmellow.core.practice.Brew;
import potmellow.core.practice.PracticePot;

/**
 * One pot of a lesson.
 *
 * @param name what it is called among the others, up to 40 characters
 * @param brew what is made
 * @param seed which of many such pots
 * @param celsius how warm it usually is where it stands, -5 to 40
 * @param swing how much warmer by day and colder by night, K, 0 to 12
 * @param accidents what goes wrong with it
 * @param start how it is found
 * @param from the pot before it that it is begun with, counted from 0; only for one that is set by hand
 */
public record Setting(
        String name,
        Brew brew,
        long seed,
        double celsius,
        double swing,
        Set<Accident> accidents,
        Start start,
        Optional<Integer> from) {
    public static final double COLDEST = -5;
    public static final double HOTTEST = 40;
    public static final double MOST_SWING = 12;
    static final double HOURS_A_DAY = 24;
    private static final double COLD = -10;
    private static final double STOVE = 12;
    private static final int SHORT = 40;

    /** How a pot is found. */
    public enum Start {
        /** It has just been set. */
        STANDS,
        /** It is set by hand when one likes, and when what it needs is there. */
        WAITS,
        /** It is in a bottle already. */
        READY
    }

    public Setting {
        requireNonNull(start, "start");
        accidents = Set.copyOf(accidents);
        Lesson.require(!name.isBlank() && name.length() <= SHORT, "A pot has a name of up to 40 characters.");
        Lesson.require(
                celsius >= COLDEST && celsius <= HOTTEST,
                "A practice pot stands at -5 to 40 °C, not at " + celsius + " °C.");
        Lesson.require(
                swing >= 0 && swing <= MOST_SWING,
                "Day and night differ by up to 12 °C each way, not by " + swing + ".");
        Lesson.require(
                from.isEmpty() || start == Start.WAITS,
                "Only a pot that is set by hand is begun with another one, not one that is " + start + ".");
    }

    /** A pot that has just been set. */
    public static Setting standing(Brew brew, long seed, double celsius, double swing, Set<Accident> accidents) {
        return new Setting("The pot", brew, seed, celsius, swing, accidents, Start.STANDS, Optional.empty());
    }

    /** °C around it at an hour of a lesson; left somewhere else it is so from a tenth of its hours to a third of them. */
    DoubleUnaryOperator place(double hours) {
        double moved = accidents.contains(Accident.COLD) ? COLD : accidents.contains(Accident.STOVE) ? STOVE : 0;
        return hour -> celsius
                + swing * Math.sin(2 * Math.PI * hour / HOURS_A_DAY)
                + (hour >= hours / 10 && hour < hours / 3 ? moved : 0);
    }

    /** The pot, set at an hour of a lesson. */
    PracticePot set(double setAt, double hours, double sampleHours) {
        DoubleUnaryOperator place = place(hours);
        return PracticePot.set(brew, seed, seed, accidents, hour -> place.applyAsDouble(hour + setAt), sampleHours);
    }

    /** How long such a pot usually takes there, h; the longest where it never gets ready. */
    double usualHours(double longest) {
        PracticePot usual = PracticePot.usual(brew, hour -> celsius, 2);
        while (usual.ripeAt().isEmpty() && usual.hour() < longest) {
            usual.until(usual.hour() + HOURS_A_DAY / 2);
        }
        return usual.ripeAt().orElse(longest);
    }
}
