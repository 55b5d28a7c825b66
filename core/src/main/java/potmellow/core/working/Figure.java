package potmellow.core.working;

/**
 * One number put into a step, as it is read out.
 *
 * @param name what it is, such as "leaves in hand"
 * @param value the number with its unit, such as "640 g"
 */
public record Figure(String name, String value) {}
