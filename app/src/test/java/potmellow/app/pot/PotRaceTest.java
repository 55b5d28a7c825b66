package potmellow.app.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

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
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import potmellow.app.ApplicationTest;

/** Fifty hands at once on one vessel and one pot: setting, splitting, drawing and straining. */
class PotRaceTest extends ApplicationTest {
    private static final int TOGETHER = 50;
    private static final String OURS = "(SELECT id FROM batch WHERE name LIKE 'Raced%')";

    @Autowired
    private JdbcClient database;

    @AfterEach
    void putAwayWhatWasMade() {
        List<UUID> pots = database.sql("SELECT id FROM batch WHERE name LIKE 'Raced%' ORDER BY split_from_id IS NULL")
                .query(UUID.class)
                .list();
        database.sql("DELETE FROM bottle_entry WHERE bottle_id IN (SELECT id FROM bottle WHERE batch_id IN " + OURS
                        + ")")
                .update();
        for (String table : List.of(
                "bottle",
                "reading",
                "batch_check",
                "batch_state",
                "batch_part",
                "batch_stay",
                "batch_decision",
                "batch_outcome")) {
            database.sql("DELETE FROM " + table + " WHERE batch_id IN " + OURS).update();
        }
        pots.forEach(pot -> database.sql("DELETE FROM batch WHERE id = :pot")
                .param("pot", pot)
                .update());
        database.sql("DELETE FROM vessel WHERE code IN ('Q1', 'Q2')").update();
        present.rebuild();
    }

    private String vessel(String code) throws Exception {
        send("/api/vessels", Map.of("code", code, "kind", "BUCKET", "capacity", "20 L"))
                .andExpect(status().is2xxSuccessful());
        return idOf("/api/vessels", "code", code);
    }

    private UUID weeds(String vessel) throws Exception {
        UUID pot = UUID.randomUUID();
        Map<String, Object> bucket = Map.of(
                "methodId",
                "weed-bucket",
                "name",
                "Raced weeds",
                "since",
                "3 months ago",
                "vesselId",
                vessel,
                "placeId",
                idOf("/api/places", "name", "Lee wall"));
        send("/api/pots/arrivals", pot, bucket).andExpect(status().isCreated());
        return pot;
    }

    private Callable<Integer> hand(int number, UUID pot, String free, String place) {
        String path = "/api/pots/" + pot;
        return switch (number % 4) {
            case 0 ->
                () -> answer(
                        "/api/pots/arrivals",
                        Map.of(
                                "methodId",
                                "weed-bucket",
                                "name",
                                "Raced " + number,
                                "since",
                                "now",
                                "vesselId",
                                free,
                                "placeId",
                                place));
            case 1 ->
                () -> answer(
                        path + "/splits",
                        Map.of("vesselId", free, "share", "50", "confirmed", List.of("too-small", "smell")));
            case 2 ->
                () -> answer(
                        path + "/drawings",
                        Map.of(
                                "bottle",
                                Map.of("volume", "6 L", "keepId", "bucket"),
                                "toppedUp",
                                false,
                                "early",
                                true));
            default ->
                () -> answer(
                        path + "/bottles",
                        Map.of(
                                "bottles",
                                List.of(Map.of("volume", "5 L", "keepId", "bucket")),
                                "early",
                                true,
                                "residueStays",
                                false,
                                "rescue",
                                false));
        };
    }

    private int answer(String path, Map<String, Object> body) throws Exception {
        return send(path, UUID.randomUUID(), body).andReturn().getResponse().getStatus();
    }

    private static List<Integer> together(List<Callable<Integer>> hands) throws Exception {
        CyclicBarrier start = new CyclicBarrier(hands.size());
        ExecutorService browsers = Executors.newFixedThreadPool(hands.size());
        try {
            List<Integer> answers = new ArrayList<>();
            List<Callable<Integer>> atOnce = hands.stream()
                    .<Callable<Integer>>map(hand -> () -> {
                        start.await();
                        return hand.call();
                    })
                    .toList();
            for (Future<Integer> answer : browsers.invokeAll(atOnce)) {
                answers.add(answer.get());
            }
            return answers;
        } finally {
            browsers.shutdown();
        }
    }

    @Test
    void endInOneContentAndNoMoreThanThereWas() throws Exception {
        UUID pot = weeds(vessel("Q1"));
        String free = vessel("Q2");
        String place = idOf("/api/places", "name", "Lee wall");
        double most = read("/api/pots/" + pot).at("/bottling/most/value").asDouble();
        List<Integer> answers = together(IntStream.range(0, TOGETHER)
                .mapToObj(number -> hand(number, pot, free, place))
                .toList());

        assertThat(answers).isSubsetOf(200, 201, 409, 422);
        assertThat(winners(answers, 0) + winners(answers, 1))
                .as("contents of the free vessel")
                .isEqualTo(1);
        assertThat(winners(answers, 3)).as("strained").isLessThanOrEqualTo(1);
        assertThat(winners(answers, 2) + winners(answers, 3))
                .as("drawn or strained")
                .isPositive();
        int standing = 0;
        for (JsonNode one : read("/api/pots")) {
            standing += one.get("code").asText().equals("Q2") ? 1 : 0;
        }
        assertThat(standing).isEqualTo(1);
        Double bottled = database.sql("SELECT SUM(filled_millilitres) FROM bottle WHERE batch_id = :pot")
                .param("pot", pot)
                .query(Double.class)
                .single();
        assertThat(bottled).isLessThanOrEqualTo(most + 1);
        for (String path : List.of("/api/round", "/api/plan", "/api/vessels", "/api/bottles")) {
            mvc.perform(get(path)).andExpect(status().isOk());
        }
    }

    private static long winners(List<Integer> answers, int hand) {
        return IntStream.range(0, answers.size())
                .filter(number -> number % 4 == hand && answers.get(number) < 300)
                .count();
    }
}
