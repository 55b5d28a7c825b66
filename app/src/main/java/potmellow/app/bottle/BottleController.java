package potmellow.app.bottle;

import java.time.Clock;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.GardenService;

@RestController
class BottleController {
    private final GardenService gardens;
    private final BottleViews views;
    private final Clock clock;

    BottleController(GardenService gardens, BottleViews views, Clock clock) {
        this.gardens = gardens;
        this.views = views;
        this.clock = clock;
    }

    @GetMapping("/api/bottles")
    List<BottleView> bottles() {
        return views.all(gardens.current(), clock.instant());
    }
}
