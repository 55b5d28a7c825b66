package potmellow.core.strength;

import java.util.Optional;
import potmellow.core.measure.Volume;

/**
 * A need split over fillings of one can or sprayer.
 *
 * @param fullLoads how many full fillings
 * @param full brew and water of a full filling; empty where the need is less than one
 * @param last brew and water of the last, part filling; empty where it comes out even
 */
public record Loads(int fullLoads, Optional<Load> full, Optional<Load> last) {
    /** Less than this share of a can is not another walk: it is arithmetic noise. */
    private static final double CRUMB = 1e-9;

    /**
     * Splits a need over fillings.
     *
     * @param need finished mix wanted, more than nothing
     * @param can what one filling holds, more than nothing
     * @param strength how strong
     */
    public static Loads of(Volume need, Volume can, Ratio strength) {
        if (!(need.millilitres() > 0 && can.millilitres() > 0)) {
            throw new IllegalArgumentException("The need and the can must be more than nothing.");
        }
        int full = (int) Math.floor(need.millilitres() / can.millilitres() + CRUMB);
        Volume rest = need.less(can.times(full));
        return new Loads(
                full,
                full > 0 ? Optional.of(Load.of(can, strength)) : Optional.empty(),
                rest.millilitres() > CRUMB * can.millilitres()
                        ? Optional.of(Load.of(rest, strength))
                        : Optional.empty());
    }

    /** All fillings, the part one included. */
    public int count() {
        return fullLoads + (last.isPresent() ? 1 : 0);
    }

    /**
     * One filling.
     *
     * @param mix the whole of it
     * @param brew the brew in it
     * @param water the water in it
     */
    public record Load(Volume mix, Volume brew, Volume water) {
        static Load of(Volume mix, Ratio strength) {
            Volume brew = strength.brewIn(mix);
            return new Load(mix, brew, mix.less(brew));
        }
    }
}
