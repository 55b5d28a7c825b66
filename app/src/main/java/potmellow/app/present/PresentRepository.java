package potmellow.app.present;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

@Repository
class PresentRepository {
    private static final String POTS = """
            SELECT b.id AS batch_id, b.garden_id, b.vessel_id, b.method_id, s.sequence,
              s.state IN ('WATER_STANDING', 'WORKING', 'HOLDING') AS stands, s.began_at AS since
            FROM batch b
            JOIN batch_state s ON s.batch_id = b.id
              AND s.sequence = (SELECT MAX(latest.sequence) FROM batch_state latest WHERE latest.batch_id = b.id)
            WHERE b.taken_back_at IS NULL""";

    private static final String BOTTLES = """
            SELECT b.id AS bottle_id, b.garden_id, COALESCE(SUM(e.change_millilitres), 0) AS level_millilitres,
              COALESCE(SUM(e.change_millilitres), 0) >= 0.01 AS in_store, COALESCE(MAX(e.entered_at), b.bottled_at) AS since
            FROM bottle b
            LEFT JOIN bottle_entry e ON e.bottle_id = b.id
            WHERE b.taken_back_at IS NULL
            GROUP BY b.id, b.garden_id, b.bottled_at""";

    private final JdbcClient database;

    PresentRepository(JdbcClient database) {
        this.database = database;
    }

    /** Without the application around it; all of it is one transaction, as the application may be writing. */
    static <T> T during(DataSource database, Function<PresentRepository, T> act) {
        TransactionTemplate whole = new TransactionTemplate(new DataSourceTransactionManager(database));
        whole.setIsolationLevel(TransactionDefinition.ISOLATION_READ_COMMITTED);
        return whole.execute(status -> act.apply(new PresentRepository(JdbcClient.create(database))));
    }

    /** Forgets what is true now. */
    void clear() {
        database.sql("DELETE FROM pot_now").update();
        database.sql("DELETE FROM bottle_now").update();
    }

    /** Makes what is true now from the histories; what another has begun meanwhile may stand there already. */
    void make() {
        database.sql("REPLACE INTO pot_now (batch_id, garden_id, vessel_id, method_id, sequence, stands, since) "
                        + POTS)
                .update();
        database.sql("REPLACE INTO bottle_now (bottle_id, garden_id, level_millilitres, in_store, since) " + BOTTLES)
                .update();
    }

    /** A sentence for each row that isn't what its history tells. */
    List<String> disagreements() {
        Stream<String> pots = differing(
                "pot_now",
                POTS,
                "batch_id",
                "n.sequence = told.sequence AND n.stands = told.stands AND n.since = told.since"
                        + " AND n.vessel_id = told.vessel_id AND n.method_id = told.method_id");
        Stream<String> bottles = differing(
                "bottle_now",
                BOTTLES,
                "bottle_id",
                "n.level_millilitres = told.level_millilitres AND n.in_store = told.in_store AND n.since = told.since");
        return Stream.concat(pots, bottles).toList();
    }

    private Stream<String> differing(String table, String history, String id, String agree) {
        String told = "(" + history + ") told";
        return database
                .sql("SELECT told." + id + " FROM " + told + " LEFT JOIN " + table + " n ON n." + id + " = told." + id
                        + " WHERE n." + id + " IS NULL OR NOT (" + agree + ") UNION ALL SELECT n." + id + " FROM "
                        + table
                        + " n LEFT JOIN " + told + " ON told." + id + " = n." + id + " WHERE told." + id + " IS NULL")
                .query(String.class)
                .list()
                .stream()
                .map(one -> "What " + table + " says of " + one + " isn't what its history tells.");
    }
}
