package potmellow.app.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static potmellow.app.PagesToken.csrf;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;

@Transactional
class PhotoControllerTest extends ApplicationTest {
    @Autowired
    private JdbcClient database;

    /** The smallest WebP there is: one pixel. */
    private static final String WEBP = "UklGRiQAAABXRUJQVlA4IBgAAAAwAQCdASoBAAEAAwA0JaQAA3AA/vuUAAA=";

    private String photos;

    @BeforeEach
    void pot() throws Exception {
        photos = "/api/pots/" + idOf("/api/pots", "name", "Pea-shoot juice") + "/photos";
    }

    /** Left half red, right half blue. */
    private static byte[] picture(String kind, int width, int height) throws Exception {
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                picture.setRGB(x, y, (x < width / 2 ? Color.RED : Color.BLUE).getRGB());
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, kind, bytes);
        return bytes.toByteArray();
    }

    /** Puts an EXIF block with a turn and a place into a JPEG. */
    private static byte[] withExif(byte[] jpeg, int turn) {
        byte[] place = "GPS 50.1234 N".getBytes(StandardCharsets.US_ASCII);
        ByteBuffer block = ByteBuffer.allocate(6 + 8 + 2 + 12 + 4 + place.length);
        block.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        block.putShort((short) 0x4D4D).putShort((short) 42).putInt(8);
        block.putShort((short) 1)
                .putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) turn);
        block.putShort((short) 0).putInt(0).put(place);
        ByteBuffer whole = ByteBuffer.allocate(jpeg.length + 4 + block.capacity());
        whole.put(jpeg, 0, 2)
                .putShort((short) 0xFFE1)
                .putShort((short) (block.capacity() + 2))
                .put(block.array());
        return whole.put(jpeg, 2, jpeg.length - 2).array();
    }

    private ResultActions add(byte[] bytes, UUID key) throws Exception {
        return mvc.perform(multipart(photos)
                .file(new MockMultipartFile("picture", "pot", "image/jpeg", bytes))
                .with(csrf())
                .header("Idempotency-Key", key));
    }

    private byte[] stored(UUID id, boolean small) throws Exception {
        return mvc.perform(get(photos + "/" + id).param("small", String.valueOf(small)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {"jpeg", "png"})
    void drawsAPictureAnewNoLargerThanItShows(String kind) throws Exception {
        UUID id = UUID.randomUUID();
        add(picture(kind, 2400, 1200), id)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[0].width").value(1600))
                .andExpect(jsonPath("$[0].height").value(800));
        assertThat(ImageIO.read(new ByteArrayInputStream(stored(id, true))).getWidth())
                .isEqualTo(320);
    }

    @Test
    void readsWebP() throws Exception {
        add(Base64.getDecoder().decode(WEBP), UUID.randomUUID())
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[0].width").value(1));
    }

    @Test
    void keepsNothingOfWhereAndWithWhatItWasTaken() throws Exception {
        UUID id = UUID.randomUUID();
        add(withExif(picture("jpeg", 400, 200), 1), id);
        String text = new String(stored(id, false), StandardCharsets.ISO_8859_1);
        assertThat(text).doesNotContain("Exif", "GPS", "50.1234");
    }

    /** Turn 6: the camera was held on its side; the left of the file is the top of the picture. */
    @Test
    void turnsAPictureUprightBeforeItForgetsHowTheCameraWasHeld() throws Exception {
        UUID id = UUID.randomUUID();
        add(withExif(picture("jpeg", 400, 200), 6), id)
                .andExpect(jsonPath("$[0].width").value(200))
                .andExpect(jsonPath("$[0].height").value(400));
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(stored(id, false)));
        assertThat(new Color(upright.getRGB(100, 50)).getRed()).isGreaterThan(200);
        assertThat(new Color(upright.getRGB(100, 350)).getBlue()).isGreaterThan(200);
    }

    @Test
    void keepsAPictureSentTwiceOnce() throws Exception {
        UUID id = UUID.randomUUID();
        add(picture("png", 40, 20), id);
        add(picture("png", 40, 20), id).andExpect(jsonPath("$.length()").value(1));
    }

    @ParameterizedTest
    @ValueSource(strings = {"<svg xmlns='http://www.w3.org/2000/svg'/>", "GIF89a", ""})
    void saysWhatIsTakenWhereItIsNoSuchPicture(String text) throws Exception {
        add(text.getBytes(StandardCharsets.UTF_8), UUID.randomUUID())
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("picture"))
                .andExpect(jsonPath("$.detail", containsString("JPEG, PNG and WebP of at most 8 MB")));
    }

    @Test
    void takesNoPictureOfMoreThanEightMegabytes() throws Exception {
        add(new byte[8 * 1024 * 1024 + 1], UUID.randomUUID())
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("The picture is larger than 8 MB.")));
    }

    @Test
    void isNotServedUnderAnotherPotsAddress() throws Exception {
        UUID id = UUID.randomUUID();
        add(picture("png", 40, 20), id);
        String other = read("/api/pots").findValuesAsText("id").stream()
                .filter(pot -> !photos.contains(pot))
                .findFirst()
                .orElseThrow();
        mvc.perform(get("/api/pots/" + other + "/photos/" + id)).andExpect(status().isNotFound());
    }

    @Test
    void isTakenOutOfSightAndNotRubbedOut() throws Exception {
        UUID id = UUID.randomUUID();
        add(picture("png", 40, 20), id);
        String address = photos + "/" + id;
        mvc.perform(get(address))
                .andExpect(status().isOk())
                .andExpect(header().string("Cache-Control", "no-cache, private"));
        mvc.perform(get(address).header("If-None-Match", "\"" + id + "\"")).andExpect(status().isNotModified());
        send(address + "/strikes", Map.of()).andExpect(jsonPath("$.length()").value(0));
        mvc.perform(get(address)).andExpect(status().isNotFound());
        Integer kept = database.sql("SELECT COUNT(*) FROM photo WHERE id = :id")
                .param("id", id)
                .query(Integer.class)
                .single();
        assertThat(kept).isEqualTo(1);
        send(photos + "/" + id + "/strikes", Map.of())
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("struck-already"));
    }
}
