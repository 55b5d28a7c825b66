package potmellow.core.planting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CropTest {
    private static final List<Crop> CROPS = Crops.shipped();

    private static Crop crop(String id) {
        return CROPS.stream().filter(crop -> crop.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void shipsTheUsualKitchenGarden() {
        assertThat(CROPS).hasSizeGreaterThanOrEqualTo(28);
        assertThat(CROPS).extracting(Crop::id).doesNotHaveDuplicates().contains("runner-bean", "strawberry", "quince");
        assertThat(CROPS).allSatisfy(crop -> assertThat(crop.stages()).isNotEmpty());
    }

    /** FAO Irrigation and Drainage Paper 29 names beans, strawberries and carrots among the least tolerant. */
    @ParameterizedTest
    @CsvSource({"runner-bean, true", "strawberry, true", "carrot, true", "beetroot, false", "tomato, false"})
    void knowsWhatBearsLittleSalt(String id, boolean sensitive) {
        assertThat(crop(id).saltSensitive()).isEqualTo(sensitive);
    }

    @ParameterizedTest
    @CsvSource({
        "0, SEEDLING",
        "20, SEEDLING",
        "21, LEAFY",
        "50, LEAFY",
        "51, BUDDING",
        "61, FLOWERING",
        "75, FRUITING",
        "900, RIPENING"
    })
    void tellsTheUsualStageOfARunnerBean(long days, GrowthStage stage) {
        assertThat(crop("runner-bean").usualStage(days)).contains(stage);
    }

    @ParameterizedTest
    @CsvSource({"runner-bean, 135", "kohlrabi, 68", "lettuce, 56"})
    void countsTheDaysToPicking(String id, int days) {
        assertThat(crop(id).daysToPicking()).contains(days);
    }

    @Test
    void picksNothingOfWhatIsNotEaten() {
        assertThat(crop("marigold").daysToPicking()).isEmpty();
    }

    @Test
    void refusesAStageWithoutEnd() {
        assertThatThrownBy(() -> new Crop(
                        "x", "X", Appetite.LIGHT, Eaten.RAW, true, false, false, null, Map.of(GrowthStage.LEAFY, 731)))
                .hasMessage("The days of leafy (731) must be from 1 to 730.");
    }
}
