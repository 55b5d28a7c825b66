package potmellow.app.potpage;

import java.util.List;
import java.util.Optional;
import potmellow.app.pot.Pot;
import potmellow.core.craft.Act;

/**
 * One thing that a pot wants from hands today.
 *
 * @param todo in two or three words
 * @param why a sentence; may be empty
 * @param act the act that is logged when it is done; absent where it has a form of its own
 */
record TaskView(String todo, String why, Optional<Act> act) {
    static List<TaskView> of(Pot pot) {
        return pot.stop()
                .map(stop -> stop.tasks().stream()
                        .map(task -> new TaskView(task.todo(), task.why(), task.act()))
                        .toList())
                .orElse(List.of());
    }
}
