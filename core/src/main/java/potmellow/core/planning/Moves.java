package potmellow.core.planning;

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
        Optional<Draft> input = outline.links().inputs(draft).stream()
                .filter(pot -> outline.ready(pot) > was)
                .findFirst();
        if (input.isPresent()) {
            return PlanWriter.lower(input.get().method().title()) + " for it will surely be there only on "
                    + words(outline.ready(input.get())) + ".";
        }
        Optional<Draw> draw = outline.links().draws(draft).stream()
                .filter(taken -> Days.from(workshop.today(), taken.stored().from()) > was)
                .findFirst();
        if (draw.isPresent()) {
            return draw.get().stored().code() + " will surely be ready only on "
                    + words(Days.from(workshop.today(), draw.get().stored().from())) + ".";
        }
        Optional<Draw> keepsNoLonger = outline.links().draws(draft).stream()
                .filter(taken -> Days.from(workshop.today(), taken.stored().until()) < was)
                .findFirst();
        if (keepsNoLonger.isPresent()) {
            Stored stored = keepsNoLonger.get().stored();
            return stored.code() + " is ready sooner, and keeps only to "
                    + words(Days.from(workshop.today(), stored.until())) + ".";
        }
        if (!before.spot().equals(draft.spot().id())) {
            return "It stands elsewhere now, where it takes another time.";
        }
        boolean tooLate = draft.timing().reaches(Math.max(0, was))
                && draft.timing().safe()[Math.max(0, was)] > outline.links().firstNeed(draft, outline.slots());
        if (tooLate) {
            return "Set then, it would be ready too late: it is needed by "
                    + words(outline.links().firstNeed(draft, outline.slots())) + ".";
        }
        if (!skies.suits(draft.method(), draft.spot(), draft.timing(), Math.max(0, was))) {
            return "Rain or frost is foreseen then.";
        }
        if (draft.timing().reaches(Math.max(0, was))
                && draft.timing().safe()[Math.max(0, was)] + draft.keepDays()
                        < outline.links().lastNeed(draft, outline.slots())) {
            return "Set then, it would turn before it is used.";
        }
        return "Its vessel is wanted for something else, or doesn't hold it any more.";
    }
}
