package potmellow.core.pantry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.UnitSystem;
import potmellow.core.planting.GrowthStage;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

class PantryTest {
    private static final Book BOOK = Book.load();
    private static final PantryReader READER = new PantryReader(BOOK, HomeSizes.none(UnitSystem.METRIC));
    private static final WhatCanIMake MAKE = new WhatCanIMake(BOOK, UnitSystem.METRIC);

    private static List<Possible> of(String list) {
        return MAKE.from(READER.read(list).pantry());
    }

    private static Possible possible(String list, String method) {
        return of(list).stream()
                .filter(one -> one.method().id().equals(method))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3 kg nettles|nettles|3000",
                "500 g of brown sugar|brown-sugar|500",
                "1 L vinegar|vinegar|1000",
                "1½ litres of milk|whole-milk|1500",
                "12 eggshells|shells-crushed|66",
                "a dozen eggs|shells-crushed|66",
                "two bananas|banana-peel|100",
                "4 cloves of garlic|garlic|20",
                "2 cups worm castings|worm-castings|500",
                "3 bunches of chickweed|soft-leaves|300",
                "a bulb of garlic|garlic|50",
                "2 heads of garlic|garlic|100",
                "three bananas|banana-peel|150",
                "a handful of leaf mould|leaf-mould|100",
                "2½ lb nettles|nettles|1133.980925",
                "500 g imo-2|forest-kept|500",
                "half a kilo of brown sugar|brown-sugar|500"
            })
    void readsAmountsAndNamesAsPeopleSayThem(String said, String material, double base) {
        Pantry.Thing thing = READER.read(said).pantry().things().get(0);
        assertThat(thing.material().id()).isEqualTo(material);
        assertThat(thing.amount().base()).isCloseTo(base, within(1e-9));
    }

    @Test
    void readsVesselsAndKeepsApartWhatItCannotRead() {
        PantryReader.Reading read = READER.read("two 20 L buckets, 1 × 3 L jar and a 60 L drum; moon dust, 7 unicorns");
        assertThat(read.pantry().vessels())
                .extracting(Vessel::kind)
                .containsExactly(VesselKind.BUCKET, VesselKind.BUCKET, VesselKind.JAR, VesselKind.DRUM);
        assertThat(read.unread()).containsExactly("moon dust", "7 unicorns");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "molasses|“molasses”: how much? Write it as 1 L molasses.",
                "some leaf mould|“some leaf mould”: how much? Write it as 500 g leaf mould.",
                "2 kg netles|“2 kg netles”: the nearest that is known is nettles.",
                "2 kg dried nettle roots|“2 kg dried nettle roots”: the nearest that is known is nettles.",
                "3 rice|“3 rice”: rice, dry isn't counted. Write it as 500 g rice, dry."
            })
    void asksHowMuchAndNamesTheNearest(String said, String told) {
        assertThat(READER.read(said).unread()).containsExactly(told);
    }

    /** Young nettles are soft growth (common practice). */
    @ParameterizedTest
    @CsvSource({
        "plant-juice-open, raw sugar",
        "plant-juice-packed, brown sugar",
        "plant-juice-pressed, brown sugar",
        "nettle-tea, brown sugar"
    })
    void makesJuiceOfYoungNettlesAsWellAsATea(String method, String sugar) {
        assertThat(possible("500 g nettle tips, 500 g " + sugar + ", 3 L jar", method)
                        .now())
                .isTrue();
    }

    /** A handful of leaves is no batch (handbook of the craft, section 15: 100 g at least). */
    @Test
    void saysWhatThereMustBeMoreOf() {
        assertThat(possible("20 g leaves, 1 kg raw sugar", "plant-juice-open").missing())
                .containsExactly("more: at least 100 g of leaves and shoots");
        assertThat(possible("200 g leaves, 1 kg raw sugar", "plant-juice-open").now())
                .isTrue();
    }

    @Test
    void refusesWhatIsNoList() {
        assertThatThrownBy(() -> READER.read("")).hasMessageContaining("Type what you have");
        assertThatThrownBy(() -> READER.read("x".repeat(10_000))).hasMessageContaining("at most 600 are kept");
    }

    @Test
    void findsWhatEndsFirstAndHowFarItFeeds() {
        Possible shells = possible("12 eggshells, 1 L vinegar", "shell-calcium-tenfold");
        assertThat(shells.now()).isTrue();
        assertThat(shells.limit()).isEqualTo("What ends first: eggshells.");
        assertThat(shells.batch().value().base()).isCloseTo(66, within(1e-9));
        assertThat(shells.feeds().orElseThrow().squareMetres()).isCloseTo(641, within(1.0));
        assertThat(possible("2 kg eggshells, 1 L vinegar", "shell-calcium-tenfold")
                        .limit())
                .isEqualTo("What ends first: vinegar.");
    }

    @Test
    void isLimitedByTheVesselsThatAreThere() {
        Possible nettles = possible("9 kg nettles, two 20 L buckets", "nettle-tea");
        assertThat(nettles.limit()).startsWith("The vessel ends it: all of it wants 50 L");
        assertThat(nettles.batch().value().base()).isCloseTo(3600, within(1e-6));
    }

    @Test
    void tellsWhatIsMissingForNearMissesAndHidesTheRest() {
        Possible juice = possible("2 kg leaves", "plant-juice-open");
        assertThat(juice.missing()).containsExactly("raw sugar");
        assertThat(of("2 kg brown sugar")).noneMatch(one -> one.method().id().equals("plant-juice-open"));
        assertThat(of("2 kg leaves")).extracting(one -> one.missing().size()).isSorted();
    }

    @ParameterizedTest
    @EnumSource(GrowthStage.class)
    void hasABrewForEveryStageOfGrowth(GrowthStage stage) {
        assertThat(stage.suited(BOOK)).isNotEmpty();
    }

    /** Section 11 of the handbook of the craft: from budding on no more nitrogen; calcium from the first flower. */
    @ParameterizedTest
    @CsvSource({
        "LEAFY, nettle-liquid, true", "BUDDING, nettle-liquid, false", "FRUITING, fish-amino, false",
        "FLOWERING, shell-calcium, true", "BUDDING, shell-calcium, false", "SEEDLING, compost-extract, true",
        "RESTING, compost-tea, true"
    })
    void suitsBrewsToStages(GrowthStage stage, String product, boolean suits) {
        assertThat(stage.suited(BOOK).stream().map(Product::id).anyMatch(product::equals))
                .isEqualTo(suits);
    }
}
