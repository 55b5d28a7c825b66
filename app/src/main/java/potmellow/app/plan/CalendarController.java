package potmellow.app.plan;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.caller.ForAnybody;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.outside.OutsideService;
import potmellow.app.outside.Scope;

/** The plan for calendar programs, which can't sign in: whoever knows the address of a token may read it, and nothing else. */
@RestController
@ForAnybody
class CalendarController {
    static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final GardenService gardens;
    private final OutsideService door;
    private final PlanService plans;
    private final Clock clock;

    CalendarController(GardenService gardens, OutsideService door, PlanService plans, Clock clock) {
        this.gardens = gardens;
        this.door = door;
        this.plans = plans;
        this.clock = clock;
    }

    @GetMapping("/api/calendar/{token}/plan.ics")
    ResponseEntity<String> plan(@PathVariable String token) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        door.require(garden, token, Scope.CALENDAR, now);
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.noStore())
                .body(PlanCalendar.of(plans.work(garden, now), now));
    }
}
