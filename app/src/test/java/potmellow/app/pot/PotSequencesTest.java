package potmellow.app.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.core.book.Book;
import potmellow.core.book.Method;

/**
 * Whatever hands do to a pot of any method, one act after the other: nothing breaks, nothing comes from nowhere, a vessel holds one
 * thing, and nothing lies ahead of its time.
 */
@Transactional
class PotSequencesTest extends ApplicationTest {
    private static final int ACTS = 14;
    private static final double A_SPOON = 6;

    @Autowired
    private JdbcClient database;

    private final List<String> vessels = new ArrayList<>();
    private final List<String> pots = new ArrayList<>();
    private double taken;

    static Stream<Method> methods() {
        return Book.load().methods().stream();
    }

    @ParameterizedTest
    @MethodSource("methods")
    void keepsItsLawsThroughAnySequenceOfActs(Method method) throws Exception {
        Random random = new Random(method.id().hashCode());
        for (String code : List.of("X1", "X2", "X3")) {
            send(
                    "/api/vessels",
                    Map.of("code", code, "kind", method.vessel().kinds().get(0).name(), "capacity", "20 L"));
            vessels.add(idOf("/api/vessels", "code", code));
        }
        UUID first = UUID.randomUUID();
        String place = idOf("/api/places", "name", "Lee wall");
        Map<String, Object> stands =
                Map.of("methodId", method.id(), "since", "3 weeks ago", "vesselId", vessels.get(0), "placeId", place);
        assertThat(done("/api/pots/arrivals", first, stands)).isLessThan(300);
        pots.add(first.toString());
        double all = most(first.toString());
        int went = 0;
        for (int act = 0; act < ACTS; act++) {
            clock.advance(Duration.ofMinutes(30 + random.nextInt(4000)));
            String pot = pots.get(random.nextInt(pots.size()));
            int status = act(pot, random);
            went += status < 300 ? 1 : 0;
            assertThat(status).as(method.id() + ", act " + act).isIn(200, 201, 404, 409, 422);
            assertThat(standing() + taken).as("never more than there was").isLessThanOrEqualTo(all + A_SPOON);
            assertThat(twice()).as("one content a vessel").isZero();
        }
        assertThat(went).as("acts that went through").isGreaterThanOrEqualTo(2);
    }

    private int act(String pot, Random random) throws Exception {
        String path = "/api/pots/" + pot;
        return switch (random.nextInt(14)) {
            case 0, 1 -> done(path + "/checks", UUID.randomUUID(), Map.of("act", "LOOKED", "signs", Map.of()));
            case 2, 3 -> split(pot, path, random);
            case 4, 5 -> drawn(pot, path, random);
            case 6 ->
                done(
                        path + "/moves",
                        UUID.randomUUID(),
                        Map.of(
                                "placeId",
                                idOf("/api/places", "name", random.nextBoolean() ? "Galley shelf" : "Lee wall")));
            case 7 -> done(path + "/wringings", UUID.randomUUID(), Map.of("early", true));
            case 8 -> strained(pot, path, random);
            case 9 -> done(path + "/disposals", UUID.randomUUID(), Map.of("reason", "tried"));
            default -> takenBack(path);
        };
    }

    private int split(String pot, String path, Random random) throws Exception {
        UUID part = UUID.randomUUID();
        double before = standing();
        int status = done(
                path + "/splits",
                part,
                Map.of("vesselId", vessels.get(random.nextInt(3)), "share", 10 + random.nextInt(80) + " %"));
        if (status < 300) {
            pots.add(part.toString());
            assertThat(standing()).as("split conserves").isCloseTo(before, within(A_SPOON));
        }
        return status;
    }

