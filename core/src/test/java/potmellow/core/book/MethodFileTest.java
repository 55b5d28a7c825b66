package potmellow.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.BookYaml.BrokenFile;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.strength.Target;
import potmellow.core.working.Mark;

/** Methods as open files: valid against the schema, out and in again without loss, and refused with line and reason. */
class MethodFileTest {
    private static final Book BOOK = Book.load();
    private static final YAMLMapper YAML = new YAMLMapper();

    static Stream<MethodFile> files() {
        return BOOK.methods().stream().map(method -> MethodFile.of(method, BOOK.productOf(method)));
    }

    private static MethodFile file(String id) {
        Method method = BOOK.method(id).orElseThrow();
        return MethodFile.of(method, BOOK.productOf(method));
    }

    private static JsonSchema schema() throws IOException {
        try (InputStream in = Book.class.getResourceAsStream("/potmellow/book/schema/method.schema.json")) {
            return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                    .getSchema(in);
        }
    }

    @ParameterizedTest
    @MethodSource("files")
    void isValidAgainstTheSchema(MethodFile file) throws IOException {
        JsonNode written = YAML.readTree(BookYaml.write(file));
        assertThat(schema().validate(written)).isEmpty();
        String shipped = "/potmellow/book/methods/" + file.method().id() + ".yaml";
        try (InputStream in = Book.class.getResourceAsStream(shipped)) {
            Map<String, Object> whole =
                    Map.of("format", 1, "method", YAML.readTree(in), "product", written.get("product"));
            assertThat(schema().validate(new ObjectMapper().valueToTree(whole))).isEmpty();
        }
    }

    @Test
    void isRefusedByTheSchemaWhereAMarkIsMissing() throws IOException {
        String unmarked = BookYaml.write(file("nettle-tea")).replaceFirst("(?m)^ +mark: \"?C\"?\\R", "");
        assertThat(schema().validate(YAML.readTree(unmarked))).isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("files")
    void goesOutAndComesInAgainWithoutLoss(MethodFile file) {
        assertThat(BookYaml.read(BookYaml.write(file))).isEqualTo(file);
        assertThat(HowTo.read(HowTo.write(file))).isEqualTo(file);
    }

    @Test
    void tellsPeopleAndSearchEnginesSuppliesStepsAndTime() throws IOException {
        JsonNode howTo = new ObjectMapper().readTree(HowTo.write(file("compost-tea")));
        assertThat(howTo.get("@context").asText()).isEqualTo("https://schema.org");
        assertThat(howTo.get("@type").asText()).isEqualTo("HowTo");
        assertThat(howTo.get("totalTime").asText()).isEqualTo("PT25H");
        assertThat(howTo.get("supply").get(2).get("requiredQuantity").asText()).isEqualTo("1 lb");
        assertThat(howTo.get("step"))
                .noneMatch(step -> step.get("text").asText().contains("{"));
    }

    @Test
    void refusesABrokenFileWithItsLine() {
        String broken = BookYaml.write(file("nettle-tea")).replace("gas: STEADY", "gas: SMOKY");
        int line = (int) broken.substring(0, broken.indexOf("SMOKY")).lines().count();
        assertThatThrownBy(() -> BookYaml.read(broken))
                .isInstanceOf(BrokenFile.class)
                .hasMessageStartingWith("Line " + line + ": ")
                .hasMessageContaining("SMOKY")
                .hasMessageNotContaining("potmellow.core");
        assertThatThrownBy(() -> BookYaml.read("")).isInstanceOf(BrokenFile.class);
    }

    private static MethodEdits edits(Map<String, Double> amounts, Map<Target, Double> strengths) {
        return new MethodEdits("own-trial", "Trial", "My way", amounts, Map.of(), strengths);
    }

    @Test
    void marksChangedNumbersAsOnesOwnAndLeavesTheOthers() {
        MethodFile own = edits(Map.of("sugar", 0.8), Map.of(Target.SOIL, 250.0)).applyTo(file("plant-juice-open"));
        assertThat(own.method().part("sugar").orElseThrow().amount().mark()).isEqualTo(Mark.OWN_BATCHES);
        assertThat(own.method().part("plant").orElseThrow().amount().mark()).isEqualTo(Mark.COMMON_PRACTICE);
        Use soil = own.product().use(Target.SOIL);
        assertThat(List.of(
                        soil.strongest().value(),
                        soil.usual().value(),
                        soil.weakest().value()))
                .containsExactly(200.0, 250.0, 500.0);
        assertThat(BOOK.with(List.of(own)).method("own-trial")).isPresent();
    }

    private static List<String> odd(MethodFile file) {
        return new MethodReview(BOOK, file)
                .findings().stream().map(Finding::rule).toList();
    }

    @ParameterizedTest
    @MethodSource("files")
    void findsNothingToRefuseInTheBookItself(MethodFile file) {
        assertThat(new MethodReview(BOOK, file).findings()).noneMatch(Finding::refuses);
    }

    @Test
    void tellsWhatIsOddAgainstTheFamily() {
        assertThat(odd(edits(Map.of("sugar", 0.5), Map.of(Target.SOIL, 100.0)).applyTo(file("plant-juice-open"))))
                .containsExactlyInAnyOrder("own-sugar", "own-strength");
        MethodEdits slow = new MethodEdits(
                "own-slow", "Slow", "Slow", Map.of(), Map.of("brew", new MethodEdits.Days(9, 12)), Map.of());
        assertThat(odd(slow.applyTo(file("worm-tea")))).containsExactly("own-time");
        String sealed = BookYaml.write(file("weed-bucket")).replace("- LOOSE", "- TIGHT");
        assertThat(odd(BookYaml.read(sealed))).containsExactly("own-lid");
    }

    @Test
    void takesPartsAndMaterialsThatNoBookTellsOfAndOwnBrewsIntoOthers() {
        Material kelp = Material.own(
                "own-loft-kelp", "loft kelp", false, Mass.ofGrams(400), Optional.of(0.8), Optional.empty());
        MethodFile own = edits(Map.of(), Map.of())
                .with(List.of(new MethodEdits.AddedPart("loft-kelp", kelp, Mass.ofGrams(50), true)))
                .applyTo(file("plant-juice-open"));
        assertThat(BookYaml.read(BookYaml.write(own))).isEqualTo(own);
        Book book = BOOK.with(List.of(own));
        assertThat(book.material("own-loft-kelp")).contains(kelp);
        Method method = own.method();
        assertThat(method.steps()).anyMatch(step -> step.words().equals("Add {loft-kelp} of loft kelp."));

        Material brew = book.material("own-trial").orElseThrow();
        MethodFile next = new MethodEdits("own-next", "Next", "My way", Map.of(), Map.of(), Map.of())
                .with(List.of(new MethodEdits.AddedPart("trial", brew, Volume.ofMillilitres(20), false)))
                .applyTo(file("activated-culture"));
        Book both = book.with(List.of(next));
        assertThat(both.using("own-trial")).extracting(Method::id).containsExactly("own-next");
        assertThatThrownBy(() -> BOOK.with(List.of(next))).hasMessageContaining("own-trial");
    }
}
