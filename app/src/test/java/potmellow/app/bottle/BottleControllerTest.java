package potmellow.app.bottle;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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
    @CsvSource({"0, SOON, 6 days left", "5, SOON, 1 day left", "6, SOON, 0 days left", "7, PAST, was to be used by"})
    void warnsOfItsLastDay(int daysLater, String freshness, String words) throws Exception {
        clock.advance(Duration.ofDays(daysLater));
        assertThat(bottle("Chickweed juice").get("freshness").asText()).isEqualTo(freshness);
        assertThat(bottle("Chickweed juice").get("useByWords").asText()).startsWith(words);
    }

    @Test
    void isEmptyOnceAllIsPoured() throws Exception {
        String id = idOf("/api/bottles", "name", "Chickweed juice");
        send("/api/feeds", Map.of("bottleId", id, "target", "SOIL", "mix", "120 L", "can", "120 L"));
        assertThat(bottle("Chickweed juice").get("level").asText()).isEqualTo("0 mL");
        assertThat(bottle("Chickweed juice").get("freshness").asText()).isEqualTo("EMPTY");
    }

    @Test
    void putsOnlySoilOnTheLabelOfASouredBrew() throws Exception {
        assertThat(bottle("Mugwort juice").get("labelLine").asText())
                .contains("soil 1:500")
                .doesNotContain("leaves", "seedlings");
    }
}
