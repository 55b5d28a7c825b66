package potmellow.core.pot;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.measure.Volume;
import potmellow.core.water.Tap;
import potmellow.core.water.WaterStep;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

class BeginningTest {
    private static final Instant NOW = Instant.parse("2026-05-20T07:10:00Z");

    private static Optional<WaterStep> water(WaterStep.Treatment treatment, double hours) {
        return Optional.of(new WaterStep(
                Volume.ofLitres(10),
                Tap.NONE,
                treatment,
                hours,
                Optional.empty(),
                "Let it stand.",
                Working.of(true, Step.of("It stands.", "", Evidence.exact()))));
    }

    /** Said an hour ago or just now; its water stands a day, half an hour, or not at all. */
    @ParameterizedTest
    @CsvSource({
        "0, STAND, 24, WATER_STANDING, 24",
        "1, STAND, 24, WATER_STANDING, 23",
        "1, STAND, 0.5, WORKING, -1",
        "0, ASCORBIC, 0.1, WORKING, 0"
    })
    void startsItsClockOnceItIsFilled(
            int hoursAgo, WaterStep.Treatment treatment, double wait, State.Kind kind, double startsIn) {
        Beginning begins = Beginning.of(water(treatment, wait), NOW.minus(Duration.ofHours(hoursAgo)), NOW);
        assertThat(begins.state().kind()).isEqualTo(kind);
        assertThat(begins.setAt()).isEqualTo(NOW.plus(Duration.ofMinutes(Math.round(60 * startsIn))));
    }
}
