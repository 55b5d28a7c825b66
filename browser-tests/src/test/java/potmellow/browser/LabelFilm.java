package potmellow.browser;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/** What a camera sees that is held over a label: a film of one still picture, as Chromium's camera of the tests takes it (YUV4MPEG2). */
final class LabelFilm {
    private static final int WIDTH = 640;
    private static final int HEIGHT = 480;
    private static final int LABEL = 300;
    private static final byte DARK = 40;
    private static final byte LIGHT = (byte) 220;
    private static final byte NO_COLOUR = (byte) 128;

    private LabelFilm() {}

    static Path of(String text, Path file) throws IOException, WriterException {
        BitMatrix label = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, LABEL, LABEL);
        byte[] light = new byte[WIDTH * HEIGHT];
        Arrays.fill(light, LIGHT);
        for (int y = 0; y < label.getHeight(); y++) {
            for (int x = 0; x < label.getWidth(); x++) {
                if (label.get(x, y)) {
                    light[(y + (HEIGHT - LABEL) / 2) * WIDTH + x + (WIDTH - LABEL) / 2] = DARK;
                }
            }
        }
        byte[] colour = new byte[WIDTH * HEIGHT / 2];
        Arrays.fill(colour, NO_COLOUR);
        ByteArrayOutputStream film = new ByteArrayOutputStream();
        film.write(("YUV4MPEG2 W" + WIDTH + " H" + HEIGHT + " F10:1 Ip A1:1 C420jpeg\n")
                .getBytes(StandardCharsets.US_ASCII));
        for (int frame = 0; frame < 2; frame++) {
            film.write("FRAME\n".getBytes(StandardCharsets.US_ASCII));
            film.write(light);
            film.write(colour);
        }
        return Files.write(file, film.toByteArray());
    }
}
