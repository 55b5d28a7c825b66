package potmellow.core.strength;

import java.util.List;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Lexer;
import potmellow.core.measure.UnitSystem;

/**
 * Reads a strength in any dress that gardeners use: "500", "1:500", "one to five hundred", "1 in 500", "10:1 water to juice", "neat",
 * "0.2 %", "1000 ppm", "500x", "20 mL per 10 L", "2 tablespoons to the gallon", "20 mL made up to 10 L", and what is diluted twice:
 * "1:10 then 1:50". What could mean two things that are more than 2 % apart is asked about, never guessed.
 */
public final class StrengthReader {
    private static final int LONGEST = 60;

    private StrengthReader() {}

    /**
     * Reads a strength.
     *
     * @param name begins the sentence of a complaint, such as "The strength"
     * @throws InvalidInput for what can't be read, could mean two things, or is weaker than 1:100 000
     */
    public static Ratio read(String name, String text) {
        return said(name, text).ratio();
    }

    /** Reads a strength where nobody has said how large a capful is, and tells how it was read. */
    public static Saying said(String name, String text) {
        return said(name, text, HomeSizes.none(UnitSystem.METRIC));
    }

    /**
     * Reads a strength, and tells how it was read.
     *
     * @param name begins the sentence of a complaint, such as "The strength"
     * @param sizes how large the garden's own measures are
     * @throws InvalidInput for what can't be read, could mean two things, or is weaker than 1:100 000; and for a measure of the
     *     gardener's own whose size isn't known yet
     */
    public static Saying said(String name, String text, HomeSizes sizes) {
        String given = text.strip();
        if (given.length() > LONGEST) {
            throw InvalidInput.tooLong(name, given, LONGEST);
        }
        try {
            return new StrengthGrammar(name, given, Lexer.of(name, given), sizes).saying();
        } catch (InvalidInput unread) {
            List<String> meanings = unread.code().equals("unreadable") ? Meanings.of(given) : List.of();
            throw meanings.isEmpty() ? unread : InvalidInput.unclear(name, given, meanings);
        }
    }

    /** The readings of a text that could mean several things; empty where it is clear, or can't be read at all. */
    static List<String> readings(String text) {
        try {
            said("The saying", text);
            return List.of();
        } catch (InvalidInput unclear) {
            return unclear.readings();
        }
    }
}
