package potmellow.core.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.book.Book;
import potmellow.core.book.Light;
import potmellow.core.book.Method;
import potmellow.core.measure.Area;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.vessel.VesselMaterial;
import potmellow.core.water.Tap;
import potmellow.core.water.WaterStep;

/** Section 5 of the handbook of the craft: vessels, lids, gas, places; and the figures that don't add up. */
class RulesTest {
    private static final Book BOOK = Book.load();

    private static Method method(String id) {
        return BOOK.method(id).orElseThrow();
    }

    private static Setting.Spot indoors(double celsius, double cubicMetres) {
        return new Setting.Spot(
                "Boiler cupboard",
                Light.DARK,
                Temperature.ofCelsius(celsius),
                false,
                Optional.of(Volume.ofLitres(cubicMetres * 1000)));
    }

    private static Setting.Spot outdoors(double celsius) {
        return new Setting.Spot("Lee wall", Light.SHADE, Temperature.ofCelsius(celsius), true, Optional.empty());
    }

    private static Setting in(Method method, Vessel vessel, Setting.Spot spot) {
        return new Setting(
                vessel, false, method.vessel().lids().get(0), spot, Setting.USUAL_LIFT, Tap.NONE, Optional.empty());
    }

    private static Recipe filled(String id, Vessel vessel, Setting.Spot spot) {
        Method method = method(id);
        return new Scaling(BOOK, method, Map.of(), UnitSystem.METRIC)
                .recipe(new Anchor.FillVessel(), in(method, vessel, spot));
    }

    private static Recipe of(String id, String part, Quantity amount, Vessel vessel) {
        Method method = method(id);
        return new Scaling(BOOK, method, Map.of(), UnitSystem.METRIC)
                .recipe(Anchor.InHand.of(part, amount), in(method, vessel, outdoors(20)));
    }

    private static Vessel vessel(VesselKind kind, double litres) {
        return Vessel.of("X1", kind, Volume.ofLitres(litres));
    }

    private static Vessel made(VesselKind kind, VesselMaterial material) {
        return new Vessel("X1", kind, material, Volume.ofLitres(10));
    }

    private static Severity severity(Recipe recipe, String rule) {
        return recipe.findings().stream()
                .filter(finding -> finding.rule().equals(rule))
                .findFirst()
                .map(Finding::severity)
                .orElse(null);
    }

    @ParameterizedTest
    @CsvSource({
        "forest-heap, BOX, PLASTIC, must-breathe, REFUSE", "forest-heap, BOX, WOOD, walls, HOLDS",
        "forest-heap, BOX, CARDBOARD, cardboard, NOTE",
                "shell-calcium-tenfold, JAR, BARE_METAL, reactive-metal, REFUSE",
        "lactic-serum-even, BUCKET, BARE_METAL, reactive-metal, REFUSE"
    })
    void judgesTheWalls(String id, VesselKind kind, VesselMaterial walls, String rule, Severity severity) {
        assertThat(severity(filled(id, made(kind, walls), outdoors(20)), rule)).isEqualTo(severity);
    }

    @Test
    void keepsPlasticThatHeldAnaerobicLiquidInThatUse() {
        Method juice = method("plant-juice-open");
        Setting smelly = new Setting(
                vessel(VesselKind.BUCKET, 10),
                true,
                Lid.LOOSE,
                outdoors(20),
                Setting.USUAL_LIFT,
                Tap.NONE,
                Optional.empty());
        Recipe recipe = new Scaling(BOOK, juice, Map.of(), UnitSystem.METRIC).recipe(new Anchor.FillVessel(), smelly);
        assertThat(recipe.confirmations()).extracting(Finding::rule).contains("smell");
    }

    @Test
    void allowsNoAnaerobicDrumIndoors() {
        Recipe recipe = filled("weed-bucket", vessel(VesselKind.DRUM, 60), indoors(15, 30));
        assertThat(recipe.refusals()).extracting(Finding::rule).containsExactly("drum-indoors");
        assertThat(severity(filled("weed-bucket", vessel(VesselKind.BUCKET, 20), indoors(15, 30)), "indoors"))
                .isEqualTo(Severity.CONFIRM);
    }

    /** A 1 m³ cupboard takes at most half a litre of fizzing vinegar a day (NIOSH, 0.5 % carbon dioxide). */
    @ParameterizedTest
    @CsvSource({"400, HOLDS", "600, CONFIRM"})
    void airsASmallRoom(double vinegarMillilitres, Severity severity) {
        Method shells = method("shell-calcium-tenfold");
        Setting cupboard = in(shells, vessel(VesselKind.JAR, 5), indoors(23, 1));
        Recipe recipe = new Scaling(BOOK, shells, Map.of(), UnitSystem.METRIC)
                .recipe(Anchor.InHand.of("vinegar", Volume.ofMillilitres(vinegarMillilitres)), cupboard);
        assertThat(severity(recipe, severity == Severity.HOLDS ? "room" : "small-room"))
                .isEqualTo(severity);
    }

