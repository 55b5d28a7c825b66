package potmellow.app.problem;

/** Something asked for that isn't there. */
public final class Missing extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** @param what the kind of thing, such as "pot" */
    public Missing(String what) {
        super("This garden has no such " + what + ". Maybe the page is older than the garden? Load it again.");
    }
}
