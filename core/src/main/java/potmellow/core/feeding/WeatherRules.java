package potmellow.core.feeding;

import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.measure.AmountText;
import potmellow.core.planting.GrowthStage;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Target;
import potmellow.core.sun.Daylight;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** Whether this is the hour for it: moist soil, early or late, no wind, rain, heat, cold, frost, full sun or bees (from memory). */
final class WeatherRules {
    private static final double MOST_WIND = 4;
    private static final int HOURS_WITHOUT_RAIN = 6;
    private static final double TOO_HOT = 30;
    private static final double TOO_COLD = 8;
    private static final double BEES_FLY_FROM = 10;
    private static final LocalTime SUN_FROM = LocalTime.of(10, 0);
    private static final LocalTime SUN_UNTIL = LocalTime.of(16, 0);
    /** So long after sunrise and before sunset the sun is too low to burn, whatever the clock says (from memory). */
    private static final Duration LOW_SUN = Duration.ofHours(2);
    /** Bees come out so long after sunrise (from memory). */
    private static final Duration BEES_SLEEP_ON = Duration.ofHours(2);

    private static final double WASHES_OUT_MILLIMETRES = 10;
    private static final int DRY_DAYS = 2;
    private static final String CONCERNS = "weather";

    private WeatherRules() {}

    static List<Finding> of(Dose dose, Conditions hour) {
        Target target = dose.target();
        Optional<Plants> plants = dose.recipient().map(Recipient::plants);
        History history = dose.recipient().map(Recipient::history).orElseGet(History::none);
        if (target == Target.SEED_SOAK) {
            return List.of();
        }
        return target.onLeaves() ? leaves(target, plants, hour) : soil(plants, history, hour);
    }

    private static List<Finding> soil(Optional<Plants> plants, History history, Conditions hour) {
        List<Finding> findings = new ArrayList<>();
        boolean sheltered = plants.filter(Plants::sheltered).isPresent();
        findings.add(moist(history, hour, sheltered));
        downpour(hour, sheltered).ifPresent(findings::add);
        frozen(hour, sheltered).ifPresent(findings::add);
        return findings;
    }

    private static Finding moist(History history, Conditions hour, boolean sheltered) {
        boolean watered = history.wateredSince(hour.now().minusSeconds(2 * 86_400L));
        boolean rained = !sheltered && (hour.dryDays() < DRY_DAYS || hour.in(0).wet());
        Step step = Step.of(
                "Feed goes on moist soil: rain or a watering in the last two days.",
                watered ? "watered" : rained ? "rain" : "neither",
                Evidence.fromMemory(),
                "dry days before today",
                String.valueOf(hour.dryDays()));
        String words = watered
                ? "Soil moist from your watering."
                : rained
                        ? "Soil moist from the rain (" + hour.origin() + ")."
                        : "Neither rain nor a watering in the last two days: water first, feed goes on moist soil.";
        return Finding.of("moist", watered || rained ? Severity.HOLDS : Severity.NOTE, CONCERNS, words, step);
    }

    private static Optional<Finding> downpour(Conditions hour, boolean sheltered) {
        Conditions.Rain expected = hour.rainWithin(HOURS_WITHOUT_RAIN);
        double rain = sheltered ? 0 : expected.later();
        return rain < WASHES_OUT_MILLIMETRES
                ? Optional.empty()
                : Optional.of(Finding.of(
                        "downpour",
                        Severity.CONFIRM,
                        CONCERNS,
                        AmountText.number(rain, 0) + " mm of rain are expected "
                                + (expected.byTheHour() ? "within 6 hours" : "that day") + " ("
                                + expected.words(hour.origin()) + "): it washes the feed out. Better after it.",
                        Step.of(
                                "From 10 mm on, rain washes out what was poured.",
                                AmountText.number(rain, 0) + " mm",
                                Evidence.fromMemory())));
    }

    private static Optional<Finding> frozen(Conditions hour, boolean sheltered) {
        double coldest = sheltered ? hour.celsius() : hour.coldestOfNextDay();
        return coldest > 0
                ? Optional.empty()
                : Optional.of(Finding.of(
                        "frost",
                        Severity.CONFIRM,
                        CONCERNS,
                        "Frost within a day (" + hour.origin() + "): roots take up nothing from frozen ground.",
                        Step.of(
                                "No feed with frost within 24 hours.",
                                AmountText.number(coldest, 1) + " °C",
                                Evidence.fromMemory())));
    }

