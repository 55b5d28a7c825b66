package potmellow.core.working;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

class WorkingTest {
    private static final Step TOLD = Step.of("A rule.", "", Evidence.commonPractice());
    private static final Step PRINTED = Step.of("A table.", "5", Evidence.published("A handbook"));

    @Test
    void carriesTheWeakestMarkOfItsSteps() {
        assertThat(Working.of(1, PRINTED).then(2, TOLD).mark()).isEqualTo(Mark.COMMON_PRACTICE);
        assertThat(Working.of(1, PRINTED).mark()).isEqualTo(Mark.PUBLISHED);
    }

    @Test
    void saysDerivedOnceAnythingWasWorkedOut() {
        assertThat(Working.of(1, TOLD).evidence().words()).isEqualTo("common practice");
        assertThat(Working.of(1, TOLD).then(2, PRINTED).evidence().words()).isEqualTo("derived, common practice");
        assertThat(Working.of(1, Step.of("Sum.", "2", Evidence.exact()))
                        .evidence()
                        .words())
                .isEqualTo("derived");
    }

    @Test
    void namesEachSourceOnce() {
        assertThat(Working.of(1, PRINTED, TOLD, PRINTED).sources()).containsExactly("A handbook");
    }

    @Test
    void keepsItsStepsInOrder() {
        assertThat(Working.of(1, PRINTED).then(2, TOLD).map(value -> value * 2).steps())
                .containsExactly(PRINTED, TOLD);
    }

    @Test
    void rejectsAnAnswerWithoutAStep() {
        assertThatThrownBy(() -> new Working<>(1, List.of())).hasMessage("A working needs at least one step.");
    }

    @Test
    void rejectsAPublishedNumberWithoutItsSource() {
        assertThatThrownBy(() -> Evidence.published(" ")).hasMessage("A published number must name its source.");
    }

    @Test
    void rejectsHalfAFigure() {
        assertThatThrownBy(() -> Step.of("Sum.", "2", Evidence.exact(), "one"))
                .hasMessage("Figures come as pairs of name and value.");
    }
}
