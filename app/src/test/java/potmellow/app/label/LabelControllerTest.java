package potmellow.app.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class LabelControllerTest extends ApplicationTest {
    private static final Pattern RUN = Pattern.compile("M(\\d+) (\\d+)h(\\d+)");
    private static final int SQUARE = 8;

    /** Draws the path as a picture and reads it back as a phone would. */
    private static String scan(JsonNode qr) throws Exception {
        int size = qr.get("size").asInt();
        int[] pixels = new int[size * SQUARE * size * SQUARE];
        Arrays.fill(pixels, 0xFFFFFF);
        Matcher runs = RUN.matcher(qr.get("path").asText());
        while (runs.find()) {
            int fromX = Integer.parseInt(runs.group(1)) * SQUARE;
            int toX = fromX + Integer.parseInt(runs.group(3)) * SQUARE;
            int fromY = Integer.parseInt(runs.group(2)) * SQUARE;
            for (int y = fromY; y < fromY + SQUARE; y++) {
                Arrays.fill(pixels, y * size * SQUARE + fromX, y * size * SQUARE + toX, 0);
            }
        }
        RGBLuminanceSource picture = new RGBLuminanceSource(size * SQUARE, size * SQUARE, pixels);
        return new QRCodeReader()
                .decode(new BinaryBitmap(new HybridBinarizer(picture)))
                .getText();
    }

    @Test
    void leadsAScanFromEveryVesselToWhatItHolds() throws Exception {
        JsonNode vessels = read("/api/labels").get("vessels");
        assertThat(vessels.findValuesAsText("code")).contains("J1", "B3", "D1");
        for (JsonNode label : vessels) {
            assertThat(scan(label.get("qr")))
                    .isEqualTo("http://localhost/c/" + label.get("code").asText());
        }
    }

    @Test
    void saysOnEveryBottleThatItIsNoDrinkAndHowStrong() throws Exception {
        JsonNode bottles = read("/api/labels").get("bottles");
        assertThat(bottles).isNotEmpty();
        for (JsonNode label : bottles) {
            assertThat(label.get("lines").toString()).contains("not a drink");
        }
        assertThat(bottles.toString()).contains("soil 1:500");
    }

    @Test
    void tellsWhatAVesselHoldsTodayInAnyCaseOfLetters() throws Exception {
        mvc.perform(get("/api/codes/j4"))
                .andExpect(jsonPath("$.code").value("J4"))
                .andExpect(jsonPath("$.what").value("1.5 L jar"))
                .andExpect(jsonPath("$.onDay[0].name").value("Pea-shoot juice"))
                .andExpect(jsonPath("$.onDay[0].how").value("works"));
    }

    @Test
    void tellsWhatAVesselHeldOnAnyDayOfTheYear() throws Exception {
        mvc.perform(get("/api/codes/J8").param("on", "2026-04-02"))
                .andExpect(jsonPath("$.onDay[0].name").value("Galley serum"))
                .andExpect(jsonPath("$.ever[*].name", hasItem("Forgotten serum")));
        mvc.perform(get("/api/codes/J8").param("on", "2024-01-01"))
                .andExpect(jsonPath("$.onDay.length()").value(0));
    }

    @Test
    void tellsWhatIsInABottle() throws Exception {
        String code = read("/api/bottles").get(0).get("code").asText();
        mvc.perform(get("/api/codes/" + code))
                .andExpect(jsonPath("$.bottle.code").value(code));
    }

    @Test
    void saysSoWhereNoSuchCodeWasEverGiven() throws Exception {
        mvc.perform(get("/api/codes/X99"))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail", containsString("code X99")));
    }
}
