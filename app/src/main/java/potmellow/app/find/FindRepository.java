package potmellow.app.find;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.app.garden.Garden;

@Repository
class FindRepository {
    private static final int MOST = 8;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private static final String HAS_ALL = " LIKE :w0 AND %1$s LIKE :w1 AND %1$s LIKE :w2 AND %1$s LIKE :w3";

    private final JdbcClient database;

    FindRepository(JdbcClient database) {
        this.database = database;
    }

    private static String all(String text) {
        return text + HAS_ALL.formatted(text);
    }

    private JdbcClient.StatementSpec asked(String sql, Garden garden, Words words) {
        JdbcClient.StatementSpec statement =
                database.sql(sql).param("garden", garden.id()).param("most", MOST);
        for (int number = 0; number < Words.MOST; number++) {
            statement = statement.param("w" + number, words.pattern(number));
        }
        return statement;
    }

    /** Pots, those that were set last on top. */
    List<Found> pots(Garden garden, Words words) {
        return asked(
                        "SELECT batch.id, batch.name, vessel.code, batch.set_at"
                                + " FROM batch FORCE INDEX (batch_garden_id_set_at) STRAIGHT_JOIN vessel ON vessel.id = batch.vessel_id"
                                + " WHERE batch.garden_id = :garden AND batch.taken_back_at IS NULL AND "
                                + all("CONCAT(batch.name, ' ', vessel.code)")
                                + " ORDER BY batch.set_at DESC LIMIT :most",
                        garden,
                        words)
                .query((row, number) -> new Found(
                        Found.Kind.POT,
                        row.getString("id"),
                        Optional.of(row.getString("code")),
                        row.getString("name"),
                        "pot, set " + garden.day(Utc.instant(row, "set_at")).format(DAY)))
                .list();
    }

    /** Bottles, those that were filled last on top. */
    List<Found> bottles(Garden garden, Words words) {
        return asked(
                        "SELECT id, name, code, use_by FROM bottle FORCE INDEX (bottle_garden_id_bottled_at)"
                                + " WHERE garden_id = :garden AND taken_back_at IS NULL AND "
                                + all("CONCAT(name, ' ', code)")
                                + " ORDER BY bottled_at DESC LIMIT :most",
                        garden,
                        words)
                .query((row, number) -> new Found(
                        Found.Kind.BOTTLE,
                        row.getString("id"),
                        Optional.of(row.getString("code")),
                        row.getString("name"),
                        "bottle, use by "
                                + row.getObject("use_by", LocalDate.class).format(DAY)))
                .list();
    }

    /** Plantings that stand. */
    List<Found> plantings(Garden garden, Words words) {
        return asked(
                        "SELECT id, name FROM planting WHERE garden_id = :garden AND ended_at IS NULL AND "
                                + all("name") + " ORDER BY name LIMIT :most",
                        garden,
                        words)
                .query((row, number) -> new Found(
                        Found.Kind.PLANTING,
                        row.getString("id"),
                        Optional.empty(),
                        row.getString("name"),
                        "in the garden"))
                .list();
    }
}
