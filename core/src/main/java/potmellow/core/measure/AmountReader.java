package potmellow.core.measure;

import java.util.function.DoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Reads amounts as people type them: "640", "640 g", "1.4kg", "1,5 L", "2 ½ cups", "3/4 gal". A bare number is in the unit
 * that the garden measures in. Every method throws {@link InvalidInput} for text it can't read or a value outside the range;
 * {@code name} begins that sentence, as in "The plant in hand".
 */
public final class AmountReader {
    private static final int LONGEST = 40;
    private static final Pattern AMOUNT = Pattern.compile("(?<sign>[-−+])?\\s*"
            + "(?:(?<number>" + TypedNumber.PATTERN + ")(?!\\s*/))?\\s*"
            + "(?<part>[¼½¾⅓⅔]|\\d{1,3}\\s*/\\s*\\d{1,3})?\\s*"
            + "(?<unit>[\\p{L}°.][\\p{L}²2. ]*)?");

    private final UnitSystem system;

    public AmountReader(UnitSystem system) {
        this.system = system;
    }

    /** Reads a mass. */
    public Mass mass(String name, String text, Mass least, Mass most) {
        DoubleFunction<String> words = grams -> AmountText.mass(Mass.ofGrams(grams), system);
        Range range = new Range(name, "weight", example("640 g", "22 oz"), least.grams(), most.grams(), "g", words);
        return Mass.ofGrams(read(range, text, system.mass(), MassUnit.values()));
    }

    /** Reads a volume; a bare number is in mL or US fluid ounces. */
    public Volume smallVolume(String name, String text, Volume least, Volume most) {
        return volume(name, text, least, most, system.smallVolume(), example("620 mL", "20 fl oz"));
    }

    /** Reads a volume; a bare number is in litres or US gallons. */
    public Volume largeVolume(String name, String text, Volume least, Volume most) {
        return volume(name, text, least, most, system.largeVolume(), example("9 L", "2 gal"));
    }

    /**
     * Reads a weight or a volume, whichever the unit says.
     *
     * @param weighed whether a bare number is a weight
     */
    public Quantity quantity(String name, String text, boolean weighed) {
        return quantity(name, text, weighed, Quantity.LEAST, Quantity.MOST);
    }

    /** Reads a weight or a volume between a least and a most, in g or mL. */
    public Quantity quantity(String name, String text, boolean weighed, double least, double most) {
        boolean mass = Stream.of(MassUnit.values()).anyMatch(unit -> unit.isSpelt(unitOf(text)));
        boolean volume = Stream.of(VolumeUnit.values()).anyMatch(unit -> unit.isSpelt(unitOf(text)));
        if (mass || !volume && weighed) {
            return mass(name, text, Mass.ofGrams(least), Mass.ofGrams(most));
        }
        return volume(
                name,
                text,
                Volume.ofMillilitres(least),
                Volume.ofMillilitres(most),
                system.smallVolume(),
                example("620 mL", "20 fl oz"));
    }

    private static String unitOf(String text) {
        Matcher matcher = AMOUNT.matcher(text.strip());
        boolean told = text.length() <= LONGEST && matcher.matches() && matcher.group("unit") != null;
        return told ? matcher.group("unit").strip() : "";
    }

    /** Reads a ground area. */
    public Area area(String name, String text, Area least, Area most) {
        DoubleFunction<String> words = metres -> AmountText.area(Area.ofSquareMetres(metres), system);
        Range range = new Range(
                name, "area", example("10 m²", "100 ft²"), least.squareMetres(), most.squareMetres(), "m²", words);
        return Area.ofSquareMetres(read(range, text, system.area(), AreaUnit.values()));
    }

    /** Reads a temperature; a bare number is in °C, or °F in a garden that measures in US units. */
    public Temperature temperature(String name, String text, Temperature least, Temperature most) {
        DoubleFunction<String> words = celsius -> AmountText.temperature(Temperature.ofCelsius(celsius), system);
        Range range = new Range(
                name, "temperature", example("19.5 °C", "67 °F"), least.celsius(), most.celsius(), "°C", words);
        Typed typed = typed(range, text);
        boolean fahrenheit = switch (typed.unit().replace("°", "").strip().toUpperCase(java.util.Locale.ROOT)) {
            case "" -> system == UnitSystem.US;
            case "C" -> false;
            case "F" -> true;
            default -> throw range.unreadable(text);
        };
        double celsius = fahrenheit ? (typed.count() - 32) / 1.8 : typed.count();
        range.require(celsius, AmountText.number(typed.count()) + (fahrenheit ? " °F" : " °C"));
        return Temperature.ofCelsius(celsius);
    }

