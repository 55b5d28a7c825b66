package potmellow.core.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.balance.Balance;
import potmellow.core.book.Basis;
import potmellow.core.book.Book;
import potmellow.core.book.BookYaml;
import potmellow.core.book.Light;
import potmellow.core.book.Method;
import potmellow.core.book.MethodFile;
import potmellow.core.book.Product;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Area;
import potmellow.core.measure.Handling;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.water.Tap;

/** Nothing is made from nothing: laws that hold for every method, anchor and size, in both unit systems. */
class ConservationTest {
    private static final Book BOOK = Book.load();
    private static final int SIZES = 30;
    private static final double LEAST_LITRES = 0.05;
    private static final double MOST_LITRES = 400;
    private static final double MOST_VESSEL_LITRES = 1000;
    private static final double A_HAIR = 1e-9;
    /** What rounding may take of the headspace; the recipe tells it. */
    private static final double HEADSPACE_TOLERANCE = 0.01;

    /** A way to ask for a batch of about so many litres. */
    private record Asked(String name, DoubleFunction<Anchor> anchor) {
        @Override
        public String toString() {
            return name;
        }
    }

    static List<Double> sizes() {
        double step = Math.pow(MOST_LITRES / LEAST_LITRES, 1.0 / (SIZES - 1));
        return DoubleStream.iterate(LEAST_LITRES, litres -> litres * step)
                .limit(SIZES)
                .boxed()
                .toList();
    }

    private static Setting in(Method method, double litres) {
        VesselKind kind = method.vessel().kinds().get(0);
        return new Setting(
                Vessel.of(kind.letter() + "1", kind, Volume.ofLitres(litres)),
                false,
                method.vessel().lids().get(0),
                new Setting.Spot("Lee wall", Light.SHADE, Temperature.ofCelsius(20), true, Optional.empty()),
                Setting.USUAL_LIFT,
                Tap.NONE,
                Optional.empty());
    }

    static Stream<Arguments> methodsAndAnchors() {
        return BOOK.methods().stream()
                .flatMap(method -> anchors(method)
                        .flatMap(asked ->
                                Stream.of(UnitSystem.values()).map(system -> Arguments.of(method, asked, system))));
    }

    private static Stream<Asked> anchors(Method method) {
        Product product = BOOK.productOf(method);
        Asked hand = new Asked(
                "in hand",
                litres -> Anchor.InHand.of(
                        method.main().id(), BOOK.usual(method.main()).mass(Volume.ofLitres(litres))));
        Asked fill = new Asked("fill", litres -> new Anchor.FillVessel());
        Asked wanted = new Asked(
                "wanted",
                litres -> new Anchor.Wanted(
                        product.solid() ? product.mass(Volume.ofLitres(litres)) : Volume.ofLitres(litres)));
        Stream<Asked> feeds = product.targets().stream()
                .map(target -> new Asked(
                        "feed " + target,
                        litres -> new Anchor.ToFeed(Area.ofSquareMetres(Math.max(0.1, litres)), 5, target)));
        return Stream.concat(Stream.of(hand, fill, wanted), feeds);
    }

    private static Recipe recipe(Method method, Anchor anchor, UnitSystem system, double litres) {
        Scaling scaling = new Scaling(BOOK, method, Map.of(), system);
        Setting where = in(method, litres);
        double room = scaling.capacityFor(anchor, where.vessel().kind(), where)
                .map(Volume::litres)
                .orElse(litres);
        Setting roomy = in(method, Math.max(LEAST_LITRES, Math.min(room * 1.02, MOST_VESSEL_LITRES)));
        return scaling.recipe(anchor, anchor instanceof Anchor.FillVessel ? where : roomy);
    }

    private static Balance balance(Recipe recipe) {
        Map<String, Quantity> measured = new LinkedHashMap<>();
        recipe.parts().forEach(part -> measured.put(part.id(), part.measured()));
        return Balance.of(BOOK, recipe.method(), Map.of(), measured);
    }

