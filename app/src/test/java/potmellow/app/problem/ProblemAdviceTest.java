package potmellow.app.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
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
