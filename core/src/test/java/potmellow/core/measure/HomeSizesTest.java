package potmellow.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.Book;
import potmellow.core.pantry.PantryReader;
import potmellow.core.strength.Saying;
import potmellow.core.strength.StrengthReader;

/** Measures of the gardener's own: asked once, then read everywhere. */
class HomeSizesTest {
    private static final HomeSizes NONE = HomeSizes.none(UnitSystem.METRIC);
    private static final HomeSizes TOLD = new HomeSizes(UnitSystem.METRIC, sizes());

    private static Map<HomeMeasure, Volume> sizes() {
        Map<HomeMeasure, Volume> sizes = new EnumMap<>(HomeMeasure.class);
        for (HomeMeasure measure : HomeMeasure.values()) {
            sizes.put(measure, Volume.ofMillilitres(10 * (measure.ordinal() + 1)));
        }
        return sizes;
    }

    @ParameterizedTest
    @EnumSource
    void asksForASizeThatNobodyHasSaid(HomeMeasure measure) {
        assertThatThrownBy(() -> StrengthReader.said("The strength", "2 " + measure.words() + " per 10 L", NONE))
                .isInstanceOfSatisfying(InvalidInput.class, asked -> {
                    assertThat(asked.unsized()).contains(measure);
                    assertThat(asked.readings()).isEqualTo(measure.offers(UnitSystem.METRIC));
                })
                .hasMessageContaining("how much does your " + measure.words() + " hold?");
        assertThatThrownBy(() -> new AmountReader(NONE)
                        .smallVolume("The brew", "a " + measure.words(), Volume.ofMillilitres(1), Volume.ofLitres(10)))
                .isInstanceOfSatisfying(
                        InvalidInput.class, asked -> assertThat(asked.unsized()).contains(measure));
    }

    @ParameterizedTest
    @EnumSource
    void readsEverySizeThatWasSaid(HomeMeasure measure) {
        double one = 10 * (measure.ordinal() + 1);
        Saying saying = StrengthReader.said("The strength", "2 " + measure.words() + " per 10 L", TOLD);
        assertThat(saying.ratio().water()).isCloseTo(10_000 / (2 * one), within(1e-9));
        assertThat(saying.how()).contains("a " + measure.words() + " is " + new AmountTextOf(one));
        Volume read = new AmountReader(TOLD)
                .smallVolume("The brew", "2 " + measure.words(), Volume.ofMillilitres(1), Volume.ofLitres(10));
        assertThat(read.millilitres()).isCloseTo(2 * one, within(1e-9));
    }

    private record AmountTextOf(double millilitres) {
        @Override
        public String toString() {
            return Volume.ofMillilitres(millilitres).text(UnitSystem.METRIC);
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            two capfuls to a gallon | 47.318
            a capful per bucket | 2.5
            half a scoop per 10 litres | 333.333
            2 capfuls + 1 tsp per gallon | 44.572
            20 mL per watering can | 4.5
            a splash to 10 L | 500
            one glug into 5 litres | 100
            1 cup per bucket | 0.4
            2 capfuls made up to 10 L | 124
            """)
    void readsThemAnywhereInASaying(String said, double water) {
        assertThat(StrengthReader.said("The strength", said, TOLD).ratio().water())
                .as(said)
                .isCloseTo(water, within(0.02));
    }

    static Stream<Arguments> offers() {
        return Arrays.stream(UnitSystem.values())
                .flatMap(system -> Arrays.stream(HomeMeasure.values())
                        .flatMap(measure -> measure.offers(system).stream().map(size -> arguments(system, size))));
    }

    @ParameterizedTest
    @MethodSource("offers")
    void offersOnlySizesThatCanBeTyped(UnitSystem system, String size) {
        Volume read = new AmountReader(system).smallVolume("The size", size, HomeMeasure.LEAST, HomeMeasure.MOST);
        assertThat(MeasuredVolume.dose(read, system)).isEqualTo(size);
    }

    @Test
    void readsThemInTheListOfWhatIsThere() {
        PantryReader reader = new PantryReader(Book.load(), TOLD);
        assertThat(reader.read("2 buckets of nettles").pantry().things().get(0).amount())
                .isEqualTo(Volume.ofMillilitres(200));
        assertThat(new PantryReader(Book.load(), NONE)
                        .read("2 scoops of wood ash")
                        .unread())
                .singleElement()
                .asString()
                .contains("how much does your scoop hold?");
    }

    @Test
    void knowsNothingElseByName() {
        assertThat(HomeMeasure.of("capful")).isEqualTo(HomeMeasure.CAPFUL);
        assertThatThrownBy(() -> HomeMeasure.of("thimble")).hasMessageContaining("pinch, splash");
    }
}
