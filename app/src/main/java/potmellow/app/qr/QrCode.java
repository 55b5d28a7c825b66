package potmellow.app.qr;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/**
 * A QR code as an SVG path of unit squares.
 *
 * @param size its width and height, in squares, with a quiet zone of four
 * @param path the dark squares
 */
public record QrCode(int size, String path) {
    private static final int QUIET = 4;
    /** Black on white, and back (ECMA-48). */
    private static final String DARK_ON_LIGHT = "\u001b[30;107m";

    private static final String AS_BEFORE = "\u001b[0m";

    /** @param text what it says; at most some hundred characters */
    public static QrCode of(String text) {
        BitMatrix squares = squares(text);
        return new QrCode(squares.getWidth(), path(squares));
    }

    /** The same for a terminal: two rows of squares in a line of half blocks, dark on light whatever the terminal's colours are. */
    public static String inTerminal(String text) {
        BitMatrix squares = squares(text);
        StringBuilder lines = new StringBuilder();
        for (int y = 0; y < squares.getHeight(); y += 2) {
            lines.append(DARK_ON_LIGHT);
            for (int x = 0; x < squares.getWidth(); x++) {
                boolean upper = squares.get(x, y);
                boolean lower = y + 1 < squares.getHeight() && squares.get(x, y + 1);
                lines.append(upper && lower ? '█' : upper ? '▀' : lower ? '▄' : ' ');
            }
            lines.append(AS_BEFORE).append('\n');
        }
        return lines.toString();
    }

    private static BitMatrix squares(String text) {
        try {
            return new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    QUIET,
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.Q,
                                    EncodeHintType.CHARACTER_SET,
                                    "UTF-8"));
        } catch (WriterException e) {
            throw new IllegalArgumentException("The text “" + text + "” doesn't fit into a QR code.", e);
        }
    }

    private static String path(BitMatrix squares) {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < squares.getHeight(); y++) {
            for (int x = 0; x < squares.getWidth(); x++) {
                int from = x;
                while (x < squares.getWidth() && squares.get(x, y)) {
                    x++;
                }
                if (x > from) {
                    path.append('M')
                            .append(from)
                            .append(' ')
                            .append(y)
                            .append('h')
                            .append(x - from);
                    path.append("v1h-").append(x - from).append('z');
                }
            }
        }
        return path.toString();
    }
}
