package potmellow.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.core.craft.Family;

@Transactional
class DemoWorldTest extends ApplicationTest {
    @Autowired
    private JdbcClient database;

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
        assertThat(all("/api/bottles", "useBy")).isSorted();
        assertThat(Stream.concat(all("/api/bottles", "name").stream(), all("/api/bottles/emptied", "name").stream()))
                .contains("Soured rinse", "Galley serum", "Shell calcium", "Nettle liquid", "Headland wood, in sugar");
        assertThat(all("/api/bottles", "freshness")).contains("PAST", "SOON", "FRESH");
        assertThat(all("/api/bottles/emptied", "freshness")).containsOnly("EMPTY");
    }

    @Test
    void lookedBackHoldsAYearWithTwoSpoiltPotsAndTheirStories() throws Exception {
        JsonNode past = read("/api/pots/past");
        assertThat(past.size()).isGreaterThan(20);
        List<String> spoilt = StreamSupport.stream(past.spliterator(), false)
                .filter(pot -> pot.get("spoilt").asBoolean())
                .map(pot -> pot.get("ended").asText())
                .toList();
        assertThat(spoilt).hasSize(2).anyMatch(story -> story.contains("mould"));
        String first = past.get(past.size() - 1).get("setAt").asText();
        assertThat(first).isLessThan("2025-07-01");
    }

    @Test
    void hasAChainUnderWayFromRinseToSerumToCulture() throws Exception {
        JsonNode culture = read("/api/pots/" + idOf("/api/pots", "name", "Woken culture"));
        assertThat(culture.at("/line/from/0/name").asText()).isEqualTo("Galley serum");
        JsonNode serum = read("/api/pots/" + culture.at("/line/from/0/potId").asText());
        assertThat(serum.at("/line/from/0/name").asText()).isEqualTo("Soured rinse");
        assertThat(serum.at("/line/into/0/name").asText()).isEqualTo("Woken culture");
    }

    @Test
    void forecastsJuicesByTheGardenersOwnTimes() throws Exception {
        JsonNode juice = read("/api/pots/" + idOf("/api/pots", "name", "Pea-shoot juice"));
        assertThat(juice.at("/summary/forecast/reason").asText()).startsWith("Your own");
        assertThat(juice.at("/bottling/expected/working/steps").toString()).contains("Your own batches gave");
    }

    @Test
    void hasPlantingsOfEveryKindToMixFor() throws Exception {
        assertThat(all("/api/plantings", "name"))
                .containsExactly(
                        "Beetroot",
                        "Kohlrabi",
                        "Pak choi",
                        "Quince, half-barrel",
                        "Runner beans, lee bed",
                        "Strawberry tubs",
                        "Winter squash");
    }

    @Test
    void climbedALadderRungByRung() throws Exception {
        JsonNode squash = bed("Winter squash");
        assertThat(squash.at("/ladders/0/rungs").toString()).contains("1:100", "1:75", "1:50", "1:30");
        assertThat(squash.at("/ladders/0/here").asInt()).isEqualTo(2);
        assertThat(squash.get("looks").findValuesAsText("note"))
                .anyMatch(note -> note.endsWith("Never on leaves. It spots leaves."));
    }

    @Test
    void heldAFeedBackForLushBeansThatGotCalciumFromTheirFirstFlower() throws Exception {
        JsonNode beans = bed("Runner beans, lee bed");
        assertThat(beans.get("lastFeed").asText()).startsWith("shell calcium 1:1000");
        assertThat(beans.get("response").asText()).startsWith("Lush, dark and soft: hold back.");
    }

    private JsonNode bed(String name) throws Exception {
        for (JsonNode bed : read("/api/beds")) {
            if (bed.get("name").asText().equals(name)) {
                return bed;
            }
        }
        throw new AssertionError("no planting " + name);
    }

    @Test
    void neverHadTwoBrewsInOneVessel() {
        assertThat(database.sql("""
                                SELECT CONCAT(v.code, ': ', one.name, ' and ', other.name)
                                FROM batch one
                                JOIN batch other ON other.vessel_id = one.vessel_id AND other.id <> one.id
                                  AND other.set_at BETWEEN one.set_at AND COALESCE(
                                    (SELECT MAX(s.began_at) FROM batch_state s
                                      WHERE s.batch_id = one.id AND s.state IN ('EMPTIED', 'THROWN_AWAY')),
                                    UTC_TIMESTAMP())
                                JOIN vessel v ON v.id = one.vessel_id""").query(String.class).list()).isEmpty();
    }
}