    /** Whether a part of it is finer than the tools of that garden. */
    private static boolean tooLittle(Recipe recipe) {
        return recipe.findings().stream().anyMatch(finding -> finding.rule().equals("too-little"));
    }

    /** Every law over all sizes of one way to ask: the recipes are worked out once, as they are what takes time. */
    @ParameterizedTest
    @MethodSource("methodsAndAnchors")
    void makesNothingFromNothing(Method method, Asked asked, UnitSystem system) {
        double before = 0;
        for (double litres : sizes()) {
            Anchor anchor = asked.anchor().apply(litres);
            Recipe recipe = recipe(method, anchor, system, litres);
            String at = AmountText.number(litres) + " L";
            noMoreComesOutThanGoesIn(recipe, system, at);
            standsBelowItsLine(recipe, asked, at);
            keepsToItsRatioOrSaysSo(recipe, system, at);
            isNoSmallerThanSomebodyWouldBrew(recipe, anchor, at);
            weighsWhatGoesIn(recipe, asked, at);
            double usual = recipe.makes().value().usual().base();
            assertThat(usual)
                    .as("more of more at " + at)
                    .isFinite()
                    .isGreaterThanOrEqualTo(before * (1 - MeasuredVolume.WORST_ERROR));
            before = usual;
        }
    }

    private static void noMoreComesOutThanGoesIn(Recipe recipe, UnitSystem system, String at) {
        Balance balance = balance(recipe);
        Method method = recipe.method();
        Product product = BOOK.productOf(method);
        assertThat(balance.massOut(method.makes(), product).grams())
                .as("mass out at " + at)
                .isNotNegative()
                .isLessThanOrEqualTo(balance.mass().grams() * (1 + A_HAIR));
        assertThat(product.volume(recipe.makes().value().usual()).millilitres())
                .as("what may be entered when it is emptied, at " + at)
                .isLessThanOrEqualTo(
                        balance.most(method.makes(), product, system).value().millilitres());
    }

    private static void standsBelowItsLine(Recipe recipe, Asked asked, String at) {
        Method method = recipe.method();
        Volume capacity = recipe.filling().value().capacity();
        double promised = 1
                - method.vessel()
                        .fillShare(Vessel.of("?", method.vessel().kinds().get(0), capacity));
        boolean fits = recipe.refusals().isEmpty();
        double left = recipe.filling().value().headspaceShare();
        assertThat(!fits || left >= promised - HEADSPACE_TOLERANCE)
                .as("%s: %s left of %s", at, left, promised)
                .isTrue();
        assertThat(recipe.filling().value().capShare()).isNotNegative();
        if (asked.name().equals("fill")) {
            assertThat(fits || tooLittle(recipe))
                    .as(at + ": " + recipe.refusals())
                    .isTrue();
        }
    }

    private static void keepsToItsRatioOrSaysSo(Recipe recipe, UnitSystem system, String at) {
        boolean told = tooLittle(recipe);
        for (Recipe.Amount part : recipe.parts()) {
            assertThat(part.measured().base()).as(part.id()).isPositive().isFinite();
            double off = Math.abs(part.amount().value().deviation());
            assertThat(told || off <= MeasuredVolume.WORST_ERROR + A_HAIR)
                    .as("%s of %s: %s", part.id(), at, off)
                    .isTrue();
            String text = part.amount().value().text();
            assertThat(text).doesNotContain("Infinity", "NaN", "2147483647").doesNotStartWith("0 ");
            if (part.material().handling() == Handling.SOLID) {
                assertThat(text).as("no suspension").doesNotContain("stir ", "mix ");
            }
            if (system == UnitSystem.US) {
                assertThat(text).as("nothing finer than its scale").doesNotContain("1 g ", "100 mL");
            }
        }
    }

