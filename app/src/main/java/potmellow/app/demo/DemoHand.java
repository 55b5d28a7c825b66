package potmellow.app.demo;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import potmellow.app.batch.BatchService;
import potmellow.app.batch.PotRequests.AddCheck;
import potmellow.app.batch.PotRequests.SetPot;
import potmellow.app.batch.PotRequests.Strain;
import potmellow.app.bottle.Bottle;
import potmellow.app.garden.Garden;
import potmellow.app.mix.MixRequest;
import potmellow.app.mix.MixService;
import potmellow.app.place.Place;
import potmellow.app.planting.Planting;
import potmellow.app.recipe.RecipeRequest;
import potmellow.app.vessel.OwnVessel;
import potmellow.core.book.Act;
import potmellow.core.strength.Target;

/** Does in the sample world what a gardener does, at moments counted back from the clock. */
@Component
class DemoHand {
    private final Clock clock;
    private final BatchService batches;
    private final MixService mixes;

    DemoHand(Clock clock, BatchService batches, MixService mixes) {
        this.clock = clock;
        this.batches = batches;
        this.mixes = mixes;
    }

    /** Sets a pot from one amount in hand. */
    UUID set(Garden garden, String name, String method, Stand stand, double daysAgo, Map<String, String> inHand) {
        RecipeRequest recipe = RecipeRequest.inHand(
                method, inHand, stand.vessel().id(), stand.place().id());
        return batches.set(garden, id(name + daysAgo), new SetPot(name, recipe), ago(daysAgo));
    }

    void check(Garden garden, UUID pot, double daysAgo, Act act, Map<String, String> signs, String warmth) {
        batches.check(
                garden,
                pot,
                id(pot + " " + daysAgo),
                new AddCheck(act, signs, Optional.of(warmth), Optional.empty(), Optional.empty()),
                ago(daysAgo));
    }

    Bottle strain(Garden garden, UUID pot, String name, String volume, String keepId, boolean early, double daysAgo) {
        return batches.strain(garden, pot, id("bottle " + name), new Strain(volume, keepId, early), ago(daysAgo));
    }

    void throwAway(Garden garden, UUID pot, String reason, double daysAgo) {
        batches.throwAway(garden, pot, reason, ago(daysAgo));
    }

    void pour(Garden garden, Bottle bottle, Planting planting, Target target, String mix, double daysAgo) {
        mixes.pour(
                garden,
                id("feed " + bottle.name() + daysAgo),
                new MixRequest(
                        bottle.id(),
                        Optional.of(planting.id()),
                        target,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(mix),
                        "10 L",
                        List.of()),
                ago(daysAgo));
    }

    private Instant ago(double days) {
        return clock.instant()
                .minus(Duration.ofMinutes(Math.round(days * 24 * 60)))
                .minus(Duration.ofHours(1));
    }

    /** The same at every start, so that pictures and links stay the same. */
    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(("gull loft " + name).getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Where a pot stands.
     *
     * @param vessel in what
     * @param place at which place
     */
    record Stand(OwnVessel vessel, Place place) {}
}
