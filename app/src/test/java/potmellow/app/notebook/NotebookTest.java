package potmellow.app.notebook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.context.annotation.Import;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.app.Statements;

/** Feeds told afterwards, and a notebook of earlier days. */
@Transactional
@Import(Statements.Counted.class)
class NotebookTest extends ApplicationTest {
    private static final String BEANS = "Runner beans, lee bed";
    private static final String NOTEBOOK = """
            Day;Notes;How much;Bed
            2026-05-02;nettle liquid 1:10;20 L;"Runner beans, lee bed"
            2026-05-04;watered;;"Runner beans, lee bed"
            2026-05-09;pale, soil dry;;"Runner beans, lee bed"
            2026-05-10;bottled plant juice;620 mL;
            """;

    private ResultActions take(String text, boolean leaveOut) throws Exception {
        return send("/api/notebooks", Map.of("text", text, "leaveOut", leaveOut));
    }

    private JsonNode preview(String text) throws Exception {
        return answer(send("/api/notebooks/preview", Map.of("text", text)));
    }

    private static List<String> words(JsonNode preview) {
        return StreamSupport.stream(preview.get("lines").spliterator(), false)
                .map(line -> line.get("words").asText())
                .collect(Collectors.toList());
    }

    private JsonNode beans() throws Exception {
        for (JsonNode bed : read("/api/beds")) {
            if (bed.get("name").asText().equals(BEANS)) {
                return bed;
            }
        }
        throw new AssertionError("no beans");
    }

    private Map<String, Object> told(String when) throws Exception {
        return new HashMap<>(Map.of(
                "plantingIds",
                List.of(beans().get("plantingId").asText()),
                "productId",
                "nettle-liquid",
                "strength",
                "1:10",
                "mix",
                "20 L",
                "when",
                when));
    }

    @Test
    void writesYesterdaysFeedDownSoThatItCountsInTheInterval() throws Exception {
        send("/api/feeds/told", told("yesterday at 8"))
                .andExpect(jsonPath("$.brews[0].name").value("nettle liquid"));
        assertThat(beans().get("lastFeed").asText()).startsWith("nettle liquid 1:10");
        String bottle = idOf("/api/bottles", "name", "Nettle liquid");
        JsonNode mix = answer(send(
                "/api/mixes",
                feed(bottle, "SOIL", "plantingId", beans().get("plantingId").asText(), "mix", "10 L")));
        assertThat(mix.toString()).contains("apart");
    }

    @Test
    void strikesAToldFeedAtAnyTimeAndAPouredOneForAnHourFromItsEntry() throws Exception {
        JsonNode feed = answer(send("/api/feeds/told", told("3 weeks ago")));
        assertThat(feed.get("undoable").asBoolean()).isTrue();
        clock.advance(Duration.ofDays(3));
        send("/api/feeds/" + feed.get("id").asText() + "/undo", Map.of()).andExpect(status().isOk());
        assertThat(beans().get("lastFeed").asText()).doesNotContain("nettle liquid");
    }

    @Test
    void saysBesideItsFieldWhatAToldFeedWants() throws Exception {
        Map<String, Object> feed = told("tomorrow");
        send("/api/feeds/told", feed).andExpect(jsonPath("$.field").value("when"));
        feed.put("when", "yesterday");
        feed.put("strength", "strong");
        send("/api/feeds/told", feed).andExpect(jsonPath("$.field").value("strength"));
        feed.put("plantingIds", List.of());
        send("/api/feeds/told", feed).andExpect(jsonPath("$.field").value("plantingIds"));
    }

    @Test
    void previewsANotebookWithItsColumnsMatchedByName() throws Exception {
        JsonNode preview = preview(NOTEBOOK);
        assertThat(preview.at("/matched/date").asText()).isEqualTo("Day");
        assertThat(preview.at("/matched/where").asText()).isEqualTo("Bed");
        assertThat(words(preview))
                .containsExactly(
                        "2 May 2026: nettle liquid 1:10, 20 L, on " + BEANS,
                        "4 May 2026: watered " + BEANS,
                        "9 May 2026: " + BEANS + " looked pale, soil dry",
                        "10 May 2026: bottled 620 mL of juice");
        int before = read("/api/bottles").size();
        preview(NOTEBOOK);
        assertThat(read("/api/bottles")).hasSize(before);
    }

    @Test
    void takesANotebookInAndTheSameOneTwiceCountsOnce() throws Exception {
        int before = read("/api/bottles").size();
        take(NOTEBOOK, false).andExpect(jsonPath("$.lines").value(4));
        take(NOTEBOOK, false).andExpect(jsonPath("$.lines").value(0));
        take(NOTEBOOK + "2026-05-11;watered;;lee bed\n", false)
                .andExpect(jsonPath("$.lines").value(1));
        assertThat(read("/api/bottles")).hasSize(before + 1);
        assertThat(StreamSupport.stream(beans().get("marks").spliterator(), false)
                        .map(mark -> mark.get("day").asText() + " "
                                + mark.get("kind").asText()))
                .contains("2026-05-02 FEED", "2026-05-04 WATER", "2026-05-09 LOOK", "2026-05-11 WATER");
        assertThat(preview(NOTEBOOK).get("lines"))
                .allMatch(line -> line.get("known").asBoolean());
    }

    @Test
    void tellsBadLinesByTheirNumbersAndTakesNothingHalfIn() throws Exception {
        String bad = NOTEBOOK + "someday;watered;;lee bed\n2026-05-12;mowed;;lee bed\n2026-05-12;watered;;moon\n";
        assertThat(preview(bad).get("lines").findValuesAsText("good"))
                .containsExactly("true", "true", "true", "true", "false", "false", "false");
        take(bad, false)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("lines 6, 7, 8")));
        assertThat(preview(bad).get("lines").findValuesAsText("known")).doesNotContain("true");
        take(bad, true).andExpect(jsonPath("$.lines").value(4));
    }

    @Test
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    void takesNothingInWhereAPotFindsItsVesselTaken() throws Exception {
        String pots = "date,what,how much,where\n2026-05-04,watered,,lee bed\n2026-05-01,set nettle liquid,,J7\n";
        take(pots, false)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("line 3")));
        assertThat(preview(pots).get("lines").findValuesAsText("known")).doesNotContain("true");
    }

    @Test
    void asksForTheColumnsThatItCannotGuess() throws Exception {
        String odd = "A,B,C\n2026-05-04,watered,lee bed\n";
        assertThat(preview(odd).get("lines")).isEmpty();
        JsonNode matched = answer(send(
                "/api/notebooks/preview",
                Map.of("text", odd, "columns", Map.of("date", "A", "what", "B", "where", "C"))));
        assertThat(words(matched)).containsExactly("4 May 2026: watered " + BEANS);
        send("/api/notebooks/preview", Map.of("text", ""))
                .andExpect(jsonPath("$.field").value("text"));
    }

    @Test
    void asksTheDatabaseNoMoreOftenForALongNotebookThanForAShortOne() throws Exception {
        String head = "Day;Notes;How much;Bed\n";
        StringBuilder thick = new StringBuilder(NOTEBOOK);
        for (int line = 0; line < 300; line++) {
            thick.append(NOTEBOOK.substring(head.length()));
        }
        preview(NOTEBOOK);
        long thin = Statements.of(() -> preview(NOTEBOOK));
        assertThat(Statements.of(() -> preview(thick.toString()))).isEqualTo(thin);
    }
}
