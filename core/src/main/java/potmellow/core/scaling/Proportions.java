package potmellow.core.scaling;

import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.book.Basis;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Output;
import potmellow.core.book.Part;
import potmellow.core.book.Room;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/**
 * How the parts of a method hang together: every amount that grows with the batch is a fixed amount times one number, the scale.
 * Scale 1 is the reference batch that the craft tells the recipe for; where it is told by how full the vessel is, the scale is the
 * vessel's size in litres.
 *
 * @param method the method
 * @param materials the material chosen for each part, by the part's id
 * @param fillShare how far the vessel at hand is filled, as a share of its capacity
 */
record Proportions(Method method, Map<String, Material> materials, double fillShare) {
    static Proportions of(Book book, Method method, Map<String, Material> chosen, Vessel vessel) {
        return new Proportions(method, materials(book, method, chosen), fillShare(method, vessel));
    }

    static Map<String, Material> materials(Book book, Method method, Map<String, Material> chosen) {
        return method.parts().stream()
                .collect(toMap(Part::id, part -> chosen.getOrDefault(part.id(), book.usual(part))));
    }

    static double fillShare(Method method, Vessel vessel) {
        return method.vessel()
                .headroom(vessel.kind())
                .fillShare(vessel.kind(), vessel.capacity().litres());
    }

    Material material(Part part) {
        return materials.get(part.id());
    }

    /** The amount of a part in a batch. */
    Quantity amount(Part part, double scale) {
        Part.Amount stated = part.amount();
        double factor = part.factor(material(part).id());
        return switch (stated.basis()) {
            case BATCH -> Quantity.of(stated.value(), stated.unit()).times(factor);
            case WEIGHT, VOLUME, FINISHED ->
                Quantity.of(stated.value(), stated.unit()).times(factor * scale);
            case VESSEL -> material(part).mass(Volume.ofLitres(stated.value() * scale));
            case REST -> Volume.ofMillilitres(Math.max(0, rest()) * scale);
        };
    }

    /** The scale that an amount of a part belongs to. */
    double scale(Part part, Quantity have) {
        Quantity one = amount(part, 1);
        Material material = material(part);
        Quantity same = one.isMass() ? material.mass(have) : material.volume(have);
        return same.dividedBy(one);
    }

    /** mL of liquid per litre of vessel, up to its line. */
    private double rest() {
        double line = fillShare * 1000;
        return line
                - method.parts().stream()
                        .filter(part -> part.amount().basis() != Basis.REST && part.scales())
                        .mapToDouble(part -> sunk(part, amount(part, 1)))
                        .sum();
    }

    private double sunk(Part part, Quantity amount) {
        return switch (part.room()) {
            case FULL, LODGES, CAP, SINKS -> material(part).settled(amount).millilitres();
            case NONE -> 0;
        };
    }

    /** The room that a part takes when it is packed, mL. */
    private double packed(Part part, Quantity amount) {
        return switch (part.room()) {
            case FULL, CAP -> material(part).volume(amount).millilitres();
            case SINKS -> material(part).settled(amount).millilitres();
            case LODGES, NONE -> 0;
        };
    }

    /** How the vessel stands with these amounts. */
    Filling filling(Map<String, Quantity> amounts, Volume capacity) {
        double mash = 0;
        double cap = 0;
        double settled = 0;
        for (Part part : method.parts()) {
            Quantity amount = amounts.get(part.id());
            if (part.room() == Room.CAP) {
                cap += packed(part, amount);
            } else {
                mash += packed(part, amount);
            }
            settled += sunk(part, amount);
        }
        return new Filling(
                Volume.ofMillilitres(mash),
                Volume.ofMillilitres(cap),
                Volume.ofMillilitres(Math.min(settled, mash + cap)),
                capacity);
    }

    /** mL of packed room that scale 1 takes, without what every batch gets alike. */
    private double roomPerScale() {
        return method.fillsVessel()
                ? fillShare * 1000
                : method.parts().stream()
                        .filter(Part::scales)
                        .mapToDouble(part -> packed(part, amount(part, 1)))
                        .sum();
    }

    /** The largest scale that leaves the headspace of a vessel empty. */
    double fitting(Volume capacity) {
        return capacity.millilitres() * fillShare / roomPerScale();
    }

    /** The largest scale whose foam stays inside; empty where it doesn't foam. */
    Optional<Double> foaming(Volume capacity) {
        return foamRoom(1).map(one -> capacity.millilitres() / one.millilitres());
    }

    /** The vessel that the foam of a batch wants; empty where it doesn't foam. */
    Optional<Volume> foamRoom(double scale) {
        return method.vessel()
                .foamsOver()
                .flatMap(id -> foamFactor().map(factor -> {
                    Part liquid = method.part(id).orElseThrow();
                    return material(liquid).volume(amount(liquid, scale)).times(factor);
                }));
    }

    /** How many times the liquid the vessel must hold, by the material that foams most. */
    Optional<Double> foamFactor() {
        return materials.values().stream()
                .flatMap(material -> material.foamFactor().stream())
                .map(stated -> stated.value())
                .max(Double::compare);
    }

    /** Grams of everything at scale 1. */
    double gramsPerScale() {
        return method.parts().stream()
                .filter(Part::scales)
                .mapToDouble(part -> material(part).mass(amount(part, 1)).grams())
                .sum();
    }

    /** What usually comes out of scale 1. */
    Quantity output() {
        Output makes = method.makes();
        return makes.usualQuantity().times(outputUnits(1));
    }

    /** How many units of what the yield is counted on a batch has. */
    double outputUnits(double scale) {
        Output makes = method.makes();
        if (makes.of().equals(Output.VESSEL)) {
            return method.fillsVessel() ? scale : roomPerScale() * scale / 1000 / fillShare;
        }
        Part part = method.part(makes.of()).orElseThrow();
        Quantity amount = amount(part, scale);
        Quantity per = makes.perQuantity();
        Quantity same =
                per.isMass() ? material(part).mass(amount) : material(part).volume(amount);
        return same.dividedBy(per);
    }

    /** The smallest vessel of a shape that holds a scale with its headspace and foam. */
    Volume capacityFor(double scale, VesselKind kind) {
        double low = 0.001;
        double high = 2_000_000;
        for (int i = 0; i < 80; i++) {
            double middle = Math.sqrt(low * high);
            if (holds(scale, kind, middle)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return Volume.ofMillilitres(high);
    }

    /** Whether a vessel of a shape and size holds a scale with its headspace and foam. */
    boolean holds(double scale, VesselKind kind, double millilitres) {
        Volume capacity = Volume.ofMillilitres(millilitres);
        double share = method.vessel().headroom(kind).fillShare(kind, capacity.litres());
        Proportions there = new Proportions(method, materials, share);
        boolean room = method.fillsVessel() ? capacity.litres() >= scale : there.fitting(capacity) >= scale;
        return room
                && foamRoom(scale).map(foam -> capacity.compareTo(foam) >= 0).orElse(true);
    }

    List<Part> parts() {
        return method.parts();
    }
}
