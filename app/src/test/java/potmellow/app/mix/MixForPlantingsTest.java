package potmellow.app.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.context.annotation.Import;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.app.Statements;
import potmellow.core.feeding.Offer;

/** One judgement for every dose, as Mix, the Garden and the Round tell it. */
@Transactional
@Import(Statements.Counted.class)
class MixForPlantingsTest extends ApplicationTest {
    private static final int MOST_STATEMENTS = 10;

    private String planting(String name) throws Exception {
        return idOf("/api/plantings", "name", name);
    }

    private String bottleOf(String product, String volume) throws Exception {
        UUID id = UUID.randomUUID();
        send("/api/bottles", id, Map.of("productId", product, "volume", volume, "since", "yesterday"))
                .andExpect(status().is2xxSuccessful());
        return id.toString();
    }

    private static Map<String, Object> mix(String bottle, List<String> plantings) {
        Map<String, Object> body = new HashMap<>(feed(bottle, "SOIL"));
        body.put("plantingIds", plantings);
        return body;
    }

    private JsonNode row(JsonNode rows, String field, String value) {
        for (JsonNode row : rows) {
            if (row.get(field).asText().equals(value)) {
                return row;
            }
        }
        throw new AssertionError("no row with " + field + " " + value + " in " + rows);
    }

    @Test
    void hearsAStopWhoeverWasNamedFirst() throws Exception {
        String keeper = bottleOf("long-keeper", "5 L");
        String scorched = planting("Kohlrabi");
        String fresh = planting("Beetroot");
        send(
                        "/api/feeds/told",
                        Map.of(
                                "plantingIds",
                                List.of(scorched),
                                "productId",
                                "long-keeper",
                                "strength",
                                "1:100",
                                "when",
                                "20 days ago"))
                .andExpect(status().isOk());
        send("/api/beds/" + scorched + "/looks", Map.of("look", "SCORCHED", "dry", false));
        JsonNode there = answer(send("/api/mixes", mix(keeper, List.of(scorched, fresh))));
        JsonNode back = answer(send("/api/mixes", mix(keeper, List.of(fresh, scorched))));
        assertThat(back).isEqualTo(there);
        assertThat(there.get("refused").asBoolean()).isTrue();
        JsonNode stopped = row(there.get("plantings"), "name", "Kohlrabi");
        assertThat(stopped.get("refused").asBoolean()).isTrue();
        assertThat(stopped.get("leaveOut").asBoolean()).isTrue();
        assertThat(stopped.get("findings").toString()).contains("Scorched even at the weakest rung");
        assertThat(row(there.get("plantings"), "name", "Beetroot")
                        .get("refused")
                        .asBoolean())
                .isFalse();
        send("/api/mixes", mix(keeper, List.of(fresh)))
                .andExpect(jsonPath("$.refused").value(false));
    }

    @Test
    void offersWhatIsFitFirstAndSaysOfEveryOtherWhyNot() throws Exception {
        JsonNode offers = answer(send("/api/mixes/offers", Map.of("plantingIds", List.of(planting("Kohlrabi")))));
        List<String> fits = offers.get("offers").findValuesAsText("fit");
        assertThat(fits).startsWith("FIT").isSortedAccordingTo(Comparator.comparing(Offer.Fit::valueOf));
        assertThat(offers.get("offers").findValuesAsText("why")).allMatch(why -> why.matches("(?s).+[.?]"));
    }

    @Test
    void offersInMixWhatTheGardenProposesToday() throws Exception {
        for (JsonNode bed : read("/api/beds")) {
            for (JsonNode next : bed.get("next")) {
                if (next.get("kind").asText().equals("FEED")
                        && next.get("day").asText().equals("2026-05-20")) {
                    String bottle = next.get("bottleId").asText();
                    Map<String, Object> wish =
                            mix(bottle, List.of(bed.get("plantingId").asText()));
                    wish.put("target", next.get("target").asText());
                    send("/api/mixes", wish)
                            .andExpect(jsonPath("$.refused").value(false))
                            .andExpect(jsonPath("$.findings[?(@.severity == 'CONFIRM')]", hasSize(0)));
                }
            }
        }
    }

