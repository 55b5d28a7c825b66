package potmellow.app.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.core.book.Book;
import potmellow.core.book.Method;

@Transactional
class BookControllerTest extends ApplicationTest {
    @Autowired
    private JdbcClient database;

    static List<String> methods() {
        return Book.load().methods().stream().map(Method::id).toList();
    }

    private String file(String id, String format) throws Exception {
        return mvc.perform(get("/api/book/methods/" + id + "/file").param("format", format))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
    }

    private int ownMethods() throws Exception {
        int own = 0;
        for (JsonNode family : read("/api/book")) {
            for (JsonNode method : family.get("methods")) {
                own += method.get("own").asBoolean() ? 1 : 0;
            }
        }
        return own;
    }

    private static Map<String, Object> draft(String from, String school, Map<String, ?> amounts) {
        return Map.of("fromId", from, "title", "Nettle liquid", "school", school, "amounts", amounts);
    }

    @Test
    void listsEveryFamilyWithItsMethods() throws Exception {
        JsonNode families = read("/api/book");
        assertThat(families).hasSize(8);
        assertThat(families.get(0).get("methods").get(0).get("schools").asInt()).isEqualTo(3);
    }

    @ParameterizedTest
    @MethodSource("methods")
    void tellsEveryMethodAsACardWithMarksAndNoWordUnfilled(String id) throws Exception {
        JsonNode card = read("/api/book/methods/" + id);
        assertThat(card.get("parts")).isNotEmpty();
        assertThat(card.get("parts"))
                .allMatch(part -> !part.get("markWords").asText().isBlank());
        assertThat(card.get("steps"))
                .allMatch(step -> !step.get("words").asText().contains("{"));
        assertThat(card.get("keeps")).isNotEmpty();
    }

    @Test
    void linksBrewsIntoChains() throws Exception {
        JsonNode culture = read("/api/book/methods/activated-culture");
        assertThat(culture.get("madeOf").findValuesAsText("id"))
                .containsExactly("lactic-serum-milk-rich", "lactic-serum-even");
        assertThat(culture.get("goesInto").findValuesAsText("id")).containsExactly("bokashi-bran");
    }

    @Test
    void laysSchoolsSideBySideAndMarksWhatDiffers() throws Exception {
        JsonNode schools = read("/api/book/products/shell-calcium/schools");
        assertThat(schools.get("schools")).hasSize(3);
        for (JsonNode row : schools.get("rows")) {
            if (row.get("aspect").asText().equals("Eggshells, for 1 litre")) {
                assertThat(row.get("differs").asBoolean()).isTrue();
                assertThat(row.get("cells").get(0).get("working").get("steps")).isNotEmpty();
            }
            if (row.get("aspect").asText().equals("Strength on soil")) {
                assertThat(row.get("differs").asBoolean()).isFalse();
            }
        }
    }

    @Test
    void tellsTheNumbersThatBelongToNoMethod() throws Exception {
        JsonNode facts = read("/api/book/facts");
        assertThat(facts.get("pages").findValuesAsText("title"))
                .contains("Quantities", "Ratios", "Water", "Vessels, lids, gas", "Keeping and using up", "Safety");
        assertThat(facts.get("oxygen").get(4).get("saturation").asText()).isEqualTo("9.09 mg/L");
        assertThat(facts.get("lids")).hasSize(8);
        assertThat(facts.get("materials").size()).isGreaterThan(50);
    }

    @Test
    void saysThatAMethodIsNotHere() throws Exception {
        assertThat(read("/api/book/methods/elixir").get("status").asInt()).isEqualTo(404);
        assertThat(read("/api/book/products/elixir/schools").get("status").asInt())
                .isEqualTo(404);
    }

