package potmellow.app.pot;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.pot.Contents;
import potmellow.core.pot.Ingredient;
import potmellow.core.pot.State;
import potmellow.core.vessel.Lid;

@Repository
class BatchRepository {
    private static final String SELECT = """
            SELECT b.id, b.method_id, b.name, b.vessel_id, b.lid, b.origin, b.refills_id, b.split_from_id, b.split_share,
              b.split_at,
              COALESCE(
                (SELECT MIN(filled.began_at) FROM batch_state filled
                  WHERE filled.batch_id = b.id AND filled.state = 'WORKING'),
                b.set_at) AS set_at,
              b.oldest_at,
              s.sequence, s.state, s.stage, s.began_at, s.reason
            FROM pot_now n
            JOIN batch b ON b.id = n.batch_id
            JOIN batch_state s ON s.batch_id = n.batch_id AND s.sequence = n.sequence
            WHERE n.garden_id = :garden""";

    private final JdbcClient database;

    BatchRepository(JdbcClient database) {
        this.database = database;
    }

    /** Pots that stand, oldest first. */
    List<Batch> standing(UUID garden) {
        List<Batch> all = database.sql(SELECT + " AND n.stands ORDER BY b.set_at, b.id")
                .param("garden", garden)
                .query(BatchRepository::batch)
                .list();
        return detailed(garden, all);
    }

    /** Pots that ended, the last ended first: those after one of them, or the first; at most so many. */
    List<Batch> ended(UUID garden, Optional<UUID> after, int most) {
        String since = "(SELECT since FROM pot_now WHERE garden_id = :garden AND batch_id = :after)";
        String earlier = after.isEmpty()
                ? ""
                : " AND n.since <= " + since + " AND (n.since < " + since + " OR n.batch_id < CAST(:after AS UUID))";
        List<Batch> all = database.sql(
                        SELECT + " AND NOT n.stands" + earlier + " ORDER BY n.since DESC, n.batch_id DESC LIMIT :most")
                .param("garden", garden)
                .param("after", after.orElse(null))
                .param("most", most)
                .query(BatchRepository::batch)
                .list();
        return detailed(garden, all);
    }

    /** Names of what stands in the vessels; of two from before a vessel held one thing, both. */
    @ReadOnce
    Map<UUID, String> names(UUID garden) {
        return database
                .sql("""
                        SELECT b.vessel_id, b.name
                        FROM pot_now n
                        JOIN batch b ON b.id = n.batch_id
                        WHERE n.garden_id = :garden AND n.stands
                        ORDER BY b.name""")
                .param("garden", garden)
                .query((row, number) -> Map.entry(row.getObject("vessel_id", UUID.class), row.getString("name")))
                .list()
                .stream()
                .collect(toMap(Map.Entry::getKey, Map.Entry::getValue, (one, other) -> one + " and " + other));
    }

    /** Pots that stand or have stood in a vessel, the last set on top; at most so many. */
    List<Batch> inVessel(UUID garden, UUID vessel, int most) {
        List<Batch> all = database.sql(SELECT + """
                         AND b.garden_id = :garden AND b.vessel_id = :vessel
                        ORDER BY b.set_at DESC, b.id DESC
                        LIMIT :most""")
                .param("garden", garden)
                .param("vessel", vessel)
                .param("most", most)
                .query(BatchRepository::batch)
                .list();
        return detailed(garden, all);
    }

    /**
     * The vessels in which a pot of one of these methods stands or has stood. Each vessel is looked up with each method, so that nobody
     * walks through all that ever stood in it.
     */
    @ReadOnce
    List<UUID> vesselsThatHeld(UUID garden, List<String> methods) {
        if (methods.isEmpty()) {
            return List.of();
        }
        String each = IntStream.range(0, methods.size())
                .mapToObj(i -> "SELECT :method" + i + " AS id")
                .collect(joining(" UNION ALL "));
        JdbcClient.StatementSpec statement = database.sql("""
                        SELECT DISTINCT v.id
                        FROM vessel v
                        CROSS JOIN (%s) m
                        WHERE v.garden_id = :garden AND (
                          SELECT n.vessel_id
                          FROM pot_now n FORCE INDEX (pot_now_garden_id_vessel_id_method_id)
                          WHERE n.garden_id = :garden AND n.vessel_id = v.id AND n.method_id = m.id
                          LIMIT 1) IS NOT NULL""".formatted(each)).param("garden", garden);
        for (int i = 0; i < methods.size(); i++) {
            statement = statement.param("method" + i, methods.get(i));
        }
        return statement.query(UUID.class).list();
    }

