package potmellow.app.potpage;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import potmellow.app.answer.WorkingView;
import potmellow.app.bottle.BottleView;

/**
 * What a pot was made from, and what was made from it.
 *
 * @param from the bottles that its brewed parts came from
 * @param splitFrom the pot that it was split off
 * @param refills the pot on whose residue it was set
 * @param bottles the bottles it was strained into
 * @param into the pots that its bottles went into
 * @param next what its bottles can be made into, with what is left
 * @param shellsLeft the shells that are left of it for the next pot, absent for a pot without any
 */
record FamilyLine(
        List<Origin> from,
        Optional<PotLink> splitFrom,
        Optional<PotLink> refills,
        List<BottleView> bottles,
        List<PotLink> into,
        List<Next> next,
        Optional<ShellsLeft> shellsLeft) {
    /** A sentence with its working. */
    record ShellsLeft(String words, WorkingView working) {}

    /**
     * A bottle that something came from.
     *
     * @param amount what was taken
     * @param potId the pot it was strained from
     */
    record Origin(String code, String name, String amount, Optional<UUID> potId) {}

    /** Another pot. */
    record PotLink(UUID id, String name, String title) {}

    /**
     * Something that a bottle can be made into.
     *
     * @param methodId the way of making it
     * @param title the brew
     * @param school the way
     * @param partId the part that the bottle's brew is
     * @param bottleId the bottle
     * @param bottleCode its code
     * @param amount what is left in it, as typed into a recipe
     * @param hurry within how long; empty where there is none
     */
    record Next(
            String methodId,
            String title,
            String school,
            String partId,
            UUID bottleId,
            String bottleCode,
            String amount,
            String hurry) {}
}
