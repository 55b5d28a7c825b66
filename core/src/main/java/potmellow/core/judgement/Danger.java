package potmellow.core.judgement;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.craft.Act;

/**
 * What can burst, burn or sicken, with the one thing to do about it. It outranks everything else that is to be said of a pot.
 *
 * @param todo what to do, a headline such as "Let the gas out now"
 * @param words why, sentences
 * @param act the act that answers it once it is logged; empty where the pot is to be thrown away, or no act answers it
 * @param throwAway whether the one thing to do is to throw it away
 */
public record Danger(String todo, List<String> words, Optional<Act> act, boolean throwAway) {
    public Danger {
        words = List.copyOf(words);
        if (todo.isBlank() || words.isEmpty()) {
            throw new IllegalArgumentException("A danger says what to do and why.");
        }
    }

    /** A danger that one act answers. */
    public static Danger now(Act act, String words) {
        String todo = act.todo();
        return new Danger(
                Character.toUpperCase(todo.charAt(0)) + todo.substring(1) + " now",
                List.of(words),
                Optional.of(act),
                false);
    }

    /** A danger for which no single act is known. */
    public static Danger unanswered(String words) {
        return new Danger("See to it now", List.of(words), Optional.empty(), false);
    }

    /** A brew beyond saving. */
    static Danger spoilt(List<String> reasons, Optional<String> disposal) {
        return new Danger(
                "Throw it away",
                Stream.concat(reasons.stream(), disposal.stream()).toList(),
                Optional.empty(),
                true);
    }
}
