package potmellow.app.typed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import potmellow.app.ApplicationTest;
import potmellow.app.problem.FieldProblem;
import potmellow.core.naming.PlainName;

class LineTest extends ApplicationTest {
    @Autowired
    private JdbcClient database;

    private int holds(String column) {
        return database.sql("""
                        SELECT character_maximum_length FROM information_schema.columns
                        WHERE table_schema = DATABASE() AND CONCAT(table_name, '.', column_name) = :column""").param("column", column).query(Integer.class).single();
    }

    @ParameterizedTest
    @EnumSource(Line.class)
    void isKeptWholeWhereverItIsKept(Line line) {
        assertThat(line.columns())
                .isNotEmpty()
                .allSatisfy(column -> assertThat(holds(column)).as(column).isEqualTo(line.longest()));
    }

    /** A new column for words that a gardener types has its line, or says here what fills it. */
    @Test
    void isToldForEveryColumnOfManyCharacters() {
        Set<String> columns =
                new TreeSet<>(database.sql("""
                        SELECT CONCAT(table_name, '.', column_name) FROM information_schema.columns
                        WHERE table_schema = DATABASE() AND data_type = 'varchar' AND character_maximum_length > 60
                        AND table_name <> 'flyway_schema_history' AND table_name NOT LIKE 'SPRING%'""").query(String.class).list());
        columns.removeAll(Arrays.stream(Line.values())
                .flatMap(line -> line.columns().stream())
                .collect(Collectors.toSet()));
        assertThat(columns)
                .containsExactlyInAnyOrder(
                        "act.fingerprint",
                        "answer.fingerprint",
                        "batch_decision.words",
                        "feed.decision",
                        "held_reading.why",
                        "own_crop.days",
                        "own_method.title",
                        "passphrase.hash",
                        "plan_goal.told",
                        "plan_kept.title");
    }

    @Test
    void isToldForEveryName() {
        assertThat(database.sql("""
                        SELECT DISTINCT character_maximum_length FROM information_schema.columns
                        WHERE table_schema = DATABASE() AND column_name = 'name'""").query(Integer.class).list()).containsExactly(PlainName.LONGEST);
    }

    @ParameterizedTest
    @EnumSource(Line.class)
    void isRefusedWhereItIsLongerAndTakenUpToThere(Line line) {
        assertThat(line.read("  " + "x".repeat(line.longest()) + " ")).hasSize(line.longest());
        assertThatThrownBy(() -> line.read("x".repeat(line.longest() + 1)))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("at most " + line.longest() + " are kept");
        assertThatThrownBy(() -> line.required("  ")).isInstanceOf(FieldProblem.class);
        assertThat(line.read("  ")).isEmpty();
    }
}
