package potmellow.core.judged;

import java.util.SplittableRandom;

/**
 * How warm a place really is, and what the application knows of it: its own thermometer is a little off, the past is written down, the
 * time to come is the usual for the season.
 */
final class Surroundings {
    private static final int DAYS = 120;
    private static final double HOURS_A_DAY = 24;
    private static final double KNOWN_AHEAD_DAYS = 3;

    private final double usual;
    private final double swing;
    private final double[] days = new double[DAYS + 1];
    private final double bias;
    private final double moved;
    private final double movedFrom;
    private final double movedUntil;

    /**
     * @param seed what differs from place to place
     * @param moved how much warmer than known it stands for a while, K
     * @param movedFrom from which hour on
     * @param movedUntil until which hour
     */
    Surroundings(long seed, double moved, double movedFrom, double movedUntil) {
        SplittableRandom random = new SplittableRandom(seed);
        boolean indoors = random.nextDouble() < 0.5;
        this.usual = indoors ? 17 + 7 * random.nextDouble() : 13 + 12 * random.nextDouble();
        this.swing = indoors ? 1.5 : 4;
        this.bias = 0.5 * random.nextGaussian();
        double spread = indoors ? 0.6 : 2.5;
        for (int day = 1; day <= DAYS; day++) {
            days[day] = 0.7 * days[day - 1] + spread * Math.sqrt(1 - 0.49) * random.nextGaussian();
        }
        this.moved = moved;
        this.movedFrom = movedFrom;
        this.movedUntil = movedUntil;
    }

    double usual() {
        return usual;
    }

    /** °C around the pot. */
    double truly(double hour) {
        double more = hour >= movedFrom && hour < movedUntil ? moved : 0;
        return usual + weather(hour) + daily(hour) + more;
    }

    /** °C as the application knows or expects it, asked at some hour. */
    double known(double hour, double asked) {
        double ahead = Math.max(0, (hour - asked) / HOURS_A_DAY);
        double sure = Math.max(0, 1 - ahead / KNOWN_AHEAD_DAYS);
        return usual + bias + daily(hour) + sure * weather(hour);
    }

    private double weather(double hour) {
        double at = Math.max(0, Math.min(DAYS - 1e-6, hour / HOURS_A_DAY));
        int day = (int) at;
        return days[day] + (at - day) * (days[day + 1] - days[day]);
    }

    private double daily(double hour) {
        return swing * Math.sin(2 * Math.PI * hour / HOURS_A_DAY);
    }
}
