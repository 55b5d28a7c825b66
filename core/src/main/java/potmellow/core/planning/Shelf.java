package potmellow.core.planning;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import potmellow.core.book.Method;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.VesselMaterial;

/** The vessels of one plan. Plastic that is given to anaerobic liquids stays in that use. */
final class Shelf {
    private final Workshop workshop;
    private final Kitchen kitchen;
    private final Set<String> smelling = new HashSet<>();

    /** @param methods the ways that the plan may take */
    Shelf(Workshop workshop, Kitchen kitchen, List<Method> methods) {
        this.workshop = workshop;
        this.kitchen = kitchen;
        workshop.vats().stream().filter(Vat::heldAnaerobic).map(Vat::id).forEach(smelling::add);
        methods.stream().filter(method -> method.vessel().smells()).forEach(this::giveOne);
    }

    /** Where nothing of plastic smells yet, the largest vessel is given to what does. */
    private void giveOne(Method method) {
        List<Vat> plastic = workshop.vats().stream()
                .filter(vat -> Kitchen.suits(method, vat) && vat.vessel().material() == VesselMaterial.PLASTIC)
                .toList();
        if (plastic.stream().noneMatch(this::smells)) {
            plastic.stream()
                    .max(Comparator.comparing((Vat vat) -> vat.vessel().capacity())
                            .thenComparing(vat -> vat.vessel().code()))
                    .ifPresent(vat -> smelling.add(vat.id()));
        }
    }

    /** Vessels for a method, the smallest first: for what smells those that smell already, or don't take it on. */
    private List<Vat> suiting(Method method) {
        boolean smelly = method.vessel().smells();
        return workshop.vats().stream()
                .filter(vat -> Kitchen.suits(method, vat))
                .filter(vat -> smells(vat) == smelly || vat.vessel().material() != VesselMaterial.PLASTIC)
                .sorted(Comparator.comparing((Vat vat) -> vat.vessel().capacity())
                        .thenComparing(vat -> vat.vessel().code()))
                .toList();
    }

    private boolean smells(Vat vat) {
        return smelling.contains(vat.id()) && vat.vessel().material() == VesselMaterial.PLASTIC;
    }

    /** Vessels that hold what gives so much, the smallest first. */
    List<Vat> fitting(Method method, Volume gives) {
        return suiting(method).stream()
                .filter(vat -> kitchen.fits(method, gives, vat))
                .toList();
    }

    /** The most that one vessel gives; nothing where there is none. */
    Volume most(Method method) {
        return suiting(method).stream()
                .map(vat -> kitchen.filled(method, vat))
                .max(Comparator.naturalOrder())
                .orElse(Volume.ofMillilitres(0));
    }
}
