package potmellow.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AmountReaderTest {
    private static final Mass LEAST = Mass.ofGrams(10);
    private static final Mass MOST = Mass.ofKilograms(200);

    private final AmountReader metric = new AmountReader(UnitSystem.METRIC);
    private final AmountReader us = new AmountReader(UnitSystem.US);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "640|640", "640 g|640", "640g|640", " 1.4 kg |1400", "1,4 kg|1400", "1 lb|453.59237", "1 ½ kg|1500",
                "½ kg|500", "3/4 kg|750", "1 3/4 kg|1750", ".5 kg|500", "+20 g|20", "200 kg|200000", "10 g|10"
            })
    void readsMassesAsPeopleTypeThem(String text, double grams) {
        assertThat(metric.mass("The plant", text, LEAST, MOST).grams()).isCloseTo(grams, within(1e-9));
    }

    @Test
    void takesABareNumberInTheGardensOwnUnit() {
        assertThat(us.mass("The plant", "16", LEAST, MOST).grams()).isCloseTo(453.59237, within(1e-9));
        assertThat(us.largeVolume("The can", "2", Volume.ofLitres(1), Volume.ofLitres(100))
                        .litres())
                .isCloseTo(2 * 3.785411784, within(1e-9));
        assertThat(us.smallVolume("The juice", "1", Volume.ofMillilitres(1), Volume.ofLitres(1))
                        .millilitres())
                .isCloseTo(29.5735295625, within(1e-9));
    }

    @Test
    void takesASpoonFromTheGardensOwnKitchen() {
        Volume least = Volume.ofMillilitres(1);
        Volume most = Volume.ofLitres(1);
        assertThat(metric.smallVolume("The juice", "1 tbsp", least, most).millilitres())
                .isCloseTo(15, within(1e-9));
        assertThat(us.smallVolume("The juice", "1 tbsp", least, most).millilitres())
                .isCloseTo(14.78676478125, within(1e-9));
        assertThat(metric.smallVolume("The juice", "2 cups", least, most).millilitres())
                .isCloseTo(500, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"abc", "g", "12 stones", "1..5", "1e400", "<b>5</b>", "5 / 0 g", "1-2", "12345678901234567890"})
    void saysWhatWasGivenAndWhatIsAllowedForTextItCannotRead(String text) {
        assertThatThrownBy(() -> metric.mass("The plant", text, LEAST, MOST))
                .isInstanceOf(InvalidInput.class)
                .hasMessageStartingWith("The plant (“" + text + "”) can't be read.")
                .hasMessageContaining("from 10 g to 200 kg");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   "})
    void saysThatItIsEmpty(String text) {
        assertThatThrownBy(() -> metric.mass("The plant", text, LEAST, MOST))
                .hasMessage("The plant is empty. Type a weight from 10 g to 200 kg, such as 640 g.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "-5", "9.9 g", "201 kg", "999999999999 kg"})
    void rejectsWhatIsOutOfRange(String text) {
        InvalidInput input =
                catchThrowableOfType(InvalidInput.class, () -> metric.mass("The plant", text, LEAST, MOST));
        assertThat(input.code()).isEqualTo("out-of-range");
        assertThat(input.minimum()).contains(10.0);
        assertThat(input.maximum()).contains(200_000.0);
        assertThat(input.unit()).contains("g");
        assertThat(input).hasMessageContaining("must be from 10 g to 200 kg");
    }

    @Test
    void rejectsALongTextWithoutRepeatingItWhole() {
        assertThatThrownBy(() -> metric.mass("The plant", "9".repeat(10_000), LEAST, MOST))
                .hasMessage("The plant has 10000 characters; at most 60 are kept.");
    }

    @Test
    void readsAreasAndTemperatures() {
        assertThat(us.area("The bed", "100", Area.ofSquareMetres(1), Area.ofSquareMetres(100))
                        .squareMetres())
                .isCloseTo(9.290304, within(1e-9));
        Temperature least = Temperature.ofCelsius(-20);
        Temperature most = Temperature.ofCelsius(80);
        assertThat(metric.temperature("Warmth", "19.5 °C", least, most).celsius())
                .isEqualTo(19.5);
        assertThat(metric.temperature("Warmth", "68F", least, most).celsius()).isCloseTo(20, within(1e-9));
        assertThat(us.temperature("Warmth", "68", least, most).celsius()).isCloseTo(20, within(1e-9));
        assertThatThrownBy(() -> metric.temperature("Warmth", "20 K", least, most))
                .hasMessageContaining("can't be read");
    }

    @Test
    void readsBareNumbersOnly() {
        assertThat(metric.number("N", "500", 1, 1000)).isEqualTo(500);
        assertThatThrownBy(() -> metric.number("N", "500 mL", 1, 1000)).hasMessageContaining("can't be read");
        assertThatThrownBy(() -> metric.number("N", "0", 1, 1000)).hasMessage("N (0) must be from 1 to 1000.");
    }
}
