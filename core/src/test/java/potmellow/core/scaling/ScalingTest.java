package potmellow.core.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.balance.Yield;
import potmellow.core.book.Book;
import potmellow.core.book.Light;
import potmellow.core.book.Method;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.water.Tap;
import potmellow.core.working.Mark;

class ScalingTest {
    private static final Book BOOK = Book.load();

    private static Scaling scaling(String method, String sugar, UnitSystem system) {
        Method found = BOOK.method(method).orElseThrow();
        return new Scaling(BOOK, found, Map.of("sugar", BOOK.material(sugar).orElseThrow()), system);
    }

    private static Scaling packed() {
        return scaling("plant-juice-packed", "brown-sugar", UnitSystem.METRIC);
    }

    private static Scaling open() {
        return scaling("plant-juice-open", "raw-sugar", UnitSystem.METRIC);
    }

    private static Setting jar(double litres, Lid lid) {
        return at(litres, lid, "Galley shelf", Light.DARK);
    }

    private static Setting at(double litres, Lid lid, String place, Light light) {
        return new Setting(
                Vessel.of("J6", VesselKind.JAR, Volume.ofLitres(litres)),
                false,
                lid,
                new Setting.Spot(place, light, Temperature.ofCelsius(20), false, Optional.empty()),
                Setting.USUAL_LIFT,
                Tap.NONE,
                Optional.empty());
    }

    private static Recipe inHand(Scaling scaling, double grams, Setting setting) {
        return scaling.recipe(Anchor.InHand.of("plant", Mass.ofGrams(grams)), setting);
    }

    private static double grams(Recipe recipe, String part) {
        return recipe.part(part).orElseThrow().mass().grams();
    }

    private static Finding finding(Recipe recipe, String concerns) {
        return recipe.findings().stream()
                .filter(found -> found.concerns().equals(concerns))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void weighsAsMuchSugarAsPlantAndATenthForTheCap() {
        Recipe recipe = inHand(packed(), 640, jar(3, Lid.CLOTH));
        assertThat(grams(recipe, "plant")).isEqualTo(640);
        assertThat(grams(recipe, "sugar")).isEqualTo(640);
        assertThat(grams(recipe, "cap")).isEqualTo(64);
        assertThat(recipe.contents().value().grams()).isEqualTo(1344);
        assertThat(recipe.part("sugar").orElseThrow().also()).containsExactly("3 cups (US)");
    }

    @Test
    void expectsFourFifthsToSixFifthsOfALitreFromAKilogram() {
        Yield juice = inHand(open(), 640, jar(3, Lid.CLOTH)).makes().value();
        assertThat(juice.least().base()).isCloseTo(512, within(1e-9));
        assertThat(juice.usual().base()).isCloseTo(640, within(1e-9));
        assertThat(juice.most().base()).isCloseTo(768, within(1e-9));
    }

    /** Check value 12 of the handbook of the craft: a 1.0 L jar three quarters full takes 263 g and 263 g. */
    @Test
    void fillsAOneLitreJarWith263Grams() {
        Recipe recipe = open().recipe(new Anchor.FillVessel(), jar(1, Lid.LOOSE));
        assertThat(grams(recipe, "plant")).isEqualTo(263);
        assertThat(grams(recipe, "sugar")).isEqualTo(263);
        assertThat(recipe.refusals()).isEmpty();
    }

    /** Check value 12 again, from the other side: 430 g of plants are too much for that jar. */
    @Test
    void refusesAnOverfullJarAndNamesWhatWouldFit() {
        Recipe recipe = inHand(open(), 430, jar(1, Lid.LOOSE));
        Finding finding = finding(recipe, "vessel");
        assertThat(finding.rule()).isEqualTo("overfull");
        assertThat(finding.severity()).isEqualTo(Severity.REFUSE);
        assertThat(finding.words())
                .contains(
                        "It would overflow J6",
                        "25 % must stay empty",
                        "1.64 L or more",
                        "at most 262 g of leaves",
                        "or split it over 2 such vessels");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.25, 1, 2.5, 10, 60})
    void fitsWhatItReckonsForAVessel(double litres) {
        for (Scaling scaling : List.of(open(), packed())) {
            Recipe recipe = scaling.recipe(new Anchor.FillVessel(), jar(litres, Lid.CLOTH));
            assertThat(finding(recipe, "vessel").severity()).isEqualTo(Severity.HOLDS);
            assertThat(recipe.filling().value().headspaceShare()).isCloseTo(0.25, within(0.01));
        }
    }

