package potmellow.app.notebook;

import java.util.UUID;

/**
 * A line of a notebook as it was read.
 *
 * @param number its number in the file
 * @param key the same for the same line, however often it comes
 * @param words what it will be, or what is wrong with it
 * @param act what it does; nothing where it can't be taken in
 */
record Line(long number, UUID key, String words, Runnable act) {
    private static final Runnable NOTHING = () -> {};

    static Line bad(long number, String words) {
        return new Line(number, new UUID(0, number), words, NOTHING);
    }

    boolean good() {
        return act != NOTHING;
    }
}
