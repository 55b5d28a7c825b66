package potmellow.app.document;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;

/**
 * A column that names a row of another table, or of its own.
 *
 * @param table whose column
 * @param column which
 * @param to the other table
 * @param toColumn by which column
 */
record Reference(String table, String column, String to, String toColumn) {
    static List<Reference> all(Connection connection) throws SQLException {
        List<Reference> all = new ArrayList<>();
        try (PreparedStatement statement = connection.prepareStatement("""
                        SELECT table_name, column_name, referenced_table_name, referenced_column_name
                        FROM information_schema.key_column_usage
                        WHERE table_schema = DATABASE() AND referenced_table_name IS NOT NULL""");
                ResultSet rows = statement.executeQuery()) {
            while (rows.next()) {
                all.add(new Reference(rows.getString(1), rows.getString(2), rows.getString(3), rows.getString(4)));
            }
        }
        return all;
    }

    /** Whether some row names one that isn't there. */
    boolean dangles(Connection connection) throws SQLException {
        String sql = "SELECT 1 FROM `" + table + "` a LEFT JOIN `" + to + "` b ON b.`" + toColumn + "` = a.`" + column
                + "` WHERE a.`" + column + "` IS NOT NULL AND b.`" + toColumn + "` IS NULL LIMIT 1";
        try (PreparedStatement statement = connection.prepareStatement(sql);
                ResultSet rows = statement.executeQuery()) {
            return rows.next();
        }
    }
}
