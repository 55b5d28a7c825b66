package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import potmellow.core.balance.Balance;
import potmellow.core.balance.Portion;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
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

/** Tells the room that a batch takes in its vessel. */
public final class Packing {
    /** Rounding to whole grams may take this share of the headspace. */
    static final double REACH_OF_A_SCALE = 0.005;

    private Packing() {}

    /**
     * The share of a vessel that stays empty. What is short by no more than a scale's step is as much as is needed: nobody is told
     * that it fits and how it doesn't in one breath.
     *
     * @param needed the share that must stay empty
     */
    public static double headspace(Filling filling, double needed) {
        double left = filling.headspaceShare();
        return left < needed && left >= needed - REACH_OF_A_SCALE ? needed : left;
    }

    /** How a vessel stands with recorded amounts in it. */
    public static Working<Filling> filling(
            Book book,
            Method method,
            Map<String, Material> chosen,
            Map<String, Quantity> amounts,
            Vessel vessel,
            UnitSystem system) {
        return filling(Balance.of(book, method, chosen, amounts), vessel, system);
    }

    static Working<Filling> filling(Balance balance, Vessel vessel, UnitSystem system) {
        Filling filling = balance.filling(vessel.capacity());
        Working<Filling> packed = Working.of(
                        filling,
                        Step.of(
                                "Room of what goes in: solids lie at their bulk density; what is poured or lodges fills their gaps"
                                        + " first, and rises where it is more.",
                                AmountText.volume(filling.packed(), system),
                                Evidence.derivedFrom(Mark.FROM_MEMORY),
                                figures(balance, system)))
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

    private static String[] figures(Balance balance, UnitSystem system) {
        List<String> figures = new ArrayList<>();
        for (Portion portion : balance.portions()) {
            Material material = portion.material();
            figures.add(portion.part().name());
            figures.add(portion.amount().text(system) + " at " + AmountText.number(material.density()) + " kg/L"
                    + material.trueDensityKilogramsPerLitre()
                            .map(stated -> ", " + AmountText.number(stated.value()) + " without its gaps")
                            .orElse(""));
        }
        return figures.toArray(String[]::new);
    }
}