    /** Crushed shells want a vessel of twice the vinegar, powder three times (common practice). */
    @ParameterizedTest
    @CsvSource({"2.9, foam-over", "3.1, foam"})
    void leavesRoomForFoam(double litres, String rule) {
        Recipe recipe = of("shell-calcium-tenfold", "vinegar", Volume.ofLitres(1), vessel(VesselKind.JAR, litres));
        assertThat(recipe.findings()).extracting(Finding::rule).contains(rule);
    }

    @Test
    void fillsWhatIsCarriedOnlyToWhatItsOwnerLifts() {
        Recipe bin = filled("bokashi-bin", vessel(VesselKind.BIN, 60), outdoors(20));
        assertThat(bin.contents().value().kilograms())
                .isCloseTo(15, within(0.16))
                .isLessThanOrEqualTo(15);
        Recipe weeds = filled("weed-bucket", vessel(VesselKind.BUCKET, 30), outdoors(15));
        assertThat(severity(weeds, "heavy")).isEqualTo(Severity.NOTE);
    }

    /** Bucket infusions stay 7 to 8 cm below the rim, jar infusions 3 to 5 cm (common practice). */
    @Test
    void staysCentimetresBelowTheRim() {
        Recipe bucket = filled("nettle-tea", vessel(VesselKind.BUCKET, 20), outdoors(20));
        double empty = bucket.filling().value().headspaceShare() * VesselKind.BUCKET.heightCentimetres(20);
        assertThat(empty).isCloseTo(7.5, within(0.1));
        Recipe jar = filled("nettle-tea", vessel(VesselKind.JAR, 3), outdoors(20));
        assertThat(jar.filling().value().headspaceShare() * VesselKind.JAR.heightCentimetres(3))
                .isCloseTo(4, within(0.1));
        Recipe tray = filled("forest-rice-tray", vessel(VesselKind.TRAY, 6), outdoors(20));
        assertThat(tray.filling().value().mashShare() * VesselKind.TRAY.heightCentimetres(6))
                .isCloseTo(4, within(0.05));
    }

    @Test
    void asksForDryDaysAndWarmth() {
        Recipe rice = filled("forest-rice-buried", vessel(VesselKind.BOX, 6), outdoors(5));
        assertThat(rice.told()).extracting(Finding::rule).contains("dry-days", "warmth");
        assertThat(severity(filled("long-keeper", vessel(VesselKind.BUCKET, 20), outdoors(0)), "frost"))
                .isEqualTo(Severity.CONFIRM);
    }

    private static String crossCheck(Recipe recipe, String rule) {
        return recipe.crossChecks().stream()
                .filter(check -> check.rule().equals(rule))
                .findFirst()
                .map(Finding::words)
                .orElseThrow();
    }

    @Test
    void tellsThatTheBranIsWetterThanPeopleSay() {
        Recipe bran = of("bokashi-bran", "bran", Mass.ofKilograms(10), vessel(VesselKind.BUCKET, 60));
        assertThat(crossCheck(bran, "moisture"))
                .startsWith("These amounts come to 48.9 % moisture; people quote 30 to 35 %.")
                .contains("1.77 L to 2.86 L of water");
    }

    /** Check value 3: 5.3 fl oz and 0.3 fl oz in 1.24 US gal are 1:29.9 and 1:529, told as 1:30 and 1:500. */
    @Test
    void comparesTwoStatementsOfOneStrength() {
        Recipe heap = of("forest-heap", "bran", Volume.ofLitres(5 * 3.785411784), vessel(VesselKind.BOX, 60));
        assertThat(crossCheck(heap, "strength-seawater")).contains("1:29.9", "1:30", "the same");
        assertThat(crossCheck(heap, "strength-juice")).contains("1:529", "1:500", "factor of 0.95");
        assertThat(crossCheck(heap, "moisture")).contains("% moisture; people quote 65 to 70 %");
    }

    @Test
    void tellsThatAllShellSchoolsEndEquallyStrong() {
        for (String school :
                new String[] {"shell-calcium-tenfold", "shell-calcium-equal-weight", "shell-calcium-equal-volume"}) {
            Recipe recipe = of(school, "vinegar", Volume.ofLitres(1), vessel(VesselKind.JAR, 10));
            assertThat(crossCheck(recipe, "shell-balance")).contains("ends at 16.7 g of calcium per litre");
        }
    }

    /** Section 9: equal weights of plant (85 % water) and sucrose just miss 0.91; brown sugar counts 95 % of itself. */
    @Test
    void tellsThatEqualSugarJustMissesWhatStopsBacteria() {
        Recipe juice = of("plant-juice-packed", "plant", Mass.ofKilograms(1), vessel(VesselKind.BUCKET, 10));
        assertThat(crossCheck(juice, "keeping")).contains("most bacteria stop only below 0.91");
    }

