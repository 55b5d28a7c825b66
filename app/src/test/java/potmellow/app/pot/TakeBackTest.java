package potmellow.app.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

/** What was done to the wrong pot, and what comes out of pots: drained, sugared, guessed. */
@Transactional
class TakeBackTest extends ApplicationTest {
    private String pot(String method, String part, String amount, String capacity, String... more) throws Exception {
        Map<String, Object> recipe = new HashMap<>(Map.of(
                "methodId",
                method,
                "anchor",
                "IN_HAND",
                "inHand",
                Map.of(part, amount),
                "capacity",
                capacity,
                "treatment",
                "STOOD",
                "from",
                Map.of()));
        for (int i = 0; i < more.length; i += 2) {
            recipe.put(more[i], more[i + 1]);
        }
        UUID key = UUID.randomUUID();
        send(
                        "/api/pots",
                        key,
                        Map.of(
                                "name",
                                "Trial",
                                "recipe",
                                recipe,
                                "confirmed",
                                List.of("frost", "too-small", "indoors")))
                .andExpect(status().isCreated());
        return "/api/pots/" + key;
    }

    private String juice() throws Exception {
        return pot("plant-juice-open", "plant", "640 g", "3 L");
    }

    private ResultActions takeBack(String pot, String reason) throws Exception {
        return send(pot + "/takebacks", Map.of("reason", reason));
    }

    private boolean inStore(String bottle) throws Exception {
        return read("/api/bottles").findValuesAsText("id").contains(bottle);
    }

    @Test
    void putsAPotBackThatWasEmptiedByMistakeAsIfNothingHadHappened() throws Exception {
        String pot = juice();
        clock.advance(Duration.ofDays(9));
        JsonNode before = read(pot);
        JsonNode bottles = answer(send(pot + "/bottles", strain("400 mL", "cool-dark", true)));
        String bottle = bottles.at("/0/id").asText();
        clock.advance(Duration.ofMinutes(20));
        assertThat(read(pot).at("/takeBack/words").asText()).contains("was emptied into P");
        assertThat(read(pot).at("/takeBack/wantsReason").asBoolean()).isFalse();
        takeBack(pot, "").andExpect(jsonPath("$.state").value("WORKING"));
        JsonNode after = read(pot);
        assertThat(after.get("contents")).isEqualTo(before.get("contents"));
        assertThat(after.at("/bottling/most")).isEqualTo(before.at("/bottling/most"));
        assertThat(inStore(bottle)).isFalse();
        send(pot + "/bottles", strain("400 mL", "cool-dark", true)).andExpect(status().isOk());
    }

