package potmellow.core.feeding;

import static org.assertj.core.api.Assertions.assertThat;
import static potmellow.core.feeding.Feeding.BOOK;
import static potmellow.core.feeding.Feeding.MORNING;
import static potmellow.core.feeding.Feeding.NOON;
import static potmellow.core.feeding.Feeding.conditions;
import static potmellow.core.feeding.Feeding.daysAgo;
import static potmellow.core.feeding.Feeding.fed;
import static potmellow.core.feeding.Feeding.finding;
import static potmellow.core.feeding.Feeding.history;
import static potmellow.core.feeding.Feeding.looked;
import static potmellow.core.feeding.Feeding.mix;
import static potmellow.core.feeding.Feeding.picked;
import static potmellow.core.feeding.Feeding.plants;
import static potmellow.core.feeding.Feeding.potted;
import static potmellow.core.feeding.Feeding.sensitive;
import static potmellow.core.feeding.Feeding.wish;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.DayWeather.Origin;
import potmellow.core.weather.Weather;

/** Each refusal and each warning of section 11 of the handbook of the craft, with one thing changed at a time. */
class GoOrNoGoTest {
    private static final History NOTHING = History.none();

    private static Weather of(double low, double high, double rain, double wind) {
        return day -> new DayWeather(day, low, high, rain, wind, Origin.TYPED);
    }

    private static Mix leaves(Instant now, Weather weather, GrowthStage stage) {
        return mix("plant-juice", Target.LEAVES, plants(stage), NOTHING, conditions(now, weather));
    }

    private static Mix soil(String product, Plants plants, History history) {
        return mix(product, Target.SOIL, plants, history, conditions(MORNING, Feeding::fair));
    }

