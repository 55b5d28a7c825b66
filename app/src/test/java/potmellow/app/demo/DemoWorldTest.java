package potmellow.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.core.book.Family;

@Transactional
class DemoWorldTest extends ApplicationTest {
    private List<String> all(String path, String field) throws Exception {
        JsonNode rows = read(path);
        return StreamSupport.stream(rows.spliterator(), false)
                .map(row -> row.get(field).asText())
                .toList();
    }

    @Test
    void hasPotsInDifferentStates() throws Exception {
        assertThat(all("/api/pots", "headline"))
                .contains(
                        "Ready: strain it",
                        "Ready: wring it out",
                        "Not yet: about 2 more days",
                        "Not yet: mend it first");
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void usesAtLeastOneBrewOfEachFamily(Family family) throws Exception {
        assertThat(all("/api/pots", "family")).contains(family.name());
    }

    @Test
    void hasBottlesTheOneToUseFirstOnTop() throws Exception {
        assertThat(all("/api/bottles", "name"))
                .startsWith("Soured rinse", "Chickweed juice")
                .contains("Galley serum", "Shell calcium", "Nettle liquid", "Headland wood, in sugar");
        assertThat(all("/api/bottles", "freshness")).startsWith("PAST", "SOON").contains("FRESH");
    }

    @Test
    void hasThreePlantingsToMixFor() throws Exception {
        assertThat(all("/api/plantings", "name"))
                .containsExactly("Kohlrabi", "Runner beans, lee bed", "Strawberry tubs");
    }
}
