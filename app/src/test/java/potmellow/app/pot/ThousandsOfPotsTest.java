package potmellow.app.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
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
    private static final int A_FEW = 100;

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
        copyOneBottleManyTimes();
        database.sql("DROP TEMPORARY TABLE many").update();
        present.rebuild();
    }

    /** Each of them filled a bottle, which was poured out into beds long ago and looked at. */
    private void copyOneBottleManyTimes() {
        String source = " (SELECT b.* FROM bottle b ORDER BY b.code LIMIT 1) b";
        String then = "b.bottled_at - INTERVAL 500 DAY - INTERVAL m.i HOUR";
        database.sql("""
                        INSERT INTO bottle (id, garden_id, code, name, product_id, batch_id, keep_id, filled_millilitres,
                          bottled_at, use_by, soil_only, brew_age_days)
                        SELECT m.id, b.garden_id, CONCAT('X', m.i), b.name, b.product_id, b.batch_id, b.keep_id, 100,
                          %s, b.use_by, 0, 1 FROM many m JOIN""".formatted(then) + source).update();
        database.sql("""
                        INSERT INTO feed (id, garden_id, poured_at, target, mix_millilitres, entered_at)
                        SELECT m.state_id, b.garden_id, %1$s, 'SOIL', 10000, %1$s FROM many m JOIN""".formatted(then) + source).update();
        database.sql("""
                        INSERT INTO feed_brew (feed_id, position, garden_id, bottle_id, ratio_water, brew_millilitres)
                        SELECT m.state_id, 0, b.garden_id, m.id, 99, 100 FROM many m JOIN""" + source).update();
        database.sql("""
                        INSERT INTO feed_planting (feed_id, planting_id, garden_id)
                        SELECT m.state_id, p.id, p.garden_id
                        FROM many m JOIN (SELECT * FROM planting ORDER BY name LIMIT 1) p""").update();
        database.sql("""
                        INSERT INTO bottle_entry (id, garden_id, bottle_id, entered_at, kind, change_millilitres, feed_id)
                        SELECT UUID(), b.garden_id, m.id, %1$s, 'FILLED', 100, NULL FROM many m JOIN %2$s
                        UNION ALL
                        SELECT UUID(), b.garden_id, m.id, %1$s, 'POURED', -100, m.state_id FROM many m JOIN %2$s""".formatted(then, source)).update();
        database.sql("""
                        INSERT INTO planting_look (id, garden_id, planting_id, looked_at, look, dry)
                        SELECT UUID(), p.garden_id, p.id, NOW() - INTERVAL 900 DAY - INTERVAL m.i HOUR, 'UPRIGHT', 0
                        FROM many m JOIN (SELECT * FROM planting ORDER BY name LIMIT 1) p""").update();
    }

    /** Counted, not timed: neither the statements, nor the rows walked through, nor what is answered grow with what ended. */
    @ParameterizedTest
    @MethodSource("whatIsAskedAllDay")
    void addNothingToWhatARequestCosts(String path) throws Exception {
        String asked = path.replace("{pot}", idOf("/api/pots", "name", "Mugwort juice"));
        read(asked);
        long statements = Statements.of(() -> read(asked));
        long rows = rowsTouchedBy(() -> read(asked));
        int length = read(asked).toString().length();
        copyOneEndedPotManyTimes();
        assertThat(Statements.of(() -> read(asked))).isEqualTo(statements);
        assertThat(rowsTouchedBy(() -> read(asked))).isLessThan(Math.round(1.2 * rows) + A_FEW);
        assertThat(read(asked).toString()).hasSize(length);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/pots/past", "/api/bottles/emptied", "/api/codes/J8"})
    void comeInPagesThatCostAsMuchHoweverManyThereAre(String path) throws Exception {
        copyOneEndedPotManyTimes();
        assertThat(Statements.of(() -> read(path))).isLessThan(30);
        assertThat(read(path).toString().length()).isLessThan(60_000);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/pots/past", "/api/bottles/emptied"})
    void comeAPageAtATimeUntilTheFirstOfThem(String path) throws Exception {
        copyOneEndedPotManyTimes();
        Set<String> ids = new HashSet<>();
        int pages = 0;
        var page = read(path);
        while (!page.isEmpty()) {
            pages++;
            page.forEach(one -> assertThat(ids.add(one.get("id").asText())).isTrue());
            page = read(path + "?after=" + page.get(page.size() - 1).get("id").asText());
        }
        assertThat(ids).hasSizeGreaterThanOrEqualTo(MANY);
        assertThat(pages).isGreaterThanOrEqualTo(MANY / 41);
    }

    /** The rows that the database walked through, whatever it sent of them: the same on any machine. */
    private long rowsTouchedBy(Callable<?> request) throws Exception {
        long before = handled();
        request.call();
        return handled() - before;
    }

    private long handled() {
        return database
                .sql("SHOW SESSION STATUS LIKE 'Handler_read%'")
                .query((row, number) -> row.getLong("Value"))
                .list()
                .stream()
                .mapToLong(Long::longValue)
                .sum();
    }

    /** What hands do all day finds its pot and its bottle without walking past the old ones. */
    @Test
    void addNothingToWhatAVisitCosts() throws Exception {
        String visits = "/api/pots/" + idOf("/api/pots", "name", "Mugwort juice") + "/checks";
        Map<String, Object> look = Map.of("act", "LOOKED", "signs", Map.of());
        Callable<?> visit = () -> send(visits, look).andExpect(status().isOk());
        visit.call();
        long before = rowsTouchedBy(visit);
        copyOneEndedPotManyTimes();
        assertThat(rowsTouchedBy(visit)).isLessThan(Math.round(1.2 * before) + A_FEW);
    }

    static Stream<String> whatIsAskedAllDay() {
        return Stream.of(
                "/api/pots",
                "/api/pots/{pot}",
                "/api/round",
                "/api/vessels",
                "/api/bottles",
                "/api/plan",
                "/api/beds",
                "/api/feeds",
                "/api/labels",
                "/api/plantings",
                "/api/places",
                "/api/weather",
                "/api/readings/held");
    }
}
