package potmellow.core.pot;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.ripening.ContentsAge.Topping;
import potmellow.core.vessel.Filling;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * How much of its liquid a pot still holds. What is drawn is missing until it is topped up, and can't be drawn again.
 *
 * @param full what stands in it while nothing is missing
 * @param missing what was drawn and not filled in again; a little more than stood in it where more was measured
 */
public record Level(Volume full, Volume missing) {
    public Level {
        requireNonNull(full, "full");
        requireNonNull(missing, "missing");
    }

    /**
     * The level after all that was drawn and topped up.
     *
     * @param full what stands in it while nothing is missing
     * @param drawn what was drawn, in any order
     * @param toppings what share of what stood afterwards was new, in any order; at one moment, it follows the drawing
     */
    public static Working<Level> of(Volume full, List<Drawing> drawn, List<Topping> toppings, UnitSystem system) {
        double missing = 0;
        for (Change change : changes(drawn, toppings)) {
            missing = change.filled(missing, full.millilitres()) + change.drawn();
        }
        Level level = new Level(full, Volume.ofMillilitres(missing));
        double all =
                drawn.stream().mapToDouble(one -> one.volume().millilitres()).sum();
        Step step = Step.of(
                "What was drawn is missing until it is topped up: a share s of new contents fills it to what was left ÷"
                        + " (1 − s).",
                AmountText.volume(level.missing(), system) + " missing",
                Evidence.exact(),
                "full",
                AmountText.volume(full, system),
                "drawn in all",
                AmountText.volume(Volume.ofMillilitres(all), system));
        return Working.of(level, step);
    }

    private static List<Change> changes(List<Drawing> drawn, List<Topping> toppings) {
        Stream<Change> out =
                drawn.stream().map(one -> new Change(one.at(), one.volume().millilitres(), 0));
        Stream<Change> in = toppings.stream().map(one -> new Change(one.at(), 0, one.share()));
        return Stream.concat(out, in).sorted(Comparator.comparing(Change::at)).toList();
    }

    /** What stands in it now. */
    public Volume standing() {
        return full.less(missing);
    }

    /** What of an amount that could come out of a full pot can still come out. */
    public Volume left(Volume whenFull) {
        return whenFull.less(missing);
    }

    /** The filling of its vessel, as low as it stands now. */
    public Filling filling(Filling whenFull) {
        Volume cap = whenFull.cap();
        Volume mash = whenFull.mash().less(missing);
        Volume settled = whenFull.settled().less(missing);
        return new Filling(mash, cap, settled, whenFull.capacity());
    }

    /**
     * What was drawn.
     *
     * @param at when
     * @param volume as measured
     */
    public record Drawing(Instant at, Volume volume) {}

    private record Change(Instant at, double drawn, double topped) {
        /** What is still missing once it is topped up. */
        double filled(double missing, double full) {
            double left = Math.max(0, full - missing);
            return topped > 0 ? full - Math.min(full, topped < 1 ? left / (1 - topped) : full) : missing;
        }
    }
}
