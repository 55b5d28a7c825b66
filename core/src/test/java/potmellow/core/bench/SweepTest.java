package potmellow.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static potmellow.core.bench.Turned.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;

/** Every instrument over its whole range and beyond: numbers that are finite, a sentence where it ends, never an inside error. */
class SweepTest {
    private static final List<String> AMOUNTS = List.of(
            "0", "0.001 g", "1 g", "3 mL", "20 g", "1 L", "5 kg", "55 kg", "300 L", "900 kg", "1000 L", "5000 kg");
    private static final List<String> TEMPERATURES =
            List.of("-90 °C", "-5", "0 °C", "7", "20 °C", "40 °C", "68 °F", "199 °C");
    private static final List<String> STRENGTHS =
            List.of("neat", "1:1", "1:10", "1:256", "1:1000", "1 tbsp per gallon", "1:100000", "0.1 %");
    private static final List<String> PHS = List.of("0", "1", "2.3", "2.45", "2.8", "4", "5.5", "6", "7", "9", "14");

    private static List<String> values(Entry entry) {
        if (!entry.choices().isEmpty()) {
            return entry.choices().stream().map(Entry.Choice::id).toList();
        }
        if (entry.turn().isPresent()) {
            Entry.Knob knob = entry.turn().get();
            double span = knob.most() - knob.least();
            return DoubleStream.of(-0.1, 0, 0.01, 0.25, 0.5, 0.75, 0.99, 1, 1.1)
                    .mapToObj(part -> AmountText.number(knob.least() + part * span, 3))
                    .toList();
        }
        List<String> all = new ArrayList<>(AMOUNTS);
        all.addAll(TEMPERATURES);
        all.addAll(STRENGTHS);
        all.addAll(PHS);
        return all;
    }

    static Stream<Arguments> everyEntry() {
        return Bench.instruments().stream()
                .flatMap(instrument -> instrument.entries().stream()
                        .flatMap(entry -> Stream.of(UnitSystem.values())
                                .map(system -> Arguments.of(instrument.id(), entry.id(), system))));
    }

    private static Optional<Reply> reply(UnitSystem system, String instrument, String... typed) {
        try {
            return Optional.of(turn(system, instrument, typed));
        } catch (EntryProblem told) {
            assertThat(told.getMessage()).isNotBlank().doesNotContain("Infinity", "NaN");
            return Optional.empty();
        }
    }

    @ParameterizedTest
    @MethodSource("everyEntry")
    void answersOrSaysWhereItEnds(String instrument, String entry, UnitSystem system) {
        Entry swept = Bench.instrument(instrument).orElseThrow().entries().stream()
                .filter(one -> one.id().equals(entry))
                .findFirst()
                .orElseThrow();
        for (String value : values(swept)) {
            reply(system, instrument, entry, value).ifPresent(reply -> sound(reply, entry + " = " + value));
        }
    }

    private static void sound(Reply reply, String when) {
        assertThat(reply.headline()).as(when).doesNotContain("Infinity", "NaN", "2147483647", "E+", "--");
        reply.results().forEach(result -> {
            assertThat(result.value()).as(when + ": " + result.id()).isFinite();
            assertThat(result.text()).as(when + ": " + result.id()).doesNotContain("Infinity", "NaN", "1:0 ");
        });
        reply.chart()
                .ifPresent(chart -> chart.lines()
                        .forEach(line -> line.points().forEach(point -> {
                            assertThat(point.x()).as(when + ": " + line.name()).isFinite();
                            assertThat(point.y()).as(when + ": " + line.name()).isFinite();
                        })));
    }

    /** Where one number rises, another rises or falls, all the way. */
    @ParameterizedTest
    @CsvSource({
        "shells, shells, g, 1, 900, dissolves, 1",
        "shells, shells, g, 1, 900, acidLeft, -1",
        "shells, shells, g, 1, 900, calcium, 1",
        "shells, vinegar, mL, 10, 9000, gas, 1",
        "shells, percent, '', 4, 10, calcium, 1",
        "shells, percent, '', 4, 10, balance, -1",
        "sugar, sugar, g, 0, 5000, activity, -1",
        "sugar, water, '', 20, 98, activity, 1",
        "sugar, target, '', 0.85, 0.98, needed, -1",
        "bran, water, '', 0, 1.5, moisture, 1",
        "bran, target, '', 20, 65, needed, 1",
        "air, pump, '', 0.5, 60, supply, 1",
        "air, hours, '', 6, 72, safe, 1",
        "air, celsius, °C, 0, 40, supply, -1",
        "air, altitude, '', 0, 3000, saturation, -1",
        "water, level, '', 0.1, 4, acid, 1",
        "can, liquid, L, 2, 1000, n, -1",
        "can, mass, g, 10, 9000, n, 1"
    })
    void movesOneWayOnly(
            String instrument, String entry, String unit, double from, double to, String result, int direction) {
        double before = Double.NaN;
        for (int i = 0; i <= 40; i++) {
            String value = AmountText.number(from + (to - from) * i / 40, 4) + (unit.isEmpty() ? "" : " " + unit);
            Optional<Reply> reply = reply(UnitSystem.METRIC, instrument, entry, value);
            Optional<Double> here = reply.flatMap(found -> found.results().stream()
                    .filter(one -> one.id().equals(result))
                    .findFirst()
                    .map(Reply.Result::value));
            if (here.isPresent() && !Double.isNaN(before)) {
                assertThat((here.get() - before) * direction)
                        .as(entry + " = " + value)
                        .isGreaterThanOrEqualTo(-1e-9);
            }
            before = here.orElse(before);
        }
        assertThat(before).isFinite();
    }

