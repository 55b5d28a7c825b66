package potmellow.app.people;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.caller.Role;
import potmellow.app.database.Utc;

@Repository
class PersonRepository {
    private static final String SELECT = """
            SELECT p.id, p.name, p.role, p.added_at, s.person_id IS NOT NULL AS signs_in
            FROM person p
            LEFT JOIN passphrase s ON s.person_id = p.id
            WHERE p.removed_at IS NULL AND p.garden_id = :garden
            """;

    private final JdbcClient database;

    PersonRepository(JdbcClient database) {
        this.database = database;
    }

    /** The people in a database beside the application. */
    static PersonRepository in(DataSource database) {
        return new PersonRepository(JdbcClient.create(database));
    }

    /** The one garden of this installation; empty before its first start. */
    Optional<UUID> garden() {
        return database.sql("SELECT id FROM garden LIMIT 1").query(UUID.class).optional();
    }

    /** Puts all devices of somebody out, as {@link Devices} does where the application runs. */
    void putOut(UUID person) {
        database.sql("DELETE FROM SPRING_SESSION WHERE PRINCIPAL_NAME = :person")
                .param("person", person.toString())
                .update();
    }

    /** All that weren't removed, the first added on top. */
    List<Person> all(UUID garden) {
        return database.sql(SELECT + "ORDER BY p.added_at, p.id")
                .param("garden", garden)
                .query(PersonRepository::person)
                .list();
    }

    Optional<Person> find(UUID garden, UUID id) {
        return database.sql(SELECT + "AND p.id = :id")
                .param("garden", garden)
                .param("id", id)
                .query(PersonRepository::person)
                .optional();
    }

    /** By a name as it is typed, in any case of letters. */
    Optional<Person> named(UUID garden, String name) {
        return database.sql(SELECT + "AND p.name = :name ORDER BY p.added_at LIMIT 1")
                .param("garden", garden)
                .param("name", name)
                .query(PersonRepository::person)
                .optional();
    }

    void insert(UUID garden, Person person) {
        database.sql("""
                        INSERT INTO person (id, garden_id, name, role, added_at)
                        VALUES (:id, :garden, :name, :role, :at)""")
                .param("id", person.id())
                .param("garden", garden)
                .param("name", person.name())
                .param("role", person.role().name())
                .param("at", Utc.column(person.addedAt()))
                .update();
    }

    void change(UUID garden, UUID id, Role role) {
        database.sql("UPDATE person SET role = :role WHERE garden_id = :garden AND id = :id")
                .param("role", role.name())
                .param("garden", garden)
                .param("id", id)
                .update();
    }

    /** What they did stays on the record under their name. */
    void remove(UUID garden, UUID id, Instant at) {
        database.sql("UPDATE person SET removed_at = :at WHERE garden_id = :garden AND id = :id")
                .param("at", Utc.column(at))
                .param("garden", garden)
                .param("id", id)
                .update();
        database.sql("DELETE FROM passphrase WHERE person_id = :id")
                .param("id", id)
                .update();
    }

    Optional<String> hash(UUID person) {
        return database.sql("SELECT hash FROM passphrase WHERE person_id = :person")
                .param("person", person)
                .query(String.class)
                .optional();
    }

    void keepHash(UUID garden, UUID person, String hash, Instant at) {
        database.sql(
                        "REPLACE INTO passphrase (person_id, garden_id, hash, set_at) VALUES (:person, :garden, :hash, :at)")
                .param("garden", garden)
                .param("person", person)
                .param("hash", hash)
                .param("at", Utc.column(at))
                .update();
    }

    private static Person person(ResultSet row, int number) throws SQLException {
        return new Person(
                row.getObject("id", UUID.class),
                row.getString("name"),
                Role.valueOf(row.getString("role")),
                Utc.instant(row, "added_at"),
                row.getBoolean("signs_in"));
    }
}
