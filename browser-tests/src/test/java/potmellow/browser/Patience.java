package potmellow.browser;

import java.time.Duration;

/**
 * How long walks wait before they call something missing; the one place where that is said. Generous, as nothing is measured by
 * it: a slow, busy machine must come to the same result as a fast one.
 */
final class Patience {
    /** For a page to answer, or to show something. */
    static final Duration PAGE = Duration.ofSeconds(90);

    /** For the application to start or to stop, with its database. */
    static final Duration LAUNCH = Duration.ofMinutes(8);

    private Patience() {}
}
