package potmellow.app.demo;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.mix.MixRequest;
import potmellow.app.mix.MixRequest.BrewWish;
import potmellow.app.mix.MixService;
import potmellow.app.place.Place;
import potmellow.app.planting.CropService;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.pot.BatchService;
import potmellow.app.pot.EndService;
import potmellow.app.pot.MoveService;
import potmellow.app.pot.PotRequests.AddCheck;
import potmellow.app.pot.PotRequests.FillBottle;
import potmellow.app.pot.PotRequests.MovePot;
import potmellow.app.pot.PotRequests.SetPot;
import potmellow.app.pot.PotRequests.Strain;
import potmellow.app.pot.PotRequests.UseUp;
import potmellow.app.pot.VisitService;
import potmellow.app.recipe.RecipeRequest;
import potmellow.app.said.SaidAt;
import potmellow.app.vessel.OwnVessel;
import potmellow.core.craft.Act;
import potmellow.core.feeding.Look;
import potmellow.core.feeding.Need;
import potmellow.core.meter.Meter;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;
import potmellow.core.rule.Finding;
import potmellow.core.strength.Target;

/** Does in the sample world what a gardener does, at moments counted back from the clock. */
@Component
class DemoHand {
    /** The sample world may begin on any day of the year, so now and then frost is taken on by decision. */
    private static final List<String> TAKEN_ON = List.of("frost");

    private final Clock clock;
    private final BatchService batches;
    private final MoveService moves;
    private final VisitService visits;
    private final EndService ends;
    private final MixService mixes;
    private final BottleService bottles;
    private final PlantingService plantings;
    private final CropService crops;

    DemoHand(
            Clock clock,
            BatchService batches,
            MoveService moves,
            VisitService visits,
            EndService ends,
            MixService mixes,
            BottleService bottles,
            PlantingService plantings,
            CropService crops) {
        this.clock = clock;
        this.batches = batches;
        this.moves = moves;
        this.visits = visits;
        this.ends = ends;
        this.mixes = mixes;
        this.bottles = bottles;
        this.plantings = plantings;
        this.crops = crops;
    }

    /** Sets a pot from one amount in hand. */
    UUID set(Garden garden, String name, String method, Stand stand, double daysAgo, Map<String, String> inHand) {
        return set(garden, name, method, stand, daysAgo, inHand, Map.of(), "");
    }

    /** Sets a pot whose brewed parts come from bottles, or that was collected somewhere. */
    UUID set(
            Garden garden,
            String name,
            String method,
            Stand stand,
            double daysAgo,
            Map<String, String> inHand,
            Map<String, UUID> from,
            String origin) {
        RecipeRequest recipe = RecipeRequest.inHand(
                method, inHand, stand.vessel().id(), stand.place().id());
        Map<String, List<UUID>> bottlesOf = new HashMap<>();
        from.forEach((part, bottle) -> bottlesOf.put(part, List.of(bottle)));
        SetPot wish = new SetPot(name, recipe.waterReady().from(bottlesOf), TAKEN_ON, Optional.of(origin));
        return batches.set(garden, id(name + daysAgo), wish, ago(daysAgo));
    }

    void check(Garden garden, UUID pot, double daysAgo, Act act, Map<String, String> signs, String warmth) {
        Map<Meter, String> readings = warmth.isEmpty() ? Map.of() : Map.of(Meter.THERMOMETER, warmth);
        visits.check(garden, pot, id(pot + " " + daysAgo), AddCheck.of(act, signs, readings), SaidAt.now(ago(daysAgo)));
    }

    /** A visit with readings. */
    void read(Garden garden, UUID pot, double daysAgo, Map<Meter, String> readings, Map<String, String> signs) {
        visits.check(
                garden,
                pot,
                id(pot + " " + daysAgo),
                AddCheck.of(Act.LOOKED, signs, readings),
                SaidAt.now(ago(daysAgo)));
    }

    void move(Garden garden, UUID pot, Place place, double daysAgo) {
        moves.move(garden, pot, new MovePot(Optional.of(place.id()), Optional.empty(), TAKEN_ON), ago(daysAgo));
    }

    void hold(Garden garden, UUID pot, double daysAgo) {
        ends.hold(garden, pot, ago(daysAgo));
    }

    void keepOn(Garden garden, Bottle bottle, int days, String words, double daysAgo) {
        Instant at = ago(daysAgo);
        bottles.keepOn(garden, bottle.id(), garden.day(at).plusDays(days), words, at);
    }

