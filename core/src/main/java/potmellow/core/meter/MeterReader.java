package potmellow.core.meter;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.TypedNumber;
import potmellow.core.measure.UnitSystem;

/**
 * Reads what people type off an instrument: "19.5 °C", "67 °F", "3.9", "1800 µS/cm", "900 ppm 500", "18 Bx". Parts per million
 * are counted on two scales: 500 or 700 for each mS/cm; which one must be told.
 */
public final class MeterReader {
    private static final Pattern NUMBER_AND_UNIT =
            Pattern.compile("(?:p\\.?h\\s*)?(-?)(" + TypedNumber.PATTERN + ")\\s*(.*)", Pattern.CASE_INSENSITIVE);
    private static final double TDS_500 = 500;
    private static final double TDS_700 = 700;
    private static final int LONGEST = 40;
    /** What one of each unit is in mS/cm. */
    private static final Map<String, Double> CONDUCTIVITY = Map.ofEntries(
            Map.entry("", 1.0),
            Map.entry("ms/cm", 1.0),
            Map.entry("ms", 1.0),
            Map.entry("ds/m", 1.0),
            Map.entry("µs/cm", 0.001),
            Map.entry("us/cm", 0.001),
            Map.entry("µs", 0.001),
            Map.entry("ppm 500", 1 / TDS_500),
            Map.entry("ppm500", 1 / TDS_500),
            Map.entry("ppm 700", 1 / TDS_700),
            Map.entry("ppm700", 1 / TDS_700));

    private final UnitSystem system;

    public MeterReader(UnitSystem system) {
        this.system = system;
    }

    /**
     * Reads a number off an instrument.
     *
     * @return the value in the meter's own unit
     * @throws InvalidInput for what can't be read, or what such an instrument can't show
     */
    public double read(Meter meter, String text) {
        String name = "The " + meter.words() + " read";
        return switch (meter) {
            case THERMOMETER ->
                new AmountReader(system)
                        .temperature(
                                name, text, Temperature.ofCelsius(meter.least()), Temperature.ofCelsius(meter.most()))
                        .celsius();
            case SCALE ->
                new AmountReader(system)
                        .mass(name, text, Mass.ofGrams(meter.least()), Mass.ofGrams(meter.most()))
                        .grams();
            case PH -> inUnits(meter, name, text, Map.of("", 1.0, "ph", 1.0), "Type a number such as 3.9.");
            case BRIX ->
                inUnits(
                        meter,
                        name,
                        text,
                        Map.of("", 1.0, "°bx", 1.0, "bx", 1.0, "%", 1.0, "brix", 1.0, "°brix", 1.0),
                        "Type a number such as 18 or 18 °Bx.");
            case OXYGEN ->
                inUnits(meter, name, text, Map.of("", 1.0, "mg/l", 1.0, "ppm", 1.0), "Type a number such as 8.2 mg/L.");
            case EC -> conductivity(meter, name, text);
        };
    }

    private static double conductivity(Meter meter, String name, String text) {
        if (unit(text).equals("ppm")) {
            throw InvalidInput.unreadable(
                    name,
                    text,
                    "Meters count ppm on two scales: write ppm 500 or ppm 700, as its leaflet says, or µS/cm.");
        }
        return inUnits(meter, name, text, CONDUCTIVITY, "Type it such as 1.8 mS/cm, 1800 µS/cm, 900 ppm 500.");
    }

    private static double inUnits(Meter meter, String name, String text, Map<String, Double> units, String instead) {
        Matcher read = NUMBER_AND_UNIT.matcher(text.strip());
        Double one = units.get(unit(text));
        if (text.length() > LONGEST || !read.matches() || one == null) {
            throw InvalidInput.unreadable(name, text, instead);
        }
        double scale = read.group(1).isEmpty() ? one : -one;
        List<Double> possible = TypedNumber.readings(read.group(2)).stream()
                .map(number -> number * scale)
                .filter(meter::possible)
                .toList();
        if (possible.size() == 1) {
            return possible.get(0);
        }
        double value = TypedNumber.read(name, text, read.group(2)) * scale;
        throw InvalidInput.outOfRange(name, value, meter.least(), meter.most(), meter.unit());
    }

    private static String unit(String text) {
        Matcher read = NUMBER_AND_UNIT.matcher(text.strip());
        return read.matches() ? read.group(3).strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ") : text;
    }
}
