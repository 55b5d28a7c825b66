package potmellow.app.document;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import potmellow.app.document.Column.Kind;

/** Writes a garden out as it is at one moment, row by row: however large it is, little of it is in memory. */
final class DocumentWriter {
    private static final int ROWS_AT_ONCE = 200;

    private final Connection connection;
    private final ObjectMapper json;

    DocumentWriter(Connection connection, ObjectMapper json) {
        this.connection = connection;
        this.json = json;
    }

    void write(int version, Instant at, OutputStream out) throws SQLException, IOException {
        try (Statement begin = connection.createStatement()) {
            begin.execute("SET TRANSACTION ISOLATION LEVEL REPEATABLE READ");
            begin.execute("START TRANSACTION WITH CONSISTENT SNAPSHOT");
        }
        List<Table> tables = Table.all(connection);
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        List<Manifest.Held> held = new ArrayList<>();
        for (Table table : tables) {
            held.add(lines(table, zip));
            files(table, zip);
        }
        entry(zip, Manifest.SCHEMA, json.writerWithDefaultPrettyPrinter().writeValueAsBytes(schema(tables)));
        Manifest manifest = new Manifest(Manifest.FORMAT, version, at, name(), held);
        entry(zip, Manifest.FILE, json.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
        zip.finish();
        connection.rollback();
    }

    private String name() throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SELECT name FROM garden")) {
            row.next();
            return row.getString(1);
        }
    }

    private static void entry(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
        zip.closeEntry();
    }

    private Manifest.Held lines(Table table, ZipOutputStream zip) throws SQLException, IOException {
        zip.putNextEntry(new ZipEntry(table.file()));
        DigestOutputStream out = new DigestOutputStream(zip, sha256());
        long rows = 0;
        String columns = table.columns().stream()
                .map(column -> column.kind() == Kind.FILE
                        ? "SHA2(`" + column.name() + "`, 256) AS `" + column.name() + "`"
                        : "`" + column.name() + "`")
                .collect(Collectors.joining(", "));
        try (Statement statement = connection.createStatement()) {
            statement.setFetchSize(ROWS_AT_ONCE);
            try (ResultSet row = statement.executeQuery("SELECT " + columns + " FROM `" + table.name() + "`")) {
                while (row.next()) {
                    ObjectNode line = json.createObjectNode();
                    for (Column column : table.columns()) {
                        column.write(row, line);
                    }
                    out.write(json.writeValueAsBytes(line));
                    out.write('\n');
                    rows++;
                }
            }
        }
        zip.closeEntry();
        return new Manifest.Held(
                table.name(),
                rows,
                HexFormat.of().formatHex(out.getMessageDigest().digest()));
    }

    /** Files are named by what is in them, so that each says itself whether it is whole. */
    private void files(Table table, ZipOutputStream zip) throws SQLException, IOException {
        for (Column column : table.columns()) {
            if (column.kind() != Kind.FILE) {
                continue;
            }
            String sql = "SELECT SHA2(`" + column.name() + "`, 256), `" + column.name() + "` FROM `" + table.name()
                    + "` WHERE `" + column.name() + "` IS NOT NULL";
            Set<String> written = new HashSet<>();
            try (Statement statement = connection.createStatement()) {
                statement.setFetchSize(1);
                try (ResultSet row = statement.executeQuery(sql)) {
                    while (row.next()) {
                        if (written.add(row.getString(1))) {
                            entry(zip, file(table, column, row.getString(1)), row.getBytes(2));
                        }
                    }
                }
            }
        }
    }

    static String file(Table table, Column column, String sha256) {
        return "files/" + table.name() + "/" + column.name() + "/" + sha256;
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }

    /** JSON Schema (draft 2020-12) of a line of each table. */
    private ObjectNode schema(List<Table> tables) {
        ObjectNode schema = json.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "A garden of Pot Mellow: each line of tables/NAME.jsonl is a $defs/NAME");
        ObjectNode definitions = schema.putObject("$defs");
        for (Table table : tables) {
            ObjectNode line = definitions.putObject(table.name());
            line.put("type", "object").put("additionalProperties", false);
            ObjectNode properties = line.putObject("properties");
            table.columns().forEach(column -> column.describe(properties));
            ArrayNode required = line.putArray("required");
            table.columns().stream()
                    .filter(column -> !column.optional())
                    .forEach(column -> required.add(column.name()));
        }
        return schema;
    }
}
