package potmellow.core.measure;

import java.util.List;
import java.util.regex.Pattern;

/**
 * A number as people type it. One point or comma is the decimal sign, unless exactly three digits follow it: "1,500" is fifteen
 * hundred to one and one and a half to another, so it is never guessed. Groups of three that are told apart by spaces or
 * apostrophes, or by two separators, can only be thousands.
 */
public final class TypedNumber {
    /** What may be a number, for patterns that hold one. */
    public static final String PATTERN =
            "(?:\\d{1,3}(?:[ '’\\u00a0\\u202f]\\d{3})+(?!\\d)(?:[.,]\\d{1,9})?|\\d{1,12}(?:[.,]\\d{1,9})*|[.,]\\d{1,9})";

    private static final Pattern GROUPING = Pattern.compile("(?<=\\d)[ '’\\u00a0\\u202f](?=\\d{3})");
    private static final Pattern EITHER = Pattern.compile("[1-9]\\d{0,2}[.,]\\d{3}");
    private static final Pattern DECIMAL = Pattern.compile("\\d*[.,]?\\d+");
    private static final Pattern THOUSANDS =
            Pattern.compile("[1-9]\\d{0,2}(?:(?:,\\d{3})+(?:\\.\\d+)?|(?:\\.\\d{3})+(?:,\\d+)?)");

    private TypedNumber() {}

    /**
     * Reads a number.
     *
     * @param name begins the sentence of a complaint, such as "The plant in hand"
     * @param given all that was typed, of which the number is a part
     * @param number the number in it
     * @throws InvalidInput where it could be two numbers, naming both, or is none
     */
    public static double read(String name, String given, String number) {
        List<Double> readings = readings(number);
        if (readings.size() > 1) {
            throw InvalidInput.ambiguous(
                    name,
                    given,
                    readings.stream()
                            .map(reading -> given.replace(number, AmountText.number(reading, 3)))
                            .toList());
        }
        return readings.stream()
                .findFirst()
                .orElseThrow(() -> InvalidInput.unreadable(
                        name,
                        given,
                        "Write the number with one decimal point and nothing between thousands, such as 1500.5."));
    }

    /** Everything that a number could mean: mostly one value, two for "1,500", none for what is no number. */
    public static List<Double> readings(String number) {
        String plain = GROUPING.matcher(number.strip()).replaceAll("");
        if (EITHER.matcher(plain).matches()) {
            return List.of(decimal(plain), Double.parseDouble(plain.replaceAll("[.,]", "")));
        }
        if (DECIMAL.matcher(plain).matches()) {
            return List.of(decimal(plain));
        }
        if (THOUSANDS.matcher(plain).matches()) {
            int last = Math.max(plain.lastIndexOf('.'), plain.lastIndexOf(','));
            boolean fraction = plain.indexOf('.') >= 0 && plain.indexOf(',') >= 0;
            String whole = fraction ? plain.substring(0, last) : plain;
            String rest = fraction ? "." + plain.substring(last + 1) : "";
            return List.of(Double.parseDouble(whole.replaceAll("[.,]", "") + rest));
        }
        return List.of();
    }

    private static double decimal(String plain) {
        return Double.parseDouble(plain.replace(',', '.'));
    }
}
