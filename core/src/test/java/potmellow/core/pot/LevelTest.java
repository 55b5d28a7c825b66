package potmellow.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.pot.Level.Drawing;
import potmellow.core.ripening.ContentsAge.Topping;
import potmellow.core.vessel.Filling;

/** What is drawn is gone until it is filled in again. */
class LevelTest {
    private static final Instant SET = Instant.parse("2025-05-01T08:00:00Z");
    private static final Volume FULL = Volume.ofLitres(16);

    private final List<Drawing> drawn = new ArrayList<>();
    private final List<Topping> topped = new ArrayList<>();

    private Level level() {
        return Level.of(FULL, drawn, topped, UnitSystem.METRIC).value();
    }

    private LevelTest draw(int day, double litres) {
        drawn.add(new Drawing(SET.plus(Duration.ofDays(day)), Volume.ofLitres(litres)));
        return this;
    }

    private LevelTest topUp(int day, double share) {
        topped.add(new Topping(SET.plus(Duration.ofDays(day)), share));
        return this;
    }

    @Test
    void givesNothingTwice() {
        draw(1, 15).draw(2, 1);
        assertThat(level().standing().litres()).isCloseTo(0, within(1e-9));
        assertThat(level().left(Volume.ofLitres(19.2)).litres()).isCloseTo(3.2, within(1e-9));
        draw(3, 3.2);
        assertThat(level().standing()).isEqualTo(Volume.ofLitres(0));
        assertThat(level().left(Volume.ofLitres(19.2)).litres())
                .as("nor what was measured beyond what stood in it")
                .isCloseTo(0, within(1e-9));
        topUp(4, 0.5);
        assertThat(level().missing()).as("a share of nothing is nothing").isEqualTo(FULL);
    }

    /** 4 of 16 L drawn and as much filled in: a quarter is new, and it is full again. */
    @Test
    void isFullAgainWhenAsMuchIsFilledInAsWasDrawn() {
        draw(1, 4).topUp(1, 0.25);
        assertThat(level().missing().litres()).isCloseTo(0, within(1e-9));
        draw(2, 8).topUp(3, 1.0 / 3);
        assertThat(level().standing().litres())
                .as("8 L left, a third new: 12 L")
                .isCloseTo(12, within(1e-9));
        topUp(4, 1);
        assertThat(level().standing()).isEqualTo(FULL);
    }

    @Test
    void neverOverflowsHoweverOftenItIsToppedUp() {
        topUp(1, 0.5).topUp(2, 0.9).draw(3, 1).topUp(4, 0.9);
        assertThat(level().standing()).isEqualTo(FULL);
    }

    @Test
    void standsAsMuchLowerInItsVessel() {
        draw(1, 4);
        Filling full =
                new Filling(Volume.ofLitres(16), Volume.ofMillilitres(0), Volume.ofLitres(14), Volume.ofLitres(20));
        Filling now = level().filling(full);
        assertThat(now.headspaceShare()).isCloseTo(0.4, within(1e-9));
        assertThat(now.settled().litres()).isCloseTo(10, within(1e-9));
    }

    static Stream<Long> seeds() {
        return IntStream.range(0, 200).mapToObj(Long::valueOf);
    }

    /** What stands + what was drawn = what stood + what was filled in, after any sequence of drawing what is there and topping up. */
    @ParameterizedTest
    @MethodSource("seeds")
    void conservesTheLiquid(long seed) {
        Random chance = new Random(seed);
        double filled = 0;
        for (int day = 1; day <= 40; day++) {
            double before = level().standing().litres();
            if (chance.nextInt(3) > 0) {
                draw(day, before * chance.nextDouble());
            } else {
                topUp(day, chance.nextDouble());
                double after = level().standing().litres();
                assertThat(after).isBetween(before - 1e-9, FULL.litres() + 1e-9);
                filled += after - before;
            }
            double gone =
                    drawn.stream().mapToDouble(one -> one.volume().litres()).sum();
            assertThat(level().standing().litres() + gone).isCloseTo(FULL.litres() + filled, within(1e-6));
        }
    }
}
