package potmellow.app.potpage;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.place.Place;
import potmellow.app.pot.Pot;
import potmellow.app.pot.PotReader;
import potmellow.app.pot.Surroundings;
import potmellow.app.visit.Check;
import potmellow.core.craft.Family;
import potmellow.core.judgement.Verdict;
import potmellow.core.measure.AmountText;
import potmellow.core.pot.Stop;
import potmellow.core.vessel.VesselKind;

/** What the pots of a garden want from hands today, in walking order. */
@Service
public class PotStops {
    private static final Duration AHEAD = Duration.ofDays(3);

    private final PotReader pots;

    PotStops(PotReader pots) {
        this.pots = pots;
    }

    /** The round of today. */
    @Transactional(readOnly = true)
    public Walk walk(Garden garden, Instant now) {
        Surroundings where = pots.surroundings(garden, now);
        List<Pot> all = pots.standing(garden, now);
        Map<Place, List<StopView>> byPlace = new LinkedHashMap<>();
        double minutes = 0;
        int alone = 0;
        for (Pot pot : all) {
            Optional<Stop> stop = pot.stop();
            Optional<Check> visit = visitedToday(pot);
            if (stop.isPresent() || visit.isPresent()) {
                minutes += stop.map(Stop::minutes).orElse(0.0);
                byPlace.computeIfAbsent(pot.place(), place -> new ArrayList<>()).add(view(pot, stop, visit));
            } else {
                alone++;
            }
        }
        List<PlaceStops> places = byPlace.entrySet().stream()
                .map(entry -> new PlaceStops(
                        entry.getKey().id(),
                        entry.getKey().name(),
                        AmountText.temperature(entry.getKey().warmth(where.outdoors(), now), garden.units()),
                        entry.getValue()))
                .toList();
        List<DangerView> dangers =
                all.stream().flatMap(pot -> DangerView.of(pot).stream()).toList();
        return new Walk(dangers, places, minutes, alone, doubled(all), ahead(garden, all, now), next(garden, all));
    }

    /** Two pots in one vessel can't be: somebody must say which is there. */
    private static List<String> doubled(List<Pot> all) {
        return all.stream()
                .collect(Collectors.groupingBy(pot -> pot.vessel().code(), TreeMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .filter(vessel -> vessel.getValue().size() > 1)
                .map(vessel -> vessel.getKey() + " holds "
                        + vessel.getValue().stream()
                                .map(pot -> pot.batch().name())
                                .sorted()
                                .collect(Collectors.joining(" and "))
                        + " by the log, and a vessel holds one thing. Look into it, then empty the other on its page, or log it"
                        + " as thrown away.")
                .toList();
    }

    private static StopView view(Pot pot, Optional<Stop> stop, Optional<Check> visit) {
        PotSummary summary = PotSummary.of(pot);
        return new StopView(
                summary.id(),
                summary.name(),
                summary.code(),
                summary.vesselKind(),
                summary.family(),
                summary.standingShare(),
                TaskView.of(pot).stream().map(TaskView::todo).distinct().toList(),
                stop.map(Stop::pressing).orElse(false),
                stop.isEmpty(),
                visit.map(check -> check.act().words()).orElse(""),
                summary.verdict(),
                summary.headline(),
                Math.min(2, summary.forecast().ripeness()) / 2);
    }

    private static Optional<Check> visitedToday(Pot pot) {
        LocalDate today = pot.garden().day(pot.now());
        return Check.valid(pot.checks()).stream()
                .filter(check -> pot.garden().day(check.at()).equals(today))
                .reduce((one, other) -> other);
    }

    /** The first visit after today, whichever pot it is for. */
    private static Optional<Ahead> next(Garden garden, List<Pot> all) {
        return all.stream()
                .flatMap(pot ->
                        pot.nextVisit().stream().map(visit -> Map.entry(visit.at(), named(pot) + ": " + visit.todo())))
                .min(Map.Entry.comparingByKey())
                .map(visit -> new Ahead(garden.day(visit.getKey()), visit.getValue()));
    }

    private static String named(Pot pot) {
        return pot.batch().name() + " (" + pot.vessel().code() + ")";
    }

    private static List<Ahead> ahead(Garden garden, List<Pot> all, Instant now) {
        LocalDate today = garden.day(now);
        return all.stream()
                .filter(pot -> pot.verdict().value().kind() == Verdict.Kind.NOT_YET)
                .flatMap(pot -> pot.forecast().value().early().stream()
                        .filter(early -> early.isBefore(now.plus(AHEAD))
                                && garden.day(early).isAfter(today))
                        .map(early -> new Ahead(garden.day(early), named(pot) + " may be ready")))
                .sorted(Comparator.comparing(Ahead::day))
                .toList();
    }

    /**
     * The round.
     *
     * @param dangers what can burst, burn or sicken now
     * @param places places with stops, in walking order
     * @param minutes about how long what is left takes
     * @param leftAlone how many pots are best left alone today
     * @param doubled vessels that hold two things by the log, each a sentence
     * @param ahead what the pots will want in the next three days
     * @param next the first visit after today; empty where nothing is known to come
     */
    public record Walk(
            List<DangerView> dangers,
            List<PlaceStops> places,
            double minutes,
            int leftAlone,
            List<String> doubled,
            List<Ahead> ahead,
            Optional<Ahead> next) {}

    /** @param warmth how warm it is there now */
    public record PlaceStops(UUID id, String name, String warmth, List<StopView> stops) {}

    /**
     * A stop.
     *
     * @param tasks what to do there, each in two or three words
     * @param pressing whether it can't wait
     * @param done whether nothing is left to do there today
     * @param did what was done there today; empty where nothing was
     * @param ripeShare how far it is: 0 as set, ½ at the earliest, 1 at the latest readiness
     */
    public record StopView(
            UUID id,
            String name,
            String code,
            VesselKind vesselKind,
            Family family,
            double standingShare,
            List<String> tasks,
            boolean pressing,
            boolean done,
            String did,
            Verdict.Kind verdict,
            String headline,
            double ripeShare) {}

    /** Something to come. */
    public record Ahead(LocalDate day, String words) {}
}
