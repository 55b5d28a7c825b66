package potmellow.app.document;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;
import potmellow.app.problem.FieldProblem;

/** The garden's own document. */
@RestController
@ForAtLeast(Role.OWNER)
@RequestMapping("/api/garden/document")
class DocumentController {
    private static final String ZIP = "application/zip";

    private final Documents documents;
    private final GardenService gardens;
    private final Clock clock;

    DocumentController(Documents documents, GardenService gardens, Clock clock) {
        this.documents = documents;
        this.gardens = gardens;
        this.clock = clock;
    }

    /** The whole garden as a zip of JSON Lines, with a JSON Schema that describes them. */
    @GetMapping(produces = ZIP)
    void writeDocument(HttpServletResponse response) throws IOException {
        Garden garden = gardens.current();
        String name = "garden-" + garden.day(clock.instant()) + ".zip";
        response.setContentType(ZIP);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment().filename(name).build().toString());
        documents.write(response.getOutputStream());
    }

    /** Takes such a zip into an empty garden. */
    @NoAct
    @PutMapping(consumes = ZIP)
    @RequestBody(
            content = @Content(mediaType = ZIP, schema = @Schema(type = "string", format = "binary")),
            required = true)
    TakenIn takeDocument(HttpServletRequest request) throws IOException {
        InputStream sent = request.getInputStream();
        Garden garden = FieldProblem.reading("document", () -> documents.take(sent));
        return new TakenIn(garden.name());
    }

    /** @param name what the garden that came in is called */
    record TakenIn(String name) {}
}
