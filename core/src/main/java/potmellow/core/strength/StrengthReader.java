package potmellow.core.strength;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.TypedNumber;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;

/**
 * Reads a strength in any dress that gardeners use: "500", "1:500", "1 to 500", "1 in 500", "10 to 1", "neat", "0.2 %",
 * "20 mL per 10 L", "2 tablespoons to a gallon", "20 mL made up to 10 L", and what is diluted twice: "1:10 then 1:50". Where the
 * larger number stands first, it is the water. Spoons beside a gallon are US spoons, beside litres metric ones.
 */
public final class StrengthReader {
    private static final int LONGEST = 60;
    private static final double MOST_WATER = 100_000;
    private static final Volume LEAST = Volume.ofMillilitres(0.01);
    private static final Volume MOST = Volume.ofLitres(100_000);
    private static final String NUMBER = TypedNumber.PATTERN;
    private static final Pattern BARE = Pattern.compile(NUMBER);
    private static final Pattern PER_CENT = Pattern.compile("(" + NUMBER + ")\\s*(?:%|per ?cent|percent)");
    private static final Pattern PARTS =
            Pattern.compile("(" + NUMBER + ")\\s*(?:parts?)?\\s*(:|to|in|/)\\s*(" + NUMBER + ")\\s*(?:parts?)?");
    private static final Pattern MADE_UP = Pattern.compile("(.+?)\\s*(?:,|and)?\\s*made up to\\s+(.+)");
    private static final Pattern AMOUNTS =
            Pattern.compile("(.+?)\\s*(?:\\bper\\b|\\bto\\b|\\binto\\b|\\bin\\b|/|\\beach\\b)\\s*(.+)");
    private static final Pattern AGAIN = Pattern.compile("\\s*(?:,?\\s*then|,?\\s*and again|>)\\s*");
    private static final Pattern GALLONS = Pattern.compile("gal|quart|\\bqt\\b|pint|oz|ounce");
    private static final Map<String, String> NUMBER_WORDS = Map.ofEntries(
            Map.entry("a", "1"),
            Map.entry("an", "1"),
            Map.entry("one", "1"),
            Map.entry("half", "1/2"),
            Map.entry("two", "2"),
            Map.entry("three", "3"),
            Map.entry("four", "4"),
            Map.entry("five", "5"),
            Map.entry("six", "6"),
            Map.entry("eight", "8"),
            Map.entry("ten", "10"));

    private StrengthReader() {}

    /**
     * Reads a strength.
     *
     * @param name begins the sentence of a complaint, such as "The strength"
     * @throws InvalidInput for what can't be read, or is weaker than 1:100 000
     */
    public static Ratio read(String name, String text) {
        String given = text.strip();
        if (given.length() > LONGEST) {
            throw InvalidInput.tooLong(name, given, LONGEST);
        }
        List<String> sayings =
                AGAIN.splitAsStream(given.toLowerCase(Locale.ROOT)).toList();
        Ratio ratio = sayings.stream()
                .map(saying -> one(name, saying.strip(), given))
                .reduce(Ratio::dilutedAgain)
                .orElseThrow(() -> unreadable(name, given));
        return within(name, given, ratio.water());
    }

    private static Ratio one(String name, String saying, String given) {
        if (saying.equals("neat") || saying.equals("undiluted")) {
            return Ratio.oneTo(0);
        }
        if (BARE.matcher(saying).matches()) {
            return within(name, given, TypedNumber.read(name, given, saying));
        }
        Matcher perCent = PER_CENT.matcher(saying);
        if (perCent.matches()) {
            double share = TypedNumber.read(name, given, perCent.group(1)) / 100;
            if (!(share > 0 && share <= 1)) {
                throw unreadable(name, given);
            }
            return within(name, given, 1 / share - 1);
        }
        Matcher parts = PARTS.matcher(saying);
        if (parts.matches()) {
            return parts(name, given, parts);
        }
        Matcher madeUp = MADE_UP.matcher(saying);
        if (madeUp.matches()) {
            Volume brew = volume(name, given, saying, madeUp.group(1));
            Volume all = volume(name, given, saying, madeUp.group(2));
            return within(name, given, all.millilitres() / brew.millilitres() - 1);
        }
        Matcher amounts = AMOUNTS.matcher(saying);
        if (amounts.matches()) {
            Volume brew = volume(name, given, saying, amounts.group(1));
            Volume water = volume(name, given, saying, amounts.group(2));
            return within(name, given, water.millilitres() / brew.millilitres());
        }
        throw unreadable(name, given);
    }

    private static Ratio parts(String name, String given, Matcher parts) {
        double first = TypedNumber.read(name, given, parts.group(1));
        double second = TypedNumber.read(name, given, parts.group(3));
        if (!(first > 0 && second >= 0)) {
            throw unreadable(name, given);
        }
        if (parts.group(2).equals("in")) {
            return within(name, given, second / first - 1);
        }
        boolean waterFirst = first > second && second > 0;
        return within(name, given, waterFirst ? first / second : second / first);
    }

    private static Ratio within(String name, String given, double water) {
        if (!(water >= 0 && water <= MOST_WATER)) {
            throw InvalidInput.outOfRange(name, given, "neat", "1:100000", 0, MOST_WATER, "parts of water");
        }
        return Ratio.oneTo(water);
    }

    private static Volume volume(String name, String given, String saying, String amount) {
        UnitSystem kitchen = GALLONS.matcher(saying).find() ? UnitSystem.US : UnitSystem.METRIC;
        String[] words = amount.strip().split("\\s+", 2);
        String first = NUMBER_WORDS.getOrDefault(words[0], words[0]);
        String plain = (first + (words.length > 1 ? " " + words[1] : ""))
                .replaceAll("\\b(?:of )?(?:water|brew)\\b", "")
                .replaceAll("\\b(?:fl\\.? ?)?(?:oz|ounces?)\\b", "fl oz")
                .strip();
        String counted = Character.isLetter(plain.isEmpty() ? 'x' : plain.charAt(0)) ? "1 " + plain : plain;
        if (BARE.matcher(counted).matches()) {
            throw unreadable(name, given);
        }
        try {
            return new AmountReader(kitchen).smallVolume(name, counted, LEAST, MOST);
        } catch (InvalidInput unread) {
            throw unread.ambiguous() ? unread : unreadable(name, given);
        }
    }

    private static InvalidInput unreadable(String name, String given) {
        return InvalidInput.unreadable(
                name, given, "Say it as 1:500, neat, 0.2 %, 20 mL per 10 L, or 2 tbsp per gallon.");
    }
}
