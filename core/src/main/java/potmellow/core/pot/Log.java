package potmellow.core.pot;

import java.util.List;
import java.util.stream.Stream;
import potmellow.core.meter.Reading;

/**
 * What was done to a pot, seen and measured in it, and taken from it.
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
        return new Log(and(visits, visit), readings, drawn);
    }

    Log with(Reading reading) {
        return new Log(visits, and(readings, reading), drawn);
    }

    Log with(Level.Drawing drawing) {
        return new Log(visits, readings, and(drawn, drawing));
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

    private static <T> List<T> and(List<T> all, T more) {
        return Stream.concat(all.stream(), Stream.of(more)).toList();
    }
}