    @Test
    void mixesForTomorrowEarlyWithThatDaysSunAndSaysTheNextGoodHour() throws Exception {
        clock.advance(Duration.ofHours(14));
        String juice = idOf("/api/bottles", "name", "Pea-shoot juice");
        Map<String, Object> wish = mix(juice, List.of(planting("Kohlrabi")));
        wish.put("target", "LEAVES");
        JsonNode night = answer(send("/api/mixes", wish));
        assertThat(night.at("/findings").toString()).contains("At night leaves stay wet");
        String next = night.at("/hour/next/at").asText();
        assertThat(next).startsWith("2026-05-2");
        wish.put("at", next);
        JsonNode then = answer(send("/api/mixes", wish));
        assertThat(then.at("/hour/ahead").asBoolean()).isTrue();
        assertThat(then.at("/hour/next").isMissingNode()
                        || then.at("/hour/next").isNull())
                .isTrue();
        assertThat(then.at("/hour/words").asText()).containsPattern("(tomorrow|[A-Z][a-z]{2} \\d+ May) \\d+:\\d\\d");
    }

    @Test
    void givesWhatAShortBottleMakesAndTakesTheRestFromAnother() throws Exception {
        String first = bottleOf("plant-juice", "50 mL");
        String other = bottleOf("plant-juice", "400 mL");
        Map<String, Object> wish = mix(first, List.of());
        wish.put("mix", "100 L");
        JsonNode tooShort = answer(send("/api/mixes", wish)).get("tooShort");
        assertThat(tooShort.get("makes").asText()).isEqualTo("25 L");
        assertThat(tooShort.get("rests").findValuesAsText("bottleId")).contains(other);
        wish.put("mix", "25 L");
        send("/api/mixes", wish)
                .andExpect(jsonPath("$.refused").value(false))
                .andExpect(jsonPath("$.tooShort").doesNotExist());
        wish.put("mix", "100 L");
        wish.put("brews", List.of(Map.of("bottleId", first, "rest", other)));
        send("/api/feeds", wish)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.feed.brews[0].amount").value("50 mL"))
                .andExpect(jsonPath("$.feed.brews[1].amount").value("150 mL"))
                .andExpect(jsonPath("$.bottles[0].freshness").value("EMPTY"))
                .andExpect(jsonPath("$.bottles[1].level").value("250 mL"));
    }

