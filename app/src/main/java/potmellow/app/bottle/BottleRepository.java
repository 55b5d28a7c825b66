package potmellow.app.bottle;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.core.measure.Volume;

@Repository
class BottleRepository {
    private static final String SELECT = """
            SELECT b.id, b.code, b.name, b.product_id, b.batch_id, b.keep_id, b.filled_millilitres, b.bottled_at, b.use_by,
              b.soil_only,
              (SELECT SUM(e.change_millilitres) FROM bottle_entry e
                WHERE e.garden_id = b.garden_id AND e.bottle_id = b.id) AS level_millilitres
            FROM bottle b
            WHERE b.garden_id = :garden""";

    private final JdbcClient database;

    BottleRepository(JdbcClient database) {
        this.database = database;
    }

    List<Bottle> all(UUID garden) {
        return database.sql(SELECT + " ORDER BY b.use_by, b.code")
                .param("garden", garden)
                .query(BottleRepository::bottle)
                .list();
    }

    Optional<Bottle> find(UUID garden, UUID id) {
        return database.sql(SELECT + " AND b.id = :id")
                .param("garden", garden)
                .param("id", id)
                .query(BottleRepository::bottle)
                .optional();
    }

    /** Holds back every other pour from this bottle until the transaction ends. */
    boolean lock(UUID garden, UUID id) {
        return database.sql("SELECT id FROM bottle WHERE garden_id = :garden AND id = :id FOR UPDATE")
                .param("garden", garden)
                .param("id", id)
                .query(UUID.class)
                .optional()
                .isPresent();
    }

    List<String> codes(UUID garden) {
        return database.sql("SELECT code FROM bottle WHERE garden_id = :garden")
                .param("garden", garden)
                .query(String.class)
                .list();
    }

    void insert(UUID garden, Bottle bottle) {
        database.sql("""
                        INSERT INTO bottle (id, garden_id, code, name, product_id, batch_id, keep_id, filled_millilitres,
                          bottled_at, use_by, soil_only)
                        VALUES (:id, :garden, :code, :name, :product, :batch, :keep, :filled, :bottledAt, :useBy, :soilOnly)""")
                .param("id", bottle.id())
                .param("garden", garden)
                .param("code", bottle.code())
                .param("name", bottle.name())
                .param("product", bottle.productId())
                .param("batch", bottle.batchId())
                .param("keep", bottle.keepId())
                .param("filled", bottle.filled().millilitres())
                .param("bottledAt", Utc.column(bottle.bottledAt()))
                .param("useBy", bottle.useBy())
                .param("soilOnly", bottle.soilOnly())
                .update();
        enter(garden, bottle.id(), bottle.bottledAt(), "FILLED", bottle.filled().millilitres(), Optional.empty());
    }

    void insertPour(UUID garden, UUID bottle, UUID feed, Instant at, Volume brew) {
        enter(garden, bottle, at, "POURED", -brew.millilitres(), Optional.of(feed));
    }

    /** The ledgers of all bottles, oldest entry first. */
    Map<UUID, List<BottleEntry>> ledgers(UUID garden) {
        return database
                .sql("""
                        SELECT bottle_id, entered_at, change_millilitres
                        FROM bottle_entry
                        WHERE garden_id = :garden
                        ORDER BY entered_at, id""")
                .param("garden", garden)
                .query((row, number) -> new BottleEntry(
                        row.getObject("bottle_id", UUID.class),
                        Utc.instant(row, "entered_at"),
                        row.getDouble("change_millilitres")))
                .list()
                .stream()
                .collect(Collectors.groupingBy(BottleEntry::bottleId));
    }

    private void enter(UUID garden, UUID bottle, Instant at, String kind, double change, Optional<UUID> feed) {
        database.sql("""
                        INSERT INTO bottle_entry (id, garden_id, bottle_id, entered_at, kind, change_millilitres, feed_id)
                        VALUES (:id, :garden, :bottle, :at, :kind, :change, :feed)""")
                .param("id", UUID.randomUUID())
                .param("garden", garden)
                .param("bottle", bottle)
                .param("at", Utc.column(at))
                .param("kind", kind)
                .param("change", change)
                .param("feed", feed.orElse(null))
                .update();
    }

    private static Bottle bottle(ResultSet row, int number) throws SQLException {
        return new Bottle(
                row.getObject("id", UUID.class),
                row.getString("code"),
                row.getString("name"),
                row.getString("product_id"),
                row.getObject("batch_id", UUID.class),
                row.getString("keep_id"),
                Volume.ofMillilitres(row.getDouble("filled_millilitres")),
                Volume.ofMillilitres(row.getDouble("level_millilitres")),
                Utc.instant(row, "bottled_at"),
                row.getObject("use_by", LocalDate.class),
                row.getBoolean("soil_only"));
    }
}
