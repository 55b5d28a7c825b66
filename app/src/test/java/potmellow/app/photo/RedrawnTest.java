package potmellow.app.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.management.ThreadMXBean;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.util.Arrays;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.measure.InvalidInput;

/** Whatever is sent as a picture: it is drawn, or refused in a sentence, within the memory that there is. */
class RedrawnTest {
    private static final long MEGABYTE = 1024 * 1024;

    private static byte[] written(BufferedImage picture, String kind) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(picture, kind, out);
        return out.toByteArray();
    }

    /** Sixteen bits a colour, half red, half blue. */
    private static byte[] deep(int side) throws IOException {
        ColorModel colours = new ComponentColorModel(
                ColorSpace.getInstance(ColorSpace.CS_sRGB), false, false, Transparency.OPAQUE, DataBuffer.TYPE_USHORT);
        BufferedImage picture =
                new BufferedImage(colours, colours.createCompatibleWritableRaster(side, side), false, null);
        short[] red = {(short) 0xFFFF, 0, 0};
        short[] blue = {0, 0, (short) 0xFFFF};
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x += side / 2) {
                short[] line = new short[3 * (side / 2)];
                for (int i = 0; i < side / 2; i++) {
                    System.arraycopy(x == 0 ? red : blue, 0, line, 3 * i, 3);
                }
                picture.getRaster().setDataElements(x, y, side / 2, 1, line);
            }
        }
        return written(picture, "png");
    }

    private static byte[] photo(int width, int height, String kind) throws IOException {
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = picture.createGraphics();
        pen.setColor(Color.GREEN);
        pen.fillRect(0, 0, width / 2, height);
        pen.dispose();
        return written(picture, kind);
    }

    @Test
    void drawsADeepAndWidePictureWithinItsShareOfTheMemory() throws IOException {
        byte[] file = deep(7000);
        ThreadMXBean memory = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = memory.getCurrentThreadAllocatedBytes();
        Redrawn drawn = Redrawn.of(file);
        assertThat((memory.getCurrentThreadAllocatedBytes() - before) / MEGABYTE)
                .isLessThan(200);
        assertThat(drawn.width()).isEqualTo(1600);
        BufferedImage seen = ImageIO.read(new ByteArrayInputStream(drawn.large()));
        assertThat(new Color(seen.getRGB(400, 800)).getRed()).isGreaterThan(230);
        assertThat(new Color(seen.getRGB(1200, 800)).getBlue()).isGreaterThan(230);
    }

    @Test
    void keepsTheShapeOfAPictureOfWhichItReadsOnlyAPart() throws IOException {
        Redrawn drawn = Redrawn.of(photo(8000, 4000, "png"));
        assertThat(drawn.width()).isEqualTo(1600);
        assertThat(drawn.height()).isEqualTo(800);
    }

    /** A picture of a few bytes that says it is as large as a field. */
    @ParameterizedTest
    @ValueSource(ints = {10_000, 60_000, Integer.MAX_VALUE})
    void refusesABombBeforeItIsRead(int side) throws IOException {
        byte[] file = photo(16, 16, "png");
        for (int i = 0; i < 4; i++) {
            file[16 + i] = (byte) (side >>> (24 - 8 * i));
            file[20 + i] = (byte) (side >>> (24 - 8 * i));
        }
        CRC32 sum = new CRC32();
        sum.update(file, 12, 17);
        for (int i = 0; i < 4; i++) {
            file[29 + i] = (byte) (sum.getValue() >>> (24 - 8 * i));
        }
        assertThatThrownBy(() -> Redrawn.of(file)).isInstanceOf(InvalidInput.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"jpeg", "png"})
    void drawsOrRefusesWhateverIsCutOffOrFlipped(String kind) throws IOException {
        byte[] file = photo(640, 480, kind);
        for (int length = 0; length < file.length; length += 100) {
            drawnOrRefused(Arrays.copyOf(file, length));
        }
        Random random = new Random(kind.hashCode());
        for (int round = 0; round < 120; round++) {
            byte[] flipped = file.clone();
            for (int flips = 1 + random.nextInt(4); flips > 0; flips--) {
                flipped[random.nextInt(flipped.length)] ^= (byte) (1 << random.nextInt(8));
            }
            drawnOrRefused(flipped);
        }
    }

    private static void drawnOrRefused(byte[] file) {
        try {
            assertThat(Redrawn.of(file).large()).isNotEmpty();
        } catch (InvalidInput refused) {
            assertThat(refused.getMessage()).contains("are taken");
        }
    }
}