    private static void isNoSmallerThanSomebodyWouldBrew(Recipe recipe, Anchor anchor, String at) {
        boolean small =
                recipe.findings().stream().anyMatch(finding -> finding.rule().equals("too-small"));
        boolean free = anchor instanceof Anchor.Wanted || anchor instanceof Anchor.ToFeed;
        assertThat(small && free).as(at).isFalse();
    }

    private static void weighsWhatGoesIn(Recipe recipe, Asked asked, String at) {
        Mass sum = balance(recipe).mass();
        assertThat(recipe.contents().value().grams()).as(at).isCloseTo(sum.grams(), within(sum.grams() * A_HAIR));
        if (asked.name().equals("fill") && recipe.method().vessel().moved()) {
            assertThat(sum.grams()).as(at).isLessThanOrEqualTo(Setting.USUAL_LIFT.grams());
        }
    }

    static Stream<Arguments> methodsAndSystems() {
        return BOOK.methods().stream()
                .flatMap(method -> Stream.of(UnitSystem.values()).map(system -> Arguments.of(method, system)));
    }

    @ParameterizedTest
    @MethodSource("methodsAndSystems")
    void scalesAllThatScales(Method method, UnitSystem system) {
        Asked hand = anchors(method).findFirst().orElseThrow();
        for (double litres : sizes()) {
            Recipe once = recipe(method, hand.anchor().apply(litres), system, litres);
            Recipe thrice = recipe(method, hand.anchor().apply(3 * litres), system, litres);
            for (int i = 0; i < once.parts().size(); i++) {
                boolean fills = method.parts().get(i).amount().basis() == Basis.REST;
                if (method.parts().get(i).scales() && !fills) {
                    double one = once.parts().get(i).amount().value().exact().base();
                    double three =
                            thrice.parts().get(i).amount().value().exact().base();
                    assertThat(three)
                            .as(once.parts().get(i).id())
                            .isCloseTo(3 * one, within(3 * one * 2 * MeasuredVolume.WORST_ERROR));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("potmellow.core.scaling.ConservationTest#feedsOfEveryUse")
    void feedsAnyNumberOfWeeksInAWholeNumberOfBatches(Method method, Target target, int weeks) {
        Anchor.ToFeed anchor = new Anchor.ToFeed(Area.ofSquareMetres(10), weeks, target);
        Recipe recipe = recipe(method, anchor, UnitSystem.METRIC, 10);
        int feeds = new Feeds(BOOK.productOf(method), anchor, UnitSystem.METRIC).count();
        assertThat(feeds).isBetween(1, weeks * 7);
        recipe.repeat().ifPresent(repeat -> {
            assertThat(repeat.times()).isBetween(2, feeds);
            assertThat(repeat.everyDays()).isPositive().isFinite();
        });
    }

    static Stream<Arguments> feedsOfEveryUse() {
        return BOOK.methods().stream()
                .flatMap(method -> BOOK.productOf(method).targets().stream()
                        .flatMap(target ->
                                Stream.of(1, 2, 6, 26, 52).map(weeks -> Arguments.of(method, target, weeks))));
    }

    /** A way of the gardener's own may be told so that nothing comes out of it, or that nothing more goes in. */
    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void saysSoWhereNothingComesOut(UnitSystem system) {
        Method tea = BOOK.method("worm-tea").orElseThrow();
        String thirsty = BookYaml.write(MethodFile.of(tea, BOOK.productOf(tea)))
                .replaceFirst("(?s)holds:\\s+value: 0.5", "holds:\n      value: 500.0");
        Method read = BookYaml.read(thirsty).method();
        assertThat(read).isNotEqualTo(tea);
        Scaling scaling = new Scaling(BOOK, read, Map.of(), system);
        assertThatThrownBy(() -> scaling.recipe(new Anchor.Wanted(Volume.ofLitres(2)), in(read, 20)))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining("None of it would come out");
        Recipe filled = scaling.recipe(new Anchor.FillVessel(), in(read, 20));
        assertThat(filled.makes().value().usual().base()).isZero();
    }
}
