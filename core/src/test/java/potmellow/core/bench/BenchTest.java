package potmellow.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static potmellow.core.bench.Turned.refusing;
import static potmellow.core.bench.Turned.turn;

import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.bench.Reply.HandOver;
import potmellow.core.bench.Reply.Remark;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.water.DissolvedOxygen;
import potmellow.core.workings.KeepingSugar;
import potmellow.core.workings.TeaAir;

/** The instruments of the bench against check values of section 14 of the handbook of the craft, and hand-computed ones. */
class BenchTest {
    static Stream<Instrument> instruments() {
        return Bench.instruments().stream();
    }

    @Test
    void hasEightInstrumentsAndAUnitGlass() {
        assertThat(Bench.instruments())
                .extracting(Instrument::id)
                .containsExactly("ratio", "shells", "sugar", "bran", "air", "water", "heap", "can", "glass");
        assertThat(Bench.instrument("abacus")).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("instruments")
    void answersBeforeAnythingIsEntered(Instrument instrument) {
        Reply answer = turn(instrument.id());

        assertThat(answer.headline()).isNotBlank();
        assertThat(answer.working().steps()).isNotEmpty();
        assertThat(answer.results()).isNotEmpty();
        assertThat(answer.remarks())
                .anyMatch(remark ->
                        remark.kind() == Remark.Kind.ASSUMED || instrument.id().equals("water"));
    }

    /** What pictures draw comes from here: limits and what a hand feels, as well as every number. */
    @ParameterizedTest
    @CsvSource({
        "heap, limit, 49",
        "heap, now, 45",
        "sugar, bacteriaStop, 0.91",
        "sugar, yeastsStop, 0.88",
        "sugar, mouldsStop, 0.80",
        "bran, squeeze, 2",
        "shells, equalWeight, 1",
        "shells, tenfold, 10"
    })
    void saysAllThatItsPictureDraws(String instrument, String mark, double value) {
        assertThat(turn(instrument).shown()).containsEntry(mark, value);
    }

    @ParameterizedTest
    @MethodSource("instruments")
    void answersInUsUnitsToo(Instrument instrument) {
        assertThat(turn(UnitSystem.US, instrument.id()).headline()).isNotBlank();
    }

    @ParameterizedTest
    @MethodSource("instruments")
    void drawsCurvesWithoutHoles(Instrument instrument) {
        turn(instrument.id()).chart().ifPresent(chart -> {
            assertThat(chart.lines())
                    .isNotEmpty()
                    .allSatisfy(line -> assertThat(line.points())
                            .hasSizeGreaterThan(20)
                            .allSatisfy(point -> {
                                assertThat(point.x()).isFinite();
                                assertThat(point.y()).isFinite();
                            }));
            assertThat(chart.x()).isNotBlank();
            assertThat(chart.y()).isNotBlank();
        });
    }

    @ParameterizedTest
    @CsvSource({"sugar, -1", "bran, 1", "air, -1", "water, 1", "shells, 1"})
    void drawsCurvesThatNeverTurnBack(String instrument, int direction) {
        turn(instrument).chart().orElseThrow().lines().forEach(line -> {
            for (int i = 1; i < line.points().size(); i++) {
                double step =
                        line.points().get(i).y() - line.points().get(i - 1).y();
                assertThat(step * direction).as(line.name()).isGreaterThanOrEqualTo(-1e-9);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("instruments")
    void refusesNonsenseInEveryEntry(Instrument instrument) {
        instrument.entries().forEach(entry -> refusing(instrument.id(), entry.id(), "a unicorn"));
    }

    // Shell calcium: P, IUPAC 2021 abridged molar masses; check values 14, 15, 16.

    @Test
    void dissolvesFifteenEggsInALitreAndAHalfOfSixPercent() {
        Reply answer = turn("shells", "shells", "1 kg", "vinegar", "1.5 L", "percent", "6");
        assertThat(answer.value("dissolves")).isCloseTo(78.9, within(0.05));
        assertThat(answer.value("gas")).isCloseTo(18.0, within(0.05));
        assertThat(answer.value("calcium")).isCloseTo(20.0, within(0.05));
    }

    @Test
    void readsEggs() {
        assertThat(turn("shells", "shells", "12 eggs").value("parts"))
                .as("606 g of vinegar ÷ 66 g")
                .isCloseTo(606.0 / 66, within(1e-6));
    }

    @Test
    void tellsHowFarAPhMeterSaysItIs() {
        Reply answer = turn("shells", "ph", "5.2");
        assertThat(answer.value("done")).isCloseTo(0.735, within(0.0005));
        assertThat(answer.value("now")).isCloseTo(12.3, within(0.05));
        assertThat(answer.chart().orElseThrow().here().orElseThrow().y()).isCloseTo(73.5, within(0.05));
    }

    /** 2 fl oz to a gallon is 1:64, so 16.7 g/L ÷ 65. */
    @Test
    void reckonsTheCanAtAnyDilution() {
        assertThat(turn("shells", "strength", "2 fl oz per gallon").value("can"))
                .isCloseTo(257, within(0.5));
        assertThat(turn("shells", "strength", "1:1000").value("can")).isCloseTo(16.7, within(0.05));
    }

    /** Section 9: backward from a pH is poor: 2.45 ± 0.05 means 3.4 to 5.5 %. */
    @Test
    void readsTheFreshVinegarOffItsPhWithAnHonestBand() {
        Reply answer = turn("shells", "freshPh", "2.45");
        assertThat(answer.value("fresh")).isCloseTo(4.33, within(0.01));
        assertThat(answer.remarks()).anyMatch(remark -> remark.words().contains("from 3.4 to 5.5 %. Trust the label."));
        refusing("shells", "freshPh", "3.5");
    }

    /** Section 9: 1:10 by weight leaves 56 % of the shell, equal weight 96 %. */
    @Test
    void putsTheThreeSchoolsOnOneAxis() {
        assertThat(turn("shells").results())
                .filteredOn(result -> result.name().startsWith("school: "))
                .extracting(result -> result.id() + " " + result.text())
                .containsExactly(
                        "equalWeight 95.7 % of the shells left",
                        "equalVolume 92.7 % of the shells left", "tenfold 56.6 % of the shells left");
    }

    /** Ideal gas by hand: 0.41632 mol × 8.31446 × 293.15 K ÷ 101.325 kPa = 10.01 L; in thin, warm air more. */
    @Test
    void givesMoreGasInWarmThinAir() {
        double usual = turn("shells", "shells", "1 kg", "vinegar", "1 L").value("gas");
        double thin = turn("shells", "shells", "1 kg", "vinegar", "1 L", "celsius", "35 °C", "pressure", "850")
                .value("gas");
        assertThat(usual).isCloseTo(10.02, within(0.02));
        assertThat(thin / usual).isCloseTo(308.15 / 293.15 * 1013 / 850, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"5 g, true", "60 g, false"})
    void warnsOfAcidLeftOver(String shells, boolean sour) {
        assertThat(turn("shells", "shells", shells).remarks().stream()
                        .anyMatch(remark -> remark.kind() == Remark.Kind.WARNING
                                && remark.words().startsWith("Acid is left over")))
                .isEqualTo(sour);
    }

    @ParameterizedTest
    @CsvSource({"5, 600", "43.9, 1000", "500, 300", "80, 1200"})
    void keepsTheMassOfCalcium(double grams, double millilitres) {
        Reply answer = turn("shells", "shells", grams + " g", "vinegar", millilitres + " mL");
        double dissolvedCalcium = answer.value("dissolves") * 0.95 / 100.086 * 40.078;
        assertThat(answer.value("calcium") * millilitres / 1000).isCloseTo(dissolvedCalcium, within(1e-6));
    }

    @Test
    void saysSoOutsideTheRangeInsteadOfExtrapolating() {
        refusing("shells", "percent", "25").hasMessageContaining("must be from 4 % to 10 %".replace(" %", ""));
        refusing("sugar", "target", "0.82").hasMessageContaining("0.85");
        refusing("air", "celsius", "55 °C");
        refusing("heap", "readings", "0 h: 41, 1 h: 43");
    }

    // Sugar: check values 17, 18.

    @Test
    void tellsWaterActivityAndTheSugarItTakes() {
        Reply answer = turn("sugar", "water", "92", "sugar", "1.2 kg");
        assertThat(answer.value("activity")).isCloseTo(0.911, within(0.0006));
        assertThat(turn("sugar", "water", "88", "target", "0.90").value("needed"))
                .isCloseTo(1270, within(5.0));
    }

    /** Section 9: equal weight just misses 0.91; that takes 1.12:1 at 85 % water and 1.19:1 at 90 %. */
    @ParameterizedTest
    @CsvSource({"85, 1120", "90, 1190"})
    void missesNinetyOneByALittleWithEqualWeight(String water, double needed) {
        Reply answer = turn("sugar", "water", water);
        assertThat(answer.value("activity")).isGreaterThan(0.91);
        assertThat(answer.value("needed")).isCloseTo(needed, within(6.0));
    }

    /** Equal molasses: 0.969 (section 9). */
    @Test
    void keepsWorseWithMolasses() {
        assertThat(turn("sugar", "kind", "molasses").value("activity")).isCloseTo(0.969, within(0.001));
        assertThat(turn("sugar", "kind", "molasses", "target", "0.85").remarks())
                .anyMatch(remark -> remark.words().contains("can't be reached"));
    }

    @Test
    void addsWhatIsMissingAndNoMore() {
        Reply before = turn("sugar", "sugar", "500 g");
        Reply after = turn("sugar", "sugar", text(500 + before.value("more")) + " g");
        assertThat(after.value("activity")).isCloseTo(0.91, within(1e-4));
        assertThat(after.value("more")).isLessThan(1);
    }

    /** Sucrose in water at 25 °C by molality; osmotic coefficients of Robinson & Stokes 1959 (from memory). */
    @ParameterizedTest
    @CsvSource({"1, 0.9806", "2, 0.9581", "3, 0.9328", "4, 0.9057", "5, 0.8776", "6, 0.8493"})
    void followsTheTablesOfSucroseSolutions(double molality, double activity) {
        assertThat(KeepingSugar.waterActivity(Mass.ofGrams(1000), Mass.ofGrams(molality * 342.30))
                        .value())
                .isCloseTo(activity, within(0.002));
    }

    // Bran: check values 19, 20.

    @Test
    void tellsMoistureAndTheWaterItTakes() {
        assertThat(turn("bran", "dry", "14", "water", "0.5").value("moisture")).isCloseTo(0.441, within(0.0005));
        assertThat(turn("bran", "bran", "4 kg", "molasses", "0.4 L", "culture", "0.4 L", "target", "45")
                        .value("needed"))
                .isCloseTo(2.26, within(0.005));
    }

    @Test
    void reachesTheMoistureItSolvedFor() {
        double needed = turn("bran", "target", "40").value("needed");
        assertThat(needed).isCloseTo(4.1, within(0.05));
        assertThat(turn("bran", "water", text(needed / 10)).value("moisture")).isCloseTo(0.40, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"0.2, dust", "0.35, falls apart", "0.5, hardly a drop", "0.6, too wet"})
    void tellsWhatAHandFeels(double moisture, String words) {
        assertThat(BranSqueeze.Squeeze.at(moisture).feel()).contains(words);
    }

    // Air: check values 21, 22.

    @Test
    void findsTheLargestSafeDose() {
        Reply answer = turn(
                "air",
                "pump",
                "2",
                "depth",
                "30",
                "outlet",
                "stones",
                "celsius",
                "20 °C",
                "hours",
                "24",
                "molasses",
                "15 mL");
        assertThat(answer.value("supply")).isCloseTo(0.227, within(0.0005));
        assertThat(answer.value("safe")).as("4.87 g ÷ 0.77 g/mL, rounded").isCloseTo(6.32, within(0.02));
        assertThat(answer.remarks()).anyMatch(remark -> remark.kind() == Remark.Kind.DANGER);
        assertThat(turn("air", "pump", "2", "outlet", "stones", "celsius", "20 °C", "molasses", "6 mL")
                        .value("margin"))
                .isPositive();
    }

    /** Section 9: one tablespoon of molasses in 5 L wants about 7 L a minute through stones at a bucket's depth. */
    @Test
    void saysOpenlyWhatATablespoonWants() {
        assertThat(turn("air", "outlet", "stones", "depth", "20", "celsius", "20 °C", "molasses", "15 mL", "pump", "5")
                        .value("pumpNeeded"))
                .isCloseTo(7, within(0.3));
    }

    @Test
    void bringsLessInWarmWaterAndOnMountains() {
        double cool = turn("air", "celsius", "15 °C").value("supply");
        assertThat(turn("air", "celsius", "25 °C").value("supply")).isLessThan(cool);
        assertThat(turn("air", "celsius", "15 °C", "altitude", "1500").value("supply"))
                .isLessThan(cool);
        assertThat(new TeaAir(5, 0.3, TeaAir.STONES, 40, 3000).supply().value())
                .as("nothing left to give")
                .isZero();
    }

    /** Oxygen at saturation: tables of APHA Standard Methods (0 to 30 in the handbook, 5, 15, 35 and 40 from memory). */
    @ParameterizedTest
    @CsvSource({
        "0, 14.62",
        "5, 12.77",
        "10, 11.29",
        "15, 10.08",
        "20, 9.09",
        "25, 8.26",
        "30, 7.56",
        "35, 6.95",
        "40, 6.41"
    })
    void followsTheTablesOfOxygen(double celsius, double milligrams) {
        assertThat(DissolvedOxygen.saturation(celsius, 0)).isCloseTo(milligrams, within(0.006));
    }

    // Water: check value 23.

    @Test
    void bindsChlorine() {
        Reply answer = turn("water", "water", "60 L", "level", "1.5");
        assertThat(answer.value("exact")).isCloseTo(223, within(1.0));
        assertThat(answer.value("acid")).isCloseTo(answer.value("exact") * 1.1, within(1e-9));
        assertThat(answer.headline()).startsWith("Let it stand open overnight to 24 hours");
    }

    @Test
    void doesNotLetChloramineStand() {
        Reply answer = turn("water", "tap", "CHLORAMINE");
        assertThat(answer.headline()).startsWith("Stir in ");
        assertThat(answer.remarks()).anyMatch(remark -> remark.words().contains("doesn't leave on standing"));
        assertThat(turn("water", "tap", "NONE").headline()).isEqualTo("Nothing to remove.");
    }

    // Heap: check value 29.

    @Test
    void tellsWhenAHeapGetsTooHot() {
        Reply answer = turn("heap", "readings", "0 h: 41, 2 h: 43, 4 h: 45");
        assertThat(answer.value("left")).isCloseTo(4.00, within(0.005));
        assertThat(answer.value("slope")).isCloseTo(1, within(1e-9));
        assertThat(turn("heap", "readings", "0: 105.8 F; 2: 109.4 F; 4: 113 F").value("left"))
                .isCloseTo(4.00, within(0.02));
    }

    @Test
    void coolsATurnedHeapAndASpreadOneMost() {
        Reply.Chart chart = turn("heap").chart().orElseThrow();
        double alone = last(chart, 0);
        assertThat(last(chart, 1)).isLessThan(alone);
        assertThat(last(chart, 2)).isLessThan(alone);
        assertThat(chart.lines().get(1).points().get(0).y()).as("15 + 0.6 × 30").isCloseTo(33, within(1e-9));
    }

    private static String text(double value) {
        return String.format(Locale.ROOT, "%.7f", value);
    }

    private static double last(Reply.Chart chart, int line) {
        var points = chart.lines().get(line).points();
        return points.get(points.size() - 1).y();
    }

    // In the can: check value 30.

    @Test
    void tellsACeilingAndNeverAnAnalysis() {
        Reply answer = turn("can", "mass", "0.6 kg", "liquid", "8 L");
        assertThat(answer.value("n")).isCloseTo(54.5, within(0.05));
        assertThat(answer.headline()).contains("never an analysis");
        assertThat(answer.value("nFull")).isGreaterThan(answer.value("n"));
        assertThat(turn("can", "plant", "greens", "mass", "1 kg", "liquid", "1 L", "strength", "1:500")
                        .value("n"))
                .isCloseTo(12, within(0.05));
    }

    /** Section 9: seawater at 1:30 alone is about 1.7 mS/cm; salt-shy plants bear 0.7 (FAO 29). */
    @ParameterizedTest
    @CsvSource({"1:30, 1.71, more than plants bear", "1:50, 1.04, others bear it", "1:100, 0.52, even beans"})
    void reckonsTheSaltOfSeawater(String strength, double salt, String words) {
        Reply answer = turn("can", "seawater", strength);
        assertThat(answer.value("salt")).isCloseTo(salt, within(0.01));
        assertThat(answer.remarks()).anyMatch(remark -> remark.words().contains(words));
    }

    @Test
    void halvesWithTwiceTheWaterInTheBucket() {
        assertThat(turn("can", "liquid", "20 L").value("k"))
                .isCloseTo(turn("can").value("k") / 2, within(1e-9));
    }

    // Unit glass.

    @ParameterizedTest
    @CsvSource({
        "1 gal, water, LITRE, 3.785411784",
        "1 imperial gallon, water, LITRE, 4.54609",
        "1 lb, water, GRAM, 453.59237",
        "1 L, whole-milk, KILOGRAM, 1.03",
        "1 gal, whole-milk, POUND, 8.596",
        "100 g, raw-sugar, MILLILITRE, 111.11",
        "66 g, shells-crushed, COUNTED, 12",
        "12 eggs, shells-crushed, GRAM, 66",
        "1 egg, shells-powdered, GRAM, 5.5",
        "1 imperial pint, water, MILLILITRE, 568.26125",
        "1 imperial gallon, water, IMPERIAL_FLUID_OUNCE, 160"
    })
    void turnsAnyUnitIntoAnyOther(String amount, String material, String unit, double value) {
        assertThat(turn("glass", "amount", amount, "material", material).value(unit))
                .isCloseTo(value, within(0.005));
    }

    @ParameterizedTest
    @CsvSource({"TABLESPOON, tbsp (metric)", "CUP, cup (metric)"})
    void goesThereAndBack(String name, String symbol) {
        Reply grams = turn("glass", "amount", "1 kg", "material", "molasses");
        double litres = grams.value("LITRE");
        assertThat(turn("glass", "amount", text(litres) + " L", "material", "molasses")
                        .value("KILOGRAM"))
                .isCloseTo(1, within(1e-6));
        assertThat(grams.results()).extracting(Reply.Result::name).contains(symbol);
        assertThat(grams.value("METRIC_" + name)).isPositive();
    }

    // What can be done with an answer.

    @ParameterizedTest
    @CsvSource({
        "ratio, STRENGTH",
        "shells, START_POT",
        "sugar, START_POT",
        "bran, START_POT",
        "air, START_POT",
        "water, NOTE",
        "heap, NOTE",
        "can, STRENGTH"
    })
    void handsItsAnswerOn(String instrument, HandOver.Kind kind) {
        assertThat(turn(instrument).handOvers()).anySatisfy(handOver -> {
            assertThat(handOver.kind()).isEqualTo(kind);
            assertThat(handOver.values()).isNotEmpty();
        });
    }

    @ParameterizedTest
    @MethodSource("instruments")
    void handsOverOnlyMethodsAndPartsOfTheBook(Instrument instrument) {
        turn(instrument.id()).handOvers().stream()
                .filter(handOver -> handOver.kind() == HandOver.Kind.START_POT)
                .forEach(handOver -> {
                    var method =
                            Turned.BOOK.method(handOver.values().get("method")).orElseThrow();
                    handOver.values().keySet().stream()
                            .filter(key -> key.startsWith("in."))
                            .forEach(key ->
                                    assertThat(method.part(key.substring(3))).isPresent());
                });
    }
}
