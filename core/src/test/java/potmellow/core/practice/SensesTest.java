package potmellow.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.vessel.Lid;

/** What a person senses of a practice pot, and what meters read. */
class SensesTest {
    private static final Book BOOK = Book.load();

    private static Map<String, String> sensed(PracticePot pot) {
        return pot.sensed(Hand.OLD_HAND, 77);
    }

    @ParameterizedTest
    @CsvSource({
        "PLANT_JUICE_OPEN, 22, 10, smell, sweet-sour",
        "RICE_RINSE_SOURED, 24, 10, smell, sweet-sour",
        "LACTIC_SERUM_EVEN, 24, 1, smell, milky",
        "LACTIC_SERUM_EVEN, 24, 12, layers, curd-floats",
        "FOREST_RICE_TRAY, 22, 1, threads, none",
        "FOREST_RICE_TRAY, 22, 10, threads, white-web",
        "FOREST_HEAP, 20, 6, threads, white-web",
        "BOKASHI_BIN, 24, 18, smell, pickle",
        "WORM_TEA, 20, 1, smell, earthy",
        "LEAFMOULD_LIQUID, 20, 4, smell, stink",
        "LEAFMOULD_LIQUID, 20, 16, smell, earthy",
        "SHELLS_TENFOLD, 20, 1, shells, hard",
        "SHELLS_TENFOLD, 20, 12, shells, rubbery"
    })
    void aHealthyPotSmellsAndLooksAsItShould(Brew brew, double celsius, double days, String sense, String sign) {
        assertThat(sensed(Kept.usual(brew, celsius, days))).containsEntry(sense, sign);
    }

    @ParameterizedTest
    @CsvSource({
        "PLANT_JUICE_OPEN, NOT_STIRRED, 20, surface, coloured-mould",
        "PLANT_JUICE_OPEN, TIGHT_LID, 5, lid, bulging",
        "BOKASHI_BRAN, LEAKY_LID, 20, surface, coloured-mould",
        "WORM_TEA, PUMP_OFF, 1, smell, rotten",
        "NETTLE_TEA, FLIES, 5, insects, larvae"
    })
    void whatWentWrongIsSensed(Brew brew, Accident accident, double days, String sense, String sign) {
        assertThat(sensed(Kept.pot(brew, 2, 22, days, accident))).containsEntry(sense, sign);
    }

    @ParameterizedTest
    @EnumSource(Brew.class)
    void everythingThatIsSensedIsInTheBook(Brew brew) {
        Method method = BOOK.method(brew.methodId()).orElseThrow();
        for (Accident accident : Accident.values()) {
            PracticePot pot = Kept.pot(brew, 6, 24, 6, accident);
            pot.sensed(Hand.NOVICE, accident.ordinal())
                    .forEach((sense, sign) -> assertThat(BOOK.signs().sign(method.family(), sense, sign))
                            .as(sense + " " + sign)
                            .isPresent());
        }
    }

    @ParameterizedTest
    @EnumSource(Brew.class)
    void itsMethodIsInTheBook(Brew brew) {
        Method method = BOOK.method(brew.methodId()).orElseThrow();
        assertThat(method.family()).isEqualTo(brew.family());
        assertThat(BOOK.signs().senses(method, Lid.LOOSE)).isNotEmpty();
        assertThat(Brew.of(method.id())).contains(brew);
    }

    @ParameterizedTest
    @CsvSource({"NOVICE, 0.12", "STEADY, 0.06", "OLD_HAND, 0.02"})
    void isMistakenAsOftenAsSuchAHandIs(Hand hand, double share) {
        PracticePot pot = Kept.usual(Brew.PLANT_JUICE_OPEN, 22, 10);
        long wrong = LongStream.range(0, 4000)
                .filter(visit -> "yeasty".equals(pot.sensed(hand, visit).get("smell")))
                .count();
        assertThat(wrong / 4000.0).isCloseTo(share, within(0.02));
    }

    @Test
    void metersReadTheTruthWithinTheirNoise() {
        PracticePot pot = Kept.usual(Brew.ACTIVATED_CULTURE, 24, 5);
        double mean =
                LongStream.range(0, 2000).mapToDouble(pot::readPh).average().orElseThrow();
        assertThat(mean).isCloseTo(pot.now().mixture().ph(), within(0.01));
        assertThat(pot.readCelsius(5)).isCloseTo(24, within(2.0));
    }

    @Test
    void oneVisitIsAlwaysSensedAlike() {
        PracticePot pot = PracticePot.set(Brew.NETTLE_TEA, 1, 2, Set.of(), hour -> 20, 2);
        pot.until(100);
        assertThat(pot.sensed(Hand.NOVICE, 9)).isEqualTo(pot.sensed(Hand.NOVICE, 9));
    }
}
