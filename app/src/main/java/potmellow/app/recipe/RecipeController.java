package potmellow.app.recipe;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.answer.Answer;
import potmellow.app.answer.CautionView;
import potmellow.app.answer.FindingView;
import potmellow.app.answer.WorkingView;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.recipe.RecipeView.AmountView;
import potmellow.app.recipe.RecipeView.Deviation;
import potmellow.app.recipe.RecipeView.FillingView;
import potmellow.app.recipe.RecipeView.LidChoice;
import potmellow.app.recipe.RecipeView.PlaceChoice;
import potmellow.app.recipe.RecipeView.VesselChoice;
import potmellow.core.book.Book;
import potmellow.core.book.Caution.Moment;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.MeasuredMass;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.UnitSystem;
import potmellow.core.ripening.CardinalTemperatures;
import potmellow.core.ripening.Forecast;
import potmellow.core.ripening.PotTemperature;
import potmellow.core.ripening.Ripening;
import potmellow.core.scaling.Recipe;
import potmellow.core.scaling.Recipe.Yield;
import potmellow.core.scaling.Scaling;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Filling;
import potmellow.core.working.Working;

@RestController
class RecipeController {
    private final GardenService gardens;
    private final RecipeService recipes;
    private final Book book;
    private final Clock clock;

    RecipeController(GardenService gardens, RecipeService recipes, Book book, Clock clock) {
        this.gardens = gardens;
        this.recipes = recipes;
        this.book = book;
        this.clock = clock;
    }

    /** Works out a recipe; nothing is stored. */
    @PostMapping("/api/recipes")
    RecipeView recipe(@RequestBody RecipeRequest request) {
        Garden garden = gardens.current();
        return view(garden, recipes.work(garden, request), clock.instant());
    }

    private RecipeView view(Garden garden, WorkedRecipe worked, Instant now) {
        Recipe recipe = worked.recipe();
        Method method = recipe.method();
        UnitSystem units = garden.units();
        Product product = book.productOf(method);
        Stage first = method.stages().get(0);
        return new RecipeView(
                method.id(),
                method.school().name(),
                first.care().map(Stage.Care::words).orElse("leave it alone"),
                recipe.parts().stream().map(part -> amount(part, units)).toList(),
                makes(recipe.makes(), units),
                feeds(recipe.makes(), product, units),
                Answer.mass(recipe.contents(), units),
                new VesselChoice(
                        worked.vesselId(),
                        worked.vessel().code(),
                        worked.vessel().kind(),
                        AmountText.volume(worked.vessel().capacity(), units)),
                new LidChoice(worked.lid(), worked.lid().words()),
                worked.sugar().id(),
                new PlaceChoice(
                        worked.place().id(),
                        worked.place().name(),
                        AmountText.temperature(worked.place().temperature(), units)),
                filling(recipe.filling(), method),
                forecast(garden, worked, now),
                recipe.deviation().map(RecipeController::deviation),
                FindingView.of(recipe.findings()),
                !recipe.refusals().isEmpty(),
                recipe.steps(),
                method.slip(),
                CautionView.of(product.cautions(Moment.PICKING)),
                CautionView.of(product.cautions(Moment.SETTING)));
    }

    private AmountView amount(Recipe.Amount part, UnitSystem units) {
        String material = book.material(part.material()).orElseThrow().name();
        return new AmountView(
                part.id(),
                part.name(),
                material,
                Answer.mass(part.mass().map(MeasuredMass::measured), units),
                part.byVolume().map(MeasuredVolume::text).map(text -> units == UnitSystem.US ? text : text + " (US)"));
    }

    private static Answer makes(Working<Yield> makes, UnitSystem units) {
        Yield juice = makes.value();
        Answer usual = Answer.volume(makes.map(Yield::usual), units);
        String span = AmountText.volume(juice.least(), units) + " – " + AmountText.volume(juice.most(), units);
        return new Answer(usual.value(), usual.unit(), usual.text(), span, usual.working());
    }

    private static Answer feeds(Working<Yield> makes, Product product, UnitSystem units) {
        Answer answer = Answer.volume(Scaling.feed(makes, product, units), units);
        String strength = product.use(Target.SOIL).usualRatio().text();
        return new Answer(
                answer.value(),
                answer.unit(),
                answer.text() + " of feed at " + strength,
                answer.also(),
                answer.working());
    }

    private static FillingView filling(Working<Filling> working, Method method) {
        Filling filling = working.value();
        double needed = method.vessel().headspaceShare().value();
        return new FillingView(
                filling.mashShare(),
                filling.capShare(),
                filling.settledShare(),
                filling.headspaceShare(),
                needed,
                AmountText.percent(filling.headspaceShare()),
                AmountText.percent(needed),
                filling.settlesWords(),
                WorkingView.of(working));
    }

    private static ForecastView forecast(Garden garden, WorkedRecipe worked, Instant now) {
        Stage last = worked.recipe().method().lastStage();
        CardinalTemperatures rates =
                CardinalTemperatures.of(worked.recipe().method().family());
        PotTemperature warmth = new PotTemperature(worked.place().temperature(), List.of());
        Working<Forecast> forecast = Forecast.of(
                last, new Ripening(rates, warmth::at), now, now, worked.place().temperature(), garden.units());
        String reason = Forecast.reason(last, rates, worked.place().temperature(), garden.units());
        return ForecastView.of(forecast, reason, garden);
    }

    private static Deviation deviation(Working<Double> deviation) {
        String sign = deviation.value() > 0 ? "+" : "−";
        return new Deviation(sign + AmountText.percent(Math.abs(deviation.value())), WorkingView.of(deviation));
    }
}
