package potmellow.app.garden;

import java.time.ZoneId;
import java.util.Optional;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import potmellow.app.Settings;
import potmellow.core.measure.UnitSystem;
import potmellow.core.moment.Clockface;
import potmellow.core.moment.WallClock;
import potmellow.core.naming.PlainName;
import potmellow.core.scaling.Setting;
import potmellow.core.water.Tap;
import potmellow.core.weather.Climate;

/** Lays out a garden where there is none, before the first page can be asked for. The first run asks for the rest. */
@Component
class FirstGarden implements SmartInitializingSingleton {
    private final GardenService gardens;
    private final Settings settings;

    FirstGarden(GardenService gardens, Settings settings) {
        this.gardens = gardens;
        this.settings = settings;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (gardens.find().isEmpty() && !settings.demo()) {
            gardens.create(
                    new PlainName("My garden"),
                    new WallClock(ZoneId.systemDefault(), Clockface.HOURS_24),
                    new GardenService.Answers(
                            UnitSystem.METRIC, Tap.UNKNOWN, Climate.MARITIME, Optional.empty(), Setting.USUAL_LIFT),
                    false);
        }
    }
}
