package potmellow.app.outside;

/**
 * A reading as it came in, before anything is believed.
 *
 * @param code the code on the vessel
 * @param meter which meter
 * @param value what it read
 * @param at when, as text; now where it is empty
 */
public record RawReading(String code, String meter, String value, String at) {
    private static final int LONGEST = 40;

    public RawReading {
        code = cut(code);
        meter = cut(meter);
        value = cut(value);
        at = cut(at);
    }

    private static String cut(String text) {
        String line = text == null ? "" : text.strip();
        return line.length() > LONGEST ? line.substring(0, LONGEST) : line;
    }
}
