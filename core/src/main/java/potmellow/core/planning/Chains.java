package potmellow.core.planning;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Recipe;

/**
 * Draws the chains backward from the goals: brew by brew, those first that others are not made of. What is in store is used
 * first; what is still wanted is made in batches that serve everything within their keeping; what goes into these is wanted in
 * turn. Every batch is placed as it is drawn, as late as it safely can be.
 */
final class Chains {
    /** A batch is shared by what is needed within so many days (from memory). */
    static final int SHARED_DAYS = 56;

    private static final int BURIED_DAYS = 365;
    private static final int MOST_VESSELS = 8;
    private static final double A_DROP = 0.05;

    private final Workshop workshop;
    private final Kitchen kitchen;
    private final Clockwork clockwork;
    private final Spots spots;
    private final Greedy greedy;
    private final Set<String> without;
    private final Map<String, List<Demand>> wanted = new LinkedHashMap<>();
    private final Map<String, Volume> left = new HashMap<>();
    private final List<Draft> drafts = new ArrayList<>();
    private final List<Draw> draws = new ArrayList<>();
    private final List<Demand> bought = new ArrayList<>();
    private final List<Trouble> troubles = new ArrayList<>();
    private Shelf shelf;

    /** @param without draws and pots that were tried and don't do */
    Chains(Workshop workshop, Kitchen kitchen, Clockwork clockwork, Spots spots, Greedy greedy, Set<String> without) {
        this.workshop = workshop;
        this.kitchen = kitchen;
        this.clockwork = clockwork;
        this.spots = spots;
        this.greedy = greedy;
        this.without = without;
        workshop.stored().forEach(stored -> left.merge(stored.code(), stored.amount(), Volume::plus));
    }

    /** Draws the chains of some portions, and places what they need. */
    Chains draw(List<Goal.Portion> portions) {
        portions.forEach(portion -> want(Demand.of(portion, Days.from(workshop.today(), portion.day()))));
        List<String> order = order(wanted.keySet());
        shelf = new Shelf(
                workshop,
                kitchen,
                order.stream()
                        .flatMap(product -> workshop.way(product).stream())
                        .toList());
        for (String product : order) {
            List<Demand> rest = fromStore(wanted.getOrDefault(product, List.of()));
            if (workshop.choices().bought().contains(product)) {
                bought.addAll(rest);
            } else if (!rest.isEmpty()) {
                make(product, rest);
            }
        }
        return this;
    }

    List<Draft> drafts() {
        return drafts;
    }

    List<Draw> draws() {
        return draws;
    }

    List<Demand> bought() {
        return bought;
    }

    List<Trouble> troubles() {
        return troubles;
    }

    private void want(Demand demand) {
        wanted.computeIfAbsent(demand.product(), product -> new ArrayList<>()).add(demand);
    }

    /** Brews in such an order that none comes after what it is made of. */
    private List<String> order(Set<String> goals) {
        LinkedHashSet<String> done = new LinkedHashSet<>();
        List.copyOf(goals).forEach(product -> visit(product, done));
        List<String> order = new ArrayList<>(done);
        Collections.reverse(order);
        return order;
    }

    private void visit(String product, LinkedHashSet<String> done) {
        if (done.contains(product)) {
            return;
        }
        workshop.way(product)
                .ifPresent(method ->
                        brewed(method).forEach(part -> visit(brew(part).orElseThrow(), done)));
        done.add(product);
    }

    /** The parts of a method that are brews themselves and can't be left out. */
    private List<Part> brewed(Method method) {
        return method.parts().stream()
                .filter(part -> !part.optional() && brew(part).isPresent())
                .toList();
    }

    private Optional<String> brew(Part part) {
        Material usual = workshop.book().usual(part);
        return usual.product();
    }

    private int day(Demand demand) {
        return demand.day(greedy::start);
    }

    private List<Demand> inOrder(List<Demand> demands) {
        return demands.stream()
                .sorted(Comparator.comparingInt(this::day).thenComparing(Demand::key))
                .toList();
    }

