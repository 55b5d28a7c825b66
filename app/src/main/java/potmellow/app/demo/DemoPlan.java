package potmellow.app.demo;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import potmellow.app.garden.Garden;
import potmellow.app.plan.PlanRequests.AddGoal;
import potmellow.app.plan.PlanService;

/** What the gardener of the sample world wants in the coming season. */
@Component
class DemoPlan {
    private final PlanService plans;
    private final Clock clock;

    DemoPlan(PlanService plans, Clock clock) {
        this.plans = plans;
        this.clock = clock;
    }

    /** Goals near and far: chains, a season of mixes, a bed, and one that comes too late. */
    void goals(Garden garden) {
        want(garden, "plant-juice", "30 L", "1:500", 28, 112, 14);
        want(garden, "forest-liquid", "8 L", "", 70, 0, 0);
        want(garden, "bin-solids", "6 kg", "", 120, 0, 0);
        want(garden, "forest-soil", "9 kg", "", 95, 0, 0);
        want(garden, "lactic-serum", "3 L", "", 77, 0, 0);
        want(garden, "shell-calcium", "900 mL", "", 60, 0, 0);
        want(garden, "compost-tea", "10 L", "", 84, 126, 21);
        want(garden, "activated-culture", "3 L", "", 5, 0, 0);
        plans.keepNew(garden, clock.instant());
    }

    private void want(
            Garden garden, String product, String amount, String strength, int from, int until, int everyDays) {
        Instant now = clock.instant();
        LocalDate today = garden.day(now);
        AddGoal goal = new AddGoal(
                product,
                amount,
                Optional.of(strength),
                today.plusDays(from),
                until > 0 ? Optional.of(today.plusDays(until)) : Optional.empty(),
                everyDays > 0 ? Optional.of(String.valueOf(everyDays)) : Optional.empty());
        UUID id = UUID.nameUUIDFromBytes(("gull loft goal " + product).getBytes(StandardCharsets.UTF_8));
        plans.add(garden, id, goal, now);
    }
}
