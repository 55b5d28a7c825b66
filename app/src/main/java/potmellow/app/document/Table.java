package potmellow.app.document;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A table as a document holds it.
 *
 * @param name its name, which is that of its file too
 * @param columns its columns, in order
 */
record Table(String name, List<Column> columns) {
    /**
     * What isn't of the garden: the history of the tables, locks, answers kept for some days, what is made of the rest anew, what
     * this machine alone is told, and what opens it.
     */
    private static final Set<String> NOT_THE_GARDENS = Set.of(
            "flyway_schema_history",
            "garden_lock",
            "answer",
            "pot_now",
            "bottle_now",
            "practice_ending",
            "home_network",
            "passphrase",
            "SPRING_SESSION",
            "SPRING_SESSION_ATTRIBUTES");

    Table {
        columns = List.copyOf(columns);
    }

    /** All tables of a database, each after those that it refers to. */
    static List<Table> all(Connection connection) throws SQLException {
        Map<String, List<Column>> columns = columns(connection);
        Map<String, Set<String>> refers = references(connection);
        Set<String> placed = new LinkedHashSet<>();
        while (placed.size() < columns.size()) {
            String next = columns.keySet().stream()
                    .filter(name -> !placed.contains(name))
                    .filter(name -> placed.containsAll(refers.getOrDefault(name, Set.of())))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("Tables refer to each other in a circle."));
            placed.add(next);
        }
        return placed.stream().map(name -> new Table(name, columns.get(name))).toList();
    }

    private static Map<String, List<Column>> columns(Connection connection) throws SQLException {
        Map<String, List<Column>> columns = new LinkedHashMap<>();
        try (PreparedStatement statement = connection.prepareStatement("""
                        SELECT table_name, column_name, column_type, is_nullable
                        FROM information_schema.columns
                        WHERE table_schema = DATABASE()
                        ORDER BY table_name, ordinal_position""");
                ResultSet rows = statement.executeQuery()) {
            while (rows.next()) {
                String table = rows.getString(1);
                if (!NOT_THE_GARDENS.contains(table)) {
                    columns.computeIfAbsent(table, none -> new ArrayList<>())
                            .add(Column.of(
                                    table, rows.getString(2), rows.getString(3), "YES".equals(rows.getString(4))));
                }
            }
        }
        return columns;
    }

    private static Map<String, Set<String>> references(Connection connection) throws SQLException {
        Map<String, Set<String>> refers = new LinkedHashMap<>();
        for (Reference reference : Reference.all(connection)) {
            if (!reference.table().equals(reference.to())) {
                refers.computeIfAbsent(reference.table(), none -> new LinkedHashSet<>())
                        .add(reference.to());
            }
        }
        return refers;
    }

    String file() {
        return "tables/" + name + ".jsonl";
    }

    String columnNames() {
        return columns.stream().map(column -> "`" + column.name() + "`").collect(Collectors.joining(", "));
    }
}
