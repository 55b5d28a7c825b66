package potmellow.app.garden;

import java.time.ZoneId;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import potmellow.app.Settings;
import potmellow.core.measure.UnitSystem;
import potmellow.core.naming.PlainName;

/** Lays out a garden where there is none, before the first page can be asked for. */
@Component
class FirstGarden implements SmartInitializingSingleton {
    private final GardenService gardens;
    private final Settings settings;
    private final GardenLayout layout;

    FirstGarden(GardenService gardens, Settings settings, GardenLayout layout) {
        this.gardens = gardens;
        this.settings = settings;
        this.layout = layout;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (gardens.find().isEmpty() && !settings.demo()) {
            layout.furnish(gardens.create(new PlainName("My garden"), ZoneId.systemDefault(), UnitSystem.METRIC));
        }
    }
}
