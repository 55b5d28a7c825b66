package potmellow.core.scaling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.Book;
import potmellow.core.book.Light;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Stage;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.vessel.Gas;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.vessel.VesselMaterial;
import potmellow.core.water.Tap;

/** No change of a pot reaches what setting it so at once would have refused or advised against. */
class StandingTest {
    private static final Book BOOK = Book.load();
    private static final Volume TWENTY = Volume.ofLitres(20);
    private static final Setting.Spot SHED = new Setting.Spot(
            "Shed",
            Light.SHADE,
            Temperature.ofCelsius(18),
            true,
            Optional.empty(),
            Temperature.ofCelsius(12),
            Optional.empty(),
            Optional.empty());
    private static final Setting.Spot CUPBOARD = new Setting.Spot(
            "Cupboard",
            Light.DARK,
            Temperature.ofCelsius(20),
            false,
            Optional.of(Volume.ofLitres(1000)),
            Temperature.ofCelsius(-4),
            Optional.empty(),
            Optional.empty());

    private static Setting setting(Vessel vessel, boolean smells, Lid lid, Setting.Spot spot) {
        return new Setting(vessel, smells, lid, spot, Mass.ofKilograms(200), Tap.NONE, Optional.empty());
    }

    private static Standing set(Method method, Setting where) {
        Recipe recipe = new Scaling(BOOK, method, Map.of(), UnitSystem.METRIC).recipe(new Anchor.FillVessel(), where);
        Map<String, Quantity> amounts = new HashMap<>();
        Map<String, Material> materials = new HashMap<>();
        recipe.parts().forEach(part -> {
            amounts.put(part.id(), part.measured());
            materials.put(part.id(), part.material());
        });
        return new Standing(BOOK, method, 0, materials, amounts, where, UnitSystem.METRIC);
    }

    static Stream<Arguments> everyWayIntoEveryBadPlace() {
        List<Arguments> all = new ArrayList<>();
        for (Method method : BOOK.methods()) {
            Vessel good = good(method);
            Lid lid = method.vessel().lids().get(0);
            Setting start = setting(good, false, lid, SHED);
            for (VesselMaterial walls : VesselMaterial.values()) {
                Vessel other = new Vessel("X1", good.kind(), walls, TWENTY);
                all.add(Arguments.of(method, start, setting(other, true, lid, SHED)));
            }
            all.add(Arguments.of(method, start, setting(good, false, lid, CUPBOARD)));
            for (Lid tried : Lid.values()) {
                all.add(Arguments.of(method, start, setting(good, false, tried, SHED)));
            }
            all.add(Arguments.of(
                    method, start, setting(Vessel.of("D9", VesselKind.DRUM, TWENTY), false, lid, CUPBOARD)));
        }
        return all.stream();
    }

    private static Vessel good(Method method) {
        return Vessel.of("G1", method.vessel().kinds().get(0), TWENTY);
    }

    @ParameterizedTest
    @MethodSource("everyWayIntoEveryBadPlace")
    void saysOfAChangeWhatItWouldSayOfSettingItSo(Method method, Setting from, Setting to) {
        Standing standing = set(method, from);
        List<String> changed = standing.becoming(standing.in(to)).stream()
                .map(StandingTest::key)
                .toList();
        List<String> before = standing.findings().stream().map(Finding::words).toList();
        Recipe atOnce = new Scaling(BOOK, method, Map.of(), UnitSystem.METRIC)
                .recipe(
                        new Anchor.InHand(Map.of(
                                method.main().id(),
                                standing.amounts().get(method.main().id()))),
                        to);
        List<String> told = atOnce.findings().stream()
                .filter(finding -> finding.severity() == Severity.REFUSE || finding.severity() == Severity.CONFIRM)
                .filter(finding -> List.of("lid", "vessel", "place").contains(finding.concerns()))
                .filter(finding -> !List.of("overfull", "foam-over").contains(finding.rule()))
                .filter(finding -> !before.contains(finding.words()))
                .map(StandingTest::key)
                .toList();
        assertThat(changed).containsAll(told);
    }

    private static String key(Finding finding) {
        return finding.severity() + " " + finding.rule();
    }

    @Test
    void asksNothingAgainThatWasSoBefore() {
        Method shells =
                BOOK.method("shells-in-vinegar").orElseGet(() -> BOOK.methods().get(0));
        Standing standing =
                set(shells, setting(good(shells), true, shells.vessel().lids().get(0), CUPBOARD));
        assertThat(standing.becoming(standing)).isEmpty();
        assertThat(standing.becoming(standing.in(
                        setting(good(shells), true, shells.vessel().lids().get(0), SHED))))
                .as("a better place")
                .noneMatch(finding -> finding.severity() == Severity.REFUSE || finding.severity() == Severity.CONFIRM);
    }

    /** Every way with a gassy stage ahead, from every stage before it. */
    @Test
    void judgesALidByTheGassiestStageAhead() {
        for (Method method : BOOK.methods()) {
            for (int stage = 0; stage < method.stages().size(); stage++) {
                Setting where = setting(good(method), false, Lid.TIGHT, SHED);
                Standing whole = set(method, where);
                Standing now =
                        new Standing(BOOK, method, stage, whole.materials(), whole.amounts(), where, UnitSystem.METRIC);
                boolean gas =
                        method.stages().stream().skip(stage).map(Stage::gas).anyMatch(one -> one != Gas.NONE);
                assertThat(now.findings().stream()
                                .anyMatch(finding -> finding.rule().equals("tight-lid")))
                        .as(method.id() + " from stage " + stage)
                        .isEqualTo(gas);
            }
        }
    }

    @Test
    void advisesAgainstSplittingBelowTheLeastThatWorks() {
        Method heap = BOOK.method("forest-heap").orElseThrow();
        Standing whole = set(
                heap,
                setting(
                        Vessel.of("W9", heap.vessel().kinds().get(0), Volume.ofLitres(200)),
                        false,
                        heap.vessel().lids().get(0),
                        SHED));
        assertThat(whole.becoming(whole.share(0.02)))
                .anyMatch(finding -> finding.rule().equals("too-small"));
    }
}
