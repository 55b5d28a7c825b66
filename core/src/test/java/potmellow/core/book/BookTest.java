package potmellow.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Lid;
import potmellow.core.working.Mark;

class BookTest {
    private final Book book = Book.load();

    @Test
    void holdsThreeSchoolsOfPlantJuice() {
        assertThat(book.methods())
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
                .filteredOn(method -> method.cap().isPresent())
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
        assertThat(book.signs().senses(Family.SUGAR, Lid.CLOTH)).hasSize(3);
        assertThat(book.signs().senses(Family.SUGAR, Lid.AIRLOCK)).hasSize(4);
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
        assertThatThrownBy(() -> new Book(List.of(whole), List.of(), book.materials(), book.signs()))
                .hasMessage("The book has no product plant-juice.");
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

    @Test
    void rejectsAMaterialWithoutWeight() {
        Stated nothing = new Stated(0, Mark.FROM_MEMORY, "");
        assertThatThrownBy(() -> new Material("air", "air", nothing, Optional.empty()))
                .hasMessage("The bulk density of air must be more than nothing.");
    }
}
