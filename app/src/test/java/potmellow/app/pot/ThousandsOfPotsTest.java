package potmellow.app.pot;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.app.Statements;

/** A gardener of many years: three thousand pots that ended slow nothing down. */
@Transactional
@Import(Statements.Counted.class)
class ThousandsOfPotsTest extends ApplicationTest {
    private static final int MANY = 3000;

    @Autowired
    private JdbcClient database;

    private void copyOneEndedPotManyTimes() {
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

    /** Counted, not timed: neither the statements nor what is answered grow with what ended. */
    @ParameterizedTest
    @ValueSource(strings = {"/api/pots", "/api/round", "/api/vessels", "/api/bottles", "/api/plan"})
    void addNothingToWhatARequestCosts(String path) throws Exception {
        read(path);
        long statements = Statements.of(() -> read(path));
        int length = read(path).toString().length();
        copyOneEndedPotManyTimes();
        assertThat(Statements.of(() -> read(path))).isEqualTo(statements);
        assertThat(read(path).toString()).hasSize(length);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/pots/past", "/api/codes/J8"})
    void comeInPagesThatCostAsMuchHoweverManyThereAre(String path) throws Exception {
        copyOneEndedPotManyTimes();
        assertThat(Statements.of(() -> read(path))).isLessThan(30);
        assertThat(read(path).toString().length()).isLessThan(60_000);
    }

    @Test
    void comeAPageAtATimeUntilTheFirstOfThem() throws Exception {
        copyOneEndedPotManyTimes();
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
