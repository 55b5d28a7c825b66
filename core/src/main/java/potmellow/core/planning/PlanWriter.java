package potmellow.core.planning;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.core.book.Material;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;
import potmellow.core.ripening.Expectation;
import potmellow.core.scaling.Recipe;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** Puts an outline into words: dates, amounts, what each step is for, how its day was found, what stands against it. */
final class PlanWriter {
    private final Workshop workshop;
    private final Clockwork clockwork;
    private final Spots spots;
    private final Skies skies;
    private final Outline outline;
    private final List<Goal> goals;
    private final Map<String, Kept> kept;
    private final Kitchen kitchen;
    private final Map<Draft, Integer> latest = new HashMap<>();

    PlanWriter(
            Workshop workshop,
            Kitchen kitchen,
            Clockwork clockwork,
            Spots spots,
            Skies skies,
            Outline outline,
            List<Goal> goals,
            List<Kept> kept) {
        this.workshop = workshop;
        this.clockwork = clockwork;
        this.spots = spots;
        this.skies = skies;
        this.outline = outline;
        this.goals = goals;
        this.kept = kept.stream().collect(Collectors.toMap(Kept::step, claim -> claim, (one, other) -> other));
        this.kitchen = kitchen;
        outline.drafts().forEach(draft -> latest.put(draft, latest(draft)));
    }

    /** The last day on which a pot can be set without anything coming too late, if every vessel were free. */
    private int latest(Draft draft) {
        int need = draft.serves().stream()
                .mapToInt(demand -> demand.pot().map(latest::get).orElse(demand.goalDay()))
                .min()
                .orElseThrow();
        return draft.timing().latestSafe(need);
    }

    Plan plan() {
        Set<Draft> critical = critical();
        List<Plan.Step> steps = outline.drafts().stream()
                .map(draft -> step(draft, critical.contains(draft)))
                .sorted(Comparator.comparing(Plan.Step::setAt).thenComparing(Plan.Step::id))
                .toList();
        Plan plan = new Plan(
                workshop.today(),
                steps,
                goals.stream().map(this::outcome).toList(),
                outline.draws().stream()
                        .map(draw -> new Plan.Taken(draw.stored(), use(draw.demand(), draw.amount())))
                        .toList(),
                outline.bought().stream()
                        .map(demand -> new Plan.Bought(
                                workshop.book().product(demand.product()), use(demand, demand.amount())))
                        .toList(),
                gathered(steps),
                List.of(),
                new Moves(workshop, outline, skies, kept).found());
        return plan.with(new Notes(workshop, clockwork, spots, skies, outline, plan).found());
    }

    /** How late every portion is, in days, by its key; what can't be made at all counts as never. */
    Map<String, Integer> late() {
        Map<String, Integer> late = new HashMap<>();
        goals.stream()
                .map(this::outcome)
                .flatMap(outcome -> outcome.portions().stream())
                .forEach(portion -> late.put(
                        portion.wanted().key(),
                        portion.missing().millilitres() > 0.5 ? Timing.NEVER : portion.lateDays()));
        return late;
    }

    private LocalDate day(int day) {
        return workshop.today().plusDays(day);
    }

    /** From each goal back along what it waits for longest. */
    private Set<Draft> critical() {
        Set<Draft> critical = new HashSet<>();
        for (Draft draft : outline.drafts()) {
            boolean forGoal =
                    draft.serves().stream().anyMatch(demand -> demand.portion().isPresent());
            Optional<Draft> next = forGoal ? Optional.of(draft) : Optional.empty();
            while (next.filter(pot -> latest.get(pot) - outline.start(pot) <= 0).isPresent()
                    && critical.add(next.get())) {
                next = outline.links().inputs(next.get()).stream()
                        .max(Comparator.comparingInt(input -> outline.ready(input) - outline.start(input)));
            }
        }
        return critical;
    }

    private Plan.Step step(Draft draft, boolean critical) {
        Slot slot = outline.slots().get(draft);
        Timing timing = draft.timing();
        int start = slot.start();
        Recipe recipe = kitchen.recipe(draft.method(), draft.amount(), slot.vat());
        Instant setAt = workshop.morning(start).plus(Duration.ofHours(timing.hoursLater()));
        return new Plan.Step(
                draft.id(),
                draft.method(),
                draft.product(),
                draft.amount(),
                draft.spot(),
                slot.vat(),
                recipe,
                setAt,
                day(start),
                day(timing.hopeful()[start]),
                day(timing.emptied()[start]),
                day(timing.safe()[start]),
                day(Math.max(latest.get(draft), -1)),
                latest.get(draft) - start,
                critical,
                draft.serves().stream()
                        .filter(demand -> demand.amount().millilitres() > 0.1)
                        .map(demand -> use(demand, demand.amount()))
                        .toList(),
                outline.links().inputs(draft).stream().map(Draft::id).toList(),
                working(draft, slot),
                cautions(draft, start));
    }

