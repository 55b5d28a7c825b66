package potmellow.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.feeding.HarvestWait;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredMass;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;

/** Words about danger can be read in one way only. What once misled stands in no file of the book any more. */
class DangerWordsTest {
    private static final List<String> MISLEADING = List.of(
            "rolling boil",
            "not for people with asthma",
            "never bleach with",
            "Outdoors and upwind",
            "outdoors, upwind",
            "drowns a toddler",
            "let it lift",
            "It still works",
            "nothing that is eaten",
            "nothing edible",
            "burn shells white",
            "they decide",
            "it drives",
            "needs air.",
            "1-in-");

    static Stream<Path> files() throws URISyntaxException, IOException {
        Path book = Path.of(Book.class.getResource("/potmellow/book/index.yaml").toURI())
                .getParent();
        try (Stream<Path> all = Files.walk(book)) {
            return all.filter(file -> file.toString().endsWith(".yaml")).toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("files")
    void misleadNowhereInTheBook(Path file) throws IOException {
        assertThat(Files.readString(file)).doesNotContain(MISLEADING);
    }

    @Test
    void leadWithWhatSavesALifeWhereThereIsGasAndKeepItsFigureOnTap() {
        List<Caution> gas = Book.load().products().stream()
                .flatMap(product -> product.cautions().stream())
                .filter(caution -> caution.words().contains("hydrogen sulfide"))
                .toList();
        assertThat(gas).hasSizeGreaterThanOrEqualTo(7).allSatisfy(caution -> {
            assertThat(caution.words())
                    .startsWith("If a strong smell suddenly disappears, walk away:")
                    .contains("downwind of people", "Stand upwind when you open it")
                    .doesNotContain("ppm");
            assertThat(caution.why()).hasValueSatisfying(why -> assertThat(why).contains("100 ppm"));
            assertThat(caution.source()).isPresent();
        });
    }

    @Test
    void tellWhoMustNotDoADustyJobInASentenceOfItsOwn() {
        try (Stream<Path> all = files()) {
            long masks = all.map(DangerWordsTest::text)
                    .filter(text -> text.contains(
                            "Wear a mask. With asthma or a weak immune system, leave this job to someone else."))
                    .count();
            assertThat(masks).isGreaterThanOrEqualTo(4);
        } catch (URISyntaxException | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "0, No wait before picking",
        "1, Wait 1 day before picking",
        "3, Wait 3 days before picking",
        "120, Wait 120 days before picking"
    })
    void sayAWaitAsAWait(double days, String words) {
        assertThat(HarvestWait.words(days)).isEqualTo(words);
    }

    @Test
    void sayTheWaitForWhatIsTouchedAndForWhatIsnt() {
        assertThat(HarvestWait.words(120, 90)).isEqualTo("Wait 120 days before picking, 90 where it isn't touched");
        assertThat(HarvestWait.words(3, 3)).isEqualTo("Wait 3 days before picking");
        assertThat(HarvestWait.words(14, 0)).isEqualTo("Wait 14 days before picking, none where it isn't touched");
    }

    /** A stock is told as two acts; "1.5 mL of a 1-in-10 stock" was read as ten times too strong. */
    @Test
    void tellFirstWhatIsMixedAndThenWhatIsTaken() {
        MeasuredVolume little = MeasuredVolume.of(Volume.ofMillilitres(0.185), UnitSystem.METRIC)
                .orElseThrow();
        assertThat(little.first("chickweed juice"))
                .isEqualTo("First mix 1 mL chickweed juice with 9 mL of water. Of that, take");
        assertThat(little.onTool()).isEqualTo("1.5 mL + 7 drops");
        assertThat(little.text()).isEqualTo("mix 1 mL with 9 mL of water, and take 1.5 mL + 7 drops of that");
        MeasuredVolume plain =
                MeasuredVolume.of(Volume.ofMillilitres(20), UnitSystem.METRIC).orElseThrow();
        assertThat(plain.first("juice")).isEmpty();
        assertThat(plain.text()).isEqualTo("20 mL");
        assertThat(MeasuredMass.of(Mass.ofGrams(0.225), UnitSystem.METRIC).text(UnitSystem.METRIC))
                .startsWith("stir 1 g into 100 mL of water, and take ");
    }
}
