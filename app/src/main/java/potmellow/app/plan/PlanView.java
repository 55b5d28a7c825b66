package potmellow.app.plan;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.app.answer.WorkingView;
import potmellow.app.garden.Garden;
import potmellow.core.book.Book;
import potmellow.core.book.Caution;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.measure.Volume;
import potmellow.core.planning.Note;
import potmellow.core.planning.Plan;
import potmellow.core.planning.Spot;
import potmellow.core.planning.Stored;
import potmellow.core.planning.UsualGoal;
import potmellow.core.planning.Workshop;
import potmellow.core.water.WaterStep;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.FrostDates;
import potmellow.core.weather.Weather;

/**
 * The plan as the browser shows it.
 *
 * @param until the last day that anything in it happens on
 * @param started pots at work that goals count on
 * @param frosts days of frost, as far as it is forecast
 * @param rains days of rain, as far as it is forecast
 * @param frostDates the usual last frost of spring and first of autumn in these days
 * @param usual what a goal begins as
 */
record PlanView(
        LocalDate today,
        LocalDate until,
        List<GoalView> goals,
        List<PlanStepView> steps,
        List<StartedView> started,
        List<TakenView> taken,
        List<TakenView> bought,
        List<GatherView> gather,
        List<PlanNoteView> notes,
        List<Plan.Moved> moved,
        List<PlanChoiceView> choices,
        List<LocalDate> frosts,
        List<LocalDate> rains,
        List<LocalDate> frostDates,
        UsualGoal usual) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter WITH_YEAR = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final int FORECAST_DAYS = 12;

    static PlanView of(PlanService.Worked worked) {
        return new Writer(worked).view();
    }

    /**
     * A goal and what becomes of it.
     *
     * @param words what is wanted when
     * @param lateDays by how many days its latest portion is late
     * @param missing what can't be had of it; empty where all can
     * @param outcome that in words
     * @param portions what is still to come
     */
    record GoalView(
            UUID id,
            String product,
            String name,
            String words,
            int lateDays,
            String missing,
            String outcome,
            List<PortionView> portions) {}

    /**
     * @param hopeful the day it is there with luck
     * @param ready the day it is surely there
     */
    record PortionView(LocalDate day, String amount, LocalDate hopeful, LocalDate ready, int lateDays) {}

    /**
     * A pot to set.
     *
     * @param wanted what it gives, as it would be typed
     * @param setWords when it is set, such as "Sun 3 May, 20:00"
     * @param startable whether it may be set today without coming sooner than it should
     * @param goals ids of the goals it serves, directly or not
     * @param fill how long it takes to fill; absent for what is set at once
     * @param water what is done to the water first; empty where nothing is
     * @param spare what is left over of it, and what that could do; empty where next to nothing is
     */
    record PlanStepView(
            String id,
            String methodId,
            String title,
            String school,
            String wanted,
            UUID vesselId,
            String code,
            UUID placeId,
            String place,
            LocalDate start,
            String setWords,
            LocalDate hopeful,
            LocalDate emptied,
            LocalDate safe,
            LocalDate latest,
            int slackDays,
            boolean critical,
            boolean startable,
            List<PlanUseView> uses,
            List<UUID> goals,
            List<String> inputs,
            List<PlanPartView> parts,
            Optional<FillView> fill,
            String water,
            String spare,
            WorkingView working,
            List<String> cautions) {}

    /** What is filled bit by bit, and in how many days; settled for its product. */
    record FillView(String product, int days) {}

    /** @param words what for, such as "into culture bran" */
    record PlanUseView(LocalDate day, String words, String amount) {}

    record PlanPartView(String name, String amount, boolean brewed) {}

    /**
     * A pot at work that the plan counts on.
     *
     * @param step the step that it carries out; empty where it carries out none
     */
    record StartedView(
            UUID potId,
            String code,
            String name,
            String step,
            LocalDate hopeful,
            LocalDate safe,
            List<PlanUseView> uses) {}

    /** @param words what is taken, for what */
    record TakenView(LocalDate day, String name, String words) {}

    /**
     * @param found where it comes from
     * @param weekly whether the day stands for its week
     * @param caution what to mind when gathering it; empty where nothing
     * @param titles what it is for
     */
    record GatherView(
            LocalDate day,
            String material,
            String amount,
            Material.Found found,
            boolean weekly,
            String caution,
            List<String> titles) {}

    record PlanNoteView(
            Note.Kind kind, String words, List<String> goals, List<String> steps, List<Note.Remedy> remedies) {}

    /** @param words what was settled */
    record PlanChoiceView(String product, String name, String words) {}

    /** Puts a plan into words. */
    private record Writer(
            Garden garden,
            Workshop workshop,
            Book book,
            Plan plan,
            List<StoredGoal> goals,
            List<StoredChoice> choices,
            Map<String, Plan.Step> steps) {
        Writer(PlanService.Worked worked) {
            this(
                    worked.garden(),
                    worked.basis().workshop(),
                    worked.basis().workshop().book(),
                    worked.plan(),
                    worked.basis().goals(),
                    worked.basis().choices(),
                    worked.plan().steps().stream().collect(Collectors.toMap(Plan.Step::id, Function.identity())));
        }

        PlanView view() {
            LocalDate until = until();
            return new PlanView(
                    plan.today(),
                    until,
                    goals.stream().map(this::goal).toList(),
                    plan.steps().stream().map(this::step).toList(),
                    started(),
                    taken(),
                    plan.bought().stream()
                            .map(bought -> new TakenView(
                                    bought.use().day(),
                                    bought.product().name(),
                                    amount(bought.product(), bought.use().amount()) + ", " + purpose(bought.use())))
                            .toList(),
                    plan.gathered().stream().map(this::gather).toList(),
                    plan.notes().stream()
                            .map(note -> new PlanNoteView(
                                    note.kind(), note.words(), note.goals(), note.steps(), note.remedies()))
                            .toList(),
                    plan.moved(),
                    choices.stream().map(this::choice).toList(),
                    forecast(DayWeather::frost),
                    forecast(DayWeather::wet),
                    frostDates(until),
                    UsualGoal.of(book, plan.today()));
        }

        private LocalDate until() {
            LocalDate last = plan.today().plusDays(28);
            for (Plan.Step step : plan.steps()) {
                last = later(last, step.safe());
            }
            for (Plan.Outcome outcome : plan.outcomes()) {
                for (Plan.Portion portion : outcome.portions()) {
                    last = later(last, portion.ready());
                }
            }
            return last;
        }

        private static LocalDate later(LocalDate one, LocalDate other) {
            return one.isAfter(other) ? one : other;
        }

        private String words(LocalDate day) {
            return (day.isAfter(plan.today().plusDays(180)) ? WITH_YEAR : DAY).format(day);
        }

        private String amount(Product product, Volume amount) {
            return product.text(amount, garden.units());
        }

        private GoalView goal(StoredGoal stored) {
            Product product = book.product(stored.product());
            Plan.Outcome outcome = plan.outcomes().stream()
                    .filter(one -> one.goal().id().equals(stored.id().toString()))
                    .findFirst()
                    .orElseThrow();
            String what = stored.told().isEmpty()
                    ? amount(product, stored.amount()) + " of " + product.name()
                    : stored.told();
            String when = stored.last()
                    .map(last -> " every " + stored.everyDays().orElseThrow() + " days, " + words(stored.first())
                            + " to " + words(last))
                    .orElse(" by " + words(stored.first()));
            boolean missing = outcome.missing().millilitres() > 0;
            return new GoalView(
                    stored.id(),
                    product.id(),
                    product.name(),
                    what + when,
                    outcome.lateDays(),
                    missing ? amount(product, outcome.missing()) : "",
                    outcome(outcome, product),
                    outcome.portions().stream()
                            .map(portion -> new PortionView(
                                    portion.wanted().day(),
                                    amount(product, portion.wanted().amount()),
                                    portion.hopeful(),
                                    portion.ready(),
                                    portion.lateDays()))
                            .toList());
        }

        private String outcome(Plan.Outcome outcome, Product product) {
            if (outcome.portions().isEmpty()) {
                return "over";
            }
            if (outcome.missing().millilitres() > 0) {
                return amount(product, outcome.missing()) + " can't be had";
            }
            return outcome.lateDays() == 0
                    ? "in time"
                    : outcome.lateDays() + (outcome.lateDays() == 1 ? " day late" : " days late");
        }

        private PlanStepView step(Plan.Step step) {
            Method method = step.method();
            return new PlanStepView(
                    step.id(),
                    method.id(),
                    method.title(),
                    method.school().name(),
                    amount(step.product(), step.amount()),
                    UUID.fromString(step.vat().id()),
                    step.vat().vessel().code(),
                    UUID.fromString(step.spot().id()),
                    step.spot().name(),
                    step.start(),
                    words(garden.day(step.setAt())) + ", " + garden.wall().time(step.setAt()),
                    step.hopeful(),
                    step.emptied(),
                    step.safe(),
                    step.latest(),
                    step.slackDays(),
                    step.critical(),
                    startable(step),
                    step.uses().stream().map(use -> use(step.product(), use)).toList(),
                    goalsOf(step).stream().distinct().map(UUID::fromString).toList(),
                    step.inputs(),
                    step.recipe().parts().stream()
                            .map(part -> new PlanPartView(
                                    part.name(),
                                    part.measured().text(garden.units()),
                                    part.material().product().isPresent()))
                            .toList(),
                    fill(method),
                    step.recipe()
                            .water()
                            .filter(WaterStep::stands)
                            .map(WaterStep::words)
                            .orElse(""),
                    step.spare(garden.units()).orElse(""),
                    WorkingView.of(step.working()),
                    step.cautions());
        }

        private Optional<FillView> fill(Method method) {
            return method.filledOverDays()
                    ? Optional.of(
                            new FillView(method.product(), workshop.choices().fillDays()))
                    : Optional.empty();
        }

        /** What is made of other brews can be set only when these are there. */
        private boolean startable(Plan.Step step) {
            return step.inputs().isEmpty() && !step.start().isAfter(plan.today().plusDays(60));
        }

        private List<String> goalsOf(Plan.Step step) {
            List<String> found = new ArrayList<>();
            for (Plan.UsedFor use : step.uses()) {
                use.goal().ifPresent(found::add);
                use.step().map(steps::get).ifPresent(pot -> found.addAll(goalsOf(pot)));
            }
            return found;
        }

        private PlanUseView use(Product product, Plan.UsedFor use) {
            return new PlanUseView(use.day(), purpose(use), amount(product, use.amount()));
        }

        private String purpose(Plan.UsedFor use) {
            return use.goal()
                    .map(goal -> "for the goal of " + words(use.day()))
                    .orElseGet(() -> "into " + lower(use.title()) + " on " + words(use.day()));
        }

        private static String lower(String title) {
            return title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
        }

        private List<StartedView> started() {
            Map<Stored, List<Plan.UsedFor>> byPot = plan.taken().stream()
                    .filter(taken -> taken.stored().pot().isPresent())
                    .collect(Collectors.groupingBy(
                            Plan.Taken::stored, Collectors.mapping(Plan.Taken::use, Collectors.toList())));
            return workshop.stored().stream()
                    .filter(stored -> stored.pot().isPresent())
                    .filter(stored -> stored.step().isPresent() || byPot.containsKey(stored))
                    .map(stored -> new StartedView(
                            UUID.fromString(stored.pot().orElseThrow()),
                            stored.code(),
                            stored.name(),
                            stored.step().orElse(""),
                            stored.hopeful(),
                            stored.from(),
                            byPot.getOrDefault(stored, List.of()).stream()
                                    .map(use -> use(book.product(stored.product()), use))
                                    .toList()))
                    .toList();
        }

        private List<TakenView> taken() {
            return plan.taken().stream()
                    .filter(taken -> taken.stored().pot().isEmpty())
                    .map(taken -> new TakenView(
                            taken.use().day(),
                            taken.stored().code() + " " + taken.stored().name(),
                            amount(
                                            book.product(taken.stored().product()),
                                            taken.use().amount()) + ", " + purpose(taken.use())))
                    .toList();
        }

        private GatherView gather(Plan.Gathered gathered) {
            List<Plan.Step> of = gathered.forSteps().stream().map(steps::get).toList();
            String caution = gathered.material().found() != Material.Found.WILD
                    ? ""
                    : of.stream()
                            .flatMap(step -> Stream.concat(
                                    step.product().cautions(Caution.Moment.PICKING).stream(),
                                    step.method().cautions().stream()
                                            .filter(one -> one.at() == Caution.Moment.PICKING)))
                            .map(Caution::words)
                            .distinct()
                            .collect(Collectors.joining(" "));
            return new GatherView(
                    gathered.day(),
                    gathered.material().name(),
                    gathered.amount().text(garden.units()),
                    gathered.material().found(),
                    gathered.material().found() == Material.Found.BOUGHT,
                    caution,
                    of.stream().map(step -> step.method().title()).distinct().toList());
        }

        private PlanChoiceView choice(StoredChoice choice) {
            List<String> words = new ArrayList<>();
            choice.methodId()
                    .flatMap(book::method)
                    .ifPresent(method -> words.add("made “" + method.school().name() + "”"));
            choice.placeId()
                    .flatMap(id -> workshop.spots().stream()
                            .filter(spot -> spot.id().equals(id.toString()))
                            .findFirst())
                    .map(Spot::name)
                    .ifPresent(place -> words.add("at " + place));
            if (choice.bought()) {
                words.add("bought");
            }
            choice.fillDays().ifPresent(days -> words.add("full in " + days + " days"));
            String name = book.products().stream()
                    .filter(product -> product.id().equals(choice.product()))
                    .map(Product::name)
                    .findFirst()
                    .orElse(choice.product());
            return new PlanChoiceView(choice.product(), name, String.join(", ", words));
        }

        private List<LocalDate> forecast(Predicate<DayWeather> what) {
            Weather weather = workshop.outdoors().weather();
            return plan.today()
                    .datesUntil(plan.today().plusDays(FORECAST_DAYS))
                    .map(weather::on)
                    .filter(day -> day.origin() != DayWeather.Origin.USUAL && what.test(day))
                    .map(DayWeather::day)
                    .toList();
        }

        private List<LocalDate> frostDates(LocalDate until) {
            List<LocalDate> dates = new ArrayList<>();
            for (int year = plan.today().getYear(); year <= until.getYear(); year++) {
                FrostDates usual =
                        FrostDates.of(garden.climate(), year, garden.units()).value();
                usual.lastOfSpring().ifPresent(dates::add);
                usual.firstOfAutumn().ifPresent(dates::add);
            }
            return dates.stream()
                    .filter(day -> !day.isBefore(plan.today()) && !day.isAfter(until))
                    .toList();
        }
    }
}
