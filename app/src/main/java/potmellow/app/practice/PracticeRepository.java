package potmellow.app.practice;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.core.lesson.Ending;

@Repository
class PracticeRepository {
    private final JdbcClient database;

    PracticeRepository(JdbcClient database) {
        this.database = database;
    }

    /** How each lesson ended last for somebody, by its id. */
    Map<String, Ending> endings(UUID garden, String who) {
        return database
                .sql("SELECT lesson_id, ending FROM practice_ending WHERE garden_id = :garden AND who = :who")
                .param("garden", garden)
                .param("who", who)
                .query((row, number) -> Map.entry(row.getString("lesson_id"), Ending.valueOf(row.getString("ending"))))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    void keep(UUID garden, String who, String lesson, Ending ending, Instant at) {
        database.sql("""
                        INSERT INTO practice_ending (garden_id, who, lesson_id, ending, ended_at)
                        VALUES (:garden, :who, :lesson, :ending, :at)
                        ON DUPLICATE KEY UPDATE ending = :ending, ended_at = :at""")
                .param("garden", garden)
                .param("who", who)
                .param("lesson", lesson)
                .param("ending", ending.name())
                .param("at", Utc.column(at))
                .update();
    }
}
