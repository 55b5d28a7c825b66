package potmellow.app.outside;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class OutsideTest extends ApplicationTest {
    private static final String YESTERDAY = "2026-05-19T20:00:00Z";

    private static int tests;

    /** Who knocked in another test has waited long enough in this one. */
    @BeforeEach
    void laterThanAnybodyKnocked() {
        tests++;
        clock.advance(Knocking.WITHIN.multipliedBy(2L * tests));
    }

    private String token() throws Exception {
        return json.readTree(send("/api/outside/tokens", Map.of("name", "Shelf probe", "scope", "READINGS"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .get("token")
                .asText();
    }

    /** As an instrument sends it: with its token, without the page's. */
    private ResultActions post(String token, Object... readings) throws Exception {
        return mvc.perform(MockMvcRequestBuilders.post("/api/readings")
                .header("Authorization", "Bearer " + token)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(List.of(readings))));
    }

    private static Map<String, String> reading(String code, String meter, String value, String at) {
        return Map.of("code", code, "meter", meter, "value", value, "at", at);
    }

    private JsonNode pot(String name) throws Exception {
        return read("/api/pots/" + idOf("/api/pots", "name", name));
    }

    @Test
    void keepsWhatAnInstrumentSendsWithItsToken() throws Exception {
        post(token(), reading("J4", "ph", "4.1", YESTERDAY))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.good").value(1));
        JsonNode log = pot("Pea-shoot juice").get("log").get(0);
        assertThat(log.get("act").asText()).isEqualTo("pH sent in");
        assertThat(log.get("words").get(0).asText()).isEqualTo("pH 4.1");
    }

    @Test
    void countsAReadingSentTwiceOnce() throws Exception {
        String token = token();
        post(token, reading("J4", "thermometer", "21", YESTERDAY));
        post(token, reading("J4", "thermometer", "21", YESTERDAY))
                .andExpect(jsonPath("$.good").value(0))
                .andExpect(jsonPath("$.known").value(1));
    }

    @Test
    void letsAReadingMoveTheDates() throws Exception {
        double before = pot("Pea-shoot juice").at("/summary/forecast/ripeness").asDouble();
        post(
                token(),
                reading("J4", "thermometer", "28", "2026-05-18T08:00:00Z"),
                reading("J4", "thermometer", "28", "2026-05-19T07:00:00Z"));
        assertThat(pot("Pea-shoot juice").at("/summary/forecast/ripeness").asDouble())
                .isGreaterThan(before + 0.03);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            X9 | ph      | 4.1  | 2026-05-19T20:00:00Z | No vessel of the garden has the code X9
            J4 | sonar   | 4.1  | 2026-05-19T20:00:00Z | is no meter
            J4 | ph      | 15   | 2026-05-19T20:00:00Z | must be from 0
            J4 | ph      | sour | 2026-05-19T20:00:00Z | can't be read
            J4 | ph      | 12   | 2026-05-19T20:00:00Z | odd for a pot
            J4 | ph      | 4    | 2026-05-21T20:00:00Z | lies ahead
            J4 | ph      | 4    | yesterday            | is no moment
            J4 | ph      | 4    | 2024-05-19T20:00:00Z | Nothing stood in J4 then
            """)
    void holdsBackWhatCannotBe(String code, String meter, String value, String at, String why) throws Exception {
        post(token(), reading(code, meter, value, at))
                .andExpect(jsonPath("$.held").value(1));
        JsonNode held = read("/api/outside").get("held");
        assertThat(held).hasSize(1);
        assertThat(held.get(0).get("why").asText()).contains(why);
    }

    @Test
    void takesAnOddReadingAfterALookButNeverAnImpossibleOne() throws Exception {
        String token = token();
        post(token, reading("J4", "ph", "12", YESTERDAY));
        String odd = read("/api/outside").get("held").get(0).get("id").asText();
        send("/api/outside/held/" + odd + "/takings", Map.of())
                .andExpect(jsonPath("$.held.length()").value(0));
        assertThat(pot("Pea-shoot juice").get("log").get(0).get("words").get(0).asText())
                .isEqualTo("pH 12");
        post(token, reading("J4", "ph", "15", YESTERDAY));
        String impossible = read("/api/outside").get("held").get(0).get("id").asText();
        send("/api/outside/held/" + impossible + "/takings", Map.of())
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("impossible"));
        send("/api/outside/held/" + impossible + "/droppings", Map.of())
                .andExpect(jsonPath("$.held.length()").value(0));
    }

    @Test
    void turnsAwayWhoHasNoTokenOrARevokedOne() throws Exception {
        post("mellow-guess", reading("J4", "ph", "4", YESTERDAY))
                .andExpect(status().isUnauthorized())
                .andExpect(jsonPath("$.code").value("no-token"));
        String token = token();
        String id = read("/api/outside").get("tokens").get(0).get("id").asText();
        send("/api/outside/tokens/" + id + "/revocations", Map.of())
                .andExpect(jsonPath("$.tokens[0].revoked").value(true));
        post(token, reading("J4", "ph", "4", YESTERDAY)).andExpect(status().isUnauthorized());
    }

    @Test
    void letsWhoKnocksWithWrongTokensWaitAndNobodyElse() throws Exception {
        String token = token();
        post(token, reading("J4", "ph", "4", YESTERDAY)).andExpect(status().isOk());
        for (int wrong = 0; wrong < Knocking.MOST_WRONG; wrong++) {
            post("guess" + wrong, reading("J4", "ph", "4", YESTERDAY)).andExpect(status().isUnauthorized());
        }
        post("guess", reading("J4", "ph", "4", YESTERDAY))
                .andExpect(status().isTooManyRequests())
                .andExpect(header().string("Retry-After", "60"))
                .andExpect(jsonPath("$.code").value("too-often"));
        post(token, reading("J4", "ph", "4.2", YESTERDAY)).andExpect(status().isOk());
        clock.advance(Knocking.WITHIN);
        post("guess", reading("J4", "ph", "4", YESTERDAY)).andExpect(status().isUnauthorized());
    }

    @Test
    void holdsBackNoMoreThanCanBeLookedAt() throws Exception {
        String token = token();
        List<Object> strange = new ArrayList<>();
        for (int code = 0; code < 200; code++) {
            strange.add(reading("Q" + code, "ph", "4", YESTERDAY));
        }
        post(token, strange.toArray()).andExpect(jsonPath("$.held").value(200));
        post(token, reading("Q999", "ph", "4", YESTERDAY))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("too-many-held"));
        post(token, reading("J4", "ph", "4.3", YESTERDAY))
                .andExpect(jsonPath("$.good").value(1));
    }

    @Test
    void looksAtAFileBeforeItTakesItIn() throws Exception {
        String file = "code,meter,value,at\nJ4,thermometer,20.5,2026-05-19 21:00\nJ4,ph,19,2026-05-19 21:00\n";
        send("/api/outside/previews", Map.of("text", file))
                .andExpect(jsonPath("$.good").value(1))
                .andExpect(jsonPath("$.held").value(1))
                .andExpect(jsonPath("$.rows[1].why", containsString("must be from 0")));
        assertThat(read("/api/outside").get("held")).isEmpty();
        send("/api/outside/imports", Map.of("text", file))
                .andExpect(jsonPath("$.good").value(1));
        send("/api/outside/imports", Map.of("text", file))
                .andExpect(jsonPath("$.known").value(1));
        assertThat(read("/api/outside").get("held")).hasSize(1);
        assertThat(pot("Pea-shoot juice").get("log").get(0).get("at").asText()).isEqualTo("2026-05-19T20:00:00Z");
    }

    @Test
    void saysWhatColumnsAFileWants() throws Exception {
        send("/api/outside/previews", Map.of("text", "pot,value\nJ4,3\n"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("code, meter, value, at")));
    }

    @Test
    void letsAReadingFromOutsideBeStruck() throws Exception {
        post(token(), reading("J4", "ph", "4.1", YESTERDAY));
        String pot = "/api/pots/" + idOf("/api/pots", "name", "Pea-shoot juice");
        String id = read(pot).get("log").get(0).get("id").asText();
        send(pot + "/readings/" + id + "/strikes", Map.of())
                .andExpect(jsonPath("$.log[0].struck").value(true));
        assertThat(read(pot).at("/chart/series").findValuesAsText("meter")).doesNotContain("PH");
        send(pot + "/readings/" + id + "/strikes", Map.of()).andExpect(status().isConflict());
    }
}
