package potmellow.app.planting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class PlantingControllerTest extends ApplicationTest {
    private static Map<String, Object> leeks() {
        return new HashMap<>(Map.of(
                "name",
                "Leeks",
                "cropId",
                "leek",
                "area",
                "3 m²",
                "appetite",
                "HEAVY",
                "soil",
                "CLAY",
                "eaten",
                "COOKED",
                "touched",
                true,
                "stage",
                "SEEDLING",
                "sown",
                "2026-03-01"));
    }

    private JsonNode planting(String name) throws Exception {
        for (JsonNode planting : read("/api/plantings")) {
            if (planting.get("name").asText().equals(name)) {
                return planting;
            }
        }
        throw new AssertionError("no planting " + name);
    }

    @Test
    void addsABedOnceHoweverOftenItIsSent() throws Exception {
        UUID key = UUID.randomUUID();
        send("/api/plantings", key, leeks()).andExpect(jsonPath("$.size").value("3 m²"));
        send("/api/plantings", key, leeks()).andExpect(jsonPath("$.id").value(key.toString()));
        assertThat(read("/api/plantings").findValuesAsText("name")).containsOnlyOnce("Leeks");
    }

    @Test
    void tellsTheStageThatItWouldUsuallyBeIn() throws Exception {
        send("/api/plantings", leeks()).andExpect(jsonPath("$.usualStage").value("leafy"));
    }

    @Test
    void keepsPotsByNumberAndVolume() throws Exception {
        Map<String, Object> pots = leeks();
        pots.remove("area");
        pots.put("pots", "6");
        pots.put("pot", "8 L");
        send("/api/plantings", pots).andExpect(jsonPath("$.size").value("6 × 8 L"));
    }

    @ParameterizedTest
    @CsvSource({
        "name, '', name, is empty",
        "area, 0, area, must be from 0.1 m²",
        "area, '', area, is empty",
        "pots, none, pots, can't be read",
        "harvest, 2026-02-01, harvest, can't be before it was sown"
    })
    void saysBesideTheFieldWhatIsAllowed(String entry, String value, String field, String words) throws Exception {
        Map<String, Object> wrong = leeks();
        wrong.put(entry, value);
        send("/api/plantings", wrong)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail", containsString(words)));
    }

    @ParameterizedTest
    @CsvSource({"'', 8 L, pots", "6, '', pot", "'', '', pots"})
    void asksForThePotsOfWhatStandsInPots(String pots, String pot, String field) throws Exception {
        Map<String, Object> wrong = leeks();
        wrong.remove("area");
        wrong.put("pots", pots);
        wrong.put("pot", pot);
        send("/api/plantings", wrong)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail", containsString("is empty")));
    }

    @Test
    void changesOnlyTheVersionThatWasSeen() throws Exception {
        String id = planting("Kohlrabi").get("id").asText();
        int version = planting("Kohlrabi").get("version").asInt();
        Map<String, Object> anew = leeks();
        anew.put("version", version);
        replace("/api/plantings/" + id, anew).andExpect(jsonPath("$.name").value("Leeks"));
        replace("/api/plantings/" + id, anew)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("stale"));
    }

    @Test
    void growsIntoAnotherStage() throws Exception {
        String id = planting("Pak choi").get("id").asText();
        replace("/api/plantings/" + id + "/stage", Map.of("stage", "LEAFY"))
                .andExpect(jsonPath("$.stage").value("leafy"));
        assertThat(planting("Pak choi").get("wants").asText()).startsWith("Nitrogen-leaning");
    }

    @Test
    void countsTheLaterOfTwoTapsAtOneMoment() throws Exception {
        String stage = "/api/plantings/" + planting("Pak choi").get("id").asText() + "/stage";
        replace(stage, Map.of("stage", "FRUITING"));
        replace(stage, Map.of("stage", "LEAFY")).andExpect(jsonPath("$.stage").value("leafy"));
    }

    @Test
    void clearsAPlantingAway() throws Exception {
        String id = planting("Kohlrabi").get("id").asText();
        send("/api/plantings/" + id + "/end", Map.of()).andExpect(status().isNoContent());
        assertThat(read("/api/plantings").findValuesAsText("name")).doesNotContain("Kohlrabi");
    }

    @Test
    void saysThatAPlantingIsNotHere() throws Exception {
        replace("/api/plantings/" + UUID.randomUUID() + "/stage", Map.of("stage", "LEAFY"))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail", containsString("no such planting")));
    }

    @Test
    void describesACropAnewAndTakesItBack() throws Exception {
        Map<String, Object> kale = Map.of(
                "name",
                "Kale",
                "appetite",
                "HEAVY",
                "eaten",
                "RAW",
                "touched",
                true,
                "soil",
                "LOAM",
                "days",
                Map.of("SEEDLING", "30", "LEAFY", "200"));
        replace("/api/crops/kale", kale).andExpect(jsonPath("$.own").value(true));
        assertThat(crop("kale").get("appetite").asText()).isEqualTo("HEAVY");
        remove("/api/crops/kale").andExpect(status().isOk());
        assertThat(crop("kale").get("appetite").asText()).isEqualTo("MEDIUM");
    }

    private static Map<String, Object> samphire(String name, String leafyDays) {
        return Map.of(
                "name",
                name,
                "appetite",
                "LIGHT",
                "eaten",
                "RAW",
                "touched",
                true,
                "saltSensitive",
                false,
                "soil",
                "SANDY",
                "days",
                Map.of("LEAFY", leafyDays));
    }

    @Test
    void addsACropThatTheListLacks() throws Exception {
        send("/api/crops", samphire("Harbour samphire", "90"))
                .andExpect(jsonPath("$.id").value("harbour-samphire"));
        assertThat(crop("harbour-samphire").get("soil").asText()).isEqualTo("SANDY");
        remove("/api/crops/harbour-samphire").andExpect(status().isOk());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Kale|90|name|The list has it already: describe that one anew.",
                "Sea purslane|many|days-LEAFY|The days of leafy (“many”) can't be read.",
                "Sea purslane|0|days-LEAFY|must be from 1 to",
                "<b>|90|name|is not allowed in a name"
            })
    void saysBesideTheFieldOfACropWhatIsAllowed(String name, String days, String field, String words) throws Exception {
        send("/api/crops", samphire(name, days))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail", containsString(words)));
    }

    @Test
    void describesOnlyCropsOfTheList() throws Exception {
        replace("/api/crops/moon-melon", samphire("Moon melon", "90")).andExpect(status().isNotFound());
    }

    private JsonNode crop(String id) throws Exception {
        for (JsonNode crop : read("/api/crops")) {
            if (crop.get("id").asText().equals(id)) {
                return crop;
            }
        }
        throw new AssertionError("no crop " + id);
    }
}
