package potmellow.app.cost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.zip.GZIPOutputStream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.app.Statements;

/** What every question of the API costs: statements and bytes, which are the same on any machine. */
@Transactional
@Import(Statements.Counted.class)
class WhatRequestsCostTest extends ApplicationTest {
    /** These read pots, bottles, plantings and the plan for one page: each table once. */
    private static final Map<String, Integer> MORE = Map.of(
            "/api/round",
            25,
            "/api/plan",
            19,
            "/api/plan/calendar.ics",
            19,
            "/api/calendar/{token}/plan.ics",
            20,
            "/api/pots/{id}",
            18);

    private static final Set<String> OURS =
            Set.of("id", "batch_id", "vessel_id", "holds_vessel_id", "bottle_id", "planting_id");
    private static final int USUAL = 13;
    private static final int LARGEST = 60_000;
    /** Whole files to take along: the garden itself, and tables of all that was seen. */
    private static final Set<String> FILES = Set.of("/api/garden/document", "/api/feeds.csv", "/api/looks.csv");

    @Autowired
    private JdbcClient database;

    /** Every question, with something of the sample world in the place of what its address names. */
    private List<String> everyQuestion() throws Exception {
        JsonNode paths = read("/v3/api-docs").get("paths");
        String pot = idOf("/api/pots", "name", "Mugwort juice");
        String token = answer(send("/api/outside/tokens", Map.of("name", "Calendar", "scope", "CALENDAR")))
                .get("token")
                .asText();
        List<String> questions = new ArrayList<>();
        paths.properties().forEach(path -> {
            if (path.getValue().has("get") && !FILES.contains(path.getKey())) {
                questions.add(path.getKey());
            }
        });
        return questions.stream()
                .filter(path -> !path.contains("{photo}"))
                .map(path -> path.replace("/api/pots/{id}", "/api/pots/" + pot)
                        .replace("{pot}", pot)
                        .replace("{meter}", "PH")
                        .replace("{code}", "J4")
                        .replace("{token}", token)
                        .replace("{product}", "plant-juice")
                        .replace("/api/bench/{id}", "/api/bench/shells")
                        .replace("/api/practice/lessons/{id}", "/api/practice/lessons/first-jar")
                        .replace("/api/book/methods/{id}", "/api/book/methods/plant-juice-open")
                        .replace("/api/book/products/{id}", "/api/book/products/plant-juice"))
                .toList();
    }

    private long statements(String path) {
        try {
            return Statements.of(() -> mvc.perform(get(path)).andReturn());
        } catch (Exception e) {
            throw new IllegalStateException(path, e);
        }
    }

    private int zipped(String path) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
            gzip.write(mvc.perform(get(path)).andReturn().getResponse().getContentAsByteArray());
        } catch (Exception e) {
            throw new IllegalStateException(path, e);
        }
        return out.size();
    }

    @Test
    void isBoundedForEveryQuestion() throws Exception {
        List<String> questions = everyQuestion();
        assertThat(questions).hasSizeGreaterThan(30);
        SoftAssertions.assertSoftly(all -> questions.forEach(path -> {
            String question = path.replaceAll("mellow-[\\w-]{32}", "{token}").replaceAll("[0-9a-f-]{36}", "{id}");
            all.assertThat(statements(path))
                    .as("statements of " + path)
                    .isLessThanOrEqualTo(MORE.getOrDefault(question, USUAL));
            all.assertThat(zipped(path)).as("bytes of " + path).isLessThanOrEqualTo(LARGEST);
        }));
    }

    /** Writing and the answer to it; what is read for both is read again after writing. */
    @Test
    void isBoundedForWhatHandsDoAllDay() throws Exception {
        String pot = idOf("/api/pots", "name", "Mugwort juice");
        String bottle = idOf("/api/bottles", "name", "Chickweed juice");
        Map<String, Object> look = Map.of("act", "LOOKED", "signs", Map.of("bubbles", "few-bubbles"));
        assertThat(Statements.of(
                        () -> send("/api/pots/" + pot + "/checks", look).andExpect(status().isOk())))
                .isLessThanOrEqualTo(42);
        Map<String, Object> pour = feed(bottle, "SOIL", "mix", "10 L");
        assertThat(Statements.of(() -> send("/api/feeds", pour).andExpect(status().isOk())))
                .isLessThanOrEqualTo(38);
    }

    /** As many for four times the pots, bottles and plantings: nothing is read one by one. */
    @ParameterizedTest
    @ValueSource(
            strings = {"/api/round", "/api/pots", "/api/bottles", "/api/beds", "/api/feeds", "/api/labels", "/api/plan"
            })
    void growsWithNothing(String path) throws Exception {
        long before = statements(path);
        int pots = read("/api/pots").size();
        for (int turn = 1; turn <= 2; turn++) {
            doubleEverything(turn);
        }
        present.rebuild();
        assertThat(read("/api/pots")).hasSize(4 * pots);
        assertThat(statements(path)).isEqualTo(before);
    }

    private void doubleEverything(int turn) {
        String standing = " WHERE batch_id IN (SELECT batch_id FROM pot_now WHERE stands)";
        String code = "CONCAT('Q" + turn + "', code)";
        copy("vessel", turn, "", Map.of("code", code));
        copy("batch", turn, " WHERE id IN (SELECT batch_id FROM pot_now WHERE stands)", Map.of());
        for (String table : List.of("batch_state", "batch_part", "batch_stay")) {
            copy(table, turn, standing, Map.of());
        }
        copy("bottle", turn, "", Map.of("code", code, "batch_id", "batch_id", "place_id", "place_id"));
        copy("bottle_entry", turn, " WHERE kind = 'FILLED'", Map.of());
        copy("planting", turn, "", Map.of());
        copy("planting_stage", turn, "", Map.of());
        present.rebuild();
    }

    /** Copies rows; every id becomes another, the same wherever it stands. */
    private void copy(String table, int turn, String where, Map<String, String> instead) {
        List<String> columns =
                database.sql("""
                        SELECT column_name FROM information_schema.columns
                        WHERE table_schema = DATABASE() AND table_name = :table AND column_name <> 'written'""").param("table", table).query(String.class).list();
        String other = "CAST(CONCAT(SUBSTR(MD5(CONCAT(%1$s, " + turn + ")), 1, 12), '4', SUBSTR(MD5(%1$s), 14, 3), '8',"
                + " SUBSTR(MD5(%1$s), 18)) AS UUID)";
        String values = columns.stream()
                .map(column -> OURS.contains(column)
                        ? instead.getOrDefault(column, other.formatted(column))
                        : instead.getOrDefault(column, column))
                .collect(Collectors.joining(", "));
        database.sql("INSERT INTO " + table + " (" + String.join(", ", columns) + ") SELECT " + values + " FROM "
                        + table + where)
                .update();
    }
}
