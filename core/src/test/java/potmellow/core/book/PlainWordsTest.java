package potmellow.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import potmellow.core.craft.Act;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.pot.Course;
import potmellow.core.pot.Visit;
import potmellow.core.ripening.Expectation;
import potmellow.core.scaling.Packing;
import potmellow.core.vessel.Filling;

/** Sentences that the book makes of its numbers read as somebody would say them, for every method and product. */
class PlainWordsTest {
    private static final Book BOOK = Book.load();
    private static final Instant SET = Instant.parse("2025-05-01T08:00:00Z");

    @Test
    void knowsEveryWayThatSomebodyMaySeeWithoutItsName() {
        assertThat(SeenAs.ALL)
                .allSatisfy(seen -> assertThat(BOOK.method(seen.methodId()))
                        .as(seen.words())
                        .isPresent())
                .extracting(SeenAs::words)
                .doesNotHaveDuplicates();
    }

    @Test
    void leavesNothingAloneThatNeedsAir() {
        BOOK.methods()
                .forEach(method -> method.stages().stream()
                        .filter(stage -> stage.starts() == Stage.Starts.AIR_ON)
                        .forEach(stage ->
                                assertThat(stage.careWords()).as(method.id()).doesNotContain("leave it alone")));
    }

    @Test
    void countsOneDayAsOneAndNoDayAsThatDay() {
        BOOK.products()
                .forEach(product -> product.keeps()
                        .forEach(keep -> assertThat(keep.lengthWords())
                                .as(product.id())
                                .doesNotMatch(".*\\b1 (days|hours)\\b.*")
                                .doesNotContain("not at all")));
    }

    @Test
    void countsOneDayOfRipenessAsOne() {
        for (Method method : BOOK.methods()) {
            for (double days = 0.1; days < 3; days += 0.3) {
                Instant now = SET.plus(Duration.ofMinutes(Math.round(days * 1440)));
                Course course = new Course(
                        BOOK,
                        method,
                        0,
                        method.vessel().lids().get(0),
                        SET,
                        List.of(new Visit(SET, Act.LOOKED, Map.of(), Optional.empty())),
                        List.of(),
                        at -> 20,
                        Expectation.of(method.stages().get(0)));
                assertThat(course.at(now, UnitSystem.METRIC).verdict().value().reasons())
                        .as(method.id())
                        .noneMatch(words -> words.matches(".*at least 1 (warm )?days have.*"));
            }
        }
    }

    @Test
    void neverSaysInOneBreathThatItFitsAndHowItDoesnt() {
        Filling nearly = new Filling(
                Volume.ofMillilitres(723), Volume.ofMillilitres(0), Volume.ofMillilitres(400), Volume.ofLitres(1));
        assertThat(Packing.headspace(nearly, 0.29)).isCloseTo(0.277, within(1e-9));
        assertThat(Packing.headspace(nearly, 0.28)).isEqualTo(0.28);
        assertThat(Packing.headspace(nearly, 0.2)).isCloseTo(0.277, within(1e-9));
    }
}
