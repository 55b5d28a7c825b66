package potmellow.core.scaling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import potmellow.core.book.Book;
import potmellow.core.book.Light;
import potmellow.core.book.Method;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.vessel.VesselMaterial;
import potmellow.core.water.Tap;

/** The smallest of the gardener's own vessels that fits, or a split over two. */
class VesselChoiceTest {
    private static final Book BOOK = Book.load();

    private static Vessel vessel(String code, VesselKind kind, double litres) {
        return Vessel.of(code, kind, Volume.ofLitres(litres));
    }

    private static Scaling scaling(String id) {
        return new Scaling(BOOK, BOOK.method(id).orElseThrow(), Map.of(), UnitSystem.METRIC);
    }

    private static VesselChoice choose(String id, Anchor anchor, Vessel... free) {
        return VesselChoice.of(scaling(id), anchor, where(id), List.of(free), vessel -> false);
    }

    private static Setting where(String id) {
        Method method = BOOK.method(id).orElseThrow();
        return new Setting(
                Vessel.of("?", method.vessel().kinds().get(0), Volume.ofLitres(1)),
                false,
                method.vessel().lids().get(0),
                new Setting.Spot("Lee wall", Light.SHADE, Temperature.ofCelsius(20), true, Optional.empty()),
                Setting.USUAL_LIFT,
                Tap.NONE,
                Optional.empty());
    }

    private static Anchor leaves(double grams) {
        return Anchor.InHand.of("plant", Mass.ofGrams(grams));
    }

    @Test
    void takesTheSmallestThatFits() {
        VesselChoice choice = choose(
                "plant-juice-open",
                leaves(500),
                vessel("J3", VesselKind.JAR, 3),
                vessel("J1", VesselKind.JAR, 1),
                vessel("J2", VesselKind.JAR, 2),
                vessel("B1", VesselKind.BUCKET, 10));
        assertThat(choice.vessel().orElseThrow().code()).isEqualTo("J2");
        assertThat(choice.split()).isEmpty();
    }

    @Test
    void splitsOverTwoThatHoldHalfEach() {
        VesselChoice choice = choose(
                "plant-juice-open", leaves(1000), vessel("J1", VesselKind.JAR, 2), vessel("J2", VesselKind.JAR, 2.5));
        assertThat(choice.split()).extracting(Vessel::code).containsExactly("J1", "J2");
        assertThat(choice.vessel().orElseThrow().code()).isEqualTo("J2");
    }

    @Test
    void namesTheLargestWhereNeitherOneNorTwoHoldIt() {
        VesselChoice choice = choose(
                "plant-juice-open", leaves(9000), vessel("J1", VesselKind.JAR, 2), vessel("J2", VesselKind.JAR, 2.5));
        assertThat(choice.vessel().orElseThrow().code()).isEqualTo("J2");
        assertThat(choice.split()).isEmpty();
    }

    @Test
    void passesOverShapesAndWallsThatWillNotDo() {
        Vessel plastic = new Vessel("W1", VesselKind.BOX, VesselMaterial.PLASTIC, Volume.ofLitres(6));
        Vessel wood = vessel("W2", VesselKind.BOX, 20);
        Anchor rice = Anchor.InHand.of("rice", Mass.ofKilograms(2.5));
        assertThat(choose("forest-rice-buried", rice, plastic, wood, vessel("J1", VesselKind.JAR, 5))
                        .vessel())
                .contains(wood);
        Vessel tin = new Vessel("J9", VesselKind.JAR, VesselMaterial.BARE_METAL, Volume.ofLitres(5));
        assertThat(choose("shell-calcium-tenfold", Anchor.InHand.of("shells", Mass.ofGrams(50)), tin)
                        .vessel())
                .isEmpty();
    }

    @Test
    void fillsTheOneThatGivesAUsualBatchWhereTheVesselDecides() {
        VesselChoice choice = choose(
                "weed-bucket",
                new Anchor.FillVessel(),
                vessel("B3", VesselKind.BUCKET, 2),
                vessel("B2", VesselKind.BUCKET, 30),
                vessel("B1", VesselKind.BUCKET, 20));
        assertThat(choice.vessel().orElseThrow().code()).isEqualTo("B1");
    }

    @Test
    void leavesPlasticThatHeldAnaerobicLiquidToSuchBrews() {
        Vessel bucket = vessel("B1", VesselKind.BUCKET, 12);
        for (Anchor anchor : List.of(new Anchor.FillVessel(), Anchor.InHand.of("serum", Volume.ofMillilitres(200)))) {
            assertThat(VesselChoice.of(
                                    scaling("activated-culture"),
                                    anchor,
                                    where("activated-culture"),
                                    List.of(bucket),
                                    any -> true)
                            .vessel())
                    .isEmpty();
        }
        assertThat(VesselChoice.of(
                                scaling("weed-bucket"),
                                new Anchor.FillVessel(),
                                where("weed-bucket"),
                                List.of(bucket),
                                any -> true)
                        .vessel())
                .contains(bucket);
    }

    @Test
    void leavesItOpenWhereThereIsNone() {
        assertThat(choose("plant-juice-open", leaves(500)).vessel()).isEmpty();
    }
}
