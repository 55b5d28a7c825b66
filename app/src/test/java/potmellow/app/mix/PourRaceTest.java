package potmellow.app.mix;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import potmellow.app.ApplicationTest;

/** Not rolled back: each pour must commit on its own, as two browsers' pours do. */
class PourRaceTest extends ApplicationTest {
    private static final int ROUNDS = 5;

    @Autowired
    private JdbcClient database;

    @AfterEach
    void leaveTheSharedWorldAsItWas() {
        String race = " IN (SELECT id FROM bottle WHERE name = 'Race juice')";
        database.sql("DELETE FROM bottle_entry WHERE bottle_id" + race).update();
        database.sql("DELETE FROM feed_brew WHERE bottle_id" + race).update();
        database.sql("DELETE FROM feed WHERE id NOT IN (SELECT feed_id FROM feed_brew)")
                .update();
        database.sql("DELETE FROM bottle WHERE name = 'Race juice'").update();
        String pot = " WHERE batch_id IN (SELECT id FROM batch WHERE name = 'Race juice')";
        database.sql("DELETE FROM batch_state" + pot).update();
        database.sql("DELETE FROM batch_part" + pot).update();
        database.sql("DELETE FROM batch_stay" + pot).update();
        database.sql("DELETE FROM batch_outcome" + pot).update();
        database.sql("DELETE FROM batch WHERE name = 'Race juice'").update();
        database.sql("DELETE FROM vessel WHERE code REGEXP '^J1[0-9]$'").update();
        present.rebuild();
    }

    @Test
    void tellsOneOfTwoWhoPourTheLastOfABottle() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            String bottle = newBottle();
            // 20 mL are left; each asks for 15.
            Map<String, Object> wish = feed(bottle, "SOIL", "mix", "7.5 L");
            assertThat(pourTogether(wish)).containsExactlyInAnyOrder(200, 409);
            assertThat(level(bottle)).isEqualTo("5 mL");
        }
    }

    /** One names the bottles in one order, the other in the other: neither may wait for the other for ever. */
    @Test
    void letsTwoTanksOfTheSameBottlesThroughOneAfterTheOther() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            String one = newBottle();
            String other = newBottle();
            assertThat(together(pouring(tank(one, other)), pouring(tank(other, one))))
                    .containsExactly(200, 200);
            assertThat(level(one)).isEqualTo("16 mL");
            assertThat(level(other)).isEqualTo("16 mL");
        }
    }

    @Test
    void takesAPourBackOnceThoughTwoAskForIt() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            String bottle = newBottle();
            UUID feed = UUID.randomUUID();
            send("/api/feeds", feed, feed(bottle, "SOIL", "mix", "7.5 L"));
            Callable<Integer> undo = () -> send("/api/feeds/" + feed + "/undo", Map.of())
                    .andReturn()
                    .getResponse()
                    .getStatus();
            assertThat(together(undo, undo)).containsExactly(200, 200);
            assertThat(level(bottle)).isEqualTo("20 mL");
        }
    }

    private static Map<String, Object> tank(String one, String other) {
        Map<String, Object> wish = feed(one, "SOIL", "mix", "2 L");
        wish.put(
                "brews",
                List.of(
                        Map.of("bottleId", one, "strength", "1:1000"),
                        Map.of("bottleId", other, "strength", "1:1000")));
        return wish;
    }

    private List<Integer> pourTogether(Map<String, Object> wish) throws Exception {
        return together(pouring(wish), pouring(wish));
    }

    private Callable<Integer> pouring(Map<String, Object> wish) {
        return () -> send("/api/feeds", wish).andReturn().getResponse().getStatus();
    }

    private static List<Integer> together(Callable<Integer> one, Callable<Integer> other) throws Exception {
        CyclicBarrier together = new CyclicBarrier(2);
        ExecutorService browsers = Executors.newFixedThreadPool(2);
        try {
            List<Integer> answers = new ArrayList<>();
            for (Future<Integer> answer : browsers.invokeAll(List.of(atOnce(together, one), atOnce(together, other)))) {
                answers.add(answer.get());
            }
            return answers;
        } finally {
            browsers.shutdown();
        }
    }

    private static Callable<Integer> atOnce(CyclicBarrier together, Callable<Integer> browser) {
        return () -> {
            together.await();
            return browser.call();
        };
    }

    private String newBottle() throws Exception {
        UUID pot = UUID.randomUUID();
        Map<String, Object> recipe = Map.of(
                "methodId",
                "plant-juice-open",
                "anchor",
                "IN_HAND",
                "inHand",
                Map.of("plant", "100 g"),
                "capacity",
                "1 L");
        send("/api/pots", pot, Map.of("name", "Race juice", "recipe", recipe));
        UUID bottle = UUID.randomUUID();
        send("/api/pots/" + pot + "/bottles", bottle, strain("20 mL", "cool-dark", true));
        return bottle.toString();
    }

    private String level(String id) throws Exception {
        for (JsonNode bottle : read("/api/bottles")) {
            if (bottle.get("id").asText().equals(id)) {
                return bottle.get("level").asText();
            }
        }
        throw new AssertionError("no bottle " + id);
    }
}
