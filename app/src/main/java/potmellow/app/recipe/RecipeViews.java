package potmellow.app.recipe;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.app.answer.Answer;
import potmellow.app.answer.CautionView;
import potmellow.app.answer.DayText;
import potmellow.app.answer.FindingView;
import potmellow.app.answer.WorkingView;
import potmellow.app.bottle.Bottle;
import potmellow.app.garden.Garden;
import potmellow.app.recipe.RecipeView.AmountView;
import potmellow.app.recipe.RecipeView.FillingView;
import potmellow.app.recipe.RecipeView.PartChoice;
import potmellow.app.recipe.RecipeView.StepLine;
import potmellow.app.recipe.RecipeView.SupplyView;
import potmellow.app.recipe.RecipeView.WaterView;
import potmellow.core.balance.Yield;
import potmellow.core.book.Book;
import potmellow.core.book.Caution;
import potmellow.core.book.Caution.Moment;
import potmellow.core.book.Instruction.When;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.book.Use;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredQuantity;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.pantry.LeadTime;
import potmellow.core.pantry.Supply;
import potmellow.core.ripening.ClockStart;
import potmellow.core.ripening.Expectation;
import potmellow.core.ripening.Forecast;
import potmellow.core.ripening.Pace;
import potmellow.core.ripening.Reason;
import potmellow.core.ripening.Ripening;
import potmellow.core.scaling.Packing;
import potmellow.core.scaling.Recipe;
import potmellow.core.scaling.RecipeStep;
import potmellow.core.scaling.Scaling;
import potmellow.core.scaling.ShellBalance;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.water.WaterStep;
import potmellow.core.working.Working;

/** Puts a worked recipe into the words of the screen, for a garden at a moment. */
record RecipeViews(Garden garden, Instant now) {
    RecipeView view(WorkedRecipe worked) {
        Recipe recipe = worked.recipe();
        Method method = recipe.method();
        Book book = worked.book();
        Product product = book.productOf(method);
        Stage first = method.stages().get(0);
        Instant setAt = setAt(recipe);
        Working<Yield> makes = own(worked, recipe.makes());
        return new RecipeView(
                method.id(),
                method.family(),
                method.product(),
                method.title(),
                method.school().name(),
                first.careWords(),
                method.lastStage().readyWhen(),
                book.collected(method),
                recipe.parts().stream()
                        .map(part -> amount(part, method, worked))
                        .toList(),
                worked.read(units()),
                recipe.limiting()
                        .map(limit -> new RecipeView.LimitView(
                                limit.partId(), limit.words(), WorkingView.of(limit.working()))),
                recipe.leftovers().stream()
                        .map(left -> left.amount().text(units()) + " of "
                                + left.name().toLowerCase(Locale.ROOT) + " left over")
                        .toList(),
                makes(makes),
                feeds(makes, product, worked.target()),
                product.uses().stream()
                        .filter(use -> use.status() == Use.Status.ALLOWED)
                        .map(use -> new RecipeView.TargetChoice(
                                use.target(),
                                use.target().words(),
                                use.usualRatio().text()))
                        .toList(),
                recipe.repeat().map(repeat -> new RecipeView.Told(repeat.words(), WorkingView.of(repeat.working()))),
                recipe.surplus().map(left -> new RecipeView.Told(left.words(), WorkingView.of(left.working()))),
                Answer.mass(recipe.contents(), units()),
                new RecipeView.VesselChoiceView(
                        worked.vesselId(),
                        worked.vessel().code(),
                        worked.vessel().kind(),
                        worked.vessel().kind().words(),
                        AmountText.volume(worked.vessel().capacity(), units())),
                split(worked.split()),
                lid(worked.lid(), method),
                new RecipeView.PlaceChoice(
                        worked.place().id(),
                        worked.place().name(),
                        AmountText.temperature(worked.spot().temperature(), units())),
                filling(recipe, method, worked.vessel()),
                recipe.water().map(this::water),
                setAt,
                forecast(worked, setAt),
                recipe.deviation().map(RecipeViews::deviation),
                FindingView.of(recipe.findings()),
                !recipe.refusals().isEmpty(),
                FindingView.of(recipe.crossChecks()),
                recipe.steps().stream().map(this::step).toList(),
                method.slips(),
                cautions(method, product, Moment.PICKING),
                cautions(method, product, Moment.SETTING),
                cautions(method, product, Moment.WORKING));
    }

