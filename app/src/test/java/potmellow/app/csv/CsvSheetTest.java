package potmellow.app.csv;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvSheetTest {
    private static String sheet(Object cell) {
        CsvSheet sheet = new CsvSheet("name");
        sheet.row(cell);
        return sheet.file("sheet.csv").getBody();
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+1", "-1", "@SUM(A1)", "\tx"})
    void tellsATextThatLooksLikeAFormulaAsAText(String name) {
        assertThat(sheet(name)).contains("'" + name);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Kohlrabi", "3 = many", ""})
    void leavesOtherTextsAlone(String name) {
        assertThat(sheet(name)).doesNotContain("'");
    }

    @ParameterizedTest
    @ValueSource(doubles = {-4.5, 12})
    void leavesNumbersAlone(double number) {
        assertThat(sheet(number)).isEqualTo("name\r\n" + number + "\r\n");
    }
}
