package potmellow.app.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import potmellow.app.book.BookService;
import potmellow.app.garden.Garden;
import potmellow.app.once.Acts;
import potmellow.app.place.PlaceService;
import potmellow.app.plan.PlanRequests.AddGoal;
import potmellow.app.plan.PlanRequests.Settle;
import potmellow.app.plan.Workshops.Basis;
import potmellow.app.pot.WorkingBrews;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.planning.Choices;
import potmellow.core.planning.Goal;
import potmellow.core.planning.Kept;
import potmellow.core.planning.Plan;
import potmellow.core.strength.Ratio;

/**
 * The plan of a garden. It is worked out when it is asked for and something changed; stored are only goals, what was settled, what
 * the gardener last agreed to, and which pots carry out which steps.
 */
@Service
public class PlanService {
    private static final int FARTHEST_DAYS = 400;
    private static final int MOST_GOALS = 100;

    private final PlanRepository plans;
    private final Workshops workshops;
    private final RememberedPlans remembered;
    private final BookService books;
    private final WorkingBrews brews;
    private final PlaceService places;
    private final Acts acts;
    private final TransactionTemplate transactions;

    PlanService(
            PlanRepository plans,
            Workshops workshops,
            RememberedPlans remembered,
            BookService books,
            WorkingBrews brews,
            PlaceService places,
            Acts acts,
            TransactionTemplate transactions) {
        this.plans = plans;
        this.workshops = workshops;
        this.remembered = remembered;
        this.books = books;
        this.brews = brews;
        this.places = places;
        this.acts = acts;
        this.transactions = transactions;
    }

    /** The plan as it is now, against what the gardener last agreed to, with what would help. No transaction waits for it. */
    Worked work(Garden garden, Instant now) {
        Basis basis = workshops.read(garden, now);
        return new Worked(garden, basis, remembered.of(basis).advice().obtain());
    }

    /** Pots to be set up to a day, for the round. */
    public List<Ahead> ahead(Garden garden, Instant now, LocalDate until) {
        if (plans.goals(garden.id()).isEmpty()) {
            return List.of();
        }
        return laid(garden, now).steps().stream()
                .filter(step -> !step.start().isAfter(until))
                .map(step -> new Ahead(
                        step.start(),
                        "set " + step.method().title().toLowerCase(Locale.ROOT) + " in "
                                + step.vat().vessel().code() + ", as planned"))
                .toList();
    }

    /**
     * Adds a goal. Asked again with the same id, it changes nothing.
     *
     * @throws FieldProblem for an entry that can't be used
     */
    @Transactional
    public void add(Garden garden, UUID id, AddGoal request, Instant now) {
        if (!acts.first(garden, id, "goal", request)) {
            return;
        }
        plans.lock(garden.id());
        workshops.requirePlace(garden);
        Book book = books.current(garden);
        Product product = book.products().stream()
                .filter(one -> one.id().equals(request.product()))
                .findFirst()
                .orElseThrow(() -> new FieldProblem(
                        "product", InvalidInput.unreadable("The brew", request.product(), "Choose one of the list.")));
        if (plans.goals(garden.id()).size() >= MOST_GOALS) {
            throw new FieldProblem(
                    "product", InvalidInput.outOfRange("The goals", MOST_GOALS + 1, 1, MOST_GOALS, "goals"));
        }
        StoredGoal goal = read(garden, id, request, product, now);
        FieldProblem.reading("everyDays", goal::goal);
        plans.insert(garden.id(), goal);
    }

    private static StoredGoal read(Garden garden, UUID id, AddGoal request, Product product, Instant now) {
        LocalDate today = garden.day(now);
        within("by", "The day", request.by(), today);
        request.until().ifPresent(day -> within("until", "The last day", day, request.by()));
        request.until().ifPresent(day -> within("until", "The last day", day, today));
        AmountReader reader = garden.reader();
        boolean mixed = request.strength().isPresent();
        Quantity typed = FieldProblem.reading(
                "amount", () -> reader.quantity("The amount", request.amount(), product.solid() && !mixed));
        Volume amount = product.volume(typed);
        String told = "";
        if (mixed) {
            Ratio ratio = FieldProblem.reading(
                    "strength",
                    () -> garden.strength("The strength", request.strength().get())
                            .ratio());
            told = amount.text(garden.units()) + " of " + product.name() + " at " + ratio.text();
            amount = ratio.brewIn(amount);
        }
        Optional<Integer> every = request.until().map(last -> (int) Math.round(FieldProblem.reading(
                "everyDays",
                () -> reader.number(
                        "The days from one to the next",
                        request.everyDays().orElse(""),
                        1,
                        Goal.Season.MOST_DAYS_APART))));
        return new StoredGoal(id, product.id(), amount, told, request.by(), request.until(), every, now);
    }

