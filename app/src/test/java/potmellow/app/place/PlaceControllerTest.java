package potmellow.app.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static potmellow.app.PagesToken.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class PlaceControllerTest extends ApplicationTest {
    private static Map<String, Object> place(String name, String kind, Map<String, Object> more) {
        Map<String, Object> place =
                new HashMap<>(Map.of("name", name, "kind", kind, "light", "SHADE", "outdoors", false, "version", 0));
        place.putAll(more);
        return place;
    }

    private ResultActions change(String path, Object body) throws Exception {
        return mvc.perform(
                put(path).with(csrf()).contentType(MediaType.APPLICATION_JSON).content(json.writeValueAsString(body)));
    }

    @Test
    void takesWhatIsUsualForItsKindWhereNothingIsTyped() throws Exception {
        send("/api/places", place("Tool shed", "SHED", Map.of()))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.usual").value("2 °C warmer than outdoors"))
                .andExpect(jsonPath("$.fields.damping").value("0.4"))
                .andExpect(jsonPath("$.fields.temperature").value(""));
    }

    @Test
    void standsAtTheEndOfTheWalkUntilItIsPutElsewhere() throws Exception {
        send("/api/places", place("Sill", "INDOORS", Map.of("temperature", "17.5")));
        JsonNode all = read("/api/places");
        assertThat(all.get(all.size() - 1).get("name").asText()).isEqualTo("Sill");
        assertThat(all.get(all.size() - 1).get("temperature").asText()).isEqualTo("17.5 °C");
        change("/api/places/walk", Map.of("places", List.of(idOf("/api/places", "name", "Sill"))))
                .andExpect(jsonPath("$[0].name").value("Sill"))
                .andExpect(jsonPath("$[1].name").value("Galley shelf"));
    }

    @Test
    void putsNoWalkOverAnotherThatWasMadeMeanwhile() throws Exception {
        List<String> shown = read("/api/places").findValuesAsText("id");
        List<String> mine = new ArrayList<>(shown);
        Collections.reverse(mine);
        List<String> theirs = new ArrayList<>(shown);
        Collections.swap(theirs, 0, 1);
        change("/api/places/walk", Map.of("places", theirs, "from", shown)).andExpect(status().isOk());
        change("/api/places/walk", Map.of("places", mine, "from", shown))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("another order")));
        assertThat(read("/api/places").findValuesAsText("id")).isEqualTo(theirs);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            INDOORS | temperature | 60   | temperature | must be from -30 °C to 50 °C
            WALL    | warmer      | 40   | warmer      | must be from -15 to 30
            WALL    | damping     | 3    | damping     | must be from 0 to 2
            WALL    | lagHours    | 30   | lagHours    | must be from 0 to 24
            INDOORS | room        | many | room        | can't be read
            INDOORS | name        | ''   | name        | is empty
            """)
    void saysBesideTheFieldWhatAPlaceCanBe(String kind, String key, String text, String field, String words)
            throws Exception {
        send("/api/places", place("Sill", kind, Map.of(key, text)))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail", containsString(words)));
    }

    @Test
    void isDescribedAnewOnlyOnTheVersionThatWasSeen() throws Exception {
        String id = idOf("/api/places", "name", "Galley shelf");
        change("/api/places/" + id, place("Galley shelf", "INDOORS", Map.of("temperature", "17")))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.version").value(1))
                .andExpect(jsonPath("$.temperature").value("17 °C"));
        change("/api/places/" + id, place("Galley shelf", "INDOORS", Map.of("temperature", "25")))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("stale"));
    }

    /** Recomputed on any new fact: a cooler shelf puts every date on it back. */
    @Test
    void movesTheDatesOfThePotsThatStandThere() throws Exception {
        String pot = idOf("/api/pots", "name", "Pea-shoot juice");
        String before = read("/api/pots/" + pot).at("/summary/forecast/late").asText();
        change(
                "/api/places/" + idOf("/api/places", "name", "Galley shelf"),
                place("Galley shelf", "INDOORS", Map.of("temperature", "12")));
        assertThat(read("/api/pots/" + pot).at("/summary/forecast/late").asText())
                .isGreaterThan(before);
    }

    @Test
    void tellsTheKindsThereAre() throws Exception {
        assertThat(read("/api/places/kinds").findValuesAsText("kind"))
                .contains("INDOORS", "SHED", "SUN_STEP", "GLASSHOUSE", "CUPBOARD", "FRIDGE", "COMPOST_WARM");
    }
}