    void useUp(Garden garden, UUID pot, double daysAgo) {
        ends.useUp(garden, pot, new UseUp(false, true), ago(daysAgo));
    }

    void letGo(Garden garden, Bottle bottle, String reason, double daysAgo) {
        bottles.letGo(garden, bottle.id(), reason, ago(daysAgo));
    }

    /** The bottle of a name. */
    Optional<UUID> bottle(Garden garden, String name) {
        return bottles.inStore(garden).stream()
                .filter(bottle -> bottle.name().equals(name))
                .map(Bottle::id)
                .findFirst();
    }

    void stand(Garden garden, Bottle bottle, Place place) {
        bottles.move(garden, bottle.id(), place.id());
    }

    Bottle strain(Garden garden, UUID pot, String name, String volume, String keepId, boolean early, double daysAgo) {
        Strain strain =
                new Strain(List.of(new FillBottle(volume, keepId, Optional.empty(), false)), early, false, false);
        return ends.strain(garden, pot, id("bottle " + name + daysAgo), strain, ago(daysAgo))
                .get(0);
    }

    void throwAway(Garden garden, UUID pot, String reason, double daysAgo) {
        ends.throwAway(garden, pot, reason, ago(daysAgo));
    }

    /** Pours at the advised strength; what was unwise on that day was decided on. */
    void pour(Garden garden, Bottle bottle, Planting planting, Target target, String mix, double daysAgo) {
        pour(garden, List.of(BrewWish.of(bottle.id())), planting, target, mix, daysAgo);
    }

    /** Pours several brews in one water. */
    void pour(Garden garden, List<BrewWish> brews, Planting planting, Target target, String mix, double daysAgo) {
        MixRequest plain = request(brews, planting, target, mix, List.of());
        List<String> unwise = mixes.work(garden, plain, ago(daysAgo)).confirmations().stream()
                .map(Finding::rule)
                .toList();
        mixes.pour(
                garden,
                id("feed " + planting.name() + daysAgo),
                request(brews, planting, target, mix, unwise),
                SaidAt.now(ago(daysAgo)));
    }

    /** What the tool said to a mix that it refused. */
    String refused(Garden garden, Bottle bottle, Planting planting, Target target, String mix, double daysAgo) {
        MixRequest request = request(List.of(BrewWish.of(bottle.id())), planting, target, mix, List.of());
        return mixes.work(garden, request, ago(daysAgo)).refusals().get(0).words();
    }

    private static MixRequest request(
            List<BrewWish> brews, Planting planting, Target target, String mix, List<String> confirmed) {
        return new MixRequest(
                brews,
                List.of(planting.id()),
                target,
                Optional.empty(),
                Optional.of(mix),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "10 L",
                Optional.empty(),
                Optional.empty(),
                confirmed);
    }

    Planting plant(Garden garden, String name, String crop, Need size, GrowthStage stage, double daysAgo) {
        return plantings.add(
                garden,
                id("planting " + name),
                Planting.About.of(name, crops.find(garden, crop).orElseThrow(), size, false, Optional.empty()),
                stage,
                ago(daysAgo));
    }

    void grow(Garden garden, Planting planting, GrowthStage stage, double daysAgo) {
        plantings.grow(garden, planting.id(), stage, ago(daysAgo));
    }

    void look(Garden garden, Planting planting, Look look, boolean dry, String note, double daysAgo) {
        plantings.look(garden, id("look " + planting.name() + daysAgo), planting.id(), look, dry, note, ago(daysAgo));
    }

    void water(Garden garden, Planting planting, double daysAgo) {
        plantings.water(garden, id("water " + planting.name() + daysAgo), planting.id(), ago(daysAgo));
    }

    /** Says when a planting will be picked, and what it stands in. */
    void describe(Garden garden, Planting planting, SoilKind soil, int daysToPicking) {
        Planting.About about = plantings.get(garden, planting.id()).about();
        plantings.change(
                garden,
                planting.id(),
                new Planting.About(
                        about.name(),
                        about.cropId(),
                        about.size(),
                        about.appetite(),
                        soil,
                        about.eaten(),
                        about.touched(),
                        about.ironSensitive(),
                        about.saltSensitive(),
                        about.sheltered(),
                        about.sown(),
                        Optional.of(garden.day(clock.instant()).plusDays(daysToPicking))),
                planting.version());
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
