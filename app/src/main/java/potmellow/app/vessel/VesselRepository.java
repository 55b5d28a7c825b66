package potmellow.app.vessel;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

@Repository
class VesselRepository {
    private final JdbcClient database;

    VesselRepository(JdbcClient database) {
        this.database = database;
    }

    List<OwnVessel> all(UUID garden) {
        return database.sql("""
                        SELECT id, code, kind, capacity_millilitres
                        FROM vessel
                        WHERE garden_id = :garden
                        ORDER BY kind DESC, LENGTH(code), code""")
                .param("garden", garden)
                .query(VesselRepository::vessel)
                .list();
    }

    void insert(UUID garden, OwnVessel own) {
        database.sql("""
                        INSERT INTO vessel (id, garden_id, code, kind, capacity_millilitres)
                        VALUES (:id, :garden, :code, :kind, :capacity)""")
                .param("id", own.id())
                .param("garden", garden)
                .param("code", own.vessel().code())
                .param("kind", own.vessel().kind().name())
                .param("capacity", own.vessel().capacity().millilitres())
                .update();
    }

    private static OwnVessel vessel(ResultSet row, int number) throws SQLException {
        return new OwnVessel(
                row.getObject("id", UUID.class),
                new Vessel(
                        row.getString("code"),
                        VesselKind.valueOf(row.getString("kind")),
                        Volume.ofMillilitres(row.getDouble("capacity_millilitres"))));
    }
}
