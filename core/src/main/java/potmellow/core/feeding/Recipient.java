package potmellow.core.feeding;

/**
 * A planting that is to be fed.
 *
 * @param plants what they are
 * @param history what they got and showed
 */
public record Recipient(Plants plants, History history) {}
