package potmellow.app.potpage;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import potmellow.app.pot.Pot;
import potmellow.app.recipe.ForecastView;
import potmellow.app.visit.Check;
import potmellow.core.craft.Family;
import potmellow.core.judgement.Verdict;
import potmellow.core.pot.State;
import potmellow.core.ripening.Pace;
import potmellow.core.ripening.Reason;
import potmellow.core.vessel.VesselKind;

/**
 * A pot as the time axis shows it.
 *
 * @param code the code of its vessel
 * @param waterStanding whether its water still stands, so that it isn't filled yet
 * @param family what it ripens and spoils like
 * @param title the brew
 * @param school the way it is made
 * @param place where it stands
 * @param setAt when it was set
 * @param day how many days it has stood, the first counted as 1
 * @param standingShare how high it stands, as a share of the vessel
 * @param forecast when it will be ready
 * @param checks when it was visited
 * @param verdict the verdict
 * @param headline the verdict in a few words
 * @param urgent whether it is a danger
 * @param careDue when its care comes round; absent where it is left alone
 */
record PotSummary(
        UUID id,
        String name,
        String code,
        VesselKind vesselKind,
        boolean waterStanding,
        Family family,
        String title,
        String school,
        UUID placeId,
        String place,
        Instant setAt,
        long day,
        double standingShare,
        ForecastView forecast,
        List<Instant> checks,
        Verdict.Kind verdict,
        String headline,
        boolean urgent,
        Optional<Instant> careDue) {

    static PotSummary of(Pot pot) {
        Verdict verdict = pot.verdict().value();
        return new PotSummary(
                pot.batch().id(),
                pot.batch().name(),
                pot.vessel().code(),
                pot.vessel().kind(),
                pot.batch().state().kind() == State.Kind.WATER_STANDING,
                pot.method().family(),
                pot.method().title(),
                pot.method().school().name(),
                pot.place().id(),
                pot.place().name(),
                pot.batch().setAt(),
                pot.garden().day(pot.now()).toEpochDay()
                        - pot.garden().day(pot.batch().setAt()).toEpochDay()
                        + 1,
                pot.is().standingShare(),
                forecast(pot),
                Check.valid(pot.checks()).stream().map(Check::at).toList(),
                verdict.kind(),
                verdict.headline(),
                !pot.is().dangers().isEmpty(),
                pot.is().careDue());
    }

    private static ForecastView forecast(Pot pot) {
        Reason reason = new Reason(
                pot.stage(),
                pot.course().expectation(),
                Pace.of(pot.method().family(), pot.stage()),
                pot.forecast().value(),
                pot.course().usualWarmth(pot.now()));
        return ForecastView.of(pot.forecast(), reason.words(pot.garden().units()), pot.garden());
    }
}
