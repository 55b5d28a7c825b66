package potmellow.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import potmellow.core.book.Book;
import potmellow.core.book.Material;

/** Amounts as people type them for a part of a recipe: weights, volumes and counts, each graded right, asked or refused. */
class AmountsTableTest {
    private static final Book BOOK = Book.load();
    private static final double SAME = 1e-4;

    @ParameterizedTest(name = "{0} of {1}")
    @CsvFileSource(resources = "/potmellow/amounts.csv", delimiter = '|', numLinesToSkip = 1)
    void readsAmountsAsPeopleTypeThem(String typed, String of, String meant) {
        String read = graded(typed, BOOK.material(of).orElseThrow());
        if (meant.equals("asked") || meant.equals("refused")) {
            assertThat(read).isEqualTo(meant);
        } else {
            double amount = Double.parseDouble(meant);
            assertThat(Double.parseDouble(read)).isCloseTo(amount, within(amount * SAME));
        }
    }

    private static String graded(String typed, Material of) {
        try {
            return String.valueOf(new AmountReader(UnitSystem.METRIC)
                    .counted("It", typed, of.counting(), !of.liquid(), Quantity.LEAST, Quantity.MOST)
                    .base());
        } catch (InvalidInput input) {
            return input.ambiguous() ? "asked" : "refused";
        }
    }
}
