package potmellow.app.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.measure.InvalidInput;

/** Whatever became of a sheet on its way: it is read, or refused in a sentence. */
class DamagedSheetTest {
    private static final String SHEET = "date,what,how much,where\r\n"
            + "2026-05-01,\"looked, \"\"lush\"\"\",,Kohlrabi\r\n2026-05-02;fed\t1:500,10 L,\"a\r\nb\"\r\n".repeat(40);

    private static void readOrRefused(String text) {
        try {
            CsvFile.sheet(text)
                    .rows()
                    .forEach(row -> assertThat(row.cell("where")).isNotNull());
        } catch (InvalidInput refused) {
            assertThat(refused.getMessage()).isNotBlank();
        }
        try {
            CsvFile.read(text, List.of("date", "what"), List.of("date"));
        } catch (InvalidInput refused) {
            assertThat(refused.getMessage()).isNotBlank();
        }
    }

    @Test
    void isReadOrRefusedWhereverItIsCutOff() {
        for (int length = 0; length < SHEET.length(); length += 7) {
            readOrRefused(SHEET.substring(0, length));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE", "ISO-8859-1"})
    void isReadOrRefusedInWhateverEncodingAndHoweverFlipped(String encoding) {
        Random random = new Random(encoding.hashCode());
        byte[] bytes = SHEET.getBytes(StandardCharsets.UTF_8);
        for (int round = 0; round < 300; round++) {
            byte[] flipped = bytes.clone();
            flipped[random.nextInt(flipped.length)] ^= (byte) (1 << random.nextInt(8));
            readOrRefused(new String(flipped, Charset.forName(encoding)));
        }
    }

    @Test
    void isRefusedWhereItIsFarTooLong() {
        readOrRefused("date,what\n" + "1,2\n".repeat(200_000));
        readOrRefused("date," + "x,".repeat(100_000) + "what\n");
        readOrRefused("\"" + "x".repeat(3_000_000));
        readOrRefused("date,date,DATE\n1,2,3\n");
    }
}
