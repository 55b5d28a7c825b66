package potmellow.app.notebook;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Which column of a notebook tells what, by its name; empty for what none tells.
 *
 * @param date when it was
 * @param what what was done
 * @param howMuch how much of it
 * @param where where: a planting, or for a pot its vessel
 */
record Columns(Optional<String> date, Optional<String> what, Optional<String> howMuch, Optional<String> where) {
    private static final List<String> DATES = List.of("date", "day", "when", "time", "datum", "fecha");
    private static final List<String> WHATS =
            List.of("what", "did", "done", "task", "action", "note", "entry", "event");
    private static final List<String> AMOUNTS =
            List.of("how much", "amount", "quantity", "volume", "litres", "how_much");
    private static final List<String> PLACES =
            List.of("where", "bed", "place", "planting", "plant", "location", "vessel");

    Columns {
        date = given(date);
        what = given(what);
        howMuch = given(howMuch);
        where = given(where);
    }

    private static Optional<String> given(Optional<String> name) {
        return name == null ? Optional.empty() : name.filter(text -> !text.isBlank());
    }

    /** What the columns of a sheet seem to tell. */
    static Columns guessed(List<String> names) {
        return new Columns(like(names, DATES), like(names, WHATS), like(names, AMOUNTS), like(names, PLACES));
    }

    private static Optional<String> like(List<String> names, List<String> words) {
        return words.stream()
                .flatMap(word -> names.stream()
                        .filter(name -> name.toLowerCase(Locale.ROOT).strip().contains(word)))
                .findFirst();
    }
}
