package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.book.Room;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Vessel;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * The room that a batch takes in its vessel. Volumes of solids in liquid don't simply add: freshly packed they stand as they lie
 * in a cup, sugar lodged between leaves and a cap on top; later they sink under their own liquid (from memory).
 */
public final class Packing {
    /** Rounding to whole grams may take this share of the headspace. */
    static final double REACH_OF_A_SCALE = 0.005;

    private Packing() {}

    /** How a vessel stands with recorded amounts in it. */
    public static Working<Filling> filling(
            Book book,
            Method method,
            Map<String, Material> chosen,
            Map<String, Quantity> amounts,
            Vessel vessel,
            UnitSystem system) {
        Proportions proportions = Proportions.of(book, method, chosen, vessel);
        return working(method, proportions, amounts, vessel, system);
    }

    static Working<Filling> filling(
            Method method, Proportions proportions, Map<String, Quantity> amounts, Setting where, UnitSystem system) {
        return working(method, proportions, amounts, where.vessel(), system);
    }

    private static Working<Filling> working(
            Method method, Proportions proportions, Map<String, Quantity> amounts, Vessel vessel, UnitSystem system) {
        Filling filling = proportions.filling(amounts, vessel.capacity());
        Working<Filling> packed = Working.of(
                        filling,
                        Step.of(
                                "Room of what goes in: weight ÷ bulk density; what lodges between or is poured over takes none.",
                                AmountText.volume(filling.packed(), system),
                                Evidence.derivedFrom(Mark.FROM_MEMORY),
                                figures(method, proportions, amounts, system)))
                .then(
                        filling,
                        Step.of(
                                "Headspace = what stays empty of the vessel.",
                                AmountText.percent(filling.headspaceShare()),
                                Evidence.exact(),
                                "vessel",
                                AmountText.volume(vessel.capacity(), system)));
        Volume settled = filling.settled();
        return filling.sinks()
                ? packed.then(
                        filling,
                        Step.of(
                                "Later it sinks under its own liquid: leaves to 0.85 L per kg, sugar to 0.62 L per kg.",
                                AmountText.volume(settled, system),
                                Evidence.fromMemory()))
                : packed;
    }

    private static String[] figures(
            Method method, Proportions proportions, Map<String, Quantity> amounts, UnitSystem system) {
        List<String> figures = new ArrayList<>();
        for (Part part : method.parts()) {
            if (part.room() == Room.FULL || part.room() == Room.CAP || part.room() == Room.SINKS) {
                figures.add(part.name());
                figures.add(amounts.get(part.id()).text(system) + " at "
                        + AmountText.number(proportions.material(part).density()) + " kg/L");
            }
        }
        return figures.toArray(String[]::new);
    }
}
