package potmellow.core.pot;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import potmellow.core.book.Stage;
import potmellow.core.craft.Act;
import potmellow.core.judgement.Danger;
import potmellow.core.judgement.Verdict;

/**
 * A pot that wants hands today.
 *
 * @param tasks what to do there, the most pressing first; at least one
 * @param minutes about how long it takes (from memory)
 * @param pressing whether it can't wait
 */
public record Stop(List<Task> tasks, double minutes, boolean pressing) {
    private static final double LOOK_MINUTES = 2;
    private static final double EMPTY_MINUTES = 12;
    private static final int FROST_AHEAD_HOURS = 72;
    private static final double FREEZING = 0;

    public Stop {
        tasks = List.copyOf(tasks);
        if (tasks.isEmpty()) {
            throw new IllegalArgumentException("A stop needs something to do.");
        }
    }

    /**
     * Whether a pot wants hands before a moment, and for what.
     *
     * @param course what happened to it
     * @param assessment what is thought of it now
     * @param held whether it is ready and kept in its vessel by decision
     * @param now the moment of asking
     * @param endOfDay what is due before it is for today
     * @return empty for a pot that is best left alone today
     */
    public static Optional<Stop> of(Course course, Assessment assessment, boolean held, Instant now, Instant endOfDay) {
        Verdict verdict = assessment.verdict().value();
        List<Task> tasks = new ArrayList<>();
        assessment.dangers().stream()
                .filter(danger -> !danger.throwAway())
                .map(Task::of)
                .filter(task -> !has(tasks, task))
                .forEach(tasks::add);
        boolean pressing = !tasks.isEmpty();
        boolean waits =
                verdict.kind() == Verdict.Kind.READY && (held || course.method().toppedUp());
        boolean empties = verdict.kind() != Verdict.Kind.NOT_YET && !waits;
        if (empties) {
            tasks.add(new Task(end(verdict, course.stage()), verdict.headline(), Optional.empty()));
        }
        verdict.advice().stream()
                .filter(words -> !empties)
                .forEach(words -> tasks.add(new Task("mend it", words, Optional.empty())));
        verdict.remedies().stream().filter(act -> !has(tasks, act)).forEach(act -> tasks.add(Task.of(act, "")));
        frost(course, now).ifPresent(tasks::add);
        assessment.care().stream()
                .filter(due -> verdict.kind() != Verdict.Kind.THROW_AWAY)
                .filter(due -> due.before(endOfDay))
                .filter(due -> !((empties || waits) && due.act() == Act.LOOKED))
                .filter(due -> !has(tasks, due.act()))
                .forEach(due -> tasks.add(Task.of(due.act(), due.sentence())));
        return tasks.isEmpty()
                ? Optional.empty()
                : Optional.of(new Stop(tasks, empties ? EMPTY_MINUTES : LOOK_MINUTES, pressing));
    }

    /** Two dangers that one act answers are one thing to do. */
    private static boolean has(List<Task> tasks, Task task) {
        return task.act().filter(act -> has(tasks, act)).isPresent();
    }

    private static boolean has(List<Task> tasks, Act act) {
        return tasks.stream().anyMatch(task -> task.act().filter(act::equals).isPresent());
    }

    private static String end(Verdict verdict, Stage stage) {
        if (verdict.kind() == Verdict.Kind.THROW_AWAY) {
            return "throw it away";
        }
        return switch (stage.exit()) {
            case WRING -> "wring it out";
            case GO_ON -> "on to the next stage";
            case STRAIN -> "strain it";
            case STORE -> "take it out";
            case BURY -> "bury it";
            case USE -> "use it";
        };
    }

    /** Frost that reaches what must not freeze in the next three days. */
    private static Optional<Task> frost(Course course, Instant now) {
        if (!course.method().place().frostFree()) {
            return Optional.empty();
        }
        ToDoubleFunction<Instant> warmth = course.surroundings();
        for (int hour = 0; hour <= FROST_AHEAD_HOURS; hour++) {
            if (warmth.applyAsDouble(now.plus(Duration.ofHours(hour))) <= FREEZING) {
                String when = hour < 12 ? "within hours" : hour < 36 ? "by tomorrow night" : "in two or three days";
                return Optional.of(new Task(
                        "move it in", "Frost reaches it " + when + ", and it must not freeze.", Optional.empty()));
            }
        }
        return Optional.empty();
    }

    /**
     * One thing to do.
     *
     * @param todo in two or three words, such as "stir"
     * @param why a sentence; may be empty
     * @param act the act that is logged when it is done; empty where it has a form of its own
     */
    public record Task(String todo, String why, Optional<Act> act) {
        static Task of(Danger danger) {
            return new Task(
                    danger.act().map(Act::todo).orElse("see to it now"),
                    String.join(" ", danger.words()),
                    danger.act());
        }

        static Task of(Act act, String why) {
            return new Task(act.todo(), why, Optional.of(act));
        }
    }
}
