package potmellow.app.document;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.UUID;

/**
 * A column as a document holds it.
 *
 * @param name its name
 * @param kind how its values are written
 * @param optional whether a row may leave it out
 */
record Column(String name, Kind kind, boolean optional) {
    /** How values are written. */
    enum Kind {
        ID("string", "uuid"),
        TEXT("string", ""),
        NUMBER("number", ""),
        FLAG("boolean", ""),
        MOMENT("string", "date-time"),
        DAY("string", "date"),
        TIME("string", "time"),
        /** Bytes or a long text in a file of its own; the row names it. */
        FILE("string", "");

        private final String type;
        private final String format;

        Kind(String type, String format) {
            this.type = type;
            this.format = format;
        }
    }

    static Column of(String table, String name, String type, boolean optional) {
        return new Column(name, kind(table, name, type), optional);
    }

    private static Kind kind(String table, String name, String type) {
        if (type.contains("blob") || table.equals("own_method") && name.equals("yaml")) {
            return Kind.FILE;
        }
        if (type.equals("uuid")) {
            return Kind.ID;
        }
        if (type.equals("tinyint(1)")) {
            return Kind.FLAG;
        }
        if (type.startsWith("datetime")) {
            return Kind.MOMENT;
        }
        if (type.equals("date")) {
            return Kind.DAY;
        }
        if (type.equals("time")) {
            return Kind.TIME;
        }
        boolean number = type.startsWith("decimal") || type.contains("int(") || type.startsWith("double");
        return number ? Kind.NUMBER : Kind.TEXT;
    }

    /** Writes a row's value. */
    void write(ResultSet row, ObjectNode line) throws SQLException {
        if (row.getString(name) == null) {
            return;
        }
        switch (kind) {
            case NUMBER -> line.put(name, row.getBigDecimal(name));
            case FLAG -> line.put(name, row.getBoolean(name));
            case MOMENT ->
                line.put(
                        name,
                        row.getObject(name, LocalDateTime.class)
                                .toInstant(ZoneOffset.UTC)
                                .toString());
            default -> line.put(name, row.getString(name));
        }
    }

    /**
     * Sets a value that was read.
     *
     * @throws Unfit where it is none of its kind
     */
    void set(PreparedStatement statement, int place, JsonNode value) throws SQLException {
        if (value.isMissingNode() || value.isNull()) {
            if (!optional) {
                throw new Unfit(name + " must be told");
            }
            statement.setNull(place, Types.NULL);
            return;
        }
        try {
            switch (kind) {
                case NUMBER -> statement.setBigDecimal(place, number(value));
                case FLAG -> statement.setBoolean(place, flag(value));
                case ID ->
                    statement.setString(place, UUID.fromString(text(value)).toString());
                case MOMENT ->
                    statement.setObject(place, LocalDateTime.ofInstant(Instant.parse(text(value)), ZoneOffset.UTC));
                case DAY ->
                    statement.setString(place, LocalDate.parse(text(value)).toString());
                case TIME ->
                    statement.setString(place, LocalTime.parse(text(value)).toString());
                default -> statement.setString(place, text(value));
            }
        } catch (DateTimeParseException | IllegalArgumentException e) {
            throw new Unfit(name + " is no " + kind.name().toLowerCase(java.util.Locale.ROOT));
        }
    }

    private String text(JsonNode value) {
        if (!value.isTextual()) {
            throw new Unfit(name + " must be a text");
        }
        return value.asText();
    }

    private BigDecimal number(JsonNode value) {
        if (!value.isNumber()) {
            throw new Unfit(name + " must be a number");
        }
        return value.decimalValue();
    }

    private boolean flag(JsonNode value) {
        if (!value.isBoolean()) {
            throw new Unfit(name + " must be true or false");
        }
        return value.asBoolean();
    }

    /** How JSON Schema describes it. */
    void describe(ObjectNode properties) {
        ObjectNode described = properties.putObject(name).put("type", kind.type);
        if (!kind.format.isEmpty()) {
            described.put("format", kind.format);
        }
    }

    /** A value that can't be what it is said to be. */
    static final class Unfit extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Unfit(String words) {
            super(words);
        }
    }
}
