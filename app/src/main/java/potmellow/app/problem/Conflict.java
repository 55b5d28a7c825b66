package potmellow.app.problem;

/** Something that can't be done any more, because the garden has changed meanwhile. */
public final class Conflict extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String code;

    /**
     * @param code stable id
     * @param message what has changed, and what to do
     */
    public Conflict(String code, String message) {
        super(message);
        this.code = code;
    }

    String code() {
        return code;
    }
}
