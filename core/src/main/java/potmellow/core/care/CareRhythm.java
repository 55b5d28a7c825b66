package potmellow.core.care;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.book.Stage;
import potmellow.core.book.Stage.Care;
import potmellow.core.craft.Act;
import potmellow.core.ripening.Forecast;
import potmellow.core.vessel.Gas;
import potmellow.core.vessel.Lid;

/** When the care of a pot comes round: what its method asks, what its lid asks, and a look when it nears readiness. */
public final class CareRhythm {
    private static final Care BURP = Care.every(Act.VENTED, 24, "let the gas out daily, as its lid is shut");
    /** Nearing readiness it is looked at every 15 % of the earliest readiness, daily to weekly (from memory). */
    private static final double LOOK_SHARE = 0.15;

    private static final double LEAST_LOOK_HOURS = 24;
    private static final double MOST_LOOK_HOURS = 168;

    private CareRhythm() {}

    /**
     * All care of a stage, what is due first on top.
     *
     * @param stage the stage it is in
     * @param lid its lid
     * @param forecast when it will be ready
     * @param began when the stage began
     * @param done when each act was last done
     * @param now the moment of asking
     */
    public static List<Due> of(
            Stage stage, Lid lid, Forecast forecast, Instant began, Map<Act, Instant> done, Instant now) {
        List<Due> due = new ArrayList<>();
        for (Care care : stage.care()) {
            due(care, began, done, now).ifPresent(due::add);
        }
        boolean vents = stage.care().stream().anyMatch(care -> care.act() == Act.VENTED);
        if (lid == Lid.BURPED && stage.gas() != Gas.NONE && !vents) {
            due.add(Due.of(BURP, began, Optional.ofNullable(done.get(Act.VENTED)), now));
        }
        look(stage, forecast, began, done, now).ifPresent(due::add);
        due.sort(Comparator.comparing(Due::at));
        return List.copyOf(due);
    }

    private static Optional<Due> due(Care care, Instant began, Map<Act, Instant> done, Instant now) {
        Optional<Instant> last = Optional.ofNullable(done.get(care.act()));
        if (care.after().isEmpty()) {
            return Optional.of(Due.of(care, began, last, now));
        }
        Instant cause = done.get(care.after().get());
        boolean still = cause != null && last.map(cause::isAfter).orElse(true);
        return still ? Optional.of(new Due(care.act(), care.words(), cause, last, 0)) : Optional.empty();
    }

    /** Any visit counts as a look. */
    private static Optional<Due> look(
            Stage stage, Forecast forecast, Instant began, Map<Act, Instant> done, Instant now) {
        double hours = Math.max(
                LEAST_LOOK_HOURS,
                Math.min(MOST_LOOK_HOURS, LOOK_SHARE * stage.window().fromDays() * 24));
        boolean looks = stage.care().stream().anyMatch(care -> care.act() == Act.LOOKED);
        if (stage.instant() || looks || forecast.early().isEmpty()) {
            return Optional.empty();
        }
        Duration every = Duration.ofMinutes(Math.round(hours * 60));
        Instant opens = forecast.early().get().minus(every);
        Optional<Instant> last =
                done.values().stream().max(Comparator.naturalOrder()).filter(visit -> visit.isAfter(began));
        Instant again = last.map(visit -> visit.plus(every)).orElse(opens);
        Instant at = again.isAfter(opens) ? again : opens;
        long late = Math.max(0, Duration.between(at, now).toMillis());
        return Optional.of(new Due(Act.LOOKED, "look and smell as it nears readiness", at, last, (int)
                Math.min(Integer.MAX_VALUE, late / every.toMillis())));
    }
}