    /** Takes from bottles and pots what they can give, the first to turn first; a pot serves its own step before others. */
    private List<Demand> fromStore(List<Demand> demands) {
        List<Demand> open = new ArrayList<>();
        for (Demand demand : inOrder(demands)) {
            String step = stepId(demand);
            Volume missing = demand.amount();
            pull(demand, step);
            int soonest = quickest(demand.product());
            missing = take(
                    demand,
                    missing,
                    stored -> stored.step().filter(step::equals).isPresent(),
                    Timing.NEVER);
            missing = take(demand, missing, stored -> stored.step().isEmpty(), soonest);
            missing = take(demand, missing, stored -> true, soonest);
            if (missing.millilitres() > A_DROP) {
                open.add(demand.of(missing));
            }
        }
        return open;
    }

    /** A pot that was set for a step draws what it goes into along, where it would turn before. */
    private void pull(Demand demand, String step) {
        demand.pot()
                .ifPresent(pot -> workshop.stored().stream()
                        .filter(stored -> stored.step().filter(step::equals).isPresent())
                        .findFirst()
                        .ifPresent(stored -> greedy.pull(
                                pot,
                                Days.from(workshop.today(), stored.from()),
                                Days.from(workshop.today(), stored.until()))));
    }

    /** The day before which nothing that is set today could be ready: until then a pot that works already is no worse. */
    private int quickest(String product) {
        return workshop.way(product)
                .map(method -> clockwork.timing(method, spots.choose(method, 0)).safe()[0])
                .orElse(0);
    }

    private Volume take(Demand demand, Volume wantedAmount, Predicate<Stored> from, int evenLate) {
        Volume missing = wantedAmount;
        int day = day(demand);
        List<Stored> usable = workshop.stored().stream()
                .filter(stored -> stored.product().equals(demand.product()))
                .filter(from)
                .filter(stored -> Days.from(workshop.today(), stored.from()) <= Math.max(day, evenLate))
                .filter(stored -> Days.from(workshop.today(), stored.until()) >= day)
                .filter(stored -> !without.contains(stored.code() + ">" + demand.key()))
                .sorted(Comparator.comparing(Stored::until).thenComparing(Stored::code))
                .toList();
        for (Stored stored : usable) {
            Volume there = left.get(stored.code());
            Volume taken = there.compareTo(missing) < 0 ? there : missing;
            if (taken.millilitres() > A_DROP) {
                left.put(stored.code(), there.less(taken));
                draws.add(new Draw(stored, demand, taken));
                missing = missing.less(taken);
            }
        }
        return missing;
    }

    private void make(String product, List<Demand> demands) {
        Optional<Method> way = workshop.way(product);
        if (way.isEmpty()) {
            troubles.add(new Trouble(Trouble.Kind.NO_WAY, product, way, Optional.empty(), sum(demands), demands));
            return;
        }
        Volume most = shelf.most(way.get());
        for (List<Demand> group : groups(way.get(), demands, most)) {
            make(way.get(), group, most);
        }
    }

    /**
     * Demands that one batch serves: as much as one vessel gives, and within its keeping. A batch is rather topped up for a later
     * demand than a second one begun that nobody would brew by itself.
     */
    private List<List<Demand>> groups(Method method, List<Demand> demands, Volume most) {
        int keeps = keepDays(method, workshop.book().productOf(method));
        Volume least = kitchen.least(method);
        List<List<Demand>> groups = new ArrayList<>();
        List<Demand> group = new ArrayList<>();
        for (Demand demand : inOrder(demands)) {
            boolean tiny = demand.amount().compareTo(least) < 0;
            boolean shared = !group.isEmpty()
                    && day(demand) - day(group.get(0)) <= (tiny ? keeps : Math.min(SHARED_DAYS, keeps))
                    && sum(group).plus(demand.amount()).compareTo(most) <= 0;
            if (!shared && !group.isEmpty()) {
                groups.add(group);
                group = new ArrayList<>();
            }
            group.add(demand);
        }
        groups.add(group);
        return groups;
    }

