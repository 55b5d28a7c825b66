package potmellow.core.vessel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;

class LidRuleTest {
    private static final List<Lid> ASKED = List.of(Lid.CLOTH, Lid.LOOSE, Lid.AIRLOCK);

    private static Finding judge(Lid lid) {
        return judge(lid, 700);
    }

    private static Finding judge(Lid lid, double sugarGrams) {
        LidRule.Under under = new LidRule.Under(
                Gas.STEADY,
                Optional.of(FermentationGas.source(Mass.ofGrams(sugarGrams), UnitSystem.METRIC)),
                Volume.ofLitres(0.6),
                Volume.ofLitres(1));
        return LidRule.judge(lid, ASKED, under, UnitSystem.METRIC);
    }

    @ParameterizedTest
    @CsvSource({
        "TIGHT, NONE, true", "TIGHT, SLOW, false", "TIGHT, STEADY, false", "TIGHT, VIOLENT, false",
        "YIELDING, STEADY, true", "YIELDING, VIOLENT, false", "AIRLOCK, VIOLENT, false", "BURPED, VIOLENT, false",
        "BURPED, SLOW, true", "CLOTH, VIOLENT, true", "LOOSE, VIOLENT, true", "OPEN, VIOLENT, true"
    })
    void letsGasOutOrNot(Lid lid, Gas gas, boolean lets) {
        assertThat(lid.lets(gas)).isEqualTo(lets);
    }

    @Test
    void refusesATightLidWithTheGasAndThePressureItWouldHold() {
        Finding finding = judge(Lid.TIGHT);
        assertThat(finding.severity()).isEqualTo(Severity.REFUSE);
        assertThat(finding.rule()).isEqualTo("tight-lid");
        assertThat(finding.words())
                .contains("can burst the vessel", "700 g of sugar can give off up to 197 L", "bar")
                .contains("Use cloth or paper and band, or loose lid, or airlock.");
        assertThat(finding.working().steps()).hasSize(2);
    }

    /** "Already adds about 0 bar" would say that it is harmless; a tight lid is refused all the same. */
    @Test
    void tellsNoPressureWhereTheFigureRoundsToNothing() {
        Finding finding = judge(Lid.TIGHT, 1);
        assertThat(finding.severity()).isEqualTo(Severity.REFUSE);
        assertThat(finding.words()).contains("can burst the vessel").doesNotContain("0 bar", "already adds");
    }

    @Test
    void takesALidThatTheSchoolAsksFor() {
        assertThat(judge(Lid.CLOTH).severity()).isEqualTo(Severity.HOLDS);
    }

    @Test
    void warnsOfFliesUnderNoLidAndOfBulgingUnderAHeldOne() {
        assertThat(judge(Lid.OPEN).words()).contains("flies and mould get in");
        assertThat(judge(Lid.BURPED).words()).contains("open it every day, away from your face");
        assertThat(judge(Lid.BURPED).severity()).isEqualTo(Severity.NOTE);
    }

    /** 1000 g ÷ 342.30 g/mol × 4 × 24.055 L/mol = 281 L (IUPAC 2021 molar masses, ideal gas at 20 °C and 1 atm). */
    @Test
    void givesUpTo281LitresOfGasFromAKilogramOfSugar() {
        Volume gas =
                FermentationGas.atMost(Mass.ofKilograms(1), UnitSystem.METRIC).value();
        assertThat(gas.litres()).isCloseTo(281, within(0.5));
    }

    /** The handbook of the craft: 5 g in a jar with 0.25 L of headspace adds about 1.5 bar; a 1 L jar, three quarters full. */
    @Test
    void addsAboutOneAndAHalfBarFromFiveGrams() {
        Volume gas = FermentationGas.atMost(Mass.ofGrams(5), UnitSystem.METRIC).value();
        double bar = FermentationGas.addedBar(gas, Volume.ofLitres(0.25), Volume.ofLitres(0.75));
        assertThat(bar).isCloseTo(1.5, within(0.1));
    }

    /** Handbook 44 aside: the craft's own table of lids and gas, with a violent brew of shells in vinegar. */
    @Test
    void refusesToCloseWhatFoamsAndSaysWhyWithoutFiguresWhereThereAreNone() {
        LidRule.Under under = new LidRule.Under(Gas.VIOLENT, Optional.empty(), Volume.ofLitres(1), Volume.ofLitres(1));
        Finding finding = LidRule.judge(Lid.AIRLOCK, ASKED, under, UnitSystem.METRIC);
        assertThat(finding.severity()).isEqualTo(Severity.REFUSE);
        assertThat(finding.words())
                .isEqualTo("You chose: airlock. It would hold the gas in and can burst the vessel."
                        + " Use cloth or paper and band, or loose lid, or airlock.");
    }

    /** A 20 L bucket stands about 31 cm high: 7 to 8 cm below the rim is about a quarter of it (from memory). */
    @Test
    void knowsHowHighAVesselStands() {
        assertThat(VesselKind.BUCKET.heightCentimetres(20)).isCloseTo(31.4, within(0.2));
        assertThat(VesselKind.TRAY.heightCentimetres(6)).isCloseTo(8.1, within(0.1));
    }

    @ParameterizedTest
    @CsvSource({"b7, B7", "' k-12 ', K-12", "J6, J6"})
    void writesCodesInCapitals(String typed, String code) {
        assertThat(Vessel.code(typed)).isEqualTo(code);
    }

    @ParameterizedTest
    @CsvSource({"''", "B 7", "B7/2", "ABCDEFGHI", "<b>"})
    void rejectsCodesThatDoNotStayReadableOnALid(String typed) {
        assertThatThrownBy(() -> Vessel.code(typed)).hasMessageContaining("Write 1 to 8 letters, digits or dashes");
    }

    @Test
    void sinksEvenlyOverTwoDays() {
        Filling filling =
                new Filling(Volume.ofLitres(1.8), Volume.ofLitres(0.1), Volume.ofLitres(0.9), Volume.ofLitres(2.5));
        assertThat(filling.standingShare(0)).isCloseTo(0.76, within(1e-9));
        assertThat(filling.standingShare(1)).isCloseTo(0.56, within(1e-9));
        assertThat(filling.standingShare(30)).isCloseTo(0.36, within(1e-9));
        assertThat(filling.headspaceShare()).isCloseTo(0.24, within(1e-9));
    }
}
