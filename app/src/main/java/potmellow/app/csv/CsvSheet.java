package potmellow.app.csv;

import java.util.Arrays;
import org.apache.commons.csv.CSVFormat;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A CSV file that is handed out (RFC 4180). */
public final class CsvSheet {
    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");
    private static final String NEW_LINE = "\r\n";
    /** What a formula begins with. */
    private static final String FORMULA = "=+-@\t\r";

    private final StringBuilder text = new StringBuilder();

    /** A sheet with its head. */
    public CsvSheet(Object... columns) {
        row(columns);
    }

    /** A row. A text that a spreadsheet would take for a formula is told as the text that it is, by an apostrophe before it. */
    public void row(Object... values) {
        Object[] cells = Arrays.stream(values).map(CsvSheet::cell).toArray();
        text.append(CSVFormat.RFC4180.format(cells)).append(NEW_LINE);
    }

    private static Object cell(Object value) {
        boolean formula = value instanceof String words && !words.isEmpty() && FORMULA.indexOf(words.charAt(0)) >= 0;
        return formula ? "'" + value : value;
    }

    /** It as a file to be kept. */
    public ResponseEntity<String> file(String name) {
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text.toString());
    }
}
