package potmellow.core.pot;

import static potmellow.core.book.Stage.Exit;

import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.core.balance.Sugared;
import potmellow.core.craft.Act;
import potmellow.core.judgement.Straining;
import potmellow.core.judgement.Verdict;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Volume;
import potmellow.core.place.Whereabouts;
import potmellow.core.pot.Happening.Became;
import potmellow.core.pot.Happening.Covered;
import potmellow.core.pot.Happening.Drew;
import potmellow.core.pot.Happening.Moved;
import potmellow.core.pot.Happening.SplitOff;
import potmellow.core.pot.Happening.Visited;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.scaling.Setting;
import potmellow.core.scaling.Standing;
import potmellow.core.vessel.Vessel;
import potmellow.core.working.Working;

/**
 * What may be done with a pot that stands. Each act tells what it makes of the pot and what every rule has against that; none changes
 * anything by itself.
 */
public final class Acts {
    private static final Set<Exit> ON_TO_THE_NEXT = EnumSet.of(Exit.WRING, Exit.GO_ON);
    private static final Set<Exit> INTO_STORE = EnumSet.of(Exit.STRAIN, Exit.STORE, Exit.USE);
    private static final Set<Exit> USED_AT_ONCE = EnumSet.of(Exit.BURY, Exit.USE);
    private static final double PERCENT = 100;
    /** What is lost in reckoning with millilitres. */
    private static final double A_HAIR = 1e-6;

    private final PotNow is;
    private final Pot pot;
    private final Instant now;

    /** @throws OutOfTurn where the pot no longer stands */
    Acts(PotNow is) {
        this.is = is;
        this.pot = is.pot();
        this.now = is.now();
        is.requireStanding();
    }

    /**
     * Fills it once its water has stood long enough; its clock starts now.
     *
     * @throws OutOfTurn where it is filled already
     */
    public Change fill() {
        if (pot.state().kind() != State.Kind.WATER_STANDING) {
            throw new OutOfTurn("filled-already", pot.making().name() + " is filled already. Look at the page again.");
        }
        return Change.of(List.of(), new Became(pot.state().next(State.Kind.WORKING, 0, now, "")));
    }

    /**
     * Ends the stage: it is wrung out, or goes on by itself, and works on in the next stage.
     *
     * @param early whether it is wanted although the verdict says not yet
     * @throws OutOfTurn where this stage doesn't end so
     */
    public Change goOn(boolean early) {
        requireExit(ON_TO_THE_NEXT);
        boolean byChoice = early && notYet();
        State next = pot.state()
                .next(State.Kind.WORKING, pot.state().stage() + 1, now, byChoice ? "moved on early, by choice" : "");
        return Change.of(judged(early), new Became(next)).teaching(outcome(Optional.empty(), byChoice));
    }

    /**
     * Leaves it in its vessel, ready; it is no longer asked for until it is past its best. Once it is so, nothing changes.
     *
     * @throws OutOfTurn where its water still stands
     */
    public Change hold() {
        requireWorks();
        State held = pot.state().next(State.Kind.HOLDING, pot.state().stage(), now, "ready, left standing");
        return pot.state().kind() == State.Kind.HOLDING
                ? Change.of(judged(false))
                : Change.of(judged(false), new Became(held));
    }

    /**
     * Empties it into bottles.
     *
     * @param poured what is filled, at least one bottle, told how much is there; together no more than that
     * @param how how it is emptied
     * @throws OutOfTurn where this stage doesn't end so
     */
    public Change empty(Function<Volume, List<Fill>> poured, Emptying how) {
        requireExit(INTO_STORE);
        List<Fill> fills = there(poured);
        boolean byChoice = how.early() && notYet();
        State emptied = pot.state().next(State.Kind.EMPTIED, pot.state().stage(), now, how.words(byChoice));
        Optional<Volume> measured = Optional.of(total(fills)).filter(all -> !how.guessed());
        return Change.of(how.rescue() ? rescue() : judged(how.early()), new Became(emptied))
                .teaching(outcome(measured, byChoice || how.rescue()))
                .taking(taken(fills, how.rescue()));
    }

