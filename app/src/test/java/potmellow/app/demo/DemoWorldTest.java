package potmellow.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class DemoWorldTest extends ApplicationTest {
    private List<String> all(String path, String field) throws Exception {
        JsonNode rows = read(path);
        return StreamSupport.stream(rows.spliterator(), false)
                .map(row -> row.get(field).asText())
                .toList();
    }

    @Test
    void hasFourPotsInDifferentStates() throws Exception {
        assertThat(all("/api/pots", "headline"))
                .containsExactlyInAnyOrder(
                        "Ready: strain it",
                        "Ready: wring it out",
                        "Not yet: about 2 more days",
                        "Not yet: mend it first");
    }

    @Test
    void hasThreeBottlesTheOneToUseFirstOnTop() throws Exception {
        assertThat(all("/api/bottles", "name")).containsExactly("Chickweed juice", "Pea-shoot juice", "Mugwort juice");
        assertThat(all("/api/bottles", "freshness")).containsExactly("SOON", "FRESH", "FRESH");
    }

    @Test
    void hasThreePlantingsToMixFor() throws Exception {
        assertThat(all("/api/plantings", "name"))
                .containsExactly("Kohlrabi", "Runner beans, lee bed", "Strawberry tubs");
    }
}
