package potmellow.core.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import potmellow.core.practice.BedSight;
import potmellow.core.practice.Happening;
import potmellow.core.practice.PracticePot;
import potmellow.core.practice.Sight;

/**
 * A lesson as far as somebody has got with it. It is worked out anew from what was done: the same doings always give the same.
 *
 * @param lesson which
 * @param doings what was done, in order of time; nothing after its end
 */
public record Play(Lesson lesson, List<Doing> doings) {
    public static final int MOST_DOINGS = 400;

    public Play {
        doings = List.copyOf(doings);
        Lesson.require(
                doings.size() <= MOST_DOINGS,
                "A practice pot is visited up to " + MOST_DOINGS + " times, not " + doings.size() + ".");
        Order.require(lesson, doings);
    }

    /** What it is like at an hour; as it was at its end where that is before. */
    public Scene at(double hour) {
        Shelf shelf = played(hour);
        List<PotScene> pots =
                shelf.pots().stream().map(pot -> scene(shelf, pot)).toList();
        boolean over = shelf.over();
        Optional<BedSight> bed = lesson.bed() ? Optional.of(shelf.bed().at(shelf.hour())) : Optional.empty();
        return new Scene(shelf.hour(), pots, bed, over ? Optional.empty() : next(shelf, pots), over);
    }

    private static PotScene scene(Shelf shelf, Standing pot) {
        return new PotScene(
                pot.setting(),
                pot.pot().map(PracticePot::sight),
                pot.noted(),
                pot.noticed(),
                pot.isWorking(),
                shelf.canBeSet(pot),
                shelf.canBePoured(pot),
                ended(pot));
    }

    private static Optional<String> ended(Standing pot) {
        if (pot.bang().isPresent()) {
            return Optional.of("the lid gave way");
        }
        return pot.ended()
                .map(end ->
                        Doing.of(end.hour(), 0, end.kind()).words(pot.setting().brew()));
    }

    /** The next thing that whoever passes by would notice, if nothing is done until then: the pots go on to their end. */
    private Optional<Happening> next(Shelf shelf, List<PotScene> now) {
        shelf.until(lesson.hours());
        List<Happening> coming = new ArrayList<>();
        for (int i = 0; i < now.size(); i++) {
            shelf.pots().get(i).noticed().stream()
                    .skip(now.get(i).noticed().size())
                    .findFirst()
                    .ifPresent(coming::add);
        }
        return coming.stream().min(Comparator.comparing(Happening::hour));
    }

    /** Everything as it stands at an hour, after what was done until then. */
    Shelf played(double hour) {
        Shelf shelf = new Shelf(lesson);
        doings.stream().filter(doing -> doing.hour() <= hour).forEach(shelf::does);
        if (!shelf.over()) {
            shelf.until(hour);
        }
        return shelf;
    }

    /**
     * One pot at one hour.
     *
     * @param setting which
     * @param sight what it looks like; empty while it isn't set
     * @param noted what was sensed and measured at visits, oldest first
     * @param noticed what whoever passed by noticed, oldest first
     * @param works whether something can be done to it
     * @param canBeSet whether it can be set now
     * @param canBePoured whether it can be poured on the bed now
     * @param ended how it ended, in words; empty while it hasn't
     */
    public record PotScene(
            Setting setting,
            Optional<Sight> sight,
            List<Noted> noted,
            List<Happening> noticed,
            boolean works,
            boolean canBeSet,
            boolean canBePoured,
            Optional<String> ended) {}

    /**
     * A lesson at one hour.
     *
     * @param hour when
     * @param pots each of its pots
     * @param bed what the bed looks like; empty where there is none
     * @param next what will be noticed next if nothing is done; empty where nothing will, or it is over
     * @param over whether it has ended
     */
    public record Scene(
            double hour, List<PotScene> pots, Optional<BedSight> bed, Optional<Happening> next, boolean over) {}
}
