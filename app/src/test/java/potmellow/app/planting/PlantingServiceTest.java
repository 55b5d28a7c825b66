package potmellow.app.planting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.ApplicationTest;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.Missing;
import potmellow.core.feeding.GrowthStage;
import potmellow.core.feeding.Need;
import potmellow.core.measure.Area;
import potmellow.core.measure.Volume;
import potmellow.core.naming.PlainName;

@Transactional
class PlantingServiceTest extends ApplicationTest {
    @Autowired
    private PlantingService plantings;

    @Autowired
    private GardenService gardens;

    @Test
    void keepsABedAndPotsApart() {
        Garden garden = gardens.current();
        Planting bed = plantings.add(
                garden, new PlainName("Pak choi"), GrowthStage.SEEDLING, new Need.OfArea(Area.ofSquareMetres(1.25)));
        Planting pots = plantings.add(
                garden, new PlainName("Quince"), GrowthStage.RESTING, new Need.OfPots(1, Volume.ofLitres(120)));
        assertThat(plantings.get(garden, bed.id())).isEqualTo(bed);
        assertThat(plantings.get(garden, pots.id())).isEqualTo(pots);
    }

    @Test
    void saysThatAPlantingIsNotHere() {
        Garden garden = gardens.current();
        assertThatThrownBy(() -> plantings.get(garden, UUID.randomUUID()))
                .isInstanceOf(Missing.class)
                .hasMessageStartingWith("This garden has no such planting.");
    }
}