    /** Some pots, in no particular order. */
    List<Batch> some(UUID garden, List<UUID> ids) {
        List<Batch> all = database.sql(SELECT + " AND b.id IN (:ids)")
                .param("garden", garden)
                .param("ids", ids)
                .query(BatchRepository::batch)
                .list();
        return detailed(garden, all);
    }

    private List<Batch> detailed(UUID garden, List<Batch> batches) {
        if (batches.isEmpty()) {
            return batches;
        }
        List<UUID> ids = batches.stream().map(Batch::id).toList();
        Map<UUID, List<Ingredient>> parts = parts(garden, ids);
        Map<UUID, List<Move>> moves = moves(garden, ids);
        return batches.stream()
                .map(batch -> batch.with(
                        new Contents(parts.getOrDefault(batch.id(), List.of())),
                        moves.get(batch.id()).stream()
                                .flatMap(move -> move.stay().stream())
                                .toList(),
                        moves.get(batch.id()).stream()
                                .flatMap(move -> move.split().stream())
                                .toList()))
                .toList();
    }

    /** What went into some pots, by pot. */
    Map<UUID, List<Ingredient>> parts(UUID garden, List<UUID> ids) {
        return database
                .sql("""
                        SELECT batch_id, part_id, material_id, grams, millilitres
                        FROM batch_part
                        WHERE garden_id = :garden AND batch_id IN (:batches)
                        ORDER BY batch_id, position""")
                .param("garden", garden)
                .param("batches", ids)
                .query((row, number) -> Map.entry(row.getObject("batch_id", UUID.class), ingredient(row)))
                .list()
                .stream()
                .collect(groupingBy(Map.Entry::getKey, mapping(Map.Entry::getValue, toList())));
    }

    /** Where each pot stood since when, and what was split off it, by the pot that it was split from. */
    private Map<UUID, List<Move>> moves(UUID garden, List<UUID> ids) {
        return database
                .sql("""
                        SELECT batch_id, place_id, from_at AS at, NULL AS share, written
                        FROM batch_stay
                        WHERE garden_id = :garden AND batch_id IN (:batches)
                        UNION ALL
                        SELECT split_from_id, NULL, split_at, split_share, 0
                        FROM batch
                        WHERE garden_id = :garden AND split_from_id IN (:batches) AND taken_back_at IS NULL
                        ORDER BY batch_id, at, written""")
                .param("garden", garden)
                .param("batches", ids)
                .query((row, number) -> move(row))
                .list()
                .stream()
                .collect(groupingBy(Move::batch));
    }

    /** @param place where it stood from then on; null where a share of it was split off */
    private record Move(UUID batch, UUID place, Instant at, double share) {
        Optional<Batch.Stay> stay() {
            return Optional.ofNullable(place).map(there -> new Batch.Stay(there, at));
        }

        Optional<Batch.Split> split() {
            return place == null ? Optional.of(new Batch.Split(batch, share, at)) : Optional.empty();
        }
    }

    private static Move move(ResultSet row) throws SQLException {
        return new Move(
                row.getObject("batch_id", UUID.class),
                row.getObject("place_id", UUID.class),
                Utc.instant(row, "at"),
                row.getDouble("share"));
    }

    private static Ingredient ingredient(ResultSet row) throws SQLException {
        double grams = row.getDouble("grams");
        Quantity amount = row.wasNull() ? Volume.ofMillilitres(row.getDouble("millilitres")) : Mass.ofGrams(grams);
        return new Ingredient(row.getString("part_id"), row.getString("material_id"), amount);
    }

    Optional<Batch> find(UUID garden, UUID id) {
        Optional<Batch> found = database.sql(SELECT + " AND b.id = :id")
                .param("garden", garden)
                .param("id", id)
                .query(BatchRepository::batch)
                .optional();
        return found.map(batch -> detailed(garden, List.of(batch)).get(0));
    }

    /** Pots that brew from these bottles went into. */
    List<Batch> madeFrom(UUID garden, List<UUID> bottles) {
        if (bottles.isEmpty()) {
            return List.of();
        }
        List<Batch> all = database.sql(
                        SELECT
                                + " AND b.id IN (SELECT batch_id FROM bottle_entry WHERE bottle_id IN (:bottles)) ORDER BY b.set_at, b.id")
                .param("garden", garden)
                .param("bottles", bottles)
                .query(BatchRepository::batch)
                .list();
        return detailed(garden, all);
    }

    /** Holds back every other change of this pot's state, and of what stands in this vessel, until the transaction ends. */
    void lock(UUID garden, UUID batch) {
        database.sql("SELECT id FROM batch WHERE garden_id = :garden AND id = :batch FOR UPDATE")
                .param("garden", garden)
                .param("batch", batch)
                .query(UUID.class)
                .optional();
    }

