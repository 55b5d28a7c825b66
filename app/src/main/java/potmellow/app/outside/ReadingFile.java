package potmellow.app.outside;

import java.util.List;
import potmellow.app.csv.CsvFile;
import potmellow.core.measure.InvalidInput;

/** Reads readings from CSV with a head: code, meter, value, at. */
final class ReadingFile {
    static final List<String> COLUMNS = List.of("code", "meter", "value", "at");

    private ReadingFile() {}

    /** @throws InvalidInput for what is no such file at all */
    static List<RawReading> read(String text) {
        return CsvFile.read(text, COLUMNS, COLUMNS).stream()
                .map(row -> new RawReading(row.cell("code"), row.cell("meter"), row.cell("value"), row.cell("at")))
                .toList();
    }
}
