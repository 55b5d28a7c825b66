package potmellow.app.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.app.Statements;

@Transactional
@Import(Statements.Counted.class)
class FindControllerTest extends ApplicationTest {
    @Autowired
    private JdbcClient database;

    private List<String> found(String words) throws Exception {
        List<String> found = new ArrayList<>();
        for (JsonNode one : answer(mvc.perform(get("/api/found").param("words", words)))) {
            found.add(one.get("kind").asText() + " " + one.get("name").asText());
        }
        return found;
    }

    @ParameterizedTest
    @CsvSource({
        "mugwort, POT Mugwort juice",
        "MUGWORT juice, POT Mugwort juice",
        "juice mug, POT Mugwort juice",
        "j6, POT Mugwort juice",
        "p13, BOTTLE Pea-shoot juice",
        "kohl, PLANTING Kohlrabi",
        "kohl, CROP Kohlrabi",
        "nettle, METHOD Nettle liquid"
    })
    void findsByAnyPartOfANameOrACode(String words, String what) throws Exception {
        assertThat(found(words)).anySatisfy(one -> assertThat(one).startsWith(what));
    }

    @Test
    void putsWhatStandsBeforeWhatIsWritten() throws Exception {
        List<String> kinds =
                found("juice").stream().map(one -> one.split(" ")[0]).distinct().toList();
        assertThat(kinds).startsWith("POT").endsWith("METHOD");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "%", "_", "100%", "\\", "no such thing anywhere", "'; DROP TABLE batch"})
    void findsNothingForNothing(String words) throws Exception {
        assertThat(found(words)).isEmpty();
    }

    @Test
    void leavesOutWhatWasTakenBack() throws Exception {
        int before = found("mugwort").size();
        for (String table : List.of("batch", "bottle")) {
            database.sql("UPDATE " + table + " SET taken_back_at = NOW(6) WHERE name = 'Mugwort juice'")
                    .update();
        }
        present.rebuild();
        assertThat(before).isPositive();
        assertThat(found("mugwort"))
                .noneMatch(one -> one.startsWith("POT Mugwort juice"))
                .noneMatch(one -> one.startsWith("BOTTLE Mugwort juice"));
    }

    /** Half past midnight in a British summer is still the evening before in the database. */
    @Test
    void tellsTheDayInTheGardensOwnZone() throws Exception {
        String pot = idOf("/api/pots", "code", "J6");
        database.sql("UPDATE batch SET set_at = '2026-05-10 23:30:00' WHERE id = :id")
                .param("id", pot)
                .update();
        JsonNode found = answer(mvc.perform(get("/api/found").param("words", "mugwort j6")));
        assertThat(found)
                .anySatisfy(one -> assertThat(one.get("words").asText()).isEqualTo("pot, set 11 May 2026"));
    }

    @Test
    void asksAsOftenHoweverMuchThereIs() throws Exception {
        assertThat(Statements.of(() -> found("e"))).isLessThanOrEqualTo(8);
    }
}
