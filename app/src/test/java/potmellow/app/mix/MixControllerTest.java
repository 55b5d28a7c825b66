package potmellow.app.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
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
class MixControllerTest extends ApplicationTest {
    private static final String PEA_SHOOT = "Pea-shoot juice";
    private static final String MUGWORT = "Mugwort juice";

    private Map<String, Object> wish(String bottle, String... fields) throws Exception {
        return feed(idOf("/api/bottles", "name", bottle), "SOIL", fields);
    }

    private ResultActions mix(String bottle, String... fields) throws Exception {
        return send("/api/mixes", wish(bottle, fields));
    }

    private String level(String name) throws Exception {
        for (JsonNode bottle : read("/api/bottles")) {
            if (bottle.get("name").asText().equals(name)) {
                return bottle.get("level").asText();
            }
        }
        throw new AssertionError("no bottle of " + name);
    }

    @Test
    void takesTwentyMillilitresForTenSquareMetresOfSoil() throws Exception {
        mix(PEA_SHOOT, "area", "10 m²")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.brews[0].strength.text").value("1:500"))
                .andExpect(jsonPath("$.need.text").value("10 L"))
                .andExpect(jsonPath("$.fillings", hasSize(1)))
                .andExpect(jsonPath("$.fillings[0].brews[0].text").value("20 mL"))
                .andExpect(jsonPath("$.fillings[0].water.text").value("9.98 L"))
                .andExpect(jsonPath("$.brews[0].amount.text").value("20 mL"))
                .andExpect(jsonPath("$.brews[0].dresses", hasSize(6)))
                .andExpect(jsonPath("$.brews[0].dresses[1].text").value("20 mL"))
                .andExpect(jsonPath("$.brews[0].dresses[5].text").value("0.2 %"));
    }

    @ParameterizedTest
    @CsvSource({"SOIL, 1:500", "SEEDLINGS, 1:1000", "LEAVES, 1:800"})
    void advisesTheUsualStrengthForEachTarget(String target, String strength) throws Exception {
        mix(PEA_SHOOT, "target", target)
                .andExpect(jsonPath("$.brews[0].strength.text").value(strength));
    }

    @Test
    void reckonsTheNeedOfAPlantingFromItsBedOrItsPots() throws Exception {
        mix(PEA_SHOOT, "plantingId", idOf("/api/plantings", "name", "Runner beans, lee bed"))
                .andExpect(jsonPath("$.need.text").value("7.5 L"));
        mix(PEA_SHOOT, "plantingId", idOf("/api/plantings", "name", "Strawberry tubs"))
                .andExpect(jsonPath("$.need.text").value("6 L"));
    }

    @Test
    void splitsTheNeedOverFillingsOfTheCan() throws Exception {
        mix(PEA_SHOOT, "mix", "25 L", "can", "9 L")
                .andExpect(jsonPath("$.count").value(3))
                .andExpect(jsonPath("$.fillings[0].count").value(2))
                .andExpect(jsonPath("$.fillings[1].mix").value("7 L"))
                .andExpect(jsonPath("$.area.text").value("25 m²"));
    }

