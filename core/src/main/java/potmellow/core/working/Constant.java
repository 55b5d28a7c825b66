package potmellow.core.working;

/**
 * A number of nature or of the craft. It stands in one place, with how far it can be trusted and where it is printed.
 *
 * @param value the number, in the unit
 * @param unit its unit; empty where it has none
 * @param evidence how far it can be trusted
 */
public record Constant(double value, String unit, Evidence evidence) {
    public static Constant published(double value, String unit, String source) {
        return new Constant(value, unit, Evidence.published(source));
    }

    public static Constant fromMemory(double value, String unit) {
        return new Constant(value, unit, Evidence.fromMemory());
    }

    public static Constant commonPractice(double value, String unit) {
        return new Constant(value, unit, Evidence.commonPractice());
    }
}
