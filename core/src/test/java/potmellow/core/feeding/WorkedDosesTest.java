package potmellow.core.feeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static potmellow.core.feeding.Feeding.MORNING;
import static potmellow.core.feeding.Feeding.conditions;
import static potmellow.core.feeding.Feeding.daysAgo;
import static potmellow.core.feeding.Feeding.fed;
import static potmellow.core.feeding.Feeding.history;
import static potmellow.core.feeding.Feeding.looked;
import static potmellow.core.feeding.Feeding.picked;
import static potmellow.core.feeding.Feeding.plants;
import static potmellow.core.feeding.Feeding.potted;
import static potmellow.core.feeding.Feeding.product;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Target;

/**
 * Doses worked out by hand: strength, millilitres and the gravest word against them, each with where its numbers come from. "Handbook"
 * is section 11 of the handbook of the craft; C is common practice, M from memory, P published, D derived from those.
 */
class WorkedDosesTest {
    private static final History FRESH = History.none();
    private static final Plants LEAFY = plants(GrowthStage.LEAFY);
    private static final Plants FRUITING = plants(GrowthStage.FRUITING);
    private static final List<History.Fed> KEEPER_100 = List.of(fed("long-keeper", 100, 20));

    /**
     * A dose.
     *
     * @param from where the numbers come from
     * @param water parts of water advised
     * @param millilitres brew for the mix of that planting: mix ÷ (N + 1)
     * @param gravest how grave the gravest finding is
     * @param rule its id; empty where nothing stands against it
     */
    private record Worked(
            String what,
            String from,
            String product,
            Target target,
            Plants plants,
            History history,
            double ageDays,
            double water,
            double millilitres,
            Severity gravest,
            String rule) {
        @Override
        public String toString() {
            return what + " (" + from + ")";
        }
    }

    private static Worked dose(
            String what,
            String from,
            String product,
            Plants plants,
            History history,
            double water,
            double millilitres,
            Severity gravest,
            String rule) {
        return new Worked(what, from, product, Target.SOIL, plants, history, 45, water, millilitres, gravest, rule);
    }

    private static Plants sized(Appetite appetite, SoilKind soil, GrowthStage stage) {
        return plants(stage, appetite, soil);
    }

