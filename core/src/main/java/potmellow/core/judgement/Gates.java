package potmellow.core.judgement;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Gate;
import potmellow.core.book.Gate.Otherwise;
import potmellow.core.book.Stage;
import potmellow.core.measure.UnitSystem;
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
            Optional<Reading> last = known.stream()
                    .reduce((one, other) -> other)
                    .filter(reading -> !reading.at().plus(seen.currency(stage)).isBefore(now));
            if (last.isPresent() && ripeness >= gate.fromRipeness()) {
                boolean before =
                        known.stream().limit(known.size() - 1).anyMatch(reading -> gate.passes(reading.value()));
                outcomes.add(
                        new Outcome(gate, last.get(), gate.passes(last.get().value()), before));
            }
        }
    }

    /** Words of all limits that fail with one consequence. */
    List<String> failing(Otherwise consequence) {
        return outcomes.stream()
                .filter(outcome -> outcome.gate().otherwise() == consequence && !outcome.passes())
                .map(Outcome::words)
                .toList();
    }

    /** Words of limits that were passed once and fail now. */
    List<String> turnedBack() {
        return outcomes.stream()
                .filter(outcome -> outcome.gate().otherwise() == Otherwise.NOT_READY
                        && !outcome.passes()
                        && outcome.passedBefore())
                .map(outcome -> outcome.words() + " It was past that already, so it has turned.")
                .toList();
    }

    /** Words of all limits that speak for readiness. */
    List<String> passing() {
        return outcomes.stream()
                .filter(outcome -> outcome.gate().otherwise() == Otherwise.NOT_READY && outcome.passes())
                .map(outcome -> outcome.read() + ": " + outcome.gate().limitWords() + " is wanted.")
                .toList();
    }

    /** Each limit that a fresh reading was held against, for the working. */
    List<Step> steps() {
        return outcomes.stream()
                .map(outcome -> Step.of(
                        "Limit: " + outcome.gate().limitWords() + ".",
                        outcome.passes() ? "passes" : "fails",
                        outcome.gate().evidence(),
                        "read last",
                        outcome.read()))
                .toList();
    }

    private record Outcome(Gate gate, Reading reading, boolean passes, boolean passedBefore) {
        String read() {
            return gate.meter().text(reading.value(), UnitSystem.METRIC);
        }

        String words() {
            return read() + ", and " + gate.limitWords() + " is wanted. " + gate.words();
        }
    }
}