    private Plan.UsedFor use(Demand demand, Volume amount) {
        return new Plan.UsedFor(
                day(demand.day(outline::start)),
                amount,
                demand.portion().map(Goal.Portion::goalId),
                demand.pot().map(Draft::id),
                demand.pot().map(pot -> pot.method().title()).orElse(""));
    }

    private List<String> cautions(Draft draft, int start) {
        List<String> cautions = new ArrayList<>();
        if (draft.method().place().dryDays().isPresent()) {
            String days =
                    AmountText.number(draft.method().place().dryDays().get().value());
            cautions.add(
                    skies.rainy(draft.method(), start)
                            ? "It wants " + days + " days without rain before, and rain is forecast: wait for them."
                            : skies.forecast(start)
                                    ? "Dry days are forecast before it. Keep rain off."
                                    : "It wants " + days
                                            + " days without rain before; nobody knows yet. Keep rain off.");
        }
        int end = draft.timing().emptied()[start];
        if (spots.frosty(draft.method(), draft.spot(), start, end)) {
            cautions.add("Frost must not reach it, and " + draft.spot().name() + " gets down to "
                    + celsius(clockwork.coldest(draft.spot(), start, end)) + " meanwhile.");
        }
        return cautions;
    }

    private String celsius(double celsius) {
        return AmountText.temperature(Temperature.ofCelsius(celsius), workshop.units());
    }

