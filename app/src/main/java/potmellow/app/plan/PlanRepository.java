package potmellow.app.plan;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcOperations;
import org.springframework.jdbc.core.namedparam.SqlParameterSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.measure.Volume;
import potmellow.core.planning.Kept;

@Repository
class PlanRepository {
    private final JdbcClient database;
    private final NamedParameterJdbcOperations many;

    PlanRepository(JdbcClient database, NamedParameterJdbcOperations many) {
        this.database = database;
        this.many = many;
    }

    /** Goals that stand, the first wanted on top. */
    @ReadOnce
    List<StoredGoal> goals(UUID garden) {
        return database.sql("""
                        SELECT id, product_id, amount_millilitres, told, first_day, last_day, every_days, made_at
                        FROM plan_goal
                        WHERE garden_id = :garden AND ended_at IS NULL
                        ORDER BY first_day, made_at, id""")
                .param("garden", garden)
                .query(PlanRepository::goal)
                .list();
    }

    void insert(UUID garden, StoredGoal goal) {
        database.sql("""
                        INSERT INTO plan_goal
                          (id, garden_id, product_id, amount_millilitres, told, first_day, last_day, every_days, made_at)
                        VALUES (:id, :garden, :product, :amount, :told, :first, :last, :every, :made)""")
                .param("id", goal.id())
                .param("garden", garden)
                .param("product", goal.product())
                .param("amount", goal.amount().millilitres())
                .param("told", goal.told())
                .param("first", goal.first())
                .param("last", goal.last().orElse(null))
                .param("every", goal.everyDays().orElse(null))
                .param("made", Utc.column(goal.madeAt()))
                .update();
    }

    void update(UUID garden, StoredGoal goal) {
        database.sql("""
                        UPDATE plan_goal
                        SET amount_millilitres = :amount, told = :told, first_day = :first, last_day = :last
                        WHERE garden_id = :garden AND id = :id""")
                .param("id", goal.id())
                .param("garden", garden)
                .param("amount", goal.amount().millilitres())
                .param("told", goal.told())
                .param("first", goal.first())
                .param("last", goal.last().orElse(null))
                .update();
    }

    /** @return whether such a goal stood */
    boolean end(UUID garden, UUID id, Instant at) {
        return database.sql("""
                                UPDATE plan_goal
                                SET ended_at = :at
                                WHERE garden_id = :garden AND id = :id AND ended_at IS NULL""")
                        .param("garden", garden)
                        .param("id", id)
                        .param("at", Utc.column(at))
                        .update()
                == 1;
    }

    private static StoredGoal goal(ResultSet row, int number) throws SQLException {
        return new StoredGoal(
                row.getObject("id", UUID.class),
                row.getString("product_id"),
                Volume.ofMillilitres(row.getDouble("amount_millilitres")),
                row.getString("told"),
                row.getObject("first_day", LocalDate.class),
                Optional.ofNullable(row.getObject("last_day", LocalDate.class)),
                Optional.ofNullable(row.getObject("every_days", Integer.class)),
                Utc.instant(row, "made_at"));
    }

    @ReadOnce
    List<StoredChoice> choices(UUID garden) {
        return database.sql("""
                        SELECT product_id, method_id, place_id, bought, fill_days
                        FROM plan_choice
                        WHERE garden_id = :garden
                        ORDER BY product_id""")
                .param("garden", garden)
                .query((row, number) -> new StoredChoice(
                        row.getString("product_id"),
                        Optional.ofNullable(row.getString("method_id")),
                        Optional.ofNullable(row.getObject("place_id", UUID.class)),
                        row.getBoolean("bought"),
                        Optional.ofNullable(row.getObject("fill_days", Integer.class))))
                .list();
    }

    void settle(UUID garden, StoredChoice choice) {
        database.sql("""
                        REPLACE INTO plan_choice (garden_id, product_id, method_id, place_id, bought, fill_days)
                        VALUES (:garden, :product, :method, :place, :bought, :fill)""")
                .param("garden", garden)
                .param("product", choice.product())
                .param("method", choice.methodId().orElse(null))
                .param("place", choice.placeId().orElse(null))
                .param("bought", choice.bought())
                .param("fill", choice.fillDays().orElse(null))
                .update();
    }

    void unsettle(UUID garden, String product) {
        database.sql("DELETE FROM plan_choice WHERE garden_id = :garden AND product_id = :product")
                .param("garden", garden)
                .param("product", product)
                .update();
    }

    @ReadOnce
    List<Kept> kept(UUID garden) {
        return database.sql("""
                        SELECT step_id, title, start_on, vessel_id, place_id, until_on
                        FROM plan_kept
                        WHERE garden_id = :garden
                        ORDER BY start_on, step_id""")
                .param("garden", garden)
                .query((row, number) -> new Kept(
                        row.getString("step_id"),
                        row.getString("title"),
                        row.getObject("start_on", LocalDate.class),
                        row.getObject("vessel_id", UUID.class).toString(),
                        row.getObject("place_id", UUID.class).toString(),
                        row.getObject("until_on", LocalDate.class)))
                .list();
    }

    /** Keeps these steps in the place of all that were kept before. */
    void keep(UUID garden, List<Kept> all) {
        database.sql("DELETE FROM plan_kept WHERE garden_id = :garden")
                .param("garden", garden)
                .update();
        many.batchUpdate(
                """
                        INSERT INTO plan_kept (garden_id, step_id, title, start_on, vessel_id, place_id, until_on)
                        VALUES (:garden, :step, :title, :start, :vessel, :place, :until)""",
                all.stream()
                        .map(one -> new MapSqlParameterSource("garden", garden)
                                .addValue("step", one.step())
                                .addValue("title", one.title())
                                .addValue("start", one.start())
                                .addValue("vessel", UUID.fromString(one.vat()))
                                .addValue("place", UUID.fromString(one.spot()))
                                .addValue("until", one.until()))
                        .toArray(SqlParameterSource[]::new));
    }

    /** The pots that carry out steps: step by pot. */
    @ReadOnce
    Map<UUID, String> pots(UUID garden) {
        return database
                .sql("SELECT step_id, batch_id FROM plan_pot WHERE garden_id = :garden")
                .param("garden", garden)
                .query((row, number) -> Map.entry(row.getObject("batch_id", UUID.class), row.getString("step_id")))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (one, other) -> other));
    }

    void link(UUID garden, String step, UUID batch, Instant at) {
        database.sql("""
                        REPLACE INTO plan_pot (garden_id, step_id, batch_id, linked_at)
                        VALUES (:garden, :step, :batch, :at)""")
                .param("garden", garden)
                .param("step", step)
                .param("batch", batch)
                .param("at", Utc.column(at))
                .update();
    }

    /** Lets one at a time change the plan of a garden, until the caller's transaction ends. */
    void lock(UUID garden) {
        database.sql("""
                        INSERT INTO garden_lock (garden_id, what) VALUES (:garden, 'PLAN')
                        ON DUPLICATE KEY UPDATE what = what""").param("garden", garden).update();
    }
}
