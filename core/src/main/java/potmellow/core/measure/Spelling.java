package potmellow.core.measure;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** How units are spelt, and the nearest known spelling of what is no unit. */
public final class Spelling {
    private static final int LONGEST_ROW = 3;
    private static final List<String> IMPERIAL = List.of("imp", "imperial", "uk", "british");
    private static final Map<String, MeasureUnit> KNOWN = new HashMap<>();

    static {
        Stream.of(VolumeUnit.values(), MassUnit.values(), AreaUnit.values())
                .flatMap(Stream::of)
                .forEach(Spelling::learn);
        ofBothKitchens(VolumeUnit.US_FLUID_OUNCE, VolumeUnit.IMPERIAL_FLUID_OUNCE);
        ofBothKitchens(VolumeUnit.US_PINT, VolumeUnit.IMPERIAL_PINT);
        ofBothKitchens(VolumeUnit.US_QUART, VolumeUnit.IMPERIAL_QUART);
        ofBothKitchens(VolumeUnit.US_GALLON, VolumeUnit.IMPERIAL_GALLON);
        List.of("us cup", "us cups").forEach(cup -> KNOWN.put(cup, VolumeUnit.US_CUP));
    }

    /** "us gal", "uk gallon", "imperial gallons": whose it is stands before any spelling of it. */
    private static void ofBothKitchens(VolumeUnit us, VolumeUnit imperial) {
        List<String> spellings = new ArrayList<>(us.spellings());
        spellings.add(us.symbol());
        for (String spelling : spellings) {
            KNOWN.put("us " + plain(spelling), us);
            IMPERIAL.forEach(whose -> KNOWN.put(whose + " " + plain(spelling), imperial));
        }
    }

    private Spelling() {}

    private static void learn(MeasureUnit unit) {
        KNOWN.putIfAbsent(plain(unit.symbol()), unit);
        unit.spellings().forEach(spelling -> KNOWN.putIfAbsent(plain(spelling), unit));
    }

    /** "T" is a tablespoon and "t" a teaspoon; all else is told without regard to case, dots and spaces between letters. */
    private static String plain(String spelling) {
        return spelling.length() == 1 ? spelling : spelling.replace(".", "").toLowerCase(Locale.ROOT);
    }

    /** A unit that stands where a cursor stands, which then passes it; the longest spelling wins. */
    public static Optional<Spelt> unit(Cursor cursor) {
        for (int words = LONGEST_ROW; words > 0; words--) {
            StringBuilder row = new StringBuilder();
            for (int i = 0; i < words; i++) {
                String word = cursor.peek(i)
                        .filter(token -> token.kind() == Token.Kind.WORD)
                        .map(Token::text)
                        .orElse("");
                row.append(i > 0 ? " " : "").append(word);
            }
            MeasureUnit unit = KNOWN.get(plain(row.toString().strip()));
            if (unit != null && row.toString().strip().split(" ").length == words) {
                cursor.back(cursor.position() + words);
                return Optional.of(new Spelt(unit, row.toString()));
            }
        }
        return Optional.empty();
    }

    /** The known spelling nearest to a word, where one is near: at most two letters off, and not more than a third of them. */
    public static Optional<String> nearest(String word) {
        return nearest(plain(word), KNOWN.keySet());
    }

    /** The one of some names, in small letters, that is nearest to a word, where one is near enough to be a slip. */
    public static Optional<String> nearest(String typed, Collection<String> names) {
        return names.stream()
                .filter(known -> known.length() > 2)
                .filter(known -> distance(typed, known) <= Math.min(2, Math.max(1, known.length() / 3)))
                .min((one, other) -> {
                    int nearer = Integer.compare(distance(typed, one), distance(typed, other));
                    return nearer != 0 ? nearer : one.compareTo(other);
                });
    }

    /** Letters to be put in, left out or changed (Levenshtein 1966). */
    private static int distance(String one, String other) {
        int[] row = new int[other.length() + 1];
        for (int j = 0; j <= other.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= one.length(); i++) {
            int before = row[0];
            row[0] = i;
            for (int j = 1; j <= other.length(); j++) {
                int change = before + (one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1);
                before = row[j];
                row[j] = Math.min(change, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[other.length()];
    }

    /**
     * A unit as it was spelt.
     *
     * @param spelling the words that named it
     */
    public record Spelt(MeasureUnit unit, String spelling) {
        /** Whether nobody said whose gallon or ounce it is. */
        public boolean bare() {
            return !spelling.matches("(?:us|imp|imperial|uk|british) .*");
        }
    }
}