    @Test
    void takesNoRestFromAnotherBrew() throws Exception {
        Map<String, Object> wish = mix(bottleOf("plant-juice", "50 mL"), List.of());
        wish.put(
                "brews",
                List.of(Map.of("bottleId", bottleOf("plant-juice", "9 mL"), "rest", bottleOf("lactic-serum", "1 L"))));
        send("/api/mixes", wish)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("rest"));
    }

    @Test
    void writesDownAPourOfYesterdayAtItsDay() throws Exception {
        String juice = idOf("/api/bottles", "name", "Pea-shoot juice");
        Map<String, Object> wish = mix(juice, List.of(planting("Kohlrabi")));
        wish.put("when", "yesterday at 18:00");
        send("/api/feeds", wish)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.feed.at").value(startsWith("2026-05-19T")))
                .andExpect(jsonPath("$.feed.undoable").value(true))
                .andExpect(jsonPath("$.next[0].planting").value("Kohlrabi"));
        wish.remove("when");
        send("/api/mixes", wish)
                .andExpect(jsonPath("$.findings[?(@.rule == 'apart')].words")
                        .value(
                                "Kohlrabi: fed within the last day. Leave three days between two feeds, or you won't know"
                                        + " which one they answer to."));
    }

    @Test
    void leavesABottleThatWasMeasuredSinceAsItIs() throws Exception {
        String juice = idOf("/api/bottles", "name", "Pea-shoot juice");
        send("/api/bottles/" + juice + "/measures", Map.of("level", "500 mL"));
        Map<String, Object> wish = mix(juice, List.of());
        wish.put("when", "yesterday at 18:00");
        send("/api/feeds", wish)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("bottle-measured"));
        assertThat(row(read("/api/bottles"), "id", juice).get("level").asText()).isEqualTo("500 mL");
    }

    @Test
    void poursATestedTeaWithinTheWaitAsARecordedDecision() throws Exception {
        String tea = bottleOf("worm-tea", "10 L");
        clock.advance(Duration.ofHours(-10));
        Map<String, Object> wish = mix(tea, List.of(planting("Beetroot")));
        JsonNode judged = answer(send("/api/mixes", wish));
        JsonNode harvest = row(judged.get("findings"), "rule", "harvest");
        assertThat(harvest.get("severity").asText()).isEqualTo("CONFIRM");
        assertThat(harvest.get("words").asText()).contains("120 days before", "E. coli in 100 mL", "Task Force 2004");
        List<String> all = new ArrayList<>();
        judged.get("findings").forEach(found -> all.add(found.get("rule").asText()));
        wish.put("confirmed", all);
        if (!judged.get("refused").asBoolean()) {
            send("/api/feeds", wish)
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$.feed.decision", containsString("Pour it only if yours was tested")));
        }
    }

    @Test
    void saysFromWhenOnWhatWasFedMayBePicked() throws Exception {
        String beets = planting("Beetroot");
        send(
                "/api/feeds/told",
                Map.of(
                        "plantingIds",
                        List.of(beets),
                        "productId",
                        "manure-brew",
                        "strength",
                        "1:20",
                        "when",
                        "10 May 2026"));
        assertThat(row(read("/api/beds"), "plantingId", beets).at("/pick/words").asText())
                .isEqualTo("Pick nothing before 7 Sep 2026.");
    }

    @Test
    void namesPlantingsThatWereClearedAway() throws Exception {
        String kohlrabi = planting("Kohlrabi");
        send("/api/feeds", mix(idOf("/api/bottles", "name", "Pea-shoot juice"), List.of(kohlrabi)));
        send("/api/plantings/" + kohlrabi + "/end", Map.of());
        assertThat(read("/api/feeds").get(0).get("plantings").toString()).contains("Kohlrabi");
    }

    @Test
    void strikesAWatering() throws Exception {
        String kohlrabi = planting("Kohlrabi");
        UUID key = UUID.randomUUID();
        send("/api/beds/" + kohlrabi + "/waterings", key, Map.of());
        remove("/api/beds/" + kohlrabi + "/waterings/" + key)
                .andExpect(jsonPath("$.waterings[0].struck").value(true))
                .andExpect(jsonPath("$.marks[?(@.kind == 'WATER')]", hasSize(0)));
        remove("/api/beds/" + kohlrabi + "/waterings/" + UUID.randomUUID()).andExpect(status().isNotFound());
    }

    /** Counted, not timed: what a moving finger asks costs as much for eight plantings as for one. */
    @Test
    void answersWithinTenStatementsHoweverManyPlantings() throws Exception {
        List<String> all = new ArrayList<>();
        read("/api/plantings").forEach(planting -> all.add(planting.get("id").asText()));
        String juice = idOf("/api/bottles", "name", "Pea-shoot juice");
        send("/api/mixes", mix(juice, all));
        long one = Statements.of(() -> send("/api/mixes", mix(juice, all.subList(0, 1))));
        long many = Statements.of(() -> send("/api/mixes", mix(juice, all)));
        assertThat(many).isEqualTo(one).isLessThanOrEqualTo(MOST_STATEMENTS);
        assertThat(Statements.of(() -> send("/api/mixes/offers", Map.of("plantingIds", all))))
                .isLessThanOrEqualTo(MOST_STATEMENTS);
    }
}
