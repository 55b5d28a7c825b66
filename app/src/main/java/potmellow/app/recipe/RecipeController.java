package potmellow.app.recipe;

import java.time.Clock;
import java.time.Instant;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;

@RestController
class RecipeController {
    private final GardenService gardens;
    private final RecipeService recipes;
    private final Clock clock;

    RecipeController(GardenService gardens, RecipeService recipes, Clock clock) {
        this.gardens = gardens;
        this.recipes = recipes;
        this.clock = clock;
    }

    /** Works out a recipe; nothing is stored. */
    @PostMapping("/api/recipes")
    @NoAct
    RecipeView recipe(@RequestBody RecipeRequest request) {
        Garden garden = gardens.current();
        Instant at = request.setAt(garden, clock.instant()).latest();
        return new RecipeViews(garden, at).view(recipes.work(garden, request, at));
    }
}
