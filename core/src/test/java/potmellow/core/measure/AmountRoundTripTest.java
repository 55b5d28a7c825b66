package potmellow.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever amount any screen shows, every field takes it back, to within its own rounding. */
class AmountRoundTripTest {
    private static final int MANY = 3000;
    private static final Mass LIGHT = Mass.ofGrams(0.001);
    private static final Mass HEAVY = Mass.ofKilograms(10_000);
    private static final Volume LITTLE = Volume.ofMillilitres(0.0001);
    private static final Volume MUCH = Volume.ofLitres(100_000);

    /** Sizes over several powers of ten, the same each time. */
    private static double[] sizes(double least, double most) {
        double powers = Math.log10(most / least);
        return new Random(15)
                .doubles(MANY)
                .map(share -> least * Math.pow(10, share * powers))
                .toArray();
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void takesBackEveryWeight(UnitSystem system) {
        AmountReader reader = new AmountReader(system);
        for (double grams : sizes(1, 1_000_000)) {
            String text = AmountText.mass(Mass.ofGrams(grams), system);
            double step = system == UnitSystem.METRIC ? grams < 10_000 ? 0.5 : grams < 100_000 ? 5 : 500 : 1.5;
            assertThat(reader.mass("It", text, LIGHT, HEAVY).grams()).as(text).isCloseTo(grams, within(step + 1e-6));
            assertThat(reader.quantity("It", text, false).base()).as(text).isCloseTo(grams, within(step + 1e-6));
            String weighed = MeasuredMass.of(Mass.ofGrams(grams), system).text(system);
            if (!weighed.startsWith("stir")) {
                assertThat(reader.mass("It", weighed, LIGHT, HEAVY).grams())
                        .as(weighed)
                        .isCloseTo(grams, within(Math.max(8, grams * 0.06)));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void takesBackEveryVolume(UnitSystem system) {
        AmountReader reader = new AmountReader(system);
        for (double millilitres : sizes(0.5, 1_000_000)) {
            Volume volume = Volume.ofMillilitres(millilitres);
            String text = AmountText.volume(volume, system);
            assertThat(reader.smallVolume("It", text, LITTLE, MUCH).millilitres())
                    .as(text)
                    .isCloseTo(millilitres, within(Math.max(0.06, millilitres * 0.026)));
            assertThat(reader.quantity("It", text, true, 1e-4, 1e9).isMass())
                    .as(text)
                    .isFalse();
            MeasuredVolume measured = MeasuredVolume.of(volume, system).orElseThrow();
            if (measured.stock() == 1) {
                assertThat(reader.smallVolume("It", measured.text(), LITTLE, MUCH)
                                .millilitres())
                        .as(measured.text())
                        .isCloseTo(measured.measured().millilitres(), within(Math.max(0.01, millilitres * 0.006)));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void takesBackEveryGroundAndWarmth(UnitSystem system) {
        AmountReader reader = new AmountReader(system);
        for (double metres : sizes(0.1, 10_000)) {
            String text = AmountText.area(Area.ofSquareMetres(metres), system);
            assertThat(reader.area("It", text, Area.ofSquareMetres(0.01), Area.ofSquareMetres(100_000))
                            .squareMetres())
                    .as(text)
                    .isCloseTo(metres, within(0.051));
        }
        for (double celsius = -39.9; celsius < 99; celsius += 0.7) {
            String text = AmountText.temperature(Temperature.ofCelsius(celsius), system);
            assertThat(reader.temperature("It", text, Temperature.ofCelsius(-41), Temperature.ofCelsius(101))
                            .celsius())
                    .as(text)
                    .isCloseTo(celsius, within(0.3));
        }
    }

    /** British, American and German habits: point or comma before two digits. */
    @ParameterizedTest
    @ValueSource(strings = {"en-GB", "en-US", "de-DE"})
    void takesTheNumberHabitsOfManyCountries(String tag) {
        AmountReader reader = new AmountReader(UnitSystem.METRIC);
        Locale habit = Locale.forLanguageTag(tag);
        for (double litres : sizes(0.1, 900)) {
            String typed = String.format(habit, "%.2f L", litres);
            assertThat(reader.largeVolume("It", typed, LITTLE, MUCH).litres())
                    .as(typed)
                    .isCloseTo(litres, within(0.0051));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "33 lb 1.1 oz|15000", "1 lb 4 oz|566.99", "1 lb and 4 oz|566.99", "2 kg 500 g|2500", "1½ kg|1500",
                "two kilos|2000", "half a kilo|500", "a quarter pound|113.4", "1 000 g|1000", "1’500 g|1500",
                "１.５ kg|1500", "3 lbs.|1360.78"
            })
    void takesWeightsAsTheyAreSaid(String typed, double grams) {
        assertThat(new AmountReader(UnitSystem.METRIC)
                        .mass("It", typed, LIGHT, HEAVY)
                        .grams())
                .isCloseTo(grams, within(grams * 0.001));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 gal 1 qt|8517.2",
                "6¼ tbsp|93.75",
                "2 cups|500",
                "half a cup|125",
                "1.5 mL + 7 drops|1.85",
                "3 drops|0.15",
                "1 UK gallon|4546.09",
                "1 us gal|3785.41",
                "two and a half litres|2500",
                "a dozen litres|12000",
                "3 T|45",
                "3 t|15",
                "1 fl. oz.|29.57",
                "5 ltr|5000",
                "twenty mL|20"
            })
    void takesVolumesAsTheyAreSaid(String typed, double millilitres) {
        assertThat(new AmountReader(UnitSystem.METRIC)
                        .smallVolume("It", typed, LITTLE, MUCH)
                        .millilitres())
                .isCloseTo(millilitres, within(millilitres * 0.001));
    }
}
