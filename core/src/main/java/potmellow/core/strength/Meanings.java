package potmellow.core.strength;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import potmellow.core.measure.InvalidInput;

/** What an unclear strength could mean: sayings that are clear, to choose from. Nothing is guessed. */
public final class Meanings {
    private static final String NUMBER = "(?:\\d{1,5}(?:[.,]\\d{1,3})?|[¼½¾]|an?|one|two|three|four|five|half)";
    private static final String SPOON = "(?:ml|mls|tsp|tbsp|teaspoons?|tablespoons?|ounces?|oz|fl oz|cups?|drops?)";
    private static final Pattern AMOUNT_ALONE = Pattern.compile("(" + NUMBER + ")\\s*(" + SPOON + ")");
    private static final Pattern COUNT_IN_WATER = Pattern.compile("(" + NUMBER + ")\\s*(?:into|in|to|per|/)\\s*((?:a |"
            + NUMBER + "\\s*)?(?:gallons?|gal|litres?|liters?|l|quarts?))");
    private static final Pattern PARTS = Pattern.compile("(\\d{1,6})\\s*:\\s*(\\d{1,6})");

    private Meanings() {}

    /** Clear sayings that a text could stand for; empty where it is like nothing that gardeners say. */
    public static List<String> of(String text) {
        String said = text.strip().toLowerCase(Locale.ROOT);
        List<String> meant = new ArrayList<>();
        Matcher alone = AMOUNT_ALONE.matcher(said);
        Matcher count = COUNT_IN_WATER.matcher(said);
        if (alone.matches()) {
            String amount = number(alone.group(1)) + " " + alone.group(2);
            for (String water : List.of("1 L", "10 L", "1 gallon")) {
                meant.add(amount + " to " + water);
            }
        } else if (count.matches()) {
            for (String unit : List.of("tsp", "tbsp", "fl oz", "ml")) {
                meant.add(number(count.group(1)) + " " + unit + " to " + count.group(2));
            }
        }
        return meant.stream().filter(Meanings::clear).toList();
    }

    /** Whether the larger number stands first in parts, such as "10 to 1", so that it could be meant the other way round. */
    public static boolean waterFirst(String text) {
        Matcher parts = PARTS.matcher(text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+to\\s+", ":"));
        return parts.matches() && Integer.parseInt(parts.group(1)) > Integer.parseInt(parts.group(2));
    }

    private static String number(String text) {
        return switch (text) {
            case "a", "an", "one" -> "1";
            case "two" -> "2";
            case "three" -> "3";
            case "four" -> "4";
            case "five" -> "5";
            case "half" -> "½";
            default -> text;
        };
    }

    private static boolean clear(String saying) {
        try {
            StrengthReader.read("The saying", saying);
            return true;
        } catch (InvalidInput unclear) {
            return false;
        }
    }
}