    private List<Finding> rescue() {
        List<Finding> refusals = Straining.judgeRescue(is.verdict());
        Working<Verdict> verdict = is.verdict();
        Finding decision = new Finding(
                Emptying.RESCUE,
                Severity.CONFIRM,
                "verdict",
                "Kept for soil where nothing you eat grows, although it was to be thrown away: "
                        + String.join(" ", verdict.value().reasons()),
                verdict.map(any -> false));
        return Stream.concat(refusals.stream(), Stream.of(decision)).toList();
    }

    /**
     * Draws from it while it goes on working.
     *
     * @param poured what is drawn, told how much is there; no more than that
     * @param early whether it is wanted although the verdict says not yet
     * @param refilled whether as much is filled in again
     * @throws OutOfTurn where it isn't one that is topped up
     */
    public Change draw(Function<Volume, Fill> poured, boolean early, boolean refilled) {
        if (!is.method().toppedUp()) {
            throw new OutOfTurn("not-topped-up", pot.making().name() + " is emptied as a whole, not drawn from.");
        }
        requireWorks();
        Fill fill = there(poured.andThen(List::of)).get(0);
        Drew drew = new Drew(new Level.Drawing(now, fill.volume()));
        Happening[] all = refilled ? new Happening[] {drew, refill(fill.volume())} : new Happening[] {drew};
        return Change.of(judged(early), all).taking(taken(List.of(fill), false));
    }

    private Visited refill(Volume volume) {
        double standing = is.level().value().standing().millilitres();
        double share = Math.min(1, volume.millilitres() / standing);
        return new Visited(new Visit(now, Act.TOPPED_UP, Map.of(), Optional.of(share)));
    }

    /**
     * Buries it, or pours it out where no plants grow.
     *
     * @param early whether it is wanted although the verdict says not yet
     * @param elsewhere whether no plants got it
     * @throws InvalidInput where plants got it: that is a feed, and poured from a can
     * @throws OutOfTurn where this stage doesn't end so
     */
    public Change useUp(boolean early, boolean elsewhere) {
        requireExit(USED_AT_ONCE);
        boolean buried = is.stage().exit() == Exit.BURY;
        if (!buried && !elsewhere) {
            throw InvalidInput.unreadable(
                    "Where it went",
                    "",
                    "What plants got counts for their next feed: fill it into a can and mix from that, or say that it went"
                            + " where none grow.");
        }
        boolean byChoice = early && notYet();
        String done = (buried ? "buried" : "poured out where no plants grow") + (byChoice ? " early, by choice" : "");
        State emptied = pot.state().next(State.Kind.EMPTIED, pot.state().stage(), now, done);
        return Change.of(judged(early), new Became(emptied)).teaching(outcome(Optional.empty(), byChoice));
    }

    /** Throws it away. */
    public Change throwAway(String reason) {
        return Change.of(
                List.of(),
                new Became(pot.state().next(State.Kind.THROWN_AWAY, pot.state().stage(), now, reason)));
    }

    /**
     * Puts it elsewhere, under another lid, or both.
     *
     * @param here where it stands
     * @param there where it would stand, and under which lid
     * @param stay its new place; empty where it stays where it is
     * @throws OutOfTurn where it stands there so already
     */
    public Change move(Setting here, Setting there, Optional<Whereabouts.Stay> stay) {
        boolean covers = there.lid() != pot.lid();
        if (stay.isEmpty() && !covers) {
            throw new OutOfTurn("stands-there", pot.making().name() + " stands there already.");
        }
        Standing stands = standing(here);
        Stream<Happening> moved = stay.stream().map(Moved::new);
        Stream<Happening> covered = Stream.of(there.lid()).filter(lid -> covers).map(lid -> new Covered(lid, now));
        return Change.of(
                stands.becoming(stands.in(there)), Stream.concat(moved, covered).toArray(Happening[]::new));
    }

    /**
     * Splits a part of it off into another vessel. {@link Pot#part} is that part.
     *
     * @param share what goes over, between 0 and 1
     * @param here where it stands
     * @param there the other vessel
     * @param smells whether anaerobic liquid has stood in that
     * @throws InvalidInput where it is too small for the share
     */
    public Change split(double share, Setting here, Vessel there, boolean smells) {
        requireRoom(share, there);
        Standing stands = standing(here);
        Standing goes = stands.in(here.in(there, smells)).share(share);
        return Change.of(
                both(stands.becoming(goes), stands.becoming(stands.share(1 - share))), new SplitOff(share, now));
    }

