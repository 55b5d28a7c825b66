package potmellow.app.problem;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** What it means that the database said no. Codes are those of MariaDB's list of errors, from memory but the tested ones. */
enum DatabaseAilment {
    FULL(
            HttpStatus.INSUFFICIENT_STORAGE,
            "disk-full",
            "The disk is full",
            "The disk is full, so this could not be kept. What you typed is still here: free some space, then repeat it."
                    + " What was kept before can be read."),
    READ_ONLY(
            HttpStatus.INSUFFICIENT_STORAGE,
            "read-only",
            "The disk can only be read",
            "The disk can only be read, so this could not be kept. What you typed is still here: make it writable, then"
                    + " repeat it. What was kept before can be read."),
    BUSY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "busy",
            "One moment",
            "Too much is asked at once. Nothing was changed: repeat it in a moment."),
    GONE(
            HttpStatus.SERVICE_UNAVAILABLE,
            "no-database",
            "One moment",
            "The database does not answer just now, so nobody knows whether this counted. Repeat it as it is: it counts"
                    + " once."),
    ODD(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "inside",
            "Something went wrong",
            "Something went wrong inside, so nobody knows whether this counted. Repeat it as it is: it counts once. The log"
                    + " of Pot Mellow tells more.");

    private static final Set<Integer> CODES_FULL = Set.of(1021, 1114);
    private static final Set<Integer> CODES_READ_ONLY = Set.of(1036, 1290);
    private static final Set<Integer> CODES_BUSY = Set.of(1040, 1205, 1213);
    private static final Set<Integer> CODES_GONE = Set.of(1053, 1077, 1152, 1927);

    private final HttpStatus status;
    private final String code;
    private final String title;
    private final String words;

    DatabaseAilment(HttpStatus status, String code, String title, String words) {
        this.status = status;
        this.code = code;
        this.title = title;
        this.words = words;
    }

    static DatabaseAilment of(Throwable failure) {
        if (failure instanceof PessimisticLockingFailureException) {
            return BUSY;
        }
        return causes(failure)
                .map(DatabaseAilment::told)
                .filter(told -> told != ODD)
                .findFirst()
                .orElse(unreached(failure) ? GONE : ODD);
    }

    /** A transaction that can't be begun, kept or undone has lost its connection, also where nothing says so. */
    private static boolean unreached(Throwable failure) {
        return failure instanceof DataAccessResourceFailureException
                || failure instanceof CannotCreateTransactionException
                || failure instanceof TransactionSystemException;
    }

    private static Stream<SQLException> causes(Throwable failure) {
        return Stream.iterate(failure, Objects::nonNull, Throwable::getCause)
                .filter(SQLException.class::isInstance)
                .map(SQLException.class::cast);
    }

    private static DatabaseAilment told(SQLException cause) {
        int number = cause.getErrorCode();
        String message = String.valueOf(cause.getMessage());
        if (CODES_FULL.contains(number) || message.contains("No space left") || message.contains("rrno: 28")) {
            return FULL;
        }
        if (CODES_READ_ONLY.contains(number) || message.contains("Read-only") || message.contains("rrno: 30")) {
            return READ_ONLY;
        }
        if (cause instanceof SQLTransientConnectionException && cause.getCause() == null
                || CODES_BUSY.contains(number)) {
            return BUSY;
        }
        // Class 08 of the standard's states: the connection is at fault.
        boolean connection = cause.getSQLState() != null && cause.getSQLState().startsWith("08");
        return connection || CODES_GONE.contains(number) || cause instanceof SQLTransientConnectionException
                ? GONE
                : ODD;
    }

    /** Whether the same may count a moment later, without anybody doing anything. */
    boolean passes() {
        return status == HttpStatus.SERVICE_UNAVAILABLE;
    }

    HttpStatus status() {
        return status;
    }

    String code() {
        return code;
    }

    String title() {
        return title;
    }

    String words() {
        return words;
    }
}