    @Test
    void goesOnAFairMorning() {
        Mix mix = leaves(MORNING, Feeding::fair, GrowthStage.LEAFY);
        assertThat(mix.refusals()).isEmpty();
        assertThat(mix.confirmations()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "9, 17, 0, 4.1, wind",
        "9, 17, 2, 2, rain",
        "28, 38, 0, 2, warmth",
        "1, 7, 0, 2, warmth",
        "-3, 16, 0, 2, frost"
    })
    void warnsOfBadWeatherForLeaves(double low, double high, double rain, double wind, String rule) {
        assertThat(finding(leaves(NOON, of(low, high, rain, wind), GrowthStage.LEAFY), rule)
                        .severity())
                .isEqualTo(Severity.CONFIRM);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-05-20T06:30:00Z, HOLDS",
        "2026-05-20T11:00:00Z, CONFIRM",
        "2026-05-20T16:30:00Z, HOLDS",
        "2026-05-20T22:30:00Z, CONFIRM"
    })
    void sendsLeafFeedsToEarlyOrLateHours(Instant now, Severity severity) {
        assertThat(finding(leaves(now, Feeding::fair, GrowthStage.LEAFY), "hour")
                        .severity())
                .isEqualTo(severity);
    }

    /** The sun of a short day is low two hours before it sets: that is late enough (from memory). */
    @ParameterizedTest
    @CsvSource({"2026-11-28T14:10:00Z, HOLDS", "2026-11-28T12:00:00Z, CONFIRM", "2026-11-28T17:00:00Z, CONFIRM"})
    void knowsLateFromTheSunNotFromTheClock(Instant now, Severity severity) {
        assertThat(finding(leaves(now, Feeding::fair, GrowthStage.LEAFY), "hour")
                        .severity())
                .isEqualTo(severity);
    }

    /** Six hours from 7:30 by the clock of the garden, by the hour where somebody told when it rains. */
    @ParameterizedTest
    @CsvSource({
        "08, 10, CONFIRM, 6 mm",
        "14, 18, HOLDS, 0 mm",
        "04, 07, HOLDS, 0 mm",
        "12, 15, CONFIRM, 3 mm",
        "'', '', CONFIRM, 6 mm"
    })
    void asksForTheRainOfTheNextSixHours(String from, String until, Severity severity, String rain) {
        Weather shower = day -> new DayWeather(day, 9, 17, 6, 2, Origin.TYPED, DayWeather.Shower.read(from, until));
        Finding found = finding(leaves(MORNING, shower, GrowthStage.LEAFY), "rain");
        assertThat(found.severity()).isEqualTo(severity);
        assertThat(found.working().steps().get(0).result()).isEqualTo(rain);
        assertThat(found.words().contains("by the day: nobody knows the hours")).isEqualTo(from.isEmpty());
    }

    @Test
    void saysTheNextGoodHour() {
        Conditions night = conditions(Instant.parse("2026-05-20T22:30:00Z"), Feeding::fair);
        Mix mix = mix("plant-juice", Target.LEAVES, plants(GrowthStage.LEAFY), NOTHING, night);
        // Sunrise at 52° north on 21 May is about 4:00 UTC; half an hour later it is early (D, from the sun of section
        // 16).
        assertThat(GoodHours.next(mix.can(), night).orElseThrow())
                .isBetween(Instant.parse("2026-05-21T04:00:00Z"), Instant.parse("2026-05-21T05:00:00Z"));
        Mix fresh = mix(
                "plant-juice",
                Target.SOIL,
                plants(GrowthStage.LEAFY),
                history(List.of(fed("plant-juice", 500, 8), fed("plant-juice", 500, 30))),
                conditions(MORNING, Feeding::fair));
        // Due every 14 days and let through from four fifths of that on: day 11.2.
        assertThat(GoodHours.next(fresh.can(), conditions(MORNING, Feeding::fair))
                        .orElseThrow())
                .isBetween(MORNING.plus(Duration.ofDays(3)), MORNING.plus(Duration.ofDays(4)));
    }

    @Test
    void offersNowThisEveningAndTomorrowEarly() {
        assertThat(GoodHours.choices(conditions(MORNING, Feeding::fair)))
                .extracting(GoodHours.Choice::words)
                .containsExactly("now", "this evening", "tomorrow early");
        assertThat(GoodHours.choices(conditions(Instant.parse("2026-05-20T21:00:00Z"), Feeding::fair)))
                .extracting(GoodHours.Choice::words)
                .containsExactly("now", "tomorrow early");
    }

    @ParameterizedTest
    @CsvSource({
        "FLOWERING, 2026-05-20T11:00:00Z, CONFIRM",
        "FLOWERING, 2026-05-20T05:30:00Z, HOLDS",
        "LEAFY, 2026-05-20T11:00:00Z, HOLDS"
    })
    void sparesBees(GrowthStage stage, Instant now, Severity severity) {
        assertThat(finding(leaves(now, Feeding::fair, stage), "bees").severity())
                .isEqualTo(severity);
    }

    @Test
    void doesNotAskGlassForRainOrWind() {
        Plants open = plants(GrowthStage.LEAFY);
        Plants glass = new Plants(
                open.name(),
                open.stage(),
                open.appetite(),
                open.soil(),
                open.size(),
                open.eaten(),
                open.touched(),
                false,
                false,
                true,
                Optional.empty());
        Mix mix = mix("plant-juice", Target.LEAVES, glass, NOTHING, conditions(MORNING, of(-3, 12, 20, 9)));
        assertThat(mix.findings()).extracting(Finding::rule).doesNotContain("rain", "wind", "frost");
    }

    @Test
    void wantsMoistSoil() {
        assertThat(finding(soil("plant-juice", plants(GrowthStage.LEAFY), NOTHING), "moist")
                        .severity())
                .isEqualTo(Severity.NOTE);
        History watered = new History(List.of(), List.of(), List.of(daysAgo(1)), Feeding.ZONE);
        assertThat(finding(soil("plant-juice", plants(GrowthStage.LEAFY), watered), "moist")
                        .severity())
                .isEqualTo(Severity.HOLDS);
        Mix rained = mix(
                "plant-juice", Target.SOIL, plants(GrowthStage.LEAFY), NOTHING, conditions(MORNING, of(9, 17, 3, 2)));
        assertThat(finding(rained, "moist").severity()).isEqualTo(Severity.HOLDS);
    }

    @ParameterizedTest
    @CsvSource({"5, 12, 14, downpour", "-4, 8, 0, frost"})
    void waitsForADownpourAndForFrostToPass(double low, double high, double rain, String rule) {
        Mix mix = mix(
                "plant-juice",
                Target.SOIL,
                plants(GrowthStage.LEAFY),
                NOTHING,
                conditions(MORNING, of(low, high, rain, 2)));
        assertThat(finding(mix, rule).severity()).isEqualTo(Severity.CONFIRM);
    }

    @ParameterizedTest
    @CsvSource({"BUDDING", "FLOWERING", "FRUITING", "RIPENING"})
    void neverGivesFishFromBuddingOn(GrowthStage stage) {
        assertThat(finding(soil("fish-amino", plants(stage), NOTHING), "never-budding")
                        .severity())
                .isEqualTo(Severity.REFUSE);
        assertThat(soil("fish-amino", plants(GrowthStage.LEAFY), NOTHING).refusals())
                .isEmpty();
    }

    @Test
    void stopsNitrogenAtBudding() {
        assertThat(finding(soil("nettle-liquid", plants(GrowthStage.BUDDING), NOTHING), "nitrogen")
                        .severity())
                .isEqualTo(Severity.CONFIRM);
    }

    @Test
    void keepsNettleFromIronSensitivePlants() {
        assertThat(finding(soil("nettle-liquid", sensitive(true, false), NOTHING), "iron")
                        .severity())
                .isEqualTo(Severity.REFUSE);
    }

    @ParameterizedTest
    @CsvSource({"gut-brew", "manure-brew"})
    void keepsManureFromWhatIsEatenRaw(String product) {
        assertThat(finding(soil(product, picked(GrowthStage.LEAFY, Eaten.RAW, true, 300), NOTHING), "eaten-raw")
                        .severity())
                .isEqualTo(Severity.REFUSE);
    }

    @Test
    void saysThatCalciumIsOfLittleUseBeforeFlowers() {
        assertThat(finding(soil("shell-calcium", plants(GrowthStage.LEAFY), NOTHING), "before-flowers")
                        .severity())
                .isEqualTo(Severity.NOTE);
        assertThat(soil("shell-calcium", plants(GrowthStage.FLOWERING), NOTHING).findings())
                .extracting(Finding::rule)
                .doesNotContain("before-flowers");
    }

    /**
     * The harvest table: US 7 CFR 205.203(c)(1) for manure, NOSB Compost Tea Task Force 2004 and 21 CFR 112 for fed teas; the
     * others from memory.
     */
    @ParameterizedTest
    @CsvSource({
        "manure-brew, true, 119, REFUSE", "manure-brew, true, 120, HOLDS", "manure-brew, false, 89, REFUSE",
        "manure-brew, false, 90, HOLDS", "worm-tea, true, 119, CONFIRM", "worm-tea, false, 90, HOLDS",
        "compost-extract, true, 0, HOLDS", "leachate, true, 89, CONFIRM", "leachate, true, 90, HOLDS",
        "leachate, false, 30, HOLDS", "leafmould-liquid, true, 13, CONFIRM", "leafmould-liquid, true, 14, HOLDS",
        "leafmould-liquid, false, 7, HOLDS", "fish-amino, true, 13, CONFIRM", "plant-juice, true, 0, HOLDS"
    })
    void keepsTheWaitBeforePicking(String product, boolean touched, int days, Severity severity) {
        Plants plants = picked(GrowthStage.LEAFY, Eaten.COOKED, touched, days);
        assertThat(finding(soil(product, plants, NOTHING), "harvest").severity())
                .isEqualTo(severity);
    }

    @Test
    void asksForNoWaitForWhatIsNotEaten() {
        assertThat(finding(soil("manure-brew", picked(GrowthStage.LEAFY, Eaten.NOT, true, 1), NOTHING), "harvest")
                        .severity())
                .isEqualTo(Severity.HOLDS);
    }

    @Test
    void keepsTwoFeedsThreeDaysApart() {
        History two = history(List.of(fed("lactic-serum", 1000, 2)));
        History three = history(List.of(fed("lactic-serum", 1000, 3)));
        assertThat(finding(soil("plant-juice", plants(GrowthStage.LEAFY), two), "apart")
                        .severity())
                .isEqualTo(Severity.CONFIRM);
        assertThat(finding(soil("plant-juice", plants(GrowthStage.LEAFY), three), "apart")
                        .severity())
                .isEqualTo(Severity.HOLDS);
    }

    @ParameterizedTest
    @CsvSource({"5, CONFIRM", "12, HOLDS"})
    void keepsTheIntervalOfABrew(double daysAgo, Severity severity) {
        History before = history(List.of(fed("plant-juice", 500, daysAgo)));
        assertThat(finding(soil("plant-juice", plants(GrowthStage.LEAFY), before), "interval")
                        .severity())
                .isEqualTo(severity);
    }

    @ParameterizedTest
    @CsvSource({"garlic-water, 19", "peel-water, 19"})
    void refusesWhatHarmsWhenRepeatedTooSoon(String product, double daysAgo) {
        History before = history(List.of(fed(product, 4, daysAgo)));
        assertThat(finding(soil(product, plants(GrowthStage.BUDDING), before), "too-often")
                        .words())
                .contains("too often harms and can kill");
    }

    @Test
    void wantsOnePlainWateringBetweenTwoSteeps() {
        History dry = history(List.of(fed("peel-water", 0, 25)));
        History watered = new History(dry.feeds(), List.of(), List.of(daysAgo(10)), Feeding.ZONE);
        assertThat(finding(soil("peel-water", plants(GrowthStage.BUDDING), dry), "plain-water")
                        .severity())
                .isEqualTo(Severity.CONFIRM);
        assertThat(soil("peel-water", plants(GrowthStage.BUDDING), watered).findings())
                .extracting(Finding::rule)
                .doesNotContain("plain-water");
    }

    @Test
    void flushesPotsEveryFourthTime() {
        History three =
                history(List.of(fed("plant-juice", 500, 50), fed("plant-juice", 500, 35), fed("plant-juice", 500, 20)));
        assertThat(finding(soil("plant-juice", potted(GrowthStage.LEAFY), three), "flush")
                        .severity())
                .isEqualTo(Severity.NOTE);
        assertThat(soil("plant-juice", plants(GrowthStage.LEAFY), three).findings())
                .extracting(Finding::rule)
                .doesNotContain("flush");
    }

    @Test
    void neverChangesTwoThingsAtOnce() {
        History fresh = history(List.of(fed("lactic-serum", 1000, 5)));
        assertThat(finding(soil("plant-juice", plants(GrowthStage.LEAFY), fresh), "two-changes")
                        .severity())
                .isEqualTo(Severity.CONFIRM);
        History judged = history(fresh.feeds(), looked(Look.UPRIGHT, 1));
        assertThat(soil("plant-juice", plants(GrowthStage.LEAFY), judged).findings())
                .extracting(Finding::rule)
                .doesNotContain("two-changes");
    }

    @Test
    void letsNoRungBeSkipped() {
        Plants squash = plants(GrowthStage.LEAFY);
        Wish strong = wish("long-keeper", Feeding.FULL, Optional.of(Ratio.oneTo(50)));
        Mix mix = mix(List.of(strong), Target.SOIL, squash, NOTHING, conditions(MORNING, Feeding::fair));
        assertThat(finding(mix, "ladder").severity()).isEqualTo(Severity.CONFIRM);
        assertThat(finding(mix, "ladder").words()).contains("skips a rung; it stands at 1:100");
    }

    @Test
    void stopsALadderThatHarmedAtItsWeakest() {
        History harmed = history(List.of(fed("long-keeper", 100, 9)), looked(Look.SCORCHED, 3));
        assertThat(finding(soil("long-keeper", plants(GrowthStage.LEAFY), harmed), "ladder")
                        .severity())
                .isEqualTo(Severity.REFUSE);
    }

    @Test
    void asksForWaterBeforeFeedingLimpPlants() {
        History limp = new History(
                List.of(fed("plant-juice", 500, 14)),
                List.of(new History.Looked(daysAgo(1), Look.LIMP, true)),
                List.of(),
                Feeding.ZONE);
        assertThat(finding(soil("plant-juice", plants(GrowthStage.LEAFY), limp), "response")
                        .severity())
                .isEqualTo(Severity.CONFIRM);
    }

    @Test
    void triesANewRungOnOnePlantingFirst() {
        Plants one = plants(GrowthStage.LEAFY);
        Plants other = potted(GrowthStage.LEAFY);
        Wish dose = wish("long-keeper", Feeding.FULL, Optional.empty());
        Mix mix = Mix.of(
                List.of(dose),
                Target.SOIL,
                Feeding.FIVE_LITRES,
                Volume.ofLitres(10),
                List.of(Feeding.to(one, NOTHING), Feeding.to(other, NOTHING)),
                Optional.of(conditions(MORNING, Feeding::fair)),
                UnitSystem.METRIC);
        assertThat(finding(mix, "test-plant").severity()).isEqualTo(Severity.CONFIRM);
        assertThat(finding(mix, "harvest · Tubs").words()).startsWith("Tubs");
    }

    /** FAO Irrigation and Drainage Paper 29: beans, strawberries and carrots bear 0.7 mS/cm; others 1.5, leaves 1.0 (memory). */
    @ParameterizedTest
    @CsvSource({
        "true, SOIL, 0.72, REFUSE",
        "true, SOIL, 0.68, HOLDS",
        "false, SOIL, 1.4, HOLDS",
        "false, SOIL, 1.6, REFUSE",
        "false, LEAVES, 1.1, REFUSE"
    })
    void keepsSaltBelowWhatACropBears(boolean salt, Target target, double mixEc, Severity severity) {
        Ratio ratio = Ratio.oneTo(target == Target.LEAVES ? 800 : 500);
        Stock salty = new Stock(
                Volume.ofLitres(5),
                false,
                false,
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.of(mixEc / ratio.share()));
        Plants plants = sensitive(false, salt);
        Wish dose = wish("plant-juice", salty, Optional.of(ratio));
        Mix mix = mix(List.of(dose), target, plants, NOTHING, conditions(MORNING, Feeding::fair));
        assertThat(finding(mix, "salt").severity()).isEqualTo(severity);
    }

    /** Seawater at 1:30 alone is about 1.7 mS/cm. */
    @Test
    void refusesSeawaterThatIsTooSalty() {
        Plants plants = plants(GrowthStage.LEAFY);
        Wish sea = Wish.of(Addition.SEAWATER);
        Mix mix = mix(List.of(sea), Target.SOIL, plants, NOTHING, conditions(MORNING, Feeding::fair));
        assertThat(finding(mix, "salt").words()).contains("1.71 mS/cm").contains("From 1:35 on");
    }

    @ParameterizedTest
    @CsvSource({
        "compost-extract, SOIL, 3.9, HOLDS", "compost-extract, SOIL, 4.1, REFUSE",
                "compost-extract, LEAVES, 0.9, HOLDS",
        "compost-extract, LEAVES, 1.1, REFUSE", "worm-tea, SOIL, 4.1, REFUSE", "compost-tea, LEAVES, 3.9, HOLDS"
    })
    void refusesTeasPastTheirHours(String product, Target target, double hours, Severity severity) {
        Stock ready = new Stock(
                Volume.ofLitres(20),
                false,
                false,
                Optional.of(MORNING.minus(Duration.ofMinutes(Math.round(hours * 60)))),
                OptionalDouble.empty(),
                OptionalDouble.empty());
        Plants plants = picked(GrowthStage.LEAFY, Eaten.COOKED, true, 200);
        Wish dose = wish(product, ready, Optional.empty());
        Mix mix = mix(List.of(dose), target, plants, NOTHING, conditions(MORNING, Feeding::fair));
        assertThat(finding(mix, "hours").severity()).isEqualTo(severity);
    }

    @ParameterizedTest
    @CsvSource({"4.6, 200, REFUSE", "5.0, 200, HOLDS", "4.6, 256, HOLDS", ", 200, REFUSE"})
    void keepsSourCalciumThinOnLeaves(Double ph, double water, Severity severity) {
        Stock sour = new Stock(
                Volume.ofLitres(5),
                false,
                false,
                Optional.empty(),
                ph == null ? OptionalDouble.empty() : OptionalDouble.of(ph),
                OptionalDouble.empty());
        Wish dose = wish("shell-calcium", sour, Optional.of(Ratio.oneTo(water)));
        assertThat(finding(Feeding.tank(Target.LEAVES, dose), "sour").severity())
                .isEqualTo(severity);
    }

    @Test
    void asksWhetherItIsStrainedBeforeASprayer() {
        assertThat(finding(Feeding.tank(Target.LEAVES, wish("leafmould-liquid")), "strained")
                        .severity())
                .isEqualTo(Severity.CONFIRM);
    }

    @Test
    void holdsOrBreaksEachRuleInPlainWords() {
        BOOK.products().stream()
                .filter(one -> one.find(Target.SOIL).isPresent())
                .forEach(one -> assertThat(soil(one.id(), plants(GrowthStage.LEAFY), NOTHING)
                                .findings())
                        .allSatisfy(found -> assertThat(found.words()).matches("(?s)[\\p{L}0-9].*[.?]")));
    }
}
