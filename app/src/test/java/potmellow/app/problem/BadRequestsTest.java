package potmellow.app.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static potmellow.app.PagesToken.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.sql.Savepoint;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.ConnectionHolder;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import potmellow.app.ApplicationTest;

/** Nothing that is sent, whatever it is, is answered by anything but a plain word: generated requests over every operation. */
@Transactional
class BadRequestsTest extends ApplicationTest {
    private static final int ROUNDS = Integer.getInteger("potmellow.bad.rounds", 44);
    /** In every so many rounds it is looked whether what was refused left anything behind. */
    private static final int WATCHED = 6;

    private static final Pattern INSIDE = Pattern.compile(
            "Exception|potmellow\\.|java\\.|springframework|jackson|SELECT |INSERT |SQL", Pattern.CASE_INSENSITIVE);

    @Autowired
    private JdbcClient database;

    @Autowired
    private DataSource connections;

    @Autowired
    private PlatformTransactionManager transactions;

    private Map<String, List<String>> ids() throws Exception {
        Map<String, List<String>> ids = new HashMap<>();
        for (String list :
                List.of("/api/pots", "/api/bottles", "/api/plantings", "/api/places", "/api/feeds", "/api/vessels")) {
            List<String> some = new ArrayList<>();
            for (JsonNode row : read(list)) {
                if (row.has("id")) {
                    some.add(row.get("id").asText());
                }
            }
            ids.put(list, some);
        }
        ids.put("/api/beds", ids.get("/api/plantings"));
        return ids;
    }

    private MockHttpServletResponse sent(BadRequests.Bad bad) throws Exception {
        MockHttpServletRequestBuilder request = MockMvcRequestBuilders.request(
                        HttpMethod.valueOf(bad.operation().method()), URI.create(bad.address()))
                .with(csrf())
                .header(
                        "Idempotency-Key",
                        UUID.nameUUIDFromBytes((bad.address() + bad.body()).getBytes(StandardCharsets.UTF_8)));
        if (bad.body() != null) {
            request.contentType(MediaType.APPLICATION_JSON).content(bad.body());
        }
        return mvc.perform(request).andReturn().getResponse();
    }

    @Test
    void areAnsweredInPlainWords() throws Exception {
        BadRequests requests = new BadRequests(18, ids());
        String stored = stored();
        Map<String, Integer> wrong = new TreeMap<>();
        Map<String, String> example = new TreeMap<>();
        long longest = 0;
        int count = 0;
        String slowest = "";
        for (int round = 0; round < ROUNDS; round++) {
            for (BadRequests.Operation operation : requests.operations()) {
                if (round > 0 && operation.path().equals("/api/backups")) {
                    // Nothing can be said wrongly there, and each makes a whole backup.
                    continue;
                }
                BadRequests.Bad bad = requests.of(operation);
                boolean watched = round % WATCHED == 0 && !operation.method().equals("GET");
                String before = watched ? garden() : "";
                Savepoint begun = transaction().getConnection().setSavepoint();
                long start = System.nanoTime();
                MockHttpServletResponse answer = sent(bad);
                count++;
                if (System.nanoTime() - start > longest) {
                    longest = System.nanoTime() - start;
                    slowest = operation.method() + " " + operation.path();
                }
                String trouble = trouble(answer);
                endAsItEnds(begun);
                if (answer.getStatus() >= 400 && watched && !garden().equals(before)) {
                    trouble += " changed the garden though it was refused";
                }
                if (!trouble.isEmpty()) {
                    String what = operation.method() + " " + operation.path() + " " + trouble;
                    wrong.merge(what, 1, Integer::sum);
                    example.putIfAbsent(what, bad.address() + " " + shortened(bad.body()));
                }
            }
        }
        System.out.println(
                "bad requests: " + count + ", the longest answer took " + longest / 1_000_000 + " ms, " + slowest);
        assertThat(wrong).as(example::toString).isEmpty();
        assertThat(stored()).as("nothing is stored beside an act").isEqualTo(stored);
    }

    /** The same, as another one would find it. */
    private String stored() {
        TransactionTemplate another = new TransactionTemplate(transactions);
        another.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        return another.execute(status -> garden());
    }

    private ConnectionHolder transaction() {
        return (ConnectionHolder) TransactionSynchronizationManager.getResource(connections);
    }

    /** What is marked to be undone is undone at its end, as it is where no test stands around it. */
    private void endAsItEnds(Savepoint begun) throws SQLException {
        if (transaction().isRollbackOnly()) {
            transaction().getConnection().rollback(begun);
            transaction().resetRollbackOnly();
        }
    }

