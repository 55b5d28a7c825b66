package potmellow.app.garden;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static potmellow.app.PagesToken.csrf;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class GardenControllerTest extends ApplicationTest {
    private ResultActions changeUnits(String units, int version) throws Exception {
        return mvc.perform(put("/api/garden/units")
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(Map.of("units", units, "version", version))));
    }

    @Test
    void tellsItsDayInItsOwnZone() throws Exception {
        assertThat(read("/api/garden").get("today").asText()).isEqualTo("2026-05-20");
        assertThat(read("/api/garden").get("zone").asText()).isEqualTo("Europe/London");
    }

    @Test
    void tellsEveryAmountAnewInTheOtherUnits() throws Exception {
        changeUnits("US", 0)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.units").value("US"));
        assertThat(read("/api/places").get(0).get("temperature").asText()).isEqualTo("67 °F");
        assertThat(read("/api/plantings").get(0).get("size").asText()).isEqualTo("21.5 ft²");
        send(
                        "/api/recipes",
                        Map.of("methodId", "plant-juice-open", "anchor", "IN_HAND", "inHand", Map.of("plant", "22.6")))
                .andExpect(jsonPath("$.amounts[1].amount.text").value("1 lb 6.6 oz"))
                .andExpect(jsonPath("$.amounts[1].also[0]").value("3 cups"));
    }

    @Test
    void refusesAChangeMadeOnAnOlderPage() throws Exception {
        changeUnits("US", 0).andExpect(status().isOk());
        changeUnits("METRIC", 0)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("stale"));
    }

    @Test
    void putsSimulatedInstrumentsAwayForTheWholeGarden() throws Exception {
        mvc.perform(put("/api/garden/stand-ins")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(json.writeValueAsString(Map.of("standIns", false, "version", 0))))
                .andExpect(jsonPath("$.standIns").value(false));
        String pot = "/api/pots/" + idOf("/api/pots", "name", "Pea-shoot juice");
        mvc.perform(get(pot + "/meters/PH")).andExpect(status().isNotFound());
        assertThat(read(pot).get("meters").findValuesAsText("standIn")).containsOnly("false");
    }

    @Test
    void asksOnceHowMuchACapfulHolds() throws Exception {
        send("/api/strengths", Map.of("saying", "2 capfuls per 10 L"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.code").value("unsized"))
                .andExpect(jsonPath("$.measure.id").value("CAPFUL"))
                .andExpect(jsonPath("$.readings[1]").value("10 mL"));
        mvc.perform(put("/api/garden/sizes/capful")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"size\": \"10 mL\"}"))
                .andExpect(jsonPath("$.sizes[0].words").value("capful"))
                .andExpect(jsonPath("$.sizes[0].size").value("10 mL"));
        send("/api/strengths", Map.of("saying", "2 capfuls per 10 L"))
                .andExpect(jsonPath("$.text").value("1:500"))
                .andExpect(jsonPath("$.how").value("1:500, a capful is 10 mL"));
        changeUnits("US", 0).andExpect(jsonPath("$.sizes[0].size").value("2 tsp"));
        mvc.perform(delete("/api/garden/sizes/CAPFUL").with(csrf()))
                .andExpect(jsonPath("$.sizes").isEmpty());
    }

    @ParameterizedTest
    @CsvSource({"capful, 0 mL", "capful, 500 L", "capful, some", "thimble, 5 mL"})
    void refusesSizesThatNothingHas(String measure, String size) throws Exception {
        mvc.perform(put("/api/garden/sizes/" + measure)
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(json.writeValueAsString(Map.of("size", size))))
                .andExpect(status().isUnprocessableEntity());
    }
}