    private UnitSystem units() {
        return garden.units();
    }

    /** Dangers of the product and of this way of making it, each once. */
    static List<CautionView> cautions(Method method, Product product, Moment moment) {
        Stream<Caution> own = method.cautions().stream().filter(caution -> caution.at() == moment);
        return CautionView.of(
                Stream.concat(product.cautions(moment).stream(), own).toList());
    }

    private Instant setAt(Recipe recipe) {
        return now.plus(Duration.ofMinutes(Math.round(recipe.hoursToSetting() * 60)));
    }

    private AmountView amount(Recipe.Amount part, Method method, WorkedRecipe worked) {
        Working<MeasuredQuantity> amount = part.amount();
        Part stated = method.part(part.id()).orElseThrow();
        return new AmountView(
                part.id(),
                part.name(),
                part.material().id(),
                part.material().name(),
                Answer.measured(amount, units()),
                part.also(),
                part.note(),
                stated.scales(),
                choices(stated, part.material(), worked.book()),
                worked.supplies().stream()
                        .filter(supply -> supply.partId().equals(part.id()))
                        .findFirst()
                        .map(supply -> supply(supply, worked.store())),
                worked.shellsLeft()
                        .filter(left -> part.material().is(Material.Role.SHELLS))
                        .map(left -> already(left, part)));
    }

    private RecipeView.Told already(Working<Mass> left, Recipe.Amount part) {
        Working<Mass> more = ShellBalance.toAdd(left, part.mass(), units());
        String rest = more.value().grams() > 0
                ? "add " + AmountText.mass(more.value(), units()) + "."
                : "nothing more of it is needed.";
        return new RecipeView.Told(
                "About " + AmountText.mass(left.value(), units()) + " of it lies there already from the pot before: "
                        + rest,
                WorkingView.of(more));
    }

    private SupplyView supply(Supply supply, List<Bottle> store) {
        Map<String, Bottle> bottles = store.stream().collect(Collectors.toMap(Bottle::code, Function.identity()));
        return new SupplyView(
                supply.words(units()),
                supply.taken().stream().map(one -> bottles.get(one.code()).id()).toList(),
                supply.could().stream()
                        .map(kept -> new RecipeView.SupplyBottle(
                                bottles.get(kept.code()).id(),
                                kept.code() + ", " + bottles.get(kept.code()).name() + ", "
                                        + supply.product().text(kept.level(), units()) + " left, good until "
                                        + DayText.withYear(kept.useBy())))
                        .toList(),
                supply.lead().map(lead -> missing(supply, lead)));
    }

    private RecipeView.MissingView missing(Supply supply, Working<LeadTime> lead) {
        Method first = lead.value().first();
        return new RecipeView.MissingView(
                "Made anew it takes " + lead.value().words() + ".",
                supply.product().id(),
                supply.product().text(supply.missing(), units()),
                lead.value().readyBy(garden.day(now)),
                first.id(),
                first.title() + ", " + first.school().name().toLowerCase(Locale.ROOT),
                WorkingView.of(lead));
    }

    /** The school's own first, then, for sugars, every other sugar of the book: also those that are refused, with the reason. */
    private static List<PartChoice> choices(Part part, Material chosen, Book book) {
        List<String> ids = new ArrayList<>(part.choices());
        if (book.sweetens(part)) {
            book.sugars().stream().map(Material::id).forEach(ids::add);
        }
        ids.add(chosen.id());
        return ids.stream()
                .distinct()
                .map(id -> new PartChoice(
                        id,
                        book.material(id).orElseThrow().name(),
                        part.choices().contains(id)))
                .toList();
    }

    /** What usually comes out, by the gardener's own pots where there are enough of them. */
    private Working<Yield> own(WorkedRecipe worked, Working<Yield> told) {
        return worked.own()
                .yield(worked.recipe().method())
                .map(own -> {
                    Quantity usual = told.value().usual().times(own.share());
                    Yield yield =
                            new Yield(told.value().least(), usual, told.value().most());
                    return told.then(yield, own.step(usual.text(units())));
                })
                .orElse(told);
    }

