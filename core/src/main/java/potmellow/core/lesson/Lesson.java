package potmellow.core.lesson;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import potmellow.core.practice.Accident;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Daylight;

/**
 * Pots to learn from.
 *
 * @param id stable id, of small letters, digits and hyphens
 * @param title what it is called, up to 60 characters
 * @param about what it asks, up to 200 characters
 * @param days how long there is, 1 to 120
 * @param pots what stands there, 1 to 6
 * @param by the day by whose morning the last of them is needed; empty where there is no such day
 * @param bed whether there is a bed of young plants to pour on
 * @param take one sentence to take along, up to 200 characters
 */
public record Lesson(
        String id,
        String title,
        String about,
        int days,
        List<Setting> pots,
        Optional<Integer> by,
        boolean bed,
        String take) {
    public static final int MOST_DAYS = 120;
    public static final int MOST_POTS = 6;
    private static final int LONG = 200;
    private static final int SHORT = 60;
    private static final int SHORT_DAYS = 4;
    private static final int FREE_DAYS = 60;
    private static final double FREE_SWING = 3;
    private static final double SAMPLE_HOURS = 2;
    private static final double FINE_HOURS = 0.5;

    /**
     * A step that time can take.
     *
     * @param hours how long, h
     * @param words what it is called
     */
    public record Step(double hours, String words) {}

    public Lesson {
        pots = List.copyOf(pots);
        require(
                id.matches("[a-z0-9-]{1,40}"),
                "The id of a lesson is of small letters, digits and hyphens, not “" + id + "”.");
        require(!title.isBlank() && title.length() <= SHORT, "A lesson has a title of up to 60 characters.");
        require(about.length() <= LONG && take.length() <= LONG, "A lesson's texts have up to 200 characters each.");
        require(days >= 1 && days <= MOST_DAYS, "A lesson lasts 1 to 120 days, not " + days + ".");
        require(!pots.isEmpty() && pots.size() <= MOST_POTS, "A lesson has 1 to 6 pots, not " + pots.size() + ".");
        require(
                pots.stream().map(Setting::name).distinct().count() == pots.size(),
                "Each pot of a lesson has a name of its own.");
        int longest = days;
        by.ifPresent(
                day -> require(day >= 1 && day <= longest, "It is needed on day 1 to " + longest + ", not " + day));
        for (int i = 0; i < pots.size(); i++) {
            int pot = i;
            pots.get(i)
                    .from()
                    .ifPresent(mother -> require(
                            mother >= 0 && mother < pot,
                            "A pot is begun with one of those before it, not with number " + mother + "."));
        }
        require(
                bed || pots.stream().anyMatch(pot -> pot.start() != Setting.Start.READY),
                "Where everything is in bottles already, there must be a bed to pour on.");
    }

    /** One pot of one's own choice, with no word about what it teaches. */
    public static Lesson free(Brew brew, long seed, double celsius, Set<Accident> accidents) {
        Setting pot = Setting.standing(brew, seed, celsius, FREE_SWING, accidents);
        return new Lesson("free", "Free practice", "", FREE_DAYS, List.of(pot), Optional.empty(), false, "");
    }

    static void require(boolean holds, String words) {
        if (!holds) {
            throw new IllegalArgumentException(words);
        }
    }

    /** How many hours there are. */
    public double hours() {
        return Setting.HOURS_A_DAY * days;
    }

    /** Whether hours count in it rather than days. */
    boolean isShort() {
        return days <= SHORT_DAYS;
    }

    double sampleHours() {
        return isShort() ? FINE_HOURS : SAMPLE_HOURS;
    }

    /** How far time can be wound on at once. */
    public List<Step> steps() {
        if (isShort()) {
            return List.of(new Step(1, "An hour on"), new Step(6, "Six hours on"));
        }
        return bed
                ? List.of(new Step(6, "Six hours on"), new Step(24, "A day on"), new Step(72, "Three days on"))
                : List.of(new Step(24, "A day on"), new Step(72, "Three days on"));
    }

    /** When an hour of it is, in words: "day 3", "day 3, 6 h", or with a clock where the sun counts. */
    public String when(double hour) {
        if (bed) {
            // Days change at midnight there, as they do for whoever reads a clock.
            long minutes = Math.round(60 * Daylight.clock(hour));
            long day = (long) Math.floor((hour + Daylight.clock(0)) / Setting.HOURS_A_DAY);
            return "day %d, %d:%02d".formatted(day, minutes / 60 % 24, minutes % 60);
        }
        long day = (long) Math.floor(hour / Setting.HOURS_A_DAY);
        long rest = Math.round(hour - day * Setting.HOURS_A_DAY);
        return isShort() || rest % 24 != 0 ? "day " + day + ", " + rest + " h" : "day " + day;
    }
}
