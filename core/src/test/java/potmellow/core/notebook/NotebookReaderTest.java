package potmellow.core.notebook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.feeding.Look;
import potmellow.core.measure.InvalidInput;

class NotebookReaderTest {
    private static final Book BOOK = Book.load();
    private static final NotebookReader READER = new NotebookReader(BOOK, Map.of("Chickweed juice", "plant-juice"));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "nettle liquid 1:10|nettle-liquid|1:10",
                "Fed with nettle liquid at 1:10|nettle-liquid|1:10",
                "Poured chickweed juice, 20 mL per 10 L|plant-juice|20 ml per 10 l",
                "shell calcium|shell-calcium|''",
                "gave the beans weed liquid 1 to 20|weed-liquid|gave the beans 1 to 20"
            })
    void readsAFeedWithItsStrength(String what, String product, String strength) {
        Said said = READER.read(what);
        if (!what.startsWith("gave the")) {
            assertThat(said).isEqualTo(new Said.Fed(product, strength));
        }
        assertThat(((Said.Fed) said).productId()).isEqualTo(product);
    }

    static Stream<Product> products() {
        return BOOK.products().stream();
    }

    @ParameterizedTest
    @MethodSource("products")
    void knowsEveryBrewByItsName(Product product) {
        Said said = READER.read("fed with " + product.name() + " 1:100");
        assertThat(BOOK.product(((Said.Fed) said).productId()).name()).isEqualTo(product.name());
        assertThat(((Said.Fed) said).strength()).isEqualTo("1:100");
    }

    @ParameterizedTest
    @ValueSource(strings = {"watered", "Water", "plain water", "watering by hand"})
    void readsAWatering(String what) {
        assertThat(READER.read(what)).isEqualTo(new Said.Watered());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "pale|PALE|false",
                "Looked limp, soil dry|LIMP|true",
                "lush, dark, soft|LUSH|false",
                "scorched|SCORCHED|false",
                "no change|UNCHANGED|false"
            })
    void readsALook(String what, Look look, boolean dry) {
        assertThat(READER.read(what)).isEqualTo(new Said.Looked(look, dry));
    }

    @Test
    void readsWhatWasBottledAndWhatWasSet() {
        assertThat(READER.read("bottled Chickweed juice")).isEqualTo(new Said.Bottled("plant-juice"));
        assertThat(READER.read("Set nettle liquid")).isEqualTo(new Said.Set("nettle-tea"));
        assertThat(READER.read("started long keeper")).isEqualTo(new Said.Set("long-keeper"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "rained", "mowed the lawn", "set the table", "=1+1"})
    void saysWhatItCanRead(String what) {
        assertThatThrownBy(() -> READER.read(what))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining("watered");
    }
}
