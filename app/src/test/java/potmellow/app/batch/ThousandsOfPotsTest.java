package potmellow.app.batch;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.stream.LongStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

/** A gardener of many years: three thousand pots that ended slow nothing down. */
@Transactional
class ThousandsOfPotsTest extends ApplicationTest {
    private static final int MANY = 3000;
    private static final int TRIES = 3;
    private static final Duration AT_MOST = Duration.ofMillis(700);

    @Autowired
    private JdbcClient database;

    @BeforeEach
    void copyOneEndedPotManyTimes() {
        String numbers = "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < " + MANY + ")";
        database.sql("SET max_recursive_iterations = 10000").update();
        database.sql("CREATE TEMPORARY TABLE many " + numbers + """
                         SELECT UUID() AS id, UUID() AS state_id, UUID() AS stay_id, i FROM n""").update();
        String source = " (SELECT b.* FROM batch b WHERE b.name = 'Forgotten serum') b";
        database.sql("""
                        INSERT INTO batch (id, garden_id, method_id, name, vessel_id, lid, set_at)
                        SELECT m.id, b.garden_id, b.method_id, CONCAT('Old ', m.i), b.vessel_id, b.lid,
                          b.set_at - INTERVAL m.i HOUR FROM many m JOIN""" + source).update();
        database.sql("""
                        INSERT INTO batch_state (id, garden_id, batch_id, sequence, state, stage, began_at, reason)
                        SELECT m.state_id, b.garden_id, m.id, 1, 'EMPTIED', 0, b.set_at - INTERVAL m.i HOUR, 'strained'
                        FROM many m JOIN""" + source).update();
        database.sql("""
                        INSERT INTO batch_stay (id, garden_id, batch_id, place_id, from_at)
                        SELECT m.stay_id, b.garden_id, m.id, s.place_id, s.from_at
                        FROM many m JOIN""" + source + " JOIN batch_stay s ON s.batch_id = b.id").update();
        database.sql("DROP TEMPORARY TABLE many").update();
    }

    private long bestMillis(String path) {
        return LongStream.range(0, TRIES)
                .map(time -> {
                    long began = System.nanoTime();
                    try {
                        read(path);
                    } catch (Exception e) {
                        throw new IllegalStateException(e);
                    }
                    return Duration.ofNanos(System.nanoTime() - began).toMillis();
                })
                .min()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/pots", "/api/pots/past", "/api/round", "/api/codes/J8", "/api/vessels"})
    void slowNothingDown(String path) {
        assertThat(bestMillis(path)).isLessThan(AT_MOST.toMillis());
    }

    @Test
    void comeAPageAtATimeUntilTheFirstOfThem() throws Exception {
        String before = "";
        int pages = 0;
        int pots = 0;
        var page = read("/api/pots/past");
        while (!page.isEmpty()) {
            pages++;
            pots += page.size();
            before = page.get(page.size() - 1).get("endedAt").asText();
            page = read("/api/pots/past?before=" + before);
        }
        assertThat(pots).isGreaterThan(MANY);
        assertThat(pages).isGreaterThan(MANY / 41);
    }
}
