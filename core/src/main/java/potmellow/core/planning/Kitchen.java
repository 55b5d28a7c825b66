package potmellow.core.planning;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.book.VesselNeed;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Anchor;
import potmellow.core.scaling.Recipe;
import potmellow.core.scaling.Scaling;
import potmellow.core.scaling.Setting;

/** Which vessels a batch fits, and what goes in. Remembers what it worked out, for every plan of one garden. */
final class Kitchen {
    /** Room for rounding to whole grams. */
    private static final double A_LITTLE_LESS = 0.995;

    /** What the rules mind about the place is looked at by the day, not here. */
    private static final Temperature ANY = Temperature.ofCelsius(15);

    private final Workshop workshop;
    /** Smaller batches are no use to anybody, where a method tells no least (from memory). */
    private static final Volume LEAST_BATCH = Volume.ofMillilitres(100);

    private final Map<String, Recipe> recipes = new HashMap<>();
    private final Map<String, Boolean> fitting = new HashMap<>();
    private final Map<String, Volume> filled = new HashMap<>();
    private final Map<String, Volume> least = new HashMap<>();

    Kitchen(Workshop workshop) {
        this.workshop = workshop;
    }

    /** Whether a vessel has the shape and walls that a method asks for. */
    static boolean suits(Method method, Vat vat) {
        VesselNeed need = method.vessel();
        return need.kinds().contains(vat.vessel().kind())
                && (!need.breathes() || vat.vessel().material().breathes())
                && (!need.acid() || !vat.vessel().material().reacts());
    }

    /** What a vessel gives when it is filled as far as it may be. */
    Volume filled(Method method, Vat vat) {
        return filled.computeIfAbsent(method.id() + "@" + vat.id(), key -> {
            Recipe recipe = scaling(method).recipe(new Anchor.FillVessel(), setting(method, vat));
            Product product = workshop.book().productOf(method);
            return product.volume(recipe.makes().value().usual()).times(share(method) * A_LITTLE_LESS);
        });
    }

    /** What the least batch gives that somebody would brew. */
    Volume least(Method method) {
        return least.computeIfAbsent(
                method.id(),
                key -> scaling(method)
                        .least()
                        .map(made -> workshop.book().productOf(method).volume(made))
                        .map(made -> made.times(share(method)))
                        .orElse(LEAST_BATCH));
    }

    /** Whether a vessel holds what gives so much; one that must be carried, only what can be lifted. */
    boolean fits(Method method, Volume gives, Vat vat) {
        return fitting.computeIfAbsent(
                key(method, gives) + "@" + vat.id(),
                key -> holds(method, gives, vat) && (!method.vessel().moved() || carried(method, gives, vat)));
    }

    /** A way of the gardener's own of which nothing comes out fits nowhere. */
    private boolean holds(Method method, Volume gives, Vat vat) {
        try {
            return scaling(method).fits(wanted(method, gives), setting(method, vat));
        } catch (InvalidInput nothingComesOut) {
            return false;
        }
    }

    private boolean carried(Method method, Volume gives, Vat vat) {
        return recipe(method, gives, vat).findings().stream()
                .noneMatch(finding -> finding.rule().equals("too-heavy"));
    }

    /** What goes in, so that so much comes out. */
    Recipe recipe(Method method, Volume gives, Vat vat) {
        return recipes.computeIfAbsent(
                key(method, gives) + "@" + vat.id(),
                key -> scaling(method).recipe(wanted(method, gives), setting(method, vat)));
    }

    private Anchor wanted(Method method, Volume gives) {
        Quantity amount = gives.times(1 / share(method));
        return new Anchor.Wanted(amount);
    }

    private double share(Method method) {
        return workshop.yieldShare().applyAsDouble(method);
    }

    private Scaling scaling(Method method) {
        return new Scaling(workshop.book(), method, Map.of(), workshop.units());
    }

    private Setting setting(Method method, Vat vat) {
        return new Setting(
                vat.vessel(),
                false,
                method.vessel().lids().get(0),
                new Setting.Spot(
                        "there", method.place().light(), ANY, method.place().outdoors(), Optional.empty()),
                workshop.canLift(),
                workshop.tap(),
                Optional.empty());
    }

    private static String key(Method method, Volume gives) {
        return method.id() + " " + Math.round(gives.millilitres() * 10);
    }
}
