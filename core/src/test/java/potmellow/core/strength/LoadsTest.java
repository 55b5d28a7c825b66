package potmellow.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.measure.Volume;

class LoadsTest {
    /** Check value 10 of the handbook of the craft: 25 m² at 1 L/m², 1:20, a 9 L can. */
    @Test
    void fillsTwoCansAndAPartOne() {
        Loads loads = Loads.of(Volume.ofLitres(25), Volume.ofLitres(9), Ratio.oneTo(20));
        assertThat(loads.count()).isEqualTo(3);
        assertThat(loads.fullLoads()).isEqualTo(2);
        assertThat(loads.full().orElseThrow().brew().millilitres()).isCloseTo(429, within(0.5));
        assertThat(loads.last().orElseThrow().mix().litres()).isCloseTo(7, within(1e-9));
        assertThat(loads.last().orElseThrow().brew().millilitres()).isCloseTo(333, within(0.5));
    }

    @Test
    void comesOutEvenWithoutALastLoad() {
        Loads loads = Loads.of(Volume.ofLitres(0.3), Volume.ofLitres(0.1), Ratio.oneTo(500));
        assertThat(loads.count()).isEqualTo(3);
        assertThat(loads.last()).isEmpty();
    }

    @Test
    void takesOnePartLoadForLessThanACan() {
        Loads loads = Loads.of(Volume.ofLitres(3), Volume.ofLitres(9), Ratio.oneTo(500));
        assertThat(loads.full()).isEmpty();
        assertThat(loads.last().orElseThrow().mix().litres()).isEqualTo(3);
    }

    static DoubleStream needs() {
        return new Random(10).doubles(60, 0.05, 120);
    }

    @ParameterizedTest
    @MethodSource("needs")
    void addsUpToTheNeed(double litres) {
        Loads loads = Loads.of(Volume.ofLitres(litres), Volume.ofLitres(7.5), Ratio.oneTo(500));
        double sum = loads.fullLoads() * 7.5
                + loads.last().map(load -> load.mix().litres()).orElse(0.0);
        assertThat(sum).isCloseTo(litres, within(1e-6));
        loads.last()
                .ifPresent(load -> assertThat(load.brew().plus(load.water()).millilitres())
                        .isCloseTo(load.mix().millilitres(), within(1e-6)));
    }

    @Test
    void rejectsAnEmptyCan() {
        assertThatThrownBy(() -> Loads.of(Volume.ofLitres(1), Volume.ofLitres(0), Ratio.oneTo(10)))
                .hasMessage("The need and the can must be more than nothing.");
    }
}
