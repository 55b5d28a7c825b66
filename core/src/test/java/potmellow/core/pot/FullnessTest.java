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
import potmellow.core.vessel.Filling;

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

    /** 16 L packed that sink to 12 in two days: 6 L are ⅜ of it on the first day and half of it later. */
    @Test
    void reckonsWhatIsInItFromWhereItHasSunkTo() {
        Filling packed = new Filling(Volume.ofLitres(16), Volume.ofLitres(0), Volume.ofLitres(12), Volume.ofLitres(20));
        assertThat(Fullness.share(Volume.ofLitres(6), packed, 0)).isCloseTo(0.375, within(1e-9));
        assertThat(Fullness.share(Volume.ofLitres(6), packed, 30)).isCloseTo(0.5, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"6803, 6800", "64.4, 64", "0.0123, 0.012", "995, 1000", "9.96, 10"})
    void knowsTwoDigitsOfWhatItReckons(double exact, double told) {
        assertThat(Fullness.about(Volume.ofMillilitres(exact)).base()).isCloseTo(told, within(1e-9));
    }
}
