package potmellow.app.bottle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

/** Bottles that come in by themselves. Now is 20 May 2026, 10:30. */
@Transactional
class BottleArrivalTest extends ApplicationTest {
    private static Map<String, Object> bottle(Map<String, Object> changes) {
        Map<String, Object> all =
                new HashMap<>(Map.of("productId", "plant-juice", "volume", "500 mL", "since", "last month"));
        all.putAll(changes);
        return all;
    }

    private JsonNode arrived(Map<String, Object> changes) throws Exception {
        UUID id = UUID.randomUUID();
        send("/api/bottles", id, bottle(changes)).andExpect(status().isCreated());
        for (JsonNode one : read("/api/bottles")) {
            if (one.get("id").asText().equals(id.toString())) {
                return one;
            }
        }
        throw new AssertionError("It isn't in store.");
    }

    @Test
    void standsInStoreWithItsOwnCodeAndWithoutAPot() throws Exception {
        JsonNode bottle = arrived(Map.of("name", "Aunt’s comfrey juice", "keepId", "fridge"));
        assertThat(bottle.get("code").asText()).matches("P\\d+");
        assertThat(bottle.get("level").asText()).isEqualTo("500 mL");
        assertThat(bottle.get("batchId")).isNull();
        assertThat(bottle.get("labelLine").asText()).contains("filled about", "Aunt’s comfrey juice");
    }

    @Test
    void keepsNoLongerThanTheOldestItMayBe() throws Exception {
        assertThat(arrived(Map.of("since", "2026-04-01", "keepId", "fridge"))
                        .get("useBy")
                        .asText())
                .isEqualTo(arrived(Map.of("since", "in April", "keepId", "fridge"))
                        .get("useBy")
                        .asText());
        assertThat(arrived(Map.of("since", "nobody knows")).get("freshness").asText())
                .isEqualTo("PAST");
    }

    @Test
    void isPouredAsTheOldestItMayBe() throws Exception {
        assertThat(arrived(Map.of("productId", "weed-liquid", "keepId", "bucket", "stood", "45 days"))
                        .get("labelLine")
                        .asText())
                .contains("soil 1:14");
        assertThat(arrived(Map.of("productId", "weed-liquid", "keepId", "bucket"))
                        .get("labelLine")
                        .asText())
                .contains("soil 1:50");
    }

    @Test
    void canBeMixedAndPouredLikeAnyOther() throws Exception {
        JsonNode bottle = arrived(Map.of("keepId", "fridge"));
        Map<String, Object> mix = Map.of(
                "brews",
                List.of(Map.of("bottleId", bottle.get("id").asText())),
                "plantingIds",
                List.of(),
                "target",
                "SOIL",
                "mix",
                "5 L",
                "can",
                "10 L",
                "confirmed",
                List.of());
        send("/api/mixes", mix).andExpect(status().isOk());
    }

    @ParameterizedTest
    @CsvSource({
        "volume, lots, volume",
        "since, tomorrow week, since",
        "stood, ages, stood",
        "productId, lemonade, productId"
    })
    void tellsWhatIsWrongBesideItsField(String field, String value, String told) throws Exception {
        send("/api/bottles", bottle(Map.of(field, value)))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(told));
    }

    @Test
    void countsOnceHoweverOftenItIsSent() throws Exception {
        UUID id = UUID.randomUUID();
        int before = read("/api/bottles").size();
        send("/api/bottles", id, bottle(Map.of())).andExpect(status().isCreated());
        send("/api/bottles", id, bottle(Map.of())).andExpect(status().isCreated());
        assertThat(read("/api/bottles").size()).isEqualTo(before + 1);
    }

    @Test
    void offersEveryBrewWithTheWaysItIsKept() throws Exception {
        JsonNode kinds = read("/api/bottles/kinds");
        assertThat(kinds.findValuesAsText("id")).contains("plant-juice", "fridge");
    }
}
