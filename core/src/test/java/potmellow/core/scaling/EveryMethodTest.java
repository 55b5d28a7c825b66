package potmellow.core.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.Basis;
import potmellow.core.book.Book;
import potmellow.core.book.Light;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.measure.Area;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.water.Tap;

/** Properties that hold for every method of the book, over many sizes, from every anchor and back. */
class EveryMethodTest {
    private static final Book BOOK = Book.load();
    private static final double EXACT = 1e-9;
    /** What a scale or spoon may be off (section 2 of the handbook of the craft, common practice). */
    private static final double WORST_TOOL = 0.05;

    private static Setting in(Method method, double litres) {
        VesselKind kind = method.vessel().kinds().get(0);
        return new Setting(
                Vessel.of(kind.letter() + "1", kind, Volume.ofLitres(litres)),
                false,
                method.vessel().lids().get(0),
                new Setting.Spot("Lee wall", Light.SHADE, Temperature.ofCelsius(20), true, Optional.empty()),
                Mass.ofKilograms(1000),
                Tap.NONE,
                Optional.empty());
    }

    private static Scaling scaling(Method method, UnitSystem system) {
        return new Scaling(BOOK, method, Map.of(), system);
    }

    static Stream<Arguments> methodsAndSizes() {
        Random random = new Random(20260521);
        return BOOK.methods().stream()
                .flatMap(method -> Stream.of(3.0, 20.0, 2 + 100 * random.nextDouble(), 200.0)
                        .map(litres -> Arguments.of(method, litres)));
    }

    @ParameterizedTest
    @MethodSource("methodsAndSizes")
    void scalesFromEveryAnchorAndBackToTheSameBatch(Method method, double litres) {
        Scaling scaling = scaling(method, UnitSystem.METRIC);
        Setting where = in(method, litres);
        Proportions proportions = Proportions.of(BOOK, method, Map.of(), where.vessel());
        double scale = scaling.scale(new Anchor.FillVessel(), where).value();

        for (Part part : method.parts()) {
            if (part.scales()) {
                Quantity amount = proportions.amount(part, scale);
                double back = scaling.scale(Anchor.InHand.of(part.id(), amount), where)
                        .value();
                assertThat(back).as(part.id()).isCloseTo(scale, within(scale * EXACT));
            }
        }
        Quantity output = proportions.output(scale);
        double least = new SensibleBatch(proportions, UnitSystem.METRIC).least().orElseThrow();
        double wanted = scaling.scale(new Anchor.Wanted(output), where).value();
        assertThat(wanted).isCloseTo(Math.max(least, scale), within(scale * EXACT));
        assertThat(proportions.making(output)).isCloseTo(scale, within(scale * EXACT));

        double capacity = proportions.capacityFor(scale, where.vessel().kind()).litres();
        double foam = proportions.foamRoom(scale).map(Volume::litres).orElse(0.0);
        assertThat(capacity).isCloseTo(Math.max(litres, foam), within(litres * 1e-6));
    }

    @ParameterizedTest
    @MethodSource("methodsAndSizes")
    void neverOverfillsTheVesselItIsScaledFor(Method method, double litres) {
        for (UnitSystem system : UnitSystem.values()) {
            Recipe recipe = scaling(method, system).recipe(new Anchor.FillVessel(), in(method, litres));
            assertThat(recipe.refusals()).as(method.id()).isEmpty();
            assertThat(recipe.filling().value().headspaceShare()).isGreaterThanOrEqualTo(0);
            assertThat(recipe.findings()).extracting(Finding::rule).doesNotContain("foam-over");
        }
    }

    @ParameterizedTest
    @MethodSource("methodsAndSizes")
    void keepsTheRatiosWithinWhatItReports(Method method, double litres) {
        for (UnitSystem system : UnitSystem.values()) {
            Recipe recipe = scaling(method, system).recipe(new Anchor.FillVessel(), in(method, litres));
            double reported =
                    recipe.deviation().map(worst -> Math.abs(worst.value())).orElse(MeasuredVolume.WORTH_TELLING);
            for (Recipe.Amount part : recipe.parts().subList(1, recipe.parts().size())) {
                double off = Math.abs(part.amount().value().deviation());
                assertThat(off).as(part.id()).isLessThanOrEqualTo(reported + EXACT);
                boolean weighed = part.measured().isMass();
                assertThat(weighed && part.measured().base() > 5 ? 0 : off).isLessThanOrEqualTo(WORST_TOOL);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("methodsAndSizes")
    void doublesEveryPartThatGrowsWhenTheBatchDoubles(Method method, double litres) {
        Proportions proportions =
                Proportions.of(BOOK, method, Map.of(), in(method, litres).vessel());
        for (Part part : method.parts()) {
            double once = proportions.amount(part, 1.5).base();
            double twice = proportions.amount(part, 3).base();
            assertThat(twice).isCloseTo(2 * once, within(EXACT * twice));
        }
    }

    @ParameterizedTest
    @MethodSource("methodsAndSizes")
    void feedsTheGroundItIsScaledFor(Method method, double litres) {
        Product product = BOOK.productOf(method);
        if (!product.targets().contains(Target.SOIL)) {
            return;
        }
        Scaling scaling = scaling(method, UnitSystem.METRIC);
        Setting where = in(method, litres);
        Anchor.ToFeed ground = new Anchor.ToFeed(Area.ofSquareMetres(litres), 4, Target.SOIL);
        double scale = scaling.scale(ground, where).value();
        Proportions proportions = Proportions.of(BOOK, method, Map.of(), where.vessel());
        Volume brew = product.volume(proportions.output(scale));
        double mix = product.use(Target.SOIL).usualRatio().makes(brew).litres();
        double needed = new Feeds(product, ground, UnitSystem.METRIC).ofOneBatch() * litres;
        boolean least = scale
                <= new SensibleBatch(proportions, UnitSystem.METRIC).least().orElse(0.0) * (1 + EXACT);
        assertThat(mix).isGreaterThanOrEqualTo(needed * (1 - 1e-6));
        assertThat(least || Math.abs(mix - needed) <= needed * 1e-6)
                .as("%s L of mix for %s", mix, needed)
                .isTrue();
    }

    @ParameterizedTest
    @MethodSource("methodsAndSizes")
    void tellsEveryAmountWithItsWorkingAndLeavesNoWordUnfilled(Method method, double litres) {
        Recipe recipe = scaling(method, UnitSystem.METRIC).recipe(new Anchor.FillVessel(), in(method, litres));
        assertThat(recipe.parts()).allMatch(part -> !part.amount().steps().isEmpty());
        assertThat(recipe.steps()).noneMatch(step -> step.words().contains("{"));
        assertThat(recipe.contents().value().grams()).isPositive();
        assertThat(recipe.parts())
                .filteredOn(part -> part.measured().base() <= 0)
                .isEmpty();
        assertThat(method.parts().stream()
                        .filter(part -> part.amount().basis() == Basis.REST)
                        .count())
                .isLessThanOrEqualTo(1);
    }
}
