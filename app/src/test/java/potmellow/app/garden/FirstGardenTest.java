package potmellow.app.garden;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import potmellow.app.Settings;
import potmellow.core.measure.UnitSystem;

class FirstGardenTest {
    private final GardenService gardens = mock();
    private final GardenLayout layout = mock();
    private final Garden garden = new Garden(UUID.randomUUID(), "My garden", ZoneId.of("UTC"), UnitSystem.METRIC, 0);

    @Test
    void laysOutAndFurnishesAGardenWhereThereIsNone() {
        when(gardens.find()).thenReturn(Optional.empty());
        when(gardens.create(any(), any(), any())).thenReturn(garden);
        new FirstGarden(gardens, new Settings(false, null), layout).afterSingletonsInstantiated();
        verify(layout).furnish(garden);
    }

    @Test
    void leavesAGardenThatIsThereAlone() {
        when(gardens.find()).thenReturn(Optional.of(garden));
        new FirstGarden(gardens, new Settings(false, null), layout).afterSingletonsInstantiated();
        verify(gardens, never()).create(any(), any(), any());
    }

    @Test
    void leavesTheSampleWorldToItsBuilder() {
        when(gardens.find()).thenReturn(Optional.empty());
        new FirstGarden(gardens, new Settings(true, null), layout).afterSingletonsInstantiated();
        verify(gardens, never()).create(any(), any(), any());
    }
}
