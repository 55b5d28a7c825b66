package potmellow.app.plan;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VTimeZone;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Uid;
import potmellow.app.garden.Garden;
import potmellow.core.book.Instruction;
import potmellow.core.book.Stage;
import potmellow.core.planning.Plan;
import potmellow.core.planning.Stored;
import potmellow.core.planning.Workshop;

/**
 * The plan as a calendar (RFC 5545): one event for each time that hands are wanted, in the garden's zone. An event keeps its
 * identifier as long as its step stands, so that an update replaces it and never doubles it.
 */
final class PlanCalendar {
    private static final String OF_THE_PLAN = "@plan.potmellow";
    private static final long LEAST_MINUTES = 15;

    private final PlanService.Worked worked;
    private final Garden garden;
    private final Instant now;

    private PlanCalendar(PlanService.Worked worked, Instant now) {
        this.worked = worked;
        this.garden = worked.garden();
        this.now = now;
    }

    /** The whole plan, as a file. */
    static String of(PlanService.Worked worked, Instant now) {
        return new PlanCalendar(worked, now).calendar().toString();
    }

    private Calendar calendar() {
        Calendar calendar = new Calendar()
                .withProdId("-//Pot Mellow//Plan of a garden//EN")
                .withDefaults()
                .getFluentTarget();
        VTimeZone zone = TimeZoneRegistryFactory.getInstance()
                .createRegistry()
                .getTimeZone(garden.zone().getId())
                .getVTimeZone();
        calendar.add(zone);
        events().forEach(calendar::add);
        return calendar;
    }

    private List<VEvent> events() {
        List<VEvent> events = new ArrayList<>();
        for (Plan.Step step : worked.plan().steps()) {
            events.add(set(step));
            events.add(ready(
                    step.id(),
                    step.emptied(),
                    step.method().lastStage().exit(),
                    step.method().title() + " in " + step.vat().vessel().code(),
                    step.hopeful(),
                    step.spot().name()));
        }
        for (Stored stored : worked.basis().workshop().stored()) {
            stored.step()
                    .ifPresent(step -> events.add(ready(
                            step,
                            stored.from(),
                            Stage.Exit.STRAIN,
                            stored.name() + " in " + stored.code(),
                            stored.hopeful(),
                            "")));
        }
        return events;
    }

    private VEvent set(Plan.Step step) {
        double minutes = step.recipe().steps().stream()
                .filter(one -> one.when() == Instruction.When.NOW)
                .mapToDouble(one -> one.minutes())
                .sum();
        String amounts = step.recipe().parts().stream()
                .map(part -> part.measured().text(garden.units()) + " "
                        + part.material().name())
                .collect(Collectors.joining(", "));
        ZonedDateTime from = step.setAt().atZone(garden.zone());
        VEvent event = event(
                "set-" + step.id(),
                from,
                Math.max(LEAST_MINUTES, Math.round(minutes)),
                "Set " + step.method().title() + " in " + step.vat().vessel().code(),
                step.spot().name());
        String gives = step.product().text(step.amount(), garden.units()) + " of "
                + step.product().name() + ". " + amounts + ".";
        event.add(new Description(String.join(
                        " ",
                        gives,
                        String.join(" ", step.cautions()),
                        "Surely ready " + step.safe() + ", with luck " + step.hopeful() + ".")
                .strip()));
        return event;
    }

    private VEvent ready(String step, LocalDate day, Stage.Exit exit, String what, LocalDate hopeful, String place) {
        ZonedDateTime from = day.atTime(Workshop.MORNING).atZone(garden.zone());
        VEvent event = event("empty-" + step, from, LEAST_MINUTES, verb(exit) + " " + what, place);
        event.add(new Description("It may be ready from " + hopeful + " on: look at it before you do."));
        return event;
    }

    private static String verb(Stage.Exit exit) {
        return switch (exit) {
            case BURY -> "Bury";
            case STORE -> "Take out";
            case USE -> "Use";
            case WRING, GO_ON, STRAIN -> "Strain";
        };
    }

    private VEvent event(String uid, ZonedDateTime from, long minutes, String summary, String place) {
        VEvent event = new VEvent(from, from.plus(Duration.ofMinutes(minutes)), summary);
        event.replace(new DtStamp(now));
        event.add(new Uid(uid + OF_THE_PLAN));
        if (!place.isEmpty()) {
            event.add(new Location(place));
        }
        return event;
    }
}
