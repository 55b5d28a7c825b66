package potmellow.app.round;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class RoundControllerTest extends ApplicationTest {
    private static List<String> names(JsonNode round, boolean done) {
        List<String> names = new ArrayList<>();
        round.get("places")
                .forEach(place -> place.get("stops").forEach(stop -> {
                    if (stop.get("done").asBoolean() == done) {
                        names.add(stop.get("name").asText());
                    }
                }));
        return names;
    }

    private static JsonNode stop(JsonNode round, String name) {
        for (JsonNode place : round.get("places")) {
            for (JsonNode stop : place.get("stops")) {
                if (stop.get("name").asText().equals(name)) {
                    return stop;
                }
            }
        }
        throw new AssertionError("No stop " + name);
    }

    @Test
    void walksThePlacesInOrderWithTheirWarmth() throws Exception {
        JsonNode round = read("/api/round");
        assertThat(round.get("places").findValuesAsText("warmth")).first().isEqualTo("19.5 °C");
        List<String> places = new ArrayList<>();
        round.get("places").forEach(place -> places.add(place.get("name").asText()));
        assertThat(places).containsSubsequence("Galley shelf", "Boiler cupboard");
        assertThat(round.get("minutes").asDouble()).isPositive();
        assertThat(round.get("simulated").asBoolean()).isTrue();
    }

    @Test
    void tellsWhatEachStopWants() throws Exception {
        JsonNode round = read("/api/round");
        assertThat(stop(round, "Pea-shoot juice").get("tasks").findValuesAsText(""))
                .isEmpty();
        assertThat(stop(round, "Pea-shoot juice").get("tasks").get(0).asText()).isEqualTo("stir");
        assertThat(stop(round, "Mugwort juice").get("tasks").get(0).asText()).isEqualTo("strain it");
        assertThat(stop(round, "Headland heap").get("pressing").asBoolean()).isTrue();
    }

    @Test
    void leavesAloneWhatIsHeldAndWhatNeedsNothing() throws Exception {
        JsonNode round = read("/api/round");
        assertThat(names(round, false)).doesNotContain("Bean tops, long-keeper");
        assertThat(round.get("leftAlone").asInt()).isPositive();
    }

    @Test
    void ticksOffAStopThatWasVisited() throws Exception {
        String pot = idOf("/api/pots", "name", "Pea-shoot juice");
        send("/api/pots/" + pot + "/checks", Map.of("act", "STIRRED", "signs", Map.of()));
        JsonNode round = read("/api/round");
        assertThat(names(round, true)).contains("Pea-shoot juice");
        assertThat(stop(round, "Pea-shoot juice").get("did").asText()).isEqualTo("stirred");
    }

    @Test
    void tellsFeedsDueBottlesToUseAndWhatComes() throws Exception {
        JsonNode round = read("/api/round");
        assertThat(round.get("feeds").findValuesAsText("planting"))
                .contains("Runner beans, lee bed", "Strawberry tubs");
        assertThat(round.get("bottles").findValuesAsText("freshness"))
                .contains("PAST")
                .doesNotContain("FRESH", "EMPTY");
        assertThat(round.get("ahead")).isNotEmpty();
        assertThat(LocalDate.parse(round.get("next").get("day").asText()))
                .isAfter(LocalDate.parse(round.get("today").asText()));
        assertThat(round.get("next").get("words").asText()).matches(".+ \\(\\w+\\): .+");
    }
}
