package potmellow.core.notebook;

import potmellow.core.feeding.Look;

/** What a line of a notebook says was done. */
public sealed interface Said {
    /**
     * Plants were fed.
     *
     * @param productId the brew
     * @param strength how strong, as it is said; empty where nobody wrote it
     */
    record Fed(String productId, String strength) implements Said {}

    /** Plants got plain water. */
    record Watered() implements Said {}

    /**
     * Plants were looked at.
     *
     * @param look what they showed
     * @param dry whether the soil was dry
     */
    record Looked(Look look, boolean dry) implements Said {}

    /**
     * A brew was bottled.
     *
     * @param productId the brew
     */
    record Bottled(String productId) implements Said {}

    /**
     * A pot was set that still stands.
     *
     * @param methodId how it is made
     */
    record Set(String methodId) implements Said {}
}