    /** Everything that the garden consists of, as one number for each table. */
    private String garden() {
        List<String> tables = database.sql("""
                        SELECT table_name FROM information_schema.tables
                        WHERE table_schema = DATABASE() AND table_type = 'BASE TABLE' ORDER BY table_name""").query(String.class).list();
        return database.sql("CHECKSUM TABLE " + String.join(", ", tables))
                .query()
                .listOfRows()
                .toString();
    }

    @Test
    void areRefusedWhereATextIsFarTooLongOrTheWholeFarTooLargeOrDeep() throws Exception {
        String looks = "/api/beds/" + idOf("/api/plantings", "name", "Kohlrabi") + "/looks";
        send(looks, Map.of("look", "LUSH", "dry", false, "note", "x".repeat(20_001)))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("note"))
                .andExpect(jsonPath("$.detail").value("“note” has 20001 characters; at most 20000 are taken."));
        send("/api/mixes", Map.of("target", "SOIL", "plantingIds", List.of("x".repeat(20_001))))
                .andExpect(status().isBadRequest());
        for (String body : List.of("{\"note\":\"" + "x".repeat(5_000_000), "[".repeat(5_000))) {
            mvc.perform(post(looks)
                            .with(csrf())
                            .contentType(MediaType.APPLICATION_JSON)
                            .content(body))
                    .andExpect(status().isBadRequest())
                    .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON));
        }
    }

    /** Where, what was given, what is allowed. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'look':'BLUE','dry':false}|look|“look” (BLUE) can't be used. It must be one of LUSH, UPRIGHT",
                "{'dry':false}|look|“look” must be told: one of LUSH",
                "{'look':null,'dry':false}|look|“look” must be told: one of LUSH",
                "{'look':'PALE','dry':'maybe'}|dry|“dry” (maybe) can't be used. It must be true or false.",
                "{'look':'PALE','dry':false,'note':{'a':1}}|note|“note” can't be used.",
                "{'look':'PALE','colour':'red'}|colour|There is no “colour” here. Known are: dry, look, note, when.",
                "{'look':'PALE'||The request is no JSON from line 1",
                "[]||The request can't be used. It must be told with its fields"
            })
    void sayWhereTheyAreWrongAndWhatIsAllowed(String body, String field, String words) throws Exception {
        String planting = idOf("/api/plantings", "name", "Kohlrabi");
        mvc.perform(post("/api/beds/" + planting + "/looks")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body.replace('\'', '"')))
                .andExpect(status().isBadRequest())
                .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(
                        field == null
                                ? jsonPath("$.field").doesNotExist()
                                : jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail", containsString(words)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GET|/api/pots/the-old-one|400|“id” (the-old-one) can't be used. It must be an id.",
                "PATCH|/api/pots|405|That can't be done at this address.",
                "GET|/api/nowhere|404|Nothing is at this address.",
                "GET|/api/crops/%2e%2e|400|Nothing is at such an address."
            })
    void sayWhatIsWrongWithAnAddress(String method, String address, int status, String words) throws Exception {
        mvc.perform(MockMvcRequestBuilders.request(HttpMethod.valueOf(method), URI.create(address))
                        .with(csrf()))
                .andExpect(status().is(status))
                .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.detail").value(words));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"text/plain|hello|415", "multipart/form-data|hello|415", "application/json|''|400"})
    void sayHowABodyIsToBeSent(String type, String body, int status) throws Exception {
        mvc.perform(post("/api/mixes").with(csrf()).header("Content-Type", type).content(body))
                .andExpect(status().is(status))
                .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.code").value("unreadable"));
    }

    private static String shortened(String body) {
        return body == null ? "" : body.substring(0, Math.min(300, body.length()));
    }

    private static String trouble(MockHttpServletResponse response) throws Exception {
        String body = response.getContentAsString(StandardCharsets.UTF_8);
        if (response.getStatus() >= 500) {
            return String.valueOf(response.getStatus());
        }
        if (response.getStatus() >= 400
                && !String.valueOf(response.getContentType()).startsWith("application/problem+json")) {
            return response.getStatus() + " as " + response.getContentType();
        }
        if (response.getStatus() < 400) {
            return "";
        }
        if (INSIDE.matcher(body).find()) {
            return "speaks of the inside";
        }
        return body.contains("\"detail\":\"") && body.contains("\"code\":\"") ? "" : "says nothing";
    }
}
