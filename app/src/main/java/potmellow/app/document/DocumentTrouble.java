package potmellow.app.document;

import java.sql.SQLException;

/** Who is at fault when a row can't be stored: the document, or the server. */
final class DocumentTrouble {
    private DocumentTrouble() {}

    /** Whether the server is at fault: by the standard's classes of states, data and constraints are the document's. */
    static boolean ofServer(SQLException refused) {
        String state = refused.getSQLState() == null ? "" : refused.getSQLState();
        boolean ofData = state.startsWith("22")
                || state.startsWith("23")
                || refused.getErrorCode() == 1265
                || refused.getErrorCode() == 1366
                || refused.getErrorCode() == 4025;
        return !ofData;
    }
}
