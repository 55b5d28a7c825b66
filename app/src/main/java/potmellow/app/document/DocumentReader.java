package potmellow.app.document;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.ObjectReader;
import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import potmellow.app.document.Column.Kind;
import potmellow.app.document.Column.Unfit;
import potmellow.core.measure.InvalidInput;

/** A document that was sent: read line by line, and believed in nothing. */
final class DocumentReader implements AutoCloseable {
    private static final Pattern OURS = Pattern.compile(
            "manifest\\.json|schema\\.json|tables/[a-z_]{1,60}\\.jsonl|files/[a-z_]{1,60}/[a-z_]{1,60}/[0-9a-f]{64}");
    private static final int MOST_ENTRIES = 400_000;
    private static final long MOST_LINES = 30_000_000;
    private static final int LONGEST_LINE = 256 * 1024;
    private static final int LARGEST_MANIFEST = 1024 * 1024;
    private static final int LARGEST_FILE = 16 * 1024 * 1024;
    /** Lines of tables are packed to a tenth or a twentieth. */
    private static final int MOST_BLOWN_UP = 200;

    private static final long ALWAYS_TAKEN = 64L * 1024 * 1024;
    private static final int BATCH = 500;

    private final ZipFile zip;
    private final Set<String> names = new HashSet<>();
    private final ObjectMapper json;
    private final ObjectReader lines;
    private final Manifest manifest;
    private final long size;

    /** @throws InvalidInput in a sentence, for what is no document of a garden */
    DocumentReader(Path file, ObjectMapper json) throws IOException {
        this.json = json;
        this.size = Math.max(1, Files.size(file));
        this.lines = json.reader().with(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS);
        try {
            this.zip = new ZipFile(file.toFile());
        } catch (IOException | IllegalArgumentException e) {
            throw broken("The file is damaged, cut off, or no zip.");
        }
        try {
            for (Iterator<? extends ZipEntry> entries = zip.entries().asIterator(); entries.hasNext(); ) {
                String name = entries.next().getName();
                if (!OURS.matcher(name).matches()) {
                    throw broken("The file holds something strange.");
                }
                if (!names.add(name) || names.size() > MOST_ENTRIES) {
                    throw broken("The file holds something twice, or far too much.");
                }
            }
            this.manifest = manifest();
        } catch (IOException | RuntimeException e) {
            zip.close();
            throw e instanceof InvalidInput told ? told : broken("The file is damaged.");
        }
    }

    private Manifest manifest() throws IOException {
        try {
            Manifest told = json.readValue(bytes(Manifest.FILE, LARGEST_MANIFEST), Manifest.class);
            if (!Manifest.FORMAT.equals(told.format()) || told.tables() == null) {
                throw broken("The file is no garden of Pot Mellow.");
            }
            return told;
        } catch (JsonProcessingException e) {
            throw broken("The file is no garden of Pot Mellow, or its manifest can't be read.");
        }
    }

    Manifest told() {
        return manifest;
    }

    /**
     * Goes through everything once, before anything is begun.
     *
     * @throws InvalidInput where something is missing, damaged, changed, or blown up out of all proportion
     */
    void verify() {
        long unpacked = 0;
        for (Manifest.Held held : manifest.tables()) {
            String name = "tables/" + held.name() + ".jsonl";
            MessageDigest sum = DocumentWriter.sha256();
            byte[] some = new byte[64 * 1024];
            try (InputStream in = open(name)) {
                for (int read = in.read(some); read >= 0; read = in.read(some)) {
                    sum.update(some, 0, read);
                    unpacked += read;
                    if (unpacked > ALWAYS_TAKEN && unpacked / size > MOST_BLOWN_UP) {
                        throw broken("The file is blown up out of all proportion.");
                    }
                }
            } catch (IOException damaged) {
                throw broken(name + " is damaged.");
            }
            if (!HexFormat.of().formatHex(sum.digest()).equals(held.sha256())) {
                throw broken(name + " isn't what the file says: it is damaged, or was changed.");
            }
        }
    }

    /**
     * Reads everything into tables of the document's own version.
     *
     * @throws InvalidInput in a sentence, with the file and the line, for the first thing that can't be taken
     */
    void into(Connection connection) throws SQLException {
        Map<String, Manifest.Held> held = new HashMap<>();
        manifest.tables().forEach(one -> held.put(one.name(), one));
        List<Table> tables = Table.all(connection);
        Set<String> known = tables.stream().map(Table::name).collect(Collectors.toSet());
        if (!held.keySet().equals(known) || held.size() != manifest.tables().size()) {
            throw broken("The file doesn't hold what its version says.");
        }
        connection.setAutoCommit(false);
        try (Statement unordered = connection.createStatement()) {
            // Rows may name rows that come later in the same table; at the end all are asked for.
            unordered.execute("SET foreign_key_checks = 0");
        }
        for (Table table : tables) {
            try {
                load(table, held.get(table.name()), connection);
            } catch (IOException damaged) {
                throw broken(table.file() + " is damaged.");
            }
        }
        connection.commit();
        try (Statement statement = connection.createStatement();
                ResultSet gardens = statement.executeQuery("SELECT COUNT(*) FROM garden")) {
            gardens.next();
            if (gardens.getInt(1) != 1) {
                throw broken("The file must hold exactly one garden.");
            }
        }
        for (Reference reference : Reference.all(connection)) {
            if (reference.dangles(connection)) {
                throw broken("Something in " + reference.table() + " names a " + reference.to()
                        + " that isn't in the file.");
            }
        }
    }

