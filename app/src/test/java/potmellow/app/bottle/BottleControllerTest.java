package potmellow.app.bottle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static potmellow.app.PagesToken.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class BottleControllerTest extends ApplicationTest {
    private JsonNode bottle(String name) throws Exception {
        for (JsonNode bottle : read("/api/bottles")) {
            if (bottle.get("name").asText().equals(name)) {
                return bottle;
            }
        }
        throw new AssertionError("no bottle of " + name);
    }

    @Test
    void opensItsLedgerAsTheWorkingOfItsLevel() throws Exception {
        JsonNode steps = bottle("Pea-shoot juice").get("levelWorking").get("steps");
        assertThat(steps).hasSize(3);
        assertThat(steps.get(0).get("result").asText()).isEqualTo("+640 mL");
        assertThat(steps.get(1).get("result").asText()).isEqualTo("−20 mL");
        assertThat(steps.get(2).get("result").asText()).isEqualTo("620 mL");
    }

    @Test
    void saysHowItsLastDayWasReached() throws Exception {
        JsonNode working = bottle("Mugwort juice").get("useByWorking");
        assertThat(working.get("markWords").asText()).isEqualTo("common practice");
        assertThat(working.get("steps").get(0).get("words").asText()).contains("how long it keeps in the fridge");
        assertThat(working.get("steps")
                        .get(0)
                        .get("figures")
                        .get(1)
                        .get("value")
                        .asText())
                .isEqualTo("365 days");
    }

    @Test
    void tellsItsLevelInBothUnits() throws Exception {
        assertThat(bottle("Pea-shoot juice").get("level").asText()).isEqualTo("620 mL");
        assertThat(bottle("Pea-shoot juice").get("also").asText()).isEqualTo("21 fl oz");
    }

    @ParameterizedTest
    @CsvSource({"0, SOON, 6 days left", "5, SOON, 1 day left", "6, SOON, to be used today", "7, PAST, was to be used by"
    })
    void warnsOfItsLastDay(int daysLater, String freshness, String words) throws Exception {
        clock.advance(Duration.ofDays(daysLater));
        assertThat(bottle("Chickweed juice").get("freshness").asText()).isEqualTo(freshness);
        assertThat(bottle("Chickweed juice").get("useByWords").asText()).startsWith(words);
    }

    @Test
    void isEmptyOnceAllIsPouredAndLeavesTheShelf() throws Exception {
        String id = idOf("/api/bottles", "name", "Chickweed juice");
        send("/api/feeds", feed(id, "SOIL", "mix", "120 L", "can", "120 L"));
        assertThat(read("/api/bottles").findValuesAsText("id")).doesNotContain(id);
        JsonNode emptied = read("/api/bottles/emptied").get(0);
        assertThat(emptied.get("id").asText()).isEqualTo(id);
        assertThat(emptied.get("level").asText()).isEqualTo("0 mL");
        assertThat(emptied.get("freshness").asText()).isEqualTo("EMPTY");
    }

    @Test
    void isInStoreAgainWhereItWasNotEmptyAfterAll() throws Exception {
        String id = idOf("/api/bottles", "name", "Chickweed juice");
        send("/api/bottles/" + id + "/disposals", Map.of("reason", "It smelt odd."));
        send("/api/bottles/" + id + "/measures", Map.of("level", "80 mL"));
        assertThat(bottle("Chickweed juice").get("level").asText()).isEqualTo("80 mL");
        assertThat(read("/api/bottles/emptied").findValuesAsText("id")).doesNotContain(id);
    }

    @Test
    void putsOnlySoilOnTheLabelOfASouredBrew() throws Exception {
        assertThat(bottle("Mugwort juice").get("labelLine").asText())
                .contains("soil 1:500")
                .doesNotContain("leaves", "seedlings");
    }

    private String path(String name) throws Exception {
        return "/api/bottles/" + bottle(name).get("id").asText();
    }

    @Test
    void isKeptOnAfterALookAndSaysSoInItsWorking() throws Exception {
        clock.advance(Duration.ofDays(20));
        send(path("Chickweed juice") + "/decisions", Map.of("days", "10", "words", "clear and sour"))
                .andExpect(jsonPath("$.freshness").value("SOON"))
                .andExpect(jsonPath("$.useBy").value("2026-06-19"))
                .andExpect(
                        jsonPath("$.useByWorking.steps[1].words").value("You looked at it after that and kept it on."));
    }

    @ParameterizedTest
    @CsvSource({"0, fine, days", "400, fine, days", "10, '', words"})
    void saysBesideTheFieldWhatADecisionWants(String days, String words, String field) throws Exception {
        send(path("Chickweed juice") + "/decisions", Map.of("days", days, "words", words))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field));
    }

    @Test
    void isPouredOutOnlyWithAReasonThatItsLedgerTells() throws Exception {
        String path = path("Chickweed juice");
        send(path + "/disposals", Map.of("reason", " "))
                .andExpect(jsonPath("$.field").value("reason"));
        send(path + "/disposals", Map.of("reason", "smelt of solvent"))
                .andExpect(jsonPath("$.freshness").value("EMPTY"))
                .andExpect(jsonPath("$.levelWorking.steps[*].words", hasItem(containsString("smelt of solvent"))));
    }

    @Test
    void takesWhatWasMeasuredIntoItsLedger() throws Exception {
        send(path("Pea-shoot juice") + "/measures", Map.of("level", "500 mL"))
                .andExpect(jsonPath("$.level").value("500 mL"))
                .andExpect(jsonPath("$.levelWorking.steps[*].result", hasItem("−120 mL")));
        send(path("Pea-shoot juice") + "/measures", Map.of("level", "some"))
                .andExpect(jsonPath("$.field").value("level"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0 mL", "0", "0.0 L", "empty", "Nothing"})
    void takesABottleForEmptyThatWasMeasuredSo(String level) throws Exception {
        send(path("Pea-shoot juice") + "/measures", Map.of("level", level))
                .andExpect(jsonPath("$.freshness").value("EMPTY"));
    }

    @Test
    void standsWhereItIsPut() throws Exception {
        String cold = idOf("/api/places", "name", "Cold box");
        mvc.perform(put(path("Pea-shoot juice") + "/place")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(json.writeValueAsString(Map.of("placeId", cold))))
                .andExpect(jsonPath("$.place").value("Cold box"));
    }
}
