package potmellow.core.planning;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Which vessel is taken when: one batch at a time. Days count from today; the day a pot is emptied is free again. */
final class Bookings {
    private final Map<String, List<Booking>> byVat = new HashMap<>();

    void take(Vat vat, int from, int until, String who) {
        byVat.computeIfAbsent(vat.id(), id -> new ArrayList<>()).add(new Booking(from, Math.max(from + 1, until), who));
    }

    void release(String who) {
        byVat.values().forEach(all -> all.removeIf(booking -> booking.who().equals(who)));
    }

    /** Whether a vessel is free from one day up to another. */
    boolean free(Vat vat, int from, int until) {
        int end = Math.max(from + 1, until);
        for (Booking booking : byVat.getOrDefault(vat.id(), List.of())) {
            if (booking.from() < end && from < booking.until()) {
                return false;
            }
        }
        return true;
    }

    private record Booking(int from, int until, String who) {}
}
