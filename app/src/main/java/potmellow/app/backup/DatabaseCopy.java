package potmellow.app.backup;

import java.io.BufferedOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import java.util.zip.ZipException;
import potmellow.app.database.Access;
import potmellow.app.database.DatabaseTrouble;
import potmellow.app.database.Dump;

/** One copy of a whole database as a file, and the proof that it can be read back. */
final class DatabaseCopy implements BackupFolder.Maker {
    private final Access access;

    private Told before;

    DatabaseCopy(Access access) {
        this.access = access;
    }

    @Override
    public void write(Path file) throws IOException {
        before = Told.of(access);
        try (OutputStream zipped = new GZIPOutputStream(new BufferedOutputStream(Files.newOutputStream(file)))) {
            new Dump(access).write(zipped);
        }
    }

    /** Reads it into the database aside: all tables must come back, and every act that counted before it was begun. */
    @Override
    public void check(Path file) throws IOException {
        Access aside = access.aside();
        try {
            load(file, aside);
            Told after = Told.of(aside);
            if (!after.tables().equals(before.tables())
                    || after.acts() < before.acts()
                    || after.gardens() != before.gardens()) {
                throw new DatabaseTrouble("The backup did not read back as it was written, so it is not kept.");
            }
        } finally {
            new Dump(aside).empty();
        }
    }

    /**
     * Reads a file in, in the place of whatever is there.
     *
     * @throws DatabaseTrouble in a sentence, for a file that is none of a garden, or is damaged
     */
    static void load(Path file, Access into) throws IOException {
        try (InputStream unzipped = new GZIPInputStream(Files.newInputStream(file))) {
            new Dump(into).load(unzipped);
        } catch (EOFException cut) {
            throw new DatabaseTrouble("The backup " + file + " is cut off.", cut);
        } catch (ZipException damaged) {
            throw new DatabaseTrouble("The file " + file + " is damaged, or no backup of a garden.", damaged);
        }
        if (Told.of(into).gardens() != 1) {
            throw new DatabaseTrouble("The file " + file + " holds no garden.");
        }
    }

    /** What is counted of a database, to tell whether a copy of it is whole. */
    private record Told(Set<String> tables, long gardens, long acts) {
        static Told of(Access access) {
            try (Connection connection = access.connect();
                    Statement statement = connection.createStatement()) {
                Set<String> tables = new TreeSet<>();
                try (ResultSet rows = statement.executeQuery("SHOW TABLES")) {
                    while (rows.next()) {
                        tables.add(rows.getString(1));
                    }
                }
                return new Told(
                        tables,
                        tables.contains("garden") ? count(statement, "garden") : 0,
                        tables.contains("act") ? count(statement, "act") : 0);
            } catch (SQLException e) {
                throw new DatabaseTrouble("The database could not be looked into: " + e.getMessage(), e);
            }
        }

        private static long count(Statement statement, String table) throws SQLException {
            try (ResultSet row = statement.executeQuery("SELECT COUNT(*) FROM " + table)) {
                row.next();
                return row.getLong(1);
            }
        }
    }
}
