package potmellow.app.said;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static potmellow.app.PagesToken.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

/** What waited on a phone for a connection: it happened when it was said, however late it comes. */
@Transactional
class SaidAtTest extends ApplicationTest {
    private static final Duration WAITED = Duration.ofHours(20);

    /** Everything that can wait, and where its moment is shown afterwards. */
    enum Kept {
        VISIT,
        PICTURE,
        POUR,
        FEED_TOLD,
        LOOK,
        WATERING;

        boolean saysWhen() {
            return this != PICTURE;
        }
    }

    private String pot() throws Exception {
        return idOf("/api/pots", "code", "J4");
    }

    private String planting() throws Exception {
        return idOf("/api/plantings", "name", "Kohlrabi");
    }

    private ResultActions send(Kept kind, UUID key, String saidAt, Map<String, ?> more) throws Exception {
        return switch (kind) {
            case VISIT ->
                late("/api/pots/" + pot() + "/checks", key, saidAt, with(more, "act", "LOOKED", "signs", Map.of()));
            case PICTURE -> picture(key, saidAt);
            case POUR -> late("/api/feeds", key, saidAt, with(more, pour("2 L")));
            case FEED_TOLD ->
                late(
                        "/api/feeds/told",
                        key,
                        saidAt,
                        with(
                                more,
                                "plantingIds",
                                List.of(planting()),
                                "productId",
                                "long-keeper",
                                "strength",
                                "1:200"));
            case LOOK ->
                late("/api/beds/" + planting() + "/looks", key, saidAt, with(more, "look", "PALE", "dry", false));
            case WATERING -> late("/api/beds/" + planting() + "/waterings", key, saidAt, more);
        };
    }

    private Map<String, Object> pour(String mix) throws Exception {
        return feed(idOf("/api/bottles", "name", "Pea-shoot juice"), "SOIL", "plantingId", planting(), "mix", mix);
    }

    private static Map<String, Object> with(Map<String, ?> more, Object... fields) {
        Map<String, Object> body = new HashMap<>(more);
        for (int i = 0; i < fields.length; i += 2) {
            body.put((String) fields[i], fields[i + 1]);
        }
        return body;
    }

    private static Map<String, Object> with(Map<String, ?> more, Map<String, Object> body) {
        body.putAll(more);
        return body;
    }

    private ResultActions late(String path, UUID key, String saidAt, Map<String, ?> body) throws Exception {
        return mvc.perform(keyed(post(path), key, saidAt)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(body)));
    }

    private ResultActions picture(UUID key, String saidAt) throws Exception {
        ByteArrayOutputStream drawn = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "png", drawn);
        return mvc.perform(keyed(
                multipart("/api/pots/" + pot() + "/photos")
                        .file(new MockMultipartFile("picture", "pot", "image/png", drawn.toByteArray())),
                key,
                saidAt));
    }

    private static <B extends AbstractMockHttpServletRequestBuilder<B>> B keyed(B request, UUID key, String saidAt) {
        return request.with(csrf()).header("Idempotency-Key", key).header("Said-At", saidAt);
    }

    /** The moments at which something of the kind is on the record, the one under the key first where it has one. */
    private List<String> moments(Kept kind, JsonNode answered) throws Exception {
        return switch (kind) {
            case VISIT -> answered.at("/log").findValuesAsText("at");
            case PICTURE -> answered.findValuesAsText("at");
            case POUR -> List.of(answered.at("/feed/at").asText());
            case FEED_TOLD -> List.of(answered.at("/at").asText());
            case LOOK -> answered.at("/looks").findValuesAsText("at");
            case WATERING -> answered.at("/waterings").findValuesAsText("at");
        };
    }

    @ParameterizedTest
    @EnumSource
    void countsWhenItWasSaid(Kept kind) throws Exception {
        Instant said = clock.instant();
        clock.advance(WAITED);
        JsonNode answered =
                answer(send(kind, UUID.randomUUID(), said.toString(), Map.of()).andExpect(status().isOk()));
        assertThat(moments(kind, answered)).contains(said.toString());
    }

    /** The sample day is 20 May; two days later "yesterday" would be the 21st. */
    @ParameterizedTest
    @EnumSource
    void tellsYesterdayFromThen(Kept kind) throws Exception {
        if (!kind.saysWhen()) {
            return;
        }
        Instant said = clock.instant();
        clock.advance(Duration.ofDays(2));
        JsonNode answered =
                answer(send(kind, UUID.randomUUID(), said.toString(), Map.of("when", "yesterday at 20:30")));
        assertThat(moments(kind, answered)).anyMatch(at -> at.startsWith("2026-05-19T"));
    }

    @ParameterizedTest
    @EnumSource
    void countsOnceUnderItsKeyThoughTheFirstAnswerWasLost(Kept kind) throws Exception {
        UUID key = UUID.randomUUID();
        String said = clock.instant().toString();
        JsonNode first = answer(send(kind, key, said, Map.of()));
        JsonNode second = answer(send(kind, key, said, Map.of()).andExpect(status().isOk()));
        assertThat(moments(kind, second)).isEqualTo(moments(kind, first));
    }

    @ParameterizedTest
    @EnumSource
    void asksAboutAMomentAheadOrLongAgo(Kept kind) throws Exception {
        for (Duration off :
                List.of(Duration.ofMinutes(6), SaidAt.LATEST.plusMinutes(1).negated())) {
            send(kind, UUID.randomUUID(), clock.instant().plus(off).toString(), Map.of())
                    .andExpect(status().isUnprocessableEntity())
                    .andExpect(jsonPath("$.field").value("at"));
        }
    }

    @Test
    void letsAClockBeALittleAhead() throws Exception {
        String now = clock.instant().toString();
        JsonNode pot = answer(send(
                Kept.VISIT, UUID.randomUUID(), clock.instant().plusSeconds(200).toString(), Map.of()));
        assertThat(moments(Kept.VISIT, pot)).contains(now);
    }

    /** The pour has happened: a rule that would have stood in its way can only be told of it. */
    @Test
    void writesDownAPourThatARuleWouldHaveRefused() throws Exception {
        Map<String, Object> strong = with(pour("2 L"), "target", "LEAVES");
        strong.put(
                "brews",
                List.of(with(
                        Map.of(), "bottleId", idOf("/api/bottles", "name", "Pea-shoot juice"), "strength", "1:5")));
        send("/api/feeds", strong).andExpect(status().isUnprocessableEntity());
        late("/api/feeds", UUID.randomUUID(), clock.instant().toString(), strong)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.feed.decision", containsString("1:5")));
    }

    @Test
    void isAskedAboutWhereTheBottleNoLongerHoldsIt() throws Exception {
        late("/api/feeds", UUID.randomUUID(), clock.instant().toString(), with(pour("900 L"), "area", ""))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("bottle-short"));
    }

    /** Somebody else emptied it, and only then the phone that was there before finds its connection. */
    @ParameterizedTest
    @CsvSource({"LOOKED, 200", "TOPPED_UP, 409"})
    void takesWhatWasSeenBeforeThePotWasEmptied(String act, int answered) throws Exception {
        String seen = clock.instant().toString();
        String path = "/api/pots/" + pot();
        clock.advance(Duration.ofHours(1));
        send(path + "/disposals", Map.of("reason", "mould")).andExpect(status().isOk());
        Map<String, Object> visit = Map.of("act", act, "signs", Map.of("surface", "clear"));
        late(path + "/checks", UUID.randomUUID(), seen, visit).andExpect(status().is(answered));
        late(path + "/checks", UUID.randomUUID(), clock.instant().plusSeconds(1).toString(), visit)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("pot-ended"));
    }
}
