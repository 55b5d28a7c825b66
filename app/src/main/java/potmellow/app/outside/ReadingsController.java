package potmellow.app.outside;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.caller.ForAnybody;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;
import potmellow.app.problem.FieldProblem;
import potmellow.core.measure.InvalidInput;

/** The sender's side of the open door: readings of real instruments, sent in with a token. */
@RestController
@ForAnybody
class ReadingsController {
    private static final String BEARER = "Bearer ";
    private static final int MOST = 500;

    private final GardenService gardens;
    private final OutsideService door;
    private final Clock clock;

    ReadingsController(GardenService gardens, OutsideService door, Clock clock) {
        this.gardens = gardens;
        this.door = door;
        this.clock = clock;
    }

    /**
     * Takes readings in.
     *
     * @param authorization "Bearer" and a token of the garden
     * @param readings at most 500
     */
    @PostMapping("/api/readings")
    @NoAct
    OutsideController.Received receive(
            @RequestHeader(name = HttpHeaders.AUTHORIZATION) Optional<String> authorization,
            @RequestBody List<RawReading> readings) {
        Garden garden = gardens.current();
        String token = authorization
                .filter(header -> header.startsWith(BEARER))
                .map(header -> header.substring(BEARER.length()).strip())
                .orElse("");
        door.require(garden, token, Scope.READINGS, clock.instant());
        if (readings.size() > MOST) {
            throw new FieldProblem(
                    "readings", InvalidInput.outOfRange("What is sent at once", readings.size(), 0, MOST, "readings"));
        }
        return OutsideController.Received.of(door.receive(garden, readings, false, clock.instant()));
    }
}