    /**
     * Whole days that a brew keeps, the longest way: 1 for what keeps only hours, as it stands in its vessel until used; a year for
     * what lies buried.
     */
    static int keepDays(Method method, Product product) {
        if (method.lastStage().exit() == Stage.Exit.BURY) {
            return BURIED_DAYS;
        }
        return product.keeps().stream()
                .mapToInt(keep ->
                        keep.days().map(days -> (int) Math.floor(days.value())).orElse(1))
                .map(days -> Math.max(1, days))
                .max()
                .orElse(1);
    }

    private void make(Method method, List<Demand> group, Volume most) {
        Volume whole = larger(sum(group), kitchen.least(method));
        int vessels = (int) Math.max(1, Math.ceil(whole.millilitres() / Math.max(1, most.millilitres()) - 1e-6));
        Product product = workshop.book().productOf(method);
        int need = day(group.get(0));
        Spot spot = spots.choose(method, need);
        List<Vat> vats = vessels > MOST_VESSELS ? List.of() : shelf.fitting(method, whole.times(1.0 / vessels));
        if (vats.isEmpty()) {
            troubles.add(new Trouble(
                    Trouble.Kind.NO_VESSEL, product.id(), Optional.of(method), Optional.of(spot), whole, group));
            return;
        }
        Volume each = whole.times(1.0 / vessels);
        Recipe recipe = kitchen.recipe(method, each, vats.get(0));
        Timing timing = clockwork.timing(method, spot);
        for (int i = 0; i < vessels; i++) {
            List<Demand> serves = share(group, each, i);
            String id = i == 0 ? stepId(group.get(0)) : hashed(stepId(group.get(0)) + "+" + i);
            Draft draft =
                    new Draft(id, method, product, each, spot, timing, keepDays(method, product), vats, serves, recipe);
            if (without.contains(id) || !greedy.place(draft)) {
                Trouble.Kind kind =
                        timing.latestSafe(Timing.NEVER - 1) < 0 ? Trouble.Kind.TOO_COLD : Trouble.Kind.NO_ROOM;
                troubles.add(new Trouble(kind, product.id(), Optional.of(method), Optional.of(spot), each, serves));
                continue;
            }
            drafts.add(draft);
            for (Part part : brewed(method)) {
                String input = brew(part).orElseThrow();
                Quantity amount = recipe.part(part.id()).orElseThrow().measured();
                want(Demand.of(
                        draft, part.id(), input, workshop.book().product(input).volume(amount)));
            }
        }
    }

    /** What the n-th of several equal vessels serves of a group. */
    private static List<Demand> share(List<Demand> group, Volume each, int vessel) {
        double from = each.millilitres() * vessel;
        double to = from + each.millilitres();
        List<Demand> share = new ArrayList<>();
        double at = 0;
        for (Demand demand : group) {
            double end = at + demand.amount().millilitres();
            double part = Math.min(end, to) - Math.max(at, from);
            if (part > A_DROP) {
                share.add(demand.of(Volume.ofMillilitres(part)));
            }
            at = end;
        }
        return share.isEmpty() ? List.of(group.get(group.size() - 1).of(Volume.ofMillilitres(A_DROP))) : share;
    }

    /** What names one draw from store. */
    static String drawn(Draw draw) {
        return draw.stored().code() + ">" + draw.demand().key();
    }

    /** The id of the step that is made for a demand first. */
    private static String stepId(Demand demand) {
        return hashed(demand.product() + "@" + demand.key());
    }

    private static String hashed(String name) {
        return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)).toString();
    }

    private static Volume larger(Volume one, Volume other) {
        return one.compareTo(other) > 0 ? one : other;
    }

    static Volume sum(List<Demand> demands) {
        return demands.stream().map(Demand::amount).collect(Collectors.reducing(Volume.ofMillilitres(0), Volume::plus));
    }
}
