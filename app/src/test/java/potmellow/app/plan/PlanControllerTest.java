package potmellow.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static potmellow.app.PagesToken.csrf;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.io.TimezoneAssignment;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class PlanControllerTest extends ApplicationTest {
    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.of("Europe/London"));
    }

    private String in(int days) {
        return today().plusDays(days).toString();
    }

    /** A garden that wants nothing yet. */
    private void wantNothing() throws Exception {
        for (JsonNode goal : read("/api/plan").get("goals")) {
            remove("/api/plan/goals/" + goal.get("id").asText()).andExpect(status().isNoContent());
        }
    }

    private UUID want(String product, String amount, int days) throws Exception {
        UUID id = UUID.randomUUID();
        send("/api/plan/goals", id, Map.of("product", product, "amount", amount, "by", in(days)))
                .andExpect(status().isNoContent());
        return id;
    }

    /** The plan that follows from a change. */
    private ResultActions after(ResultActions change) throws Exception {
        change.andExpect(status().isNoContent());
        return mvc.perform(get("/api/plan"));
    }

    private static JsonNode step(JsonNode plan, String method) {
        for (JsonNode step : plan.get("steps")) {
            if (step.get("methodId").asText().equals(method)) {
                return step;
            }
        }
        throw new AssertionError("no step " + method + " in " + plan.get("steps"));
    }

    private static List<String> texts(JsonNode list, String field) {
        List<String> texts = new ArrayList<>();
        list.forEach(one -> texts.add(one.get(field).asText()));
        return texts;
    }

    /** Sets the pot of a step as New pot would, in a vessel bought for it, and links it. */
    private String start(JsonNode step) throws Exception {
        Map<String, Object> recipe = new HashMap<>(Map.of(
                "methodId", step.get("methodId").asText(),
                "anchor", "WANTED",
                "wanted", step.get("wanted").asText(),
                "capacity", "5 L",
                "placeId", step.get("placeId").asText(),
                "inHand", Map.of(),
                "materials", Map.of(),
                "treatment", "STOOD"));
        String answer = send("/api/pots", Map.of("name", "As planned", "recipe", recipe))
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        String pot = json.readTree(answer).get("summary").get("id").asText();
        send("/api/plan/pots", Map.of("step", step.get("id").asText(), "potId", pot))
                .andExpect(status().isNoContent());
        return pot;
    }

    @Test
    void plansTheSeasonOfTheSampleGarden() throws Exception {
        JsonNode plan = read("/api/plan");

        assertThat(plan.get("goals")).hasSize(8);
        assertThat(texts(plan.get("steps"), "methodId"))
                .contains(
                        "rice-rinse-soured",
                        "lactic-serum-milk-rich",
                        "forest-liquid",
                        "forest-heap",
                        "bokashi-bin",
                        "compost-tea");
        assertThat(texts(plan.get("goals"), "words"))
                .anySatisfy(words -> assertThat(words).startsWith("30 L of juice at 1:500 every 14 days, "));
        assertThat(texts(plan.get("gather"), "found")).contains("WILD", "BOUGHT");
        assertThat(plan.get("notes").get(0).get("words").asText()).isNotEmpty();
    }

    @Test
    void countsBackFromAGoalWithAllItsChain() throws Exception {
        wantNothing();
        want("forest-liquid", "6 L", 80);

        JsonNode plan = read("/api/plan");
        JsonNode liquid = step(plan, "forest-liquid");

        assertThat(liquid.get("start").asText()).isEqualTo(in(78));
        assertThat(liquid.get("setWords").asText()).endsWith(", 20:00");
        assertThat(plan.get("goals").get(0).get("outcome").asText()).isEqualTo("in time");
        assertThat(liquid.get("working").get("steps")).hasSizeGreaterThan(3);
    }

    @Test
    void takesTheBrewOutOfAMixOfAStrength() throws Exception {
        wantNothing();
        after(send(
                        "/api/plan/goals",
                        Map.of(
                                "product",
                                "plant-juice",
                                "amount",
                                "40 L",
                                "strength",
                                "1:100",
                                "by",
                                in(40),
                                "until",
                                in(110),
                                "everyDays",
                                "14")))
                .andExpect(jsonPath("$.goals[0].words").value(startsWith("40 L of juice at 1:100 every 14 days, ")))
                .andExpect(jsonPath("$.goals[0].portions.length()").value(6))
                .andExpect(jsonPath("$.goals[0].portions[0].amount").value("396 mL"));
    }

    @Test
    void addsAGoalOnce() throws Exception {
        wantNothing();
        UUID key = UUID.randomUUID();
        Map<String, String> goal = Map.of("product", "plant-juice", "amount", "1 L", "by", in(40));
        send("/api/plan/goals", key, goal);
        after(send("/api/plan/goals", key, goal))
                .andExpect(jsonPath("$.goals.length()").value(1));
    }

    @Test
    void saysBesideWhichFieldSomethingIsWrong() throws Exception {
        refused(Map.of("product", "plant-juice", "amount", "lots", "by", in(40)), "amount");
        refused(Map.of("product", "no-brew", "amount", "1 L", "by", in(40)), "product");
        refused(Map.of("product", "plant-juice", "amount", "1 L", "by", in(-1)), "by");
        refused(Map.of("product", "plant-juice", "amount", "1 L", "by", in(900)), "by");
        refused(
                Map.of("product", "plant-juice", "amount", "1 L", "by", in(40), "until", in(30), "everyDays", "7"),
                "until");
        refused(Map.of("product", "plant-juice", "amount", "1 L", "by", in(40), "until", in(90)), "everyDays");
        refused(
                Map.of("product", "plant-juice", "amount", "1 L", "by", in(20), "until", in(390), "everyDays", "1"),
                "everyDays");
        refused(Map.of("product", "plant-juice", "amount", "1 L", "strength", "potent", "by", in(40)), "strength");
    }

    private void refused(Map<String, String> goal, String field) throws Exception {
        send("/api/plan/goals", goal)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field));
    }

    @Test
    void saysByHowManyDaysItIsLateAndWhatWouldHelp() throws Exception {
        wantNothing();
        UUID id = want("herb-extract", "600 mL", 10);

        JsonNode note = read("/api/plan").get("notes").get(0);

        assertThat(note.get("kind").asText()).isEqualTo("LATE");
        assertThat(note.get("words").asText()).contains("11 days late");
        assertThat(texts(note.get("remedies"), "words")).contains("Want it 11 days later");
        after(send("/api/plan/goals/" + id + "/ease", Map.of("days", 11, "share", 1)))
                .andExpect(jsonPath("$.goals[0].outcome").value("in time"));
    }

    @Test
    void wantsLess() throws Exception {
        wantNothing();
        UUID id = want("plant-juice", "1 L", 50);
        after(send("/api/plan/goals/" + id + "/ease", Map.of("days", 0, "share", 0.5)))
                .andExpect(jsonPath("$.goals[0].words").value(startsWith("500 mL of juice")));
        send("/api/plan/goals/" + id + "/ease", Map.of("days", 0, "share", 0))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("share"));
        send("/api/plan/goals/" + id + "/ease", Map.of("days", -3, "share", 1))
                .andExpect(jsonPath("$.field").value("days"));
    }

    @Test
    void settlesAWayAndAPlaceAndLeavesThemOpenAgain() throws Exception {
        wantNothing();
        want("plant-juice", "8 L", 90);
        String cupboard = idOf("/api/places", "name", "Boiler cupboard");

        after(send("/api/plan/choices", Map.of("product", "plant-juice", "methodId", "plant-juice-packed")))
                .andExpect(jsonPath("$.steps[0].methodId").value("plant-juice-packed"));
        after(send("/api/plan/choices", Map.of("product", "plant-juice", "placeId", cupboard)))
                .andExpect(jsonPath("$.steps[0].place").value("Boiler cupboard"))
                .andExpect(jsonPath("$.steps[0].methodId").value("plant-juice-packed"))
                .andExpect(jsonPath("$.choices[0].words").value("made “Slow, packed”, at Boiler cupboard"));
        after(remove("/api/plan/choices/plant-juice"))
                .andExpect(jsonPath("$.steps[0].methodId").value("plant-juice-open"));
    }

    @Test
    void refusesAWayThatMakesSomethingElse() throws Exception {
        send("/api/plan/choices", Map.of("product", "plant-juice", "methodId", "worm-tea"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("methodId"));
        send("/api/plan/choices", Map.of("product", "plant-juice", "placeId", UUID.randomUUID()))
                .andExpect(status().isNotFound());
    }

    @Test
    void saysWhatAGoalBeginsAs() throws Exception {
        JsonNode plan = read("/api/plan");
        LocalDate today = LocalDate.parse(plan.get("today").asText());
        JsonNode usual = plan.get("usual");
        assertThat(usual.get("product").asText()).isEqualTo("plant-juice");
        assertThat(usual.get("by").asText()).isEqualTo(today.plusWeeks(6).toString());
        assertThat(usual.get("until").asText()).isEqualTo(today.plusWeeks(18).toString());
        assertThat(usual.get("everyDays").asInt()).isEqualTo(14);
        assertThat(plan.get("steps").get(0).has("fill")).isFalse();
    }

    @Test
    void fillsTheBinAsFastAsSaid() throws Exception {
        wantNothing();
        want("bin-solids", "9 kg", 190);
        long usual = daysInVessel(step(read("/api/plan"), "bokashi-bin"));

        after(send("/api/plan/choices", Map.of("product", "bin-solids", "fillDays", "5")));

        JsonNode bin = step(read("/api/plan"), "bokashi-bin");
        assertThat(bin.get("fill")).hasToString("{\"product\":\"bin-solids\",\"days\":5}");
        assertThat(daysInVessel(bin)).isEqualTo(usual - 9);
        send("/api/plan/choices", Map.of("product", "bin-solids", "fillDays", "300"))
                .andExpect(jsonPath("$.field").value("fillDays"));
    }

    private static long daysInVessel(JsonNode step) {
        return LocalDate.parse(step.get("emptied").asText()).toEpochDay()
                - LocalDate.parse(step.get("start").asText()).toEpochDay();
    }

    @Test
    void linksAPotToItsStepAndCountsOnIt() throws Exception {
        wantNothing();
        want("herb-extract", "600 mL", 40);
        JsonNode step = read("/api/plan").get("steps").get(0);

        String pot = start(step);

        JsonNode plan = read("/api/plan");
        assertThat(plan.get("steps")).isEmpty();
        assertThat(plan.get("started").get(0).get("potId").asText()).isEqualTo(pot);
        assertThat(plan.get("started").get(0).get("step").asText())
                .isEqualTo(step.get("id").asText());
        assertThat(plan.get("goals").get(0).get("outcome").asText()).isEqualTo("in time");
    }

    @Test
    void answersWhenAStepIsStartedLate() throws Exception {
        wantNothing();
        want("herb-extract", "600 mL", 40);
        JsonNode step = read("/api/plan").get("steps").get(0);
        LocalDate planned = LocalDate.parse(step.get("start").asText());

        clock.advance(Duration.ofDays(planned.toEpochDay() - today().toEpochDay() + 5));
        JsonNode late = read("/api/plan");

        assertThat(late.get("moved").get(0).get("why").asText()).isEqualTo("That day is over.");
        assertThat(late.get("goals").get(0).get("lateDays").asInt()).isEqualTo(5);
        start(late.get("steps").get(0));
        assertThat(read("/api/plan").get("goals").get(0).get("lateDays").asInt())
                .isBetween(4, 6);
    }

    @Test
    void carriesOutPartOfTheSampleSeasonAndPlansTheRestAnew() throws Exception {
        JsonNode before = read("/api/plan");
        List<String> started = new ArrayList<>();
        for (JsonNode step : before.get("steps")) {
            boolean soon = LocalDate.parse(step.get("start").asText()).isBefore(today().plusDays(5));
            if (soon && step.get("inputs").isEmpty()) {
                start(step);
                started.add(step.get("id").asText());
            }
        }
        assertThat(started).isNotEmpty();

        clock.advance(Duration.ofDays(6));
        JsonNode after = read("/api/plan");

        assertThat(texts(after.get("steps"), "id")).doesNotContainAnyElementsOf(started);
        assertThat(texts(after.get("started"), "step")).containsAll(started);
        Map<String, LocalDate> free = new HashMap<>();
        after.get("steps").forEach(step -> {
            LocalDate start = LocalDate.parse(step.get("start").asText());
            String vessel = step.get("code").asText();
            assertThat(start).isAfterOrEqualTo(free.getOrDefault(vessel, today()));
            free.put(vessel, LocalDate.parse(step.get("emptied").asText()));
        });
        assertThat(texts(after.get("goals"), "outcome")).contains("in time");
        after.get("moved")
                .forEach(moved -> assertThat(moved.get("why").asText()).isNotBlank());
    }

    @Test
    void movesNothingSilentlyAndAgreesOnlyWhenAsked() throws Exception {
        wantNothing();
        want("herb-extract", "600 mL", 60);
        clock.advance(Duration.ofDays(58));
        assertThat(read("/api/plan").get("moved")).hasSize(1);

        after(mvc.perform(put("/api/plan/kept").with(csrf())))
                .andExpect(jsonPath("$.moved.length()").value(0));
    }

    @Test
    void keepsEarlierStepsWhereTheyWereWhenAGoalIsAdded() throws Exception {
        JsonNode before = read("/api/plan");
        want("lactic-serum", "500 mL", 90);
        JsonNode after = read("/api/plan");

        Map<String, String> starts = new HashMap<>();
        before.get("steps")
                .forEach(step ->
                        starts.put(step.get("id").asText(), step.get("start").asText()));
        long same = 0;
        for (JsonNode step : after.get("steps")) {
            same += step.get("start").asText().equals(starts.get(step.get("id").asText())) ? 1 : 0;
        }
        assertThat(same).isGreaterThanOrEqualTo(before.get("steps").size() - 2L);
        assertThat(after.get("moved").size()).isLessThanOrEqualTo(2);
    }

    @Test
    void refusesToLinkAPotThatIsNotThere() throws Exception {
        send("/api/plan/pots", Map.of("step", UUID.randomUUID().toString(), "potId", UUID.randomUUID()))
                .andExpect(status().isNotFound());
        remove("/api/plan/goals/" + UUID.randomUUID()).andExpect(status().isNotFound());
    }

    @Test
    void reckonsWhatTheBedsDrinkOfABrew() throws Exception {
        mvc.perform(get("/api/plan/needs/plant-juice"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.plantings", hasItem("Kohlrabi")))
                .andExpect(jsonPath("$.everyDays").isNumber())
                .andExpect(jsonPath("$.working.steps[0].words").value(containsString("mix ÷ (N + 1)")));
        mvc.perform(get("/api/plan/needs/bin-solids")).andExpect(status().isNotFound());
    }

    @Test
    void standsOnTheRoundAsWhatIsAhead() throws Exception {
        wantNothing();
        want("herb-extract", "600 mL", 22);

        assertThat(texts(read("/api/round").get("ahead"), "words"))
                .anySatisfy(words -> assertThat(words).startsWith("set ").endsWith(", as planned"));
    }

    @Test
    void givesOneEventForEveryTimeHandsAreWanted() throws Exception {
        wantNothing();
        want("forest-liquid", "6 L", 80);

        ICalendar calendar = calendar();
        JsonNode liquid = step(read("/api/plan"), "forest-liquid");

        VEvent set = event(calendar, "set-" + liquid.get("id").asText());
        assertThat(set.getSummary().getValue()).startsWith("Set Woken forest liquid in ");
        assertThat(set.getDescription().getValue()).contains("6 L of").contains("seawater");
        assertThat(set.getLocation().getValue()).isEqualTo(liquid.get("place").asText());
        Instant at = set.getDateStart().getValue().toInstant();
        assertThat(at)
                .isEqualTo(today().plusDays(78)
                        .atTime(20, 0)
                        .atZone(ZoneId.of("Europe/London"))
                        .toInstant());
        TimezoneAssignment zone = calendar.getTimezoneInfo().getTimezone(set.getDateStart());
        assertThat(zone.getTimeZone().getID()).isEqualTo("Europe/London");
        assertThat(calendar.getEvents())
                .hasSize(2 * read("/api/plan").get("steps").size());
    }

    @Test
    void keepsTheIdentifiersOfEventsThatMoved() throws Exception {
        wantNothing();
        UUID id = want("forest-liquid", "6 L", 80);
        Set<String> before = identifiers(calendar());

        send("/api/plan/goals/" + id + "/ease", Map.of("days", 9, "share", 1));

        Set<String> after = identifiers(calendar());
        assertThat(after).isEqualTo(before);
        assertThat(before).hasSize(calendar().getEvents().size());
    }

    @Test
    void servesTheCalendarAsOne() throws Exception {
        mvc.perform(get("/api/plan/calendar.ics"))
                .andExpect(status().isOk())
                .andExpect(content().contentTypeCompatibleWith("text/calendar"))
                .andExpect(content().string(startsWith("BEGIN:VCALENDAR\r\n")));
    }

    /** Read back with another library than the one that wrote it. */
    private ICalendar calendar() throws Exception {
        String text = mvc.perform(get("/api/plan/calendar.ics"))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        return Biweekly.parse(text).first();
    }

    private static VEvent event(ICalendar calendar, String uid) {
        return calendar.getEvents().stream()
                .filter(event -> event.getUid().getValue().startsWith(uid + "@"))
                .findFirst()
                .orElseThrow();
    }

    private static Set<String> identifiers(ICalendar calendar) {
        Set<String> identifiers = new HashSet<>();
        calendar.getEvents().forEach(event -> identifiers.add(event.getUid().getValue()));
        return identifiers;
    }
}
