package potmellow.app.welcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static potmellow.app.PagesToken.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.app.garden.GardenService;

@Transactional
class WelcomeControllerTest extends ApplicationTest {
    @Autowired
    private Furnishing furnishing;

    @Autowired
    private GardenService gardens;

    @Autowired
    private JdbcClient database;

    private static Map<String, Object> answers() {
        return new HashMap<>(Map.of(
                "clockface", "HOURS_12",
                "name", "Crow's Nest",
                "units", "US",
                "tap", "CHLORAMINE",
                "zone", "Europe/Lisbon",
                "climate", "DRY_WARM",
                "canLift", "25",
                "places", List.of(0, 3),
                "vessels", List.of(3),
                "version", 0));
    }

    private ResultActions answer(Map<String, Object> body) throws Exception {
        return mvc.perform(put("/api/welcome")
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(body)));
    }

    @Test
    void asksWithDefaultsAndSuggestsPlacesAndVessels() throws Exception {
        JsonNode welcome = read("/api/welcome");
        assertThat(welcome.get("taps")).hasSize(4);
        assertThat(welcome.get("zones").toString()).contains("Europe/London");
        assertThat(welcome.get("usualLift").asText()).isEqualTo("15 kg");
        assertThat(welcome.get("places")).hasSize(5);
        assertThat(welcome.get("vessels").get(3).asText()).isEqualTo("20 L bucket");
    }

    @Test
    void takesTheFourAnswers() throws Exception {
        answer(answers()).andExpect(status().isOk());
        JsonNode garden = read("/api/garden");
        assertThat(garden.get("name").asText()).isEqualTo("Crow's Nest");
        assertThat(garden.get("tap").asText()).isEqualTo("CHLORAMINE");
        assertThat(garden.get("canLift").asText()).isEqualTo("25 lb");
        assertThat(garden.get("clockface").asText()).isEqualTo("HOURS_12");
        assertThat(garden.get("welcomed").asBoolean()).isTrue();
        answer(answers()).andExpect(status().isConflict());
    }

    @Test
    void leavesTheClockAsItWasWhereNobodySays() throws Exception {
        Map<String, Object> body = answers();
        body.remove("clockface");
        answer(body).andExpect(status().isOk());
        assertThat(read("/api/garden").get("clockface").asText()).isEqualTo("HOURS_24");
    }

    @Test
    void writesHoursByItsClock() throws Exception {
        answer(answers()).andExpect(status().isOk());
        assertThat(read("/api/typed?as=PAST&text=yesterday at 16:30").toString())
                .contains("4:30 pm");
        assertThat(read("/api/plan").at("/steps/0/setWords").asText()).matches(".*\\d (am|pm|noon|midnight)");
    }

    @ParameterizedTest
    @CsvSource({"51.5, 51.5", "52.1° N, 52.1", "33 S, -33", "33° south, -33", "-12, -12"})
    void takesWhereTheGardenLies(String typed, double degrees) throws Exception {
        Map<String, Object> body = answers();
        body.put("latitude", typed);
        answer(body).andExpect(status().isOk());
        assertThat(read("/api/garden").get("latitude").asDouble()).isEqualTo(degrees);
    }

    @Test
    void leavesTheLatitudeToTheClimateWhereItIsLeftOut() throws Exception {
        Map<String, Object> body = answers();
        body.put("latitude", " ");
        answer(body).andExpect(status().isOk());
        assertThat(read("/api/garden").has("latitude")).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "canLift, 900 kg, must be from",
        "zone, Moon/Sea, can't be read",
        "zone, +02:00, can't be read",
        "latitude, 95, must be from",
        "name, '', The name is empty"
    })
    void saysBesideTheFieldWhatIsAllowed(String field, String value, String words) throws Exception {
        Map<String, Object> body = answers();
        body.put(field, value);
        answer(body)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail", containsString(words)));
    }

    @Test
    void laysOutWhatWasChosenWhereThereIsNothingYet() throws Exception {
        database.sql("SET FOREIGN_KEY_CHECKS = 0").update();
        for (String table : database.sql("""
                        SELECT table_name FROM information_schema.tables
                        WHERE table_schema = DATABASE() AND table_name NOT IN ('garden', 'flyway_schema_history')""").query(String.class).list()) {
            database.sql("DELETE FROM " + table).update();
        }
        database.sql("SET FOREIGN_KEY_CHECKS = 1").update();
        furnishing.layOut(gardens.current(), List.of(4), List.of(0, 3, 99));
        assertThat(read("/api/places").findValuesAsText("name")).containsExactly("Sunny step");
        assertThat(read("/api/vessels").findValuesAsText("code")).containsExactly("J1", "B1");
        furnishing.layOut(gardens.current(), List.of(0, 1), List.of(0, 1));
        assertThat(read("/api/places")).hasSize(1);
    }
}
