package potmellow.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Sense;
import potmellow.core.book.Sign;
import potmellow.core.book.Stage;
import potmellow.core.craft.Act;
import potmellow.core.craft.Family;
import potmellow.core.judgement.Verdict.Kind;
import potmellow.core.ripening.Forecast;
import potmellow.core.vessel.Lid;

/** The sign table of section 8 of the handbook of the craft, family by family (common practice). */
class EveryFamilyTest {
    private static final Book BOOK = Book.load();
    private static final Instant NOW = Instant.parse("2026-05-20T08:00:00Z");
    private static final double WARM = 1;
    private static final double RIPE = 1.2;
    private static final double HALF_WAY = 0.5;

    private static Stage stage(Family family) {
        Method method = BOOK.methods(family).stream()
                .filter(one -> !one.instant())
                .findFirst()
                .orElseThrow();
        return method.lastStage();
    }

    private static Verdict verdict(Family family, double ripeness, String sense, String sign) {
        Stage stage = stage(family);
        Sign known = BOOK.signs().sign(family, sense, sign).orElseThrow();
        Observation seen = new Observation(NOW.minus(Duration.ofMinutes(10)), sense, known);
        Optional<Instant> soon = Optional.of(NOW.plus(Duration.ofDays(2)));
        double days = stage.window().fromDays() * ripeness;
        Forecast forecast = new Forecast(Instant.EPOCH, days, ripeness, soon, soon, soon, Optional.empty());
        return new Judgement(stage, forecast, WARM, Seen.of(family, List.of(seen)), NOW)
                .verdict()
                .value();
    }

    @ParameterizedTest
    @CsvSource({
        "SUGAR, surface, coloured-mould",
        "LACTIC, surface, coloured-mould",
        "LACTIC, smell, rotten",
        "FOREST, smell, rotten",
        "FOREST, surface, half-coloured",
        "BRAN, surface, coloured-mould",
        "TEA, smell, rotten",
        "SHELLS, surface, coloured-mould",
        "STEEP, smell, rotten"
    })
    void throwsAwayWhatIsBeyondSavingHoweverRipe(Family family, String sense, String sign) {
        Verdict verdict = verdict(family, RIPE, sense, sign);
        assertThat(verdict.kind()).isEqualTo(Kind.THROW_AWAY);
        assertThat(verdict.disposal()).isPresent();
    }

    @ParameterizedTest
    @CsvSource({
        "SUGAR, smell, sweet-sour", "LACTIC, layers, curd-floats", "LACTIC, smell, sweet-sour",
                "FOREST, threads, white-web",
        "FOREST, smell, woodland", "BRAN, smell, pickle", "BRAN, surface, white-bloom", "TEA, smell, earthy",
        "TEA, surface, gentle-foam", "ANAEROBIC, smell, earthy", "SHELLS, shells, rubbery", "STEEP, smell, fresh"
    })
    void isReadyWhenRipeWithAGoodSign(Family family, String sense, String sign) {
        assertThat(verdict(family, RIPE, sense, sign).kind()).isEqualTo(Kind.READY);
        assertThat(verdict(family, HALF_WAY, sense, sign).kind()).isEqualTo(Kind.NOT_YET);
    }

    @ParameterizedTest
    @CsvSource({
        "SUGAR, smell, rotten",
        "SUGAR, surface, white-film",
        "FOREST, smell, ammonia",
        "BRAN, smell, rotten",
        "BRAN, smell, ammonia",
        "SHELLS, smell, rotten"
    })
    void mendsWhatCanBeMended(Family family, String sense, String sign) {
        Verdict verdict = verdict(family, RIPE, sense, sign);
        assertThat(verdict.kind()).isEqualTo(Kind.NOT_YET);
        assertThat(verdict.headline()).isEqualTo("Not yet: mend it first");
        assertThat(verdict.advice()).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource({"LACTIC", "BRAN", "ANAEROBIC", "SHELLS", "SUGAR"})
    void putsABulgingLidAboveEverything(Family family) {
        assertThat(verdict(family, HALF_WAY, "lid", "bulging").urgent()).isNotEmpty();
        assertThat(BOOK.methods(family))
                .allSatisfy(method ->
                        assertThat(BOOK.signs().senses(method, Lid.CLOTH)).noneMatch(Sense::closedLidsOnly));
    }

    @Test
    void turnsAHeapThatIsTooHotAtOnce() {
        assertThat(verdict(Family.FOREST, HALF_WAY, "warmth", "too-hot")
                        .urgent()
                        .get(0)
                        .words()
                        .get(0))
                .contains("49 °C", "Turn and spread it now.");
    }

    @ParameterizedTest
    @CsvSource({"SUGAR, vinegar", "TEA, vinegar", "SUGAR, nail-varnish"})
    void narrowsTheUsesOfWhatHasTurnedSour(Family family, String smell) {
        assertThat(verdict(family, RIPE, "smell", smell).soilOnly()).isTrue();
    }

    @Test
    void findsTheStinkOfPlantsUnderWaterUsual() {
        Verdict verdict = verdict(Family.ANAEROBIC, HALF_WAY, "smell", "stink");
        assertThat(verdict.kind()).isEqualTo(Kind.NOT_YET);
        assertThat(verdict.advice()).isEmpty();
    }

    @Test
    void isReadyAtOnceWhereNothingHasToRipen() {
        Stage dipped = BOOK.method("compost-extract").orElseThrow().lastStage();
        Forecast atOnce = new Forecast(
                Instant.EPOCH, 0, 1, Optional.of(NOW), Optional.of(NOW), Optional.of(NOW), Optional.empty());
        Verdict verdict = new Judgement(dipped, atOnce, WARM, Seen.of(Family.TEA, List.of()), NOW)
                .verdict()
                .value();
        assertThat(verdict.kind()).isEqualTo(Kind.READY);
        assertThat(verdict.headline()).isEqualTo("Ready: use it now");
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void offersALookAndTheActsOfTheFamily(Family family) {
        assertThat(Act.of(family)).startsWith(Act.LOOKED).doesNotHaveDuplicates();
        BOOK.methods(family).stream()
                .flatMap(method -> method.stages().stream())
                .flatMap(stage -> stage.care().stream())
                .forEach(care -> assertThat(Act.of(family)).contains(care.act()));
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void neverAsksTheSameSenseTwiceNorGivesTwoAnswersOneName(Family family) {
        for (Method method : BOOK.methods(family)) {
            List<Sense> senses = BOOK.signs().senses(method, Lid.AIRLOCK);
            assertThat(senses).extracting(Sense::sense).doesNotHaveDuplicates();
            for (Sense sense : senses) {
                assertThat(sense.signs()).extracting(Sign::id).doesNotHaveDuplicates();
                assertThat(sense.signs()).extracting(Sign::words).doesNotHaveDuplicates();
            }
        }
    }
}
