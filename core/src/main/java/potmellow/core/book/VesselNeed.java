package potmellow.core.book;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import potmellow.core.craft.Stated;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/**
 * What a method asks of its vessel.
 *
 * @param kinds shapes that will do, the usual one first
 * @param headroom what must stay empty, by shape; the strictest rule counts
 * @param lids lids that will do, best first
 * @param breathes whether its walls must let air through
 * @param acid whether it eats bare metal
 * @param smells whether the vessel keeps the smell and stays in this use
 * @param moved whether it is carried when it is full
 * @param foamsOver id of the liquid part whose volume the foam is counted from; empty where it doesn't foam
 */
public record VesselNeed(
        List<VesselKind> kinds,
        List<Headroom> headroom,
        List<Lid> lids,
        boolean breathes,
        boolean acid,
        boolean smells,
        boolean moved,
        Optional<String> foamsOver) {
    public VesselNeed {
        kinds = List.copyOf(kinds);
        headroom = List.copyOf(headroom);
        lids = List.copyOf(lids);
        foamsOver = foamsOver == null ? Optional.empty() : foamsOver;
        if (kinds.isEmpty() || lids.isEmpty()) {
            throw new IllegalArgumentException("A method must name the vessels and lids that will do.");
        }
        for (VesselKind kind : kinds) {
            if (headroom.stream().noneMatch(rule -> rule.concerns(kind))) {
                throw new IllegalArgumentException("A method must say how full a " + kind.words() + " may be.");
            }
        }
    }

    /** The rule on how full a shape may be; for a shape it doesn't ask for, the strictest rule there is. */
    public Headroom headroom(VesselKind kind) {
        return headroom.stream()
                .filter(rule -> rule.concerns(kind))
                .findFirst()
                .orElseGet(() -> headroom.stream()
                        .min(Comparator.comparingDouble(rule -> rule.fillShare(VesselKind.BUCKET, 20)))
                        .orElseThrow());
    }

    /** How far a vessel may be filled, as a share of its capacity. */
    public double fillShare(Vessel vessel) {
        return headroom(vessel.kind())
                .fillShare(vessel.kind(), vessel.capacity().litres());
    }

    /**
     * What must stay empty. One of the three is told.
     *
     * @param kinds the shapes it holds for; all where none is named
     * @param share the share of the vessel that must stay empty
     * @param centimetres the height below the rim that must stay empty
     * @param depthCentimetres the height that the contents may have
     * @param why what the room is for, such as "it foams while it works"
     */
    public record Headroom(
            List<VesselKind> kinds,
            Optional<Stated> share,
            Optional<Stated> centimetres,
            Optional<Stated> depthCentimetres,
            String why) {
        /** However small the vessel: not more than this share is lost to headspace (from memory). */
        private static final double LEAST_FILL = 0.3;

        public Headroom {
            kinds = kinds == null ? List.of() : List.copyOf(kinds);
            share = share == null ? Optional.empty() : share;
            centimetres = centimetres == null ? Optional.empty() : centimetres;
            depthCentimetres = depthCentimetres == null ? Optional.empty() : depthCentimetres;
            why = why == null ? "it needs room" : why;
            long told = List.of(share, centimetres, depthCentimetres).stream()
                    .filter(Optional::isPresent)
                    .count();
            if (told != 1) {
                throw new IllegalArgumentException(
                        "Headroom is told as a share, as centimetres or as a depth: one of them.");
            }
            if (share.isPresent() && !(share.get().value() >= 0 && share.get().value() < 1)) {
                throw new IllegalArgumentException("The headspace must be a share from 0 to 1.");
            }
        }

        boolean concerns(VesselKind kind) {
            return kinds.isEmpty() || kinds.contains(kind);
        }

        /** The number it rests on. */
        public Stated stated() {
            return share.or(() -> centimetres).or(() -> depthCentimetres).orElseThrow();
        }

        /**
         * How far a vessel may be filled, as a share of its capacity.
         *
         * @param litres its capacity
         */
        public double fillShare(VesselKind kind, double litres) {
            double height = kind.heightCentimetres(litres);
            return share.map(empty -> 1 - empty.value())
                    .or(() -> centimetres.map(empty -> Math.max(LEAST_FILL, 1 - empty.value() / height)))
                    .or(() -> depthCentimetres.map(depth -> Math.min(1, depth.value() / height)))
                    .orElseThrow();
        }
    }
}
