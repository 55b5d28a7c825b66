package potmellow.core.scaling;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.Book;
import potmellow.core.book.Light;
import potmellow.core.book.Method;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.place.PlaceKind;
import potmellow.core.rule.Finding;
import potmellow.core.vessel.Vessel;
import potmellow.core.water.Tap;
import potmellow.core.weather.DryDays;

/** Where a pot stands by default, and what the forecast says of it. */
class PlaceChoiceTest {
    private static final Book BOOK = Book.load();
    private static final LocalDate DAY = LocalDate.of(2026, 11, 28);

    private static final Setting.Spot SHELF = spot("Kitchen shelf", PlaceKind.INDOORS, Light.SHADE, 19.5, 19.5);
    private static final Setting.Spot CUPBOARD = spot("Boiler cupboard", PlaceKind.CUPBOARD, Light.DARK, 23, 23);
    private static final Setting.Spot FRIDGE = spot("Fridge", PlaceKind.FRIDGE, Light.DARK, 5, 5);
    private static final Setting.Spot SHED = spot("Shed", PlaceKind.SHED, Light.SHADE, 10, 4);
    private static final Setting.Spot WALL = spot("Lee wall", PlaceKind.WALL, Light.SHADE, 8, -3);
    private static final Setting.Spot GLASS = spot("Glasshouse", PlaceKind.GLASSHOUSE, Light.SHADE, 13, 3);
    private static final Setting.Spot STEP = spot("Sunny step", PlaceKind.SUN_STEP, Light.SUN, 10, -3);

    private static Setting.Spot spot(String name, PlaceKind kind, Light light, double celsius, double coldest) {
        return new Setting.Spot(
                name,
                light,
                Temperature.ofCelsius(celsius),
                kind.outdoors(),
                Optional.empty(),
                Temperature.ofCelsius(coldest),
                Optional.of(new DryDays(0, Optional.of(DAY.plusDays(5)), Optional.of(DAY))),
                Optional.of(kind));
    }

    private static Setting setting(Method method, Setting.Spot spot, double litres) {
        return new Setting(
                Vessel.of("V1", method.vessel().kinds().get(0), Volume.ofLitres(litres)),
                false,
                method.vessel().lids().get(0),
                spot,
                Mass.ofKilograms(300),
                Tap.NONE,
                Optional.empty());
    }

    private static Scaling scaling(Method method) {
        return new Scaling(BOOK, method, Map.of(), UnitSystem.METRIC);
    }

    private static String chosen(Method method, List<Setting.Spot> walk) {
        return walk.get(PlaceChoice.of(scaling(method), new Anchor.FillVessel(), setting(method, walk.get(0), 20), walk)
                        .orElseThrow())
                .name();
    }

    @ParameterizedTest(name = "{0} stands at {1}")
    @CsvSource({
        "activated-culture, Boiler cupboard",
        "bokashi-bran, Boiler cupboard",
        "long-keeper, Glasshouse",
        "forest-heap, Shed",
        "forest-soil, Shed",
        "nettle-tea, Sunny step",
        "weed-bucket, Glasshouse",
        "lactic-serum-even, Kitchen shelf",
        "plant-juice-open, Kitchen shelf",
        "garlic-steep, Kitchen shelf",
        "gut-brew, Lee wall",
    })
    void standsWhereLeastSpeaksAgainstIt(String method, String place) {
        assertThat(chosen(BOOK.method(method).orElseThrow(), List.of(FRIDGE, SHELF, WALL, STEP, CUPBOARD, SHED, GLASS)))
                .isEqualTo(place);
    }

    static Stream<Method> methods() {
        return BOOK.methods().stream();
    }

    @ParameterizedTest
    @MethodSource("methods")
    void isNeverAdvisedAgainstWhereAnotherPlaceWouldDo(Method method) {
        Random random = new Random(method.id().hashCode());
        for (int round = 0; round < 10; round++) {
            List<Setting.Spot> walk = new ArrayList<>(List.of(FRIDGE, SHELF, WALL, STEP, CUPBOARD, SHED, GLASS));
            Collections.shuffle(walk, random);
            List<Setting.Spot> some = walk.subList(0, 1 + random.nextInt(walk.size()));
            String name = chosen(method, some);
            Drawbacks here = some.stream()
                    .filter(spot -> spot.name().equals(name))
                    .map(spot -> against(method, spot))
                    .findFirst()
                    .orElseThrow();
            assertThat(some)
                    .allSatisfy(spot -> assertThat(against(method, spot)).isGreaterThanOrEqualTo(here));
        }
    }

    private static Drawbacks against(Method method, Setting.Spot spot) {
        return Drawbacks.of(findings(method, spot, 20));
    }

    private static List<Finding> findings(Method method, Setting.Spot spot, double litres) {
        return scaling(method)
                .recipe(new Anchor.FillVessel(), setting(method, spot, litres))
                .findings();
    }

    private static String told(String method, Setting.Spot spot, double litres, String rule) {
        return findings(BOOK.method(method).orElseThrow(), spot, litres).stream()
                .filter(finding -> finding.rule().equals(rule))
                .map(Finding::words)
                .findFirst()
                .orElse("");
    }

    @Test
    void tellsTheDayThatFollowsOnDryDaysFromTheForecast() {
        assertThat(told("forest-rice-buried", WALL, 20, "dry-days"))
                .contains("It rained yesterday.", "By the forecast it can be set on Thu 3 December.");
        Setting.Spot dry = new Setting.Spot(
                "Lee wall",
                Light.SHADE,
                Temperature.ofCelsius(12),
                true,
                Optional.empty(),
                Temperature.ofCelsius(5),
                Optional.of(new DryDays(3, Optional.of(DAY), Optional.of(DAY.plusDays(2)))),
                Optional.empty());
        assertThat(told("forest-rice-buried", dry, 20, "dry-days"))
                .isEqualTo(
                        "It has been dry long enough; keep rain off from now on. The forecast has rain on Mon 30 November.");
    }

    @Test
    void tellsThatItHardlyWorksInTheCold() {
        assertThat(told("plant-juice-open", FRIDGE, 3, "slow"))
                .matches("Fridge has 5 °C: it takes about \\d+ times as long there\\.");
        assertThat(told("plant-juice-open", SHELF, 3, "slow")).isEmpty();
    }

    /** Handbook of the craft, section 9: 1 tbsp of molasses in 5 L wants about 7 L/min through stones. */
    @Test
    void tellsThePumpThatATeaWithMolassesNeeds() {
        assertThat(told("worm-tea", SHELF, 7, "air"))
                .matches(
                        "It needs a pump of at least [5-9](\\.\\d)? L a minute through stones, or 1\\d(\\.\\d)? through open hoses.*");
        assertThat(told("compost-extract", SHELF, 7, "air")).isEmpty();
    }
}
