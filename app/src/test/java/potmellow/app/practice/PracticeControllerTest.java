package potmellow.app.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

class PracticeControllerTest extends ApplicationTest {
    private static final Map<String, Object> FIRST_JAR = Map.of("id", "first-jar");

    private static Map<String, Object> done(double hour, String kind) {
        return Map.of("hour", hour, "kind", kind);
    }

    private static Map<String, Object> hands(double hour, String act) {
        return Map.of("hour", hour, "kind", "HANDS", "act", act);
    }

    private ResultActions scene(Map<String, Object> lesson, double hour, List<Map<String, Object>> doings)
            throws Exception {
        return send("/api/practice/scenes", Map.of("lesson", lesson, "hour", hour, "doings", doings));
    }

    private ResultActions story(Map<String, Object> lesson, List<Map<String, Object>> doings) throws Exception {
        return send("/api/practice/stories", Map.of("lesson", lesson, "doings", doings));
    }

    private static JsonNode lesson(JsonNode practice, String id) {
        for (JsonNode lesson : practice.get("lessons")) {
            if (lesson.get("id").asText().equals(id)) {
                return lesson;
            }
        }
        throw new AssertionError("no lesson " + id);
    }

    @Test
    void listsItsLessonsAndWhatThereIsToPractiseWith() throws Exception {
        JsonNode practice = read("/api/practice");
        assertThat(practice.get("lessons").size()).isGreaterThanOrEqualTo(8);
        assertThat(practice.get("brews")).hasSize(16);
        assertThat(practice.get("accidents").get(0).get("words").asText()).isNotBlank();
    }

    @Test
    void tellsInWordsWhatIsSensedAndMeasured() throws Exception {
        scene(FIRST_JAR, 120, List.of(done(96, "LOOK"), done(97, "MEASURE")))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.noted[0].words", hasItem(startsWith("Bubbles: "))))
                .andExpect(jsonPath("$.noted[1].ph", startsWith("pH ")))
                .andExpect(jsonPath("$.noted[1].warmth", containsString("°C")))
                .andExpect(jsonPath("$.sight.bubbles").isNumber())
                .andExpect(jsonPath("$.vessel").value("JAR"))
                .andExpect(jsonPath("$.hands[0].todo").value("stir"))
                .andExpect(jsonPath("$.noticed[0].words").isNotEmpty())
                .andExpect(jsonPath("$.over").value(false));
    }

    @Test
    @Transactional
    void tellsTheStoryAndKeepsHowALessonEnded() throws Exception {
        assertThat(lesson(read("/api/practice"), "first-jar").get("done").asBoolean())
                .isFalse();
        story(FIRST_JAR, List.of(hands(24, "STIRRED"), done(30, "STRAIN")))
                .andExpect(jsonPath("$.ending").value("TOO_SOON"))
                .andExpect(jsonPath("$.well").value(false))
                .andExpect(jsonPath("$.curves.length()").value(4))
                .andExpect(jsonPath("$.costs[0].words").value("sooner than an old hand"))
                .andExpect(jsonPath("$.oldHandEnds.words").value("strained"))
                .andExpect(jsonPath("$.take").isNotEmpty());
        JsonNode after = lesson(read("/api/practice"), "first-jar");
        assertThat(after.get("done").asBoolean()).isTrue();
        assertThat(after.get("well").asBoolean()).isFalse();
    }

    @Test
    @Transactional
    void mixesNothingOfItWithTheGarden() throws Exception {
        JsonNode pots = read("/api/pots");
        JsonNode bottles = read("/api/bottles");
        story(FIRST_JAR, List.of(done(24, "STRAIN")));
        assertThat(read("/api/pots")).isEqualTo(pots);
        assertThat(read("/api/bottles")).isEqualTo(bottles);
    }

    @Test
    void sharesALessonAsAFileAndReadsItBack() throws Exception {
        String yaml = read("/api/practice/lessons/cold-shed/file").get("yaml").asText();
        JsonNode back = answer(send("/api/practice/files", Map.of("yaml", yaml)));
        assertThat(back.get("title").asText()).isEqualTo("The cold shed");
        assertThat(back.get("methodId").asText()).isEqualTo("plant-juice-open");
    }

    @Test
    void practisesFreelyWithWhatIsChosen() throws Exception {
        Map<String, Object> free = Map.of(
                "id",
                "free",
                "title",
                "Free",
                "methodId",
                "nettle-tea",
                "seed",
                4,
                "celsius",
                22,
                "swing",
                3,
                "accidents",
                List.of("TIGHT_LID"),
                "days",
                20);
        scene(free, 400, List.of())
                .andExpect(jsonPath("$.sight.shut").value(true))
                .andExpect(jsonPath("$.noticed[*].words", hasItem("The lid bulges.")));
    }

    @ParameterizedTest
    @CsvSource({
        "first-jar, 99999, hour",
        "no-such-lesson, 10, lesson",
    })
    void refusesWhatCannotBe(String id, double hour, String field) throws Exception {
        scene(Map.of("id", id), hour, List.of())
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field));
    }

    @Test
    void refusesToTurnTimeBack() throws Exception {
        scene(FIRST_JAR, 100, List.of(done(50, "LOOK"), done(40, "LOOK")))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Time only goes on")));
    }
}