    /**
     * Puts a pot into its vessel.
     *
     * @return whether the vessel was free; where not, nothing is stored
     */
    boolean insert(UUID garden, Batch batch) {
        try {
            insertRow(garden, batch);
        } catch (DuplicateKeyException taken) {
            return false;
        }
        for (int position = 0; position < batch.put().parts().size(); position++) {
            insert(garden, batch.id(), position, batch.put().parts().get(position));
        }
        batch.stays().forEach(stay -> append(garden, batch.id(), stay));
        append(garden, batch.id(), batch.state());
        return true;
    }

    private void insertRow(UUID garden, Batch batch) {
        database.sql("""
                        INSERT INTO batch (id, garden_id, method_id, name, vessel_id, holds_vessel_id, lid, origin, refills_id,
                          split_from_id, split_share, split_at, set_at, oldest_at)
                        VALUES (:id, :garden, :method, :name, :vessel, :vessel, :lid, :origin, :refills, :splitFrom, :splitShare,
                          :splitAt, :setAt, :oldestAt)""")
                .param("id", batch.id())
                .param("garden", garden)
                .param("method", batch.methodId())
                .param("name", batch.name())
                .param("vessel", batch.vesselId())
                .param("lid", batch.lid().name())
                .param("origin", batch.origin())
                .param("refills", batch.refills().orElse(null))
                .param("splitFrom", batch.split().map(Batch.Split::from).orElse(null))
                .param("splitShare", batch.split().map(Batch.Split::share).orElse(null))
                .param(
                        "splitAt",
                        batch.split().map(split -> Utc.column(split.at())).orElse(null))
                .param("setAt", Utc.column(batch.setAt()))
                .param("oldestAt", batch.oldestAt().isBefore(batch.setAt()) ? Utc.column(batch.oldestAt()) : null)
                .update();
    }

    private void insert(UUID garden, UUID batch, int position, Ingredient part) {
        boolean mass = part.amount().isMass();
        database.sql("""
                        INSERT INTO batch_part (batch_id, part_id, garden_id, position, material_id, grams, millilitres)
                        VALUES (:batch, :part, :garden, :position, :material, :grams, :millilitres)""")
                .param("batch", batch)
                .param("part", part.partId())
                .param("garden", garden)
                .param("position", position)
                .param("material", part.materialId())
                .param("grams", mass ? part.amount().base() : null)
                .param("millilitres", mass ? null : part.amount().base())
                .update();
    }

    /** The name of a pot that stood in a vessel between two moments, and when it left it; the one that left last. */
    Optional<Map.Entry<String, Instant>> stoodIn(UUID garden, UUID vessel, Instant from, Instant until) {
        return database.sql("""
                        SELECT b.name, n.since
                        FROM pot_now n
                        JOIN batch b ON b.id = n.batch_id
                        WHERE n.garden_id = :garden AND n.vessel_id = :vessel AND NOT n.stands AND n.since > :from
                          AND b.set_at < :until
                        ORDER BY n.since DESC
                        LIMIT 1""")
                .param("garden", garden)
                .param("vessel", vessel)
                .param("from", Utc.column(from))
                .param("until", Utc.column(until))
                .query((row, number) -> Map.entry(row.getString("name"), Utc.instant(row, "since")))
                .optional();
    }

    /** The state before the last one; empty where there is none. */
    Optional<State> stateBefore(UUID garden, UUID batch, int sequence) {
        return database.sql("""
                        SELECT sequence, state, stage, began_at, reason
                        FROM batch_state
                        WHERE garden_id = :garden AND batch_id = :batch AND sequence < :sequence
                        ORDER BY sequence DESC
                        LIMIT 1""")
                .param("garden", garden)
                .param("batch", batch)
                .param("sequence", sequence)
                .query((row, number) -> state(row))
                .optional();
    }

    /**
     * Puts what was emptied back into its vessel.
     *
     * @return whether the vessel was free; where not, nothing is stored
     */
    boolean standAgain(UUID garden, UUID batch, State state) {
        try {
            database.sql("UPDATE batch SET holds_vessel_id = vessel_id WHERE garden_id = :garden AND id = :batch")
                    .param("garden", garden)
                    .param("batch", batch)
                    .update();
        } catch (DuplicateKeyException taken) {
            return false;
        }
        append(garden, batch, state);
        return true;
    }

