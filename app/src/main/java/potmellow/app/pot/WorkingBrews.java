package potmellow.app.pot;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.core.book.Method;
import potmellow.core.judgement.Verdict;
import potmellow.core.measure.Volume;
import potmellow.core.pot.State;
import potmellow.core.ripening.Forecast;

/** What the pots that stand will give, and when, as far as it is forecast. */
@Component
public class WorkingBrews {
    private final PotReader pots;

    WorkingBrews(PotReader pots) {
        this.pots = pots;
    }

    /** One for each pot that stands. */
    @Transactional(readOnly = true)
    public List<Brew> all(Garden garden, Instant now) {
        return pots.standing(garden, now).stream().map(WorkingBrews::brew).toList();
    }

    private static Brew brew(Pot pot) {
        Forecast forecast = pot.forecast().value();
        Verdict.Kind verdict = pot.verdict().value().kind();
        return new Brew(
                pot.batch().id(),
                pot.batch().name(),
                pot.batch().vesselId(),
                pot.vessel().code(),
                pot.method(),
                pot.is().room().value(),
                verdict == Verdict.Kind.READY ? Optional.of(pot.now()) : later(pot, forecast.early(), true),
                verdict == Verdict.Kind.READY ? Optional.of(pot.now()) : later(pot, forecast.late(), false),
                pot.batch().state().kind() == State.Kind.HOLDING || pot.method().toppedUp(),
                verdict == Verdict.Kind.READY || verdict == Verdict.Kind.NOT_YET);
    }

    /** A pot in an earlier stage takes as much longer as its last stage ends later; windows are counted from its setting. */
    private static Optional<Instant> later(Pot pot, Optional<Instant> moment, boolean early) {
        var here = pot.course().expectation().window();
        var last = pot.method().lastStage().window();
        boolean goesOn = pot.batch().state().stage() < pot.method().stages().size() - 1;
        double days =
                goesOn ? Math.max(0, early ? last.fromDays() - here.fromDays() : last.toDays() - here.toDays()) : 0;
        return moment.map(at -> at.plusSeconds(Math.round(days * 24 * 3600)));
    }

    /**
     * What a pot will give.
     *
     * @param pot its id
     * @param name what it is called
     * @param vesselId what it stands in
     * @param code the code on that
     * @param method how it is made
     * @param amount what usually comes out of it
     * @param early when it may be ready; empty where it is too cold
     * @param late when it surely is ready; empty where it is too cold
     * @param stays whether it stays in its vessel for months
     * @param sound whether it may be counted on
     */
    public record Brew(
            UUID pot,
            String name,
            UUID vesselId,
            String code,
            Method method,
            Volume amount,
            Optional<Instant> early,
            Optional<Instant> late,
            boolean stays,
            boolean sound) {}
}
