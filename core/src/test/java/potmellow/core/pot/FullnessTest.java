package potmellow.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;

/** How full a bucket of 20 L stands, as people say it. */
class FullnessTest {
    private static double read(String text) {
        return Fullness.read("How full it is", text, Volume.ofLitres(20), new AmountReader(UnitSystem.METRIC))
                .litres();
    }

    @ParameterizedTest
    @CsvSource({
        "full, 20",
        "to the brim, 20",
        "nearly full, 18",
        "Three quarters full, 15",
        "3/4, 15",
        "¾ full, 15",
        "two thirds, 13.3333",
        "half, 10",
        "half full, 10",
        "a third full, 6.6667",
        "a quarter, 5",
        "60 %, 12",
        "60 percent, 12",
        "12 L, 12",
        "12, 12",
        "3 gal, 11.3562"
    })
    void readsItAsItIsSaid(String text, double litres) {
        assertThat(read(text)).isCloseTo(litres, within(0.001));
    }

    @ParameterizedTest
    @ValueSource(strings = {"25 L", "120 %", "0 %", "rather full of frogs", "-3 L"})
    void refusesWhatCantStandInIt(String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(InvalidInput.class);
    }

    @Test
    void offersChoicesForNothing() {
        assertThatThrownBy(() -> read(" "))
                .isInstanceOfSatisfying(
                        InvalidInput.class,
                        input -> assertThat(input.readings()).contains("half"));
    }
}
