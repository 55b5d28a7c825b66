package potmellow.app.pot;

import java.time.Instant;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import potmellow.app.visit.Check;
import potmellow.app.visit.MeterEntry;
import potmellow.core.pot.Level;

/**
 * Everything on record about a pot.
 *
 * @param batch the pot
 * @param checks its visits, oldest first, with those before it was split off another
 * @param readings its readings, likewise
 * @param drawn what was drawn from it while it stood, as much of that as would be its part today
 */
record PotFacts(Batch batch, List<Check> checks, List<MeterEntry> readings, List<Level.Drawing> drawn) {
    /**
     * A moment as it counts for this pot: none lies before what is on record of it already, whatever a clock that was set back says.
     *
     * @param told what the clock says
     */
    Instant notBefore(Instant told) {
        Stream<Instant> states = Stream.of(batch.state().beganAt());
        Stream<Instant> stays = batch.stays().stream().map(Batch.Stay::from);
        Stream<Instant> splits = batch.splitOff().stream().map(Batch.Split::at);
        Stream<Instant> seen = Stream.concat(
                checks.stream().map(Check::at),
                readings.stream()
                        .filter(entry -> !entry.struck())
                        .map(entry -> entry.reading().at()));
        return Stream.of(states, stays, splits, seen, drawn.stream().map(Level.Drawing::at))
                .flatMap(Function.identity())
                .reduce(told, (one, other) -> one.isAfter(other) ? one : other);
    }
}
