package potmellow.app.plan;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.answer.WorkingView;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.Afterwards;
import potmellow.app.once.NoAct;
import potmellow.app.plan.PlanRequests.AddGoal;
import potmellow.app.plan.PlanRequests.CarryOut;
import potmellow.app.plan.PlanRequests.EaseGoal;
import potmellow.app.plan.PlanRequests.Settle;

/** The plan of the garden. A change answers at once that it counts; what follows from it is asked for apart. */
@RestController
@RequestMapping("/api/plan")
class PlanController {
    private final GardenService gardens;
    private final PlanService plans;
    private final SeasonNeeds needs;
    private final Afterwards afterwards;
    private final Clock clock;

    PlanController(GardenService gardens, PlanService plans, SeasonNeeds needs, Afterwards afterwards, Clock clock) {
        this.gardens = gardens;
        this.plans = plans;
        this.needs = needs;
        this.afterwards = afterwards;
        this.clock = clock;
    }

    @GetMapping
    PlanView plan() {
        return PlanView.of(plans.work(gardens.current(), clock.instant()));
    }

    /** What is new in the plan counts as agreed to, once the change is stored: no write waits for a planner. */
    private void agree(Garden garden, Instant now) {
        afterwards.run(() -> plans.keepNew(garden, now));
    }

    @PostMapping("/goals")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(@RequestHeader(name = "Idempotency-Key") Optional<UUID> key, @RequestBody AddGoal request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        plans.add(garden, key.orElseGet(UUID::randomUUID), request, now);
        agree(garden, now);
    }

    @DeleteMapping("/goals/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable UUID id) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        plans.end(garden, id, now);
        agree(garden, now);
    }

    @PostMapping("/goals/{id}/ease")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void ease(@PathVariable UUID id, @RequestBody EaseGoal request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        plans.ease(garden, id, request.days(), request.share(), now);
        agree(garden, now);
    }

    @PostMapping("/choices")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void settle(@RequestBody Settle request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        plans.settle(garden, request, now);
        agree(garden, now);
    }

    @DeleteMapping("/choices/{product}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unsettle(@PathVariable String product) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        plans.unsettle(garden, product, now);
        agree(garden, now);
    }

    /** Agreed to twice is agreed to once; and what it is agreed to is worked out before anything is written. */
    @PutMapping("/kept")
    @NoAct
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep() {
        plans.keep(gardens.current(), clock.instant());
    }

    @PostMapping("/pots")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void carryOut(@RequestBody CarryOut request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        plans.carryOut(garden, request.step(), request.potId(), now);
        agree(garden, now);
    }

    /** What all beds that may have a brew would drink of it each time. */
    @GetMapping("/needs/{product}")
    NeedsView needs(@PathVariable String product) {
        SeasonNeeds.Need need = needs.of(gardens.current(), product, clock.instant());
        return new NeedsView(need.amount().value(), need.everyDays(), need.plantings(), WorkingView.of(need.amount()));
    }

    /** The plan as iCalendar, to take along. */
    @GetMapping("/calendar.ics")
    ResponseEntity<String> calendar() {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        return ResponseEntity.ok()
                .contentType(CalendarController.CALENDAR)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename("plan.ics").build().toString())
                .body(PlanCalendar.of(plans.work(garden, now), now));
    }

    /**
     * What is needed each time.
     *
     * @param amount of the brew, as it would be typed
     * @param everyDays days from one to the next
     * @param plantings what it is for
     */
    record NeedsView(String amount, int everyDays, List<String> plantings, WorkingView working) {}
}