    /** The balance by weight: 1:23.0 at 5 %, 1:11.5 at 10 %, 1:14.4 at 8 %, 1:28.8 at 4 % (by hand from 41.7 g chalk a litre of 5 %). */
    @ParameterizedTest
    @CsvSource({"5, 23.0", "10, 11.5", "8, 14.4", "4, 28.8"})
    void balancesTheAcidThatIsGiven(String percent, double parts) {
        Reply reply = turn("shells", "percent", percent);
        assertThat(reply.value("balance")).isCloseTo(parts, within(0.05));
        assertThat(reply.remarks()).anyMatch(remark -> remark.words().contains("exact balance with " + percent + " %"));
    }

    /** 20 g of shell hold 19 g of chalk, 7.61 g of calcium: no pH makes more of them. */
    @Test
    void neverClaimsMoreCalciumThanWentIn() {
        for (String ph : PHS) {
            Optional<Reply> reply = reply(UnitSystem.METRIC, "shells", "shells", "20 g", "vinegar", "1 L", "ph", ph);
            reply.ifPresent(found -> assertThat(found.value("now")).isLessThanOrEqualTo(found.value("calcium") * 1.02));
        }
        Reply impossible = turn("shells", "shells", "20 g", "vinegar", "1 L", "ph", "6");
        assertThat(impossible.value("now")).isCloseTo(7.61, within(0.005));
        assertThat(impossible.remarks()).anyMatch(remark -> remark.words().startsWith("So little shell can't bring"));
    }

    /** 20 g of shell in 1 L of 5 %: 0.8326 mol less 2 × 0.1898 mol of acid are left, 0.4529 mol, 2.72 g in 100 mL. */
    @Test
    void tellsTheAcidThatIsLeft() {
        assertThat(turn("shells", "shells", "20 g", "vinegar", "1 L").value("acidLeft"))
                .isCloseTo(2.72, within(0.005));
        assertThat(turn("shells", "shells", "1 kg", "vinegar", "1 L").value("acidLeft"))
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void trustsTheLabelAgainstAPh() {
        Reply reply = turn("shells", "percent", "8", "freshPh", "2.45");
        assertThat(reply.value("balance")).isCloseTo(14.4, within(0.05));
        assertThat(reply.remarks()).anyMatch(remark -> remark.words().contains("reckoned with the label's 8 %"));
        assertThat(turn("shells", "freshPh", "2.45").value("balance")).isCloseTo(23.0 * 5 / 4.33, within(0.1));
    }

    @Test
    void tellsGasOnce() {
        Reply reply = turn("shells");
        assertThat(reply.working().steps())
                .filteredOn(step -> step.words().toLowerCase().contains("carbon dioxide"))
                .hasSize(1);
    }

    @Test
    void saysWhatRoundingHides() {
        Reply reply = turn("ratio", "saying", "1:128", "can", "10 L");
        assertThat(reply.headline()).isEqualTo("1:128: 80 mL (exactly 77.5 mL) into a can of 10 L.");
        assertThat(turn("ratio", "saying", "1:499", "can", "10 L").headline()).doesNotContain("exactly");
    }

    @Test
    void refusesMorePlantsThanTheirLiquidCovers() {
        assertThat(reply(UnitSystem.METRIC, "can", "mass", "55 kg", "liquid", "1 L"))
                .isEmpty();
    }

    @Test
    void readsBareDegreesAsTheGardenDoes() {
        Map<String, Double> now = Map.of("METRIC", 41.0, "US", 41.0);
        assertThat(turn(UnitSystem.US, "heap", "readings", "0 h: 105.8, 2 h: 105.8, 4 h: 105.8")
                        .value("now"))
                .isCloseTo(now.get("US"), within(0.01));
        assertThat(turn(UnitSystem.METRIC, "heap", "readings", "0 h: 41, 2 h: 41, 4 h: 41")
                        .value("now"))
                .isCloseTo(now.get("METRIC"), within(0.01));
    }

    @ParameterizedTest
    @CsvSource({
        "'0: 25, 3: 44, 6: 47', levels off at about 47", "'0: 40, 3: 40, 6: 40.1', not reach 49 °C within a day",
        "'0: 45, 3: 40, 6: 37', not reach 49 °C within a day", "'0: -20, 6: 35, 12: 80', It is at 49 °C",
        "'0: 20, 1: 50, 2: 80', It is at 49 °C", "'0: 48, 2: 48.5, 4: 49.2', It is at 49 °C"
    })
    void fitsWhatHeapsDo(String readings, String told) {
        assertThat(turn("heap", "readings", readings).headline()).contains(told);
    }

    /** The curve and the sentence say the same. */
    @Test
    void drawsALevellingHeapLevel() {
        Reply reply = turn("heap", "readings", "0: 25, 3: 44, 6: 47");
        Reply.Curve alone = reply.chart().orElseThrow().lines().get(0);
        assertThat(alone.points()).allSatisfy(point -> assertThat(point.y()).isBetween(46.9, 47.7));
    }

    @Test
    void boundsEveryHeap() {
        for (double first : new double[] {-20, 10, 25, 48}) {
            for (double second : new double[] {-20, 10, 30, 49, 78}) {
                for (double third : new double[] {-20, 12, 45, 60, 80}) {
                    String readings = "0 h: " + first + ", 2 h: " + second + ", 4 h: " + third;
                    Reply reply = turn("heap", "readings", readings);
                    sound(reply, readings);
                    assertThat(reply.value("twelve")).as(readings).isBetween(-40.0, 75.0);
                    reply.results().stream()
                            .filter(result -> result.id().equals("left"))
                            .forEach(result -> assertThat(result.value()).isBetween(0.0, 24.0));
                }
            }
        }
    }
}
