package potmellow.app.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.matchesPattern;
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
        return Map.of("hour", hour, "pot", 0, "kind", kind);
    }

    private static Map<String, Object> hands(double hour, String act) {
        return Map.of("hour", hour, "pot", 0, "kind", "HANDS", "act", act);
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
        assertThat(practice.get("lessons").size()).isEqualTo(12);
        assertThat(practice.get("brews")).hasSize(16);
        assertThat(practice.get("warmths").get(3).get("words").asText()).isEqualTo("20 °C");
        assertThat(practice.get("accidents").get(0).get("words").asText()).isNotBlank();
    }

    @Test
    void tellsInWordsWhatIsSensedAndMeasured() throws Exception {
        scene(FIRST_JAR, 120, List.of(done(96, "LOOK"), done(97, "MEASURE")))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.when").value("day 5"))
                .andExpect(jsonPath("$.pots[0].known[*].words", hasItem(startsWith("Bubbles: "))))
                .andExpect(jsonPath("$.pots[0].known[*].words", hasItem(matchesPattern("pH \\d.*°C"))))
                .andExpect(jsonPath("$.pots[0].sight.bubbles").isNumber())
                .andExpect(jsonPath("$.pots[0].vessel").value("JAR"))
                .andExpect(jsonPath("$.pots[0].hands[0].todo").value("stir"))
                .andExpect(jsonPath("$.pots[0].takes").value("Strain it"))
                .andExpect(jsonPath("$.steps[0].words").value("A day on"))
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
                .andExpect(jsonPath("$.chapters[0].chapter.curves.length()").value(4))
                .andExpect(jsonPath("$.costs[0].words").value("sooner than an old hand"))
                .andExpect(jsonPath("$.chapters[0].chapter.oldHand[0].words").value("an old hand strains here"))
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
        assertThat(back.get("yaml").asText()).isEqualTo(yaml).contains("The cold shed", "plant-juice-open");
        scene(Map.of("yaml", yaml), 24, List.of())
                .andExpect(jsonPath("$.title").value("The cold shed"))
                .andExpect(jsonPath("$.when").value("day 1"));
    }

    @Test
    void practisesFreelyWithWhatIsChosen() throws Exception {
        Map<String, Object> choice =
                Map.of("methodId", "nettle-tea", "seed", 4, "celsius", 22, "accidents", List.of("TIGHT_LID"));
        String yaml = answer(send("/api/practice/free", choice)).get("yaml").asText();
        scene(Map.of("yaml", yaml), 400, List.of())
                .andExpect(jsonPath("$.pots[0].sight.shut").value(true))
                .andExpect(jsonPath("$.pots[0].seen").value("the lid gave way"))
                .andExpect(jsonPath("$.pots[0].known[*].words", hasItem("The lid bulges.")));
        send("/api/practice/free", Map.of("methodId", "beer", "celsius", 20))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("beer")));
    }

    @Test
    void keepsSeveralPotsAndPoursOnABed() throws Exception {
        scene(Map.of("id", "six-buckets"), 48, List.of())
                .andExpect(jsonPath("$.pots.length()").value(6))
                .andExpect(jsonPath("$.pots[2].seen", containsString("the lid bulges")));
        scene(Map.of("id", "chain-to-a-date"), 0, List.of())
                .andExpect(jsonPath("$.pots[0].canBeSet").value(true))
                .andExpect(jsonPath("$.pots[0].seen").value("not set yet"))
                .andExpect(jsonPath("$.pots[1].canBeSet").value(false));
        Map<String, Object> strong = Map.of("id", "too-strong");
        Map<String, Object> poured = Map.of("hour", 4, "pot", 0, "kind", "POUR", "parts", 5, "way", "LEAF");
        scene(strong, 0, List.of())
                .andExpect(jsonPath("$.bed.doses[0].words").value("undiluted"))
                .andExpect(jsonPath("$.pots[0].canBePoured").value(true))
                .andExpect(jsonPath("$.when").value("day 0, 8:00"));
        scene(strong, 30, List.of(poured)).andExpect(jsonPath("$.bed.seen", startsWith("brown, dry leaves")));
        story(strong, List.of(poured))
                .andExpect(jsonPath("$.ending").value("SCORCHED"))
                .andExpect(jsonPath("$.chapters[0].chapter.name").value("The bed"));
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
    void refusesAnHourThatIsNoNumber() throws Exception {
        send("/api/practice/scenes", Map.of("lesson", FIRST_JAR, "hour", "NaN", "doings", List.of()))
                .andExpect(status().is4xxClientError())
                .andExpect(jsonPath("$.field").value("hour"))
                .andExpect(jsonPath("$.detail", containsString("must be a number")));
    }

    @Test
    void refusesToTurnTimeBack() throws Exception {
        scene(FIRST_JAR, 100, List.of(done(50, "LOOK"), done(40, "LOOK")))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Time only goes on")));
    }
}
