package potmellow.app.document;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.time.Instant;
import java.util.List;

/**
 * What a document says of itself.
 *
 * @param format always {@link #FORMAT}
 * @param version of the tables; a program reads all up to its own
 * @param written when
 * @param garden what the garden is called
 * @param tables what it holds
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record Manifest(String format, int version, Instant written, String garden, List<Held> tables) {
    static final String FORMAT = "pot-mellow-garden";
    static final String FILE = "manifest.json";
    static final String SCHEMA = "schema.json";

    /**
     * What it holds of one table.
     *
     * @param name which
     * @param rows how many lines
     * @param sha256 of its file, hexadecimal
     */
    record Held(String name, long rows, String sha256) {}
}