    /** 25 m² at 1 L/m², 1:20, every 14 days for 8 weeks: 4 feeds of 25 ÷ 21 L (D). */
    @Test
    void scalesToTheGroundItIsToFeed() {
        Method leafMould = method("leafmould-liquid-shade");
        Setting where = in(leafMould, vessel(VesselKind.BUCKET, 20), outdoors(15));
        Recipe recipe = new Scaling(BOOK, leafMould, Map.of(), UnitSystem.METRIC)
                .recipe(new Anchor.ToFeed(Area.ofSquareMetres(25), 8, Target.SOIL), where);
        assertThat(recipe.makes().value().usual().base()).isCloseTo(4 * 25_000 / 21.0, within(1.0));
    }

    private static Setting weedsIn(Tap tap, Optional<WaterStep.Treatment> treatment) {
        return new Setting(
                vessel(VesselKind.BUCKET, 20), false, Lid.LOOSE, outdoors(15), Setting.USUAL_LIFT, tap, treatment);
    }

    /** Water that has stood leaves nothing to wait for; a steep has nothing living in it that chlorine could kill. */
    @Test
    void waitsOnlyForWaterThatALivingCultureMeets() {
        Scaling weeds = new Scaling(BOOK, method("weed-bucket"), Map.of(), UnitSystem.METRIC);
        Setting stood = weedsIn(Tap.FREE_CHLORINE, Optional.of(WaterStep.Treatment.STOOD));
        Recipe ready = weeds.recipe(new Anchor.FillVessel(), stood);
        assertThat(ready.hoursToSetting()).isLessThan(1);
        assertThat(ready.steps().get(0).words()).contains("of the water that has stood");
        for (String steep : List.of("peel-soak", "peel-boil", "soil-conditioner-drench", "garlic-steep")) {
            Recipe recipe = new Scaling(BOOK, method(steep), Map.of(), UnitSystem.METRIC)
                    .recipe(new Anchor.FillVessel(), weedsIn(Tap.CHLORAMINE, Optional.empty()));
            assertThat(recipe.steps()).as(steep).noneMatch(step -> step.words().contains("chlorine"));
            recipe.water().ifPresent(water -> assertThat(water.words()).startsWith("This water needs nothing"));
        }
    }

    /** Asked in the evening, 8.2 hours before the sun rises: the picking ends with the sunrise, and the rest follows it. */
    @ParameterizedTest
    @CsvSource({"plant-juice-packed, 8.2", "plant-juice-pressed, 0.1", "plant-juice-packed, 23.9"})
    void picksBeforeTheNextSunrise(String id, double hoursToSunrise) {
        Method juice = method(id);
        Setting evening = new Setting(
                vessel(VesselKind.JAR, 3),
                false,
                Lid.CLOTH,
                outdoors(15),
                Setting.USUAL_LIFT,
                Tap.NONE,
                Optional.empty(),
                Optional.of(hoursToSunrise));
        Recipe recipe = new Scaling(BOOK, juice, Map.of(), UnitSystem.METRIC).recipe(new Anchor.FillVessel(), evening);
        double picking = recipe.steps().get(0).hoursFromNow().orElseThrow();
        double end = picking + recipe.steps().get(0).minutes() / 60;
        assertThat(picking).isNotNegative();
        assertThat(Math.IEEEremainder(end - hoursToSunrise, 24)).isCloseTo(0, within(1e-9));
        assertThat(recipe.steps().get(1).hoursFromNow().orElseThrow()).isCloseTo(end, within(1e-9));
    }

    @Test
    void putsTheWaitingTimeOfTheWaterIntoTheSchedule() {
        Method weeds = method("weed-bucket");
        Setting chlorine = new Setting(
                vessel(VesselKind.BUCKET, 20),
                false,
                Lid.LOOSE,
                outdoors(15),
                Setting.USUAL_LIFT,
                Tap.FREE_CHLORINE,
                Optional.empty());
        Recipe recipe = new Scaling(BOOK, weeds, Map.of(), UnitSystem.METRIC).recipe(new Anchor.FillVessel(), chlorine);
        // Line 15.22 L, less 3.6 kg of weeds ÷ 0.95 kg/L and 120 g of leaf mould ÷ 1.3 kg/L.
        assertThat(recipe.steps().get(0).words()).startsWith("Let 11.33 L of water stand");
        assertThat(recipe.steps().get(1).hoursFromNow()).contains(24.0);
        assertThat(recipe.hoursToSetting()).isCloseTo(24.33, within(0.01));
    }

    @Test
    void laysSchoolsSideBySideForTheSameAmountOfBrew() {
        Schools schools = Schools.of(BOOK, BOOK.product("plant-juice"), UnitSystem.METRIC);
        assertThat(schools.methods()).hasSize(3);
        Schools.Row time = schools.rows().get(2);
        assertThat(time.differs()).isTrue();
        assertThat(time.cells().get(0).value()).isEqualTo("7 to 10 days");
        assertThat(schools.rows())
                .filteredOn(row -> row.aspect().startsWith("More sugar for the cap"))
                .hasSize(1);
    }
}
