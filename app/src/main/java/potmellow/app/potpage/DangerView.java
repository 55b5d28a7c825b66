package potmellow.app.potpage;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import potmellow.app.pot.Pot;
import potmellow.core.craft.Act;
import potmellow.core.judgement.Danger;

/**
 * What can burst, burn or sicken in a pot, with the one thing to do about it.
 *
 * @param potId which pot
 * @param code the code of its vessel
 * @param name what it is called
 * @param place where it stands
 * @param todo what to do, a headline
 * @param words why, sentences
 * @param act the act that answers it; absent where it has a form of its own
 * @param did that act as it is logged, such as "vented"; empty without one
 * @param throwAway whether the one thing to do is to throw it away
 */
public record DangerView(
        UUID potId,
        String code,
        String name,
        String place,
        String todo,
        List<String> words,
        Optional<Act> act,
        String did,
        boolean throwAway) {
    /** All of one pot, the most pressing first; none of one that no longer works. */
    static List<DangerView> of(Pot pot) {
        return pot.is().dangers().stream().map(danger -> of(pot, danger)).toList();
    }

    private static DangerView of(Pot pot, Danger danger) {
        return new DangerView(
                pot.batch().id(),
                pot.vessel().code(),
                pot.batch().name(),
                pot.place().name(),
                danger.todo(),
                danger.words(),
                danger.act(),
                danger.act().map(Act::words).orElse(""),
                danger.throwAway());
    }
}
