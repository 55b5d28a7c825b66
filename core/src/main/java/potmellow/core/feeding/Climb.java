package potmellow.core.feeding;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.strength.Ladder;
import potmellow.core.strength.Ratio;

/**
 * Where plants stand on the ladder of one brew, replayed from what they got and showed. A rung is judged by a look from the 7th day
 * on; harm counts at once. What was really poured moves the stand to the nearest rung.
 *
 * @param ladder the rungs
 * @param stand where it stands now
 * @param lookFrom from when on a look decides the next rung; empty before the first feed and once it was looked
 * @param words where it stands, a sentence
 * @param changed whether the last look moved it
 */
public record Climb(Ladder ladder, Ladder.Stand stand, Optional<Instant> lookFrom, String words, boolean changed) {
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

    /** Replays feeds of one brew and looks. */
    public static Climb of(Ladder ladder, String productId, History history) {
        List<Event> events = new ArrayList<>();
        for (History.Fed fed : history.feeds()) {
            fed.strengthOf(productId)
                    .ifPresent(strength -> events.add(new Event(fed.at(), Optional.of(strength), Optional.empty())));
        }
        history.looks().forEach(look -> events.add(new Event(look.at(), Optional.empty(), Optional.of(look))));
        events.sort(java.util.Comparator.comparing(Event::at));
        Climb climb = new Climb(
                ladder, ladder.start(), Optional.empty(), "Start at the weakest rung, on one plant or bed.", false);
        for (Event event : events) {
            climb = event.poured().isPresent()
                    ? climb.poured(event.poured().get(), event.at())
                    : climb.looked(event.look().orElseThrow());
        }
        return climb;
    }

    private Climb poured(Ratio strength, Instant at) {
        Ladder.Stand there = ladder.at(strength);
        return new Climb(
                ladder,
                there,
                Optional.of(at.plus(Duration.ofDays(WAIT_DAYS))),
                "Poured at " + strength.text() + ": look after " + WAIT_DAYS + " to " + WAIT_AT_MOST_DAYS
                        + " days before the next rung.",
                false);
    }

    private Climb looked(History.Looked look) {
        Optional<Ladder.Answer> answer = look.look().answer();
        if (lookFrom.isEmpty() || answer.isEmpty()) {
            return this;
        }
        boolean harm = answer.get() == Ladder.Answer.HARMED;
        if (!harm && look.at().isBefore(lookFrom.get())) {
            return this;
        }
        if (answer.get() == Ladder.Answer.THIRSTY) {
            return new Climb(
                    ladder,
                    stand,
                    lookFrom,
                    look.dry()
                            ? "Limp in dry soil is thirst: water, and look again before the next rung."
                            : "Limp, though the soil is moist: leave the feed out until they stand again.",
                    false);
        }
        Ladder.Stand next = ladder.next(stand, answer.get());
        return new Climb(ladder, next, Optional.empty(), sentence(answer.get(), next), !next.equals(stand));
    }

    private String sentence(Ladder.Answer answer, Ladder.Stand next) {
        String to = ladder.strength(next).text();
        return switch (answer) {
            case NO_CHANGE ->
                next.rung() == stand.rung()
                        ? "No change at the strongest rung, " + to + ": it stays, there is no stronger one."
                        : "No change: one rung stronger, " + to + ".";
            case BETTER -> "Better: stay at " + to + ".";
            case HARMED ->
                next.stopped()
                        ? "Scorched even at the weakest rung: stop, and water through."
                        : "Scorched or spotted: two rungs back, to " + to + ".";
            case THIRSTY -> words;
        };
    }

    private record Event(Instant at, Optional<Ratio> poured, Optional<History.Looked> look) {}
}
