package potmellow.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.Map;
import org.assertj.core.api.AbstractThrowableAssert;
import potmellow.core.book.Book;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.UnitSystem;

/** Instruments with some entries turned and the rest as usual. */
final class Turned {
    static final Book BOOK = Book.load();

    private Turned() {}

    static Reply turn(String instrument, String... entries) {
        return turn(UnitSystem.METRIC, instrument, entries);
    }

    static Reply turn(UnitSystem units, String instrument, String... entries) {
        Map<String, String> typed = new HashMap<>();
        for (int i = 0; i < entries.length; i += 2) {
            typed.put(entries[i], entries[i + 1]);
        }
        Instrument is = Bench.instrument(instrument).orElseThrow();
        return is.answer(new Entries(typed, is, HomeSizes.none(units), BOOK));
    }

    /** That an entry is refused, with words. */
    static AbstractThrowableAssert<?, ?> refusing(String instrument, String entry, String typed) {
        return assertThatThrownBy(() -> turn(instrument, entry, typed))
                .isInstanceOfSatisfying(
                        EntryProblem.class,
                        problem -> assertThat(problem.entry()).isEqualTo(entry));
    }
}
