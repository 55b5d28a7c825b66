package potmellow.core.planning;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import potmellow.core.book.Book;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.ripening.Expectation;
import potmellow.core.water.Tap;
import potmellow.core.weather.DayWeather;

/**
 * All that a plan follows from, as one value: two gardens with equal questions have equal plans, whatever happened in them before.
 *
 * @param weather of every day that a plan looks at, the first on top
 * @param expectations how long the last stage of each method takes, in the book's order
 * @param yields what the gardener's own pots give of each method ÷ what the book expects, in the book's order
 * @param kept what the gardener agreed to before
 */
public record Question(
        Book book,
        UnitSystem units,
        ZoneId zone,
        LocalDate today,
        List<DayWeather> weather,
        Tap tap,
        Mass canLift,
        List<Spot> spots,
        List<Vat> vats,
        List<Stored> stored,
        Choices choices,
        List<Expectation> expectations,
        List<Double> yields,
        List<Goal> goals,
        List<Kept> kept) {
    /** A place lags behind the weather, and rain is looked for, by less than this. */
    private static final int DAYS_BACK = 30;

    /** What is asked of a workshop. */
    public static Question of(Workshop workshop, List<Goal> goals, List<Kept> kept) {
        LocalDate today = workshop.today();
        return new Question(
                workshop.book(),
                workshop.units(),
                workshop.zone(),
                today,
                today.minusDays(DAYS_BACK)
                        .datesUntil(today.plusDays(Clockwork.DAYS + 1L))
                        .map(workshop.outdoors().weather()::on)
                        .toList(),
                workshop.tap(),
                workshop.canLift(),
                workshop.spots(),
                workshop.vats(),
                workshop.stored(),
                workshop.choices(),
                workshop.book().methods().stream().map(workshop.expectation()).toList(),
                workshop.book().methods().stream()
                        .map(method -> workshop.yieldShare().applyAsDouble(method))
                        .toList(),
                List.copyOf(goals),
                List.copyOf(kept));
    }

    /** Of what tells gardens and days apart; the whole book is compared, but not hashed. */
    @Override
    public int hashCode() {
        return Objects.hash(today, vats.size(), stored, choices, goals, kept);
    }
}
