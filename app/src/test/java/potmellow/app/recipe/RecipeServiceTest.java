package potmellow.app.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.lenient;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import potmellow.app.book.BookService;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.history.HistoryService;
import potmellow.app.place.Place;
import potmellow.app.place.PlaceService;
import potmellow.app.vessel.Occupancy;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.app.weather.WeatherService;
import potmellow.core.book.Book;
import potmellow.core.book.Light;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.moment.Clockface;
import potmellow.core.moment.WallClock;
import potmellow.core.place.PlaceKind;
import potmellow.core.pot.OwnHistory;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.water.Tap;
import potmellow.core.weather.Climate;
import potmellow.core.weather.Outdoors;
import potmellow.core.weather.SimulatedWeather;

@ExtendWith(MockitoExtension.class)
class RecipeServiceTest {
    private static final Book BOOK = Book.load();
    private static final Garden GARDEN = new Garden(
            UUID.randomUUID(),
            "Gull Loft",
            new WallClock(ZoneId.of("UTC"), Clockface.HOURS_24),
            HomeSizes.none(UnitSystem.METRIC),
            Tap.FREE_CHLORINE,
            Climate.MARITIME,
            Optional.empty(),
            Mass.ofKilograms(15),
            true,
            true,
            0);
    private static final Instant NOW = Instant.parse("2026-05-20T08:10:00Z");
    private static final Place SUNNY = indoors("Bench", 1, Light.SUN);
    private static final Place SHADED = indoors("Shelf", 2, Light.SHADE);

    private static Place indoors(String name, int turn, Light light) {
        return new Place(
                UUID.randomUUID(),
                name,
                turn,
                PlaceKind.INDOORS,
                PlaceKind.INDOORS.usual(),
                light,
                false,
                Optional.empty(),
                0);
    }

    @Mock
    private BookService books;

    @Mock
    private VesselService vessels;

    @Mock
    private Occupancy occupancy;

    @Mock
    private PlaceService places;

    @Mock
    private WeatherService weather;

    @Mock
    private HistoryService history;

    @Mock
    private BottleService bottles;

    private RecipeService recipes;

    @BeforeEach
    void garden() {
        recipes = new RecipeService(
                books, vessels, occupancy, places, weather, history, bottles, (garden, pot) -> Optional.empty());
        Outdoors outdoors =
                new Outdoors(new SimulatedWeather(Climate.MARITIME, 1, LocalDate.of(2026, 5, 20)), GARDEN.zone());
        lenient().when(weather.outdoors(eq(GARDEN), any())).thenReturn(outdoors);
        lenient().when(history.of(GARDEN)).thenReturn(new OwnHistory(List.of()));
        lenient().when(books.current(GARDEN)).thenReturn(BOOK);
        lenient().when(places.all(GARDEN)).thenReturn(List.of(SUNNY, SHADED));
        lenient().when(occupancy.held(GARDEN.id())).thenReturn(Map.of());
        lenient().when(vessels.nextCode(eq(GARDEN), any())).thenReturn("J9");
    }

    private static OwnVessel jar(String code, double litres) {
        return new OwnVessel(
                UUID.randomUUID(), Vessel.of(code, VesselKind.JAR, Volume.ofLitres(litres)), Optional.empty());
    }

    private WorkedRecipe work(String amount) {
        return work("plant-juice-open", Map.of("plant", amount));
    }

    private WorkedRecipe work(String method, Map<String, String> inHand) {
        return recipes.work(
                GARDEN,
                new RecipeRequest(
                        method,
                        RecipeRequest.AnchorKind.IN_HAND,
                        inHand,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Map.of(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Map.of()),
                NOW);
    }

    @Test
    void passesOverVesselsThatAreTooSmallOrTooLarge() {
        OwnVessel small = jar("J1", 0.5);
        OwnVessel fitting = jar("J3", 1.5);
        OwnVessel large = jar("J4", 5);
        lenient().when(vessels.free(GARDEN)).thenReturn(List.of(small, fitting, large));
        assertThat(work("250 g").vesselId()).contains(fitting.id());
    }

    /** Plastic keeps the smell of what stood in it: another bucket is taken, if it is larger, as long as there is one. */
    @Test
    void leavesABucketThatSmellsToWhatSmells() {
        OwnVessel smelling = bucket("B1", 10);
        OwnVessel clean = bucket("B2", 20);
        lenient().when(vessels.free(GARDEN)).thenReturn(List.of(smelling, clean));
        lenient().when(occupancy.heldAnaerobic(GARDEN.id())).thenReturn(Set.of(smelling.id()));
        assertThat(work("worm-tea", Map.of("water", "5 L")).vesselId()).contains(clean.id());
        assertThat(work("weed-bucket", Map.of("plant", "1 kg")).vesselId()).contains(smelling.id());
        lenient().when(vessels.free(GARDEN)).thenReturn(List.of(smelling));
        assertThat(work("worm-tea", Map.of("water", "5 L")).vesselId()).isEmpty();
    }

    private static OwnVessel bucket(String code, double litres) {
        return new OwnVessel(
                UUID.randomUUID(), Vessel.of(code, VesselKind.BUCKET, Volume.ofLitres(litres)), Optional.empty());
    }

    @Test
    void takesTheLargestWhereNoneHoldsItSoThatTheRefusalCanNameIt() {
        OwnVessel large = jar("J2", 1);
        lenient().when(vessels.free(GARDEN)).thenReturn(List.of(jar("J1", 0.5), large));
        WorkedRecipe worked = work("2 kg");
        assertThat(worked.vesselId()).contains(large.id());
        assertThat(worked.recipe().refusals()).hasSize(1);
    }

    @Test
    void reckonsANewJarForAGardenWithoutVessels() {
        lenient().when(vessels.free(GARDEN)).thenReturn(List.of());
        WorkedRecipe worked = work("640 g");
        assertThat(worked.vesselId()).isEmpty();
        assertThat(worked.vessel().code()).isEqualTo("J9");
        assertThat(worked.vessel().capacity().litres()).isEqualTo(2.5);
        assertThat(worked.recipe().refusals()).isEmpty();
    }

    @Test
    void choosesThePlaceThatIsDarkEnough() {
        lenient().when(vessels.free(GARDEN)).thenReturn(List.of());
        assertThat(work("640 g").place()).isEqualTo(SHADED);
    }

    @Test
    void splitsOverTwoVesselsWhatOneDoesNotHold() {
        lenient().when(vessels.free(GARDEN)).thenReturn(List.of(jar("J1", 2), jar("J2", 2)));
        WorkedRecipe worked = work("900 g");
        assertThat(worked.split()).extracting(Vessel::code).containsExactly("J1", "J2");
        assertThat(worked.recipe().refusals().get(0).words()).contains("or split it over 2 such vessels");
    }

    @Test
    void findsThePartThatRunsOutFirstAndTellsWhatIsLeft() {
        lenient().when(vessels.free(GARDEN)).thenReturn(List.of());
        WorkedRecipe worked = work("plant-juice-open", Map.of("plant", "1 kg", "sugar", "400 g"));
        assertThat(worked.recipe().limiting().orElseThrow().words())
                .isEqualTo("Sugar runs out first: 400 g decides the batch.");
        assertThat(worked.recipe().leftovers())
                .extracting(left -> left.amount().base())
                .containsExactly(600.0);
    }
}