    static Stream<Worked> doses() {
        Severity free = Severity.HOLDS;
        Severity decide = Severity.CONFIRM;
        Severity no = Severity.REFUSE;
        // The usual bed is 5 m², which take 5 L at 1 L/m² (handbook, C); tubs are 4 × 10 L, an eighth of it is 5 L (M).
        return Stream.of(
                dose(
                        "plant juice for a leafy bed",
                        "handbook 1:500, C; 5000 ÷ 501, D",
                        "plant-juice",
                        LEAFY,
                        FRESH,
                        500,
                        9.98,
                        free,
                        ""),
                dose(
                        "plant juice for seedlings",
                        "handbook 1:1000, C; 5000 ÷ 1001, D",
                        "plant-juice",
                        plants(GrowthStage.SEEDLING),
                        FRESH,
                        1000,
                        4.995,
                        free,
                        ""),
                dose(
                        "plant juice for a heavy feeder",
                        "handbook: every 7 days at 1:1000, C",
                        "plant-juice",
                        sized(Appetite.HEAVY, SoilKind.LOAM, GrowthStage.LEAFY),
                        FRESH,
                        1000,
                        4.995,
                        free,
                        ""),
                dose("fish for leafy plants", "handbook 1:1000, C", "fish-amino", LEAFY, FRESH, 1000, 4.995, free, ""),
                dose(
                        "fish for fruiting plants",
                        "handbook: never from budding on, C",
                        "fish-amino",
                        FRUITING,
                        FRESH,
                        1000,
                        4.995,
                        no,
                        "never-budding"),
                dose("serum in fruit", "handbook 1:1000, C", "lactic-serum", FRUITING, FRESH, 1000, 4.995, free, ""),
                dose(
                        "leaf-mould liquid on soil",
                        "handbook 1:20, C; 5000 ÷ 21, D",
                        "leafmould-liquid",
                        LEAFY,
                        FRESH,
                        20,
                        238.1,
                        free,
                        ""),
                dose(
                        "leaf-mould liquid for limp plants",
                        "handbook row for the stressed 1:40, weakest 1:80, C and M; limp again, so water is asked for, C",
                        "leafmould-liquid",
                        LEAFY,
                        history(List.of(fed("lactic-serum", 1000, 20)), looked(Look.LIMP, 1)),
                        80,
                        61.73,
                        free,
                        ""),
                dose(
                        "weed bucket of 45 days",
                        "handbook age rule, log-linear 14 d 1:10 to 150 d 1:50, D: 1:14.4",
                        "weed-liquid",
                        LEAFY,
                        FRESH,
                        14.43,
                        324.1,
                        free,
                        ""),
                dose(
                        "nettle for leafy plants",
                        "handbook 1:10, C; 5000 ÷ 11, D",
                        "nettle-liquid",
                        LEAFY,
                        FRESH,
                        10,
                        454.5,
                        free,
                        ""),
                dose(
                        "nettle from budding on",
                        "handbook: no more nitrogen, M",
                        "nettle-liquid",
                        plants(GrowthStage.BUDDING),
                        FRESH,
                        10,
                        454.5,
                        decide,
                        "nitrogen"),
                dose(
                        "long-keeper, the first feed ever",
                        "handbook: start weakest, 1:100, C",
                        "long-keeper",
                        LEAFY,
                        FRESH,
                        100,
                        49.5,
                        free,
                        ""),
                dose(
                        "long-keeper, pale before any feed",
                        "handbook: start weakest, C",
                        "long-keeper",
                        LEAFY,
                        history(List.of(), looked(Look.PALE, 3)),
                        100,
                        49.5,
                        free,
                        ""),
                dose(
                        "long-keeper after no change on day 8",
                        "handbook: one rung stronger, 1:75, C",
                        "long-keeper",
                        LEAFY,
                        history(KEEPER_100, looked(Look.UNCHANGED, 12)),
                        75,
                        65.79,
                        free,
                        ""),
                dose(
                        "long-keeper after no change on day 4",
                        "handbook: look after 7 to 10 days, C",
                        "long-keeper",
                        LEAFY,
                        history(KEEPER_100, looked(Look.UNCHANGED, 16)),
                        100,
                        49.5,
                        free,
                        ""),
                dose(
                        "long-keeper after a scorch at the weakest rung",
                        "handbook: stop and water through, C",
                        "long-keeper",
                        LEAFY,
                        history(KEEPER_100, looked(Look.SCORCHED, 12)),
                        100,
                        49.5,
                        no,
                        "ladder"),
                dose(
                        "long-keeper scorched after no change was seen",
                        "handbook: harm counts at once, C",
                        "long-keeper",
                        LEAFY,
                        history(KEEPER_100, looked(Look.UNCHANGED, 12), looked(Look.SCORCHED, 5)),
                        100,
                        49.5,
                        no,
                        "ladder"),
                dose(
                        "long-keeper at 1:50, scorched",
                        "handbook: back two rungs, to 1:100, C; water through first, C",
                        "long-keeper",
                        LEAFY,
                        history(List.of(fed("long-keeper", 50, 20)), looked(Look.SCORCHED, 12)),
                        100,
                        49.5,
                        decide,
                        "response"),
                dose(
                        "manure brew on what is eaten raw",
                        "handbook: never, P: US 7 CFR 205.203(c)(1)",
                        "manure-brew",
                        picked(GrowthStage.LEAFY, Eaten.RAW, true, 300),
                        FRESH,
                        20,
                        238.1,
                        no,
                        "eaten-raw"),
                dose(
                        "manure brew 119 days before picking",
                        "P: US 7 CFR 205.203(c)(1), 120 days",
                        "manure-brew",
                        picked(GrowthStage.LEAFY, Eaten.COOKED, true, 119),
                        FRESH,
                        20,
                        238.1,
                        no,
                        "harvest"),
                dose(
                        "manure brew after the day of picking",
                        "P: the same, and the beans go on",
                        "manure-brew",
                        picked(GrowthStage.LEAFY, Eaten.COOKED, true, -20),
                        FRESH,
                        20,
                        238.1,
                        no,
                        "harvest"),
                dose(
                        "manure brew where nobody said when they pick",
                        "P: the same; a published wait is not poured on a guess, M",
                        "manure-brew",
                        LEAFY,
                        FRESH,
                        20,
                        238.1,
                        decide,
                        "harvest"),
                dose(
                        "shell calcium in flower",
                        "handbook 1:1000, M",
                        "shell-calcium",
                        plants(GrowthStage.FLOWERING),
                        FRESH,
                        1000,
                        4.995,
                        free,
                        ""),
                dose(
                        "plant juice in tubs",
                        "handbook 1:500, C; an eighth of 4 × 10 L, M",
                        "plant-juice",
                        potted(GrowthStage.LEAFY),
                        FRESH,
                        500,
                        9.98,
                        free,
                        ""),
                dose(
                        "plant juice two days after another feed",
                        "handbook: three days apart, M",
                        "plant-juice",
                        LEAFY,
                        history(List.of(
                                fed("plant-juice", 500, 30),
                                fed("lactic-serum", 1000, 30),
                                fed("lactic-serum", 1000, 2))),
                        500,
                        9.98,
                        decide,
                        "apart"),
                dose(
                        "plant juice that scorched them before",
                        "too much burns, C; the weakest of the span since, 1:1000, M",
                        "plant-juice",
                        LEAFY,
                        history(
                                List.of(fed("plant-juice", 500, 40), fed("lactic-serum", 1000, 20)),
                                looked(Look.SCORCHED, 35),
                                looked(Look.UPRIGHT, 10)),
                        1000,
                        4.995,
                        free,
                        ""));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("doses")
    void comesOutAsByHand(Worked worked) {
        InStore bottle = new InStore(
                "P1",
                product(worked.product()),
                new Stock(Volume.ofLitres(20), false),
                LocalDate.MAX,
                OptionalDouble.of(worked.ageDays()));
        History watered = worked.history().looks().stream().anyMatch(look -> look.look() == Look.LIMP)
                ? worked.history().watered(daysAgo(0.5))
                : worked.history();
        Recipient recipient = Feeding.to(worked.plants(), watered);
        Judged judged = Judged.of(
                Dose.advised(bottle, worked.target(), recipient, Optional.of(conditions(MORNING, Feeding::fair))));
        assertThat(judged.dose().strength().water()).isCloseTo(worked.water(), within(0.01));
        Volume mix = worked.plants()
                .size()
                .volume(worked.target(), UnitSystem.METRIC)
                .value();
        assertThat(judged.dose().strength().brewIn(mix).millilitres())
                .isCloseTo(worked.millilitres(), within(worked.millilitres() * 0.001));
        assertThat(judged.gravest().map(finding -> finding.severity()).orElse(Severity.HOLDS))
                .as(() -> judged.obstacles().toString())
                .isEqualTo(worked.gravest());
        assertThat(judged.gravest().map(finding -> finding.rule()).orElse("")).isEqualTo(worked.rule());
    }
}
