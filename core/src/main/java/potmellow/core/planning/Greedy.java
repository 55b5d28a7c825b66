package potmellow.core.planning;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Places one pot after the other: where an earlier plan had it, if that still does; else as late as it safely can be; else as soon
 * as there is a vessel. What comes after a pot that is late is moved with it.
 */
final class Greedy {
    /** A step is set so many days sooner at most to be out of rain or frost. */
    private static final int SOONER_FOR_WEATHER = 21;

    private static final int MOST_ROUNDS = 30;

    private final Workshop workshop;
    private final Skies skies;
    private final Map<String, Kept> kept;
    private final Bookings bookings = new Bookings();
    private final Map<Draft, Slot> slots = new LinkedHashMap<>();

    /** @param kept what an earlier plan said of steps that are still wanted, by step */
    Greedy(Workshop workshop, Skies skies, Map<String, Kept> kept) {
        this.workshop = workshop;
        this.skies = skies;
        this.kept = kept;
        Map<String, Vat> vats = new HashMap<>();
        for (Vat vat : workshop.vats()) {
            vats.put(vat.id(), vat);
            vat.busyUntil().ifPresent(until -> bookings.take(vat, 0, day(until), "now"));
        }
        kept.values()
                .forEach(claim -> Optional.ofNullable(vats.get(claim.vat()))
                        .ifPresent(vat -> bookings.take(vat, day(claim.start()), day(claim.until()), claim.step())));
    }

    private int day(LocalDate date) {
        return Days.from(workshop.today(), date);
    }

    int start(Draft draft) {
        return slots.get(draft).start();
    }

    Slot slot(Draft draft) {
        return slots.get(draft);
    }

    Map<Draft, Slot> slots() {
        return slots;
    }

    /** Finds a day and a vessel; false where there is none within the horizon. */
    boolean place(Draft draft) {
        bookings.release(draft.id());
        int first = draft.serves().stream().mapToInt(this::needed).min().orElseThrow();
        int last = draft.serves().stream().mapToInt(this::needed).max().orElseThrow();
        Optional<Slot> slot = find(draft, 0, first, last);
        boolean wet = slot.filter(found -> !skies.suits(draft.method(), draft.spot(), draft.timing(), found.start()))
                .isPresent();
        return wet && together(draft) || put(draft, slot);
    }

    /** Sets a pot sooner together with the one it is used for at once, so that it is out of rain or frost. */
    private boolean together(Draft draft) {
        Optional<Draft> only =
                draft.serves().size() == 1 ? draft.serves().get(0).pot() : Optional.empty();
        if (only.isEmpty()) {
            return false;
        }
        Draft pot = only.get();
        Slot before = slots.get(pot);
        int last = pot.serves().stream().mapToInt(this::needed).max().orElseThrow();
        bookings.release(pot.id());
        for (int start = before.start() - 1; start >= Math.max(0, before.start() - SOONER_FOR_WEATHER); start--) {
            Optional<Slot> sooner = suiting(pot, start, last, pot.vats());
            int latest = draft.timing().latestSafe(start);
            Optional<Slot> dry = sooner.flatMap(found -> sooner(draft, 0, latest, found.start(), true));
            if (dry.isPresent()) {
                return put(pot, sooner) && put(draft, dry);
            }
        }
        put(pot, Optional.of(before));
        return false;
    }

    private int needed(Demand demand) {
        return demand.day(this::start);
    }

    private boolean put(Draft draft, Optional<Slot> slot) {
        slot.ifPresent(found -> {
            slots.put(draft, found);
            bookings.take(found.vat(), found.start(), draft.timing().emptied()[found.start()], draft.id());
        });
        return slot.isPresent();
    }

    /** The best slot for what is first needed on one day and last on another, not before an earliest day. */
    private Optional<Slot> find(Draft draft, int earliest, int first, int last) {
        int latest = draft.timing().latestSafe(first);
        Optional<Slot> before = asBefore(draft, earliest, latest, last);
        if (before.isPresent()) {
            return before;
        }
        Optional<Slot> dry = sooner(draft, Math.max(earliest, latest - SOONER_FOR_WEATHER), latest, last, true);
        return dry.or(() -> sooner(draft, earliest, latest, last, false))
                .or(() -> later(draft, Math.max(earliest, latest + 1), last));
    }

