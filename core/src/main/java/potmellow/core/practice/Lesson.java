package potmellow.core.practice;

import java.util.Set;
import java.util.function.DoubleUnaryOperator;

/**
 * One pot to learn from.
 *
 * @param id stable id, of small letters, digits and hyphens
 * @param title what it is called, up to 60 characters
 * @param about what it asks, up to 200 characters
 * @param brew what is made
 * @param seed which of many such pots
 * @param celsius how warm it usually is where it stands, -5 to 40
 * @param swing how much warmer by day and colder by night, K, 0 to 12
 * @param accidents what goes wrong with it
 * @param days how long there is, 1 to 120
 * @param take one sentence to take along, up to 200 characters
 */
public record Lesson(
        String id,
        String title,
        String about,
        Brew brew,
        long seed,
        double celsius,
        double swing,
        Set<Accident> accidents,
        int days,
        String take) {
    public static final double COLDEST = -5;
    public static final double HOTTEST = 40;
    public static final double MOST_SWING = 12;
    public static final int MOST_DAYS = 120;
    private static final double COLD = -10;
    private static final double STOVE = 12;
    private static final int LONG = 200;
    private static final int SHORT = 60;
    private static final double HOURS_A_DAY = 24;

    public Lesson {
        accidents = Set.copyOf(accidents);
        require(
                id.matches("[a-z0-9-]{1,40}"),
                "The id of a lesson is of small letters, digits and hyphens, not “" + id + "”.");
        require(!title.isBlank() && title.length() <= SHORT, "A lesson has a title of up to 60 characters.");
        require(about.length() <= LONG && take.length() <= LONG, "A lesson's texts have up to 200 characters each.");
        require(
                celsius >= COLDEST && celsius <= HOTTEST,
                "A practice pot stands at -5 to 40 °C, not at " + celsius + " °C.");
        require(
                swing >= 0 && swing <= MOST_SWING,
                "Day and night differ by up to 12 °C each way, not by " + swing + ".");
        require(days >= 1 && days <= MOST_DAYS, "A lesson lasts 1 to 120 days, not " + days + ".");
    }

    private static void require(boolean holds, String words) {
        if (!holds) {
            throw new IllegalArgumentException(words);
        }
    }

    /** How many hours there are. */
    double hours() {
        return HOURS_A_DAY * days;
    }

    /** °C around it at an hour; left somewhere else it is so from a tenth of its days to a third of them. */
    DoubleUnaryOperator place() {
        double moved = accidents.contains(Accident.COLD) ? COLD : accidents.contains(Accident.STOVE) ? STOVE : 0;
        return hour -> celsius
                + swing * Math.sin(2 * Math.PI * hour / HOURS_A_DAY)
                + (hour >= hours() / 10 && hour < hours() / 3 ? moved : 0);
    }

    /** Its pot, as it is set. */
    PracticePot set(double sampleHours) {
        return PracticePot.set(brew, seed, seed, accidents, place(), sampleHours);
    }
}
