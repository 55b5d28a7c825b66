package potmellow.app.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

/** The tables repeat the invariants of the core, so that no other way in can break them. */
@Transactional
class SchemaTest extends ApplicationTest {
    @Autowired
    private JdbcClient database;

    @ParameterizedTest
    @CsvSource({"FILLED, -1", "FILLED, 0", "POURED, 5", "SPILT, -5"})
    void refusesLedgerEntriesThatCannotBe(String kind, double change) {
        assertThatThrownBy(() -> database.sql("""
                        INSERT INTO bottle_entry (id, garden_id, bottle_id, entered_at, kind, change_millilitres)
                        SELECT :id, garden_id, id, UTC_TIMESTAMP(6), :kind, :change FROM bottle LIMIT 1""")
                        .param("id", UUID.randomUUID())
                        .param("kind", kind)
                        .param("change", change)
                        .update())
                .isInstanceOf(DataIntegrityViolationException.class);
    }

    @Test
    void refusesASecondVesselUnderOneCode() {
        assertThatThrownBy(
                        () -> database.sql("""
                        INSERT INTO vessel (id, garden_id, code, kind, material, capacity_millilitres)
                        SELECT :id, garden_id, code, kind, material, 1000 FROM vessel LIMIT 1""").param("id", UUID.randomUUID()).update())
                .isInstanceOf(DataIntegrityViolationException.class);
    }

    /** But those whose shape others give. */
    @Test
    void putsTheGardenIntoEveryTable() {
        List<String> without = database.sql("""
                        SELECT t.table_name FROM information_schema.tables t
                        WHERE t.table_schema = DATABASE()
                          AND t.table_name NOT IN ('garden', 'flyway_schema_history')
                          AND t.table_name NOT LIKE 'SPRING%'
                          AND NOT EXISTS (SELECT 1 FROM information_schema.columns c
                            WHERE c.table_schema = t.table_schema AND c.table_name = t.table_name
                              AND c.column_name = 'garden_id')""").query(String.class).list();
        assertThat(without).isEmpty();
    }

    @Test
    void keepsInstantsToTheMicrosecondInUtc() {
        Instant moment = Instant.parse("2026-10-25T00:30:00.123456Z");
        Instant back = database.sql("SELECT CAST(:moment AS DATETIME(6)) AS moment")
                .param("moment", Utc.column(moment))
                .query((row, number) -> Utc.instant(row, "moment"))
                .single();
        assertThat(back).isEqualTo(moment);
    }
}