    private void load(Table table, Manifest.Held held, Connection connection) throws SQLException, IOException {
        String places = table.columns().stream().map(column -> "?").collect(Collectors.joining(", "));
        String sql = "INSERT INTO `" + table.name() + "` (" + table.columnNames() + ") VALUES (" + places + ")";
        // Rows with files are large: none of them waits for others in memory.
        int batch = table.columns().stream().anyMatch(column -> column.kind() == Kind.FILE) ? 1 : BATCH;
        long number = 0;
        try (InputStream in = new BufferedInputStream(open(table.file()));
                PreparedStatement statement = connection.prepareStatement(sql)) {
            for (byte[] line = line(in, table); line != null; line = line(in, table)) {
                number++;
                if (number > held.rows() || number > MOST_LINES) {
                    throw broken(table.file() + " has more lines than the file says.");
                }
                set(table, line, number, statement);
                statement.addBatch();
                if (number % batch == 0) {
                    run(statement, table, number);
                }
            }
            run(statement, table, number);
        }
        if (number != held.rows()) {
            throw broken(table.file() + " has fewer lines than the file says.");
        }
    }

    private void set(Table table, byte[] line, long number, PreparedStatement statement)
            throws SQLException, IOException {
        try {
            JsonNode row = lines.readTree(line);
            if (row == null || !row.isObject()) {
                throw new Unfit("it is no object");
            }
            Set<String> unknown = new HashSet<>();
            row.fieldNames().forEachRemaining(unknown::add);
            int place = 1;
            for (Column column : table.columns()) {
                unknown.remove(column.name());
                JsonNode value = row.path(column.name());
                if (column.kind() == Kind.FILE && value.isTextual()) {
                    statement.setBytes(place, file(table, column, value.asText()));
                } else {
                    column.set(statement, place, value);
                }
                place++;
            }
            if (!unknown.isEmpty()) {
                throw new Unfit("there is no " + unknown.iterator().next());
            }
        } catch (JsonProcessingException e) {
            throw broken(table.file() + ", line " + number + ": it is no JSON.");
        } catch (Unfit unfit) {
            throw broken(table.file() + ", line " + number + ": " + unfit.getMessage() + ".");
        }
    }

    private byte[] file(Table table, Column column, String sha256) throws IOException {
        if (!sha256.matches("[0-9a-f]{64}")) {
            throw new Unfit(column.name() + " names no file");
        }
        byte[] bytes = bytes(DocumentWriter.file(table, column, sha256), LARGEST_FILE);
        if (!HexFormat.of().formatHex(DocumentWriter.sha256().digest(bytes)).equals(sha256)) {
            throw new Unfit("the file of " + column.name() + " is damaged");
        }
        return bytes;
    }

    private static void run(PreparedStatement statement, Table table, long number) throws SQLException {
        try {
            statement.executeBatch();
        } catch (SQLException refused) {
            if (DocumentTrouble.ofServer(refused)) {
                throw refused;
            }
            throw broken(table.file() + ", up to line " + number + ": it holds something that can't be.");
        }
    }

    /** The next line without its end; null at the end of the file. Never more of it than a line may have is in memory. */
    private static byte[] line(InputStream in, Table table) throws IOException {
        ByteArrayOutputStream line = new ByteArrayOutputStream();
        int next = in.read();
        if (next < 0) {
            return null;
        }
        while (next >= 0 && next != '\n') {
            line.write(next);
            if (line.size() > LONGEST_LINE) {
                throw broken(table.file() + " has a line that is far too long.");
            }
            next = in.read();
        }
        return line.toByteArray();
    }

    private InputStream open(String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw broken("The file lacks " + name + ".");
        }
        return zip.getInputStream(entry);
    }

    private byte[] bytes(String name, int most) throws IOException {
        try (InputStream in = open(name)) {
            byte[] bytes = in.readNBytes(most + 1);
            if (bytes.length > most) {
                throw broken(name + " is far too large.");
            }
            return bytes;
        }
    }

    static InvalidInput broken(String words) {
        return InvalidInput.brokenFile(words + " Nothing was taken in.", 0);
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