    @Test
    void keepsAnOwnMethodBesideTheShippedOnesAndScalesIt() throws Exception {
        send("/api/book/own", draft("nettle-tea", "Half full", Map.of("plant", "0.5")))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.id").value("own-nettle-liquid-half-full"))
                .andExpect(jsonPath("$.own").value(true));
        JsonNode card = read("/api/book/methods/own-nettle-liquid-half-full");
        assertThat(card.get("parts").get(0).get("amount").asText()).isEqualTo("50 % of the vessel");
        assertThat(card.get("parts").get(0).get("markWords").asText()).isEqualTo("your own batches");
        send("/api/recipes", Map.of("methodId", "own-nettle-liquid-half-full", "anchor", "VESSEL", "capacity", "10 L"))
                .andExpect(jsonPath("$.amounts[0].amount.text").value("1 kg"));
    }

    @Test
    void saysWhatIsOddWhileItIsTypedAndKeepsNothingOfIt() throws Exception {
        Map<String, Object> odd = Map.of(
                "fromId",
                "plant-juice-open",
                "title",
                "Juice",
                "school",
                "Hasty",
                "amounts",
                Map.of("sugar", "0.3"),
                "windows",
                Map.of("ferment", Map.of("least", "1", "most", "2")),
                "strengths",
                Map.of("SOIL", "20"));
        send("/api/book/drafts", odd)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.findings[*].rule")
                        .value(org.hamcrest.Matchers.containsInAnyOrder("own-sugar", "own-time", "own-strength")))
                .andExpect(jsonPath("$.yaml", containsString("school:")));
        assertThat(ownMethods()).isZero();
    }

    @Test
    void saysBesideTheFieldWhatCannotBe() throws Exception {
        send("/api/book/drafts", draft("nettle-tea", "Odd", Map.of("plant", "lots")))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("amounts.plant"));
        send("/api/book/drafts", draft("nettle-tea", "Odd", Map.of("plant", "1.5")))
                .andExpect(jsonPath("$.field").value("draft"))
                .andExpect(jsonPath("$.detail", containsString("must be from 0 to 1")));
        send("/api/book/drafts", draft("nettle-tea", "<b>", Map.of()))
                .andExpect(jsonPath("$.field").value("school"));
    }

    @Test
    void writesANewWordingAndLetsPotsKeepTheOldOne() throws Exception {
        send("/api/book/own", draft("nettle-tea", "Half full", Map.of("plant", "0.5")));
        java.util.UUID pot = java.util.UUID.randomUUID();
        Map<String, Object> recipe = Map.of(
                "methodId",
                "own-nettle-liquid-half-full",
                "anchor",
                "VESSEL",
                "capacity",
                "10 L",
                "treatment",
                "ASCORBIC");
        send("/api/pots", pot, Map.of("name", "Nettles", "recipe", recipe)).andExpect(status().isCreated());
        Map<String, Object> next =
                new java.util.HashMap<>(draft("own-nettle-liquid-half-full", "A third", Map.of("plant", "0.33")));
        next.put("replaces", "own-nettle-liquid-half-full");
        send("/api/book/own", next).andExpect(jsonPath("$.id").value("own-nettle-liquid-a-third"));
        assertThat(ownMethods()).isEqualTo(1);
        assertThat(read("/api/pots/" + pot).get("summary").get("school").asText())
                .isEqualTo("Half full");
        send("/api/book/own", next).andExpect(status().isConflict());
        send("/api/book/own/own-nettle-liquid-a-third/retirement", Map.of()).andExpect(status().isNoContent());
        assertThat(ownMethods()).isZero();
    }

    @Test
    void goesOutAndComesInAgainWithoutLoss() throws Exception {
        send("/api/book/own", draft("nettle-tea", "Half full", Map.of("plant", "0.5")));
        String yaml = file("own-nettle-liquid-half-full", "yaml");
        String howTo = file("own-nettle-liquid-half-full", "jsonld");
        send("/api/book/own/own-nettle-liquid-half-full/retirement", Map.of());
        send("/api/book/imports", Map.of("text", howTo))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.school").value("Half full"));
        send("/api/book/imports", Map.of("text", yaml)).andExpect(status().isOk());
        assertThat(ownMethods()).isEqualTo(1);
        String back = file("own-nettle-liquid-half-full-2", "yaml");
        assertThat(back.replace("-half-full-2", "-half-full")).isEqualTo(yaml);
    }

    @Test
    void offersTheSchemaThatDocumentsTheFile() throws Exception {
        assertThat(read("/api/book/method.schema.json").get("$id").asText()).isEqualTo("urn:potmellow:method:1");
    }

    @Test
    void offersTheFileUnderItsName() throws Exception {
        mvc.perform(get("/api/book/methods/nettle-tea/file"))
                .andExpect(header().string("Content-Disposition", "attachment; filename=\"nettle-tea.yaml\""))
                .andExpect(header().string("Content-Type", "application/yaml;charset=UTF-8"));
    }

    @Test
    void refusesABrokenFileWithLineAndReasonAndKeepsNothingOfIt() throws Exception {
        String yaml = file("nettle-tea", "yaml");
        for (String[] broken : new String[][] {
            {yaml.replace("basis: VESSEL", "basis: HEAP"), "Line "},
            {yaml.replace("parts:", "pieces:"), "The method nettle-tea must tell its parts."},
            {yaml.replace("  gas:", "  smoke: 1\n    gas:"), "“smoke” is not known"},
            {yaml.replaceAll("(?m)^ +mark: C\\R", ""), "Line "},
            {yaml.replace("- nettles", "- moonstone"), "moonstone, which is not in the book"},
            {yaml.replace("format: 1", "format: 9"), "The format (9) must be 1."},
            {"{ \"@type\": \"Recipe\" }", "It is no schema.org HowTo"},
            {"{ \"@type\": \"HowTo\" }", "This HowTo tells steps and supplies"},
            {"not a file at all", "Line 1"}
        }) {
            send("/api/book/imports", Map.of("text", broken[0]))
                    .andExpect(status().isUnprocessableEntity())
                    .andExpect(jsonPath("$.field").value("text"))
                    .andExpect(jsonPath("$.code").value("broken-file"))
                    .andExpect(jsonPath("$.detail", containsString(broken[1])));
        }
        assertThat(ownMethods()).isZero();
    }

    @Test
    void refusesAMethodThatWouldBurst() throws Exception {
        String yaml = file("plant-juice-open", "yaml").replace("- LOOSE", "- TIGHT");
        send("/api/book/imports", Map.of("text", yaml))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.code").value("own-lid"));
    }

    /** Texts that look like something else are kept as they are; texts that say nothing are refused; nothing bricks the garden. */
    @ParameterizedTest
    @ValueSource(
            strings = {".inf", "-.inf", ".nan", "~", "null", "yes", "12:30", "2026-11-27", "- a", "a: b", "'", "#"})
    void keepsATitleThatLooksLikeSomethingElse(String title) throws Exception {
        String yaml =
                file("nettle-tea", "yaml").replaceFirst("title: [^\n]*", "title: '" + title.replace("'", "''") + "'");
        send("/api/book/imports", Map.of("text", yaml)).andExpect(status().isOk());
        assertThat(read("/api/book").toString()).contains(json.writeValueAsString(title));
        everythingAnswers();
    }

    @ParameterizedTest
    @CsvSource({"title, title", "does, does", "name, name"})
    void refusesAMethodWithATextThatSaysNothing(String field, String named) throws Exception {
        String yaml =
                file("nettle-tea", "yaml").replaceFirst("(?m)^(\\s*)" + field + ": [^\n]*", "$1" + field + ": ''");
        send("/api/book/imports", Map.of("text", yaml))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("text"))
                .andExpect(jsonPath("$.detail").value(containsString(named)));
        everythingAnswers();
    }

    @Test
    void setsAMethodAsideThatCannotBeReadAndGoesOnWithEverythingElse() throws Exception {
        database.sql("""
                        INSERT INTO own_method (garden_id, id, title, yaml, written_at)
                        SELECT id, 'own-broken', 'Broken tea: mine', 'format: 1\nmethod: {id: own-broken', UTC_TIMESTAMP(6)
                        FROM garden""").update();
        everythingAnswers();
        JsonNode aside = read("/api/book/unreadable");
        assertThat(aside).hasSize(1);
        assertThat(aside.get(0).get("title").asText()).isEqualTo("Broken tea: mine");
        assertThat(aside.get(0).get("why").asText()).startsWith("Line ");
        send("/api/book/own/own-broken/retirement", Map.of()).andExpect(status().isNoContent());
        assertThat(read("/api/book/unreadable")).isEmpty();
    }

    private void everythingAnswers() throws Exception {
        for (String path :
                List.of("/api/book", "/api/round", "/api/pots", "/api/bottles", "/api/plan", "/api/book/unreadable")) {
            mvc.perform(get(path)).andExpect(status().isOk());
        }
    }

    private Map<String, Object> ownDraft(String from, String title, List<Map<String, Object>> added) {
        return Map.of("fromId", from, "title", title, "school", "My way", "added", added);
    }

    @Test
    void addsPartsOfTheBookAndOfOnesOwnAndPutsAnOwnBrewIntoAnother() throws Exception {
        Map<String, Object> kelp = Map.of(
                "own",
                Map.of("name", "loft kelp", "liquid", false, "litre", "400 g", "water", "80 %", "sugar", ""),
                "amount",
                "50 g");
        Map<String, Object> nettles = Map.of("materialId", "nettles", "amount", "200 g");
        JsonNode kept =
                answer(send("/api/book/own", ownDraft("plant-juice-open", "Kelp juice", List.of(kelp, nettles))));
        String method = kept.get("id").asText();
        JsonNode recipe = answer(send(
                "/api/recipes",
                Map.of(
                        "methodId",
                        method,
                        "anchor",
                        "IN_HAND",
                        "inHand",
                        Map.of("plant", "2 kg"),
                        "capacity",
                        "10 L")));
        assertThat(recipe.at("/amounts").findValuesAsText("name")).contains("Loft kelp", "Nettles");
        assertThat(recipe.toString()).contains("100 g of loft kelp", "400 g of nettles");

        JsonNode choices = answer(send("/api/book/drafts", ownDraft("activated-culture", "Kelp culture", List.of())))
                .get("materials");
        assertThat(choices.findValuesAsText("name")).contains("Kelp juice", "loft kelp");
        JsonNode next = answer(send(
                "/api/book/own",
                ownDraft(
                        "activated-culture",
                        "Kelp culture",
                        List.of(Map.of("materialId", method, "amount", "100 mL")))));
        JsonNode supply = answer(send(
                        "/api/recipes",
                        Map.of("methodId", next.get("id").asText(), "anchor", "VESSEL", "capacity", "5 L")))
                .at("/amounts/3/supply");
        assertThat(supply.get("words").asText()).isEqualTo("none in store");
        assertThat(supply.at("/missing/methodId").asText()).isEqualTo(method);
    }

    @ParameterizedTest
    @CsvSource({
        "'', 400 g, 50 g, added.0.name",
        "loft kelp, 1 L, 50 g, added.0.litre",
        "loft kelp, 400 g, some, added.0.amount"
    })
    void saysBesideItsFieldWhatAnAddedPartWants(String name, String litre, String amount, String field)
            throws Exception {
        Map<String, Object> part = Map.of(
                "own",
                Map.of("name", name, "liquid", false, "litre", litre, "water", "", "sugar", ""),
                "amount",
                amount);
        send("/api/book/drafts", ownDraft("plant-juice-open", "Kelp juice", List.of(part)))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field));
    }
}
