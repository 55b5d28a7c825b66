package potmellow.app.document;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.present.Present;

@Repository
class DocumentRepository {
    /** What somebody has done something with, if any of it holds a row. */
    private static final List<String> USED = List.of("batch", "planting", "bottle", "feed", "own_method", "plan_goal");

    private final JdbcClient database;
    private final Present present;

    DocumentRepository(JdbcClient database, Present present) {
        this.database = database;
        this.present = present;
    }

    /** Whether nothing was set, planted, bottled or planned yet. */
    boolean empty() {
        return USED.stream()
                .allMatch(table -> database.sql("SELECT COUNT(*) FROM (SELECT 1 FROM " + table + " LIMIT 1) some")
                                .query(Long.class)
                                .single()
                        == 0);
    }

    /** The ids of all pots but those that were taken back. */
    List<UUID> pots() {
        return database.sql("SELECT id FROM batch WHERE taken_back_at IS NULL")
                .query(UUID.class)
                .list();
    }

    /** Puts everything of another database in the place of what is here. */
    void replace(List<Table> tables, String other) {
        database.sql("DELETE FROM answer").update();
        database.sql("DELETE FROM garden_lock").update();
        Stream.iterate(tables.size() - 1, place -> place >= 0, place -> place - 1)
                .map(tables::get)
                .forEach(table ->
                        database.sql("DELETE FROM `" + table.name() + "`").update());
        database.sql("SET foreign_key_checks = 0").update();
        for (Table table : tables) {
            database.sql("INSERT INTO `" + table.name() + "` (" + table.columnNames() + ") SELECT "
                            + table.columnNames() + " FROM `" + other + "`.`" + table.name() + "`")
                    .update();
        }
        database.sql("SET foreign_key_checks = 1").update();
        present.rebuild();
    }
}
