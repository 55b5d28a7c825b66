package potmellow.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.book.Book;
import potmellow.core.book.Sign;
import potmellow.core.book.Stage;
import potmellow.core.craft.Family;
import potmellow.core.craft.Window;
import potmellow.core.judgement.Verdict.Kind;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.ripening.Forecast;

/** The numbered procedure of section 8 of the handbook of the craft, for sugar ferments (common practice). */
class JudgementTest {
    private static final Book BOOK = Book.load();
    private static final Stage QUICK = BOOK.methods().get(0).stages().get(0);
    private static final Instant NOW = Instant.parse("2026-05-20T08:00:00Z");
    private static final double WARM = 1;

    private final List<Observation> seen = new ArrayList<>();

    private JudgementTest saw(double daysAgo, String sense, String sign) {
        Sign known = BOOK.signs().sign(Family.SUGAR, sense, sign).orElseThrow();
        seen.add(new Observation(NOW.minus(Duration.ofMinutes(Math.round(daysAgo * 1440))), sense, known));
        return this;
    }

    private Verdict verdict(double progressDays) {
        return verdict(progressDays, WARM);
    }

    private Verdict verdict(double progressDays, double meanRate) {
        double ripeness = Window.of(QUICK.windowDays()).ripeness(progressDays);
        Optional<Instant> early = Optional.of(NOW.plus(Duration.ofHours(Math.round((7 - progressDays) * 24))));
        Forecast forecast = new Forecast(Instant.EPOCH, progressDays, ripeness, early, early, early, Optional.empty());
        return new Judgement(QUICK, forecast, meanRate, Seen.of(Family.SUGAR, seen), NOW)
                .verdict()
                .value();
    }

    @Test
    void waitsForTheClockAndSaysHowLong() {
        Verdict verdict = saw(0.1, "smell", "sweet-sour").verdict(5);
        assertThat(verdict.kind()).isEqualTo(Kind.NOT_YET);
        assertThat(verdict.headline()).isEqualTo("Not yet: about 2 more days");
        assertThat(verdict.reasons())
                .containsExactly("It smells as it should.", "5 of at least 7 warm days have passed.");
    }

    @Test
    void isReadyWhenRipeAndSmellingRight() {
        Verdict verdict = saw(0.1, "smell", "sweet-sour").verdict(7.1);
        assertThat(verdict.kind()).isEqualTo(Kind.READY);
        assertThat(verdict.headline()).isEqualTo("Ready: strain it");
    }

    @Test
    void isReadyEarlyWhenQuietAtTwoVisitsADayApart() {
        saw(4, "bubbles", "lively-bubbles").saw(1, "bubbles", "no-bubbles").saw(0.1, "bubbles", "no-bubbles");
        assertThat(verdict(5.2).kind()).isEqualTo(Kind.READY);
        assertThat(verdict(5.2).reasons()).contains("It is early, but the signs beat the clock.");
    }

    @Test
    void doesNotTrustASingleQuietVisit() {
        saw(4, "bubbles", "lively-bubbles").saw(0.1, "bubbles", "no-bubbles");
        assertThat(verdict(5.2).kind()).isEqualTo(Kind.NOT_YET);
    }

    @Test
    void doesNotTakeAColdPotForAReadyOne() {
        saw(4, "bubbles", "lively-bubbles").saw(1, "bubbles", "no-bubbles").saw(0.1, "bubbles", "no-bubbles");
        Verdict verdict = verdict(5.2, 0.2);
        assertThat(verdict.kind()).isEqualTo(Kind.NOT_YET);
        assertThat(verdict.headline()).isEqualTo("Not yet: it stands too cold");
    }

    @Test
    void doesNotTakeAPotThatNeverBubbledForAReadyOne() {
        Verdict verdict = saw(1, "bubbles", "no-bubbles")
                .saw(0.1, "bubbles", "no-bubbles")
                .verdict(7.5);
        assertThat(verdict.kind()).isEqualTo(Kind.NOT_YET);
        assertThat(verdict.advice()).containsExactly("No bubbles after two warm days: is it cold, or the sugar old?");
    }

    @Test
    void callsAWarmQuietPotStalled() {
        saw(3, "bubbles", "few-bubbles").saw(0.1, "bubbles", "no-bubbles");
        assertThat(verdict(3).headline()).isEqualTo("Not yet: it seems to have stalled");
    }

    @Test
    void asksForALookWhenItsTimeIsUpAndNobodyCame() {
        assertThat(saw(5, "smell", "sweet-sour").verdict(7.5).headline()).isEqualTo("Look at it: it should be ready");
    }

    @ParameterizedTest
    @CsvSource({"3", "7.5", "9.9", "100"})
    void throwsColouredMouldAwayHoweverRipe(double progressDays) {
        Verdict verdict = saw(2, "smell", "sweet-sour")
                .saw(0.1, "surface", "coloured-mould")
                .verdict(progressDays);
        assertThat(verdict.kind()).isEqualTo(Kind.THROW_AWAY);
        assertThat(verdict.disposal().orElseThrow()).contains("mask on", "hot heap");
    }

