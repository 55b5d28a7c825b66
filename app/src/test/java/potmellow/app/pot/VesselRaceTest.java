package potmellow.app.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import potmellow.app.ApplicationTest;

/** One vessel, one content: also for those who come at the same moment, and gardens where it went wrong before. */
class VesselRaceTest extends ApplicationTest {
    private static final int TOGETHER = 6;

    @Autowired
    private JdbcClient database;

    private final List<UUID> set = new ArrayList<>();

    @AfterEach
    void putAwayWhatWasSet() {
        for (UUID pot : set) {
            for (String table : List.of("batch_state", "batch_part", "batch_stay", "batch_decision", "batch_outcome")) {
                database.sql("DELETE FROM " + table + " WHERE batch_id = :pot")
                        .param("pot", pot)
                        .update();
            }
            database.sql("DELETE FROM batch WHERE id = :pot").param("pot", pot).update();
        }
        database.sql("DELETE FROM vessel WHERE code REGEXP '^J[0-9]{2}$' AND id NOT IN (SELECT vessel_id FROM batch)")
                .update();
        present.rebuild();
    }

    private List<Integer> together(Map<String, Object> recipe) throws Exception {
        CyclicBarrier start = new CyclicBarrier(TOGETHER);
        ExecutorService browsers = Executors.newFixedThreadPool(TOGETHER);
        try {
            List<Callable<Integer>> settings = IntStream.range(0, TOGETHER)
                    .<Callable<Integer>>mapToObj(number -> {
                        UUID pot = UUID.randomUUID();
                        set.add(pot);
                        return () -> {
                            start.await();
                            return send("/api/pots", pot, Map.of("name", "Race " + number, "recipe", recipe))
                                    .andReturn()
                                    .getResponse()
                                    .getStatus();
                        };
                    })
                    .toList();
            List<Integer> answers = new ArrayList<>();
            for (Future<Integer> answer : browsers.invokeAll(settings)) {
                answers.add(answer.get());
            }
            return answers;
        } finally {
            browsers.shutdown();
        }
    }

    private static Map<String, Object> recipe() {
        return new HashMap<>(
                Map.of("methodId", "plant-juice-open", "anchor", "IN_HAND", "inHand", Map.of("plant", "200 g")));
    }

    private List<String> vesselsOf(String name) throws Exception {
        List<String> codes = new ArrayList<>();
        for (JsonNode pot : read("/api/pots")) {
            if (pot.get("name").asText().startsWith(name)) {
                codes.add(pot.get("code").asText());
            }
        }
        return codes;
    }

    @Test
    void endsInAVesselForEachWhereNobodyNamedOne() throws Exception {
        List<Integer> answers = together(recipe());
        // Whoever comes later gets another vessel, or is told what is unwise about the next free one.
        assertThat(answers).contains(201).isSubsetOf(201, 409, 422);
        assertThat(vesselsOf("Race"))
                .hasSize((int) answers.stream().filter(answer -> answer == 201).count())
                .doesNotHaveDuplicates();
        mvc.perform(get("/api/round")).andExpect(status().isOk());
    }

    @Test
    void hasOneWinnerAndPlainRefusalsWhereAllWantTheSame() throws Exception {
        Map<String, Object> recipe = recipe();
        recipe.put("vesselId", freeJar());
        List<Integer> answers = together(recipe);
        assertThat(answers).containsOnlyOnce(201);
        assertThat(answers).filteredOn(answer -> answer != 201).containsOnly(409);
        assertThat(vesselsOf("Race")).hasSize(1);
    }

    private String freeJar() throws Exception {
        for (JsonNode vessel : read("/api/vessels")) {
            if (vessel.get("kind").asText().equals("JAR") && !vessel.has("holds") && !vessel.has("retiredOn")) {
                return vessel.get("id").asText();
            }
        }
        throw new AssertionError("no free jar");
    }

    /** A garden from before the database held it: two pots stand in one jar. Everything answers, and it is said. */
    @Test
    void isSurvivedByAGardenWhereTwoStandInOneAlready() throws Exception {
        Map<String, Object> recipe = recipe();
        String jar = freeJar();
        recipe.put("vesselId", jar);
        UUID first = UUID.randomUUID();
        set.add(first);
        send("/api/pots", first, Map.of("name", "First juice", "recipe", recipe))
                .andExpect(status().isCreated());
        UUID second = UUID.randomUUID();
        set.add(second);
        send("/api/pots", second, Map.of("name", "Second juice", "recipe", recipe()))
                .andExpect(status().isCreated());
        database.sql("UPDATE batch SET vessel_id = :jar, holds_vessel_id = NULL WHERE id = :pot")
                .param("jar", UUID.fromString(jar))
                .param("pot", second)
                .update();
        present.rebuild();

        for (String path : List.of("/api/round", "/api/plan", "/api/pots", "/api/vessels", "/api/pots/" + second)) {
            mvc.perform(get(path)).andExpect(status().isOk());
        }
        assertThat(read("/api/round").get("doubled").toString()).contains("First juice and Second juice");
        assertThat(read("/api/vessels").toString()).contains("First juice and Second juice");
        send("/api/pots", Map.of("name", "Third", "recipe", recipe))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail").value(containsString("holds First juice and Second juice")));
        send("/api/pots/" + first + "/disposals", Map.of("reason", "It was never there."))
                .andExpect(status().isOk());
        assertThat(read("/api/round").get("doubled")).isEmpty();
    }
}
