package potmellow.app.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

/** The garden that already runs: pots set days ago, and buckets that nobody remembers. Now is 20 May 2026, 10:30. */
@Transactional
class ArrivalTest extends ApplicationTest {
    private Map<String, Object> weeds(Map<String, Object> changes) throws Exception {
        Map<String, Object> all = new HashMap<>(Map.of(
                "methodId",
                "weed-bucket",
                "since",
                "3 months ago",
                "full",
                "half",
                "kind",
                "BUCKET",
                "capacity",
                "20 L",
                "placeId",
                idOf("/api/places", "name", "Lee wall")));
        all.putAll(changes);
        return all;
    }

    private JsonNode arrived(Map<String, Object> changes) throws Exception {
        UUID id = UUID.randomUUID();
        send("/api/pots/arrivals", id, weeds(changes)).andExpect(status().isCreated());
        return read("/api/pots/" + id);
    }

    private static double age(JsonNode pot) {
        String words = pot.get("sums").get(0).get("words").asText();
        return Double.parseDouble(words.replaceAll("^.*?(\\d+) days.*$", "$1"));
    }

    @Test
    void takesABucketOfThreeMonthsAsOldAsItIs() throws Exception {
        JsonNode pot = arrived(Map.of("since", "2026-02-20", "code", "w7", "name", "Some plants in water"));
        assertThat(pot.at("/summary/code").asText()).isEqualTo("W7");
        assertThat(pot.at("/summary/name").asText()).isEqualTo("Some plants in water");
        assertThat(pot.at("/summary/standingShare").asDouble()).isCloseTo(0.5, within(0.01));
        assertThat(age(pot)).isCloseTo(89, within(1.5));
        assertThat(pot.at("/verdict/kind").asText()).isNotEqualTo("THROW_AWAY");
        assertThat(pot.at("/summary/forecast/ripeness").asDouble()).isGreaterThan(1);
    }

    @Test
    void isReadyNoEarlierThanTheYoungestAndPouredAsTheOldestItMayBe() throws Exception {
        JsonNode pot = arrived(Map.of("since", "about three weeks ago"));
        JsonNode exact = arrived(Map.of("since", "2026-05-06 10:30"));
        assertThat(pot.at("/summary/forecast/ripeness").asDouble())
                .isCloseTo(exact.at("/summary/forecast/ripeness").asDouble(), within(0.02));
        assertThat(age(pot)).isCloseTo(28, within(1.0));
        JsonNode unknown = arrived(Map.of("since", "nobody knows"));
        assertThat(unknown.at("/summary/forecast/ripeness").asDouble()).isLessThan(0.01);
        assertThat(age(unknown)).isCloseTo(365, within(1.0));
        assertThat(unknown.at("/sums/0/words").asText()).contains("may be", "1:50");
        assertThat(unknown.get("since").asText()).startsWith("nobody knows");
        assertThat(unknown.at("/contents/0").asText()).startsWith("about ");
        assertThat(read("/api/pots/arrivals").get(0).get("words").asText()).isEqualTo("some plants in water");
    }

    @Test
    void givesTheNextFreeCodeAndCountsOnceHoweverOftenItIsSent() throws Exception {
        UUID id = UUID.randomUUID();
        Map<String, Object> bucket = weeds(Map.of());
        send("/api/pots/arrivals", id, bucket).andExpect(status().isCreated());
        send("/api/pots/arrivals", id, bucket).andExpect(status().isCreated());
        JsonNode pots = read("/api/pots");
        assertThat(pots.findValuesAsText("id").stream().filter(id.toString()::equals))
                .hasSize(1);
        assertThat(read("/api/pots/" + id).at("/summary/code").asText()).matches("B\\d+");
    }

    @Test
    void tellsWhatTheRulesHaveAgainstItInsteadOfRefusing() throws Exception {
        JsonNode pot = arrived(Map.of("lid", "TIGHT", "placeId", idOf("/api/places", "name", "Galley shelf")));
        assertThat(pot.get("decisions").toString()).contains("It stood so when it came in", "burst");
    }

    @Test
    void takesAVesselOfTheGardenByItsCodeUnlessItHoldsSomething() throws Exception {
        send("/api/pots/arrivals", weeds(Map.of("code", "B3")))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("B3 already holds")));
    }

    @ParameterizedTest
    @CsvSource({
        "since, tomorrow week, since",
        "full, 25 L, full",
        "capacity, huge, capacity",
        "code, a code that is far too long, code"
    })
    void tellsWhatIsWrongBesideItsField(String field, String value, String told) throws Exception {
        Map<String, Object> wrong = new HashMap<>(Map.of("code", "X1"));
        wrong.put(field, value);
        send("/api/pots/arrivals", weeds(wrong))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(told));
    }

    @Test
    void setsAPotAWeekAgoWithItsClockAndItsVisitsFromThenOn() throws Exception {
        UUID id = UUID.randomUUID();
        Map<String, Object> recipe = Map.of(
                "methodId",
                "plant-juice-open",
                "anchor",
                "IN_HAND",
                "inHand",
                Map.of("plant", "400 g"),
                "capacity",
                "3 L",
                "placeId",
                idOf("/api/places", "name", "Galley shelf"),
                "since",
                "2026-05-13 8:00");
        send("/api/recipes", recipe)
                .andExpect(jsonPath("$.forecast.words", containsString("May")))
                .andExpect(jsonPath("$.forecast.early", startsWith("2026-05-2")));
        send("/api/pots", id, Map.of("name", "Trial", "recipe", recipe, "confirmed", List.of()))
                .andExpect(status().isCreated());
        JsonNode pot = read("/api/pots/" + id);
        assertThat(pot.at("/summary/setAt").asText()).startsWith("2026-05-13");
        assertThat(pot.at("/summary/day").asInt()).isEqualTo(8);
        assertThat(pot.at("/state").asText()).isEqualTo("WORKING");
        Map<String, Object> visit =
                Map.of("act", "STIRRED", "signs", Map.of("bubbles", "lively-bubbles"), "when", "2026-05-15 at 9");
        send("/api/pots/" + id + "/checks", visit).andExpect(status().isOk());
        assertThat(read("/api/pots/" + id).at("/log/0/at").asText()).startsWith("2026-05-15");
        send("/api/pots/" + id + "/checks", Map.of("act", "STIRRED", "signs", Map.of(), "when", "2 May"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("when"));
        clock.advance(Duration.ofDays(1));
        assertThat(read("/api/pots/" + id).at("/summary/day").asInt()).isEqualTo(9);
    }

    @Test
    void learnsNothingFromATimeThatNobodyKnows() throws Exception {
        JsonNode pot = arrived(Map.of("since", "about two months ago"));
        String id = "/api/pots/" + pot.at("/summary/id").asText();
        send(
                        id + "/bottles",
                        Map.of(
                                "bottles",
                                List.of(Map.of("volume", "5 L", "keepId", "bucket")),
                                "early",
                                true,
                                "residueStays",
                                false,
                                "rescue",
                                false))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[*].level", hasItem("5 L")));
    }
}
