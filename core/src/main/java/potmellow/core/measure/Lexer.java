package potmellow.core.measure;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Takes what people type apart into numbers, words and signs: "2½ tbsp./gal", "one to five hundred", "１：１，０００". Digits of every
 * width, fractions, number words and short forms with dots come out alike; pictures and quotes are passed over.
 */
public final class Lexer {
    private static final Map<String, String> FRACTIONS = Map.ofEntries(
            Map.entry("½", "1/2"),
            Map.entry("¼", "1/4"),
            Map.entry("¾", "3/4"),
            Map.entry("⅓", "1/3"),
            Map.entry("⅔", "2/3"),
            Map.entry("⅕", "1/5"),
            Map.entry("⅛", "1/8"),
            Map.entry("⅜", "3/8"),
            Map.entry("⅝", "5/8"),
            Map.entry("⅞", "7/8"));
    private static final Pattern PASSED_OVER =
            Pattern.compile("[\\p{So}\\p{Sk}\\p{Cf}\\p{Mn}\\x{1F3FB}-\\x{1F3FF}“”„\"‘`´!?*]");
    private static final Pattern PIECE = Pattern.compile("(?<number>" + TypedNumber.PATTERN + ")"
            + "|(?<word>(?:\\p{L}\\.){2,}|°\\s?[CFcf]\\b|°|(?:sq|m|ft)[²2](?![\\p{L}\\d])|[\\p{L}µμ]+\\.?)"
            + "|(?<sign>\\S)");

    private Lexer() {}

    /**
     * The pieces of a text, in order.
     *
     * @param name begins the sentence of a complaint, such as "The plant in hand"
     * @throws InvalidInput for a number that could be two, naming both
     */
    public static List<Token> of(String name, String text) {
        List<Token> tokens = new ArrayList<>();
        Matcher piece = PIECE.matcher(plain(text));
        while (piece.find()) {
            String number = piece.group("number");
            if (number != null) {
                tokens.add(Token.number(number, TypedNumber.read(name, text, number)));
            } else if (piece.group("word") != null) {
                tokens.add(new Token(Token.Kind.WORD, word(piece.group("word")), 0));
            } else {
                tokens.add(new Token(Token.Kind.SIGN, piece.group("sign"), 0));
            }
        }
        return NumberWords.read(tokens);
    }

    private static String plain(String text) {
        String plain = text;
        for (Map.Entry<String, String> fraction : FRACTIONS.entrySet()) {
            plain = plain.replace(fraction.getKey(), " " + fraction.getValue() + " ");
        }
        plain = PASSED_OVER.matcher(plain).replaceAll(" ");
        return Normalizer.normalize(plain, Normalizer.Form.NFKC)
                .replace('\u2044', '/')
                .replace('−', '-')
                .replace('–', '-')
                .replace('—', '-')
                .replace('×', 'x');
    }

    private static String word(String typed) {
        String plain = typed.replace(".", "").replaceAll("\\s", "");
        // "T" is a tablespoon and "t" a teaspoon; nothing else is told by its case.
        return plain.length() == 1 ? plain : plain.toLowerCase(Locale.ROOT);
    }
}