    private int drawn(String pot, String path, Random random) throws Exception {
        JsonNode before = read(path);
        int millilitres = 20 + random.nextInt(3000);
        Map<String, Object> bottle = Map.of(
                "volume",
                millilitres + " mL",
                "keepId",
                before.at("/bottling/keeps/0/id").asText());
        double most = most(pot);
        int status =
                done(path + "/drawings", UUID.randomUUID(), Map.of("bottle", bottle, "toppedUp", false, "early", true));
        if (status < 300) {
            taken += millilitres;
            assertThat(most(pot)).as("drawn is missing").isCloseTo(most - millilitres, within(A_SPOON));
        }
        return status;
    }

    private int strained(String pot, String path, Random random) throws Exception {
        JsonNode before = read(path);
        double some = most(pot) * random.nextDouble();
        String amount = Math.round(some) + (before.at("/bottling/solid").asBoolean() ? " g" : " mL");
        Map<String, Object> bottle = Map.of(
                "volume", amount, "keepId", before.at("/bottling/keeps/0/id").asText());
        return done(path + "/bottles", UUID.randomUUID(), Map.of("bottles", List.of(bottle), "early", true));
    }

    private int takenBack(String path) throws Exception {
        JsonNode before = read(path);
        JsonNode last = before.get("takeBack");
        int status = done(path + "/takebacks", UUID.randomUUID(), Map.of("reason", "wrong pot"));
        if (status < 300 && last != null && last.get("kind").asText().equals("DRAWN")) {
            taken = bottled();
        }
        if (status < 300) {
            pots.removeIf(pot -> database.sql("SELECT COUNT(*) FROM batch WHERE id = :pot AND taken_back_at IS NULL")
                            .param("pot", UUID.fromString(pot))
                            .query(Integer.class)
                            .single()
                    == 0);
        }
        return status;
    }

    /** Everything that was drawn while the pots stood and is in a bottle. */
    private double bottled() {
        return database.sql("""
                        SELECT COALESCE(SUM(e.change_millilitres), 0)
                        FROM bottle b
                        JOIN bottle_entry e ON e.bottle_id = b.id AND e.kind = 'FILLED'
                        JOIN batch p ON p.id = b.batch_id AND p.holds_vessel_id IS NOT NULL
                        WHERE b.taken_back_at IS NULL AND b.batch_id IN (:pots)""")
                .param("pots", pots.stream().map(UUID::fromString).toList())
                .query(Double.class)
                .single();
    }

    /** What was decided against advice once is decided so again. */
    private int done(String path, UUID key, Map<String, ?> body) throws Exception {
        List<String> confirmed = new ArrayList<>();
        for (int turn = 0; ; turn++) {
            Map<String, Object> asked = new HashMap<>(body);
            if (!confirmed.isEmpty()) {
                asked.put("confirmed", confirmed);
            }
            MockHttpServletResponse response =
                    send(path, key, asked).andReturn().getResponse();
            boolean decides = path.endsWith("/moves") || path.endsWith("/splits");
            if (response.getStatus() != 422 || !decides || turn == 5) {
                return response.getStatus();
            }
            confirmed.add(
                    json.readTree(response.getContentAsByteArray()).path("code").asText());
        }
    }

    private double most(String pot) throws Exception {
        JsonNode is = read("/api/pots/" + pot);
        return List.of("WORKING", "HOLDING").contains(is.get("state").asText())
                ? is.at("/bottling/most/value").asDouble()
                : 0;
    }

    private double standing() throws Exception {
        double sum = 0;
        for (String pot : pots) {
            sum += most(pot);
        }
        return sum;
    }

    private int twice() {
        return database.sql("""
                        SELECT COUNT(*) FROM (
                          SELECT b.vessel_id FROM batch b
                          JOIN batch_state s ON s.batch_id = b.id AND s.sequence = (
                            SELECT MAX(latest.sequence) FROM batch_state latest WHERE latest.batch_id = b.id)
                          WHERE b.taken_back_at IS NULL AND s.state IN ('WATER_STANDING', 'WORKING', 'HOLDING')
                          GROUP BY b.vessel_id HAVING COUNT(*) > 1) twice""").query(Integer.class).single();
    }
}
