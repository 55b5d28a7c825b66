package potmellow.app.bottle;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.bottle.BottleEntry.Kind;
import potmellow.app.database.Utc;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.measure.Volume;
import potmellow.core.pot.Drawn;

@Repository
class BottleRepository {
    private static final String SELECT = """
            SELECT b.id, b.code, b.name, b.product_id, b.batch_id, b.keep_id, b.filled_millilitres, b.bottled_at,
              COALESCE(
                (SELECT d.use_by FROM bottle_decision d WHERE d.bottle_id = b.id ORDER BY d.decided_at DESC LIMIT 1),
                b.use_by) AS use_by,
              b.soil_only, b.nothing_edible, b.place_id, b.brew_age_days, b.brew_ph, b.brew_ec, b.brew_share,
              n.level_millilitres
            FROM bottle_now n
            JOIN bottle b ON b.id = n.bottle_id
            WHERE n.garden_id = :garden""";

    private static final int LATE = 500;

    private final JdbcClient database;

    BottleRepository(JdbcClient database) {
        this.database = database;
    }

    /** Bottles that hold something, the one to use first on top. */
    @ReadOnce
    List<Bottle> inStore(UUID garden) {
        return database.sql(SELECT + " AND n.in_store ORDER BY use_by, b.code")
                .param("garden", garden)
                .query(BottleRepository::bottle)
                .list();
    }

    /** Bottles that hold nothing any more, the last emptied on top; those emptied before another one, at most so many. */
    List<Bottle> emptied(UUID garden, Optional<UUID> after, int most) {
        String since = "(SELECT since FROM bottle_now WHERE garden_id = :garden AND bottle_id = :after)";
        String earlier = after.isEmpty()
                ? ""
                : " AND n.since <= " + since + " AND (n.since < " + since + " OR n.bottle_id < CAST(:after AS UUID))";
        return database.sql(SELECT + " AND NOT n.in_store" + earlier
                        + " ORDER BY n.since DESC, n.bottle_id DESC LIMIT :most")
                .param("garden", garden)
                .param("after", after.orElse(null))
                .param("most", most)
                .query(BottleRepository::bottle)
                .list();
    }

    /** Some bottles, in no particular order. */
    List<Bottle> some(UUID garden, Collection<UUID> ids) {
        if (ids.isEmpty()) {
            return List.of();
        }
        return database.sql(SELECT + " AND b.id IN (:ids)")
                .param("garden", garden)
                .param("ids", ids)
                .query(BottleRepository::bottle)
                .list();
    }

