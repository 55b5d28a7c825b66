package potmellow.core.feeding;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.measure.AmountText;
import potmellow.core.planting.GrowthStage;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Target;
import potmellow.core.weather.DayWeather;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;

/** Whether this is the hour for it: moist soil, early or late, no wind, rain, heat, cold, frost, full sun or bees (from memory). */
final class WeatherRules {
    private static final double MOST_WIND = 4;
    private static final int HOURS_WITHOUT_RAIN = 6;
    private static final double TOO_HOT = 30;
    private static final double TOO_COLD = 8;
    private static final double BEES_FLY_FROM = 10;
    private static final LocalTime SUN_FROM = LocalTime.of(10, 0);
    private static final LocalTime SUN_UNTIL = LocalTime.of(16, 0);
    private static final LocalTime NIGHT = LocalTime.of(21, 0);
    private static final LocalTime MORNING = LocalTime.of(6, 0);
    private static final double WASHES_OUT_MILLIMETRES = 10;
    private static final int DRY_DAYS = 2;
    private static final String CONCERNS = "weather";

    private WeatherRules() {}

    static List<Finding> of(Target target, Optional<Plants> plants, History history, Conditions hour) {
        if (target == Target.SEED_SOAK) {
            return List.of();
        }
        return target.onLeaves() ? leaves(target, plants, hour) : soil(plants, history, hour);
    }

    private static List<Finding> soil(Optional<Plants> plants, History history, Conditions hour) {
        List<Finding> findings = new ArrayList<>();
        boolean sheltered = plants.filter(Plants::sheltered).isPresent();
        boolean watered = history.wateredSince(hour.now().minusSeconds(2 * 86_400L));
        boolean rained = !sheltered && (hour.dryDays() < DRY_DAYS || hour.in(0).wet());
        Step moist = Step.of(
                "Feed goes on moist soil: rain or a watering in the last two days.",
                watered ? "watered" : rained ? "rain" : "neither",
                Evidence.fromMemory(),
                "dry days before today",
                String.valueOf(hour.dryDays()));
        findings.add(
                watered || rained
                        ? Finding.of(
                                "moist",
                                Severity.HOLDS,
                                CONCERNS,
                                watered
                                        ? "Soil moist from your watering."
                                        : "Soil moist from the rain (" + hour.origin() + ").",
                                moist)
                        : Finding.of(
                                "moist",
                                Severity.NOTE,
                                CONCERNS,
                                "Neither rain nor a watering in the last two days: water first, feed goes on moist soil.",
                                moist));
        double rain = sheltered ? 0 : hour.in(HOURS_WITHOUT_RAIN).rainMillimetres();
        if (rain >= WASHES_OUT_MILLIMETRES) {
            findings.add(Finding.of(
                    "downpour",
                    Severity.CONFIRM,
                    CONCERNS,
                    AmountText.number(rain, 0) + " mm of rain are expected today (" + hour.origin()
                            + "): it washes the feed out. Better after it.",
                    Step.of(
                            "From 10 mm on, rain washes out what was poured.",
                            AmountText.number(rain, 0) + " mm",
                            Evidence.fromMemory())));
        }
        double coldest = sheltered ? hour.celsius() : hour.coldestOfNextDay();
        if (coldest <= 0) {
            findings.add(Finding.of(
                    "frost",
                    Severity.CONFIRM,
                    CONCERNS,
                    "Frost within a day (" + hour.origin() + "): roots take up nothing from frozen ground.",
                    Step.of(
                            "No feed with frost within 24 hours.",
                            AmountText.number(coldest, 1) + " °C",
                            Evidence.fromMemory())));
        }
        return findings;
    }

    private static List<Finding> leaves(Target target, Optional<Plants> plants, Conditions hour) {
        List<Finding> findings = new ArrayList<>();
        boolean sheltered = plants.filter(Plants::sheltered).isPresent();
        String origin = " (" + hour.origin() + ")";
        DayWeather soon = hour.in(HOURS_WITHOUT_RAIN);
        if (!sheltered) {
            boolean wind = hour.in(0).windMetresPerSecond() > MOST_WIND && target == Target.LEAVES;
            findings.add(rule(
                    "wind",
                    wind,
                    "Wind of " + AmountText.number(hour.in(0).windMetresPerSecond(), 1) + " m/s" + origin
                            + ": spray drifts. Wait for calm, under 4 m/s.",
                    "Calm enough to spray.",
                    "No spraying in wind over 4 m/s.",
                    AmountText.number(hour.in(0).windMetresPerSecond(), 1) + " m/s"));
            boolean rain = soon.wet() || hour.in(0).wet();
            double most = Math.max(soon.rainMillimetres(), hour.in(0).rainMillimetres());
            findings.add(rule(
                    "rain",
                    rain,
                    AmountText.number(most, 1) + " mm of rain are expected" + origin
                            + ": what is on leaves must dry on for 6 hours.",
                    "Dry for the next hours" + origin + ".",
                    "No leaf feed with rain within 6 hours.",
                    AmountText.number(most, 1) + " mm"));
            double coldest = hour.coldestOfNextDay();
            findings.add(rule(
                    "frost",
                    coldest <= 0,
                    "Frost within a day" + origin + ": wet leaves suffer most.",
                    "No frost within a day.",
                    "No feed with frost within 24 hours.",
                    AmountText.number(coldest, 1) + " °C"));
        }
        double celsius = hour.celsius();
        boolean extreme = celsius > TOO_HOT || !sheltered && celsius < TOO_COLD;
        findings.add(rule(
                "warmth",
                extreme,
                AmountText.number(celsius, 1) + " °C" + origin
                        + (celsius > TOO_HOT
                                ? ": above 30 °C leaves scorch."
                                : ": below 8 °C leaves take up nothing and stay wet."),
                AmountText.number(celsius, 0) + " °C: neither too hot nor too cold.",
                "Leaf feed between 8 and 30 °C.",
                AmountText.number(celsius, 1) + " °C"));
        LocalTime time = hour.time();
        boolean sun = !time.isBefore(SUN_FROM) && time.isBefore(SUN_UNTIL);
        boolean night = !time.isBefore(NIGHT) || time.isBefore(MORNING.minusHours(2));
        findings.add(rule(
                "hour",
                sun || night,
                sun
                        ? "Full sun: drops burn leaves. Early in the morning, or late in the afternoon."
                        : "At night leaves stay wet, and mould comes. Early in the morning, or late in the afternoon.",
                "A good hour: early or late.",
                "Leaves early in the morning or late in the afternoon.",
                time.withSecond(0).withNano(0).toString()));
        boolean flowers = plants.filter(planted -> planted.stage() == GrowthStage.FLOWERING)
                .isPresent();
        boolean bees =
                flowers && celsius >= BEES_FLY_FROM && time.isAfter(MORNING.plusHours(2)) && time.isBefore(NIGHT);
        findings.add(rule(
                "bees",
                bees,
                plants.map(Plants::name).orElse("They")
                        + ": in flower, and bees fly now. Not on open blossom: spray at first light, or leave the flowers out.",
                "No bees on open flowers now.",
                "Never on open flowers while bees fly.",
                flowers ? "in flower" : "not in flower"));
        return findings;
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
