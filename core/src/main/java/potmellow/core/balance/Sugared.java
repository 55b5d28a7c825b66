package potmellow.core.balance;

import java.util.Optional;
import potmellow.core.book.Product;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * A brew that is kept with sugar in it: the sugar is weighed against the brew, makes it more, and each part of it weaker.
 *
 * @param sugar what is stirred in
 * @param volume what it comes to once the sugar has dissolved
 * @param brewShare how much of that is brew, above 0 and at most 1
 */
public record Sugared(Mass sugar, Volume volume, double brewShare) {
    /** The room that dissolved sucrose takes, mL/g: its apparent specific volume (from memory). */
    private static final double ROOM = 0.62;

    /**
     * What a brew becomes, kept in a way.
     *
     * @param brew as measured, without sugar
     * @return empty for a way without sugar
     */
    public static Optional<Working<Sugared>> of(Product product, Product.Keep keep, Volume brew, UnitSystem system) {
        return keep.sugar().map(share -> of(product, share, brew, system));
    }

    private static Working<Sugared> of(Product product, Stated share, Volume brew, UnitSystem system) {
        Mass weight = product.mass(brew);
        Mass sugar = Mass.ofGrams(weight.grams() * share.value());
        Volume volume = brew.plus(Volume.ofMillilitres(sugar.grams() * ROOM));
        Sugared sugared = new Sugared(sugar, volume, brew.millilitres() / volume.millilitres());
        return Working.of(
                        sugared,
                        Step.of(
                                "Sugar is weighed against the brew itself, not against what it was made from.",
                                sugar.text(system),
                                share.evidence(),
                                "brew",
                                AmountText.volume(brew, system),
                                "it weighs",
                                weight.text(system)))
                .then(
                        sugared,
                        Step.of(
                                "Dissolved, a gram of sugar takes 0.62 mL.",
                                AmountText.volume(volume, system),
                                Evidence.derivedFrom(Mark.FROM_MEMORY)));
    }

    /** "Stir 773 g of brown sugar into 750 mL: dissolved, it comes to 1.23 L. Vented cap, cool." */
    public String words(UnitSystem system) {
        return "Stir " + sugar.text(system) + " of brown sugar into "
                + AmountText.volume(volume.times(brewShare), system) + ": dissolved, it comes to "
                + AmountText.volume(volume, system) + ". Vented cap, cool.";
    }

    /** How much of what is kept in a way is brew: 1 without sugar. */
    public static double brewShare(Product product, Product.Keep keep) {
        return of(product, keep, Volume.ofLitres(1), UnitSystem.METRIC)
                .map(sugared -> sugared.value().brewShare())
                .orElse(1.0);
    }
}
