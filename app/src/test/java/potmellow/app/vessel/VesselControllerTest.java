package potmellow.app.vessel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class VesselControllerTest extends ApplicationTest {
    private JsonNode vessel(String code) throws Exception {
        for (JsonNode row : read("/api/vessels")) {
            if (row.get("code").asText().equals(code)) {
                return row;
            }
        }
        throw new AssertionError("no vessel " + code);
    }

    @Test
    void givesANewVesselTheNextCodeOfItsShape() throws Exception {
        send("/api/vessels", Map.of("kind", "DRUM", "capacity", "120 L"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.code").value("D2"))
                .andExpect(jsonPath("$.kindWords").value("drum"))
                .andExpect(jsonPath("$.walls").value("plastic"));
    }

    @Test
    void neverGivesACodeOutTwiceNotEvenOfARetiredVessel() throws Exception {
        send("/api/vessels/" + vessel("J9").get("id").asText() + "/retirement", Map.of())
                .andExpect(status().isNoContent());
        assertThat(vessel("J9").get("retiredOn").asText()).isEqualTo("2026-05-20");
        send("/api/vessels", Map.of("kind", "JAR", "capacity", "1 L", "code", "j9"))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("code-taken"))
                .andExpect(jsonPath("$.detail", containsString("The code J9 is taken.")));
        send("/api/vessels", Map.of("kind", "JAR", "capacity", "1 L"))
                .andExpect(jsonPath("$.code").value("J10"));
    }

    @Test
    void takesARetirementBack() throws Exception {
        String free = "/api/vessels/" + vessel("J9").get("id").asText() + "/retirement";
        remove(free)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail").value("J9 is in use."));
        send(free, Map.of()).andExpect(status().isNoContent());
        remove(free).andExpect(status().isNoContent());
        assertThat(vessel("J9").has("retiredOn")).isFalse();
        send(
                        "/api/recipes",
                        Map.of(
                                "methodId",
                                "plant-juice-open",
                                "anchor",
                                "VESSEL",
                                "vesselId",
                                vessel("J9").get("id").asText()))
                .andExpect(status().isOk());
    }

    @Test
    void doesNotRetireWhatHoldsSomethingNorSetAPotInWhatIsRetired() throws Exception {
        send("/api/vessels/" + vessel("J4").get("id").asText() + "/retirement", Map.of())
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("J4 holds Pea-shoot juice.")));
        String free = vessel("J9").get("id").asText();
        send("/api/vessels/" + free + "/retirement", Map.of()).andExpect(status().isNoContent());
        send("/api/vessels/" + free + "/retirement", Map.of())
                .andExpect(jsonPath("$.code").value("retired"));
        Map<String, Object> recipe = Map.of("methodId", "plant-juice-open", "anchor", "VESSEL", "vesselId", free);
        send("/api/recipes", recipe).andExpect(jsonPath("$.detail", containsString("J9 is retired.")));
    }

    @ParameterizedTest
    @CsvSource({"code, 'B 7/2', code, Write 1 to 8 letters", "capacity, 5000 L, capacity, must be from 50 mL to 1000 L"
    })
    void saysBesideTheFieldWhatIsAllowed(String entry, String value, String field, String words) throws Exception {
        Map<String, String> body = new java.util.HashMap<>(Map.of("kind", "BUCKET", "capacity", "10 L"));
        body.put(entry, value);
        send("/api/vessels", body)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail", containsString(words)));
    }
}
