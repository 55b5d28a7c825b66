package potmellow.app.pot;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;
import potmellow.app.database.Utc;
import potmellow.core.meter.Meter;
import potmellow.core.ripening.ContentsAge;
import potmellow.core.ripening.ContentsAge.Topping;

/**
 * Bottles filled before their nature was kept with them get it now, read from the log of their pot up to the moment they were
 * drawn. Repeatable: it only fills in what is missing.
 */
@Component
class V7__DrawnBottles extends BaseJavaMigration {
    private record Drawing(UUID bottle, UUID pot, Instant set, Instant at) {}

    @Override
    public void migrate(Context context) {
        JdbcClient database = JdbcClient.create(new SingleConnectionDataSource(context.getConnection(), true));
        for (Drawing drawing : missing(database)) {
            double days = ContentsAge.of(drawing.set(), toppings(database, drawing), drawing.at())
                    .value();
            database.sql("UPDATE bottle SET brew_age_days = :days, brew_ph = :ph, brew_ec = :ec WHERE id = :id")
                    .param("days", Math.max(0, days))
                    .param("ph", last(database, drawing, Meter.PH).orElse(null))
                    .param("ec", last(database, drawing, Meter.EC).orElse(null))
                    .param("id", drawing.bottle())
                    .update();
        }
        database.sql("ALTER TABLE bottle MODIFY COLUMN brew_age_days DECIMAL(12, 4) NOT NULL")
                .update();
    }

    private static List<Drawing> missing(JdbcClient database) {
        return database.sql("""
                        SELECT o.id, o.batch_id, o.bottled_at,
                          COALESCE(
                            (SELECT MIN(s.began_at) FROM batch_state s WHERE s.batch_id = b.id AND s.state = 'WORKING'),
                            b.set_at) AS set_at
                        FROM bottle o
                        JOIN batch b ON b.id = o.batch_id
                        WHERE o.brew_age_days IS NULL""")
                .query((row, number) -> new Drawing(
                        row.getObject("id", UUID.class),
                        row.getObject("batch_id", UUID.class),
                        Utc.instant(row, "set_at"),
                        Utc.instant(row, "bottled_at")))
                .list();
    }

    /** What was topped up before the bottle was drawn; the topping up of the drawing itself came after it. */
    private static List<Topping> toppings(JdbcClient database, Drawing drawing) {
        return database.sql("""
                        SELECT c.checked_at, c.replaced_share
                        FROM batch_check c
                        WHERE c.batch_id = :pot AND c.act = 'TOPPED_UP' AND c.replaced_share IS NOT NULL
                          AND c.checked_at <= :at AND c.id <> :own
                          AND NOT EXISTS (SELECT 1 FROM batch_check later WHERE later.corrects_id = c.id)""")
                .param("pot", drawing.pot())
                .param("at", Utc.column(drawing.at()))
                .param("own", EndService.toppingOf(drawing.bottle()))
                .query((row, number) -> new Topping(Utc.instant(row, "checked_at"), row.getDouble("replaced_share")))
                .list();
    }

    private static Optional<Double> last(JdbcClient database, Drawing drawing, Meter meter) {
        return database.sql("""
                        SELECT value
                        FROM reading
                        WHERE batch_id = :pot AND meter = :meter AND struck_at IS NULL AND read_at <= :at
                        ORDER BY read_at DESC, id
                        LIMIT 1""")
                .param("pot", drawing.pot())
                .param("meter", meter.name())
                .param("at", Utc.column(drawing.at()))
                .query(Double.class)
                .optional();
    }
}
