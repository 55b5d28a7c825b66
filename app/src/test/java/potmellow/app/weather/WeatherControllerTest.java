package potmellow.app.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static potmellow.app.PagesToken.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.app.Statements;

@Transactional
@Import(Statements.Counted.class)
class WeatherControllerTest extends ApplicationTest {
    private static final String HEAD = "day,low_celsius,high_celsius,rain_millimetres,wind_metres_per_second\n";

    @Autowired
    private JdbcClient database;

    private ResultActions write(String day, Map<String, String> body) throws Exception {
        return mvc.perform(put("/api/weather/days/" + day)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(body)));
    }

    private JsonNode day(String date) throws Exception {
        for (JsonNode day : read("/api/weather").get("days")) {
            if (day.get("day").asText().equals(date)) {
                return day;
            }
        }
        throw new AssertionError("No weather of " + date);
    }

    @Test
    void tellsTwoWeeksOfHistoryAndTenDaysAheadAllMarkedAsSimulated() throws Exception {
        JsonNode days = read("/api/weather").get("days");
        assertThat(days).hasSize(14 + 1 + 10);
        assertThat(days.get(0).get("originWords").asText()).isEqualTo("simulated");
        assertThat(days.get(24).get("originWords").asText()).isEqualTo("forecast");
        assertThat(days.findValuesAsText("real")).containsOnly("false");
    }

    @Test
    void putsWhatTheGardenerWroteDownFirst() throws Exception {
        write("2026-05-19", Map.of("low", "-2", "high", "31", "rain", "12")).andExpect(status().isOk());
        assertThat(day("2026-05-19").get("words").asText()).isEqualTo("-2 to 31 °C, rain, frost");
        assertThat(day("2026-05-19").get("real").asBoolean()).isTrue();
        clock.advance(Duration.ofMinutes(1));
        write("2026-05-19", Map.of("low", "4", "high", "12"));
        assertThat(day("2026-05-19").get("words").asText()).isEqualTo("4 to 12 °C, dry");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2026-05-19 | 12  | 4  | high | must be from 12 °C to 60 °C
            2026-05-19 | -70 | 4  | low  | must be from -60 °C to 60 °C
            2026-05-21 | 4   | 12 | day  | lies ahead
            2026-05-19 | mild| 4  | low  | can't be read
            """)
    void saysBesideTheFieldWhatCannotBe(String day, String low, String high, String field, String words)
            throws Exception {
        write(day, Map.of("low", low, "high", high))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail", containsString(words)));
    }

    @Test
    void keepsTheHoursOfRainWhereTheyAreKnown() throws Exception {
        Map<String, String> today =
                Map.of("low", "9", "high", "17", "rain", "6", "rainFrom", "16:30", "rainUntil", "18");
        write("2026-05-20", today).andExpect(status().isOk());
        String juice = idOf("/api/bottles", "name", "Pea-shoot juice");
        JsonNode mix = answer(send("/api/mixes", feed(juice, "LEAVES")));
        String rain = "";
        for (JsonNode finding : mix.get("findings")) {
            rain = finding.get("rule").asText().equals("rain")
                    ? finding.get("words").asText()
                    : rain;
        }
        assertThat(rain).isEqualTo("Dry for the next hours (written down).");
    }

    @Test
    void saysBesideTheHoursOfRainWhatCannotBe() throws Exception {
        write("2026-05-20", Map.of("low", "9", "high", "17", "rain", "6", "rainFrom", "18", "rainUntil", "16"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("rainHours"))
                .andExpect(jsonPath("$.detail").value(containsString("later than 18")));
        write("2026-05-20", Map.of("low", "9", "high", "17", "rain", "6", "rainFrom", "half past"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("rainHours"));
    }

    @Test
    void looksAtAFileFirstAndStoresNothing() throws Exception {
        String file = HEAD + "2026-05-18,3,11,0,2\n2026-05-17,9,4,0,2\nsoon,1,2,0,0\n2026-06-01,1,2,0,0\n";
        send("/api/weather/previews", Map.of("text", file))
                .andExpect(jsonPath("$.days.length()").value(1))
                .andExpect(jsonPath("$.broken.length()").value(3))
                .andExpect(jsonPath("$.broken[0].line").value(3))
                .andExpect(jsonPath("$.broken[0].why", containsString("can't be above the high")))
                .andExpect(jsonPath("$.broken[1].why", containsString("is no day")))
                .andExpect(jsonPath("$.broken[2].why", containsString("lies ahead")));
        assertThat(day("2026-05-18").get("real").asBoolean()).isFalse();
        send("/api/weather/imports", Map.of("text", file));
        assertThat(day("2026-05-18").get("originWords").asText()).isEqualTo("taken in");
    }

    @Test
    void takesAFileInAtOnceAndCountsItOnce() throws Exception {
        StringBuilder file = new StringBuilder(HEAD);
        LocalDate day = LocalDate.of(2026, 2, 1);
        for (int i = 0; i < 90; i++) {
            file.append(day.plusDays(i)).append(",3.25,11,0.04,2\n");
        }
        assertThat(Statements.of(() -> send("/api/weather/imports", Map.of("text", file.toString()))))
                .isLessThan(20);
        assertThat(writtenDays()).isEqualTo(90);
        send("/api/weather/imports", Map.of("text", file.toString()));
        assertThat(writtenDays()).isEqualTo(90);
        send("/api/weather/imports", Map.of("text", HEAD + "2026-02-01,2,11,0,2\n"));
        assertThat(writtenDays()).isEqualTo(91);
    }

    private int writtenDays() {
        return database.sql("SELECT COUNT(*) FROM weather_day")
                .query(Integer.class)
                .single();
    }

    @Test
    void saysWhatColumnsAFileWants() throws Exception {
        send("/api/weather/previews", Map.of("text", "date,cold\n2026-05-18,3\n"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("day is missing")));
    }

    /** A cold spell that was written down holds up what stands outdoors. */
    @Test
    void letsRealDaysDecideHowFarAPotOutdoorsIs() throws Exception {
        String pot = idOf("/api/pots", "name", "Terrace weeds");
        double before =
                read("/api/pots/" + pot).at("/summary/forecast/ripeness").asDouble();
        StringBuilder cold = new StringBuilder(HEAD);
        for (int day = 10; day < 20; day++) {
            cold.append("2026-05-").append(day).append(",-4,1,0,2\n");
        }
        send("/api/weather/imports", Map.of("text", cold.toString()));
        assertThat(read("/api/pots/" + pot).at("/summary/forecast/ripeness").asDouble())
                .isLessThan(before - 0.05);
    }
}
