package potmellow.app.outside;

import java.net.URI;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;

/** The sender's side of the open door: readings of real instruments, sent in with a token. */
@RestController
class ReadingsController {
    private static final String BEARER = "Bearer ";
    private static final int MOST = 500;

    private final GardenService gardens;
    private final OutsideService door;
    private final Knocking knocking;
    private final Clock clock;

    ReadingsController(GardenService gardens, OutsideService door, Knocking knocking, Clock clock) {
        this.gardens = gardens;
        this.door = door;
        this.knocking = knocking;
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
    ResponseEntity<?> receive(
            @RequestHeader(name = HttpHeaders.AUTHORIZATION) Optional<String> authorization,
            @RequestBody List<RawReading> readings) {
        Garden garden = gardens.current();
        String token = authorization
                .filter(header -> header.startsWith(BEARER))
                .map(header -> header.substring(BEARER.length()).strip())
                .orElse("");
        if (!knocking.heard(token)) {
            return refuse(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "too-often",
                    "Too many wrong tokens came within a minute. Wait a minute, then send one of this garden.");
        }
        boolean allowed = door.counts(garden, token);
        knocking.was(token, allowed);
        if (!allowed) {
            return refuse(HttpStatus.UNAUTHORIZED, "no-token", "Send a token of this garden that isn't revoked.");
        }
        if (readings.size() > MOST) {
            return refuse(HttpStatus.UNPROCESSABLE_ENTITY, "too-many", "At most 500 readings are taken at once.");
        }
        return ResponseEntity.ok(OutsideController.Received.of(door.receive(garden, readings, false, clock.instant())));
    }

    private static ResponseEntity<ProblemDetail> refuse(HttpStatus status, String code, String words) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, words);
        problem.setType(URI.create("urn:potmellow:problem:" + code));
        problem.setTitle("Not taken");
        problem.setProperty("code", code);
        HttpHeaders headers = new HttpHeaders();
        if (status == HttpStatus.TOO_MANY_REQUESTS) {
            headers.set(HttpHeaders.RETRY_AFTER, String.valueOf(Knocking.WITHIN.toSeconds()));
        }
        return ResponseEntity.status(status).headers(headers).body(problem);
    }
}
