package potmellow.app.pot;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.Acts;
import potmellow.app.place.Place;
import potmellow.app.place.PlaceService;
import potmellow.app.pot.PotRequests.MovePot;
import potmellow.app.pot.PotRequests.SplitPot;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Refused;
import potmellow.app.vessel.Occupancy;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.app.visit.Check;
import potmellow.app.visit.VisitLog;
import potmellow.app.weather.WeatherService;
import potmellow.core.craft.Act;
import potmellow.core.place.Whereabouts;
import potmellow.core.pot.Change;
import potmellow.core.pot.Contents;
import potmellow.core.pot.OutOfTurn;
import potmellow.core.pot.State;
import potmellow.core.scaling.Setting;
import potmellow.core.vessel.Lid;

/** Puts pots that stand elsewhere: in another place, under another lid, a part of them in another vessel. */
@Service
public class MoveService {
    private static final double PERCENT = 100;

    private final BatchRepository batches;
    private final Changes changes;
    private final BatchService setting;
    private final VisitLog log;
    private final PotReader pots;
    private final VesselService vessels;
    private final Occupancy occupancy;
    private final PlaceService places;
    private final WeatherService weather;
    private final GardenService gardens;
    private final Acts acts;

    MoveService(
            BatchRepository batches,
            Changes changes,
            BatchService setting,
            VisitLog log,
            PotReader pots,
            VesselService vessels,
            Occupancy occupancy,
            PlaceService places,
            WeatherService weather,
            GardenService gardens,
            Acts acts) {
        this.batches = batches;
        this.changes = changes;
        this.setting = setting;
        this.log = log;
        this.pots = pots;
        this.vessels = vessels;
        this.occupancy = occupancy;
        this.places = places;
        this.weather = weather;
        this.gardens = gardens;
        this.acts = acts;
    }

    /**
     * Moves a pot to another place, whose warmth counts from now on, or covers it with another lid, or both.
     *
     * @throws Refused where place or lid won't do
     * @throws OutOfTurn where it stands there so already, or no longer works
     */
    @Transactional
    public void move(Garden garden, UUID batchId, MovePot request, Instant asked) {
        Pot pot = pots.changeable(garden, batchId, asked);
        Instant at = pot.now();
        Place place = request.placeId().map(id -> places.get(garden, id)).orElse(pot.place());
        Lid lid = request.lid().orElse(pot.batch().lid());
        Optional<Whereabouts.Stay> stay = Optional.of(place)
                .filter(there -> !there.id().equals(pot.place().id()))
                .map(there -> new Whereabouts.Stay(at, there.model()));
        Setting here = here(pot);
        Change change = pot.is().acts().move(here, here.at(spot(pot, place), lid), stay);
        changes.keep(garden, batchId, change, request.confirmed(), at);
        stay.ifPresent(moved -> batches.append(garden.id(), batchId, new Batch.Stay(place.id(), at)));
        if (lid != pot.batch().lid()) {
            cover(pot, lid);
        }
    }

    private void cover(Pot pot, Lid lid) {
        batches.cover(pot.garden().id(), pot.batch().id(), lid);
        log.keep(
                pot.garden().id(),
                new Check(
                        UUID.randomUUID(),
                        pot.batch().id(),
                        pot.now(),
                        Act.LOOKED,
                        Optional.empty(),
                        "new lid: " + lid.words() + " instead of "
                                + pot.batch().lid().words(),
                        Map.of(),
                        Optional.empty()));
    }

    /** Where a pot stands, as the rules see it. */
    private Setting here(Pot pot) {
        Garden garden = pot.garden();
        return new Setting(
                pot.vessel(),
                smells(garden, pot.batch().vesselId()),
                pot.batch().lid(),
                spot(pot, pot.place()),
                garden.canLift(),
                garden.tap(),
                Optional.empty());
    }

    private Setting.Spot spot(Pot pot, Place place) {
        return place.spot(weather.outdoors(pot.garden(), pot.now()), pot.now(), pot.method());
    }

    private boolean smells(Garden garden, UUID vessel) {
        return occupancy.heldAnaerobic(garden.id()).contains(vessel);
    }

    /**
     * Splits a part of a pot off into another vessel. Both go on with the history they share.
     *
     * @param id id of the pot to be
     * @throws FieldProblem for a share that can't be, or a vessel that is too small
     * @throws Refused where the other vessel won't do
     * @throws Conflict where the vessel is taken
     */
    @Transactional
    public UUID split(Garden garden, UUID batchId, UUID id, SplitPot request, Instant asked) {
        if (!acts.first(garden, id, "split", batchId, request)) {
            return id;
        }
        gardens.holdCodes(garden);
        Pot pot = pots.changeable(garden, batchId, asked);
        Instant at = pot.now();
        double share = FieldProblem.reading(
                        "share", () -> garden.reader().number("The share in percent", percent(request), 1, 99))
                / PERCENT;
        OwnVessel vessel = vessels.get(garden, request.vesselId());
        requireFree(garden, vessel);
        Change change = FieldProblem.reading(
                "share", () -> pot.is().acts().split(share, here(pot), vessel.vessel(), smells(garden, vessel.id())));
        setting.insert(garden, part(pot, share, id, vessel), at);
        changes.decided(garden, id, change, request.confirmed(), at);
        return id;
    }

    /** The record of what is split off: it was set, and stood, as the whole. */
    private static Batch part(Pot pot, double share, UUID id, OwnVessel vessel) {
        Batch whole = pot.batch();
        Contents part = pot.is().pot().part(share, vessel.vessel()).contents();
        return new Batch(
                id,
                whole.methodId(),
                whole.name(),
                vessel.id(),
                whole.lid(),
                whole.origin(),
                Optional.empty(),
                Optional.of(new Batch.Split(whole.id(), share, pot.now())),
                List.of(),
                whole.stays(),
                part,
                whole.setAt(),
                whole.oldestAt(),
                new State(0, whole.state().kind(), whole.state().stage(), whole.setAt(), ""));
    }

    private static String percent(SplitPot request) {
        return request.share().replace("%", "").strip();
    }

    private void requireFree(Garden garden, OwnVessel vessel) {
        String code = vessel.vessel().code();
        String holds = batches.names(garden.id()).get(vessel.id());
        if (holds != null || !vessel.inUse()) {
            throw new Conflict(
                    "vessel-taken",
                    holds == null
                            ? code + " is retired."
                            : code + " already holds " + holds + ". Choose another vessel.");
        }
    }
}
