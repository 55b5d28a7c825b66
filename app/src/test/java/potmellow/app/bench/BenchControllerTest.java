package potmellow.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

class BenchControllerTest extends ApplicationTest {
    private ResultActions turn(String instrument, String... entries) throws Exception {
        Map<String, String> typed = new HashMap<>();
        for (int i = 0; i < entries.length; i += 2) {
            typed.put(entries[i], entries[i + 1]);
        }
        return send("/api/bench/" + instrument, Map.of("entries", typed));
    }

    @Test
    void listsItsInstrumentsWithTheirEntries() throws Exception {
        JsonNode bench = read("/api/bench");
        assertThat(bench).hasSize(9);
        assertThat(bench.get(0).get("id").asText()).isEqualTo("ratio");
        bench.forEach(one -> assertThat(one.get("entries")).isNotEmpty());
    }

    @Test
    void answersWithItsWorkingResultsAndRemarks() throws Exception {
        turn("shells", "shells", "12 eggs", "vinegar", "1 L")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.headline").value(containsString("g/L of calcium")))
                .andExpect(jsonPath("$.working.steps[0].words").isNotEmpty())
                .andExpect(jsonPath("$.results[0].id").value("dissolves"))
                .andExpect(jsonPath("$.remarks[0].kind").value("DANGER"))
                .andExpect(jsonPath("$.chart.lines.length()").value(2))
                .andExpect(jsonPath("$.handOvers[0].kind").value("START_POT"));
    }

    @Test
    void saysBesideWhichEntrySomethingIsWrong() throws Exception {
        turn("ratio", "saying", "20 ml")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("saying"))
                .andExpect(jsonPath("$.detail").value(containsString("It could mean 20 ml to 1 L, or 20 ml to 10 L")));
        turn("sugar", "target", "0.82")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("target"))
                .andExpect(jsonPath("$.minimum").value(0.85));
        turn("abacus").andExpect(status().isNotFound());
    }

    @ParameterizedTest
    @CsvSource({
        "shells, J3 Breakfast shells, vinegar",
        "sugar, J4 Pea-shoot juice, mass",
        "air, B2 Worm tea, litres",
        "heap, W2 Headland heap, readings",
        "can, P18, liquid",
        "ratio, P13 Pea-shoot juice, saying"
    })
    void startsFromARealPotBottleOrBed(String instrument, String words, String entry) throws Exception {
        JsonNode source = null;
        for (JsonNode one : read("/api/bench/" + instrument + "/sources")) {
            source = one.get("words").asText().startsWith(words) ? one : source;
        }
        assertThat(source).as(words).isNotNull();
        assertThat(source.get("values").has(entry)).isTrue();
        Map<String, String> values = new HashMap<>();
        source.get("values")
                .properties()
                .forEach(field -> values.put(field.getKey(), field.getValue().asText()));
        send("/api/bench/" + instrument, Map.of("entries", values)).andExpect(status().isOk());
    }

    @Test
    void warnsOfTheHeapThatHeatsToday() throws Exception {
        for (JsonNode one : read("/api/bench/heap/sources")) {
            turn("heap", "readings", one.get("values").get("readings").asText())
                    .andExpect(jsonPath("$.headline").value(startsWith("It heats by ")));
        }
    }

    /** What a pot hands over says its unit: bare degrees would be those of the garden. */
    @Test
    @Transactional
    void handsAHeapsWarmthToAUsGardenWhole() throws Exception {
        String metric = read("/api/bench/heap/sources")
                .get(0)
                .get("values")
                .get("readings")
                .asText();
        int version = read("/api/garden").get("version").asInt();
        replace("/api/garden/units", Map.of("units", "US", "version", version)).andExpect(status().isOk());
        String us = read("/api/bench/heap/sources")
                .get(0)
                .get("values")
                .get("readings")
                .asText();
        assertThat(us).isEqualTo(metric);
        turn("heap", "readings", us).andExpect(jsonPath("$.headline").value(startsWith("It heats by ")));
    }

    @Test
    void offersACanForEveryBed() throws Exception {
        JsonNode sources = read("/api/bench/ratio/sources");
        assertThat(sources.findValuesAsText("words")).anyMatch(words -> words.startsWith("Kohlrabi, a can"));
        assertThat(read("/api/bench/glass/sources")).isEmpty();
    }
}