    /** What goes over and what stays must both do; one rule is told once. */
    private static List<Finding> both(List<Finding> goes, List<Finding> stays) {
        Set<String> told = goes.stream().map(Finding::rule).collect(Collectors.toSet());
        return Stream.concat(goes.stream(), stays.stream().filter(finding -> !told.contains(finding.rule())))
                .toList();
    }

    /** It has sunk by now, and what was drawn is gone: less room is needed than when it was set. */
    private void requireRoom(double share, Vessel vessel) {
        double standing = is.level().value().standing().millilitres();
        double room = vessel.capacity().millilitres() * is.method().vessel().fillShare(vessel);
        if (standing * share > room) {
            throw InvalidInput.outOfRange(
                    "The share for " + vessel.code(),
                    Math.round(share * PERCENT),
                    1,
                    Math.floor(room / standing * PERCENT),
                    "%");
        }
    }

    private Standing standing(Setting here) {
        return new Standing(
                pot.making().book(),
                is.method(),
                pot.state().stage(),
                pot.contents().materials(pot.making().book()),
                pot.contents().amounts(),
                here,
                is.around().units());
    }

    private List<Finding> judged(boolean early) {
        return Straining.judge(is.verdict(), is.stage().exit(), early);
    }

    /** Asked for early, it may have been ready all the same. */
    private boolean notYet() {
        return is.verdict().value().kind() == Verdict.Kind.NOT_YET;
    }

    private void requireWorks() {
        if (!pot.state().kind().works()) {
            throw otherStage();
        }
    }

    private void requireExit(Set<Exit> exits) {
        requireWorks();
        if (!exits.contains(is.stage().exit())) {
            throw otherStage();
        }
    }

    private OutOfTurn otherStage() {
        return new OutOfTurn(
                "other-stage", pot.making().name() + " is in another stage by now. Look at the page again.");
    }

    /** What was taken can't be taken again. */
    private List<Fill> there(Function<Volume, List<Fill>> poured) {
        Volume most = is.most().value();
        List<Fill> fills = poured.apply(most);
        Volume wanted = total(fills);
        if (wanted.millilitres() > most.millilitres() * (1 + A_HAIR)) {
            throw InvalidInput.outOfRange(
                    "What came out",
                    wanted.millilitres(),
                    Straining.LEAST_JUICE.millilitres(),
                    most.millilitres(),
                    "mL");
        }
        return fills;
    }

    private static Volume total(List<Fill> fills) {
        return Volume.ofMillilitres(
                fills.stream().mapToDouble(fill -> fill.volume().millilitres()).sum());
    }

    private List<Taken> taken(List<Fill> fills, boolean rescued) {
        return fills.stream().map(fill -> taken(fill, rescued)).toList();
    }

    private Taken taken(Fill fill, boolean rescued) {
        Optional<Sugared> sugared = Sugared.of(
                        is.product(), fill.keep(), fill.volume(), is.around().units())
                .map(Working::value);
        return new Taken(
                sugared.map(Sugared::volume).orElse(fill.volume()),
                fill.keep(),
                is.course().drawn(now).thinned(sugared.map(Sugared::brewShare).orElse(1.0)),
                is.verdict().value().soilOnly() || rescued,
                rescued);
    }

    /** What a stage that ended teaches; nothing where it ended by choice, or nobody knows when it began. */
    private Optional<Outcome> outcome(Optional<Volume> cameOut, boolean byChoice) {
        if (byChoice || is.stage().instant() || !pot.making().dated()) {
            return Optional.empty();
        }
        double usual = is.product().volume(is.expected().value()).millilitres();
        double drawn = is.level().value().missing().millilitres();
        double own = is.around()
                .history()
                .yield(is.method())
                .map(OwnHistory.Yield::share)
                .orElse(1.0);
        return Optional.of(new Outcome(
                pot.state().stage(),
                is.method().id(),
                is.course().tookDays(now, is.around().units()),
                cameOut.filter(volume -> usual > 0)
                        .map(volume -> (volume.millilitres() + drawn) / usual)
                        .map(share -> share * own),
                now));
    }
}
