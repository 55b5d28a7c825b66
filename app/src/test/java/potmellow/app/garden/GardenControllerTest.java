package potmellow.app.garden;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Map;
import org.junit.jupiter.api.Test;
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
}
