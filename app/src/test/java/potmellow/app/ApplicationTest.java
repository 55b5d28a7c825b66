package potmellow.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static potmellow.app.PagesToken.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.http.MediaType;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import potmellow.app.present.Present;

/** The whole application over the sample world and a real MariaDB. Tests marked transactional are rolled back. */
@SpringBootTest(properties = "potmellow.demo=true")
@AutoConfigureMockMvc
@Import(ApplicationTest.Clocks.class)
public abstract class ApplicationTest {
    @Autowired
    protected MockMvc mvc;

    @Autowired
    protected ObjectMapper json;

    @Autowired
    protected MovableClock clock;

    @Autowired
    protected Present present;

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) {
        TestDatabase.register(registry);
    }

    @BeforeEach
    void startOfTheDay() {
        clock.reset();
    }

    /** Whatever a test did: what is said to be true now is what the histories tell. */
    @AfterEach
    void theRowsOfTodayAreWhatTheHistoriesTell() {
        assertThat(present.disagreements()).isEmpty();
    }

    protected JsonNode read(String path) throws Exception {
        return json.readTree(mvc.perform(get(path))
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8));
    }

    /** What is answered to something that is sent. */
    protected JsonNode answer(ResultActions sent) throws Exception {
        return json.readTree(
                sent.andReturn().getResponse().getContentAsString(java.nio.charset.StandardCharsets.UTF_8));
    }

    protected ResultActions send(String path, Map<String, ?> body) throws Exception {
        return send(path, UUID.randomUUID(), body);
    }

    protected ResultActions send(String path, UUID key, Map<String, ?> body) throws Exception {
        return mvc.perform(post(path)
                .with(csrf())
                .header("Idempotency-Key", key)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(body)));
    }

    protected ResultActions replace(String path, Map<String, ?> body) throws Exception {
        return mvc.perform(MockMvcRequestBuilders.put(path)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(body)));
    }

    protected ResultActions remove(String path) throws Exception {
        return mvc.perform(MockMvcRequestBuilders.delete(path).with(csrf()));
    }

    /** What is sent to strain a pot into one bottle. */
    protected static Map<String, Object> strain(String volume, String keepId, boolean early) {
        return Map.of("bottles", List.of(Map.of("volume", volume, "keepId", keepId)), "early", early);
    }

    /** The id of the first row of a list whose field holds a value. */
    protected String idOf(String path, String field, String value) throws Exception {
        for (JsonNode row : read(path)) {
            if (row.get(field).asText().equals(value)) {
                return row.get("id").asText();
            }
        }
        throw new AssertionError(path + " has no row with " + field + " " + value);
    }

    @TestConfiguration
    static class Clocks {
        @Bean
        @Primary
        MovableClock movableClock() {
            return new MovableClock();
        }
    }

    /** A feed from one bottle; "strength" and "plantingId" go where they belong, other fields as they are. */
    protected static Map<String, Object> feed(String bottleId, String target, String... fields) {
        Map<String, Object> brew = new HashMap<>(Map.of("bottleId", bottleId));
        Map<String, Object> body = new HashMap<>(Map.of("target", target, "can", "10 L"));
        body.put("brews", List.of(brew));
        for (int i = 0; i < fields.length; i += 2) {
            switch (fields[i]) {
                case "strength" -> brew.put("strength", fields[i + 1]);
                case "plantingId" -> body.put("plantingIds", List.of(fields[i + 1]));
                default -> body.put(fields[i], fields[i + 1]);
            }
        }
        return body;
    }
}
