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

    /** Under a key that stands for something else already. */
    public static Conflict somethingElse() {
        return new Conflict(
                "something-else",
                "This was sent before with something else in it, and that is what counts. Look at the page again, then"
                        + " enter the change as a new one.");
    }

    String code() {
        return code;
    }
}
