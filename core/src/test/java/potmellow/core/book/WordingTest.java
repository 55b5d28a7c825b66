package potmellow.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.book.BookYaml.BrokenFile;

/** Whatever is typed into a text of a method, the method is kept so that it comes back as it is, or refused in a sentence. */
class WordingTest {
    private static final Book BOOK = Book.load();
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final YAMLMapper YAML = new YAMLMapper();
    private static final List<String> KNOWN = List.of(
            "",
            " ",
            "\t",
            "\n",
            ".inf",
            "-.inf",
            "+.Inf",
            ".INF",
            ".nan",
            ".NaN",
            ".NAN",
            "~",
            "null",
            "Null",
            "NULL",
            "true",
            "True",
            "yes",
            "Yes",
            "no",
            "NO",
            "on",
            "off",
            "y",
            "n",
            "0",
            "-0",
            "1",
            "1.5",
            "1e3",
            "1E-3",
            "0x1F",
            "0o17",
            "017",
            "0b101",
            "1_000",
            "12:30",
            "12:30:45",
            "190:20:30.15",
            "2026-11-27",
            "2026-11-27T22:00:00Z",
            "<<",
            "=",
            "-",
            "- a",
            "--- a",
            "---",
            "...",
            "?",
            "? a",
            ": a",
            "a: b",
            "a:",
            ":",
            "# a",
            "a # b",
            "a#b",
            "!",
            "!!str x",
            "!tag",
            "&a",
            "*a",
            "|",
            ">",
            "|-\n x",
            "%TAG",
            "@at",
            "`tick",
            "{",
            "}",
            "{a: b}",
            "[",
            "[a]",
            ",",
            "'",
            "''",
            "'a'",
            "\"",
            "\"a\"",
            "a\"b",
            "a'b",
            "\\",
            "a\\nb",
            "a\nb",
            "a\n\nb\n",
            " a",
            "a ",
            "a\tb",
            "a\r\nb",
            "\u0000",
            "a\u0007",
            "\u0085",
            "\u2028",
            "\u2029",
            "\uFEFFa",
            "a\uFEFF",
            "\uFFFE",
            "\uD800",
            "\uDC00a",
            "\u200Ba",
            "\u202Eabc",
            "é",
            "e\u0301",
            "ß",
            "苗",
            "🌿",
            "👩‍🌾",
            "½ cup",
            "°C",
            "µS/cm",
            "−3",
            "“a”",
            "<b>x</b>",
            "{plant}",
            "{nothing}",
            "a".repeat(60),
            "a".repeat(61),
            "a".repeat(2000),
            "a".repeat(2001),
            "word ".repeat(300));
    private static final String SIGNS = ".:-#'\"{}[]&*!|>%@`?,=~\\/ \n\t01einfaNx½🌿";

    static Stream<String> texts() {
        Random seeded = new Random(14);
        int[] signs = SIGNS.codePoints().toArray();
        return Stream.concat(
                KNOWN.stream(),
                Stream.generate(() -> {
                            int[] letters = IntStream.range(0, 1 + seeded.nextInt(12))
                                    .map(place -> signs[seeded.nextInt(signs.length)])
                                    .toArray();
                            return new String(letters, 0, letters.length);
                        })
                        .limit(500 - KNOWN.size()));
    }

    private static final List<String> PLACES = List.of(
            "/method/title",
            "/method/school/name",
            "/method/school/does",
            "/method/school/costs",
            "/method/parts/0/name",
            "/method/vessel/headroom/0/why",
            "/method/slips",
            "/method/claims/0/words",
            "/product/name",
            "/product/uses/0/tooStrong",
            "/product/uses/0/words",
            "/product/cautions/0/title");
    private static final ObjectNode NETTLE_TEA = nettleTea();

    private static ObjectNode nettleTea() {
        Method method = BOOK.method("nettle-tea").orElseThrow();
        MethodFile own = new MethodEdits("own-trial", "Nettle", "Trial", Map.of(), Map.of(), Map.of())
                .applyTo(MethodFile.of(method, BOOK.productOf(method)));
        try {
            return (ObjectNode) YAML.readTree(BookYaml.write(own));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String with(String text, List<String> places) throws IOException {
        ObjectNode root = NETTLE_TEA.deepCopy();
        for (String place : places) {
            ObjectNode holder = (ObjectNode) root.at(place.substring(0, place.lastIndexOf('/')));
            String name = place.substring(place.lastIndexOf('/') + 1);
            if (place.endsWith("/slips") || place.endsWith("/uses/0/words")) {
                holder.withArray(name).add(text);
            } else {
                holder.put(name, text);
            }
        }
        return JSON.writeValueAsString(root);
    }

    @ParameterizedTest
    @MethodSource("texts")
    void comeBackAsTheyAreOrAreRefusedInASentence(String text) throws IOException {
        MethodFile file;
        try {
            file = BookYaml.read(with(text, PLACES));
        } catch (BrokenFile refused) {
            assertThat(refused.getMessage()).isNotBlank().doesNotContain("java.", "Exception", "jackson", "snakeyaml");
            return;
        }
        String written = BookYaml.write(file);
        assertThat(BookYaml.read(written)).isEqualTo(file);
        assertThat(BOOK.with(List.of(file)).method("own-trial")).isPresent();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {".inf", "-.inf", ".nan", "~", "yes", "12:30", "2026-11-27", "0x1F", "- a", "# a", "a: b", "🌿"})
    void areKeptThoughTheyLookLikeSomethingElse(String text) throws IOException {
        MethodFile file = BookYaml.read(with(text, PLACES));
        MethodFile again = BookYaml.read(BookYaml.write(file));
        assertThat(again.method().title()).isEqualTo(text);
        assertThat(again.method().school().does()).isEqualTo(text);
        assertThat(again.method().parts().get(0).name()).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({
        "/method/title, title",
        "/method/school/name, name",
        "/method/school/does, does",
        "/method/parts/0/name, name"
    })
    void areRefusedWhereTheySayNothing(String place, String named) throws IOException {
        for (String nothing : List.of("", "  ", "\n")) {
            String text = with(nothing, List.of(place));
            assertThatThrownBy(() -> BookYaml.read(text))
                    .isInstanceOf(BrokenFile.class)
                    .hasMessageContaining(named);
        }
    }
}
