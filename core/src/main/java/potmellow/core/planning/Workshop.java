package potmellow.core.planning;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.ripening.Expectation;
import potmellow.core.water.Tap;
import potmellow.core.weather.Outdoors;

/**
 * What there is to plan with.
 *
 * @param book the book
 * @param units what is measured in
 * @param zone where days begin
 * @param today the first day that can be planned
 * @param outdoors the weather as it was, is forecast and usually is
 * @param tap what the water brings
 * @param canLift what the gardener lifts
 * @param spots places, in walking order, at least one
 * @param vats vessels
 * @param stored brew that is there already
 * @param choices what the gardener settled
 * @param expectation how long the last stage of a method takes
 * @param yieldShare what the gardener's own pots give ÷ what the book expects
 */
public record Workshop(
        Book book,
        UnitSystem units,
        ZoneId zone,
        LocalDate today,
        Outdoors outdoors,
        Tap tap,
        Mass canLift,
        List<Spot> spots,
        List<Vat> vats,
        List<Stored> stored,
        Choices choices,
        Function<Method, Expectation> expectation,
        ToDoubleFunction<Method> yieldShare) {
    /** Pots are set and emptied on the morning walk. */
    public static final LocalTime MORNING = LocalTime.of(8, 0);

    public Workshop {
        spots = List.copyOf(spots);
        vats = List.copyOf(vats);
        stored = List.copyOf(stored);
        if (spots.isEmpty()) {
            throw new IllegalArgumentException("A plan needs a place to put pots.");
        }
    }

    /** The same with other choices. */
    public Workshop choosing(Choices other) {
        return new Workshop(
                book, units, zone, today, outdoors, tap, canLift, spots, vats, stored, other, expectation, yieldShare);
    }

    /** The way in which a brew is made: as settled, else the first of the book. Empty where nobody makes it. */
    public Optional<Method> way(String product) {
        List<Method> ways = book.methods().stream()
                .filter(method -> method.product().equals(product))
                .toList();
        return ways.stream()
                .filter(method -> method.id().equals(choices.methods().get(product)))
                .findFirst()
                .or(() -> ways.stream().findFirst());
    }

    Instant morning(int day) {
        return today.plusDays(day).atTime(MORNING).atZone(zone).toInstant();
    }
}
