package potmellow.app.database;

/** The private database can't be used; the message is one plain sentence with what to do. */
public final class DatabaseTrouble extends RuntimeException {
    private static final long serialVersionUID = 1L;

    DatabaseTrouble(String message) {
        super(message);
    }

    DatabaseTrouble(String message, Throwable cause) {
        super(message, cause);
    }
}
