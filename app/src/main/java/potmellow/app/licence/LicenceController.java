package potmellow.app.licence;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.caller.ForAnybody;

/** What others made that is shipped with this program. The build gathers both lists, so they are those of this very program. */
@RestController
class LicenceController {
    private final ObjectMapper json;

    LicenceController(ObjectMapper json) {
        this.json = json;
    }

    @ForAnybody
    @GetMapping("/api/licences")
    LicencesView licences() {
        return new LicencesView(shipped("static/licences.json"), shipped("static/licences-java.json"));
    }

    private List<Shipped> shipped(String list) {
        try (InputStream in = new ClassPathResource(list).getInputStream()) {
            return List.of(json.readValue(in, Shipped[].class));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Everything that is shipped.
     *
     * @param browser fonts, styles and scripts
     * @param program the Java libraries
     */
    record LicencesView(List<Shipped> browser, List<Shipped> program) {}

    /**
     * Something that others made.
     *
     * @param identifier its licence, by its short name where it has one
     * @param text the licence itself; empty where it lies in its own archive inside the program
     */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record Shipped(String name, String version, String identifier, String text) {}
}
