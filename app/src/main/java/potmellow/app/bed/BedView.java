package potmellow.app.bed;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import potmellow.app.answer.WorkingView;
import potmellow.core.feeding.Look;
import potmellow.core.feeding.Proposal;
import potmellow.core.strength.Target;

/**
 * A planting with what it got, showed, and could get.
 *
 * @param plantingId which planting
 * @param name what it is called
 * @param lastFeed the last feed in words; empty before the first
 * @param response what the last look changes, in one sentence; empty where nothing was seen since the last feed
 * @param pick from when on it may be picked after what it was fed; absent where nothing stands against it
 * @param ladders where it stands on the ladders of its brews
 * @param from the first day of the strip
 * @param until the last day of the strip
 * @param marks what happened, and what is proposed, by day
 * @param next what comes next, the first on top
 * @param looks what was seen, the latest first
 * @param waterings plain waterings, the latest first
 */
record BedView(
        UUID plantingId,
        String name,
        String lastFeed,
        String response,
        Optional<PickView> pick,
        List<LadderView> ladders,
        LocalDate from,
        LocalDate until,
        List<Mark> marks,
        List<NextView> next,
        List<SeenView> looks,
        List<WateredView> waterings) {

    /**
     * Something on the strip of weeks.
     *
     * @param words what, in a few words
     */
    record Mark(LocalDate day, Kind kind, String words) {
        enum Kind {
            FEED,
            WATER,
            LOOK,
            STAGE,
            PROPOSED_FEED,
            PROPOSED_WATER,
            PROPOSED_LOOK
        }
    }

    /**
     * What could come next.
     *
     * @param bottleId the bottle to draw from; absent where it needs none
     * @param target where it goes; absent where it is no feed
     * @param at the first good hour of that day; absent where it is no feed
     * @param mix how much of the mix; empty where it is no feed
     * @param why the reason, a sentence
     * @param make brews that would do and aren't in store
     * @param passedOver bottles that were looked at before, each with the reason why it isn't taken
     */
    record NextView(
            Proposal.Kind kind,
            LocalDate day,
            String words,
            Optional<UUID> bottleId,
            Optional<Target> target,
            Optional<Instant> at,
            String mix,
            String why,
            WorkingView working,
            List<MakeView> make,
            List<PassedOverView> passedOver) {}

    /** A bottle that isn't taken. */
    record PassedOverView(String code, String name, String reason) {}

    /** From when on it may be picked. */
    record PickView(LocalDate from, String words, WorkingView working) {}

    /** A plain watering. */
    record WateredView(UUID id, Instant at, boolean struck) {}

    /** A brew that could be made. */
    record MakeView(String productId, String name, String methodId) {}

    /**
     * A look.
     *
     * @param words what was seen
     * @param struck whether it was struck
     */
    record SeenView(UUID id, Instant at, Look look, String words, boolean dry, String note, boolean struck) {}

    /**
     * A ladder that it stands on.
     *
     * @param brew which brew's
     * @param rungs the strengths, the weakest first
     * @param here number of the rung, from 0
     * @param words where it stands, a sentence
     */
    record LadderView(String brew, List<String> rungs, int here, String words) {}
}
