package potmellow.app.mix;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.core.feeding.Mix;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.strength.Target;

@Repository
class FeedRepository {
    private final JdbcClient database;

    FeedRepository(JdbcClient database) {
        this.database = database;
    }

    /** The brew of a feed already recorded. */
    Optional<Volume> brew(UUID garden, UUID id) {
        return database.sql("SELECT brew_millilitres FROM feed WHERE garden_id = :garden AND id = :id")
                .param("garden", garden)
                .param("id", id)
                .query(Double.class)
                .optional()
                .map(Volume::ofMillilitres);
    }

    void insert(UUID garden, UUID id, MixRequest request, Mix mix, Instant at) {
        database.sql("""
                        INSERT INTO feed (id, garden_id, bottle_id, planting_id, poured_at, target, ratio_water,
                          mix_millilitres, brew_millilitres, decision)
                        VALUES (:id, :garden, :bottle, :planting, :at, :target, :water, :mix, :brew, :decision)""")
                .param("id", id)
                .param("garden", garden)
                .param("bottle", request.bottleId())
                .param("planting", request.plantingId().orElse(null))
                .param("at", Utc.column(at))
                .param("target", request.target().name())
                .param("water", mix.strength().value().water())
                .param("mix", mix.need().value().millilitres())
                .param("brew", mix.brew().value().millilitres())
                .param(
                        "decision",
                        mix.confirmations().stream().map(Finding::words).collect(Collectors.joining(" ")))
                .update();
    }

    /** The last feed of each planting. */
    List<Last> lastOfEachPlanting(UUID garden) {
        return database.sql("""
                        SELECT f.planting_id, f.bottle_id, f.poured_at, f.target
                        FROM feed f
                        WHERE f.garden_id = :garden AND f.planting_id IS NOT NULL
                          AND f.poured_at = (SELECT MAX(later.poured_at) FROM feed later
                            WHERE later.garden_id = f.garden_id AND later.planting_id = f.planting_id)""")
                .param("garden", garden)
                .query((row, number) -> new Last(
                        row.getObject("planting_id", UUID.class),
                        row.getObject("bottle_id", UUID.class),
                        Utc.instant(row, "poured_at"),
                        Target.valueOf(row.getString("target"))))
                .list();
    }

    /** A feed that was the last of a planting. */
    record Last(UUID plantingId, UUID bottleId, Instant pouredAt, Target target) {}
}
