package potmellow.app.recipe;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import potmellow.app.answer.Answer;
import potmellow.app.answer.CautionView;
import potmellow.app.answer.FindingView;
import potmellow.app.answer.WorkingView;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.VesselKind;

/**
 * A scaled recipe as the screen shows it.
 *
 * @param school the way of making it
 * @param care what is done how often
 * @param amounts plant, sugar and, where the school has one, cap
 * @param makes juice to expect
 * @param feeds what that juice makes, at the usual strength on soil
 * @param contents weight of everything in the vessel
 * @param vessel the vessel chosen or suggested
 * @param lid the lid
 * @param sugarId the sugar
 * @param place the place
 * @param filling how the vessel stands
 * @param forecast when it will be ready, if set now
 * @param deviation how far rounding is off the exact ratio; absent up to 2 %
 * @param findings every rule looked at
 * @param refused whether a rule stands in the way
 * @param steps what to do
 * @param slip the mistake most often made
 * @param picking dangers of picking
 * @param setting dangers of setting
 */
record RecipeView(
        String methodId,
        String school,
        String care,
        List<AmountView> amounts,
        Answer makes,
        Answer feeds,
        Answer contents,
        VesselChoice vessel,
        LidChoice lid,
        String sugarId,
        PlaceChoice place,
        FillingView filling,
        ForecastView forecast,
        Optional<Deviation> deviation,
        List<FindingView> findings,
        boolean refused,
        List<String> steps,
        String slip,
        List<CautionView> picking,
        List<CautionView> setting) {
    record AmountView(String id, String name, String material, Answer amount, Optional<String> byVolume) {}

    /** @param id absent for a vessel that the garden doesn't have yet */
    record VesselChoice(Optional<UUID> id, String code, VesselKind kind, String capacity) {}

    record LidChoice(Lid id, String words) {}

    record PlaceChoice(UUID id, String name, String temperature) {}

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
