package potmellow.app.photo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Semaphore;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import potmellow.core.measure.InvalidInput;

/**
 * A picture drawn anew from another: only its pixels are taken over, so that place, camera and anything hidden in the file is gone.
 * It is turned upright first, as the camera held it.
 *
 * @param width of the large picture, pixels
 * @param height of the large picture, pixels
 * @param large JPEG, at most 1600 pixels either way
 * @param small JPEG, at most 320 pixels either way
 */
record Redrawn(int width, int height, byte[] large, byte[] small) {
    static final int MOST_BYTES = 8 * 1024 * 1024;
    private static final int MILLION = 1_000_000;
    private static final int LARGE = 1600;
    private static final int SMALL = 320;
    private static final long MOST_PIXELS = 60_000_000;
    /** Its reader holds such a picture whole. */
    private static final long MOST_PIXELS_OF_WEBP = 16_000_000;
    /** What a picture may take while it is read; of a larger one only every second, third, … pixel of each line is. */
    private static final long MOST_BYTES_READ = 48L * 1024 * 1024;
    /** One at a time: each takes its share of the memory. */
    private static final Semaphore TURN = new Semaphore(1, true);

    private static final float QUALITY = 0.82f;
    private static final Set<String> KINDS = Set.of("jpeg", "png", "webp");
    private static final String ALLOWED = "JPEG, PNG and WebP of at most 8 MB are taken.";

    /**
     * Draws a picture anew.
     *
     * @throws InvalidInput for a file that is too large, or no picture of the kinds taken
     */
    static Redrawn of(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw InvalidInput.brokenFile("The picture is larger than 8 MB. " + ALLOWED, 0);
        }
        TURN.acquireUninterruptibly();
        try {
            BufferedImage large = scaled(Orientation.of(file).upright(read(file)), LARGE);
            return new Redrawn(large.getWidth(), large.getHeight(), jpeg(large), jpeg(scaled(large, SMALL)));
        } finally {
            TURN.release();
        }
    }

    private static BufferedImage read(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            while (readers.hasNext()) {
                ImageReader reader = readers.next();
                if (KINDS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    return read(reader, in);
                }
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof InvalidInput wrong) {
                throw wrong;
            }
            throw InvalidInput.brokenFile("The picture can't be read: it seems damaged. " + ALLOWED, 0);
        }
        throw InvalidInput.brokenFile("That file is no picture that can be read. " + ALLOWED, 0);
    }

    private static BufferedImage read(ImageReader reader, ImageInputStream in) throws IOException {
        try {
            reader.setInput(in, true, true);
            long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
            boolean webp = reader.getFormatName().equalsIgnoreCase("webp");
            long most = webp ? MOST_PIXELS_OF_WEBP : MOST_PIXELS;
            if (pixels > most) {
                throw InvalidInput.brokenFile(
                        "The picture has " + pixels / MILLION + " million pixels; at most " + most / MILLION
                                + " million are taken.",
                        0);
            }
            ImageReadParam how = reader.getDefaultReadParam();
            int step = (int) Math.ceil(Math.sqrt(pixels * (double) bytesPerPixel(reader) / MOST_BYTES_READ));
            how.setSourceSubsampling(step, step, 0, 0);
            return reader.read(0, how);
        } finally {
            reader.dispose();
        }
    }

    private static int bytesPerPixel(ImageReader reader) throws IOException {
        Iterator<ImageTypeSpecifier> types = reader.getImageTypes(0);
        int bits = types.hasNext() ? types.next().getColorModel().getPixelSize() : Integer.SIZE;
        return Math.max(1, bits / Byte.SIZE);
    }

    private static BufferedImage scaled(BufferedImage picture, int longest) {
        double factor = Math.min(1, longest / (double) Math.max(picture.getWidth(), picture.getHeight()));
        int width = Math.max(1, (int) Math.round(picture.getWidth() * factor));
        int height = Math.max(1, (int) Math.round(picture.getHeight() * factor));
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = drawn.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(picture, 0, 0, width, height, Color.WHITE, null);
        pen.dispose();
        return drawn;
    }

    private static byte[] jpeg(BufferedImage picture) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(picture, null, null), how);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
