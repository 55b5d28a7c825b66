package potmellow.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.craft.Family;
import potmellow.core.craft.Stated;
import potmellow.core.craft.StatedRange;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Lid;
import potmellow.core.working.Mark;

class BookTest {
    private static final Book BOOK = Book.load();
    private final Book book = BOOK;

    @Test
    void holdsThreeSchoolsOfPlantJuice() {
        assertThat(book.making("plant-juice"))
                .extracting(method -> method.school().name())
                .containsExactly("Quick, stirred", "Slow, packed", "Pressed early");
    }

    @ParameterizedTest
    @CsvSource({"plant-juice-open, 7, 10", "plant-juice-packed, 14, 21", "plant-juice-pressed, 14, 21"})
    void givesEachSchoolItsWindow(String id, double from, double to) {
        StatedRange window = book.method(id).orElseThrow().lastStage().windowDays();
        assertThat(window.least()).isEqualTo(from);
        assertThat(window.most()).isEqualTo(to);
    }

    @Test
    void givesOnlyThePackedSchoolACap() {
        assertThat(book.methods())
                .filteredOn(method ->
                        method.family() == Family.SUGAR && method.part("cap").isPresent())
                .extracting(Method::id)
                .containsExactly("plant-juice-packed");
    }

    @Test
    void leavesTwoStagesToTheSchoolThatWrings() {
        Method pressed = book.method("plant-juice-pressed").orElseThrow();
        assertThat(pressed.stages()).extracting(Stage::exit).containsExactly(Stage.Exit.WRING, Stage.Exit.STRAIN);
        assertThat(pressed.lastStage().id()).isEqualTo("liquid");
    }

    /** Section 11 of the handbook of the craft: soil 1:500, seedlings 1:1000, leaves 1:800 (common practice). */
    @ParameterizedTest
    @CsvSource({"SOIL, 500", "SEEDLINGS, 1000", "LEAVES, 800"})
    void usesPlantJuiceAtTheUsualStrengths(Target target, double water) {
        Use use = book.product("plant-juice").use(target);
        assertThat(use.usualRatio().water()).isEqualTo(water);
        assertThat(use.usual().mark()).isEqualTo(Mark.COMMON_PRACTICE);
    }

    @ParameterizedTest
    @EnumSource(Caution.Moment.class)
    void hasACautionForEveryMomentOfTheWalk(Caution.Moment moment) {
        assertThat(book.product("plant-juice").cautions(moment)).isNotEmpty();
    }

    @Test
    void refusesWhiteSugarWithAReason() {
        assertThat(book.material("white-sugar").orElseThrow().refusal().orElseThrow())
                .contains("White sugar is not used");
    }

    @Test
    void asksForTheLidOnlyWhereItCanBulge() {
        assertThat(book.signs().senses(book.methods().get(0), Lid.CLOTH)).hasSize(3);
        assertThat(book.signs().senses(book.methods().get(0), Lid.AIRLOCK)).hasSize(4);
    }

    @Test
    void rejectsAMethodThatNamesAMissingMaterial() {
        Method whole = book.methods().get(0);
        assertThatThrownBy(() -> new Book(List.of(whole), book.products(), List.of(), book.signs()))
                .hasMessage("The method plant-juice-open names the material soft-leaves, which is not in the book.");
    }

    @Test
    void rejectsAMethodThatMakesAMissingProduct() {
        Method whole = book.methods().get(0);
        assertThatThrownBy(() -> new Book(List.of(whole), List.of(), brewless(), book.signs()))
                .hasMessage("The method plant-juice-open makes the product plant-juice, which is not in the book.");
    }

    @Test
    void rejectsRangesThatRunBackwards() {
        assertThatThrownBy(() -> new StatedRange(10, null, 7, Mark.COMMON_PRACTICE))
                .hasMessageContaining("must run from least to most");
        assertThat(new StatedRange(7, null, 10, Mark.COMMON_PRACTICE).usual()).isEqualTo(8.5);
    }

    @Test
    void rejectsNumbersWithoutAMark() {
        assertThatThrownBy(() -> new Stated(1, null, null)).hasMessage("The number 1.0 has no mark.");
        assertThatThrownBy(() -> Mark.ofCode("X")).hasMessage("The mark (X) must be one of P, Y, C, M.");
    }

    private List<Material> brewless() {
        return book.materials().stream()
                .filter(material -> material.product().isEmpty())
                .toList();
    }

    @Test
    void rejectsABrewThatNeedsItself() {
        Method open = book.method("plant-juice-open").orElseThrow();
        String yaml = BookYaml.write(MethodFile.of(open, book.productOf(open)))
                .replace("- soft-leaves", "- plant-juice")
                .replaceAll("\\s*- nettles", "");
        Method circle = BookYaml.read(yaml).method();
        assertThatThrownBy(() -> new Book(List.of(circle), book.products(), book.materials(), book.signs()))
                .hasMessage("The book runs in a circle: plant-juice → plant-juice.");
    }

    /** Section 12 of the handbook of the craft: the chains (common practice). */
    @ParameterizedTest
    @CsvSource({
        "soured-rinse, lactic-serum-milk-rich",
        "lactic-serum, activated-culture",
        "activated-culture, bokashi-bran",
        "bokashi-bran, bokashi-bin",
        "forest-rice, forest-kept",
        "forest-kept, forest-heap",
        "plant-juice, forest-heap",
        "forest-heap, forest-soil",
        "forest-kept, forest-liquid",
        "fresh-rinse, worm-tea",
        "gut-mother, gut-brew"
    })
    void chainsBrewsIntoBrews(String product, String method) {
        assertThat(book.using(product)).extracting(Method::id).contains(method);
        assertThat(book.making(product)).isNotEmpty();
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void hasMethodsAndSignsForEveryFamily(Family family) {
        assertThat(book.methods(family)).isNotEmpty();
        assertThat(book.methods(family))
                .allMatch(method -> !book.signs().senses(method, Lid.AIRLOCK).isEmpty());
    }

    @Test
    void holdsEveryMethodOfTheHandbook() {
        assertThat(book.methods()).hasSize(41);
    }

    @ParameterizedTest
    @MethodSource("methods")
    void saysOfEveryMethodWhatItCostsHowToMakeItAndWhenItIsReady(Method method) {
        assertThat(method.school().costs()).isNotBlank();
        assertThat(method.steps()).isNotEmpty();
        assertThat(method.steps()).anyMatch(step -> step.words().contains("{vessel}"));
        assertThat(method.vessel().lids())
                .allMatch(lid -> lid.lets(method.stages().get(0).gas()));
        assertThat(book.productOf(method).keeps()).isNotEmpty();
    }

    static Stream<Method> methods() {
        return BOOK.methods().stream();
    }

    @Test
    void rejectsAMaterialWithoutWeight() {
        Stated nothing = new Stated(0, Mark.FROM_MEMORY, "");
        assertThatThrownBy(() -> new Material(
                        "air", "air", null, false, nothing, null, null, null, null, false, null, null, null, null, null,
                        null, null, null, null, null))
                .hasMessage("The bulk density of air must be more than nothing.");
    }

    /** Bottles of one shelf are told apart at a glance: as many colours as there are, none on more than a third of the brews. */
    @Test
    void brewsLookDifferent() {
        Map<Colour, Long> brews =
                Book.load().products().stream().collect(Collectors.groupingBy(Product::colour, Collectors.counting()));
        assertThat(brews).containsOnlyKeys(Colour.values());
        assertThat(brews.values())
                .allMatch(count -> 3 * count <= Book.load().products().size());
    }
}
