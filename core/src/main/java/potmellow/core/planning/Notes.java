package potmellow.core.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import potmellow.core.book.Method;
import potmellow.core.measure.AmountText;
import potmellow.core.vessel.VesselKind;

/** Finds what stands against a plan. */
final class Notes {
    private final Workshop workshop;
    private final Clockwork clockwork;
    private final Spots spots;
    private final Skies skies;
    private final Outline outline;
    private final Plan plan;

    Notes(Workshop workshop, Clockwork clockwork, Spots spots, Skies skies, Outline outline, Plan plan) {
        this.workshop = workshop;
        this.clockwork = clockwork;
        this.spots = spots;
        this.skies = skies;
        this.outline = outline;
        this.plan = plan;
    }

    List<Note> found() {
        List<Note> notes = new ArrayList<>();
        outline.troubles().forEach(trouble -> notes.add(trouble(trouble)));
        plan.outcomes().stream().filter(outcome -> outcome.lateDays() > 0).forEach(outcome -> notes.add(late(outcome)));
        for (Draft draft : outline.drafts()) {
            turns(draft, notes);
            weather(draft, notes);
        }
        notes.sort(Comparator.comparing(Note::kind));
        return notes;
    }

    private String words(int day) {
        return Days.words(workshop.today().plusDays(day), workshop.today());
    }

    private Note trouble(Trouble trouble) {
        String name = workshop.book().product(trouble.product()).name();
        String amount = workshop.book().product(trouble.product()).text(trouble.amount(), workshop.units());
        String where = trouble.spot().map(Spot::name).orElse("");
        String words = switch (trouble.kind()) {
            case NO_WAY -> "Nothing in the book makes " + name + ": it comes along with something else, or is bought.";
            case NO_VESSEL -> noVessel(trouble.method().orElseThrow(), amount + " of " + name);
            case TOO_COLD -> tooCold(trouble, name, where);
            case NO_ROOM -> "No vessel is free long enough for " + amount + " of " + name + ".";
        };
        return new Note(
                Note.Kind.valueOf(trouble.kind().name()), words, goals(trouble.demands()), List.of(), List.of());
    }

    private String noVessel(Method method, String what) {
        List<VesselKind> kinds = method.vessel().kinds();
        String asked = kinds.stream().map(VesselKind::words).collect(Collectors.joining(" or "));
        boolean any = workshop.vats().stream()
                .anyMatch(vat -> kinds.contains(vat.vessel().kind()));
        return any
                ? "No " + asked + " of yours holds " + what + ", not even split over eight, nor can be lifted so full."
                : "You have no " + asked + " for " + what + ".";
    }

    private String tooCold(Trouble trouble, String name, String where) {
        Timing timing =
                clockwork.timing(trouble.method().orElseThrow(), trouble.spot().orElseThrow());
        int from = timing.tooColdFrom(Clockwork.DAYS);
        return "At " + where + " it is too cold for " + name + " from "
                + (from <= 0 ? "today" : words(from)) + " on: it would not be ready within "
                + Clockwork.DAYS + " days.";
    }

    private Note late(Plan.Outcome outcome) {
        Plan.Portion first = outcome.portions().stream()
                .filter(portion -> portion.lateDays() > 0)
                .findFirst()
                .orElseThrow();
        long late = outcome.portions().stream()
                .filter(portion -> portion.lateDays() > 0)
                .count();
        List<Draft> pots = outline.drafts().stream()
                .filter(draft -> draft.serves().stream()
                        .anyMatch(demand -> demand.key().equals(first.wanted().key())))
                .toList();
        boolean clash = pots.stream().anyMatch(this::laterThanItMust);
        String words = capital(name(outcome))
                + late(first)
                + (late > 1 ? " " + (late - 1) + " more of its portions are late too." : "")
                + (clash ? clash(pots) : "");
        return new Note(
                clash ? Note.Kind.CLASH : Note.Kind.LATE,
                words,
                List.of(outcome.goal().id()),
                pots.stream().map(Draft::id).toList(),
                List.of());
    }

    private boolean laterThanItMust(Draft draft) {
        return draft.serves().stream()
                .filter(demand -> demand.portion().isPresent())
                .anyMatch(demand -> outline.late(draft, demand) > outline.unavoidable(draft, demand));
    }

    private String name(Plan.Outcome outcome) {
        return workshop.book().product(outcome.goal().product()).name();
    }

    private String late(Plan.Portion portion) {
        return " for " + Days.words(portion.wanted().day(), workshop.today()) + " will surely be there only on "
                + Days.words(portion.ready(), workshop.today()) + ": " + Days.count(portion.lateDays()) + " late"
                + (portion.hopeful().isBefore(portion.ready())
                        ? ", with luck on " + Days.words(portion.hopeful(), workshop.today())
                        : "")
                + ".";
    }

    private String clash(List<Draft> pots) {
        Draft draft = pots.get(0);
        String codes =
                draft.vats().stream().map(vat -> vat.vessel().code()).limit(4).collect(Collectors.joining(", "));
        return " There is time enough, but " + codes + (draft.vats().size() == 1 ? " is" : " are")
                + " taken: one more "
                + draft.method().vessel().kinds().get(0).words() + " of "
                + AmountText.volume(draft.vats().get(0).vessel().capacity(), workshop.units()) + " would do.";
    }

    private void turns(Draft draft, List<Note> notes) {
        int start = outline.start(draft);
        int early = draft.timing().hopeful()[start];
        int last = outline.links().lastNeed(draft, outline.slots());
        if (early + draft.keepDays() < last && draft.timing().safe()[start] > early) {
            notes.add(new Note(
                    Note.Kind.TURNS,
                    capital(draft.product().name()) + " set on " + words(start) + " may be ready by " + words(early)
                            + " and keeps " + Days.count(draft.keepDays()) + ", but is wanted on " + words(last)
                            + ". Look at it from " + words(early)
                            + " on; ready early, use it early, or put it where it is cooler.",
                    goals(draft.serves()),
                    List.of(draft.id()),
                    List.of()));
        }
    }

    private void weather(Draft draft, List<Note> notes) {
        int start = outline.start(draft);
        int end = draft.timing().emptied()[start];
        if (skies.rainy(draft.method(), start)) {
            notes.add(new Note(
                    Note.Kind.RAIN,
                    draft.method().title() + " is to be set on " + words(start)
                            + " after dry days, and rain is forecast. No drier day leaves time enough.",
                    goals(draft.serves()),
                    List.of(draft.id()),
                    List.of()));
        }
        if (spots.frosty(draft.method(), draft.spot(), start, end)) {
            notes.add(new Note(
                    Note.Kind.FROST,
                    draft.method().title() + " must stand frost-free from " + words(start) + " to " + words(end)
                            + ", and " + draft.spot().name() + " isn't. Choose another place for it.",
                    goals(draft.serves()),
                    List.of(draft.id()),
                    List.of()));
        }
    }

    /** The goals that some demands come from, along all that is made of them. */
    private static List<String> goals(List<Demand> demands) {
        Set<String> goals = new LinkedHashSet<>();
        collect(demands, goals);
        return List.copyOf(goals);
    }

    private static void collect(List<Demand> demands, Set<String> goals) {
        for (Demand demand : demands) {
            demand.portion().map(Goal.Portion::goalId).ifPresent(goals::add);
            demand.pot().ifPresent(pot -> collect(pot.serves(), goals));
        }
    }

    private static String capital(String name) {
        return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }
}
