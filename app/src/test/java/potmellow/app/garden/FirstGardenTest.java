package potmellow.app.garden;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import potmellow.app.Settings;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.moment.Clockface;
import potmellow.core.moment.WallClock;
import potmellow.core.water.Tap;
import potmellow.core.weather.Climate;

class FirstGardenTest {
    private static final Garden GARDEN = new Garden(
            UUID.randomUUID(),
            "My garden",
            new WallClock(ZoneId.of("UTC"), Clockface.HOURS_24),
            HomeSizes.none(UnitSystem.METRIC),
            Tap.UNKNOWN,
            Climate.MARITIME,
            Optional.empty(),
            Mass.ofKilograms(15),
            true,
            true,
            0);

    private final GardenService gardens = mock();

    @Test
    void laysOutAGardenThatStillHasToBeAsked() {
        when(gardens.find()).thenReturn(Optional.empty());
        new FirstGarden(gardens, new Settings(java.nio.file.Path.of("nowhere"), false, null, 1))
                .afterSingletonsInstantiated();
        verify(gardens).create(any(), any(), any(), eq(false));
    }

    @Test
    void leavesAGardenThatIsThereAlone() {
        when(gardens.find()).thenReturn(Optional.of(GARDEN));
        new FirstGarden(gardens, new Settings(java.nio.file.Path.of("nowhere"), false, null, 1))
                .afterSingletonsInstantiated();
        verify(gardens, never()).create(any(), any(), any(), anyBoolean());
    }

    @Test
    void leavesTheSampleWorldToItsBuilder() {
        when(gardens.find()).thenReturn(Optional.empty());
        new FirstGarden(gardens, new Settings(java.nio.file.Path.of("nowhere"), true, null, 1))
                .afterSingletonsInstantiated();
        verify(gardens, never()).create(any(), any(), any(), anyBoolean());
    }
}
