package potmellow.app.recipe;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import potmellow.app.answer.Answer;
import potmellow.app.answer.CautionView;
import potmellow.app.answer.FindingView;
import potmellow.app.answer.WorkingView;
import potmellow.core.craft.Family;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.VesselKind;
import potmellow.core.water.WaterStep;

/**
 * A scaled recipe as the screen shows it.
 *
 * @param family what it ripens and spoils like
 * @param productId id of the brew
 * @param title the brew
 * @param school the way of making it
 * @param care what is done how often
 * @param readyWhen what shows that it is ready
 * @param collected whether it begins with life collected outdoors
 * @param amounts all parts in the method's order
 * @param read what was typed, by its field, as it was read
 * @param limit what runs out first; absent where only one thing was in hand
 * @param leftovers what stays over
 * @param makes what to expect
 * @param feeds what that makes at the usual strength where it is to go; absent for what doesn't go there
 * @param targets where it may go, with its usual strength there
 * @param repeat how often it is made anew, where one batch doesn't keep for all feeds
 * @param surplus what comes out beyond what was asked for, where less isn't worth making
 * @param contents weight of everything in the vessel
 * @param vessel the vessel chosen or suggested
 * @param split two vessels that could share it, in words; empty where one is enough
 * @param lid the lid
 * @param place the place
 * @param filling how the vessel stands
 * @param water what is done to the water first; absent where there is none
 * @param setAt when it can be set: at once, or when its water and parts are ready
 * @param forecast when it will be ready
 * @param deviation how far rounding is off the exact ratio; absent up to 2 %
 * @param findings every rule looked at
 * @param refused whether a rule stands in the way
 * @param crossChecks where people's figures don't add up
 * @param steps what to do, in order
 * @param slips the mistakes most often made
 * @param picking dangers of picking
 * @param setting dangers of setting
 * @param working dangers while it works
 */
record RecipeView(
        String methodId,
        Family family,
        String productId,
        String title,
        String school,
        String care,
        Optional<String> readyWhen,
        boolean collected,
        List<AmountView> amounts,
        Map<String, String> read,
        Optional<LimitView> limit,
        List<String> leftovers,
        Answer makes,
        Optional<Answer> feeds,
        List<TargetChoice> targets,
        Optional<Told> repeat,
        Optional<Told> surplus,
        Answer contents,
        VesselChoiceView vessel,
        String split,
        LidChoice lid,
        PlaceChoice place,
        FillingView filling,
        Optional<WaterView> water,
        Instant setAt,
        ForecastView forecast,
        Optional<Deviation> deviation,
        List<FindingView> findings,
        boolean refused,
        List<FindingView> crossChecks,
        List<StepLine> steps,
        List<String> slips,
        List<CautionView> picking,
        List<CautionView> setting,
        List<CautionView> working) {
    /**
     * One part.
     *
     * @param scales whether it can be the amount that is fixed
     * @param also the same in cups, spoons or pieces
     * @param choices what it may be made with, the school's own first
     * @param supply where it comes from; absent for what isn't brewed
     * @param already what of it lies in the vessel already; absent where nothing does
     */
    record AmountView(
            String id,
            String name,
            String materialId,
            String material,
            Answer amount,
            List<String> also,
            Optional<String> note,
            boolean scales,
            List<PartChoice> choices,
            Optional<SupplyView> supply,
            Optional<Told> already) {}

    /**
     * Where a brewed part comes from.
     *
     * @param words what comes out of which bottle, and what is missing
     * @param from ids of the bottles
     * @param bottles the bottles that it could come from, the first to use on top
     * @param missing how long it takes to have what is missing; absent where nothing is, or the book makes it in no way
     */
    record SupplyView(String words, List<UUID> from, List<SupplyBottle> bottles, Optional<MissingView> missing) {}

    /** @param words code, what is left, and until when it is good */
    record SupplyBottle(UUID id, String words) {}

    /**
     * How to have what is missing.
     *
     * @param words how long it takes, a sentence
     * @param productId the brew
     * @param amount how much of it is missing, as typed into a goal
     * @param by the day on which it would surely be there, begun today
     * @param methodId the method that is set first
     * @param title that method
     */
    record MissingView(
            String words,
            String productId,
            String amount,
            LocalDate by,
            String methodId,
            String title,
            WorkingView working) {}

    /** @param strength the usual strength there */
    record TargetChoice(Target id, String words, String strength) {}

    /** A sentence with its working. */
    record Told(String words, WorkingView working) {}

    /** @param asked whether the school asks for it */
    record PartChoice(String id, String words, boolean asked) {}

    record LimitView(String partId, String words, WorkingView working) {}

    /** @param id absent for a vessel that the garden doesn't have yet */
    record VesselChoiceView(Optional<UUID> id, String code, VesselKind kind, String kindWords, String capacity) {}

    record LidChoice(Lid id, String words, List<LidOption> options) {}

    record LidOption(Lid id, String words, boolean asked) {}

    record PlaceChoice(UUID id, String name, String temperature) {}

    /**
     * The water step.
     *
     * @param stands whether it is set out and come back to, before the pot is filled
     * @param ways what helps against what the tap brings, one of them where nothing need be done
     */
    record WaterView(
            WaterStep.Treatment treatment, String words, boolean stands, List<WaterWay> ways, WorkingView working) {}

    record WaterWay(WaterStep.Treatment id, String words) {}

    /**
     * One step.
     *
     * @param at when it begins; absent for what is done while it works
     * @param clock that moment in words, or "while it works", or "when it is ready"
     * @param hurry "within the hour" and the like; empty where there is none
     */
    record StepLine(String words, Optional<Instant> at, String clock, String hurry) {}

    /** Shares are of the vessel's capacity. */
    record FillingView(
            double mashShare,
            double capShare,
            double settledShare,
            double headspaceShare,
            double neededShare,
            String headspace,
            String needed,
            String settles,
            WorkingView working) {}

    record Deviation(String text, WorkingView working) {}
}
