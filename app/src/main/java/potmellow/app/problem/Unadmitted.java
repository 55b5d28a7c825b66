package potmellow.app.problem;

import java.time.Duration;
import java.util.Optional;

/** Somebody, or something, that isn't let in: with what it showed, or not just now. */
public final class Unadmitted extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String code;
    private final transient Optional<Duration> wait;

    private Unadmitted(String code, String message, Optional<Duration> wait) {
        super(message);
        this.code = code;
        this.wait = wait;
    }

    /**
     * What was shown opens nothing.
     *
     * @param code stable id
     * @param message what to show instead
     */
    public static Unadmitted with(String code, String message) {
        return new Unadmitted(code, message, Optional.empty());
    }

    /** Too many tries came. */
    public static Unadmitted tooOften(Duration wait) {
        long seconds = wait.plusMillis(999).toSeconds();
        return new Unadmitted(
                "too-often",
                "Too many tries. Wait " + seconds + " seconds, then try again.",
                Optional.of(Duration.ofSeconds(seconds)));
    }

    String code() {
        return code;
    }

    Optional<Duration> waiting() {
        return wait;
    }
}
