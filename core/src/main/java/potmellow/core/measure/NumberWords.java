package potmellow.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Numbers in words among the pieces of a text: "five hundred", "two and a half", "a dozen", "1 1/2". */
final class NumberWords {
    private static final Map<String, Integer> SMALL = Map.ofEntries(
            Map.entry("zero", 0),
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("seventeen", 17),
            Map.entry("eighteen", 18),
            Map.entry("nineteen", 19),
            Map.entry("twenty", 20),
            Map.entry("thirty", 30),
            Map.entry("forty", 40),
            Map.entry("fifty", 50),
            Map.entry("sixty", 60),
            Map.entry("seventy", 70),
            Map.entry("eighty", 80),
            Map.entry("ninety", 90));
    private static final Map<String, Integer> LARGE =
            Map.of("hundred", 100, "thousand", 1000, "dozen", 12, "couple", 2);
    private static final Map<String, Double> SHARES =
            Map.of("half", 0.5, "halves", 0.5, "third", 1.0 / 3, "thirds", 1.0 / 3, "quarter", 0.25, "quarters", 0.25);
    private static final Set<String> ONE = Set.of("a", "an");

    private final List<Token> tokens;
    private int at;

    private NumberWords(List<Token> tokens) {
        this.tokens = tokens;
    }

    static List<Token> read(List<Token> tokens) {
        NumberWords words = new NumberWords(tokens);
        List<Token> read = new ArrayList<>();
        while (words.at < tokens.size()) {
            int from = words.at;
            double value = words.value();
            if (words.at > from) {
                read.add(Token.number(words.text(from), value));
            } else {
                read.add(tokens.get(words.at++));
            }
        }
        return read;
    }

    private String text(int from) {
        return String.join(
                " ", tokens.subList(from, at).stream().map(Token::text).toList());
    }

    private String word(int ahead) {
        return at + ahead < tokens.size() && tokens.get(at + ahead).kind() == Token.Kind.WORD
                ? tokens.get(at + ahead).text()
                : "";
    }

    private boolean number(int ahead) {
        return at + ahead < tokens.size() && tokens.get(at + ahead).isNumber();
    }

    private boolean counts(int ahead) {
        return SMALL.containsKey(word(ahead)) || LARGE.containsKey(word(ahead)) || SHARES.containsKey(word(ahead));
    }

    /** The number that stands here, in digits or words; nothing is passed where none does. */
    private double value() {
        if (number(0)) {
            double whole = tokens.get(at++).value();
            if (LARGE.containsKey(word(0))) {
                return larger(whole);
            }
            return whole + andAShare();
        }
        if (!counts(0) && !(ONE.contains(word(0)) && (LARGE.containsKey(word(1)) || SHARES.containsKey(word(1))))) {
            return 0;
        }
        if (ONE.contains(word(0))) {
            at++;
        }
        return SHARES.containsKey(word(0)) ? share() : counted();
    }

    /** "half", "a quarter of a hundred". */
    private double share() {
        double share = SHARES.get(tokens.get(at++).text());
        skip("of");
        if (ONE.contains(word(0))) {
            at++;
            if (LARGE.containsKey(word(0))) {
                return share * larger(1);
            }
        }
        return share;
    }

    /** "twenty five", "two hundred", "three quarters", "two and a half". */
    private double counted() {
        double small = 0;
        boolean told = false;
        while (SMALL.containsKey(word(0))) {
            small += SMALL.get(tokens.get(at++).text());
            told = true;
        }
        double value = LARGE.containsKey(word(0)) ? larger(told ? small : 1) : small;
        if (SHARES.containsKey(word(0))) {
            return value * SHARES.get(tokens.get(at++).text());
        }
        return value + andAShare();
    }

    /** From "two" on: "two hundred and fifty", "a thousand two hundred". */
    private double larger(double count) {
        double value = count;
        while (LARGE.containsKey(word(0))) {
            value *= LARGE.get(tokens.get(at++).text());
        }
        skip("of");
        if (word(0).equals("and") && SMALL.containsKey(word(1))) {
            at++;
        }
        if (SMALL.containsKey(word(0))) {
            double rest = 0;
            while (SMALL.containsKey(word(0))) {
                rest += SMALL.get(tokens.get(at++).text());
            }
            return LARGE.containsKey(word(0)) ? value + larger(rest) : value + rest;
        }
        return value;
    }

    /** "and a half", or a fraction behind a whole number: "1 1/2". */
    private double andAShare() {
        int ahead = word(0).equals("and") ? 1 : 0;
        int share = ahead + (ONE.contains(word(ahead)) ? 1 : 0);
        if (share > 0 && SHARES.containsKey(word(share))) {
            at += share;
            return SHARES.get(tokens.get(at++).text());
        }
        boolean fraction = number(0)
                && at + 2 < tokens.size()
                && tokens.get(at + 1).is("/")
                && number(2)
                && tokens.get(at).value() < tokens.get(at + 2).value();
        if (fraction) {
            double part = tokens.get(at).value() / tokens.get(at + 2).value();
            at += 3;
            return part;
        }
        return 0;
    }

    private void skip(String word) {
        if (word(0).equals(word)) {
            at++;
        }
    }
}
