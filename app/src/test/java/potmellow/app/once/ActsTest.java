package potmellow.app.once;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

/** Every write that has a key: word for word the same counts once, anything else under the same key is told. */
@Transactional
class ActsTest extends ApplicationTest {
    private record Write(String path, Map<String, Object> body, Map<String, Object> other) {}

    private Write write(String what) throws Exception {
        String weeds = "/api/pots/" + idOf("/api/pots", "code", "B3");
        String juice = "/api/pots/" + idOf("/api/pots", "code", "J4");
        String bottle = idOf("/api/bottles", "code", "P13");
        String bed = idOf("/api/plantings", "name", "Kohlrabi");
        return switch (what) {
            case "setting" ->
                new Write(
                        "/api/pots",
                        Map.of("name", "Dock", "recipe", leaves("300 g")),
                        Map.of("name", "Dock", "recipe", leaves("200 g")));
            case "visit" ->
                new Write(
                        juice + "/checks",
                        Map.of("act", "STIRRED", "signs", Map.of("bubbles", "few-bubbles", "surface", "clear")),
                        Map.of("act", "STIRRED", "signs", Map.of("bubbles", "many-bubbles", "surface", "clear")));
            case "straining" ->
                new Write(juice + "/bottles", strain("200 mL", "fridge", true), strain("300 mL", "fridge", true));
            case "drawing" -> new Write(weeds + "/drawings", drawing("2 L"), drawing("3 L"));
            case "pour" ->
                new Write("/api/feeds", feed(bottle, "SOIL", "area", "4 m²"), feed(bottle, "SOIL", "area", "3 m²"));
            case "look" ->
                new Write(
                        "/api/beds/" + bed + "/looks",
                        Map.of("look", "LUSH", "dry", false),
                        Map.of("look", "PALE", "dry", false));
            case "planting" -> new Write("/api/plantings", planting("Leeks"), planting("Chard"));
            default -> new Write("/api/plan/goals", goal("2 L"), goal("3 L"));
        };
    }

    private static Map<String, Object> leaves(String amount) {
        return Map.of(
                "methodId",
                "plant-juice-open",
                "anchor",
                "IN_HAND",
                "inHand",
                Map.of("plant", amount),
                "capacity",
                "2 L");
    }

    private static Map<String, Object> drawing(String volume) {
        return Map.of("bottle", Map.of("volume", volume, "keepId", "bucket"), "toppedUp", true, "early", true);
    }

    private static Map<String, Object> planting(String name) {
        Map<String, Object> all = new LinkedHashMap<>(Map.of("name", name, "area", "3 m²", "appetite", "MEDIUM"));
        all.putAll(Map.of("soil", "LOAM", "eaten", "COOKED", "touched", false, "ironSensitive", false));
        all.putAll(Map.of("saltSensitive", false, "sheltered", false, "stage", "LEAFY", "version", 0));
        return all;
    }

    private Map<String, Object> goal(String amount) {
        return Map.of("product", "plant-juice", "amount", amount, "by", "2026-09-01");
    }

    @ParameterizedTest
    @ValueSource(strings = {"setting", "visit", "straining", "drawing", "pour", "look", "planting", "goal"})
    void countsOnceWordForWordAndIsToldWhereItIsSomethingElse(String what) throws Exception {
        Write write = write(what);
        UUID key = UUID.randomUUID();
        send(write.path(), key, write.body()).andExpect(status().is2xxSuccessful());
        int once = rows();
        send(write.path(), key, write.body()).andExpect(status().is2xxSuccessful());
        send(write.path(), key, write.other())
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("something-else"))
                .andExpect(jsonPath("$.detail").value(containsString("sent before with something else in it")));
        assertThat(rows()).isEqualTo(once);
    }

    /** Everything that the writes above add rows to. */
    private int rows() throws Exception {
        int rows = 0;
        for (String path : List.of("/api/pots", "/api/bottles", "/api/plantings", "/api/feeds", "/api/beds")) {
            rows += read(path).toString().split("\"id\"").length;
        }
        rows += read("/api/pots/" + idOf("/api/pots", "code", "B3")).get("log").size();
        return rows + read("/api/plan").get("goals").size();
    }

    @Test
    void countsAVisitUnderAKeyOfAnotherPotForNeither() throws Exception {
        UUID key = UUID.randomUUID();
        Map<String, Object> visit = Map.of("act", "STIRRED", "signs", Map.of("bubbles", "few-bubbles"));
        send("/api/pots/" + idOf("/api/pots", "code", "J4") + "/checks", key, visit)
                .andExpect(status().isOk());
        send("/api/pots/" + idOf("/api/pots", "code", "B3") + "/checks", key, visit)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("something-else"));
    }

    @Test
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    void leavesTheKeyOfWhatWasRefusedFree() throws Exception {
        UUID key = UUID.randomUUID();
        Map<String, Object> unknown = Map.of("product", "nothing", "amount", "2 L", "by", "2026-09-01");
        send("/api/plan/goals", key, unknown).andExpect(status().isUnprocessableEntity());
        send("/api/plan/goals", key, goal("2 L")).andExpect(status().isNoContent());
        remove("/api/plan/goals/" + key).andExpect(status().isNoContent());
    }
}
