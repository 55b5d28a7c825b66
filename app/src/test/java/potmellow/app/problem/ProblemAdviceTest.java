package potmellow.app.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.core.measure.InvalidInput;

@ExtendWith(MockitoExtension.class)
class ProblemAdviceTest {
    @Mock
    private Supplier<String> work;

    private MockMvc mvc;

    @BeforeEach
    void aControllerThatFails() {
        mvc = MockMvcBuilders.standaloneSetup(new Failing(work))
                .setControllerAdvice(new ProblemAdvice())
                .build();
    }

    @RestController
    static class Failing {
        private final Supplier<String> work;

        Failing(Supplier<String> work) {
            this.work = work;
        }

        @GetMapping("/work")
        String work() {
            return work.get();
        }
    }

    @Test
    void namesTheFieldWhatWasGivenAndWhatIsAllowed() throws Exception {
        when(work.get())
                .thenThrow(new FieldProblem("warmth", InvalidInput.outOfRange("The warmth", 300, -20, 80, "°C")));
        mvc.perform(get("/work"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().contentType("application/problem+json"))
                .andExpect(jsonPath("$.type").value("urn:potmellow:problem:out-of-range"))
                .andExpect(jsonPath("$.detail").value("The warmth (300 °C) must be from -20 °C to 80 °C."))
                .andExpect(jsonPath("$.field").value("warmth"))
                .andExpect(jsonPath("$.given").value("300 °C"))
                .andExpect(jsonPath("$.minimum").value(-20.0))
                .andExpect(jsonPath("$.maximum").value(80.0))
                .andExpect(jsonPath("$.unit").value("°C"));
    }

    @Test
    void saysThatNothingWasChangedWhenTheDatabaseDoesNotAnswer() throws Exception {
        when(work.get()).thenThrow(new CannotGetJdbcConnectionException("jdbc:mariadb://secret"));
        mvc.perform(get("/work"))
                .andExpect(status().isServiceUnavailable())
                .andExpect(jsonPath("$.code").value("no-database"))
                .andExpect(jsonPath("$.detail", containsString("nobody knows whether this counted")));
    }

    /** Codes and states as MariaDB and its driver tell them; what it means decides what the gardener is told. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1114  | HY000 | The table 'feed' is full                             | 507 | disk-full
            1021  | HY000 | Disk full (/tmp/#sql); waiting for someone            | 507 | disk-full
            1030  | HY000 | Got error 28 "No space left on device"                | 507 | disk-full
            3     | HY000 | Error writing file (Errcode: 28 "No space left")      | 507 | disk-full
            1036  | HY000 | Table 'act' is read only                              | 507 | read-only
            1290  | HY000 | running with the --read-only option                   | 507 | read-only
            1030  | HY000 | Got error 30 "Read-only file system"                  | 507 | read-only
            1205  | HY000 | Lock wait timeout exceeded                            | 503 | busy
            1213  | 40001 | Deadlock found when trying to get lock                | 503 | busy
            1040  | 08004 | Too many connections                                  | 503 | busy
            1053  | 08S01 | Server shutdown in progress                           | 503 | no-database
            1927  | 70100 | Connection was killed                                 | 503 | no-database
            0     | 08000 | Socket error                                          | 503 | no-database
            1064  | 42000 | You have an error in your SQL syntax near secret      | 500 | inside
            """)
    void saysWhatItMeansThatTheDatabaseSaidNo(int code, String state, String words, int status, String told)
            throws Exception {
        when(work.get())
                .thenThrow(new UncategorizedSQLException("secret", "SELECT", new SQLException(words, state, code)));
        mvc.perform(get("/work"))
                .andExpect(status().is(status))
                .andExpect(jsonPath("$.code").value(told))
                .andExpect(status == 503 ? header().exists("Retry-After") : header().doesNotExist("Retry-After"))
                .andExpect(content().string(not(containsString("secret"))));
    }

    @Test
    void saysThatNothingWasChangedWhereNoConnectionWasFreeAtAll() throws Exception {
        when(work.get())
                .thenThrow(new CannotCreateTransactionException(
                        "secret", new SQLTransientConnectionException("request timed out after 5000ms")));
        mvc.perform(get("/work"))
                .andExpect(status().isServiceUnavailable())
                .andExpect(jsonPath("$.code").value("busy"))
                .andExpect(jsonPath("$.detail", containsString("Nothing was changed")));
    }

    @Test
    void saysThatNobodyKnowsWhereNotEvenTheUndoingWasAnswered() throws Exception {
        when(work.get())
                .thenThrow(new TransactionSystemException("rollback failed", new SQLException("Connection is closed")));
        mvc.perform(get("/work"))
                .andExpect(status().isServiceUnavailable())
                .andExpect(jsonPath("$.code").value("no-database"));
    }

    @Test
    void saysThatNobodyKnowsWhereACommitWasNotAnswered() throws Exception {
        when(work.get())
                .thenThrow(new TransactionSystemException(
                        "secret", new SQLNonTransientConnectionException("Connection reset", "08000")));
        mvc.perform(get("/work"))
                .andExpect(status().isServiceUnavailable())
                .andExpect(jsonPath("$.detail", containsString("it counts once")));
    }

    @Test
    void saysThatOneOfTwoWritesCounts() throws Exception {
        when(work.get()).thenThrow(new DuplicateKeyException("Duplicate entry"));
        mvc.perform(get("/work"))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("twice"))
                .andExpect(jsonPath("$.detail", containsString("one of the two counts")));
    }

    @Test
    void tellsNothingOfTheInside() throws Exception {
        when(work.get()).thenThrow(new IllegalStateException("SELECT secret FROM potmellow"));
        String body = mvc.perform(get("/work"))
                .andExpect(status().isInternalServerError())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(body).doesNotContain("SELECT", "IllegalState").contains("The log of Pot Mellow tells more.");
    }

    @Test
    void tellsAConflictApartFromAMissingThing() throws Exception {
        when(work.get()).thenThrow(new Conflict("stale", "Look again.")).thenThrow(new Missing("pot"));
        mvc.perform(get("/work"))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("stale"));
        mvc.perform(get("/work"))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail", containsString("no such pot")));
    }
}
