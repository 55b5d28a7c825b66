package potmellow.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javax.measure.Unit;
import javax.measure.quantity.Mass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import tech.units.indriya.quantity.Quantities;
import tech.units.indriya.unit.Units;

class UnitConversionTest {
    private static final double RELATIVE = 1e-12;

    @ParameterizedTest
    @CsvFileSource(resources = "/potmellow/core/handbook44.csv", numLinesToSkip = 3)
    void agreesWithHandbook44(String quantity, double count, String unit, double base) {
        double converted = switch (quantity) {
            case "volume" -> Volume.of(count, VolumeUnit.valueOf(unit)).millilitres();
            case "mass" ->
                potmellow.core.measure.Mass.of(count, MassUnit.valueOf(unit)).grams();
            case "area" -> Area.of(count, AreaUnit.valueOf(unit)).squareMetres();
            default -> throw new IllegalArgumentException(quantity);
        };
        assertThat(converted).isCloseTo(base, within(base * RELATIVE));
    }

    /** The reference library builds the pound from its own definition, 0.45359237 kg. */
    @Test
    void agreesWithAReferenceLibraryOnThePound() {
        Unit<Mass> pound = Units.KILOGRAM.multiply(45359237).divide(100000000);
        double grams =
                Quantities.getQuantity(3, pound).to(Units.GRAM).getValue().doubleValue();
        assertThat(potmellow.core.measure.Mass.of(3, MassUnit.POUND).grams())
                .isCloseTo(grams, within(grams * RELATIVE));
    }

    /** Check value 4 of the handbook of the craft; NIST SP 811, B.8. */
    @ParameterizedTest
    @CsvSource({"120, 48.9", "250, 121", "68, 20", "86, 30", "32, 0", "212, 100"})
    void readsFahrenheit(double fahrenheit, double celsius) {
        assertThat(Temperature.ofFahrenheit(fahrenheit).celsius()).isCloseTo(celsius, within(0.15));
    }

    @ParameterizedTest
    @CsvSource({"-40", "0", "36.6", "100"})
    void comesBackFromFahrenheitUnchanged(double celsius) {
        double there = Temperature.ofCelsius(celsius).fahrenheit();
        assertThat(Temperature.ofFahrenheit(there).celsius()).isCloseTo(celsius, within(1e-9));
    }

    @Test
    void countsAGallonInItsSmallerUnits() {
        Volume gallon = Volume.of(1, VolumeUnit.US_GALLON);
        assertThat(gallon.in(VolumeUnit.US_FLUID_OUNCE)).isCloseTo(128, within(1e-9));
        assertThat(gallon.in(VolumeUnit.US_TABLESPOON)).isCloseTo(256, within(1e-9));
        assertThat(gallon.in(VolumeUnit.US_TEASPOON)).isCloseTo(768, within(1e-9));
    }
}
