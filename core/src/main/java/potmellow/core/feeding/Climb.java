package potmellow.core.feeding;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import potmellow.core.strength.Ladder;
import potmellow.core.strength.Ratio;

/**
 * Where plants stand on the ladder of one brew, replayed from what they got and showed. The first feed is the weakest rung; a rung is
 * judged by a look from the 7th day on, and one is gone up only from a rung that was poured, looked at and found wanting. Harm counts at
 * once, whatever was answered before, and from the rung that was poured. What was really poured moves the stand to the nearest rung.
 *
 * @param ladder the rungs
 * @param stand where it stands now
 * @param poured the rung that was poured last; empty before the first feed
 * @param lookFrom from when on a look decides the next rung; empty before the first feed and once it was looked
 * @param words where it stands, a sentence
 * @param changed whether the last answer moved it
 */
public record Climb(
        Ladder ladder,
        Ladder.Stand stand,
        Optional<Ladder.Stand> poured,
        Optional<Instant> lookFrom,
        String words,
        boolean changed) {
    /** Days from a feed to the look that judges it: 7 to 10 (common practice). */
    public static final int WAIT_DAYS = 7;

    public static final int WAIT_AT_MOST_DAYS = 10;

    /** The strength to pour next. */
    public Ratio strength() {
        return ladder.strength(stand);
    }

    /** Whether a feed still waits for its look. */
    public boolean waiting() {
        return lookFrom.isPresent();
    }

    /** Replays feeds of one brew and the plants' answers; an answer of the very moment of a feed was there before it. */
    public static Climb of(Ladder ladder, String productId, History history) {
        List<Event> events = new ArrayList<>();
        history.answers().forEach(look -> events.add(new Event(look.at(), Optional.empty(), Optional.of(look))));
        for (History.Fed fed : history.feeds()) {
            fed.strengthOf(productId)
                    .ifPresent(strength -> events.add(new Event(fed.at(), Optional.of(strength), Optional.empty())));
        }
        events.sort(Comparator.comparing(Event::at));
        Climb climb = new Climb(
                ladder,
                ladder.start(),
                Optional.empty(),
                Optional.empty(),
                "Start at the weakest rung, on one plant or bed.",
                false);
        for (Event event : events) {
            climb = event.poured().isPresent()
                    ? climb.pour(event.poured().get(), event.at())
                    : climb.looked(event.look().orElseThrow());
        }
        return climb;
    }

    private Climb pour(Ratio strength, Instant at) {
        Ladder.Stand there = ladder.at(strength);
        return new Climb(
                ladder,
                there,
                Optional.of(there),
                Optional.of(at.plus(Duration.ofDays(WAIT_DAYS))),
                "Poured at " + strength.text() + ": look after " + WAIT_DAYS + " to " + WAIT_AT_MOST_DAYS
                        + " days before the next rung.",
                false);
    }

    private Climb looked(History.Looked look) {
        Optional<Ladder.Answer> answer = look.look().answer();
        if (poured.isEmpty() || answer.isEmpty()) {
            return this;
        }
        if (answer.get() == Ladder.Answer.HARMED) {
            return answered(look.look(), ladder.next(poured.get(), answer.get()));
        }
        if (lookFrom.isEmpty()) {
            return look.look() == Look.PALE && !harmed()
                    ? answered(look.look(), ladder.next(poured.get(), answer.get()))
                    : this;
        }
        if (answer.get() == Ladder.Answer.THIRSTY) {
            return new Climb(
                    ladder,
                    stand,
                    poured,
                    lookFrom,
                    look.dry()
                            ? "Limp in dry soil is thirst: water, and look again before the next rung."
                            : "Limp, though the soil is moist: leave the feed out until they stand again.",
                    false);
        }
        return look.at().isBefore(lookFrom.get()) ? this : answered(look.look(), ladder.next(stand, answer.get()));
    }

    private boolean harmed() {
        return stand.stopped() || stand.rung() < poured.orElseThrow().rung();
    }

    private Climb answered(Look look, Ladder.Stand next) {
        return new Climb(
                ladder, next, poured, Optional.empty(), sentence(look, next), !next.equals(poured.orElseThrow()));
    }

    private String sentence(Look look, Ladder.Stand next) {
        String to = ladder.strength(next).text();
        if (look == Look.SCORCHED) {
            return next.stopped()
                    ? "Scorched even at the weakest rung: stop, and water through."
                    : "Scorched or spotted: two rungs back, to " + to + ".";
        }
        if (look == Look.UPRIGHT) {
            return "Better: stay at " + to + ".";
        }
        String seen = look == Look.PALE ? "Pale" : "No change";
        return next.equals(poured.orElseThrow())
                ? seen + " at the strongest rung, " + to + ": it stays, there is no stronger one."
                : seen + ": one rung stronger, " + to + ".";
    }

    private record Event(Instant at, Optional<Ratio> poured, Optional<History.Looked> look) {}
}
