package potmellow.core.practice;

import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a bed looks like, to be drawn. Shares are from 0 to 1.
 *
 * @param scorched how much of its leaves is scorched
 * @param sticky how far they are sticky with sugar
 * @param wilting how far its roots thirst in salt
 * @param sun how high the sun stands
 */
public record BedSight(double scorched, double sticky, double wilting, double sun) {
    /** So little that nobody sees it. */
    public static final double SEEN = 0.03;

    private static final double MUCH = 0.3;
    private static final double HIGH_SUN = 0.7;
    private static final double LOW_SUN = 0.02;

    public boolean scorchedSeen() {
        return scorched > SEEN;
    }

    public boolean stickySeen() {
        return sticky >= 1;
    }

    public boolean wiltingSeen() {
        return wilting > SEEN;
    }

    /** What can be seen, in a few words. */
    public String words() {
        String leaves = Stream.of(
                        scorchedSeen() ? scorched > MUCH ? "brown, dry leaves" : "brown edges on the leaves" : "",
                        stickySeen() ? "leaves sticky to the touch" : "",
                        wiltingSeen() ? "leaves hang though the soil is moist" : "")
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(", "));
        String light = sun > HIGH_SUN ? "a high sun" : sun > LOW_SUN ? "a low sun" : "no sun";
        return (leaves.isEmpty() ? "green leaves" : leaves) + ", " + light;
    }
}
