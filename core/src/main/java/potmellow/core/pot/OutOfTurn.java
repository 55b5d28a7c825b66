package potmellow.core.pot;

/** An act that a pot is not, or no longer, in the state for. */
public final class OutOfTurn extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String code;

    /**
     * @param code stable id
     * @param message what the pot is, and what to do
     */
    public OutOfTurn(String code, String message) {
        super(message);
        this.code = code;
    }

    /** Stable id of the reason. */
    public String code() {
        return code;
    }
}