    /** Where the earlier plan had it, or on the nearest day before that still does; late only where it was late before. */
    private Optional<Slot> asBefore(Draft draft, int earliest, int latest, int last) {
        Kept claim = kept.get(draft.id());
        if (claim == null) {
            return Optional.empty();
        }
        List<Vat> own = draft.vats().stream()
                .filter(vat -> vat.id().equals(claim.vat()))
                .toList();
        int claimed = day(claim.start());
        if (claimed > latest) {
            return sooner(draft, earliest, latest, last, true)
                    .or(() -> claimed >= earliest && keeps(draft, claimed, last)
                            ? slot(draft, claimed, own)
                            : Optional.empty());
        }
        for (int start = Math.max(earliest, claimed); start <= latest; start++) {
            Optional<Slot> slot = suiting(draft, start, last, own);
            if (slot.isPresent()) {
                return slot;
            }
        }
        for (int start = Math.min(claimed, latest); start >= earliest; start--) {
            Optional<Slot> slot = suiting(draft, start, last, own);
            if (slot.isPresent()) {
                return slot;
            }
        }
        return Optional.empty();
    }

    private Optional<Slot> suiting(Draft draft, int start, int last, List<Vat> own) {
        return keeps(draft, start, last) && skies.suits(draft.method(), draft.spot(), draft.timing(), start)
                ? slot(draft, start, own)
                : Optional.empty();
    }

    /**
     * Sets a pot so much sooner that it falls into some days; it stays where it is, where it can't.
     *
     * @param from the first of these days
     * @param until the last of these days
     */
    void pull(Draft draft, int from, int until) {
        Slot before = slots.get(draft);
        if (before.start() <= until) {
            return;
        }
        int last = draft.serves().stream().mapToInt(this::needed).max().orElseThrow();
        bookings.release(draft.id());
        for (int start = until; start >= Math.max(0, from); start--) {
            Optional<Slot> slot = suiting(draft, start, last, draft.vats());
            if (slot.isPresent()) {
                put(draft, slot);
                return;
            }
        }
        put(draft, Optional.of(before));
    }

    private Optional<Slot> sooner(Draft draft, int earliest, int latest, int last, boolean weather) {
        for (int start = latest; start >= earliest && keeps(draft, start, last); start--) {
            if (!weather || skies.suits(draft.method(), draft.spot(), draft.timing(), start)) {
                Optional<Slot> slot = slot(draft, start, draft.vats());
                if (slot.isPresent()) {
                    return slot;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Slot> later(Draft draft, int earliest, int last) {
        Optional<Slot> any = Optional.empty();
        for (int start = earliest; draft.timing().reaches(start); start++) {
            if (keeps(draft, start, last)) {
                Optional<Slot> slot = slot(draft, start, draft.vats());
                if (slot.isPresent() && skies.suits(draft.method(), draft.spot(), draft.timing(), start)) {
                    return slot;
                }
                any = any.or(() -> slot);
                if (any.isPresent() && start > any.get().start() + SOONER_FOR_WEATHER) {
                    return any;
                }
            }
        }
        return any;
    }

    /** Whether it is still good on the last day it is needed, if it is set on a day. */
    private static boolean keeps(Draft draft, int start, int last) {
        return draft.timing().reaches(start) && draft.timing().safe()[start] + draft.keepDays() >= last;
    }

    private Optional<Slot> slot(Draft draft, int start, List<Vat> vats) {
        if (!draft.timing().reaches(start)) {
            return Optional.empty();
        }
        int until = draft.timing().emptied()[start];
        return vats.stream()
                .filter(vat -> bookings.free(vat, start, until))
                .findFirst()
                .map(vat -> new Slot(start, vat));
    }

    /**
     * Moves later what its inputs come too late for, and with it what would turn meanwhile, until everything fits.
     *
     * @return pots that can't be placed so, empty where all can
     */
    Set<Draft> settle(Links links) {
        Set<Draft> stuck = new LinkedHashSet<>();
        Set<Draft> moved = Set.of();
        for (int round = 0; round < MOST_ROUNDS; round++) {
            for (Draft draft : links.inputsFirst()) {
                int earliest = links.earliest(draft, slots);
                int first = links.firstNeed(draft, slots);
                int last = links.lastNeed(draft, slots);
                int start = start(draft);
                if (start < earliest || !keeps(draft, start, last)) {
                    bookings.release(draft.id());
                    Optional<Slot> slot =
                            find(draft, earliest, Math.max(first, 0), last).filter(found -> found.start() >= earliest);
                    if (!put(draft, slot)) {
                        return Set.of(draft);
                    }
                    if (start(draft) != start) {
                        stuck.add(draft);
                    }
                }
            }
            if (stuck.isEmpty()) {
                return stuck;
            }
            moved = new LinkedHashSet<>(stuck);
            stuck.clear();
        }
        return moved;
    }
}
