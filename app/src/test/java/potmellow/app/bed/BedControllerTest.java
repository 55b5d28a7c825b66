package potmellow.app.bed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class BedControllerTest extends ApplicationTest {
    private JsonNode bed(String name) throws Exception {
        for (JsonNode bed : read("/api/beds")) {
            if (bed.get("name").asText().equals(name)) {
                return bed;
            }
        }
        throw new AssertionError("no planting " + name);
    }

    private String looks(String name) throws Exception {
        return "/api/beds/" + bed(name).get("plantingId").asText() + "/looks";
    }

    @Test
    void saysAtOnceWhatALookChanges() throws Exception {
        send(looks("Winter squash"), Map.of("look", "PALE", "dry", false))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.response").value(containsString("Pale: one rung stronger, 1:30.")));
    }

    @Test
    void climbsARungOnALookWithoutChange() throws Exception {
        send(looks("Winter squash"), Map.of("look", "UNCHANGED", "dry", false))
                .andExpect(jsonPath("$.ladders[0].here").value(3))
                .andExpect(jsonPath("$.response").value("No change: one rung stronger, 1:30."));
    }

    @Test
    void notesALookOnceAndStrikesIt() throws Exception {
        UUID key = UUID.randomUUID();
        Map<String, Object> pale = Map.of("look", "PALE", "dry", true, "note", "after the wind");
        send(looks("Kohlrabi"), key, pale);
        send(looks("Kohlrabi"), key, pale);
        assertThat(bed("Kohlrabi").get("looks")).hasSize(1);
        remove(looks("Kohlrabi") + "/" + key)
                .andExpect(jsonPath("$.looks[0].struck").value(true));
    }

    @Test
    void takesALookAndAWateringOfYesterdayAtTheirDay() throws Exception {
        send(looks("Kohlrabi"), Map.of("look", "PALE", "dry", false, "when", "yesterday at 18:00"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.looks[0].at").value(startsWith("2026-05-19T")));
        String waterings = looks("Kohlrabi").replace("/looks", "/waterings");
        send(waterings, Map.of("when", "Sunday")).andExpect(status().isOk());
        send(waterings, Map.of("when", "next Sunday"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("when"));
        send(looks("Kohlrabi"), Map.of("look", "PALE", "dry", false, "when", "30 May 2026"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString("lies ahead")));
    }

    @Test
    void keepsANoteToItsLength() throws Exception {
        send(looks("Kohlrabi"), Map.of("look", "PALE", "dry", false, "note", "x".repeat(201)))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("note"));
    }

    @Test
    void countsAPlainWatering() throws Exception {
        String id = bed("Kohlrabi").get("plantingId").asText();
        send("/api/beds/" + id + "/waterings", Map.of())
                .andExpect(jsonPath("$.marks[?(@.kind == 'WATER')].words").value("plain water"));
    }

    @Test
    void proposesWithBottleAmountAndReason() throws Exception {
        JsonNode next = bed("Kohlrabi").at("/next/0");
        assertThat(next.get("kind").asText()).isEqualTo("FEED");
        assertThat(next.get("words").asText()).contains("from P", "1:");
        assertThat(next.get("why").asText()).isNotBlank();
        assertThat(next.at("/working/steps").toString()).contains("Oldest usable bottle first.");
    }

    @Test
    void showsAPourOnTheStripAndChangesWhatComesNext() throws Exception {
        JsonNode before = bed("Beetroot");
        String bottle = before.at("/next/0/bottleId").asText();
        send(
                        "/api/feeds",
                        feed(
                                bottle,
                                "SOIL",
                                "plantingId",
                                before.get("plantingId").asText()))
                .andExpect(status().isOk());
        JsonNode after = bed("Beetroot");
        assertThat(after.get("lastFeed").asText()).endsWith("today");
        assertThat(after.get("marks").findValuesAsText("kind")).contains("FEED");
        assertThat(after.at("/next/0/kind").asText()).isEqualTo("LOOK");
    }

    @ParameterizedTest
    @CsvSource({
        "feeds.csv, 'at,planting,target,brew,bottle,parts_of_water,brew_millilitres,mix_litres,undone'",
        "looks.csv, 'at,planting,look,dry_soil,note,struck'"
    })
    void handsOutFeedsAndLooksAsCsv(String file, String head) throws Exception {
        byte[] text = mvc.perform(get("/api/" + file))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        String[] lines = new String(text, StandardCharsets.UTF_8).split("\r\n");
        assertThat(lines[0]).isEqualTo(head);
        assertThat(lines.length).isGreaterThan(5);
    }
}