    private Working<LocalDate> working(Draft draft, Slot slot) {
        int need = outline.links().firstNeed(draft, outline.slots());
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of("Needed by then: " + purpose(draft) + ".", words(need), Evidence.exact()));
        steps.addAll(takes(draft, slot.start()));
        Afterwards after = Afterwards.of(draft.method(), draft.product());
        if (after.takesTime()) {
            steps.add(Step.of(
                    "Then it is " + after.words() + ".",
                    after.least() + " to " + after.most() + " days",
                    after.evidence()));
        }
        steps.add(set(draft, slot.start(), need));
        return new Working<>(day(slot.start()), steps);
    }

    /** How long it takes where it stands. */
    private List<Step> takes(Draft draft, int start) {
        List<Step> steps = new ArrayList<>();
        Expectation takes = workshop.expectation().apply(draft.method());
        int fill = draft.method().filledOverDays() ? workshop.choices().fillDays() : 0;
        if (fill > 0) {
            steps.add(Step.of(
                    "It is filled bit by bit; the clock starts at the last fill.",
                    Days.count(fill),
                    Evidence.fromMemory()));
        }
        steps.add(Step.of(
                takes.isOwn() ? "By your own batches it takes so long." : "It takes so long.",
                takes.words(),
                takes.evidence()));
        int end = draft.timing().emptied()[start];
        steps.add(Step.of(
                "At " + draft.spot().name() + ", as warm as it is forecast or usual then, the late end comes after:",
                Days.count(end - start - fill),
                fromMemory(draft),
                "mean there",
                celsius(clockwork.mean(draft.spot(), start, Math.max(start + 1, end)))));
        return steps;
    }

    private Evidence fromMemory(Draft draft) {
        Mark mark = workshop.expectation().apply(draft.method()).evidence().mark();
        return Evidence.derivedFrom(mark.weaker(Mark.FROM_MEMORY));
    }

    /** Why it is set on that day. */
    private Step set(Draft draft, int start, int need) {
        Timing timing = draft.timing();
        int safe = timing.latestSafe(need);
        String why = start < safe
                ? "Set " + Days.count(safe - start) + " sooner than need be: "
                        + (skies.suits(draft.method(), draft.spot(), timing, safe)
                                ? "its vessel is taken later, or it stood so in the earlier plan."
                                : "rain or frost is foreseen later.")
                : start > safe
                        ? "That is later than would be safe: nothing sooner is possible."
                        : "Counted back from there: the last day that is safe.";
        return Step.of(
                why,
                words(start),
                fromMemory(draft),
                "with luck ready",
                words(timing.hopeful()[start]),
                "surely ready",
                words(timing.safe()[start]));
    }

    private String words(int day) {
        return Days.words(day(day), workshop.today());
    }

    private static String purpose(Draft draft) {
        Demand first = draft.serves().get(0);
        return first.pot()
                .map(pot -> "it goes into " + lower(pot.method().title()))
                .orElse("the goal");
    }

    static String lower(String title) {
        return title.length() > 1 && Character.isUpperCase(title.charAt(1))
                ? title
                : title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
    }

    private Plan.Outcome outcome(Goal goal) {
        return new Plan.Outcome(
                goal,
                goal.portions().stream()
                        .filter(portion ->
                                goal instanceof Goal.Once || !portion.day().isBefore(workshop.today()))
                        .map(this::portion)
                        .toList());
    }

    private Plan.Portion portion(Goal.Portion wanted) {
        int due = Days.from(workshop.today(), wanted.day());
        List<Coming> coming = coming(wanted);
        int hopeful = coming.stream().mapToInt(Coming::hopeful).reduce(due, Math::max);
        int ready = coming.stream().mapToInt(Coming::ready).reduce(due, Math::max);
        double missing = wanted.amount().millilitres()
                - coming.stream().mapToDouble(Coming::millilitres).sum();
        return new Plan.Portion(
                wanted,
                day(hopeful),
                day(ready),
                ready - due,
                Volume.ofMillilitres(missing > wanted.amount().millilitres() * 1e-6 + 0.5 ? missing : 0));
    }

    /** What comes for a portion: by which day with luck and surely, and how much. */
    private record Coming(int hopeful, int ready, double millilitres) {}

    private List<Coming> coming(Goal.Portion wanted) {
        Stream<Coming> set = outline.drafts().stream()
                .flatMap(draft -> draft.serves().stream()
                        .filter(demand -> isFor(demand, wanted))
                        .map(demand -> new Coming(
                                draft.timing().hopeful()[outline.start(draft)],
                                outline.ready(draft),
                                demand.amount().millilitres())));
        Stream<Coming> drawn = outline.draws().stream()
                .filter(draw -> isFor(draw.demand(), wanted))
                .map(draw -> new Coming(
                        Days.from(workshop.today(), draw.stored().hopeful()),
                        Days.from(workshop.today(), draw.stored().from()),
                        draw.amount().millilitres()));
        int due = Days.from(workshop.today(), wanted.day());
        Stream<Coming> bought = outline.bought().stream()
                .filter(demand -> demand.key().equals(wanted.key()))
                .map(demand -> new Coming(due, due, demand.amount().millilitres()));
        return Stream.of(set, drawn, bought).flatMap(each -> each).toList();
    }

    private static boolean isFor(Demand demand, Goal.Portion wanted) {
        return demand.key().equals(wanted.key()) && demand.portion().isPresent();
    }

    /** Forage and savings on their day; what is bought by the week, each material's amounts added up. */
    private List<Plan.Gathered> gathered(List<Plan.Step> steps) {
        Map<String, Plan.Gathered> byKey = new LinkedHashMap<>();
        for (Plan.Step step : steps) {
            for (Recipe.Amount part : step.recipe().parts()) {
                Material material = part.material();
                if (material.found() == Material.Found.TAP || material.product().isPresent()) {
                    continue;
                }
                LocalDate day = material.found() == Material.Found.BOUGHT ? monday(step.start()) : step.start();
                byKey.merge(
                        day + material.id() + part.measured().isMass(),
                        new Plan.Gathered(day, material, part.measured(), List.of(step.id())),
                        PlanWriter::together);
            }
        }
        return byKey.values().stream()
                .sorted(Comparator.comparing(Plan.Gathered::day)
                        .thenComparing(gathered -> gathered.material().name()))
                .toList();
    }

    private LocalDate monday(LocalDate day) {
        LocalDate monday = day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        return monday.isBefore(workshop.today()) ? workshop.today() : monday;
    }

    private static Plan.Gathered together(Plan.Gathered one, Plan.Gathered other) {
        List<String> steps = new ArrayList<>(one.forSteps());
        steps.addAll(other.forSteps());
        return new Plan.Gathered(
                one.day(),
                one.material(),
                one.amount().withBase(one.amount().base() + other.amount().base()),
                steps);
    }
}