    @Test
    void mendsAFilmBeforeAnythingElse() {
        Verdict verdict = saw(0.1, "smell", "sweet-sour")
                .saw(0.1, "surface", "white-film")
                .verdict(8);
        assertThat(verdict.kind()).isEqualTo(Kind.NOT_YET);
        assertThat(verdict.headline()).isEqualTo("Not yet: mend it first");
        assertThat(verdict.advice().get(0)).contains("Stir the film in");
    }

    @Test
    void givesUpOnRotStillThereAfterItsDeadline() {
        saw(3.5, "smell", "rotten").saw(0.1, "smell", "rotten");
        Verdict verdict = verdict(5);
        assertThat(verdict.kind()).isEqualTo(Kind.THROW_AWAY);
        assertThat(verdict.reasons().get(0)).isEqualTo("It stinks of rot. It was still so 3 days later.");
    }

    @Test
    void startsTheDeadlineAnewOnceTheFaultWasGone() {
        saw(3.5, "smell", "rotten").saw(2, "smell", "yeasty").saw(0.1, "smell", "rotten");
        assertThat(verdict(5).kind()).isEqualTo(Kind.NOT_YET);
    }

    @Test
    void keepsTheVerdictButNarrowsTheUseOfVinegar() {
        saw(4, "bubbles", "few-bubbles").saw(0.1, "bubbles", "no-bubbles").saw(0.1, "smell", "vinegar");
        Verdict verdict = verdict(8);
        assertThat(verdict.kind()).isEqualTo(Kind.READY);
        assertThat(verdict.limits().get(0)).contains("soil only");
    }

    @Test
    void putsABulgingLidOnTopOfEveryVerdict() {
        Verdict verdict =
                saw(0.1, "smell", "sweet-sour").saw(0.1, "lid", "bulging").verdict(8);
        assertThat(verdict.kind()).isEqualTo(Kind.READY);
        assertThat(verdict.urgent().get(0).words().get(0)).contains("Vent it now, away from your face");
    }

    @Test
    void isPastItsBestFarBeyondTheWindow() {
        assertThat(saw(0.1, "smell", "sweet-sour").verdict(19.1).kind()).isEqualTo(Kind.PAST_BEST);
        seen.clear();
        assertThat(saw(0.1, "smell", "sweet-sour").verdict(18.9).kind()).isEqualTo(Kind.READY);
    }

    @Test
    void forgetsSignsAfterTwoDays() {
        assertThat(saw(2.1, "surface", "coloured-mould").verdict(5).kind()).isEqualTo(Kind.NOT_YET);
    }

    @Test
    void believesTheNewerWordOfASense() {
        assertThat(saw(1, "smell", "rotten")
                        .saw(0.1, "smell", "sweet-sour")
                        .verdict(8)
                        .kind())
                .isEqualTo(Kind.READY);
    }

    @Test
    void listsEveryRuleItLookedAt() {
        saw(0.1, "smell", "sweet-sour");
        Forecast forecast = new Forecast(
                Instant.EPOCH, 5, 0.71, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
        assertThat(new Judgement(QUICK, forecast, WARM, Seen.of(Family.SUGAR, seen), NOW)
                        .verdict()
                        .steps())
                .extracting(step -> step.words().substring(0, 2))
                .containsExactly("Si", "Ri", "1.", "2.", "3.", "4.", "Qu", "5.", "6.");
    }

    @Test
    void letsAPotBeEmptiedEarlyOnlyByDecisionAndNeverWhenSpoilt() {
        var unripe = new Judgement(QUICK, forecast(3), WARM, Seen.of(Family.SUGAR, List.of()), NOW).verdict();
        assertThat(Straining.judge(unripe, Stage.Exit.STRAIN, false).get(0).rule())
                .isEqualTo("not-ready");
        assertThat(Straining.judge(unripe, Stage.Exit.STRAIN, true)).isEmpty();

        saw(0.1, "surface", "coloured-mould");
        var spoilt = new Judgement(QUICK, forecast(8), WARM, Seen.of(Family.SUGAR, seen), NOW).verdict();
        assertThat(Straining.judge(spoilt, Stage.Exit.STRAIN, true).get(0).words())
                .startsWith("It is to be thrown away, so it can't be bottled.");
    }

    @Test
    void asksForABottleThatIsFilledTo85PercentAtMost() {
        Volume bottle = Straining.bottleFor(Volume.ofMillilitres(620), BOOK.product("plant-juice"), UnitSystem.METRIC)
                .value();
        assertThat(bottle.millilitres()).isCloseTo(729.4, within(0.05));
    }

    private static Forecast forecast(double progressDays) {
        double ripeness = Window.of(QUICK.windowDays()).ripeness(progressDays);
        return new Forecast(
                Instant.EPOCH,
                progressDays,
                ripeness,
                Optional.of(NOW),
                Optional.of(NOW),
                Optional.of(NOW),
                Optional.empty());
    }
}
