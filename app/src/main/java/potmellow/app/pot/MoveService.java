package potmellow.app.pot;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
import potmellow.core.measure.InvalidInput;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.scaling.Setting;
import potmellow.core.scaling.Standing;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;

/** Puts pots that stand elsewhere: in another place, under another lid, a part of them in another vessel. */
@Service
public class MoveService {
    private static final double PERCENT = 100;

    private final BatchRepository batches;
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
     * @throws Conflict where it stands there so already, or no longer works
     */
    @Transactional
    public void move(Garden garden, UUID batchId, MovePot request, Instant asked) {
        Pot pot = pots.changeable(garden, batchId, asked);
        Instant at = pot.now();
        Place place = request.placeId().map(id -> places.get(garden, id)).orElse(pot.place());
        Lid lid = request.lid().orElse(pot.batch().lid());
        boolean moves = !place.id().equals(pot.place().id());
        boolean covers = lid != pot.batch().lid();
        if (!moves && !covers) {
            throw new Conflict("stands-there", pot.batch().name() + " stands there already.");
        }
        Standing now = standing(pot, at);
        List<Finding> unwise =
                now.becoming(now.in(now.where().at(place.spot(weather.outdoors(garden, at), at, pot.method()), lid)));
        decided(garden, batchId, unwise, request.confirmed(), at);
        if (moves) {
            batches.append(garden.id(), batchId, new Batch.Stay(place.id(), at));
        }
        if (covers) {
            batches.cover(garden.id(), batchId, lid);
            log.keep(
                    garden.id(),
                    new Check(
                            UUID.randomUUID(),
                            batchId,
                            at,
                            Act.LOOKED,
                            Optional.empty(),
                            "new lid: " + lid.words() + " instead of "
                                    + pot.batch().lid().words(),
                            Map.of(),
                            Optional.empty()));
        }
    }

    /** Refuses what can't be, asks about what is unwise, and keeps what was decided against advice. */
    private void decided(Garden garden, UUID batchId, List<Finding> findings, List<String> confirmed, Instant at) {
        Refused.throwIfAny(of(findings, Severity.REFUSE));
        List<Finding> unwise = of(findings, Severity.CONFIRM);
        Refused.throwUnlessConfirmed(unwise, confirmed);
        unwise.forEach(finding -> batches.insertDecision(garden.id(), batchId, finding, at));
    }

    private static List<Finding> of(List<Finding> findings, Severity severity) {
        return findings.stream()
                .filter(finding -> finding.severity() == severity)
                .toList();
    }

    /** A pot as it stands, before the rules. */
    private Standing standing(Pot pot, Instant at) {
        Garden garden = pot.garden();
        return new Standing(
                pot.book(),
                pot.method(),
                pot.batch().state().stage(),
                pot.batch().materials(pot.book()),
                pot.batch().amounts(),
                new Setting(
                        pot.vessel(),
                        smells(garden, pot.batch().vesselId()),
                        pot.batch().lid(),
                        pot.place().spot(weather.outdoors(garden, at), at, pot.method()),
                        garden.canLift(),
                        garden.tap(),
                        Optional.empty()),
                garden.units());
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
        requireRoom(pot, share, vessel.vessel());
        Batch whole = pot.batch();
        Standing now = standing(pot, at);
        Standing other = now.in(now.where().in(vessel.vessel(), smells(garden, vessel.id())));
        List<Finding> findings = both(now.becoming(other.share(share)), now.becoming(now.share(1 - share)));
        setting.insert(
                garden,
                new Batch(
                        id,
                        whole.methodId(),
                        whole.name(),
                        vessel.id(),
                        whole.lid(),
                        whole.origin(),
                        Optional.empty(),
                        Optional.of(new Batch.Split(batchId, share, at)),
                        List.of(),
                        whole.stays(),
                        whole.parts().stream().map(part -> part.times(share)).toList(),
                        whole.setAt(),
                        whole.oldestAt(),
                        new Batch.State(0, whole.state().kind(), whole.state().stage(), whole.setAt(), "")),
                at);
        decided(garden, id, findings, request.confirmed(), at);
        return id;
    }

    /** What goes over and what stays must both do; one rule is told once. */
    private static List<Finding> both(List<Finding> goes, List<Finding> stays) {
        Set<String> told = goes.stream().map(Finding::rule).collect(Collectors.toSet());
        return Stream.concat(goes.stream(), stays.stream().filter(finding -> !told.contains(finding.rule())))
                .toList();
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

    /** It has sunk by now, and what was drawn is gone: less room is needed than when it was set. */
    private static void requireRoom(Pot pot, double share, Vessel vessel) {
        double standing = pot.level().value().standing().millilitres();
        double room = vessel.capacity().millilitres() * pot.method().vessel().fillShare(vessel);
        if (standing * share > room) {
            throw new FieldProblem(
                    "share",
                    InvalidInput.outOfRange(
                            "The share for " + vessel.code(),
                            Math.round(share * PERCENT),
                            1,
                            Math.floor(room / standing * PERCENT),
                            "%"));
        }
    }
}
