package potmellow.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.book.BookYaml.BrokenFile;

/** Whatever became of a method's file on its way: it is read, or refused in a sentence. */
class DamagedFileTest {
    private static final Book BOOK = Book.load();

    private final Map<String, String> strange = new TreeMap<>();

    static Stream<Arguments> files() {
        return BOOK.methods().stream()
                .filter(method -> method.id().hashCode() % 3 == 0)
                .map(method -> MethodFile.of(method, BOOK.productOf(method)))
                .flatMap(file -> Stream.of(
                        Arguments.of(file.method().id() + ".yaml", BookYaml.write(file), reader(BookYaml::read)),
                        Arguments.of(file.method().id() + ".jsonld", HowTo.write(file), reader(HowTo::read))));
    }

    private static Function<String, MethodFile> reader(Function<String, MethodFile> reader) {
        return reader;
    }

    private void readOrRefused(String text, Function<String, MethodFile> reader) {
        try {
            BookYaml.write(reader.apply(text));
        } catch (BrokenFile refused) {
            assertThat(refused.getMessage()).isNotBlank().doesNotContain("Exception", "potmellow.", "com.fasterxml");
        } catch (RuntimeException | StackOverflowError failure) {
            strange.putIfAbsent(failure.toString().lines().findFirst().orElse(""), text);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("files")
    void isReadOrRefused(String name, String text, Function<String, MethodFile> reader) {
        for (int length = 0; length < text.length(); length += 100) {
            readOrRefused(text.substring(0, length), reader);
        }
        Random random = new Random(name.hashCode());
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        for (int round = 0; round < 60; round++) {
            byte[] flipped = bytes.clone();
            for (int flips = 1 + random.nextInt(3); flips > 0; flips--) {
                flipped[random.nextInt(flipped.length)] ^= (byte) (1 << random.nextInt(8));
            }
            readOrRefused(new String(flipped, StandardCharsets.UTF_8), reader);
            readOrRefused(new String(flipped, StandardCharsets.UTF_16LE), reader);
        }
        assertThat(strange.keySet()).isEmpty();
    }

    /** Small texts that grow while they are read, or dig for ever. */
    @ParameterizedTest
    @ValueSource(strings = {"a: &a [x,x,x,x,x,x,x,x,x]\n", "[", "{a: ", "- "})
    void isRefusedWhereItIsABomb(String piece) {
        StringBuilder grown = new StringBuilder(piece);
        for (int level = 0; level < 9; level++) {
            grown.append("b").append(level).append(": &b").append(level).append(" [*a,*a,*a,*a,*a,*a,*a,*a,*a]\n");
        }
        readOrRefused(grown.toString(), BookYaml::read);
        readOrRefused(piece.repeat(20_000), BookYaml::read);
        readOrRefused("{\"a\":".repeat(20_000), HowTo::read);
        readOrRefused("[".repeat(50_000), HowTo::read);
        assertThat(strange.keySet()).isEmpty();
    }
}