    /** The kind of brew by every name that a bottle ever bore; of several under one name, the one filled last. */
    Map<String, String> productsByName(UUID garden) {
        return database
                .sql("""
                        SELECT name, product_id
                        FROM bottle
                        WHERE garden_id = :garden AND taken_back_at IS NULL
                        GROUP BY name, product_id
                        ORDER BY MAX(bottled_at) DESC""")
                .param("garden", garden)
                .query((row, number) -> Map.entry(row.getString("name"), row.getString("product_id")))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (one, other) -> one));
    }

    /** Bottles filled from some pots, the first filled on top. */
    List<Bottle> from(UUID garden, List<UUID> batches) {
        if (batches.isEmpty()) {
            return List.of();
        }
        return database.sql(SELECT + " AND b.batch_id IN (:batches) ORDER BY b.bottled_at, b.code")
                .param("garden", garden)
                .param("batches", batches)
                .query(BottleRepository::bottle)
                .list();
    }

    Optional<Bottle> byCode(UUID garden, String code) {
        return database.sql(SELECT + " AND b.code = :code")
                .param("garden", garden)
                .param("code", code)
                .query(BottleRepository::bottle)
                .optional();
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

    /** The highest number that a code of some letter bears, among the bottles filled last; 0 where none does. */
    int highestOfLate(UUID garden, String letter) {
        return database.sql("""
                        SELECT COALESCE(MAX(CAST(SUBSTR(code, 2) AS UNSIGNED)), 0)
                        FROM (SELECT code FROM bottle WHERE garden_id = :garden ORDER BY bottled_at DESC LIMIT :late) late
                        WHERE code REGEXP CONCAT('^', :letter, '[0-9]+$')""")
                .param("garden", garden)
                .param("late", LATE)
                .param("letter", letter)
                .query(Integer.class)
                .single();
    }

    /** Whether a bottle bears a code, or once did. */
    boolean hasCode(UUID garden, String code) {
        return database.sql("SELECT COUNT(*) FROM bottle WHERE garden_id = :garden AND code = :code")
                        .param("garden", garden)
                        .param("code", code)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    void insert(UUID garden, Bottle bottle) {
        database.sql("""
                        INSERT INTO bottle (id, garden_id, code, name, product_id, batch_id, keep_id, filled_millilitres,
                          bottled_at, use_by, soil_only, nothing_edible, place_id, brew_age_days, brew_ph, brew_ec, brew_share)
                        VALUES (:id, :garden, :code, :name, :product, :batch, :keep, :filled, :bottledAt, :useBy, :soilOnly,
                          :nothingEdible, :place, :age, :ph, :ec, :brewShare)""")
                .param("id", bottle.id())
                .param("garden", garden)
                .param("code", bottle.code())
                .param("name", bottle.name())
                .param("product", bottle.productId())
                .param("batch", bottle.batchId().orElse(null))
                .param("keep", bottle.keepId())
                .param("filled", bottle.filled().millilitres())
                .param("bottledAt", Utc.column(bottle.bottledAt()))
                .param("useBy", bottle.useBy())
                .param("soilOnly", bottle.soilOnly())
                .param("nothingEdible", bottle.nothingEdible())
                .param("place", bottle.placeId().orElse(null))
                .param("age", bottle.drawn().ageDays())
                .param("ph", bottle.drawn().ph().orElse(null))
                .param("ec", bottle.drawn().ec().orElse(null))
                .param("brewShare", bottle.drawn().brewShare())
                .update();
        BottleEntry filled = new BottleEntry(
                bottle.id(), bottle.bottledAt(), Kind.FILLED, bottle.filled().millilitres(), "");
        enter(garden, filled, Optional.empty(), Optional.empty());
    }

    void insertDecision(UUID garden, UUID bottle, LocalDate useBy, String words, Instant at) {
        database.sql("""
                        INSERT INTO bottle_decision (id, garden_id, bottle_id, decided_at, use_by, words)
                        VALUES (:id, :garden, :bottle, :at, :useBy, :words)""")
                .param("id", UUID.randomUUID())
                .param("garden", garden)
                .param("bottle", bottle)
                .param("at", Utc.column(at))
                .param("useBy", useBy)
                .param("words", words)
                .update();
    }

    /** What was put back into its pot is in store no longer; its code is not given to another. */
    void putBack(UUID garden, Bottle bottle, String reason, Instant at) {
        enter(
                garden,
                new BottleEntry(bottle.id(), at, Kind.PUT_BACK, -bottle.level().millilitres(), reason),
                Optional.empty(),
                Optional.empty());
        database.sql("UPDATE bottle SET taken_back_at = :at WHERE garden_id = :garden AND id = :id")
                .param("at", Utc.column(at))
                .param("garden", garden)
                .param("id", bottle.id())
                .update();
        database.sql("DELETE FROM bottle_now WHERE garden_id = :garden AND bottle_id = :id")
                .param("garden", garden)
                .param("id", bottle.id())
                .update();
    }

    void move(UUID garden, UUID bottle, UUID place) {
        database.sql("UPDATE bottle SET place_id = :place WHERE garden_id = :garden AND id = :id")
                .param("place", place)
                .param("garden", garden)
                .param("id", bottle)
                .update();
    }

    /** Whether something later than a moment sets the level of a bottle anew. */
    boolean settledSince(UUID garden, UUID bottle, Instant moment) {
        return database.sql("""
                        SELECT COUNT(*) FROM bottle_entry
                        WHERE garden_id = :garden AND bottle_id = :bottle AND entered_at > :moment
                          AND kind IN ('MEASURED', 'LET_GO', 'PUT_BACK')""")
                        .param("garden", garden)
                        .param("bottle", bottle)
                        .param("moment", Utc.column(moment))
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** The ledgers of some bottles, oldest entry first. */
    Map<UUID, List<BottleEntry>> ledgers(UUID garden, Collection<UUID> some) {
        if (some.isEmpty()) {
            return Map.of();
        }
        return database
                .sql("""
                        SELECT bottle_id, entered_at, kind, change_millilitres, reason
                        FROM bottle_entry
                        WHERE garden_id = :garden AND bottle_id IN (:some)
                        ORDER BY entered_at, written""")
                .param("garden", garden)
                .param("some", some)
                .query((row, number) -> new BottleEntry(
                        row.getObject("bottle_id", UUID.class),
                        Utc.instant(row, "entered_at"),
                        Kind.valueOf(row.getString("kind")),
                        row.getDouble("change_millilitres"),
                        row.getString("reason")))
                .list()
                .stream()
                .collect(Collectors.groupingBy(BottleEntry::bottleId));
    }

    List<BottleService.MadeInto> madeInto(UUID garden, UUID batch) {
        return database.sql("""
                        SELECT bottle_id, -SUM(change_millilitres) AS millilitres
                        FROM bottle_entry
                        WHERE garden_id = :garden AND batch_id = :batch
                        GROUP BY bottle_id
                        ORDER BY MIN(entered_at), bottle_id""")
                .param("garden", garden)
                .param("batch", batch)
                .query((row, number) -> new BottleService.MadeInto(
                        row.getObject("bottle_id", UUID.class), Volume.ofMillilitres(row.getDouble("millilitres"))))
                .list();
    }

    void enter(UUID garden, BottleEntry entry, Optional<UUID> feed, Optional<UUID> batch) {
        database.sql("""
                        INSERT INTO bottle_entry (id, garden_id, bottle_id, entered_at, kind, change_millilitres, feed_id,
                          batch_id, reason)
                        VALUES (:id, :garden, :bottle, :at, :kind, :change, :feed, :batch, :reason)""")
                .param("id", UUID.randomUUID())
                .param("garden", garden)
                .param("bottle", entry.bottleId())
                .param("at", Utc.column(entry.at()))
                .param("kind", entry.kind().name())
                .param("change", entry.changeMillilitres())
                .param("feed", feed.orElse(null))
                .param("batch", batch.orElse(null))
                .param("reason", entry.reason())
                .update();
        counted(garden, entry);
    }

    /** What is left after an entry, and since when; of entries dated back the latest moment counts. */
    private void counted(UUID garden, BottleEntry entry) {
        database.sql("""
                        INSERT INTO bottle_now (bottle_id, garden_id, level_millilitres, in_store, since)
                        VALUES (:bottle, :garden, :change, :change >= 0.01, :at)
                        ON DUPLICATE KEY UPDATE level_millilitres = level_millilitres + VALUES(level_millilitres),
                          in_store = level_millilitres >= 0.01, since = GREATEST(since, VALUES(since))""")
                .param("bottle", entry.bottleId())
                .param("garden", garden)
                .param("change", entry.changeMillilitres())
                .param("at", Utc.column(entry.at()))
                .update();
    }

    private static Bottle bottle(ResultSet row, int number) throws SQLException {
        return new Bottle(
                row.getObject("id", UUID.class),
                row.getString("code"),
                row.getString("name"),
                row.getString("product_id"),
                Optional.ofNullable(row.getObject("batch_id", UUID.class)),
                row.getString("keep_id"),
                Volume.ofMillilitres(row.getDouble("filled_millilitres")),
                Volume.ofMillilitres(row.getDouble("level_millilitres")),
                Utc.instant(row, "bottled_at"),
                row.getObject("use_by", LocalDate.class),
                row.getBoolean("soil_only"),
                row.getBoolean("nothing_edible"),
                Optional.ofNullable(row.getObject("place_id", UUID.class)),
                new Drawn(
                        row.getDouble("brew_age_days"),
                        Optional.ofNullable(row.getBigDecimal("brew_ph")).map(BigDecimal::doubleValue),
                        Optional.ofNullable(row.getBigDecimal("brew_ec")).map(BigDecimal::doubleValue),
                        row.getDouble("brew_share")));
    }
}