    private static void within(String field, String name, LocalDate day, LocalDate first) {
        LocalDate last = first.plusDays(FARTHEST_DAYS);
        if (day.isBefore(first) || day.isAfter(last)) {
            throw new FieldProblem(
                    field,
                    InvalidInput.unreadable(
                            name,
                            day.toString(),
                            "It must lie from " + first + " to " + last + ", about a year ahead."));
        }
    }

    /** @throws Missing where no such goal stands */
    @Transactional
    public void end(Garden garden, UUID id, Instant now) {
        plans.lock(garden.id());
        if (!plans.end(garden.id(), id, now)) {
            throw new Missing("goal");
        }
    }

    /**
     * Puts a goal off, or wants less of it.
     *
     * @throws Missing where no such goal stands
     * @throws FieldProblem for days or a share that can't be
     */
    @Transactional
    public void ease(Garden garden, UUID id, int days, double share, Instant now) {
        plans.lock(garden.id());
        if (!(days >= 0 && days <= FARTHEST_DAYS)) {
            throw new FieldProblem("days", InvalidInput.outOfRange("The days", days, 0, FARTHEST_DAYS, "days"));
        }
        if (!(share > 0 && share <= 1)) {
            throw new FieldProblem(
                    "share", InvalidInput.unreadable("The share", String.valueOf(share), "It is above 0, up to 1."));
        }
        StoredGoal goal = plans.goals(garden.id()).stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Missing("goal"));
        plans.update(garden.id(), goal.eased(days, share));
    }

    /**
     * Settles a way, a place, or that a brew is bought.
     *
     * @throws FieldProblem for a way that doesn't make it, or a number of days that can't be
     * @throws Missing where the garden has no such place
     */
    @Transactional
    public void settle(Garden garden, Settle request, Instant now) {
        plans.lock(garden.id());
        workshops.requirePlace(garden);
        Book book = books.current(garden);
        request.methodId().ifPresent(id -> {
            List<String> ways = book.making(request.product()).stream()
                    .map(method -> method.id())
                    .toList();
            if (!ways.contains(id)) {
                throw new FieldProblem("methodId", InvalidInput.notAChoice("The way", id, ways));
            }
        });
        request.placeId().ifPresent(id -> places.get(garden, id));
        Optional<Integer> fill = request.fillDays().map(text -> (int) Math.round(FieldProblem.reading(
                "fillDays",
                () -> garden.reader().number("The days until it is full", text, 1, Choices.MOST_FILL_DAYS))));
        StoredChoice before = plans.choices(garden.id()).stream()
                .filter(choice -> choice.product().equals(request.product()))
                .findFirst()
                .orElse(StoredChoice.open(request.product()));
        plans.settle(
                garden.id(),
                new StoredChoice(
                        request.product(),
                        request.methodId().or(before::methodId),
                        request.placeId().or(before::placeId),
                        request.bought().orElse(before.bought()),
                        fill.or(before::fillDays)));
    }

    /** Leaves everything about a brew to the plan again. */
    @Transactional
    public void unsettle(Garden garden, String product, Instant now) {
        plans.lock(garden.id());
        plans.unsettle(garden.id(), product);
    }

    /** Agrees to the plan as it is: from now on it moves as little as it can. */
    public void keep(Garden garden, Instant now) {
        List<Kept> all = laid(garden, now).kept();
        transactions.executeWithoutResult(status -> {
            plans.lock(garden.id());
            plans.keep(garden.id(), all);
        });
    }

    /**
     * Keeps steps that are new as they are planned now, and those agreed to before as they were; forgets what is no longer wanted.
     * It comes after every change of the plan, once that is stored.
     */
    public void keepNew(Garden garden, Instant now) {
        List<Kept> planned = laid(garden, now).kept();
        transactions.executeWithoutResult(status -> {
            plans.lock(garden.id());
            Map<String, Kept> before =
                    plans.kept(garden.id()).stream().collect(Collectors.toMap(Kept::step, Function.identity()));
            plans.keep(
                    garden.id(),
                    planned.stream()
                            .map(kept -> before.getOrDefault(kept.step(), kept))
                            .toList());
        });
    }

    private Plan laid(Garden garden, Instant now) {
        return remembered.of(workshops.read(garden, now)).plan();
    }

    /**
     * Links a pot to the step that it carries out.
     *
     * @throws Missing where the garden has no such pot at work
     */
    @Transactional
    public void carryOut(Garden garden, String step, UUID pot, Instant now) {
        plans.lock(garden.id());
        if (brews.all(garden, now).stream().noneMatch(brew -> brew.pot().equals(pot))) {
            throw new Missing("pot");
        }
        plans.link(garden.id(), step, pot, now);
    }

    /** A plan with what it was worked out from. */
    record Worked(Garden garden, Basis basis, Plan plan) {}

    /** Something that the plan sets soon. */
    public record Ahead(LocalDate day, String words) {}
}
