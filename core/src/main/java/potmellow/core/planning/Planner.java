package potmellow.core.planning;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Plans backward from goals: what to set when, where and in what, so that it is there when it is wanted. The same garden and goals
 * always give the same plan.
 */
public final class Planner {
    private static final int FAILS_AT_FIRST = 1500;
    private static final int FAILS_AFTER_A_CHANGE = 200;
    private static final int MOST_TRIES = 4;

    private final Workshop workshop;
    private final Clockwork clockwork;
    private final Kitchen kitchen;
    private final Spots spots;
    private final Skies skies;
    private final Map<Trial, Map<String, Integer>> tried = new HashMap<>();

    public Planner(Workshop workshop) {
        this.workshop = workshop;
        this.clockwork = new Clockwork(workshop);
        this.kitchen = new Kitchen(workshop);
        this.spots = new Spots(workshop, clockwork);
        this.skies = new Skies(workshop, spots);
    }

    private Planner(Workshop workshop, Planner like) {
        this.workshop = workshop;
        this.clockwork =
                like.workshop.choices().fillDays() == workshop.choices().fillDays()
                        ? like.clockwork
                        : new Clockwork(workshop);
        this.kitchen = like.kitchen;
        this.spots = new Spots(workshop, clockwork);
        this.skies = new Skies(workshop, spots);
    }

    /** Plans from nothing. */
    public Plan plan(List<Goal> goals) {
        return replan(goals, List.of());
    }

    /**
     * Plans anew after something changed: what was planned before stays where it was, as far as it can, and the plan says what moved
     * and why.
     *
     * @param kept what the earlier plan said
     */
    public Plan replan(List<Goal> goals, List<Kept> kept) {
        return advised(goals, lay(goals, kept));
    }

    /** The same without a word on what would help against what stands in the way: trying that out takes longer than planning. */
    public Plan lay(List<Goal> goals, List<Kept> kept) {
        Outline outline = outline(goals, kept);
        return new PlanWriter(workshop, kitchen, clockwork, spots, skies, outline, goals, kept).plan();
    }

    /** A plan of these goals, with what would help. */
    public Plan advised(List<Goal> goals, Plan plan) {
        return plan.with(new Remedies(this, goals, plan).notes());
    }

    /** The same without looking for a better use of the vessels, and without remedies: what the solver is measured against. */
    public Quality greedily(List<Goal> goals) {
        return greedy(portions(goals), Map.of()).quality(Map.of());
    }

    /** How good the plan of some goals is. */
    public Quality quality(List<Goal> goals, List<Kept> kept) {
        return outline(goals, kept).quality(byStep(kept));
    }

    Workshop workshop() {
        return workshop;
    }

    /** How late goals would be, in days by portion key, if the gardener chose otherwise. What was tried once is remembered. */
    Map<String, Integer> late(Choices choices, List<Goal> goals) {
        return tried.computeIfAbsent(new Trial(choices, goals), trial -> tryOut(choices, goals));
    }

    /** How many other plans were drawn to see what would help. */
    int tried() {
        return tried.size();
    }

    private Map<String, Integer> tryOut(Choices choices, List<Goal> goals) {
        Planner other = new Planner(workshop.choosing(choices), this);
        Outline outline = other.greedy(portions(goals), Map.of());
        return new PlanWriter(
                        other.workshop, kitchen, other.clockwork, other.spots, other.skies, outline, goals, List.of())
                .late();
    }

    private Outline outline(List<Goal> goals, List<Kept> kept) {
        List<Goal.Portion> portions = portions(goals);
        Outline fresh = greedy(portions, Map.of());
        Set<String> wanted = fresh.drafts().stream().map(Draft::id).collect(Collectors.toSet());
        Map<String, Kept> claims = byStep(kept.stream()
                .filter(claim -> wanted.contains(claim.step()))
                .filter(claim -> !claim.until().isBefore(workshop.today()))
                .toList());
        Outline first = claims.isEmpty() ? fresh : greedy(portions, claims);
        return better(first, claims, claims.isEmpty() ? FAILS_AT_FIRST : FAILS_AFTER_A_CHANGE);
    }

    private Outline better(Outline first, Map<String, Kept> claims, int fails) {
        if (!first.lateForWantOfVessels()) {
            return first;
        }
        return new Solver(workshop, skies, claims)
                .improve(first, fails)
                .filter(better -> better.quality(claims).betterThan(first.quality(claims)))
                .orElse(first);
    }

    private static Map<String, Kept> byStep(List<Kept> kept) {
        return kept.stream().collect(Collectors.toMap(Kept::step, claim -> claim, (one, other) -> other));
    }

    /** What is still to come of the goals. */
    private List<Goal.Portion> portions(List<Goal> goals) {
        return goals.stream()
                .flatMap(goal -> goal.portions().stream()
                        .filter(portion ->
                                goal instanceof Goal.Once || !portion.day().isBefore(workshop.today())))
                .toList();
    }

    private Outline greedy(List<Goal.Portion> portions, Map<String, Kept> claims) {
        Set<String> without = new HashSet<>();
        for (int attempt = 0; ; attempt++) {
            Greedy greedy = new Greedy(workshop, skies, claims);
            Chains chains = new Chains(workshop, kitchen, clockwork, spots, greedy, without).draw(portions);
            Links links = new Links(workshop, chains.drafts(), chains.draws());
            Set<Draft> stuck = greedy.settle(links);
            Outline outline = new Outline(
                    chains.drafts(), greedy.slots(), chains.draws(), chains.bought(), chains.troubles(), links);
            Set<String> turned = turned(outline);
            if (stuck.isEmpty() && turned.isEmpty() || attempt == MOST_TRIES) {
                return outline;
            }
            without.addAll(turned);
            stuck.forEach(draft -> without.add(draft.id()));
        }
    }

    /** What would be taken from store past its date, because the pot it goes into comes later than thought. */
    private Set<String> turned(Outline outline) {
        return outline.draws().stream()
                .filter(draw -> draw.demand().pot().isPresent())
                .filter(draw -> draw.demand().day(outline::start)
                        > Days.from(workshop.today(), draw.stored().until()))
                .map(Chains::drawn)
                .collect(Collectors.toSet());
    }

    /** What the gardener might choose instead. */
    private record Trial(Choices choices, List<Goal> goals) {}
}
