package potmellow.core.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Product;

/** Tries what would help against what stands in the way, and tells how much each would. */
final class Remedies {
    private static final Set<Note.Kind> GRAVE = Set.of(
            Note.Kind.NO_WAY,
            Note.Kind.NO_VESSEL,
            Note.Kind.TOO_COLD,
            Note.Kind.NO_ROOM,
            Note.Kind.LATE,
            Note.Kind.CLASH,
            Note.Kind.FROST);
    /** Trying out costs time; the first few notes are what is read. */
    private static final int MOST_NOTES = 3;

    private static final int MOST_REMEDIES = 4;
    private static final double HALF = 0.5;

    private final Planner planner;
    private final Workshop workshop;
    private final List<Goal> goals;
    private final Plan plan;

    Remedies(Planner planner, List<Goal> goals, Plan plan) {
        this.planner = planner;
        this.workshop = planner.workshop();
        this.goals = goals;
        this.plan = plan;
    }

    /** The notes of the plan, each with what would help. */
    List<Note> notes() {
        List<Note> notes = new ArrayList<>();
        int tried = 0;
        for (Note note : plan.notes()) {
            boolean worth = GRAVE.contains(note.kind())
                    && tried < MOST_NOTES
                    && !note.goals().isEmpty();
            tried += worth ? 1 : 0;
            notes.add(worth ? note.with(tried(note)) : note);
        }
        return notes;
    }

    private List<Note.Remedy> tried(Note note) {
        Optional<Goal> goal = goals.stream()
                .filter(one -> one.id().equals(note.goals().get(0)))
                .findFirst();
        if (goal.isEmpty()) {
            return List.of();
        }
        int before = late(plan, goal.get().id());
        List<Tried> tried = new ArrayList<>();
        String id = goal.get().id();
        for (String product : chain(goal.get().product())) {
            Choices now = workshop.choices();
            places(product, note)
                    .forEach(remedy ->
                            tried.add(new Tried(remedy, late(now.withSpot(product, remedy.target()), goals, id))));
            ways(product)
                    .forEach(remedy ->
                            tried.add(new Tried(remedy, late(now.withMethod(product, remedy.target()), goals, id))));
            if (!product.equals(goal.get().product())) {
                tried.add(new Tried(buy(product), late(now.withBought(product), goals, id)));
            }
        }
        Stream<Note.Remedy> help = tried.stream()
                .filter(one -> note.kind() == Note.Kind.FROST ? one.late() <= before : one.late() < before)
                .sorted(Comparator.comparingInt(Tried::late))
                .map(one -> one.remedy(before))
                .limit(MOST_REMEDIES);
        return Stream.concat(help, goalItself(note, goal.get(), before)).toList();
    }

    /** By how many days the latest portion of a goal is late; never, where it can't be had. */
    private static int late(Plan plan, String goal) {
        return plan.outcomes().stream()
                .filter(outcome -> outcome.goal().id().equals(goal))
                .mapToInt(outcome -> outcome.missing().millilitres() > 0 ? Timing.NEVER : outcome.lateDays())
                .max()
                .orElse(0);
    }

    /** The same if the gardener chose otherwise; as late as before, where other goals would pay for it. */
    private int late(Choices choices, List<Goal> all, String goal) {
        Map<String, Integer> late = planner.late(choices, all);
        int own = late.entrySet().stream()
                .filter(entry -> entry.getKey().startsWith(goal + "#"))
                .mapToInt(Map.Entry::getValue)
                .max()
                .orElse(0);
        long before = plan.outcomes().stream()
                .flatMap(outcome -> outcome.portions().stream())
                .mapToLong(portion -> portion.missing().millilitres() > 0 ? Timing.NEVER : portion.lateDays())
                .sum();
        long after = late.values().stream().mapToLong(days -> days).sum();
        return after <= before ? own : Math.max(own, late(plan, goal));
    }

    /** A brew and everything brewed that goes into it. */
    private Set<String> chain(String product) {
        Set<String> chain = new LinkedHashSet<>();
        Book book = workshop.book();
        List<String> open = new ArrayList<>(List.of(product));
        while (!open.isEmpty()) {
            String next = open.remove(0);
            if (chain.add(next)) {
                workshop.way(next)
                        .ifPresent(method -> method.parts().stream()
                                .filter(part -> !part.optional())
                                .flatMap(part -> book.usual(part).product().stream())
                                .forEach(open::add));
            }
        }
        return chain;
    }

    private Stream<Note.Remedy> places(String product, Note note) {
        Optional<Method> way = workshop.way(product);
        Optional<Plan.Step> step = plan.steps().stream()
                .filter(one -> one.product().id().equals(product))
                .findFirst();
        return workshop.spots().stream()
                .filter(spot -> way.filter(method -> method.place().outdoors() == spot.outdoors())
                        .isPresent())
                .filter(spot ->
                        step.map(one -> !one.spot().id().equals(spot.id())).orElse(true))
                .map(spot -> new Note.Remedy(
                        Note.Remedy.Kind.WARMER_PLACE,
                        "Put " + name(product)
                                + (note.kind() == Note.Kind.FROST ? " out of the frost: " : " where it is warmer: ")
                                + spot.name(),
                        product,
                        "",
                        spot.id(),
                        0,
                        1));
    }

    private Stream<Note.Remedy> ways(String product) {
        Optional<Method> now = workshop.way(product);
        return workshop.book().methods().stream()
                .filter(method ->
                        method.product().equals(product) && !Optional.of(method).equals(now))
                .map(method -> new Note.Remedy(
                        Note.Remedy.Kind.SHORTER_SCHOOL,
                        "Make " + name(product) + " another way: "
                                + PlanWriter.lower(method.school().name()),
                        product,
                        "",
                        method.id(),
                        0,
                        1));
    }

    private Note.Remedy buy(String product) {
        return new Note.Remedy(Note.Remedy.Kind.BUY, "Buy or beg " + name(product), product, "", "", 0, 1);
    }

    private Stream<Note.Remedy> goalItself(Note note, Goal goal, int before) {
        List<Note.Remedy> remedies = new ArrayList<>();
        if (note.kind() != Note.Kind.FROST) {
            List<Goal> smaller = goals.stream()
                    .map(one -> one.equals(goal) ? one.withAmount(one.amount().times(HALF)) : one)
                    .toList();
            int late = late(workshop.choices(), smaller, goal.id());
            if (late < before) {
                remedies.add(new Note.Remedy(
                        Note.Remedy.Kind.LESS, "Make half as much" + gain(before, late), "", goal.id(), "", 0, HALF));
            }
        }
        if (before > 0 && before < Timing.NEVER) {
            remedies.add(new Note.Remedy(
                    Note.Remedy.Kind.LATER, "Want it " + Days.count(before) + " later", "", goal.id(), "", before, 1));
        }
        return remedies.stream();
    }

    private String name(String product) {
        Product is = workshop.book().product(product);
        return is.name();
    }

    private static String gain(int before, int after) {
        if (after >= Timing.NEVER || before >= Timing.NEVER) {
            return after == 0
                    ? ": then it is in time"
                    : after < Timing.NEVER ? ": then " + Days.count(after) + " late" : "";
        }
        return after == 0 ? ": then it is in time" : ": " + Days.count(before - after) + " sooner";
    }

    private record Tried(Note.Remedy untold, int late) {
        Note.Remedy remedy(int before) {
            return new Note.Remedy(
                    untold.kind(),
                    untold.words() + (before == late ? "" : gain(before, late)),
                    untold.product(),
                    untold.goal(),
                    untold.target(),
                    untold.days(),
                    untold.amount());
        }
    }
}
