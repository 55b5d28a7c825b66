package potmellow.app.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import potmellow.app.ApplicationTest;

class AccessTest extends ApplicationTest {
    @Test
    void refusesWritesWithoutThePagesToken() throws Exception {
        mvc.perform(post("/api/feeds").contentType(MediaType.APPLICATION_JSON).content("{}"))
                .andExpect(status().isForbidden())
                .andExpect(jsonPath("$.code").value("stale-page"))
                .andExpect(jsonPath("$.detail", containsString("Load it again")));
    }

    @ParameterizedTest
    @ValueSource(strings = {"evil.example", "127.0.0.1.evil.example", "10.0.0.5"})
    void turnsForeignHostsAway(String host) throws Exception {
        mvc.perform(get("/api/garden").with(request -> {
                    request.setServerName(host);
                    return request;
                }))
                .andExpect(status().isForbidden())
                .andExpect(jsonPath("$.code").value("foreign"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"http://evil.example", "null", "http://localhost:9999", "nonsense://["})
    void turnsForeignOriginsAway(String origin) throws Exception {
        mvc.perform(get("/api/garden").header("Origin", origin)).andExpect(status().isForbidden());
    }

    @Test
    void guardsWhatItTurnsAwayLikeEverythingElse() throws Exception {
        mvc.perform(get(java.net.URI.create("/api/crops/%2e%2e")))
                .andExpect(status().isBadRequest())
                .andExpect(header().string("X-Content-Type-Options", "nosniff"))
                .andExpect(header().string("Content-Security-Policy", "default-src 'none'"));
    }

    @Test
    void letsNoScriptInFromElsewhere() throws Exception {
        mvc.perform(get("/api/garden"))
                .andExpect(header().string("Content-Security-Policy", containsString("default-src 'self'")))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"))
                .andExpect(header().string("Referrer-Policy", "no-referrer"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/pots",
                "/pots/new",
                "/pots/standing",
                "/mix",
                "/guide/first-jar",
                "/pots/0d5a4f0e-53a1-4d0e-8f0e-0a0a0a0a0a0a"
            })
    void servesTheOnePageUnderEveryViewsAddress(String address) throws Exception {
        for (MediaType asked : List.of(MediaType.ALL, MediaType.TEXT_HTML)) {
            var page = mvc.perform(get(address).accept(asked)).andReturn().getResponse();
            assertThat(page.getForwardedUrl()).isEqualTo("/index.html");
            assertThat(page.getStatus()).isEqualTo(200);
        }
    }

    @Test
    void leadsFromALabelToItsCodeWhoeverLooks() throws Exception {
        for (MediaType asked : List.of(MediaType.ALL, MediaType.TEXT_HTML)) {
            mvc.perform(get("/c/J4").accept(asked))
                    .andExpect(status().isFound())
                    .andExpect(redirectedUrl("/codes/J4"));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"/potz", "/pots/new/elsewhere", "/codes/far-too-long-for-a-code"})
    void showsThePageThatSaysThatNothingIsThere(String address) throws Exception {
        var looked = mvc.perform(get(address).accept(MediaType.TEXT_HTML, MediaType.ALL))
                .andReturn()
                .getResponse();
        assertThat(looked.getForwardedUrl()).isEqualTo("/index.html");
        assertThat(looked.getStatus()).isEqualTo(404);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/nothing", "/assets/nothing.js", "/nothing.png"})
    void tellsDataAndFilesThatAreNoneAsAProblem(String address) throws Exception {
        mvc.perform(get(address).accept(MediaType.TEXT_HTML, MediaType.ALL))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail").value("Nothing is at this address."));
    }

    @Test
    void showsNothingOfTheInsideForAnAddressThatIsNone() throws Exception {
        String body = mvc.perform(get("/api/nothing"))
                .andExpect(status().isNotFound())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(body).doesNotContain("potmellow.app", "Exception", "at org.");
    }
}
