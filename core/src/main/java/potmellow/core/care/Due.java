package potmellow.core.care;

import static java.util.Objects.requireNonNull;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import potmellow.core.book.Stage.Care;
import potmellow.core.craft.Act;

/**
 * One kind of care and when it comes round.
 *
 * @param act what is to be done
 * @param words the rhythm in words, such as "stir daily"
 * @param at when it is due, counted from when it was last truly done
 * @param last when it was last done; empty where it never was
 * @param missed how many whole turns have passed since it was due; 0 while none has
 */
public record Due(Act act, String words, Instant at, Optional<Instant> last, int missed) {
    private static final int LOOK_FIRST = 3;

    public Due {
        requireNonNull(act, "act");
        requireNonNull(at, "at");
    }

    static Due of(Care care, Instant from, Optional<Instant> last, Instant now) {
        Instant at = care.dueAfter(last.orElse(from));
        long late = Math.max(0, Duration.between(at, now).toMillis());
        return new Due(care.act(), care.words(), at, last, (int)
                Math.min(Integer.MAX_VALUE, late / care.every().toMillis()));
    }

    public boolean before(Instant moment) {
        return at.isBefore(moment);
    }

    /** What is to be said of it. A skipped day is no disaster; several are a reason to look first. */
    public String sentence() {
        if (missed == 0) {
            return "";
        }
        if (missed < LOOK_FIRST) {
            return "Skipped " + (missed == 1 ? "once" : "twice") + ": no harm, just go on.";
        }
        return "Left for a good while: look for mould before you " + act.todo() + ".";
    }
}
