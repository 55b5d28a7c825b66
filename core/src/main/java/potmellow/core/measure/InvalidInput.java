package potmellow.core.measure;

import java.util.List;
import java.util.Optional;

/**
 * Something a person entered that can't be taken: it says what was given and what is allowed, in words and as data.
 */
public final class InvalidInput extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private static final int LONGEST_ECHO = 40;
    private static final String AMBIGUOUS = "ambiguous";

    private final String code;
    private final String given;
    private final Double minimum;
    private final Double maximum;
    private final String unit;
    private final List<String> readings;
    private final HomeMeasure unsized;

    private InvalidInput(String code, String message, String given, Double minimum, Double maximum, String unit) {
        this(code, message, given, minimum, maximum, unit, List.of(), null);
    }

    private InvalidInput(
            String code,
            String message,
            String given,
            Double minimum,
            Double maximum,
            String unit,
            List<String> readings,
            HomeMeasure unsized) {
        super(message);
        this.unsized = unsized;
        this.readings = List.copyOf(readings);
        this.code = code;
        this.given = given;
        this.minimum = minimum;
        this.maximum = maximum;
        this.unit = unit;
    }

    /** A text that can't be read as what is wanted. */
    public static InvalidInput unreadable(String name, String given, String allowed) {
        String message = given.isBlank()
                ? name + " is empty. " + allowed
                : name + " (“" + echo(given) + "”) can't be read. " + allowed;
        return new InvalidInput(given.isBlank() ? "empty" : "unreadable", message, echo(given), null, null, null);
    }

    /** A text that could mean two things; both are named, none is guessed. */
    public static InvalidInput ambiguous(String name, String given, List<String> readings) {
        String message = name + " (“" + echo(given) + "”) could be read as " + String.join(" or as ", readings)
                + ". Choose or write the one you mean.";
        return new InvalidInput(AMBIGUOUS, message, echo(given), null, null, null, readings, null);
    }

    /** A measure that everybody has of another size, and nobody has said yet how large it is here. */
    public static InvalidInput unsized(String name, String given, HomeMeasure measure, List<String> offers) {
        String message = name + " (“" + echo(given) + "”): how much does your " + measure.words()
                + " hold? Say it once, and it is kept for the garden.";
        return new InvalidInput("unsized", message, echo(given), null, null, null, offers, measure);
    }

    /** A choice that is known, but not allowed: why not, and what is. */
    public static InvalidInput notAllowed(String name, String given, String why, String allowed) {
        return new InvalidInput(
                "not-allowed", name + " (" + given + "): " + why + " " + allowed, given, null, null, null);
    }

    /** A text that says too little: what it could mean is offered, none of it is guessed. */
    public static InvalidInput unclear(String name, String given, List<String> readings) {
        String message = name + " (“" + echo(given) + "”) can't be read. It could mean "
                + String.join(", or ", readings) + ". Say which.";
        return new InvalidInput("unreadable", message, echo(given), null, null, null, readings, null);
    }

    /** Whether it could mean two things. */
    public boolean ambiguous() {
        return code.equals(AMBIGUOUS);
    }

    /** What it could mean, each so that it can be typed instead; empty unless it could mean several things. */
    public List<String> readings() {
        return readings;
    }

    /** The measure whose size is asked; its usual sizes are the {@link #readings}. */
    public Optional<HomeMeasure> unsized() {
        return Optional.ofNullable(unsized);
    }

    /** A text that is longer than can be kept. */
    public static InvalidInput tooLong(String name, String given, int longest) {
        String message = name + " has " + given.length() + " characters; at most " + longest + " are kept.";
        return new InvalidInput("too-long", message, echo(given), null, (double) longest, "characters");
    }

    /** A number outside its range. */
    public static InvalidInput outOfRange(String name, double given, double minimum, double maximum, String unit) {
        return outOfRange(
                name,
                Double.isFinite(given) ? AmountText.number(given) + " " + unit : String.valueOf(given),
                AmountText.number(minimum) + " " + unit,
                AmountText.number(maximum) + " " + unit,
                minimum,
                maximum,
                unit);
    }

    /** A number outside its range, with texts in the gardener's own units. */
    public static InvalidInput outOfRange(
            String name, String given, String least, String most, double minimum, double maximum, String unit) {
        String message = name + " (" + given + ") must be from " + least + " to " + most + ".";
        return new InvalidInput("out-of-range", message, given, minimum, maximum, unit);
    }

    /** An amount so small that nothing in a kitchen measures it. */
    public static InvalidInput tooSmallToMeasure(String name, String given, String instead) {
        return new InvalidInput(
                "too-small", name + " (" + given + ") is too little to measure. " + instead, given, null, null, null);
    }

    /**
     * A file that can't be read.
     *
     * @param message the reason, with its line where it is known
     * @param line the line, counted from 1; 0 where it is not known
     */
    public static InvalidInput brokenFile(String message, int line) {
        String given = line > 0 ? "line " + line : "";
        return new InvalidInput("broken-file", message, given, null, null, null);
    }

    /** A choice that doesn't exist. */
    public static InvalidInput notAChoice(String name, String given, Iterable<String> choices) {
        String message = name + " (“" + echo(given) + "”) must be one of: " + String.join(", ", choices) + ".";
        return new InvalidInput("not-a-choice", message, echo(given), null, null, null);
    }

    /** Long texts are cut for messages, never for what is stored. */
    private static String echo(String given) {
        String line = given.strip();
        return line.length() <= LONGEST_ECHO ? line : line.substring(0, LONGEST_ECHO) + "…";
    }

    public String code() {
        return code;
    }

    public String given() {
        return given;
    }

    public Optional<Double> minimum() {
        return Optional.ofNullable(minimum);
    }

    public Optional<Double> maximum() {
        return Optional.ofNullable(maximum);
    }

    public Optional<String> unit() {
        return Optional.ofNullable(unit);
    }
}
