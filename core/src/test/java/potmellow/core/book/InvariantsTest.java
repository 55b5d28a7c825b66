package potmellow.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.BookYaml.BrokenFile;

/** What a method's file may not say, each with the sentence that its reader gets. */
class InvariantsTest {
    private static final Book BOOK = Book.load();

    private static String yaml(String id) {
        Method method = BOOK.method(id).orElseThrow();
        return BookYaml.write(MethodFile.of(method, BOOK.productOf(method)));
    }

    private static Arguments broken(String id, String from, String to, String sentence) {
        return Arguments.of(id, from, to, sentence);
    }

    static Stream<Arguments> brokenFiles() {
        return Stream.of(
                broken(
                        "plant-juice-open",
                        "basis: WEIGHT",
                        "basis: VOLUME",
                        "The unit (kg) doesn't fit the basis VOLUME."),
                broken("plant-juice-open", "unit: kg", "unit: stone", "The unit (stone) must be one of mass or volume"),
                broken("plant-juice-open", "value: 1.0", "value: -1.0", "The amount (-1.0) must be more than nothing."),
                broken("plant-juice-open", "id: sugar", "id: plant", "has two parts called plant."),
                broken("bokashi-bran", "of: bran", "of: moss", "is counted on moss, which is none of its parts."),
                broken("plant-juice-open", "of: plant", "of: moss", "The batch of plant-juice-open is counted on moss"),
                broken(
                        "plant-juice-open",
                        "usualLeast: 500",
                        "usualLeast: 50",
                        "must run from the least to what is usual"),
                broken("weed-bucket", "perLitres: 60", "perLitres: 0", "A starter needs a size"),
                broken("weed-bucket", "basis: STARTER", "basis: BATCH", "A starter, and only a starter"),
                broken("plant-juice-open", "{sugar}", "{honey}", "names {honey}, which is none of its parts"),
                broken("plant-juice-open", "least: 0.8", "least: 8.0", "must run from least to most."),
                broken(
                        "plant-juice-open",
                        "id: plant-juice-open",
                        "id: Plant Juice!",
                        "must be small letters, digits and dashes"),
                broken("plant-juice-open", "value: 0.25", "value: 1.25", "The headspace must be a share from 0 to 1."),
                broken(
                        "plant-juice-open",
                        "everyHours: 24.0",
                        "everyHours: 0.0",
                        "Care must come round in more than 0 hours"),
                broken("plant-juice-open", "mark: C", "mark: X", "must be one of P, Y, C, M."),
                broken(
                        "nettle-tea",
                        "basis: REST",
                        "basis: BATCH\n      value: 1.0\n      unit: L",
                        "both a share of the vessel"),
                broken("nettle-tea", "value: 0.9", "value: 1.9", "The share of the vessel (1.9) must be from 0 to 1."),
                broken("shell-calcium-tenfold", "foamsOver: vinegar", "foamsOver: milk", "foams over milk"),
                broken("worm-tea", "fresh-rinse: 16.0", "milk: 16.0", "must be one of its choices"),
                broken(
                        "worm-tea",
                        "hours:",
                        "days:\n      value: 1\n      mark: C\n    hours:",
                        "is told in days or in hours"),
                broken("long-keeper", "status: FORBIDDEN", "status: FORBIDDEN\n    status: ALLOWED", "uplicate"),
                broken("forest-kept", "leanings:", "leaning:", "“leaning” is not known"),
                broken("compost-extract", "least: 0.0", "least: 3.0", "The range"));
    }

    @ParameterizedTest
    @MethodSource("brokenFiles")
    void areToldInASentence(String id, String from, String to, String sentence) {
        String text = yaml(id);
        assertThat(text).contains(from);
        int at = text.indexOf(from);
        String wrong = text.substring(0, at) + to + text.substring(at + from.length());
        assertThatThrownBy(() -> BookYaml.read(wrong))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining(sentence);
    }

    @Test
    void namesWhereInTheFileSomethingIsWrong() {
        assertThatThrownBy(() -> BookYaml.read(yaml("plant-juice-open").replaceFirst("unit: kg", "unit: stone")))
                .hasMessageContaining("(at method › parts › no. 1 › amount)");
    }

    @Test
    void asksForAFileThatTellsOfItsOwnProduct() {
        assertThatThrownBy(
                        () -> BookYaml.read(yaml("nettle-tea").replaceFirst("product: nettle-liquid", "product: ale")))
                .hasMessageContaining("The method makes ale, but the file tells of nettle-liquid.");
    }

    @Test
    void readsAStepAsWordsAloneOrWithItsTimes() {
        String text = yaml("garlic-steep");
        MethodFile told = BookYaml.read(text);
        assertThat(told.method().steps().get(0).minutes()).isEqualTo(5);
        assertThat(told.method().steps().get(1).when()).isEqualTo(Instruction.When.READY);
        assertThatThrownBy(() -> new Instruction(" ", Instruction.When.NOW, Instruction.Hour.ANY, 1, 0, 0))
                .hasMessage("A step needs words.");
        assertThatThrownBy(() -> new Instruction("Stir.", Instruction.When.NOW, Instruction.Hour.ANY, -1, 0, 0))
                .hasMessage("The times of a step can't be less than nothing.");
    }

    @Test
    void speaksOfAStepWithoutAmountsOnACard() {
        Method bran = BOOK.method("bokashi-bran").orElseThrow();
        assertThat(bran.plain(bran.steps().get(1))).startsWith("Work it into bran bit by bit.");
        assertThat(bran.plain(bran.steps().get(2))).contains("the bucket", "tight lid", "dark");
    }
}