    @Test
    void asksForAReasonOnceAnHourHasPassedAndLogsIt() throws Exception {
        String pot = juice();
        clock.advance(Duration.ofDays(9));
        send(pot + "/bottles", strain("400 mL", "cool-dark", true)).andExpect(status().isOk());
        clock.advance(Duration.ofHours(30));
        takeBack(pot, "")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("reason"));
        takeBack(pot, "it was J9").andExpect(jsonPath("$.state").value("WORKING"));
    }

    @Test
    void leavesItWhereABottleWasPouredFromOrTheVesselIsFilledAnew() throws Exception {
        String pot = juice();
        String vessel = read(pot).get("vesselId").asText();
        clock.advance(Duration.ofDays(9));
        JsonNode bottles = answer(send(pot + "/bottles", strain("400 mL", "cool-dark", true)));
        send("/api/feeds", feed(bottles.at("/0/id").asText(), "SOIL", "mix", "10 L", "can", "10 L"))
                .andExpect(status().isOk());
        takeBack(pot, "")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("bottle-used"));

        String other = juice();
        String its = read(other).get("vesselId").asText();
        send(other + "/disposals", Map.of("reason", "smelt"));
        UUID key = UUID.randomUUID();
        send(
                        "/api/pots",
                        key,
                        Map.of(
                                "name",
                                "Next",
                                "recipe",
                                Map.of(
                                        "methodId",
                                        "plant-juice-open",
                                        "anchor",
                                        "IN_HAND",
                                        "inHand",
                                        Map.of("plant", "500 g"),
                                        "vesselId",
                                        its)))
                .andExpect(status().isCreated());
        takeBack(other, "").andExpect(jsonPath("$.code").value("vessel-taken"));
        assertThat(vessel).isNotEqualTo(its);
    }

    @Test
    void putsADrawnBottleBackAndWhatWasToppedUpForIt() throws Exception {
        String bucket = pot("weed-bucket", "plant", "3 kg", "20 L", "placeId", idOf("/api/places", "name", "Lee wall"));
        clock.advance(Duration.ofDays(60));
        JsonNode before = read(bucket);
        send(
                        bucket + "/drawings",
                        Map.of(
                                "bottle",
                                Map.of(
                                        "volume",
                                        "2 L",
                                        "keepId",
                                        before.at("/bottling/keeps/0/id").asText()),
                                "toppedUp",
                                true,
                                "early",
                                true))
                .andExpect(status().isOk());
        assertThat(read(bucket).get("sums")).isNotEqualTo(before.get("sums"));
        takeBack(bucket, "").andExpect(status().isOk());
        JsonNode after = read(bucket);
        assertThat(after.get("sums")).isEqualTo(before.get("sums"));
        assertThat(after.at("/bottling/most/text")).isEqualTo(before.at("/bottling/most/text"));
    }

    @Test
    void poursASplitPotTogetherAgainUnlessSomethingWasDoneWithIt() throws Exception {
        String pot = juice();
        JsonNode before = read(pot);
        String jar = idOf("/api/vessels", "code", "J1");
        String part = "/api/pots/"
                + answer(send(pot + "/splits", Map.of("vesselId", jar, "share", "30 %", "confirmed", List.of("frost"))))
                        .at("/summary/id")
                        .asText();
        assertThat(read(pot).get("contents")).isNotEqualTo(before.get("contents"));
        takeBack(part, "")
                .andExpect(
                        jsonPath("$.summary.id").value(before.at("/summary/id").asText()));
        assertThat(read(pot).get("contents")).isEqualTo(before.get("contents"));
        assertThat(read("/api/pots").findValuesAsText("id")).doesNotContain(part.substring("/api/pots/".length()));
    }

    @Test
    void learnsNothingFromAVolumeThatNobodyMeasured() throws Exception {
        String first = usualYield();
        for (int i = 0; i < 4; i++) {
            String pot = juice();
            clock.advance(Duration.ofDays(12));
            send(
                            pot + "/checks",
                            Map.of("act", "STIRRED", "signs", Map.of("bubbles", "few-bubbles", "smell", "sweet-sour")))
                    .andExpect(status().isOk());
            Map<String, Object> guessed = Map.of(
                    "bottles",
                    List.of(Map.of("volume", "200 mL", "keepId", "cool-dark", "guessed", true)),
                    "early",
                    false);
            send(pot + "/bottles", guessed).andExpect(status().isOk());
        }
        assertThat(usualYield()).isEqualTo(first);
    }

    private String usualYield() throws Exception {
        String pot = juice();
        String text = read(pot).at("/bottling/expected/text").asText();
        send(pot + "/disposals", Map.of("reason", "only asked"));
        return text;
    }

    @Test
    void keepsWhatDrainsOffABinInACanForThatDay() throws Exception {
        String bin = pot("bokashi-bin", "waste", "8 kg", "20 L");
        assertThat(read(bin).at("/drains/name").asText()).isEqualTo("bin liquid");
        String most = read(bin).at("/bottling/most/text").asText();
        clock.advance(Duration.ofDays(3));
        JsonNode after =
                answer(send(bin + "/checks", Map.of("act", "DRAINED", "signs", Map.of(), "drained", "300 mL")));
        JsonNode can = after.at("/line/bottles/0");
        assertThat(can.get("level").asText()).isEqualTo("300 mL");
        assertThat(can.get("useByWords").asText()).isEqualTo("to be used today");
        assertThat(can.get("labelLine").asText()).contains("soil 1:100");
        assertThat(after.at("/bottling/most/text").asText()).isEqualTo(most);
        send(bin + "/checks", Map.of("act", "DRAINED", "signs", Map.of(), "drained", "900 L"))
                .andExpect(jsonPath("$.field").value("drained"));
        send(juice() + "/checks", Map.of("act", "LOOKED", "signs", Map.of(), "drained", "1 L"))
                .andExpect(jsonPath("$.detail", containsString("Nothing that is used drains off")));
    }

    /** Handbook of the craft, section 6: sugar is weighed against the serum; 750 mL of it weigh 773 g (1.03 kg/L). */
    @Test
    void tellsTheSugarForASerumWhatItComesToAndHowStrongThatIs() throws Exception {
        String serum = pot("lactic-serum-even", "milk", "1.5 L", "5 L");
        clock.advance(Duration.ofDays(8));
        JsonNode bottle = answer(send(serum + "/bottles", strain("750 mL", "sugar", true)))
                .get(0);
        assertThat(bottle.at("/sugar/words").asText())
                .isEqualTo(
                        "Stir 773 g of brown sugar into 750 mL: dissolved, it comes to 1.23 L. Vented cap, cool. It wants a bottle of 1.45 L or more.");
        assertThat(bottle.get("level").asText()).isEqualTo("1.23 L");
        assertThat(bottle.get("labelLine").asText()).contains("soil 1:610");
        JsonNode mix =
                answer(send("/api/mixes", feed(bottle.get("id").asText(), "SOIL", "mix", "10 L", "can", "10 L")));
        assertThat(mix.toString()).contains("1:610");
    }

    /** Handbook of the craft, section 9: 1:10 by weight leaves 56 % of the shell. */
    @Test
    void startsTheNextPotWithTheShellsThatAreLeft() throws Exception {
        String shells = pot("shell-calcium-tenfold", "shells", "100 g", "3 L");
        clock.advance(Duration.ofDays(12));
        send(shells + "/bottles", strain("800 mL", "cool-dark", true)).andExpect(status().isOk());
        JsonNode ended = read(shells);
        assertThat(ended.at("/line/shellsLeft/words").asText())
                .matches("About 5[67] g of shells are left in it: they start the next pot\\.");
        Map<String, Object> next = Map.of(
                "methodId",
                "shell-calcium-tenfold",
                "anchor",
                "IN_HAND",
                "inHand",
                Map.of("shells", "100 g"),
                "vesselId",
                ended.get("vesselId").asText(),
                "refills",
                ended.at("/summary/id").asText());
        JsonNode told = answer(send("/api/recipes", next)).at("/amounts/0/already");
        assertThat(told.get("words").asText())
                .matches("About 5[67] g of it lies there already from the pot before: add 4[34] g\\.");
    }

    @Test
    void letsNoPotStandInAVesselThatHeldAnotherThen() throws Exception {
        String pot = juice();
        String vessel = read(pot).get("vesselId").asText();
        clock.advance(Duration.ofDays(9));
        send(pot + "/disposals", Map.of("reason", "smelt")).andExpect(status().isOk());
        clock.advance(Duration.ofDays(3));
        Map<String, Object> earlier = Map.of(
                "methodId",
                "plant-juice-open",
                "anchor",
                "IN_HAND",
                "inHand",
                Map.of("plant", "500 g"),
                "vesselId",
                vessel,
                "since",
                "5 days ago");
        send("/api/pots", Map.of("name", "Earlier", "recipe", earlier))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("held Trial until")));
        Map<String, Object> later = new HashMap<>(earlier);
        later.put("since", "2 days ago");
        send("/api/pots", Map.of("name", "Later", "recipe", later)).andExpect(status().isCreated());
    }
}