    /** A part that was split off by mistake is in its pot again: it was never another pot. */
    void takeBack(UUID garden, UUID batch, Instant at) {
        database.sql("""
                        UPDATE batch SET taken_back_at = :at, holds_vessel_id = NULL
                        WHERE garden_id = :garden AND id = :batch""")
                .param("at", Utc.column(at))
                .param("garden", garden)
                .param("batch", batch)
                .update();
        database.sql("DELETE FROM pot_now WHERE garden_id = :garden AND batch_id = :batch")
                .param("garden", garden)
                .param("batch", batch)
                .update();
    }

    /** Another lid, from now on. */
    void cover(UUID garden, UUID batch, Lid lid) {
        database.sql("UPDATE batch SET lid = :lid WHERE garden_id = :garden AND id = :batch")
                .param("garden", garden)
                .param("batch", batch)
                .param("lid", lid.name())
                .update();
    }

    void append(UUID garden, UUID batch, Batch.Stay stay) {
        database.sql("""
                        INSERT INTO batch_stay (id, garden_id, batch_id, place_id, from_at)
                        VALUES (:id, :garden, :batch, :place, :from)""")
                .param("id", UUID.randomUUID())
                .param("garden", garden)
                .param("batch", batch)
                .param("place", stay.placeId())
                .param("from", Utc.column(stay.from()))
                .update();
    }

    void insertDecision(UUID garden, UUID batch, String rule, String words, Instant at) {
        database.sql("""
                        INSERT INTO batch_decision (id, garden_id, batch_id, rule, words, decided_at)
                        VALUES (:id, :garden, :batch, :rule, :words, :at)""")
                .param("id", UUID.randomUUID())
                .param("garden", garden)
                .param("batch", batch)
                .param("rule", rule)
                .param("words", words)
                .param("at", Utc.column(at))
                .update();
    }

    /** What was decided against advice, in order. */
    List<String> decisions(UUID garden, UUID batch) {
        return database.sql("""
                        SELECT words
                        FROM batch_decision
                        WHERE garden_id = :garden AND batch_id = :batch
                        ORDER BY decided_at, rule""")
                .param("garden", garden)
                .param("batch", batch)
                .query(String.class)
                .list();
    }

    void append(UUID garden, UUID batch, State state) {
        database.sql("""
                        INSERT INTO batch_state (id, garden_id, batch_id, sequence, state, stage, began_at, reason)
                        VALUES (:id, :garden, :batch, :sequence, :state, :stage, :began, :reason)""")
                .param("id", UUID.randomUUID())
                .param("garden", garden)
                .param("batch", batch)
                .param("sequence", state.sequence())
                .param("state", state.kind().name())
                .param("stage", state.stage())
                .param("began", Utc.column(state.since()))
                .param("reason", state.reason())
                .update();
        database.sql("""
                        REPLACE INTO pot_now (batch_id, garden_id, vessel_id, method_id, sequence, stands, since)
                        SELECT id, garden_id, vessel_id, method_id, :sequence, :stands, :began
                        FROM batch
                        WHERE garden_id = :garden AND id = :batch""")
                .param("sequence", state.sequence())
                .param("stands", state.kind().stands())
                .param("began", Utc.column(state.since()))
                .param("garden", garden)
                .param("batch", batch)
                .update();
        if (!state.kind().stands()) {
            database.sql("UPDATE batch SET holds_vessel_id = NULL WHERE garden_id = :garden AND id = :batch")
                    .param("garden", garden)
                    .param("batch", batch)
                    .update();
        }
    }

    private static Batch batch(ResultSet row, int number) throws SQLException {
        Optional<Batch.Split> split = Optional.empty();
        UUID splitFrom = row.getObject("split_from_id", UUID.class);
        if (splitFrom != null) {
            split = Optional.of(new Batch.Split(splitFrom, row.getDouble("split_share"), Utc.instant(row, "split_at")));
        }
        return new Batch(
                row.getObject("id", UUID.class),
                row.getString("method_id"),
                row.getString("name"),
                row.getObject("vessel_id", UUID.class),
                Lid.valueOf(row.getString("lid")),
                row.getString("origin"),
                Optional.ofNullable(row.getObject("refills_id", UUID.class)),
                split,
                List.of(),
                List.of(),
                Contents.NOTHING,
                Utc.instant(row, "set_at"),
                oldest(row),
                state(row));
    }

    private static State state(ResultSet row) throws SQLException {
        return new State(
                row.getInt("sequence"),
                State.Kind.valueOf(row.getString("state")),
                row.getInt("stage"),
                Utc.instant(row, "began_at"),
                row.getString("reason"));
    }

    /** As it is judged by, unless it may be older. */
    private static Instant oldest(ResultSet row) throws SQLException {
        return Utc.instant(row, row.getObject("oldest_at") == null ? "set_at" : "oldest_at");
    }
}
