package potmellow.core.planning;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * Which vessel is taken when: one batch at a time. Days count from today, up to the horizon; the day a pot is emptied is free
 * again. Whether a span is free is one look, however many batches a vessel has had.
 */
final class Bookings {
    private final Map<String, Row> byVat = new HashMap<>();

    void take(Vat vat, int from, int until, String who) {
        byVat.computeIfAbsent(vat.id(), id -> new Row()).take(new Booking(from, Math.max(from + 1, until), who));
    }

    void release(String who) {
        byVat.values().forEach(row -> row.drop(booking -> booking.who().equals(who)));
    }

    /** Whether a vessel is free from one day up to another. */
    boolean free(Vat vat, int from, int until) {
        Row row = byVat.get(vat.id());
        return row == null || row.free(from, Math.max(from + 1, until));
    }

    /** What one vessel is booked for, and its days one by one. */
    private static final class Row {
        private final List<Booking> bookings = new ArrayList<>();
        private final BitSet taken = new BitSet(Clockwork.DAYS);

        void take(Booking booking) {
            bookings.add(booking);
            mark(booking);
        }

        /** What overlapped what goes stays. */
        void drop(Predicate<Booking> gone) {
            if (bookings.removeIf(gone)) {
                taken.clear();
                bookings.forEach(this::mark);
            }
        }

        private void mark(Booking booking) {
            taken.set(day(booking.from()), day(booking.until()));
        }

        boolean free(int from, int until) {
            int next = taken.nextSetBit(day(from));
            return next < 0 || next >= day(until);
        }

        private static int day(int any) {
            return Math.max(0, Math.min(Clockwork.DAYS, any));
        }
    }

    private record Booking(int from, int until, String who) {}
}
