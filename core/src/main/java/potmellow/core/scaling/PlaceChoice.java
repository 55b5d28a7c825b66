package potmellow.core.scaling;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import potmellow.core.book.Method;
import potmellow.core.place.PlaceKind;

/** The place that least speaks against: every rule is asked of every place. */
public final class PlaceChoice {
    private PlaceChoice() {}

    /**
     * Chooses where a batch stands. Of places that do equally well, what needs no open air stands indoors, nothing in the fridge, and the
     * first of the walk is taken.
     *
     * @param where vessel and lid; its place is left open
     * @param places in walking order
     * @return the number of the place in that order; empty where there is none
     */
    public static Optional<Integer> of(Scaling scaling, Anchor anchor, Setting where, List<Setting.Spot> places) {
        return IntStream.range(0, places.size())
                .boxed()
                .min(Comparator.comparing((Integer i) -> drawbacks(scaling, anchor, where, places.get(i)))
                        .thenComparing(i -> inTheFridge(places.get(i)))
                        .thenComparing(i -> needlesslyOutdoors(scaling.method(), places.get(i)))
                        .thenComparing(Comparator.naturalOrder()));
    }

    private static Drawbacks drawbacks(Scaling scaling, Anchor anchor, Setting where, Setting.Spot spot) {
        return Drawbacks.of(scaling.recipe(anchor, where.at(spot, where.lid())).findings());
    }

    private static boolean inTheFridge(Setting.Spot spot) {
        return spot.kind().filter(PlaceKind.FRIDGE::equals).isPresent();
    }

    private static boolean needlesslyOutdoors(Method method, Setting.Spot spot) {
        return spot.outdoors() && !method.place().outdoors();
    }
}
