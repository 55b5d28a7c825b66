package potmellow.core.pot;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import potmellow.core.meter.Reading;

/**
 * What was done to a pot, seen and measured in it, and taken from it, each oldest first.
 *
 * @param visits those that count
 * @param readings those that count
 * @param drawn what was drawn from it, as much of that as would be its part today
 */
public record Log(List<Visit> visits, List<Reading> readings, List<Level.Drawing> drawn) {
    static final Log EMPTY = new Log(List.of(), List.of(), List.of());

    public Log {
        visits = List.copyOf(visits);
        readings = List.copyOf(readings);
        drawn = List.copyOf(drawn);
    }

    Log with(Visit visit) {
        return new Log(with(visits, visit, Visit::at), readings, drawn);
    }

    Log with(Reading reading) {
        return new Log(visits, with(readings, reading, Reading::at), drawn);
    }

    Log with(Level.Drawing drawing) {
        return new Log(visits, readings, with(drawn, drawing, Level.Drawing::at));
    }

    /** With all the visits and readings among some happenings at once: a long history isn't copied for each of them. */
    Log withSeen(List<Happening> happenings) {
        return new Log(
                merged(visits, happenings, Happening.Visited.class, Happening.Visited::visit, Visit::at),
                merged(readings, happenings, Happening.Measured.class, Happening.Measured::reading, Reading::at),
                drawn);
    }

    private static <T, H extends Happening> List<T> merged(
            List<T> known, List<Happening> happenings, Class<H> kind, Function<H, T> seen, Function<T, Instant> at) {
        Stream<T> more =
                happenings.stream().filter(kind::isInstance).map(kind::cast).map(seen);
        return Stream.concat(known.stream(), more)
                .sorted(Comparator.comparing(at))
                .toList();
    }

    /** Of a part of the pot: what was drawn before counts as that part's in proportion. */
    Log of(double share) {
        return new Log(
                visits,
                readings,
                drawn.stream()
                        .map(one -> new Level.Drawing(one.at(), one.volume().times(share)))
                        .toList());
    }

    /** In the order of time; of two at one moment, as they were said. */
    private static <T> List<T> with(List<T> all, T more, Function<T, Instant> at) {
        int place = all.size();
        while (place > 0 && at.apply(all.get(place - 1)).isAfter(at.apply(more))) {
            place--;
        }
        List<T> result = new ArrayList<>(all);
        result.add(place, more);
        return result;
    }
}
