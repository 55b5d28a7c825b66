package potmellow.app.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.lenient;

import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import potmellow.app.garden.Garden;
import potmellow.app.place.Place;
import potmellow.app.place.PlaceService;
import potmellow.app.vessel.Occupancy;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.core.book.Book;
import potmellow.core.book.Light;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

@ExtendWith(MockitoExtension.class)
class RecipeServiceTest {
    private static final Garden GARDEN =
            new Garden(UUID.randomUUID(), "Gull Loft", ZoneId.of("UTC"), UnitSystem.METRIC, 0);
    private static final Place SUNNY = new Place(UUID.randomUUID(), "Bench", 1, Temperature.ofCelsius(20), Light.SUN);
    private static final Place SHADED =
            new Place(UUID.randomUUID(), "Shelf", 2, Temperature.ofCelsius(20), Light.SHADE);

    @Mock
    private VesselService vessels;

    @Mock
    private Occupancy occupancy;

    @Mock
    private PlaceService places;

    private RecipeService recipes;

    @BeforeEach
    void garden() {
        recipes = new RecipeService(Book.load(), vessels, occupancy, places);
        lenient().when(places.all(GARDEN)).thenReturn(List.of(SUNNY, SHADED));
        lenient().when(occupancy.held(GARDEN.id())).thenReturn(Map.of());
        lenient().when(vessels.nextCode(eq(GARDEN), any())).thenReturn("J9");
    }

    private static OwnVessel jar(String code, double litres) {
        return new OwnVessel(UUID.randomUUID(), new Vessel(code, VesselKind.JAR, Volume.ofLitres(litres)));
    }

    private WorkedRecipe work(String amount) {
        return recipes.work(
                GARDEN,
                new RecipeRequest(
                        "plant-juice-open",
                        RecipeRequest.AnchorKind.IN_HAND,
                        Optional.of(amount),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
    }

    @Test
    void passesOverVesselsThatAreTakenOrTooSmall() {
        OwnVessel small = jar("J1", 0.5);
        OwnVessel taken = jar("J2", 1);
        OwnVessel free = jar("J3", 1.5);
        OwnVessel large = jar("J4", 5);
        lenient().when(vessels.all(GARDEN)).thenReturn(List.of(small, taken, free, large));
        lenient().when(occupancy.held(GARDEN.id())).thenReturn(Map.of(taken.id(), "Pea-shoot juice"));
        assertThat(work("250 g").vesselId()).contains(free.id());
    }

    @Test
    void takesTheLargestWhereNoneHoldsItSoThatTheRefusalCanNameIt() {
        OwnVessel large = jar("J2", 1);
        lenient().when(vessels.all(GARDEN)).thenReturn(List.of(jar("J1", 0.5), large));
        WorkedRecipe worked = work("2 kg");
        assertThat(worked.vesselId()).contains(large.id());
        assertThat(worked.recipe().refusals()).hasSize(1);
    }

    @Test
    void reckonsANewJarForAGardenWithoutVessels() {
        lenient().when(vessels.all(GARDEN)).thenReturn(List.of());
        WorkedRecipe worked = work("640 g");
        assertThat(worked.vesselId()).isEmpty();
        assertThat(worked.vessel().code()).isEqualTo("J9");
        assertThat(worked.vessel().capacity().litres()).isEqualTo(2.5);
        assertThat(worked.recipe().refusals()).isEmpty();
    }

    @Test
    void choosesThePlaceThatIsDarkEnough() {
        lenient().when(vessels.all(GARDEN)).thenReturn(List.of());
        assertThat(work("640 g").place()).isEqualTo(SHADED);
    }
}
