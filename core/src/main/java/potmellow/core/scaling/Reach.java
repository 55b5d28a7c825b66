package potmellow.core.scaling;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/**
 * How far things in hand go for one method, without the recipe around it: cheap enough for the whole book at once.
 *
 * @param scale the batch that is possible, in the method's own scale
 * @param main amount of the main part
 * @param makes what usually comes out
 * @param limit the part that ends first; empty where the vessel does
 * @param vessel the smallest vessel that holds it; empty where none was given
 * @param needed the least vessel that would hold it, in mL
 * @param tooSmall what there must be more of, where so little isn't worth making
 */
public record Reach(
        double scale,
        Quantity main,
        Quantity makes,
        Optional<Part> limit,
        Optional<Vessel> vessel,
        double needed,
        Optional<String> tooSmall) {
    /** The amount of a part taken where nothing says how much, for methods that lack it. */
    private static final Vessel ANY = Vessel.of("?", VesselKind.BUCKET, Volume.ofLitres(20));

    /**
     * How far things go.
     *
     * @param have amounts in hand by the part's id; parts that aren't named are taken as they are needed
     * @param chosen materials by part
     * @param vessels vessels to put it in; where none holds all of it, the one that holds most limits the batch
     * @return empty where nothing says how large the batch is
     */
    public static Optional<Reach> of(
            Book book,
            Method method,
            Map<String, Quantity> have,
            Map<String, Material> chosen,
            List<Vessel> vessels,
            UnitSystem system) {
        Map<String, Quantity> known = new LinkedHashMap<>();
        have.forEach((id, amount) -> method.part(id).filter(Part::scales).ifPresent(part -> known.put(id, amount)));
        if (known.isEmpty()) {
            return Optional.empty();
        }
        Vessel first = first(method, vessels);
        Proportions proportions = Proportions.of(book, method, chosen, first);
        Part least = known.keySet().stream()
                .map(id -> method.part(id).orElseThrow())
                .min(Comparator.comparingDouble(part -> proportions.scale(part, known.get(part.id()))))
                .orElseThrow();
        double scale = proportions.scale(least, known.get(least.id()));
        double needed = proportions.capacityFor(scale, first.kind()).millilitres();
        Optional<Vessel> holds = vessels.stream()
                .filter(vessel -> vessel.capacity().millilitres() >= needed)
                .min(Comparator.comparing(Vessel::capacity));
        if (holds.isPresent() || vessels.isEmpty()) {
            return Optional.of(reach(method, proportions, scale, Optional.of(least), holds, needed, system));
        }
        Vessel largest =
                vessels.stream().max(Comparator.comparing(Vessel::capacity)).orElseThrow();
        Proportions there = Proportions.of(book, method, chosen, largest);
        double fits = Math.min(scale, mostIn(largest, there));
        return Optional.of(reach(method, there, fits, Optional.empty(), Optional.of(largest), needed, system));
    }

    /** The first vessel of a kind that the method takes; one without end where there is none. */
    private static Vessel first(Method method, List<Vessel> vessels) {
        VesselKind usual = method.vessel().kinds().get(0);
        return vessels.stream()
                .filter(vessel -> method.vessel().kinds().contains(vessel.kind()))
                .findFirst()
                .orElse(new Vessel(ANY.code(), usual, usual.usualMaterial(), ANY.capacity()));
    }

    private static double mostIn(Vessel vessel, Proportions proportions) {
        return Math.min(
                proportions.fitting(vessel.capacity()),
                proportions.foaming(vessel.capacity()).orElse(Double.MAX_VALUE));
    }

    private static Reach reach(
            Method method,
            Proportions proportions,
            double scale,
            Optional<Part> limit,
            Optional<Vessel> vessel,
            double needed,
            UnitSystem system) {
        return new Reach(
                scale,
                proportions.amount(method.main(), scale),
                proportions.output(scale),
                limit,
                vessel,
                needed,
                new SensibleBatch(proportions, system).tooSmall(scale));
    }
}
