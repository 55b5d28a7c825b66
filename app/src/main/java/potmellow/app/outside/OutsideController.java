package potmellow.app.outside;

import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.home.HomeNetwork;
import potmellow.app.once.NoAct;
import potmellow.app.outside.OutsideService.Judged;
import potmellow.app.outside.OutsideService.Kind;
import potmellow.app.problem.FieldProblem;
import potmellow.core.measure.InvalidInput;
import potmellow.core.naming.PlainName;

/** The gardener's side of the open door: who may send readings, what waits, and files. */
@RestController
@RequestMapping("/api/outside")
class OutsideController {
    private static final int MOST_DAYS = 3650;

    private final GardenService gardens;
    private final OutsideService door;
    private final HomeNetwork network;
    private final Clock clock;

    OutsideController(GardenService gardens, OutsideService door, HomeNetwork network, Clock clock) {
        this.gardens = gardens;
        this.door = door;
        this.network = network;
        this.clock = clock;
    }

    @GetMapping
    DoorView door() {
        Garden garden = gardens.current();
        return new DoorView(
                door.tokens(garden).stream()
                        .map(token -> new TokenView(
                                token.id(),
                                token.name(),
                                token.scope(),
                                token.madeAt(),
                                token.expiresAt(),
                                token.revoked()))
                        .toList(),
                door.held(garden).stream()
                        .map(held -> new HeldView(held.id(), held.raw(), held.why(), held.receivedAt()))
                        .toList(),
                ReadingFile.COLUMNS);
    }

    /** Makes a token; it is told this once, and kept nowhere, not even for a repeated request. */
    @ForAtLeast(Role.OWNER)
    @PostMapping("/tokens")
    @NoAct
    NewToken makeToken(@RequestBody NameToken request) {
        Instant now = clock.instant();
        PlainName name = FieldProblem.reading("name", () -> new PlainName(request.name()));
        Optional<Instant> expires = request.days().map(days -> now.plus(Duration.ofDays(lasting(days))));
        String token = door.makeToken(gardens.current(), name, request.scope(), expires, now);
        return new NewToken(
                token,
                Optional.of(token)
                        .filter(made -> request.scope() == Scope.CALENDAR)
                        .map(this::calendar));
    }

    private String calendar(String token) {
        return network.lastingAddress() + "/api/calendar/" + token + "/plan.ics";
    }

    private static int lasting(int days) {
        if (days < 1 || days > MOST_DAYS) {
            throw new FieldProblem("days", InvalidInput.outOfRange("How long it counts", days, 1, MOST_DAYS, "days"));
        }
        return days;
    }

    @ForAtLeast(Role.OWNER)
    @PostMapping("/tokens/{id}/revocations")
    DoorView revoke(@PathVariable UUID id) {
        door.revoke(gardens.current(), id, clock.instant());
        return door();
    }

    /** Reads a CSV file and tells what would become of each row; nothing is stored. */
    @PostMapping("/previews")
    @NoAct
    Received preview(@RequestBody ReadingText request) {
        Garden garden = gardens.current();
        return Received.of(door.look(garden, rows(request), clock.instant()));
    }

    /** Takes a CSV file in. */
    @PostMapping("/imports")
    Received take(@RequestBody ReadingText request) {
        Garden garden = gardens.current();
        return Received.of(door.receive(garden, rows(request), true, clock.instant()));
    }

    @PostMapping("/held/{id}/takings")
    DoorView takeHeld(@PathVariable UUID id) {
        door.take(gardens.current(), id, clock.instant());
        return door();
    }

    @PostMapping("/held/{id}/droppings")
    @ResponseStatus(HttpStatus.OK)
    DoorView dropHeld(@PathVariable UUID id) {
        door.drop(gardens.current(), id, clock.instant());
        return door();
    }

    private static List<RawReading> rows(ReadingText request) {
        return FieldProblem.reading("text", () -> ReadingFile.read(request.text()));
    }

    /** @param days how long it counts; left out for until it is revoked */
    record NameToken(String name, Scope scope, Optional<Integer> days) {}

    /** @param address where the calendar is then; left out for other tokens */
    record NewToken(String token, Optional<String> address) {}

    /** @param text the file */
    record ReadingText(@Size(max = 2_000_000) String text) {}

    record TokenView(UUID id, String name, Scope scope, Instant madeAt, Optional<Instant> expiresAt, boolean revoked) {}

    record HeldView(UUID id, RawReading reading, String why, Instant receivedAt) {}

    /** @param columns the columns of a CSV file */
    record DoorView(List<TokenView> tokens, List<HeldView> held, List<String> columns) {}

    /**
     * What becomes of readings.
     *
     * @param good how many are kept
     * @param known how many were sent before
     * @param held how many are held back
     * @param rows each of them
     */
    record Received(long good, long known, long held, List<ReceivedRow> rows) {
        static Received of(List<Judged> judged) {
            return new Received(
                    count(judged, Kind.GOOD),
                    count(judged, Kind.KNOWN),
                    count(judged, Kind.HELD),
                    judged.stream()
                            .map(one -> new ReceivedRow(one.raw(), one.kind(), one.why()))
                            .toList());
        }

        private static long count(List<Judged> judged, Kind kind) {
            return judged.stream().filter(one -> one.kind() == kind).count();
        }
    }

    record ReceivedRow(RawReading reading, Kind kind, String why) {}
}
