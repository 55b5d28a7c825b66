package potmellow.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.ripening.ContentsAge;
import potmellow.core.ripening.ContentsAge.Topping;

/** Age and strength of a weed bucket: section 11 of the handbook of the craft (common practice, derived). */
class AgeRuleTest {
    private static final Instant SET = Instant.parse("2026-01-01T08:00:00Z");

    private static Instant day(double days) {
        return SET.plus(Duration.ofMinutes(Math.round(days * 1440)));
    }

    /** Check value 27: 45 days 1:14.4; 100 days topped up by 40 % are 60 days, 1:17.2. Flat outside 14 to 150 days. */
    @ParameterizedTest
    @CsvSource({"0, 10", "14, 10", "45, 14.4", "60, 17.2", "150, 50", "400, 50"})
    void growsStrongerOnALineOfLogarithms(double days, double water) {
        assertThat(AgeRule.at(days).value().water()).isCloseTo(water, within(0.05));
    }

    @Test
    void isAsOldAsItStoodWhereNothingWasTaken() {
        assertThat(ContentsAge.of(SET, List.of(), day(45)).value()).isCloseTo(45, within(1e-9));
    }

    @Test
    void growsYoungerByTheShareToppedUp() {
        assertThat(ContentsAge.of(SET, List.of(new Topping(day(100), 0.4)), day(100))
                        .value())
                .isCloseTo(60, within(1e-9));
        assertThat(ContentsAge.of(SET, List.of(new Topping(day(100), 0.4), new Topping(day(50), 0.5)), day(110))
                        .value())
                .isCloseTo((25 + 50) * 0.6 + 10, within(1e-9));
    }

    @Test
    void canReplaceNoMoreThanAll() {
        assertThatThrownBy(() -> new Topping(SET, 1.1)).hasMessageContaining("from 0 to 1");
    }
}
