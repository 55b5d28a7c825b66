package potmellow.app.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The way in to a database.
 *
 * @param host where its server listens
 * @param port where its server listens
 * @param schema which of the server's databases
 * @param user who asks
 * @param password of who asks
 */
public record Access(String host, int port, String schema, String user, String password) {
    private static final Pattern URL = Pattern.compile("jdbc:mariadb://([^:/]+):?(\\d*)/([^?]+).*");
    /** How every database of ours is made. */
    static final String CHARACTERS = " CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci";

    private static final int USUAL_PORT = 3306;

    /** From an address as JDBC writes it. */
    public static Access of(String url, String user, String password) {
        Matcher parts = URL.matcher(url);
        if (!parts.matches()) {
            throw new DatabaseTrouble("The database's address (" + url + ") must be jdbc:mariadb://host:port/name.");
        }
        int port = parts.group(2).isEmpty() ? USUAL_PORT : Integer.parseInt(parts.group(2));
        return new Access(parts.group(1), port, parts.group(3), user, password);
    }

    /** The address as JDBC writes it. */
    public String url() {
        return "jdbc:mariadb://" + host + ":" + port + "/" + schema;
    }

    /** The same server without any of its databases. */
    Access server() {
        return new Access(host, port, "", user, password);
    }

    public Connection connect() throws SQLException {
        return DriverManager.getConnection(url(), user, password);
    }

    /** The database beside this one in which backups are read back. */
    public Access aside() {
        return new Access(host, port, schema + "_aside", user, password);
    }

    /** The database beside this one in which what comes in is read before it counts. */
    public Access coming() {
        return new Access(host, port, schema + "_coming", user, password);
    }

    /** As MariaDB's own tools read it; it holds the password, so nobody else may read the file it goes into. */
    String optionFile() {
        return "[client]\nhost=" + host + "\nport=" + port + "\nuser=" + user + "\npassword=\"" + password
                + "\"\n# database=" + schema + "\n";
    }

    static Access read(Path optionFile) throws IOException {
        Map<String, String> told = new HashMap<>();
        for (String line : Files.readAllLines(optionFile)) {
            int equals = line.indexOf('=');
            if (equals > 0) {
                told.put(
                        line.substring(0, equals).replace("# ", ""),
                        line.substring(equals + 1).replace("\"", ""));
            }
        }
        return new Access(
                told.get("host"),
                Integer.parseInt(told.get("port")),
                told.get("database"),
                told.get("user"),
                told.get("password"));
    }
}