    @Test
    void lowersTheBottleByWhatWasMeasuredOut() throws Exception {
        send("/api/feeds", wish(PEA_SHOOT, "area", "10 m²"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.feed.brews[0].amount").value("20 mL"))
                .andExpect(jsonPath("$.bottles[0].level").value("600 mL"));
        assertThat(level(PEA_SHOOT)).isEqualTo("600 mL");
    }

    @Test
    void takesItOnceHoweverOftenItIsSent() throws Exception {
        UUID key = UUID.randomUUID();
        Map<String, Object> wish = wish(PEA_SHOOT, "area", "10 m²");
        send("/api/feeds", key, wish).andExpect(jsonPath("$.bottles[0].level").value("600 mL"));
        send("/api/feeds", key, wish).andExpect(jsonPath("$.bottles[0].level").value("600 mL"));
    }

    @Test
    void refusesToPourWhatBurns() throws Exception {
        mix(PEA_SHOOT, "strength", "100").andExpect(jsonPath("$.refused").value(true));
        send("/api/feeds", wish(PEA_SHOOT, "strength", "100"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.code").value("too-strong"))
                .andExpect(jsonPath("$.field").value("strength"))
                .andExpect(jsonPath("$.detail", containsString("it burns roots. Take 1:400 to 1:1000.")));
        assertThat(level(PEA_SHOOT)).isEqualTo("620 mL");
    }

    @Test
    void keepsASourBottleOffLeaves() throws Exception {
        send("/api/feeds", wish(MUGWORT, "target", "LEAVES"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.code").value("soil-only"));
    }

    @Test
    void saysThatABottleIsTooEmptyAndTakesNothing() throws Exception {
        send("/api/feeds", wish(PEA_SHOOT, "mix", "1000 L"))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("bottle-short"))
                .andExpect(jsonPath("$.detail", containsString("has only 620 mL left")));
        assertThat(level(PEA_SHOOT)).isEqualTo("620 mL");
    }

    @Test
    void saysBesideTheMixThatItsBrewIsTooLittleToMeasure() throws Exception {
        mix(PEA_SHOOT, "area", "0.1 m²", "target", "LEAVES", "strength", "100000")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("mix"))
                .andExpect(jsonPath("$.code").value("too-small"));
    }

    @ParameterizedTest
    @CsvSource({
        "strength, strong, strength, can't be read",
        "strength, 1000000, strength, must be from neat to 1:100000",
        "strength, -500, strength, can't be read",
        "can, 0, can, must be from 50 mL to 1000 L",
        "can, '', can, The can is empty",
        "area, -1, area, must be from 0.1 m² to 10000 m²",
        "area, 99999999, area, must be from",
        "mix, <i>, mix, can't be read",
        "mix, 5 kg, mix, can't be read"
    })
    void saysBesideTheFieldWhatIsAllowed(String entry, String value, String field, String words) throws Exception {
        mix(PEA_SHOOT, entry, value)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail", containsString(words)));
    }

    private void bottleOfFish() throws Exception {
        UUID pot = UUID.randomUUID();
        Map<String, Object> recipe =
                Map.of("methodId", "fish-amino", "anchor", "IN_HAND", "inHand", Map.of("fish", "1 kg"));
        send("/api/pots", pot, Map.of("name", "Pier fish", "recipe", recipe)).andExpect(status().isCreated());
        send("/api/pots/" + pot + "/bottles", strain("700 mL", "cool-dark", true))
                .andExpect(status().isOk());
    }

    @Test
    void poursWhatIsUnwiseOnlyByDecisionAndNotesIt() throws Exception {
        bottleOfFish();
        Map<String, Object> leaves = new HashMap<>(wish("Pier fish", "mix", "5 L"));
        leaves.put("target", "SEEDLINGS");
        send("/api/feeds", leaves)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.code").value("unknown-use"))
                .andExpect(jsonPath("$.finding.severity").value("CONFIRM"));
        leaves.put("confirmed", List.of("unknown-use"));
        send("/api/feeds", leaves).andExpect(status().isOk());
    }

    private Map<String, Object> twoBrews() throws Exception {
        Map<String, Object> both = wish(PEA_SHOOT, "mix", "10 L");
        both.put(
                "brews",
                List.of(
                        Map.of("bottleId", idOf("/api/bottles", "name", PEA_SHOOT)),
                        Map.of("bottleId", idOf("/api/bottles", "name", "Galley serum"))));
        return both;
    }

    @Test
    void poursTwoBrewsFromTwoBottlesInOneWater() throws Exception {
        send("/api/mixes", twoBrews())
                .andExpect(jsonPath("$.brews[0].strength.text").value("1:1000"))
                .andExpect(jsonPath("$.fillings[0].brews", hasSize(2)));
        send("/api/feeds", twoBrews())
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.bottles", hasSize(2)))
                .andExpect(jsonPath("$.feed.brews[1].name").value("Galley serum"));
        assertThat(level(PEA_SHOOT)).isEqualTo("610 mL");
    }

    @Test
    void takesEachBottleOnce() throws Exception {
        Map<String, Object> twice = wish(PEA_SHOOT, "mix", "10 L");
        Map<String, Object> brew = Map.of("bottleId", idOf("/api/bottles", "name", PEA_SHOOT));
        twice.put("brews", List.of(brew, brew));
        send("/api/feeds", twice)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("brews"))
                .andExpect(jsonPath("$.detail", containsString("Take each bottle once")));
    }

    @Test
    void countsAPlantingOnceHoweverOftenItIsNamed() throws Exception {
        Map<String, Object> twice = wish(PEA_SHOOT);
        String kohlrabi = idOf("/api/plantings", "name", "Kohlrabi");
        twice.put("plantingIds", List.of(kohlrabi, kohlrabi));
        send("/api/feeds", twice)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.feed.plantings", hasSize(1)))
                .andExpect(jsonPath("$.feed.mix").value("3 L"));
    }

    @Test
    void refusesWhatMustNotMeet() throws Exception {
        Map<String, Object> both = twoBrews();
        both.put(
                "brews",
                List.of(Map.of("bottleId", idOf("/api/bottles", "name", PEA_SHOOT)), Map.of("addition", "WOOD_ASH")));
        send("/api/feeds", both)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.code").value("tank-ash"));
    }

    @Test
    void feedsSeveralPlantingsFromOneCan() throws Exception {
        Map<String, Object> wish = wish(PEA_SHOOT);
        wish.put(
                "plantingIds",
                List.of(idOf("/api/plantings", "name", "Kohlrabi"), idOf("/api/plantings", "name", "Beetroot")));
        send("/api/mixes", wish).andExpect(jsonPath("$.need.text").value("5 L"));
        send("/api/feeds", wish).andExpect(jsonPath("$.feed.plantings", hasSize(2)));
    }

    @Test
    void givesPotsADoseEach() throws Exception {
        mix(PEA_SHOOT, "pots", "8", "perPot", "250 mL")
                .andExpect(jsonPath("$.need.text").value("2 L"));
        mix(PEA_SHOOT, "pots", "0", "perPot", "250 mL")
                .andExpect(jsonPath("$.field").value("pots"));
        mix(PEA_SHOOT, "pots", "8", "perPot", "much")
                .andExpect(jsonPath("$.field").value("perPot"));
    }

    @Test
    void reckonsPotsByWhatOneHolds() throws Exception {
        mix(PEA_SHOOT, "pots", "8", "potSize", "6 L")
                .andExpect(jsonPath("$.need.text").value("6 L"));
        mix(PEA_SHOOT, "pots", "8", "potSize", "6 L", "perPot", "250 mL")
                .andExpect(jsonPath("$.need.text").value("2 L"));
        mix(PEA_SHOOT, "pots", "8", "potSize", "huge")
                .andExpect(jsonPath("$.field").value("potSize"));
    }

    @Test
    void takesAPourBackWithinTheHour() throws Exception {
        UUID key = UUID.randomUUID();
        send("/api/feeds", key, wish(PEA_SHOOT, "area", "10 m²"));
        clock.advance(Duration.ofMinutes(59));
        send("/api/feeds/" + key + "/undo", Map.of())
                .andExpect(jsonPath("$.feed.undone").value(true))
                .andExpect(jsonPath("$.bottles[0].level").value("620 mL"));
        send("/api/feeds/" + key + "/undo", Map.of())
                .andExpect(jsonPath("$.bottles[0].level").value("620 mL"));
    }

    @Test
    void strikesAnOlderPourOnlyWithAReason() throws Exception {
        UUID key = UUID.randomUUID();
        send("/api/feeds", key, wish(PEA_SHOOT, "area", "10 m²"));
        clock.advance(Duration.ofMinutes(61));
        send("/api/feeds/" + key + "/undo", Map.of())
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("reason"));
        assertThat(level(PEA_SHOOT)).isEqualTo("600 mL");
        send("/api/feeds/" + key + "/undo", Map.of("reason", "it was the other bottle"))
                .andExpect(jsonPath("$.feed.undone").value(true))
                .andExpect(jsonPath("$.bottles[0].level").value("620 mL"));
    }

    @Test
    void putsNothingBackIntoABottleThatWasMeasuredSince() throws Exception {
        UUID key = UUID.randomUUID();
        send("/api/feeds", key, wish(PEA_SHOOT, "area", "10 m²"));
        clock.advance(Duration.ofMinutes(61));
        send("/api/bottles/" + idOf("/api/bottles", "name", PEA_SHOOT) + "/measures", Map.of("level", "590 mL"));
        send("/api/feeds/" + key + "/undo", Map.of("reason", "never poured"))
                .andExpect(jsonPath("$.feed.undone").value(true))
                .andExpect(jsonPath("$.bottles[0].level").value("590 mL"));
    }

    @Test
    void asksForAnotherUseWhereNobodyToldOfIt() throws Exception {
        mix(PEA_SHOOT, "target", "SEED_SOAK")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("target"))
                .andExpect(jsonPath("$.detail", containsString("It is used on soil")));
    }

    @Test
    void soaksSeedInAJarNotByTheGround() throws Exception {
        UUID tea = UUID.randomUUID();
        clock.advance(Duration.ofHours(12));
        send("/api/pots/" + idOf("/api/pots", "name", "Worm tea") + "/bottles", tea, strain("3 L", "at-once", true))
                .andExpect(status().isOk());
        Map<String, Object> soak =
                feed(tea.toString(), "SEED_SOAK", "plantingId", idOf("/api/plantings", "name", "Kohlrabi"));
        send("/api/mixes", soak)
                .andExpect(jsonPath("$.need.text").value("500 mL"))
                .andExpect(jsonPath("$.brews[0].strength.text").value("1:5"))
                .andExpect(jsonPath("$.target").value("seed before sowing"));
    }

    @Test
    void wantsSomethingToPourFrom() throws Exception {
        send("/api/mixes", Map.of("brews", List.of(), "target", "SOIL", "can", "10 L"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Pick a bottle")));
    }

    @Test
    void boundsWhatIsInTheCan() throws Exception {
        mix("Shell calcium").andExpect(jsonPath("$.ceilings[0].text").value("at most 16.7 mg/L Ca"));
        mix(PEA_SHOOT).andExpect(jsonPath("$.ceilings[0].text").value(containsString("mg/L N")));
    }

    @Test
    void readsAStrengthAndComparesIt() throws Exception {
        send("/api/strengths", Map.of("saying", "1 tbsp per gallon", "other", "1:500"))
                .andExpect(jsonPath("$.text").value("1:256"))
                .andExpect(jsonPath("$.comparison").value("1:256 is 1.95 times as strong as 1:500."));
        send("/api/strengths", Map.of("saying", "a good glug"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("saying"));
    }

    @Test
    void listsTheLastFeeds() throws Exception {
        send("/api/feeds", wish(PEA_SHOOT, "area", "10 m²"));
        JsonNode last = read("/api/feeds").get(0);
        assertThat(last.get("undoable").asBoolean()).isTrue();
        assertThat(last.at("/brews/0/code").asText()).startsWith("P");
    }
}
