package potmellow.core.scaling;

import static java.util.stream.Collectors.toMap;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import potmellow.core.balance.Balance;
import potmellow.core.balance.Portion;
import potmellow.core.book.Basis;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/**
 * How the parts of a method hang together: one number, the scale, gives every amount. Scale 1 is the reference batch that the
 * craft tells the recipe for; where it is told by how full the vessel is, the scale is the vessel's size in litres.
 *
 * @param method the method
 * @param product what it makes
 * @param materials the material chosen for each part, by the part's id
 * @param fillShare how far the vessel at hand is filled, as a share of its capacity
 */
record Proportions(Method method, Product product, Map<String, Material> materials, double fillShare) {
    private static final int STEPS = 80;
    private static final double CLOSE = 1e-13;
    /** No scale comes to so much: none of it goes in, or none of it comes out. */
    private static final double NEVER = Double.MAX_VALUE;

    static Proportions of(Book book, Method method, Map<String, Material> chosen, Vessel vessel) {
        return new Proportions(
                method,
                book.productOf(method),
                materials(book, method, chosen),
                method.vessel().fillShare(vessel));
    }

    static Map<String, Material> materials(Book book, Method method, Map<String, Material> chosen) {
        return method.parts().stream()
                .collect(toMap(Part::id, part -> chosen.getOrDefault(part.id(), book.usual(part))));
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
            case STARTER -> Quantity.of(stated.starter(scale), stated.unit()).times(factor);
            case WEIGHT, VOLUME, FINISHED ->
                Quantity.of(stated.value(), stated.unit()).times(factor * scale);
            case VESSEL -> material(part).mass(Volume.ofLitres(stated.value() * scale));
            case REST -> Volume.ofMillilitres(Math.max(0, rest(scale)));
        };
    }

    /** mL of liquid up to the line, above everything else that stands under it. */
    private double rest(double scale) {
        Map<String, Quantity> others = new LinkedHashMap<>();
        method.parts().stream()
                .filter(part -> part.amount().basis() != Basis.REST)
                .forEach(part -> others.put(part.id(), amount(part, scale)));
        return fillShare * 1000 * scale - balance(others).standingMillilitres();
    }

    /** The scale that an amount of a part belongs to. */
    double scale(Part part, Quantity have) {
        Quantity one = amount(part, 1);
        Material material = material(part);
        Quantity same = one.isMass() ? material.mass(have) : material.volume(have);
        return part.amount().basis() == Basis.REST
                ? solve(scale -> amount(part, scale).base(), same.base())
                : same.dividedBy(one);
    }

    /** What goes in at a scale, and what becomes of it. */
    Balance balance(double scale) {
        Map<String, Quantity> amounts = new LinkedHashMap<>();
        method.parts().forEach(part -> amounts.put(part.id(), amount(part, scale)));
        return balance(amounts);
    }

    Balance balance(Map<String, Quantity> amounts) {
        return new Balance(method.parts().stream()
                .filter(part -> amounts.containsKey(part.id()))
                .map(part -> new Portion(part, material(part), amounts.get(part.id())))
                .toList());
    }

    /** The largest scale that leaves the headspace of a vessel empty. */
    double fitting(Volume capacity) {
        double room = capacity.millilitres() * fillShare;
        return method.fillsVessel()
                ? capacity.litres()
                : solve(scale -> balance(scale).standingMillilitres(), room);
    }

    /** The largest scale that weighs no more than so many grams. */
    double weighing(double grams) {
        return solve(scale -> balance(scale).mass().grams(), grams);
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

    /** What usually comes out of a scale. */
    Quantity output(double scale) {
        return balance(scale).usually(method.makes(), product);
    }

    /** The scale that usually gives so much. */
    double making(Quantity output) {
        return solve(scale -> output(scale).base(), output.base());
    }

    /** An amount of what comes out, by weight or by volume as the method tells it. */
    Quantity asMade(Quantity amount) {
        boolean weighed = method.makes().weighed();
        return weighed == amount.isMass() ? amount : weighed ? product.mass((Volume) amount) : product.volume(amount);
    }

    /**
     * The scale at which something comes to so much. All of it grows with the batch, nearly in proportion, so that correcting by what
     * is missing closes in within a few steps; where everything is in proportion, in one.
     */
    private static double solve(DoubleUnaryOperator size, double wanted) {
        double scale = 1;
        for (int i = 0; i < STEPS; i++) {
            double here = size.applyAsDouble(scale);
            if (!(here > 0)) {
                return NEVER;
            }
            if (Math.abs(here - wanted) <= wanted * CLOSE) {
                return scale;
            }
            scale *= wanted / here;
        }
        return scale;
    }

    /** Whether a scale is one that nothing comes to. */
    static boolean never(double scale) {
        return scale == NEVER;
    }

    /** The smallest vessel of a shape that holds a scale with its headspace and foam. */
    Volume capacityFor(double scale, VesselKind kind) {
        double low = 0.001;
        double high = 2_000_000;
        for (int i = 0; i < STEPS; i++) {
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
        boolean room = method.fillsVessel()
                ? capacity.litres() >= scale
                : balance(scale).standingMillilitres() <= millilitres * share;
        return room
                && foamRoom(scale).map(foam -> capacity.compareTo(foam) >= 0).orElse(true);
    }

    /** Whether the amounts as measured stand below the line of a vessel, but for what rounding may take. */
    boolean stands(Map<String, Quantity> measured, Volume capacity) {
        return balance(measured).filling(capacity).headspaceShare() >= 1 - fillShare - Packing.REACH_OF_A_SCALE;
    }
}