    private static List<Finding> leaves(Target target, Optional<Plants> plants, Conditions hour) {
        List<Finding> findings = new ArrayList<>();
        boolean sheltered = plants.filter(Plants::sheltered).isPresent();
        if (!sheltered) {
            findings.add(wind(target, hour));
            findings.add(rain(hour));
            findings.add(frost(hour));
        }
        findings.add(warmth(hour, sheltered));
        findings.add(hour(hour));
        findings.add(bees(plants, hour));
        return findings;
    }

    private static String origin(Conditions hour) {
        return " (" + hour.origin() + ")";
    }

    private static Finding wind(Target target, Conditions hour) {
        double metres = hour.in(0).windMetresPerSecond();
        return rule(
                "wind",
                metres > MOST_WIND && target == Target.LEAVES,
                "Wind of " + AmountText.number(metres, 1) + " m/s" + origin(hour)
                        + ": spray drifts. Wait for calm, under 4 m/s.",
                "Calm enough to spray.",
                "No spraying in wind over 4 m/s.",
                AmountText.number(metres, 1) + " m/s");
    }

    private static Finding rain(Conditions hour) {
        Conditions.Rain expected = hour.rainWithin(HOURS_WITHOUT_RAIN);
        String how = " (" + expected.words(hour.origin()) + ")";
        return rule(
                "rain",
                expected.wet(),
                AmountText.number(expected.millimetres(), 1) + " mm of rain are expected" + how
                        + ": what is on leaves must dry on for 6 hours.",
                "Dry for the next hours" + how + ".",
                "No leaf feed with rain within 6 hours.",
                AmountText.number(expected.millimetres(), 1) + " mm");
    }

    private static Finding frost(Conditions hour) {
        double coldest = hour.coldestOfNextDay();
        return rule(
                "frost",
                coldest <= 0,
                "Frost within a day" + origin(hour) + ": wet leaves suffer most.",
                "No frost within a day.",
                "No feed with frost within 24 hours.",
                AmountText.number(coldest, 1) + " °C");
    }

    private static Finding warmth(Conditions hour, boolean sheltered) {
        double celsius = hour.celsius();
        return rule(
                "warmth",
                celsius > TOO_HOT || !sheltered && celsius < TOO_COLD,
                AmountText.number(celsius, 1) + " °C" + origin(hour)
                        + (celsius > TOO_HOT
                                ? ": above 30 °C leaves scorch."
                                : ": below 8 °C leaves take up nothing and stay wet."),
                AmountText.number(celsius, 0) + " °C: neither too hot nor too cold.",
                "Leaf feed between 8 and 30 °C.",
                AmountText.number(celsius, 1) + " °C");
    }

    /** Early or late, by the sun over this garden: neither in the dark nor in full sun. */
    private static Finding hour(Conditions hour) {
        LocalTime time = hour.time();
        Working<Daylight> light = hour.daylight();
        boolean sun = !time.isBefore(SUN_FROM)
                && time.isBefore(SUN_UNTIL)
                && !light.value().within(LOW_SUN, hour.now());
        boolean night = light.value().dark(hour.now());
        String no = night
                ? "At night leaves stay wet, and mould comes. Early in the morning, or late in the afternoon."
                : "Full sun: drops burn leaves. Early in the morning, or late in the afternoon.";
        List<Step> steps = new ArrayList<>(light.steps());
        steps.add(Step.of(
                "Leaves early in the morning or late in the afternoon.",
                hour.wall().time(hour.now()),
                Evidence.fromMemory()));
        boolean broken = sun || night;
        return new Finding(
                "hour",
                broken ? Severity.CONFIRM : Severity.HOLDS,
                CONCERNS,
                broken ? no : "A good hour: early or late.",
                new Working<>(!broken, steps));
    }

    private static Finding bees(Optional<Plants> plants, Conditions hour) {
        boolean flowers = plants.filter(planted -> planted.stage() == GrowthStage.FLOWERING)
                .isPresent();
        Daylight light = hour.daylight().value();
        boolean early = light.sunrise()
                .filter(rise -> hour.now().isBefore(rise.plus(BEES_SLEEP_ON)))
                .isPresent();
        return rule(
                "bees",
                flowers && hour.celsius() >= BEES_FLY_FROM && !early && !light.dark(hour.now()),
                plants.map(Plants::name).orElse("They")
                        + ": in flower, and bees fly now. Not on open blossom: spray at first light, or leave the flowers out.",
                "No bees on open flowers now.",
                "Never on open flowers while bees fly.",
                flowers ? "in flower" : "not in flower");
    }

    private static Finding rule(String id, boolean broken, String no, String yes, String rule, String result) {
        return Finding.of(
                id,
                broken ? Severity.CONFIRM : Severity.HOLDS,
                CONCERNS,
                broken ? no : yes,
                Step.of(rule, result, Evidence.fromMemory()));
    }
}
