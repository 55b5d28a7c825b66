package potmellow.app.database;

/** The private database can't be used; the message is one plain sentence with what to do. */
public final class DatabaseTrouble extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final boolean passing;

    public DatabaseTrouble(String message) {
        this(message, null);
    }

    public DatabaseTrouble(String message, Throwable cause) {
        this(message, false, cause);
    }

    DatabaseTrouble(String message, boolean passing, Throwable cause) {
        super(message, cause);
        this.passing = passing;
    }

    /** Whether it passes by itself once there is room on the disk. */
    boolean passing() {
        return passing;
    }
}
