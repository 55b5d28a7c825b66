package potmellow.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Volume;

class GoalTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 1);
    private static final Volume LITRE = Volume.ofLitres(1);

    @Test
    void countsTheTimesOfASeasonWithBothEnds() {
        assertThat(new Goal.Season("g", "plant-juice", LITRE, MAY, MAY.plusDays(28), 14).portions())
                .extracting(Goal.Portion::day)
                .containsExactly(MAY, MAY.plusDays(14), MAY.plusDays(28));
    }

    @Test
    void keepsTheKeysOfItsTimesWhenItIsPutOff() {
        Goal goal = new Goal.Season("g", "plant-juice", LITRE, MAY, MAY.plusDays(28), 14);

        assertThat(goal.later(9).portions())
                .extracting(Goal.Portion::key)
                .isEqualTo(goal.portions().stream().map(Goal.Portion::key).toList());
        assertThat(goal.withAmount(LITRE.times(2)).portions())
                .allSatisfy(portion -> assertThat(portion.amount()).isEqualTo(LITRE.times(2)));
    }

    @Test
    void refusesASeasonThatEndsBeforeItBegins() {
        assertThatThrownBy(() -> new Goal.Season("g", "plant-juice", LITRE, MAY, MAY.minusDays(1), 14))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining("It can't be before the first, 2026-05-01.");
    }

    @Test
    void refusesMoreTimesThanAYearOfWeeksHas() {
        assertThatThrownBy(() -> new Goal.Season("g", "plant-juice", LITRE, MAY, MAY.plusDays(80), 1))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining("The times in a season");
    }

    @Test
    void refusesToWantNothing() {
        assertThatThrownBy(() -> new Goal.Once("g", "plant-juice", Volume.ofLitres(0), MAY))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining("Write how much of it you want.");
    }

    @Test
    void refusesABinThatNeverFills() {
        assertThatThrownBy(() -> new Choices(Map.of(), Map.of(), Set.of(), Choices.MOST_FILL_DAYS + 1))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining("The days until a bin is full");
    }
}
