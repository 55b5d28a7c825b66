package potmellow.core.judgement;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Gate;
import potmellow.core.book.Gate.Otherwise;
import potmellow.core.book.Stage;
import potmellow.core.craft.Act;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;
import potmellow.core.working.Step;

/** What the meters say to the limits of a stage. Only readings that still count are held against them. */
final class Gates {
    private final List<Outcome> outcomes = new ArrayList<>();

    Gates(Stage stage, Seen seen, double ripeness, Instant now) {
        for (Gate gate : stage.gates()) {
            List<Reading> known = seen.readings().stream()
                    .filter(reading ->
                            reading.meter() == gate.meter() && !reading.at().isAfter(now))
                    .sorted((one, other) -> one.at().compareTo(other.at()))
                    .toList();
            List<Reading> fresh = known.stream()
                    .filter(reading -> !reading.at().plus(seen.currency(stage)).isBefore(now))
                    .toList();
            if (!fresh.isEmpty() && ripeness >= gate.fromRipeness()) {
                boolean before =
                        known.stream().limit(known.size() - 1).anyMatch(reading -> gate.passes(reading.value()));
                outcomes.add(new Outcome(
                        gate,
                        fresh.get(fresh.size() - 1),
                        held(gate, fresh, before),
                        before,
                        answered(gate, fresh.get(fresh.size() - 1), seen)));
            }
        }
    }

    /**
     * What the last reading says. One that would throw the brew away or turn it past its best, and is no further over the limit than
     * the meter may be off, counts only with a second one.
     */
    private static Held held(Gate gate, List<Reading> fresh, boolean passedBefore) {
        double last = fresh.get(fresh.size() - 1).value();
        if (gate.passes(last)) {
            return Held.PASSES;
        }
        boolean second =
                fresh.size() > 1 && !gate.passes(fresh.get(fresh.size() - 2).value());
        boolean turns =
                gate.otherwise() == Otherwise.DISCARD || gate.otherwise() == Otherwise.NOT_READY && passedBefore;
        return turns && gate.near(last) && !second ? Held.UNSURE : Held.FAILS;
    }

    /** Words of all limits that fail with one consequence. */
    List<String> failing(Otherwise consequence) {
        return outcomes.stream()
                .filter(outcome -> outcome.gate().otherwise() == consequence
                        && outcome.held() == Held.FAILS
                        && !outcome.answered())
                .map(Outcome::words)
                .toList();
    }

    /** The act that answers a limit that can't wait; only for heat one is known. */
    private static Optional<Act> remedy(Gate gate) {
        return Optional.of(Act.TURNED)
                .filter(act -> gate.otherwise() == Otherwise.ACT_NOW && gate.meter() == Meter.THERMOMETER);
    }

    private static boolean answered(Gate gate, Reading last, Seen seen) {
        return remedy(gate).filter(act -> seen.doneSince(act, last.at())).isPresent();
    }

    /** What can't wait. */
    List<Danger> dangers() {
        return outcomes.stream()
                .filter(outcome -> outcome.gate().otherwise() == Otherwise.ACT_NOW
                        && outcome.held() == Held.FAILS
                        && !outcome.answered())
                .map(outcome -> remedy(outcome.gate())
                        .map(act -> Danger.now(act, outcome.words()))
                        .orElseGet(() -> Danger.unanswered(outcome.words())))
                .toList();
    }

    /** What was answered and is to be read again. */
    List<String> answered() {
        return outcomes.stream()
                .filter(outcome -> outcome.held() == Held.FAILS && outcome.answered())
                .map(outcome -> outcome.read() + " was read, and it was turned since. Read it again in an hour.")
                .toList();
    }

    /** Words of limits that were passed once and fail now. */
    List<String> turnedBack() {
        return outcomes.stream()
                .filter(outcome -> outcome.gate().otherwise() == Otherwise.NOT_READY
                        && outcome.held() == Held.FAILS
                        && outcome.passedBefore())
                .map(outcome -> outcome.words() + " It was past that already, so it has turned.")
                .toList();
    }

    /** Words of all limits that speak for readiness. */
    List<String> passing() {
        return outcomes.stream()
                .filter(outcome -> outcome.gate().otherwise() == Otherwise.NOT_READY && outcome.held() != Held.FAILS)
                .map(outcome -> outcome.read() + ": " + outcome.gate().limitWords() + " is wanted.")
                .toList();
    }

    /** What to read once more, because the meter may be off by as much as it is over the limit. */
    List<String> unsure() {
        return outcomes.stream()
                .filter(outcome -> outcome.held() == Held.UNSURE)
                .map(Outcome::again)
                .toList();
    }

    /** Each limit that a fresh reading was held against, for the working. */
    List<Step> steps() {
        return outcomes.stream()
                .map(outcome -> Step.of(
                        "Limit: " + outcome.gate().limitWords() + ".",
                        outcome.held().words(),
                        outcome.gate().evidence(),
                        "read last",
                        outcome.read()))
                .toList();
    }

    /** What a reading says to a limit. */
    private enum Held {
        PASSES("passes"),
        UNSURE("too near to tell: a second reading decides"),
        FAILS("fails");

        private final String words;

        Held(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    private record Outcome(Gate gate, Reading reading, Held held, boolean passedBefore, boolean answered) {
        String read() {
            return gate.meter().text(reading.value(), UnitSystem.METRIC);
        }

        String again() {
            double off = gate.meter().uncertainty(reading.value());
            return "Read it once more, after rinsing the meter: " + read() + " is as near to the limit, "
                    + gate.limitWords() + ", as a meter may be off (± " + AmountText.number(off, 2)
                    + "). A second reading decides.";
        }

        String words() {
            return read() + ", and " + gate.limitWords() + " is wanted. " + gate.words();
        }
    }
}
