package potmellow.core.planning;

import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import potmellow.core.book.Light;
import potmellow.core.book.Method;
import potmellow.core.craft.StatedRange;

/** Chooses where a pot stands: as settled, else the first place of the walk that suits it best on those days. */
final class Spots {
    private static final int INDOORS_FOR_OUTDOORS = 16;
    private static final int TOO_SLOW = 8;
    private static final int WRONG_LIGHT = 4;
    private static final int FROST = 4;
    private static final int WRONG_WARMTH = 2;

    private final Workshop workshop;
    private final Clockwork clockwork;
    private final Map<String, Spot> chosen = new HashMap<>();

    Spots(Workshop workshop, Clockwork clockwork) {
        this.workshop = workshop;
        this.clockwork = clockwork;
    }

    /** The place for a pot that must be ready on a day. */
    Spot choose(Method method, int need) {
        return chosen.computeIfAbsent(method.id() + "@" + need, key -> best(method, need));
    }

    private Spot best(Method method, int need) {
        String settled = workshop.choices().spots().get(method.product());
        return workshop.spots().stream()
                .filter(spot -> spot.id().equals(settled))
                .findFirst()
                .orElseGet(() -> workshop.spots().stream()
                        .min(Comparator.comparingInt(spot -> drawbacks(method, spot, need)))
                        .orElseThrow());
    }

    private int drawbacks(Method method, Spot spot, int need) {
        Timing timing = clockwork.timing(method, spot);
        int latest = timing.latestSafe(need);
        int start = Math.max(0, latest);
        int end = timing.reaches(start) ? timing.emptied()[start] : start + 1;
        int drawbacks = spot.outdoors() == method.place().outdoors() ? 0 : INDOORS_FOR_OUTDOORS;
        drawbacks += latest >= 0 ? 0 : TOO_SLOW;
        drawbacks += lightSuits(method, spot) ? 0 : WRONG_LIGHT;
        drawbacks += frosty(method, spot, start, end) ? FROST : 0;
        drawbacks += warmEnough(method, clockwork.mean(spot, start, end)) ? 0 : WRONG_WARMTH;
        return drawbacks;
    }

    boolean frosty(Method method, Spot spot, int start, int end) {
        return method.place().frostFree() && clockwork.coldest(spot, start, end) <= 0;
    }

    private static boolean lightSuits(Method method, Spot spot) {
        Light asked = method.place().light();
        return asked == Light.SUN ? spot.light() == Light.SUN : spot.light().suits(asked);
    }

    private static boolean warmEnough(Method method, double celsius) {
        return method.place().celsius().map(range -> within(range, celsius)).orElse(true);
    }

    private static boolean within(StatedRange range, double celsius) {
        return celsius >= range.least() && celsius <= range.most();
    }
}
