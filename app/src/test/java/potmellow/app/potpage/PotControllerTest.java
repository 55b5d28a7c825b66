package potmellow.app.potpage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class PotControllerTest extends ApplicationTest {
    private static final Map<String, String> SWEET =
            Map.of("bubbles", "few-bubbles", "smell", "sweet-sour", "surface", "clear");

    private Map<String, Object> recipe(String method) {
        return new HashMap<>(
                Map.of("methodId", method, "anchor", "IN_HAND", "inHand", Map.of("plant", "640 g"), "capacity", "3 L"));
    }

    private ResultActions setPot(UUID key, String name, Map<String, Object> recipe) throws Exception {
        return send("/api/pots", key, Map.of("name", name, "recipe", recipe));
    }

    private String newPot(String method) throws Exception {
        UUID key = UUID.randomUUID();
        setPot(key, "Chickweed juice", recipe(method)).andExpect(status().isCreated());
        return "/api/pots/" + key;
    }

    private ResultActions check(String pot, Map<String, String> signs) throws Exception {
        return send(pot + "/checks", Map.of("act", "STIRRED", "signs", signs));
    }

    @Test
    void setsAPotAndSaysWhereItIs() throws Exception {
        UUID key = UUID.randomUUID();
        setPot(key, "Chickweed juice", recipe("plant-juice-open"))
                .andExpect(status().isCreated())
                .andExpect(header().string("Location", "/api/pots/" + key))
                .andExpect(jsonPath("$.summary.name").value("Chickweed juice"))
                .andExpect(jsonPath("$.summary.code").value("J10"))
                .andExpect(jsonPath("$.summary.day").value(1))
                .andExpect(jsonPath("$.contents", contains("640 g of chopped soft leaves", "640 g of raw sugar")))
                .andExpect(jsonPath("$.verdict.kind").value("NOT_YET"));
    }

    @Test
    void setsOnePotHoweverOftenItIsAsked() throws Exception {
        int before = read("/api/pots").size();
        UUID key = UUID.randomUUID();
        setPot(key, "Chickweed juice", recipe("plant-juice-open")).andExpect(status().isCreated());
        setPot(key, "Chickweed juice", recipe("plant-juice-open")).andExpect(status().isCreated());
        assertThat(read("/api/pots")).hasSize(before + 1);
    }

    @ParameterizedTest
    @CsvSource({
        "materials, white-sugar, white-sugar, sugar",
        "lid, TIGHT, tight-lid, lid",
        "capacity, 1 L, overfull, vessel"
    })
    void refusesOnItsOwnWhatTheScreenRefuses(String entry, String value, String code, String field) throws Exception {
        Map<String, Object> recipe = recipe("plant-juice-open");
        recipe.put(entry, entry.equals("materials") ? Map.of("sugar", value) : value);
        int before = read("/api/pots").size();
        setPot(UUID.randomUUID(), "Chickweed juice", recipe)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.code").value(code))
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.type").value("urn:potmellow:problem:" + code))
                .andExpect(jsonPath("$.finding.working.steps[0].words").isNotEmpty());
        assertThat(read("/api/pots")).hasSize(before);
    }

    @ParameterizedTest
    @CsvSource({"<b>bold</b>, unreadable", "'', empty"})
    void refusesNamesThatAreNone(String name, String code) throws Exception {
        setPot(UUID.randomUUID(), name, recipe("plant-juice-open"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("name"))
                .andExpect(jsonPath("$.code").value(code))
                .andExpect(jsonPath("$.detail", containsString("1 to 60 characters")));
    }

    @Test
    void refusesANameOfTenThousandCharacters() throws Exception {
        setPot(UUID.randomUUID(), "x".repeat(10_000), recipe("plant-juice-open"))
                .andExpect(jsonPath("$.detail").value("The name has 10000 characters; at most 60 are kept."));
    }

    @Test
    void refusesAVesselThatWorksAlready() throws Exception {
        Map<String, Object> recipe = recipe("plant-juice-open");
        recipe.remove("capacity");
        recipe.put("vesselId", idOf("/api/vessels", "code", "J9"));
        setPot(UUID.randomUUID(), "First", recipe).andExpect(status().isCreated());
        setPot(UUID.randomUUID(), "Second", recipe)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", startsWith("J9 already holds First.")));
    }

    @Test
    void judgesAtOnceWhatWasSensed() throws Exception {
        String pot = newPot("plant-juice-open");
        clock.advance(Duration.ofDays(4));
        check(pot, Map.of("bubbles", "lively-bubbles"))
                .andExpect(jsonPath("$.verdict.kind").value("NOT_YET"))
                .andExpect(jsonPath("$.log[0].act").value("stirred"));
        clock.advance(Duration.ofDays(6));
        check(pot, SWEET)
                .andExpect(jsonPath("$.verdict.kind").value("READY"))
                .andExpect(jsonPath("$.verdict.headline").value("Ready: strain it"))
                .andExpect(jsonPath("$.log[0].words", hasItem("smell sweet-sour")));
    }

    @Test
    void logsOneVisitHoweverOftenItIsSent() throws Exception {
        String pot = newPot("plant-juice-open");
        UUID key = UUID.randomUUID();
        Map<String, Object> visit =
                Map.of("act", "STIRRED", "signs", SWEET, "readings", Map.of("THERMOMETER", "21.5 °C"));
        send(pot + "/checks", key, visit);
        send(pot + "/checks", key, visit)
                .andExpect(jsonPath("$.log.length()").value(1))
                .andExpect(jsonPath("$.log[0].words", hasItem("21.5 °C")));
    }

    @Test
    void strikesAWrongEntryThroughAndForgetsItInTheVerdict() throws Exception {
        String pot = newPot("plant-juice-open");
        UUID wrong = UUID.randomUUID();
        send(pot + "/checks", wrong, Map.of("act", "LOOKED", "signs", Map.of("surface", "coloured-mould")))
                .andExpect(jsonPath("$.verdict.kind").value("THROW_AWAY"));
        Map<String, Object> correction = Map.of("act", "LOOKED", "signs", SWEET, "corrects", wrong);
        send(pot + "/checks", correction)
                .andExpect(jsonPath("$.verdict.kind").value("NOT_YET"))
                .andExpect(jsonPath("$.log.length()").value(2))
                .andExpect(jsonPath("$.log[0].correction").value(true))
                .andExpect(jsonPath("$.log[1].struck").value(true));
        send(pot + "/checks", correction)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("corrected-already"));
    }

    @Test
    void refusesSignsAndReadingsThatCannotBe() throws Exception {
        String pot = newPot("plant-juice-open");
        check(pot, Map.of("smell", "roses"))
                .andExpect(jsonPath("$.field").value("signs"))
                .andExpect(jsonPath("$.detail", containsString("must be one of: sweet-sour, yeasty")));
        send(pot + "/checks", Map.of("act", "LOOKED", "signs", Map.of(), "readings", Map.of("THERMOMETER", "300")))
                .andExpect(jsonPath("$.field").value("readings.THERMOMETER"))
                .andExpect(jsonPath("$.detail").value("The warmth read (300 °C) must be from -20 °C to 80 °C."));
        send(pot + "/checks", Map.of("act", "LOOKED", "signs", Map.of(), "note", "x".repeat(10_000)))
                .andExpect(jsonPath("$.field").value("note"));
    }

    @Test
    void strainsAReadyPotIntoABottleWithItsLabel() throws Exception {
        String pot = newPot("plant-juice-open");
        clock.advance(Duration.ofDays(10));
        check(pot, SWEET);
        send(pot + "/bottles", strain("620 mL", "cool-dark", false))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[0].level").value("620 mL"))
                .andExpect(jsonPath("$[0].useBy").value("2026-11-26"))
                .andExpect(
                        jsonPath("$[0].labelLine", containsString("Chickweed juice · strained 30 May 2026 · 620 mL")))
                .andExpect(jsonPath(
                        "$[0].labelLine", containsString("soil 1:500, seedlings 1:1000, leaves 1:800 · not a drink")));
        assertThat(read(pot).get("state").asText()).isEqualTo("EMPTIED");
        send(pot + "/checks", Map.of("act", "LOOKED", "signs", Map.of()))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("pot-ended"));
    }

    @Test
    void fillsOneBottleHoweverOftenItIsAsked() throws Exception {
        String pot = newPot("plant-juice-open");
        int before = read("/api/bottles").size();
        UUID key = UUID.randomUUID();
        Map<String, Object> strain = strain("620 mL", "fridge", true);
        send(pot + "/bottles", key, strain).andExpect(status().isOk());
        send(pot + "/bottles", key, strain).andExpect(status().isOk());
        assertThat(read("/api/bottles")).hasSize(before + 1);
    }

    @Test
    void strainsEarlyOnlyByDecisionAndNotesIt() throws Exception {
        String pot = newPot("plant-juice-open");
        send(pot + "/bottles", strain("620 mL", "cool-dark", false))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.code").value("not-ready"));
        send(pot + "/bottles", strain("620 mL", "cool-dark", true)).andExpect(status().isOk());
        assertThat(read(pot).get("ended").asText()).isEqualTo("strained early, by choice");
    }

    @ParameterizedTest
    @CsvSource({"0, 1 mL", "a lot, 1 mL", "9 L, 1.13 L", "'', 1 mL"})
    void refusesAVolumeThatCannotHaveComeOut(String volume, String limit) throws Exception {
        send(newPot("plant-juice-open") + "/bottles", strain(volume, "cool-dark", true))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("bottles.0.volume"))
                .andExpect(jsonPath("$.detail", containsString(limit)));
    }

    @Test
    void wringsThePressedSchoolFirstAndStrainsItThen() throws Exception {
        String pot = newPot("plant-juice-pressed");
        Map<String, Object> strain = strain("620 mL", "cool-dark", true);
        send(pot + "/bottles", strain).andExpect(jsonPath("$.code").value("other-stage"));
        clock.advance(Duration.ofDays(10));
        check(pot, SWEET).andExpect(jsonPath("$.verdict.headline").value("Ready: wring it out"));
        send(pot + "/wringings", Map.of("early", false))
                .andExpect(jsonPath("$.stageName").value("Liquid working on"))
                .andExpect(jsonPath("$.exit").value("STRAIN"))
                .andExpect(jsonPath("$.verdict.kind").value("NOT_YET"));
        clock.advance(Duration.ofDays(10));
        check(pot, SWEET).andExpect(jsonPath("$.verdict.headline").value("Not yet: give it time"));
        clock.advance(Duration.ofDays(3));
        check(pot, SWEET).andExpect(jsonPath("$.verdict.headline").value("Ready: strain it"));
    }

    @Test
    void throwsAwayWithAReasonAndFreesTheVessel() throws Exception {
        String pot = newPot("plant-juice-open");
        send(pot + "/disposals", Map.of("reason", "  "))
                .andExpect(jsonPath("$.field").value("reason"))
                .andExpect(jsonPath("$.detail", containsString("Say in a few words why: you will want to know.")));
        send(pot + "/disposals", Map.of("reason", "black mould"))
                .andExpect(jsonPath("$.state").value("THROWN_AWAY"))
                .andExpect(jsonPath("$.ended").value("black mould"));
        for (JsonNode vessel : read("/api/vessels")) {
            if (vessel.get("code").asText().equals("J10")) {
                assertThat(vessel.has("holds")).isFalse();
            }
        }
    }

    @Test
    void saysThatAPotIsNotHere() throws Exception {
        JsonNode problem = read("/api/pots/" + UUID.randomUUID());
        assertThat(problem.get("status").asInt()).isEqualTo(404);
        assertThat(problem.get("detail").asText()).startsWith("This garden has no such pot.");
    }

    private String newPot(Map<String, Object> recipe) throws Exception {
        UUID key = UUID.randomUUID();
        setPot(key, "Trial", recipe).andExpect(status().isCreated());
        return "/api/pots/" + key;
    }

    @Test
    void letsTheWaterStandFirstAndCountsFromTheFilling() throws Exception {
        String pot = newPot(Map.of("methodId", "weed-bucket", "anchor", "VESSEL", "capacity", "10 L"));
        assertThat(read(pot).get("state").asText()).isEqualTo("WATER_STANDING");
        send(pot + "/bottles", strain("1 L", "bucket", true))
                .andExpect(jsonPath("$.code").value("other-stage"));
        clock.advance(Duration.ofHours(20));
        send(pot + "/fillings", Map.of())
                .andExpect(jsonPath("$.state").value("WORKING"))
                .andExpect(jsonPath("$.summary.setAt").value("2026-05-21T04:10:00Z"));
        send(pot + "/fillings", Map.of()).andExpect(jsonPath("$.code").value("filled-already"));
    }

    @Test
    void setsWhatIsUnwiseOnlyByDecisionAndNotesIt() throws Exception {
        Map<String, Object> recipe = new HashMap<>(Map.of(
                "methodId", "nettle-tea",
                "anchor", "VESSEL",
                "capacity", "5 L",
                "treatment", "ASCORBIC",
                "placeId", idOf("/api/places", "name", "Galley shelf")));
        setPot(UUID.randomUUID(), "Nettles", recipe)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.code").value("indoors"));
        UUID key = UUID.randomUUID();
        send("/api/pots", key, Map.of("name", "Nettles", "recipe", recipe, "confirmed", List.of("indoors")))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.decisions[0]", containsString("belongs outdoors")));
    }

    @Test
    void buriesABinAndPoursOutATea() throws Exception {
        String bin = newPot(Map.of(
                "methodId",
                "bokashi-bin",
                "anchor",
                "IN_HAND",
                "inHand",
                Map.of("waste", "4.2 kg"),
                "capacity",
                "10 L"));
        send(bin + "/uses", Map.of("early", false)).andExpect(jsonPath("$.code").value("not-ready"));
        send(bin + "/uses", Map.of("early", true)).andExpect(jsonPath("$.ended").value("buried early, by choice"));
        String extract =
                newPot(Map.of("methodId", "compost-extract", "anchor", "WANTED", "wanted", "5 L", "capacity", "10 L"));
        send(extract + "/uses", Map.of("early", false))
                .andExpect(jsonPath("$.field").value("elsewhere"))
                .andExpect(jsonPath("$.detail", containsString("counts for their next feed")));
        send(extract + "/uses", Map.of("early", false, "elsewhere", true))
                .andExpect(jsonPath("$.ended").value("poured out where no plants grow"));
    }

    @Test
    void keepsASolidBrewByWeight() throws Exception {
        String kept = newPot(Map.of(
                "methodId", "forest-kept", "anchor", "IN_HAND", "inHand", Map.of("rice", "500 g"), "capacity", "2 L"));
        assertThat(read(kept).get("bottling").get("expected").get("text").asText())
                .isEqualTo("1 kg");
        send(kept + "/bottles", strain("9 kg", "cool-dark", false))
                .andExpect(jsonPath("$.detail", containsString("must be from")));
        send(kept + "/bottles", strain("950 g", "cool-dark", false))
                .andExpect(jsonPath("$[0].level").value("950 g"));
    }

    @Test
    void goesOnFromSugarToSpirit() throws Exception {
        String herbs =
                newPot(Map.of("methodId", "herb-extract", "anchor", "WANTED", "wanted", "1 L", "capacity", "3 L"));
        send(herbs + "/wringings", Map.of("early", true))
                .andExpect(jsonPath("$.stageName").value("Herbs in spirit"))
                .andExpect(jsonPath("$.exit").value("STRAIN"));
    }
}
