package potmellow.app.plan;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/** What the browser may ask of the plan. Amounts come as typed. */
public final class PlanRequests {
    private PlanRequests() {}

    /**
     * Want something by a day, or again and again.
     *
     * @param product the brew
     * @param amount how much, as typed: of the brew, or of the mix where a strength is told
     * @param strength how strong the mix is, as typed; may be left out
     * @param by the day it is wanted, or wanted first
     * @param until the last day of a season; left out for once
     * @param everyDays days from one to the next, as typed; left out for once
     */
    public record AddGoal(
            String product,
            String amount,
            Optional<String> strength,
            LocalDate by,
            Optional<LocalDate> until,
            Optional<String> everyDays) {
        public AddGoal {
            strength = strength == null ? Optional.empty() : strength.filter(text -> !text.isBlank());
            until = until == null ? Optional.empty() : until;
            everyDays = everyDays == null ? Optional.empty() : everyDays.filter(text -> !text.isBlank());
        }
    }

    /**
     * Want it later, or less of it.
     *
     * @param days how many days later
     * @param share what is left of the amount, above 0 up to 1
     */
    record EaseGoal(int days, double share) {}

    /**
     * Settle something about a brew. What is left out stays as it was.
     *
     * @param product the brew
     * @param methodId the way it is made
     * @param placeId where it is made
     * @param bought whether it is bought rather than made
     * @param fillDays days until its bin is full, as typed
     */
    record Settle(
            String product,
            Optional<String> methodId,
            Optional<UUID> placeId,
            Optional<Boolean> bought,
            Optional<String> fillDays) {
        Settle {
            methodId = methodId == null ? Optional.empty() : methodId;
            placeId = placeId == null ? Optional.empty() : placeId;
            bought = bought == null ? Optional.empty() : bought;
            fillDays = fillDays == null ? Optional.empty() : fillDays.filter(text -> !text.isBlank());
        }
    }

    /**
     * A pot carries out a step.
     *
     * @param step the step
     * @param potId the pot
     */
    record CarryOut(String step, UUID potId) {}
}
