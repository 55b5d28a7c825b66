package potmellow.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What comes of what, by the masses of atoms (IUPAC 2021, abridged). */
class StoichiometryTest {
    private static final double SUCROSE_GRAMS = 342.297;
    /** A mole of gas at 20 °C and 1 atm, L (ideal gas law). */
    private static final double MOLAR_VOLUME = 24.055;

    private static Reaction first(Guild guild) {
        return guild.meals().get(0).burning();
    }

    @Test
    void aKilogramOfSugarGivesUpTo281LitresOfGas() {
        double hexose = 2 * 1000 / SUCROSE_GRAMS;
        double moles = hexose * first(Guild.YEASTS).gains().get(Pool.GAS);
        assertThat(moles * MOLAR_VOLUME).as("handbook of the craft, §5").isCloseTo(281, within(1.0));
    }

    @Test
    void aGramOfHexoseBecomesHalfAlcoholAndHalfGas() {
        Reaction alcohol = first(Guild.YEASTS);
        double grams = Species.HEXOSE.grams();
        assertThat(Pool.ALCOHOL.grams(alcohol.gains().get(Pool.ALCOHOL)) / grams)
                .as("Gay-Lussac 1815: 51.1 %")
                .isCloseTo(0.511, within(0.001));
        assertThat(Pool.GAS.grams(alcohol.gains().get(Pool.GAS)) / grams).isCloseTo(0.489, within(0.001));
    }

    @Test
    void aGramOfSucroseTakesOneAndAnEighthOfOxygen() {
        double oxygen = 2 * first(Guild.AEROBES).breath() * Species.OXYGEN.grams();
        assertThat(oxygen / SUCROSE_GRAMS).as("handbook of the craft, §9").isCloseTo(1.12, within(0.005));
    }

    @Test
    void aGramOfShellGivesItsGasAndALitreOfVinegarTenLitres() {
        assertThat(Species.CARBON_DIOXIDE.grams() / Species.CALCIUM_CARBONATE.grams())
                .as("44.009 of 100.086 g")
                .isCloseTo(0.4397, within(0.0001));
        double acid = 50 / Species.ACETIC_ACID.grams();
        assertThat(acid / 2 * Species.CALCIUM_CARBONATE.grams()).isCloseTo(41.7, within(0.1));
        assertThat(acid / 2 * MOLAR_VOLUME).as("handbook of the craft, §9").isCloseTo(10.0, within(0.05));
    }

    @Test
    void whatIsBurntIsAsHotAsItsHeatOfCombustion() {
        double kilojoules = Guild.AEROBES.meals().get(0).kilojoules();
        assertThat(kilojoules)
                .as("glucose 2 805 kJ/mol (CRC Handbook), Thornton's rule within 2 %")
                .isCloseTo(2805, within(0.02 * 2805));
    }

    static Stream<Guild.Meal> everyMeal() {
        return Arrays.stream(Guild.values()).flatMap(guild -> guild.meals().stream());
    }

    @ParameterizedTest
    @MethodSource("everyMeal")
    void onlyThoseThatBreatheTakeOxygen(Guild.Meal meal) {
        boolean breathes = Arrays.stream(Guild.values())
                .filter(guild -> guild.meals().contains(meal))
                .allMatch(Guild::breathes);
        assertThat(meal.burning().breath() > 1e-9).isEqualTo(breathes);
    }

    @Test
    void refusesWhatComesOfNothing() {
        assertThatThrownBy(() -> Reaction.withoutAir(Map.of(Pool.ALCOHOL, -1.0, Pool.ACETIC, 1.0)))
                .hasMessageContaining("lacks")
                .hasMessageContaining("oxygen");
        assertThatThrownBy(() -> Reaction.withoutAir(Map.of(Pool.SHELL, -1.0, Pool.ALCOHOL, 1.0)))
                .hasMessageContaining("out of nothing");
    }
}