    /** Reads a number without a unit. */
    public double number(String name, String text, double least, double most) {
        Range range = new Range(name, "number", AmountText.number(least), least, most, "", AmountText::number);
        Typed typed = typed(range, text);
        if (!typed.unit().isEmpty()) {
            throw range.unreadable(text);
        }
        range.require(typed.count(), AmountText.number(typed.count()));
        return typed.count();
    }

    private Volume volume(String name, String text, Volume least, Volume most, VolumeUnit bare, String example) {
        DoubleFunction<String> words = millilitres -> AmountText.volume(Volume.ofMillilitres(millilitres), system);
        Range range = new Range(name, "volume", example, least.millilitres(), most.millilitres(), "mL", words);
        return Volume.ofMillilitres(read(range, text, bare, VolumeUnit.values()));
    }

    private double read(Range range, String text, MeasureUnit bare, MeasureUnit[] units) {
        Typed typed = typed(range, text);
        MeasureUnit unit = typed.unit().isEmpty()
                ? bare
                : Stream.of(units)
                        .filter(known -> known.isSpelt(typed.unit()))
                        .findFirst()
                        .orElseThrow(() -> range.unreadable(text));
        double value = typed.count() * inOwnKitchen(unit).size();
        range.require(value, AmountText.number(typed.count()) + " " + unit.symbol());
        return value;
    }

    /** A spoon or cup is the one that stands in the gardener's own kitchen. */
    private MeasureUnit inOwnKitchen(MeasureUnit unit) {
        if (system == UnitSystem.US) {
            return unit;
        }
        if (unit == VolumeUnit.US_TEASPOON) {
            return VolumeUnit.METRIC_TEASPOON;
        }
        if (unit == VolumeUnit.US_TABLESPOON) {
            return VolumeUnit.METRIC_TABLESPOON;
        }
        return unit == VolumeUnit.US_CUP ? VolumeUnit.METRIC_CUP : unit;
    }

    private String example(String metric, String us) {
        return system == UnitSystem.METRIC ? metric : us;
    }

    private static Typed typed(Range range, String text) {
        String line = text.strip();
        if (line.length() > LONGEST) {
            throw InvalidInput.tooLong(range.name(), line, LONGEST);
        }
        Matcher matcher = AMOUNT.matcher(line);
        if (!matcher.matches() || matcher.group("number") == null && matcher.group("part") == null) {
            throw range.unreadable(line);
        }
        double count = whole(range, line, matcher.group("number")) + part(matcher.group("part"));
        if (!(count <= Double.MAX_VALUE)) {
            throw range.unreadable(line);
        }
        String sign = matcher.group("sign");
        String unit = matcher.group("unit") == null ? "" : matcher.group("unit").strip();
        return new Typed(sign == null || sign.equals("+") ? count : -count, unit);
    }

    private static double whole(Range range, String line, String number) {
        return number == null ? 0 : TypedNumber.read(range.name(), line, number);
    }

    private static double part(String part) {
        if (part == null) {
            return 0;
        }
        return switch (part) {
            case "¼" -> 0.25;
            case "½" -> 0.5;
            case "¾" -> 0.75;
            case "⅓" -> 1.0 / 3;
            case "⅔" -> 2.0 / 3;
            default -> {
                String[] halves = part.split("/");
                yield Double.parseDouble(halves[0].strip()) / Double.parseDouble(halves[1].strip());
            }
        };
    }

    private record Typed(double count, String unit) {}

    /** What may be typed: the limits in the base unit, and how they are told. */
    private record Range(
            String name,
            String what,
            String example,
            double least,
            double most,
            String unit,
            DoubleFunction<String> words) {
        /** Limits typed in another unit than the base unit must still pass. */
        private static final double CONVERSION_NOISE = 1e-9;

        void require(double value, String given) {
            double noise = CONVERSION_NOISE * Math.abs(most);
            if (!(value >= least - noise && value <= most + noise)) {
                throw InvalidInput.outOfRange(name, given, words.apply(least), words.apply(most), least, most, unit);
            }
        }

        InvalidInput unreadable(String given) {
            String allowed = "Type a " + what + " from " + words.apply(least) + " to " + words.apply(most)
                    + ", such as " + example + ".";
            return InvalidInput.unreadable(name, given, allowed);
        }
    }
}
