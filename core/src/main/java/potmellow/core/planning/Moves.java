package potmellow.core.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Tells what stands otherwise than in an earlier plan, and why. */
final class Moves {
    private final Workshop workshop;
    private final Outline outline;
    private final Skies skies;
    private final Map<String, Kept> kept;

    Moves(Workshop workshop, Outline outline, Skies skies, Map<String, Kept> kept) {
        this.workshop = workshop;
        this.outline = outline;
        this.skies = skies;
        this.kept = kept;
    }

    List<Plan.Moved> found() {
        List<Plan.Moved> found = new ArrayList<>();
        for (Draft draft : outline.drafts()) {
            Kept before = kept.get(draft.id());
            if (before != null) {
                moved(draft, before).ifPresent(found::add);
            }
        }
        return found;
    }

    private Optional<Plan.Moved> moved(Draft draft, Kept before) {
        Slot slot = outline.slots().get(draft);
        int was = Days.from(workshop.today(), before.start());
        List<String> words = new ArrayList<>();
        if (was != slot.start()) {
            words.add("from " + words(was) + " to " + words(slot.start()));
        }
        if (!before.vat().equals(slot.vat().id())) {
            words.add("into " + slot.vat().vessel().code());
        }
        if (!before.spot().equals(draft.spot().id())) {
            words.add("to " + draft.spot().name());
        }
        return words.isEmpty()
                ? Optional.empty()
                : Optional.of(new Plan.Moved(
                        draft.id(), draft.method().title(), String.join(", ", words), why(draft, slot, was, before)));
    }

    private String words(int day) {
        return Days.words(workshop.today().plusDays(day), workshop.today());
    }

    private String why(Draft draft, Slot slot, int was, Kept before) {
        if (was < 0 && slot.start() >= 0) {
            return "That day is over.";
        }
        return input(draft, was)
                .or(() -> fromTheStore(draft, was))
                .or(() -> elsewhere(draft, before))
                .orElseGet(() -> dayItself(draft, Math.max(0, was)));
    }

    private Optional<String> input(Draft draft, int was) {
        return outline.links().inputs(draft).stream()
                .filter(pot -> outline.ready(pot) > was)
                .findFirst()
                .map(pot -> PlanWriter.lower(pot.method().title()) + " for it will surely be there only on "
                        + words(outline.ready(pot)) + ".");
    }

    private Optional<String> fromTheStore(Draft draft, int was) {
        List<Stored> taken =
                outline.links().draws(draft).stream().map(Draw::stored).toList();
        Optional<String> later = taken.stream()
                .filter(stored -> day(stored.from()) > was)
                .findFirst()
                .map(stored -> stored.code() + " will surely be ready only on " + words(day(stored.from())) + ".");
        return later.or(() -> taken.stream()
                .filter(stored -> day(stored.until()) < was)
                .findFirst()
                .map(stored ->
                        stored.code() + " is ready sooner, and keeps only to " + words(day(stored.until())) + "."));
    }

    private int day(LocalDate date) {
        return Days.from(workshop.today(), date);
    }

    private static Optional<String> elsewhere(Draft draft, Kept before) {
        return before.spot().equals(draft.spot().id())
                ? Optional.empty()
                : Optional.of("It stands elsewhere now, where it takes another time.");
    }

    private String dayItself(Draft draft, int was) {
        Timing timing = draft.timing();
        int needed = outline.links().firstNeed(draft, outline.slots());
        if (timing.reaches(was) && timing.safe()[was] > needed) {
            return "Set then, it would be ready too late: it is needed by " + words(needed) + ".";
        }
        if (!skies.suits(draft.method(), draft.spot(), timing, was)) {
            return "Rain or frost is foreseen then.";
        }
        int last = outline.links().lastNeed(draft, outline.slots());
        return timing.reaches(was) && timing.safe()[was] + draft.keepDays() < last
                ? "Set then, it would turn before it is used."
                : "Its vessel is wanted for something else, or doesn't hold it any more.";
    }
}
