package potmellow.app.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import potmellow.core.measure.InvalidInput;

/** A CSV file with a head (RFC 4180), read leniently: any case and order of columns, empty lines, a byte order mark. */
public final class CsvFile {
    private static final int MOST_ROWS = 10_000;
    private static final String BYTE_ORDER_MARK = "\uFEFF";
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreHeaderCase(true)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();

    private CsvFile() {}

    /**
     * Reads all rows.
     *
     * @param columns the columns that a file may have
     * @param needed those of them that it must have
     * @throws InvalidInput for what is no such file, or one that is too long
     */
    public static List<Row> read(String text, List<String> columns, List<String> needed) {
        String plain = text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
        try (CSVParser parser = FORMAT.parse(new StringReader(plain))) {
            requireColumns(parser.getHeaderNames(), columns, needed);
            return rows(parser);
        } catch (IOException | UncheckedIOException openQuote) {
            throw InvalidInput.brokenFile(
                    "The file is no CSV with a head: a quotation mark isn't closed, or stands where none can.", 0);
        } catch (IllegalArgumentException | IllegalStateException e) {
            throw InvalidInput.brokenFile("The file is no CSV with a head: its columns can't be told apart.", 1);
        }
    }

    /**
     * Reads a sheet with whatever columns it has, parted by commas, semicolons or tabs: by what its first line has most of.
     *
     * @throws InvalidInput for what is no such file, or one that is too long
     */
    public static Sheet sheet(String text) {
        String plain = text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
        String head = plain.lines().findFirst().orElse("");
        char delimiter = Stream.of(',', ';', '\t')
                .max(Comparator.comparingLong(
                        mark -> head.chars().filter(letter -> letter == mark).count()))
                .orElseThrow();
        CSVFormat format = FORMAT.builder().setDelimiter(delimiter).get();
        try (CSVParser parser = format.parse(new StringReader(plain))) {
            return new Sheet(parser.getHeaderNames(), rows(parser));
        } catch (IOException | UncheckedIOException openQuote) {
            throw InvalidInput.brokenFile(
                    "The file is no CSV with a head: a quotation mark isn't closed, or stands where none can.", 0);
        } catch (IllegalArgumentException | IllegalStateException e) {
            throw InvalidInput.brokenFile("The file is no CSV with a head: its columns can't be told apart.", 1);
        }
    }

    private static List<Row> rows(CSVParser parser) {
        List<Row> rows = new ArrayList<>();
        for (CSVRecord record : parser) {
            if (rows.size() >= MOST_ROWS) {
                throw InvalidInput.brokenFile("The file has more than " + MOST_ROWS + " rows. Take it in in parts.", 0);
            }
            rows.add(new Row(parser.getCurrentLineNumber(), record));
        }
        return rows;
    }

    private static void requireColumns(List<String> names, List<String> columns, List<String> needed) {
        List<String> known =
                names.stream().map(name -> name.toLowerCase(Locale.ROOT)).toList();
        Optional<String> missing =
                needed.stream().filter(name -> !known.contains(name)).findFirst();
        if (missing.isPresent()) {
            throw InvalidInput.brokenFile(
                    "The first line must name the columns " + String.join(", ", columns) + "; " + missing.get()
                            + " is missing.",
                    1);
        }
    }

    /**
     * A sheet.
     *
     * @param columns the names of its columns
     * @param rows its rows
     */
    public record Sheet(List<String> columns, List<Row> rows) {
        public Sheet {
            columns = List.copyOf(columns);
            rows = List.copyOf(rows);
        }
    }

    /** A row of a file. */
    public static final class Row {
        private final long line;
        private final CSVRecord record;

        private Row(long line, CSVRecord record) {
            this.line = line;
            this.record = record;
        }

        /** Its line, counted from 1. */
        public long line() {
            return line;
        }

        /** What stands under a column; empty where nothing does. */
        public String cell(String column) {
            return record.isMapped(column) && record.isSet(column) ? record.get(column) : "";
        }
    }
}
