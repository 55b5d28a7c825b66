package potmellow.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.bench.Bench;
import potmellow.core.meter.Meter;
import potmellow.core.meter.MeterReader;
import potmellow.core.pantry.PantryReader;
import potmellow.core.strength.StrengthReader;

class TypedNumberTest {
    private static final List<String> AMBIGUOUS = List.of("1,000", "1.000", "1,500", "2.250", "12,345", "999.999");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0|0",
                "5|5",
                "1500|1500",
                "1,5|1.5",
                "1.5|1.5",
                ".5|0.5",
                ",5|0.5",
                "0.500|0.5",
                "0,125|0.125",
                "1.25|1.25",
                "1,0005|1.0005",
                "1234.567|1234.567",
                "1,000,000|1000000",
                "1.000.000|1000000",
                "1,500.5|1500.5",
                "1.500,25|1500.25",
                "12 000|12000",
                "1’500|1500",
                "1'500,5|1500.5",
                "1 234 567|1234567"
            })
    void meansOneThing(String typed, double value) {
        assertThat(TypedNumber.readings(typed)).containsExactly(value);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "1..5", "1,,000", "1,00,000", "1,000.000,5", "abc", "1,5,5"})
    void isNoNumber(String typed) {
        assertThat(TypedNumber.readings(typed)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"1,500|1.5|1500", "1.000|1|1000", "999.125|999.125|999125"})
    void meansTwoThingsWhereThreeDigitsFollowOneSeparator(String typed, double one, double other) {
        assertThat(TypedNumber.readings(typed)).containsExactly(one, other);
    }

    static Stream<String> ambiguous() {
        return AMBIGUOUS.stream();
    }

    /** In every field that takes a number: none of them guesses. */
    @ParameterizedTest
    @MethodSource("ambiguous")
    void isAskedAboutInEveryFieldAndNeverGuessed(String typed) {
        for (UnitSystem system : UnitSystem.values()) {
            AmountReader reader = new AmountReader(system);
            Mass most = Mass.ofKilograms(5000);
            Volume all = Volume.ofLitres(5000);
            asked(() -> reader.mass("The leaves", typed + " g", Mass.ofGrams(0.1), most));
            asked(() -> reader.mass("The leaves", typed, Mass.ofGrams(0.1), most));
            asked(() -> reader.smallVolume("The juice", typed + " mL", Volume.ofMillilitres(0.1), all));
            asked(() -> reader.largeVolume("The can", typed + " L", Volume.ofMillilitres(0.1), all));
            asked(() -> reader.quantity("It", typed + " kg", true));
            asked(() -> reader.area("The bed", typed + " m²", Area.ofSquareMetres(0.1), Area.ofSquareMetres(100)));
            asked(() -> reader.number("The number", typed, 0, 1e7));
            asked(() -> reader.temperature("It", typed, Temperature.ofCelsius(-40), Temperature.ofCelsius(100)));
            asked(() -> new MeterReader(system).read(Meter.SCALE, typed + " g"));
            for (String saying : List.of(
                    typed,
                    "1:" + typed,
                    "1 to " + typed,
                    "1 in " + typed,
                    typed + ":1",
                    typed + " mL per 10 L",
                    "20 mL per " + typed + " mL",
                    "20 mL made up to " + typed + " mL",
                    "1:10 then 1:" + typed)) {
                asked(() -> StrengthReader.read("The strength", saying));
            }
        }
    }

    private static void asked(org.assertj.core.api.ThrowableAssert.ThrowingCallable reading) {
        assertThatThrownBy(reading).isInstanceOfSatisfying(InvalidInput.class, input -> {
            assertThat(input.ambiguous()).as(input.getMessage()).isTrue();
            assertThat(input.getMessage()).contains("could be read as", " or as ");
        });
    }

    @Test
    void namesBothReadingsInTheWordsThatWereTyped() {
        assertThatThrownBy(() -> StrengthReader.read("The strength", "1:1,000"))
                .hasMessage("The strength (“1:1,000”) could be read as 1:1 or as 1:1000. Choose or write the"
                        + " one you mean.");
        assertThatThrownBy(() -> new AmountReader(UnitSystem.METRIC).quantity("The vinegar", "1,500 mL", false))
                .hasMessageContaining("1.5 mL or as 1500 mL");
    }

    @Test
    void isAskedAboutInAListOfThingsInHand() {
        var read = new PantryReader(potmellow.core.book.Book.load(), HomeSizes.none(UnitSystem.METRIC))
                .read("1,500 g nettles, 2 kg rice");
        assertThat(read.pantry().things()).hasSize(1);
        assertThat(read.unread()).singleElement().asString().contains("1.5 g nettles or as 1500 g nettles");
    }

    /** Of two readings one may be impossible; then the other isn't guessed but known. */
    @Test
    void isReadOffAMeterWhereOnlyOneReadingCanBe() {
        MeterReader reader = new MeterReader(UnitSystem.METRIC);
        assertThat(reader.read(Meter.PH, "3.912")).isEqualTo(3.912);
        assertThat(reader.read(Meter.PH, "pH 4,005")).isEqualTo(4.005);
        asked(() -> reader.read(Meter.EC, "1,800 µS/cm"));
    }

    /** No amount is written in a way that could be read twice, so that every field takes what any screen shows. */
    @Test
    void isNeverNeededForWhatIsWrittenHere() {
        Random seeded = new Random(7);
        for (int i = 0; i < 20_000; i++) {
            double size = Math.pow(10, seeded.nextDouble() * 7 - 1);
            for (UnitSystem system : UnitSystem.values()) {
                for (String text : List.of(
                        AmountText.mass(Mass.ofGrams(size), system),
                        AmountText.volume(Volume.ofMillilitres(size), system),
                        AmountText.area(Area.ofSquareMetres(size), system),
                        AmountText.number(size))) {
                    assertThat(text).doesNotContainPattern("(?<!\\d)[1-9]\\d{0,2}[.,]\\d{3}(?!\\d)");
                }
            }
        }
        assertThat(Bench.instruments())
                .allSatisfy(instrument -> assertThat(instrument.entries())
                        .allSatisfy(entry -> assertThat(entry.usual())
                                .doesNotContainPattern("(?<!\\d)[1-9]\\d{0,2}[.,]\\d{3}(?!\\d)")));
    }
}
