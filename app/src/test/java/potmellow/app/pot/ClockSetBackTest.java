package potmellow.app.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

/** A clock that was set back: what is done later counts later all the same, and somebody is told. */
@Transactional
class ClockSetBackTest extends ApplicationTest {
    private String pot;

    @BeforeEach
    void aPotWithSomethingWrittenDownAndTheClockSetBack() throws Exception {
        pot = "/api/pots/" + idOf("/api/pots", "code", "J4");
        clock.advance(Duration.ofDays(3));
        send(pot + "/checks", Map.of("act", "STIRRED", "signs", Map.of())).andExpect(status().isOk());
        clock.advance(Duration.ofDays(-10));
    }

    private void move(String place) throws Exception {
        send(pot + "/moves", Map.of("placeId", idOf("/api/places", "name", place)))
                .andExpect(status().isOk());
        assertThat(read(pot).at("/summary/place").asText()).isEqualTo(place);
    }

    @Test
    void movesAPotEachTimeItIsMoved() throws Exception {
        move("Lee wall");
        move("Galley shelf");
        clock.advance(Duration.ofDays(-5));
        move("Lee wall");
    }

    @Test
    void putsEveryEntryAfterTheLast() throws Exception {
        for (String note : new String[] {"first", "second", "third"}) {
            clock.advance(Duration.ofHours(-1));
            send(pot + "/checks", Map.of("act", "LOOKED", "signs", Map.of(), "note", note))
                    .andExpect(status().isOk());
        }
        JsonNode log = read(pot).get("log");
        for (int i = 1; i < log.size(); i++) {
            assertThat(Instant.parse(log.get(i - 1).get("at").asText()))
                    .isAfterOrEqualTo(Instant.parse(log.get(i).get("at").asText()));
        }
        assertThat(log.toString()).contains("first", "second", "third");
    }

    @Test
    void emptiesAPotAndTakesThatBack() throws Exception {
        send(pot + "/bottles", UUID.randomUUID(), strain("200 mL", "fridge", true))
                .andExpect(status().isOk());
        assertThat(read("/api/pots").toString()).doesNotContain(pot.substring(pot.lastIndexOf('/') + 1));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1, -400})
    void answersEveryPageHoweverFarItWasSetBack(int days) throws Exception {
        clock.advance(Duration.ofDays(days));
        for (String page : new String[] {"/api/round", "/api/pots", pot, "/api/bottles", "/api/beds", "/api/plan"}) {
            mvc.perform(get(page)).andExpect(status().isOk());
        }
    }

    @Test
    void tellsThatTheClockIsWrong() throws Exception {
        mvc.perform(get("/api/garden"))
                .andExpect(jsonPath("$.clock", containsString("Sat 23 May 2026")))
                .andExpect(jsonPath("$.clock", containsString("Wed 13 May 2026")));
        clock.advance(Duration.ofDays(10));
        mvc.perform(get("/api/garden")).andExpect(jsonPath("$.clock").doesNotExist());
    }
}
