package potmellow.app.pantry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class PantryControllerTest extends ApplicationTest {
    @Test
    void makesOfNettlesShellsAndBucketsWhatTheyCanBecome() throws Exception {
        send("/api/pantry", Map.of("list", "3 kg nettles, 12 eggshells, 1 L vinegar, two 20 L buckets, a unicorn"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.read", hasItem("66 g eggshells, crushed")))
                .andExpect(jsonPath("$.unread", contains("a unicorn")))
                .andExpect(jsonPath("$.possible[?(@.methodId == 'nettle-tea')].now", contains(true)))
                .andExpect(jsonPath("$.possible[?(@.methodId == 'nettle-tea')].inHand.plant", contains("3 kg")))
                .andExpect(jsonPath("$.possible[?(@.methodId == 'shell-calcium-tenfold')].makes", contains("640 mL")));
    }

    @ParameterizedTest
    @CsvSource({"1.7 L jar, 1.7 L, JAR", "two 23 L buckets, 23 L, BUCKET"})
    void keepsTheVesselInHandForThePageOfTheRecipe(String vessel, String capacity, String kind) throws Exception {
        String holds = "$.possible[?(@.methodId == 'nettle-tea')].holds";
        send("/api/pantry", Map.of("list", "300 g nettles, " + vessel))
                .andExpect(jsonPath(holds + ".capacity", contains(capacity)))
                .andExpect(jsonPath(holds + ".kind", contains(kind)));
    }

    @Test
    void takesTheGardensOwnVesselOfThatSizeWhereItIsFree() throws Exception {
        UUID key = UUID.randomUUID();
        send("/api/vessels", key, Map.of("kind", "JAR", "capacity", "1.3 L")).andExpect(status().is2xxSuccessful());
        String own = idOf("/api/vessels", "capacity", "1.3 L");
        send("/api/pantry", Map.of("list", "300 g nettles, 1.3 L jar"))
                .andExpect(jsonPath("$.possible[?(@.methodId == 'nettle-tea')].holds.vessel", contains(own)));
    }

    @Test
    void takesNoVesselInWhichSomethingStands() throws Exception {
        for (JsonNode vessel : read("/api/vessels")) {
            if (vessel.has("holds") && vessel.get("kind").asText().equals("JAR")) {
                String jar = vessel.get("capacity").asText() + " jar";
                JsonNode made = answer(send("/api/pantry", Map.of("list", "300 g nettles, " + jar)));
                assertThat(made.toString())
                        .doesNotContain("\"vessel\":\"" + vessel.get("id").asText());
            }
        }
    }

    @Test
    void tellsWhatIsMissingForTheNearMisses() throws Exception {
        send("/api/pantry", Map.of("list", "2 kg leaves"))
                .andExpect(jsonPath("$.possible[?(@.methodId == 'plant-juice-packed')].now", contains(false)))
                .andExpect(jsonPath(
                        "$.possible[?(@.methodId == 'plant-juice-packed')].missing[0]", contains("brown sugar")));
    }

    @Test
    void saysWhatToTypeWhereNothingIs() throws Exception {
        send("/api/pantry", Map.of("list", " "))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("list"))
                .andExpect(jsonPath("$.detail", containsString("Type what you have, such as")));
    }

    @Test
    void tellsForEachStageOfGrowthWhatPlantsWant() throws Exception {
        JsonNode needs = read("/api/needs");
        assertThat(needs).hasSize(7);
        assertThat(needs.get(1).get("brews").findValuesAsText("productId")).contains("nettle-liquid", "fish-amino");
        assertThat(needs.get(3).get("brews").findValuesAsText("productId"))
                .contains("shell-calcium")
                .doesNotContain("nettle-liquid", "fish-amino", "manure-brew");
    }
}
