package potmellow.app.outside;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import potmellow.core.measure.InvalidInput;

/** Reads readings from CSV (RFC 4180) with a head: code, meter, value, at. */
final class ReadingFile {
    static final List<String> COLUMNS = List.of("code", "meter", "value", "at");
    private static final int MOST_ROWS = 10_000;

    private ReadingFile() {}

    /** @throws InvalidInput for what is no such file at all */
    static List<RawReading> read(String text) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = format.parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text))) {
            List<String> names = parser.getHeaderNames().stream()
                    .map(name -> name.toLowerCase(Locale.ROOT))
                    .toList();
            if (!names.containsAll(COLUMNS)) {
                throw InvalidInput.brokenFile(
                        "The first line must name the columns " + String.join(", ", COLUMNS) + ".", 1);
            }
            List<RawReading> rows = new ArrayList<>();
            for (CSVRecord row : parser) {
                if (rows.size() >= MOST_ROWS) {
                    throw InvalidInput.brokenFile(
                            "The file has more than " + MOST_ROWS + " rows. Take it in in parts.", 0);
                }
                rows.add(new RawReading(cell(row, "code"), cell(row, "meter"), cell(row, "value"), cell(row, "at")));
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (IllegalArgumentException | IllegalStateException e) {
            throw InvalidInput.brokenFile("The file is no CSV with a head: " + e.getMessage(), 1);
        }
    }

    private static String cell(CSVRecord row, String column) {
        return row.isSet(column) ? row.get(column) : "";
    }
}