    private Answer makes(Working<Yield> makes) {
        Yield brew = makes.value();
        Answer usual = Answer.quantity(makes.map(Yield::usual), units());
        String span = brew.least().text(units()) + " – " + brew.most().text(units());
        boolean one = brew.least().base() == brew.most().base();
        return new Answer(usual.value(), usual.unit(), usual.text(), one ? usual.also() : span, usual.working());
    }

    private Optional<Answer> feeds(Working<Yield> makes, Product product, Optional<Target> asked) {
        Target target = asked.orElse(Target.SOIL);
        return Scaling.feed(makes, product, target, units()).map(feed -> {
            Answer answer = Answer.volume(feed, units());
            String where = target == Target.SOIL ? "" : " on " + target.words();
            return new Answer(
                    answer.value(),
                    answer.unit(),
                    answer.text() + " of feed" + where + " at "
                            + product.use(target).usualRatio().text(),
                    answer.also(),
                    answer.working());
        });
    }

    private String split(List<Vessel> split) {
        return split.isEmpty()
                ? ""
                : "Or split it: half into " + split.get(0).code() + " and half into "
                        + split.get(1).code() + ".";
    }

    private static RecipeView.LidChoice lid(Lid lid, Method method) {
        return new RecipeView.LidChoice(
                lid,
                lid.words(),
                Stream.of(Lid.values())
                        .map(one -> new RecipeView.LidOption(
                                one, one.words(), method.vessel().lids().contains(one)))
                        .toList());
    }

    private static FillingView filling(Recipe recipe, Method method, Vessel vessel) {
        Filling filling = recipe.filling().value();
        double needed = 1 - method.vessel().fillShare(vessel);
        return new FillingView(
                filling.mashShare(),
                filling.capShare(),
                filling.settledShare(),
                filling.headspaceShare(),
                needed,
                AmountText.percent(Packing.headspace(filling, needed)),
                AmountText.percent(needed),
                filling.sinks() ? filling.settlesWords() : "",
                WorkingView.of(recipe.filling()));
    }

    private WaterView water(WaterStep water) {
        return new WaterView(
                water.treatment(),
                water.words(),
                water.stands(),
                water.ways().stream()
                        .map(way -> new RecipeView.WaterWay(way, way.words()))
                        .toList(),
                WorkingView.of(water.working()));
    }

    private ForecastView forecast(WorkedRecipe worked, Instant setAt) {
        Method method = worked.recipe().method();
        Stage last = method.lastStage();
        Pace pace = Pace.of(method.family(), last);
        Temperature usual = worked.spot().temperature();
        Ripening ripening = new Ripening(pace, moment -> worked.place().model().at(moment, worked.outdoors()));
        Expectation expectation =
                worked.own().expectation(method, method.stages().size() - 1);
        Working<Forecast> forecast =
                Forecast.of(last, expectation, ripening, ClockStart.set(setAt), setAt, usual, units());
        String reason = new Reason(last, expectation, pace, forecast.value(), usual).words(units());
        return ForecastView.of(forecast, reason, garden);
    }

    private StepLine step(RecipeStep step) {
        Optional<Instant> at = step.hoursFromNow().map(hours -> now.plus(Duration.ofMinutes(Math.round(hours * 60))));
        String clock = at.map(moment -> DayText.clock(moment, now, garden.wall()))
                .orElse(step.when() == When.READY ? "when it is ready" : "while it works");
        String hurry = step.withinHours() == 0
                ? ""
                : step.withinHours() == 1
                        ? "within the hour"
                        : "within " + AmountText.number(step.withinHours()) + " hours";
        return new StepLine(step.words(), at, clock, hurry);
    }

    private static RecipeView.Deviation deviation(Working<Double> deviation) {
        String sign = deviation.value() > 0 ? "+" : "−";
        return new RecipeView.Deviation(
                sign + AmountText.percent(Math.abs(deviation.value())), WorkingView.of(deviation));
    }
}
