package potmellow.app.label;

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
record QrCode(int size, String path) {
    private static final int QUIET = 4;

    /** @param text what it says; at most some hundred characters */
    static QrCode of(String text) {
        try {
            BitMatrix squares = new QRCodeWriter()
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
            return new QrCode(squares.getWidth(), path(squares));
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
