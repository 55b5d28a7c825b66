package potmellow.core.scaling;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import potmellow.core.book.VesselNeed;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.vessel.VesselMaterial;

/**
 * The gardener's own vessel for a batch: of those that fit, the one that least speaks against, the smallest of several; or two of them
 * that share it.
 *
 * @param vessel the vessel to take; empty where there is none at all
 * @param split two vessels that hold half of it each; empty where one is enough, or two aren't
 */
public record VesselChoice(Optional<Vessel> vessel, List<Vessel> split) {
    public VesselChoice {
        split = List.copyOf(split);
    }

    /**
     * Chooses among free vessels of the shapes and walls that the method asks for. Where none holds the batch, the largest is taken,
     * so that a refusal can name it.
     *
     * @param where lid and place; its vessel only says which shape is thought of
     * @param free the vessels that hold nothing
     * @param smelling which of them have held anaerobic liquid: plastic ones are left to such brews
     */
    public static VesselChoice of(
            Scaling scaling, Anchor anchor, Setting where, List<Vessel> free, Predicate<Vessel> smelling) {
        boolean minds = !scaling.method().vessel().smells();
        return among(
                scaling,
                anchor,
                where,
                free.stream()
                        .filter(vessel ->
                                !(minds && vessel.material() == VesselMaterial.PLASTIC && smelling.test(vessel)))
                        .toList());
    }

    private static VesselChoice among(Scaling scaling, Anchor anchor, Setting where, List<Vessel> free) {
        List<VesselKind> kinds = scaling.method().vessel().kinds();
        List<Vessel> ordered = free.stream()
                .filter(vessel -> suits(scaling, vessel))
                .sorted(Comparator.comparing(Vessel::capacity)
                        .thenComparing(vessel -> kinds.indexOf(vessel.kind()))
                        .thenComparing(Vessel::code))
                .toList();
        if (anchor instanceof Anchor.FillVessel) {
            return new VesselChoice(leastAgainst(scaling, anchor, where, ordered), List.of());
        }
        Optional<Vessel> fits = leastAgainst(
                scaling,
                anchor,
                where,
                ordered.stream()
                        .filter(vessel -> vessel.capacity().compareTo(needed(scaling, anchor, where, vessel, 1)) >= 0)
                        .toList());
        if (fits.isPresent()) {
            return new VesselChoice(fits, List.of());
        }
        List<Vessel> halves = ordered.stream()
                .filter(vessel -> vessel.capacity().compareTo(needed(scaling, anchor, where, vessel, 2)) >= 0)
                .limit(2)
                .toList();
        Optional<Vessel> largest = ordered.stream().max(Comparator.comparing(Vessel::capacity));
        return new VesselChoice(largest, halves.size() == 2 ? halves : List.of());
    }

    /** Where nothing is fixed but the vessel, the one that gives a batch that people make; the smallest of several that do. */
    private static Optional<Vessel> leastAgainst(
            Scaling scaling, Anchor anchor, Setting where, List<Vessel> smallestFirst) {
        return smallestFirst.stream()
                .min(Comparator.comparing((Vessel vessel) -> Drawbacks.of(
                                scaling.recipe(anchor, where.in(vessel)).findings()))
                        .thenComparing(vessel -> scaling.unusual(anchor, where.in(vessel))));
    }

    private static boolean suits(Scaling scaling, Vessel vessel) {
        VesselNeed need = scaling.method().vessel();
        return !(need.breathes() && !vessel.material().breathes())
                && !(need.acid() && vessel.material().reacts())
                && need.kinds().contains(vessel.kind());
    }

    private static Volume needed(Scaling scaling, Anchor anchor, Setting where, Vessel vessel, int parts) {
        Setting there = where.in(vessel);
        double scale = scaling.scale(anchor, there).value() / parts;
        return Proportions.of(scaling.book(), scaling.method(), scaling.chosen(), vessel)
                .capacityFor(scale, vessel.kind())
                .times(1 - Packing.REACH_OF_A_SCALE);
    }
}