    @Test
    void refusesWhiteSugar() {
        Scaling white = scaling("plant-juice-open", "white-sugar", UnitSystem.METRIC);
        Finding finding = finding(inHand(white, 500, jar(3, Lid.LOOSE)), "sugar");
        assertThat(finding.severity()).isEqualTo(Severity.REFUSE);
        assertThat(finding.words())
                .contains("White sugar is not used", "Use raw sugar, or jaggery, grated, or molasses.");
    }

    @Test
    void refusesATightLidBesideEverythingElse() {
        Recipe recipe = inHand(open(), 640, jar(1, Lid.TIGHT));
        assertThat(recipe.refusals()).extracting(Finding::rule).containsExactly("tight-lid", "overfull");
        assertThat(recipe.findings())
                .extracting(Finding::concerns)
                .containsExactly("plant", "sugar", "size", "lid", "vessel", "place");
    }

    @Test
    void notesASugarOfAnotherSchoolAndAPlaceThatIsTooLight() {
        Scaling brown = scaling("plant-juice-open", "brown-sugar", UnitSystem.METRIC);
        Setting sunny = at(3, Lid.LOOSE, "Glasshouse bench", Light.SUN);
        Recipe recipe = inHand(brown, 500, sunny);
        assertThat(finding(recipe, "sugar").severity()).isEqualTo(Severity.NOTE);
        assertThat(finding(recipe, "place").words()).contains("This place gets sun; this way wants shade.");
        assertThat(recipe.refusals()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"105, true", "640, false", "100, false"})
    void tellsADeviationAboveTwoPercentOnly(double grams, boolean told) {
        Recipe recipe = inHand(packed(), grams, jar(3, Lid.CLOTH));
        assertThat(recipe.deviation().isPresent()).isEqualTo(told);
        recipe.deviation().ifPresent(worst -> assertThat(worst.value()).isCloseTo(0.048, within(0.001)));
    }

    @Test
    void putsItsAmountsIntoTheSteps() {
        assertThat(inHand(packed(), 640, jar(3, Lid.CLOTH)).steps())
                .extracting(RecipeStep::words)
                .contains("Chop it and rub 640 g of brown sugar in for 3 to 5 minutes.")
                .contains("Cover the top with 64 g of brown sugar as a cap.")
                .noneMatch(step -> step.contains("{"));
    }

    @Test
    void weighsInOuncesForAKitchenThatOwnsThem() {
        Recipe recipe = inHand(scaling("plant-juice-open", "raw-sugar", UnitSystem.US), 640, jar(3, Lid.LOOSE));
        assertThat(recipe.steps().get(1).words())
                .isEqualTo("Chop it fine and coat it all over with 1 lb 6.6 oz of raw sugar.");
    }

    @Test
    void carriesTheWeakestMarkOfItsInputs() {
        Recipe recipe = packed().recipe(new Anchor.Wanted(Volume.ofMillilitres(500)), jar(3, Lid.CLOTH));
        assertThat(recipe.part("plant").orElseThrow().amount().mark()).isEqualTo(Mark.FROM_MEMORY);
        assertThat(recipe.part("sugar").orElseThrow().amount().mark()).isEqualTo(Mark.COMMON_PRACTICE);
        assertThat(recipe.filling().evidence().words()).isEqualTo("derived, from memory");
    }
}
