package potmellow.core.vessel;

import potmellow.core.measure.AmountText;
import potmellow.core.measure.Volume;

/**
 * How a vessel stands when it is packed, and where it sinks to.
 *
 * @param mash room that the packed plant takes, sugar lodged between it
 * @param cap room that a layer of sugar on top takes; nothing where there is none
 * @param settled room that plant and sugar take once the juice has come
 * @param capacity brim-full volume of the vessel
 */
public record Filling(Volume mash, Volume cap, Volume settled, Volume capacity) {
    private static final double DAYS_TO_SETTLE = 2;
    private static final double SEEN = 0.97;

    /** Whether it sinks by so much that it can be seen. */
    public boolean sinks() {
        return settled.millilitres() < SEEN * packed().millilitres();
    }

    /** Where it sinks to and by when, in words. */
    public String settlesWords() {
        return "sinks to " + AmountText.number(settledShare() * 100, 0) + " % by day "
                + AmountText.number(DAYS_TO_SETTLE);
    }

    /** Mash and cap together. */
    public Volume packed() {
        return mash.plus(cap);
    }

    public double mashShare() {
        return mash.millilitres() / capacity.millilitres();
    }

    public double capShare() {
        return cap.millilitres() / capacity.millilitres();
    }

    public double settledShare() {
        return settled.millilitres() / capacity.millilitres();
    }

    /** What stays empty, as a share of the capacity; below zero it overflows. */
    public double headspaceShare() {
        return 1 - mashShare() - capShare();
    }

    /** Gas room above the packed contents; nothing where it overflows. */
    public Volume headspace() {
        return capacity.less(packed());
    }

    /**
     * How high it stands some time after it was packed: it sinks evenly over the first two days (from memory).
     *
     * @param days since it was packed, zero or more
     * @return share of the capacity
     */
    public double standingShare(double days) {
        double sunk = Math.min(1, days / DAYS_TO_SETTLE);
        double packedShare = mashShare() + capShare();
        return packedShare + sunk * (settledShare() - packedShare);
    }
}
