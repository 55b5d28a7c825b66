package potmellow.app.csv;

import org.apache.commons.csv.CSVFormat;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A CSV file that is handed out (RFC 4180). */
public final class CsvSheet {
    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");
    private static final String NEW_LINE = "\r\n";

    private final StringBuilder text = new StringBuilder();

    /** A sheet with its head. */
    public CsvSheet(Object... columns) {
        row(columns);
    }

    public void row(Object... values) {
        text.append(CSVFormat.RFC4180.format(values)).append(NEW_LINE);
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
