package potmellow.app.typed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class TypedControllerTest extends ApplicationTest {
    private JsonNode typed(String as, String text) throws Exception {
        return json.readTree(mvc.perform(get("/api/typed").param("as", as).param("text", text))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            WEIGHT | two and a half kilos | 2.5 kg
            SMALL_VOLUME | half a litre | 500 mL
            LARGE_VOLUME | 5 gal | 18.93 L
            SOLID | 1 L | 1 L
            LIQUID | 250 | 250 mL
            AREA | 100 sq ft | 9.3 m²
            TEMPERATURE | 68 °F | 20 °C
            STRENGTH | 2 tbsp per gallon | 1:128, US gallon
            """)
    void saysHowAnEntryIsUnderstood(String as, String text, String read) throws Exception {
        assertThat(typed(as, text).get("read").asText()).isEqualTo(read);
    }

    @ParameterizedTest
    @CsvSource({"AREA, ten paces", "WEIGHT, ''", "STRENGTH, 1:", "TEMPERATURE, 5 L", "SOLID, 3 k"})
    void saysNothingOfWhatIsHalfTyped(String as, String text) throws Exception {
        JsonNode answer = typed(as, text);
        assertThat(answer.hasNonNull("read")).isFalse();
        assertThat(answer.hasNonNull("question")).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"'LARGE_VOLUME', '1,500 L', '1.5 L'", "'STRENGTH', '20x', '1:20'", "'LIQUID', 'a mug', '300 mL'"})
    void asksWhatCouldMeanSeveralThings(String as, String text, String reading) throws Exception {
        JsonNode answer = typed(as, text);
        assertThat(answer.get("question").asText()).contains(text);
        assertThat(answer.get("readings").toString()).contains(reading);
        assertThat(answer.hasNonNull("measure")).isEqualTo(text.contains("mug"));
    }
}
