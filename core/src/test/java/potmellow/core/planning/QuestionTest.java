package potmellow.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static potmellow.core.planning.Season.TODAY;
import static potmellow.core.planning.Season.changed;
import static potmellow.core.planning.Season.indoors;
import static potmellow.core.planning.Season.once;
import static potmellow.core.planning.Season.plenty;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.measure.Volume;
import potmellow.core.ripening.Expectation;
import potmellow.core.vessel.VesselKind;
import potmellow.core.weather.Climate;
import potmellow.core.weather.SimulatedWeather;

class QuestionTest {
    private static final List<Goal> GOALS = List.of(once("plant-juice", 1, TODAY.plusDays(60)));

    private static Workshop garden() {
        return Season.workshop(
                List.of(indoors("Shelf", 20)), plenty(), new SimulatedWeather(Climate.MARITIME, 7, TODAY));
    }

    private static Question question(Workshop workshop) {
        return Question.of(workshop, GOALS, List.of());
    }

    @Test
    void isTheSameForAGardenThatIsReadAnew() {
        assertThat(question(garden())).isEqualTo(question(garden())).hasSameHashCodeAs(question(garden()));
    }

    static Stream<UnaryOperator<Workshop>> changes() {
        return Stream.of(
                is -> Season.on(is, TODAY.plusDays(1)),
                is -> Season.with(is, plenty().subList(1, plenty().size()), is.stored(), is.today()),
                is -> Season.storing(
                        is, Stored.bottle("P1", "Juice", "plant-juice", Volume.ofLitres(1), TODAY, TODAY.plusDays(90))),
                is -> Season.with(
                        is,
                        plenty().stream()
                                .map(vat -> Season.busy(vat, TODAY.plusDays(9)))
                                .toList(),
                        is.stored(),
                        is.today()),
                is -> changed(is, choices -> choices.withBought("plant-juice")),
                is -> Season.workshop(is.spots(), is.vats(), new SimulatedWeather(Climate.MARITIME, 8, TODAY)),
                is -> Season.workshop(
                        is.spots(),
                        is.vats(),
                        is.outdoors()
                                .weather()
                                .withMeasured(Map.of(
                                        TODAY.minusDays(1), Season.dry(30).on(TODAY)))),
                is -> Season.workshop(
                        List.of(indoors("Shelf", 21)), is.vats(), is.outdoors().weather()),
                is -> Season.taking(is, method -> Expectation.of(method.stages().get(0))),
                is -> Season.with(
                        is,
                        Stream.concat(is.vats().stream(), Stream.of(Season.vat("J9", VesselKind.JAR, 1)))
                                .toList(),
                        is.stored(),
                        is.today()));
    }

    @ParameterizedTest
    @MethodSource("changes")
    void isAnotherWhereAnythingIsThatAPlanFollowsFrom(UnaryOperator<Workshop> change) {
        assertThat(question(change.apply(garden()))).isNotEqualTo(question(garden()));
    }

    @Test
    void isAnotherForOtherGoalsAndForWhatWasAgreedTo() {
        Workshop garden = garden();
        Plan plan = new Planner(garden).plan(GOALS);
        assertThat(Question.of(garden, List.of(), List.of())).isNotEqualTo(question(garden));
        assertThat(Question.of(garden, GOALS, plan.kept())).isNotEqualTo(question(garden));
    }
}
