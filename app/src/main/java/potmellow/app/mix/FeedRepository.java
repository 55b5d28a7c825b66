package potmellow.app.mix;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.feeding.Addition;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

@Repository
class FeedRepository {
    private static final String SELECT = """
            SELECT f.id, f.poured_at, f.entered_at, f.target, f.mix_millilitres, f.decision, f.undone_at, f.by_whom,
              (SELECT GROUP_CONCAT(p.planting_id) FROM feed_planting p WHERE p.feed_id = f.id) AS plantings
            FROM feed f
            WHERE f.garden_id = :garden""";

    private final JdbcClient database;

    FeedRepository(JdbcClient database) {
        this.database = database;
    }

    void insert(UUID garden, Feed feed) {
        database.sql("""
                        INSERT INTO feed (id, garden_id, poured_at, entered_at, target, mix_millilitres, decision,
                          by_whom)
                        VALUES (:id, :garden, :at, :entered, :target, :mix, :decision, :by)""")
                .param("id", feed.id())
                .param("garden", garden)
                .param("at", Utc.column(feed.at()))
                .param("entered", Utc.column(feed.enteredAt()))
                .param("target", feed.target().name())
                .param("mix", feed.mix().millilitres())
                .param("decision", feed.decision())
                .param("by", feed.by().orElse(null))
                .update();
        for (int i = 0; i < feed.brews().size(); i++) {
            Feed.Brew brew = feed.brews().get(i);
            database.sql("""
                            INSERT INTO feed_brew (feed_id, position, garden_id, bottle_id, addition, product_id,
                              ratio_water, brew_millilitres)
                            VALUES (:feed, :position, :garden, :bottle, :addition, :product, :water, :brew)""")
                    .param("feed", feed.id())
                    .param("position", i)
                    .param("garden", garden)
                    .param("bottle", brew.bottleId().orElse(null))
                    .param("addition", brew.addition().map(Addition::name).orElse(null))
                    .param("product", brew.productId().orElse(null))
                    .param("water", brew.strength().water())
                    .param("brew", brew.amount().millilitres())
                    .update();
        }
        for (UUID planting : feed.plantingIds()) {
            database.sql("""
                            INSERT INTO feed_planting (feed_id, planting_id, garden_id)
                            VALUES (:feed, :planting, :garden)""")
                    .param("feed", feed.id())
                    .param("planting", planting)
                    .param("garden", garden)
                    .update();
        }
    }

    Optional<Feed> find(UUID garden, UUID id) {
        return whole(
                        garden,
                        database.sql(SELECT + " AND f.id = :id")
                                .param("garden", garden)
                                .param("id", id)
                                .query(FeedRepository::feed)
                                .list())
                .stream()
                .findFirst();
    }

    /** All feeds since a moment, oldest first, undone ones too. */
    @ReadOnce
    List<Feed> since(UUID garden, Instant from) {
        return whole(
                garden,
                database.sql(SELECT + " AND f.poured_at >= :from ORDER BY f.poured_at, f.written")
                        .param("garden", garden)
                        .param("from", Utc.column(from))
                        .query(FeedRepository::feed)
                        .list());
    }

    void undo(UUID garden, UUID id, String reason, Instant at) {
        database.sql("""
                        UPDATE feed SET undone_at = :at, undone_reason = :reason
                        WHERE garden_id = :garden AND id = :id AND undone_at IS NULL""")
                .param("reason", reason)
                .param("at", Utc.column(at))
                .param("garden", garden)
                .param("id", id)
                .update();
    }

    /** Holds back every other undoing of a feed until the transaction ends. */
    void lock(UUID garden, UUID id) {
        database.sql("SELECT id FROM feed WHERE garden_id = :garden AND id = :id FOR UPDATE")
                .param("garden", garden)
                .param("id", id)
                .query(UUID.class)
                .optional();
    }

    private List<Feed> whole(UUID garden, List<Feed> feeds) {
        if (feeds.isEmpty()) {
            return feeds;
        }
        Instant from = feeds.stream().map(Feed::at).min(Instant::compareTo).orElseThrow();
        Instant until = feeds.stream().map(Feed::at).max(Instant::compareTo).orElseThrow();
        Map<UUID, List<Feed.Brew>> brews = new LinkedHashMap<>();
        database.sql("""
                        SELECT b.feed_id, b.bottle_id, o.code, o.name, o.product_id AS bottled, b.addition, b.product_id,
                          b.ratio_water, b.brew_millilitres
                        FROM feed f
                        JOIN feed_brew b ON b.feed_id = f.id
                        LEFT JOIN bottle o ON o.id = b.bottle_id
                        WHERE f.garden_id = :garden AND f.poured_at BETWEEN :from AND :until
                        ORDER BY b.feed_id, b.position""")
                .param("garden", garden)
                .param("from", Utc.column(from))
                .param("until", Utc.column(until))
                .query((row, number) -> Map.entry(
                        row.getObject("feed_id", UUID.class),
                        new Feed.Brew(
                                Optional.ofNullable(row.getObject("bottle_id", UUID.class))
                                        .map(id -> bottled(id, row)),
                                Optional.ofNullable(row.getString("addition")).map(Addition::valueOf),
                                Optional.ofNullable(row.getString("product_id")),
                                Ratio.oneTo(row.getDouble("ratio_water")),
                                Volume.ofMillilitres(row.getDouble("brew_millilitres")))))
                .list()
                .forEach(entry -> brews.computeIfAbsent(entry.getKey(), id -> new ArrayList<>())
                        .add(entry.getValue()));
        return feeds.stream()
                .map(feed -> feed.with(brews.getOrDefault(feed.id(), List.of())))
                .toList();
    }

    private static Feed feed(ResultSet row, int number) throws SQLException {
        return new Feed(
                row.getObject("id", UUID.class),
                Utc.instant(row, "poured_at"),
                Utc.instant(row, "entered_at"),
                Target.valueOf(row.getString("target")),
                Volume.ofMillilitres(row.getDouble("mix_millilitres")),
                row.getString("decision"),
                row.getObject("undone_at") != null,
                List.of(),
                plantings(row.getString("plantings")),
                Optional.ofNullable(row.getString("by_whom")));
    }

    private static Feed.Bottled bottled(UUID id, ResultSet row) {
        try {
            return new Feed.Bottled(id, row.getString("code"), row.getString("name"), row.getString("bottled"));
        } catch (SQLException e) {
            throw new IllegalStateException("A feed's bottle can't be read.", e);
        }
    }

    private static List<UUID> plantings(String joined) {
        return joined == null
                ? List.of()
                : Stream.of(joined.split(",")).map(UUID::fromString).toList();
    }
}
