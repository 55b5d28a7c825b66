package potmellow.app.photo;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;
import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;

/**
 * How a camera held a JPEG, from its EXIF block: the one thing that is read from it before the block is thrown away.
 *
 * @param turn 1 to 8, as EXIF counts them; 1 is upright
 */
record Orientation(int turn) {
    private static final int JPEG = 0xFFD8;
    private static final int APP1 = 0xFFE1;
    private static final int SCAN = 0xFFDA;
    private static final int EXIF = 0x45786966;
    private static final int ORIENTATION_TAG = 0x0112;
    private static final int LITTLE_ENDIAN_MARK = 0x4949;
    private static final Orientation UPRIGHT = new Orientation(1);

    /** Reads it; a file that tells nothing, or nonsense, is upright. */
    static Orientation of(byte[] file) {
        try {
            return find(ByteBuffer.wrap(file));
        } catch (IndexOutOfBoundsException | BufferUnderflowException | IllegalArgumentException e) {
            return UPRIGHT;
        }
    }

    private static Orientation find(ByteBuffer file) {
        if (Short.toUnsignedInt(file.getShort()) != JPEG) {
            return UPRIGHT;
        }
        while (file.remaining() > 4) {
            int marker = Short.toUnsignedInt(file.getShort());
            int length = Short.toUnsignedInt(file.getShort());
            if (marker == SCAN) {
                return UPRIGHT;
            }
            if (marker == APP1 && file.getInt(file.position()) == EXIF) {
                return inBlock(file.slice(file.position() + 6, length - 8));
            }
            file.position(file.position() + length - 2);
        }
        return UPRIGHT;
    }

    private static Orientation inBlock(ByteBuffer block) {
        boolean little = Short.toUnsignedInt(block.getShort(0)) == LITTLE_ENDIAN_MARK;
        block.order(little ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        int directory = block.getInt(4);
        int entries = Short.toUnsignedInt(block.getShort(directory));
        for (int i = 0; i < entries; i++) {
            int entry = directory + 2 + i * 12;
            if (Short.toUnsignedInt(block.getShort(entry)) == ORIENTATION_TAG) {
                int turn = Short.toUnsignedInt(block.getShort(entry + 8));
                return turn >= 1 && turn <= 8 ? new Orientation(turn) : UPRIGHT;
            }
        }
        return UPRIGHT;
    }

    /** The picture as the camera saw it. */
    BufferedImage upright(BufferedImage picture) {
        int width = picture.getWidth();
        int height = picture.getHeight();
        AffineTransform turned = switch (turn) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, width, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, width, height);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, height);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, height, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, height, width);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, width);
            default -> new AffineTransform();
        };
        if (turned.isIdentity()) {
            return picture;
        }
        boolean aside = turn >= 5;
        BufferedImage target =
                new BufferedImage(aside ? height : width, aside ? width : height, BufferedImage.TYPE_INT_RGB);
        new AffineTransformOp(turned, AffineTransformOp.TYPE_NEAREST_NEIGHBOR).filter(rgb(picture), target);
        return target;
    }

    private static BufferedImage rgb(BufferedImage picture) {
        BufferedImage plain = new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_INT_RGB);
        plain.createGraphics().drawImage(picture, 0, 0, Color.WHITE, null);
        return plain;
    }
}
