package potmellow.core.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.UnitSystem;

/** Reading instruments; parts per million stand for 500 or 700 for each mS/cm (common practice: two meter scales). */
class MeterTest {
    private final MeterReader metric = new MeterReader(UnitSystem.METRIC);

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            THERMOMETER | 19.5      | 19.5
            THERMOMETER | 19,5 °C   | 19.5
            THERMOMETER | 68 °F     | 20
            PH          | 3.9       | 3.9
            PH          | pH 3,9    | 3.9
            PH          | 14        | 14
            EC          | 1.8       | 1.8
            EC          | 1800 µS/cm| 1.8
            EC          | 900 ppm 500 | 1.8
            EC          | 1260 ppm 700 | 1.8
            BRIX        | 18 °Bx    | 18
            BRIX        | 18 %      | 18
            OXYGEN      | 8.2 mg/L  | 8.2
            SCALE       | 1.2 kg    | 1200
            """)
    void readsWhatIsTypedOffIt(Meter meter, String text, double value) {
        assertThat(metric.read(meter, text)).isCloseTo(value, within(1e-9));
    }

    @Test
    void readsABareNumberInTheGardensUnits() {
        assertThat(new MeterReader(UnitSystem.US).read(Meter.THERMOMETER, "68")).isCloseTo(20, within(1e-9));
    }

    @Test
    void asksForTheScaleOfPartsPerMillion() {
        assertThatThrownBy(() -> metric.read(Meter.EC, "900 ppm"))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining("two scales")
                .hasMessageContaining("ppm 500 or ppm 700");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            PH          | 15       | must be from 0  to 14
            PH          | sour     | can't be read
            PH          | -1       | must be from 0  to 14
            BRIX        | 120      | must be from 0 °Bx to 90 °Bx
            THERMOMETER | 120      | must be from -20 °C to 80 °C
            OXYGEN      | 3 g      | can't be read
            """)
    void saysWhatItCanRead(Meter meter, String text, String words) {
        assertThatThrownBy(() -> metric.read(meter, text))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining(words);
    }

    @ParameterizedTest
    @EnumSource(Meter.class)
    void asksAboutWhatCanBeButIsOdd(Meter meter) {
        assertThat(meter.possible(meter.most())).isTrue();
        assertThat(meter.sensible(meter.most())).isFalse();
        assertThat(meter.possible(meter.most() * 1.01 + 0.01)).isFalse();
        assertThat(meter.possible(Double.NaN)).isFalse();
        assertThat(meter.sensibleWords(UnitSystem.METRIC)).contains(" to ");
    }

    @Test
    void rejectsAReadingThatNoInstrumentShows() {
        assertThatThrownBy(() -> new Reading(Meter.PH, 14.1, Instant.EPOCH))
                .hasMessageContaining("A pH of 14.1")
                .hasMessageContaining("from 0 to 14");
    }

    @ParameterizedTest
    @CsvSource({
        "PH, 3.912, pH 3.91",
        "EC, 1.8, 1.8 mS/cm",
        "BRIX, 18.04, 18 °Bx",
        "THERMOMETER, 19.54, 19.5 °C",
        "SCALE, 1200, 1.2 kg"
    })
    void tellsAReadingWithItsUnit(Meter meter, double value, String text) {
        assertThat(meter.text(value, UnitSystem.METRIC)).isEqualTo(text);
    }
}
