package potmellow.core.pot;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.care.Due;
import potmellow.core.craft.Act;
import potmellow.core.judgement.Danger;
import potmellow.core.judgement.Verdict;
import potmellow.core.ripening.Forecast;
import potmellow.core.working.Working;
import potmellow.core.workings.HeapHeat;
import potmellow.core.workings.ShellCalcium;

/**
 * What the craft makes of a pot at one moment.
 *
 * @param forecast how ripe it is and when it will be ready
 * @param verdict what is to be thought of it
 * @param care what it wants from hands, what is due first on top
 * @param heat for heaps with readings enough: how fast it heats
 * @param conversion for shells whose pH was read: how much of the vinegar is used up
 * @param age for pots that are topped up: the age of what is in them, in days
 */
public record Assessment(
        Working<Forecast> forecast,
        Working<Verdict> verdict,
        List<Due> care,
        Optional<Working<HeapHeat>> heat,
        Optional<Working<ShellCalcium.Conversion>> conversion,
        Optional<Working<Double>> age) {
    public Assessment {
        care = List.copyOf(care);
    }

    /** What can burst, burn or sicken, the most pressing first; a heap that is about to get too hot counts. */
    public List<Danger> dangers() {
        List<Danger> now = verdict.value().urgent();
        boolean turns = now.stream()
                .anyMatch(danger -> danger.act().filter(Act.TURNED::equals).isPresent());
        Stream<Danger> heating = heat
                .map(Working::value)
                .filter(rise -> rise.warn() && !turns)
                .map(rise -> new Danger(
                        "Turn it before it is too hot", List.of(rise.sentence()), Optional.of(Act.TURNED), false))
                .stream();
        return Stream.of(now.stream(), heating, verdict.value().beyondSaving().stream())
                .flatMap(dangers -> dangers)
                .toList();
    }
}
