package potmellow.core.planning;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import potmellow.core.measure.InvalidInput;

/**
 * What the gardener settled; all else the plan chooses.
 *
 * @param methods the way of making a brew, by the brew's id
 * @param spots the place where a brew is made, by the brew's id
 * @param bought brews that are bought or given rather than made
 * @param fillDays days until a bin is full, 1 to 60
 */
public record Choices(Map<String, String> methods, Map<String, String> spots, Set<String> bought, int fillDays) {
    /** A household fills a bin in about two weeks (from memory). */
    public static final int USUAL_FILL_DAYS = 14;

    public static final int MOST_FILL_DAYS = 60;

    public Choices {
        methods = Map.copyOf(methods);
        spots = Map.copyOf(spots);
        bought = Set.copyOf(bought);
        if (!(fillDays >= 1 && fillDays <= MOST_FILL_DAYS)) {
            throw InvalidInput.outOfRange("The days until a bin is full", fillDays, 1, MOST_FILL_DAYS, "days");
        }
    }

    public static Choices none() {
        return new Choices(Map.of(), Map.of(), Set.of(), USUAL_FILL_DAYS);
    }

    public Choices withMethod(String product, String method) {
        return new Choices(with(methods, product, method), spots, bought, fillDays);
    }

    public Choices withSpot(String product, String spot) {
        return new Choices(methods, with(spots, product, spot), bought, fillDays);
    }

    public Choices withBought(String product) {
        Set<String> more = new HashSet<>(bought);
        more.add(product);
        return new Choices(methods, spots, more, fillDays);
    }

    private static Map<String, String> with(Map<String, String> map, String key, String value) {
        Map<String, String> more = new HashMap<>(map);
        more.put(key, value);
        return more;
    }
}
