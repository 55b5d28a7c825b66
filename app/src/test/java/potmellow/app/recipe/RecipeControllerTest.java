package potmellow.app.recipe;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class RecipeControllerTest extends ApplicationTest {
    private static final String METHOD = "plant-juice-packed";

    /** Fields by name; "plant" and "sugar" are an amount in hand and a material chosen. */
    private ResultActions work(String... fields) throws Exception {
        Map<String, Object> body = new HashMap<>(
                Map.of("methodId", METHOD, "anchor", "IN_HAND", "inHand", Map.of("plant", "640 g"), "capacity", "3 L"));
        for (int i = 0; i < fields.length; i += 2) {
            switch (fields[i]) {
                case "plant" -> body.put("inHand", Map.of("plant", fields[i + 1]));
                case "sugar" -> body.put("materials", Map.of("sugar", fields[i + 1]));
                default -> body.put(fields[i], fields[i + 1]);
            }
        }
        return send("/api/recipes", body);
    }

    @Test
    void scalesFromTheLeavesInHand() throws Exception {
        work().andExpect(status().isOk())
                .andExpect(jsonPath("$.amounts[0].amount.text").value("640 g"))
                .andExpect(jsonPath("$.amounts[1].amount.text").value("640 g"))
                .andExpect(jsonPath("$.amounts[1].amount.also").value("1 lb 6.6 oz"))
                .andExpect(jsonPath("$.amounts[1].also[0]").value("3 cups (US)"))
                .andExpect(jsonPath("$.amounts[2].amount.text").value("64 g"))
                .andExpect(jsonPath("$.makes.text").value("680 mL"))
                .andExpect(jsonPath("$.feeds.text").value("341 L of feed at 1:500"))
                .andExpect(jsonPath("$.lid.id").value("CLOTH"))
                .andExpect(jsonPath("$.place.name").value("Galley shelf"))
                .andExpect(jsonPath("$.care").value("leave it alone"))
                .andExpect(jsonPath("$.refused").value(false));
    }

    @Test
    void carriesTheWorkingOfEveryNumberWhole() throws Exception {
        work().andExpect(jsonPath("$.amounts[*].amount.working.steps[0].words", everyItem(not(""))))
                .andExpect(jsonPath("$.amounts[1].amount.working.steps[0].figures[0].value")
                        .value("640 g"))
                .andExpect(jsonPath("$.amounts[1].amount.working.markWords").value("common practice"))
                .andExpect(jsonPath("$.filling.working.markWords").value("derived, from memory"))
                .andExpect(jsonPath("$.forecast.working.steps[*].source", hasItem(containsString("Rosso"))));
    }

    @Test
    void forecastsTheDatesForThePlaceItStandsIn() throws Exception {
        work("placeId", idOf("/api/places", "name", "Lee wall"))
                .andExpect(jsonPath("$.forecast.reason", containsString(" °C on the mean of the week, it runs at ")));
        work("methodId", "plant-juice-open", "placeId", idOf("/api/places", "name", "Galley shelf"))
                .andExpect(jsonPath("$.forecast.reason", containsString("Your own")));
    }

    @Test
    void scalesFromTheJarAndFromTheJuice() throws Exception {
        work("anchor", "VESSEL", "capacity", "1 L")
                .andExpect(jsonPath("$.amounts[0].amount.text").value("253 g"));
        work("anchor", "WANTED", "wanted", "500 mL")
                .andExpect(jsonPath("$.amounts[0].amount.text").value("471 g"));
    }

    @Test
    void suggestsTheSmallestFreeVesselThatHoldsIt() throws Exception {
        Map<String, Object> body =
                Map.of("methodId", "plant-juice-open", "anchor", "IN_HAND", "inHand", Map.of("plant", "200 g"));
        send("/api/recipes", body).andExpect(jsonPath("$.vessel.code").value("J1"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "abc|unreadable|can't be read. Type a weight from 1 g to 1000 kg, such as 640 g.",
                "-5|out-of-range|Leaves and shoots in hand (-5 g) must be from 1 g to 1000 kg.",
                "0|out-of-range|Leaves and shoots in hand (0 g) must be from 1 g to 1000 kg.",
                "9999999 kg|out-of-range|Leaves and shoots in hand (9999999 kg) must be from 1 g to 1000 kg.",
                "<script>|unreadable|Leaves and shoots in hand (“<script>”) can't be read."
            })
    void saysBesideTheFieldWhatWasGivenAndWhatIsAllowed(String amount, String code, String words) throws Exception {
        work("plant", amount)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.code").value(code))
                .andExpect(jsonPath("$.field").value("inHand.plant"))
                .andExpect(jsonPath("$.detail", containsString(words)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   "})
    void saysThatTheAmountIsEmpty(String amount) throws Exception {
        work("plant", amount)
                .andExpect(jsonPath("$.code").value("empty"))
                .andExpect(jsonPath("$.detail", containsString("Leaves and shoots in hand is empty.")));
    }

    @ParameterizedTest
    @MethodSource("longTexts")
    void refusesTenThousandCharactersInAFewWords(String amount) throws Exception {
        work("plant", amount)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.code").value("too-long"))
                .andExpect(jsonPath("$.detail")
                        .value("Leaves and shoots in hand has 10000 characters; at most 60 are kept."));
    }

    static java.util.stream.Stream<String> longTexts() {
        return java.util.stream.Stream.of("9".repeat(10_000), "<".repeat(10_000));
    }

    @Test
    void tellsTheLimitsAsData() throws Exception {
        work("capacity", "5000 L")
                .andExpect(jsonPath("$.field").value("capacity"))
                .andExpect(jsonPath("$.minimum").value(50.0))
                .andExpect(jsonPath("$.maximum").value(1000000.0))
                .andExpect(jsonPath("$.unit").value("mL"))
                .andExpect(jsonPath("$.given").value("5000 L"));
    }

    @Test
    void refusesWhiteSugarATightLidAndAnOverfullJarEachWithItsReason() throws Exception {
        work("sugar", "white-sugar", "lid", "TIGHT", "capacity", "1 L")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.refused").value(true))
                .andExpect(jsonPath("$.findings[?(@.severity == 'REFUSE')].rule", hasSize(3)))
                .andExpect(jsonPath(
                        "$.findings[?(@.concerns == 'sugar')].words",
                        hasItem(containsString("White sugar is not used"))))
                .andExpect(jsonPath(
                        "$.findings[?(@.rule == 'tight-lid')].words", contains(containsString("burst the vessel"))))
                .andExpect(jsonPath(
                        "$.findings[?(@.rule == 'overfull')].words",
                        contains(containsString("it foams while it works"))));
    }

    @Test
    void refusesAVesselThatHoldsSomething() throws Exception {
        Map<String, Object> body = Map.of(
                "methodId",
                "plant-juice-open",
                "anchor",
                "IN_HAND",
                "inHand",
                Map.of("plant", "200 g"),
                "vesselId",
                idOf("/api/vessels", "code", "J4"));
        send("/api/recipes", body)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("vessel-taken"))
                .andExpect(jsonPath("$.detail", containsString("J4 already holds Pea-shoot juice.")));
    }

    @Test
    void namesTheChoicesForASugarThatDoesNotExist() throws Exception {
        work("sugar", "salt")
                .andExpect(jsonPath("$.field").value("materials.sugar"))
                .andExpect(jsonPath("$.detail").value("The choice for Sugar (“salt”) must be one of: brown-sugar."));
    }

    @Test
    void refusesJsonThatIsNone() throws Exception {
        send("/api/recipes", Map.of("anchor", "SIDEWAYS"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.code").value("unreadable"))
                .andExpect(jsonPath("$.detail", not(containsString("potmellow"))));
    }
}
