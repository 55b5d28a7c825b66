package potmellow.app.vessel;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.vessel.VesselMaterial;

@Repository
class VesselRepository {
    private final JdbcClient database;

    VesselRepository(JdbcClient database) {
        this.database = database;
    }

    @ReadOnce
    List<OwnVessel> all(UUID garden) {
        return database.sql("""
                        SELECT id, code, kind, material, capacity_millilitres, retired_on
                        FROM vessel
                        WHERE garden_id = :garden
                        ORDER BY FIELD(kind, 'JAR', 'BUCKET', 'DRUM', 'BOX', 'TRAY', 'BIN'), LENGTH(code), code""")
                .param("garden", garden)
                .query(VesselRepository::vessel)
                .list();
    }

    void insert(UUID garden, OwnVessel own) {
        database.sql("""
                        INSERT INTO vessel (id, garden_id, code, kind, material, capacity_millilitres)
                        VALUES (:id, :garden, :code, :kind, :material, :capacity)""")
                .param("id", own.id())
                .param("garden", garden)
                .param("code", own.vessel().code())
                .param("kind", own.vessel().kind().name())
                .param("material", own.vessel().material().name())
                .param("capacity", own.vessel().capacity().millilitres())
                .update();
    }

    /** @return whether it was still in use */
    boolean retire(UUID garden, UUID id, LocalDate on) {
        return database.sql("""
                                UPDATE vessel
                                SET retired_on = :on
                                WHERE garden_id = :garden AND id = :id AND retired_on IS NULL""")
                        .param("garden", garden)
                        .param("id", id)
                        .param("on", on)
                        .update()
                == 1;
    }

    /** @return whether it was retired */
    boolean useAgain(UUID garden, UUID id) {
        return database.sql("""
                                UPDATE vessel
                                SET retired_on = NULL
                                WHERE garden_id = :garden AND id = :id AND retired_on IS NOT NULL""").param("garden", garden).param("id", id).update() == 1;
    }

    private static OwnVessel vessel(ResultSet row, int number) throws SQLException {
        return new OwnVessel(
                row.getObject("id", UUID.class),
                new Vessel(
                        row.getString("code"),
                        VesselKind.valueOf(row.getString("kind")),
                        VesselMaterial.valueOf(row.getString("material")),
                        Volume.ofMillilitres(row.getDouble("capacity_millilitres"))),
                Optional.ofNullable(row.getObject("retired_on", LocalDate.class)));
    }
}
