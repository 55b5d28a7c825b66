package potmellow.app.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoMoreInteractions;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import potmellow.app.Settings;
import potmellow.app.garden.Garden;
import potmellow.core.weather.Climate;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.Weather;

class WeatherServiceTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 20);
    private static final LocalDate RECENT = LocalDate.of(2025, 4, 20);
    private static final LocalDate LAST = LocalDate.of(9999, 12, 31);
    private static final DayWeather COLD = new DayWeather(TODAY.minusDays(3), -2, 3, 0, 1, DayWeather.Origin.TYPED);

    private final WeatherRepository entered = mock(WeatherRepository.class);
    private final Garden garden = mock(Garden.class);
    private Weather weather;

    @BeforeEach
    void aGardenOfManyYears() {
        when(garden.id()).thenReturn(UUID.randomUUID());
        when(garden.climate()).thenReturn(Climate.MARITIME);
        when(garden.zone()).thenReturn(ZoneOffset.UTC);
        when(entered.between(any(), any(), any())).thenReturn(List.of());
        when(entered.between(garden.id(), RECENT, LAST)).thenReturn(List.of(COLD));
        weather = new WeatherService(entered, new Settings(Path.of("x"), false, null, 1)).weather(garden, TODAY);
    }

    @Test
    void readsTheLastYearAndWhatIsToComeOnceAndAnOldYearOnlyWhereADayOfItIsAskedFor() {
        for (int day = -390; day < 400; day++) {
            weather.on(TODAY.plusDays(day));
        }
        verify(entered, times(1)).between(garden.id(), RECENT, LAST);
        verifyNoMoreInteractions(entered);
        weather.on(LocalDate.of(2024, 12, 31));
        weather.on(LocalDate.of(2024, 1, 1));
        verify(entered, times(1)).between(garden.id(), LocalDate.of(2024, 1, 1), LocalDate.of(2024, 12, 31));
        verifyNoMoreInteractions(entered);
    }

    @Test
    void putsWhatWasEnteredBeforeWhatIsSimulated() {
        assertThat(weather.on(COLD.day())).isEqualTo(COLD);
        assertThat(weather.on(TODAY).origin()).isNotEqualTo(DayWeather.Origin.TYPED);
    }
}
