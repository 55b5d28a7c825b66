package potmellow.app.typed;

import java.util.Set;
import potmellow.app.problem.FieldProblem;
import potmellow.core.measure.InvalidInput;

/**
 * The lines of words that a gardener types and that are kept: how long each may be, and where it is kept. Names follow
 * {@link potmellow.core.naming.PlainName}.
 */
public enum Line {
    REASON(
            "reason",
            "The reason",
            200,
            "Say in a few words why: you will want to know.",
            "batch_state.reason",
            "bottle_entry.reason",
            "feed.undone_reason"),
    SENSED("words", "What was sensed", 200, "Say it in a few words: you will want to know.", "bottle_decision.words"),
    VISIT_NOTE("note", "The note", 500, "Say it in a few words.", "batch_check.note"),
    LOOK_NOTE("note", "The note", 200, "Say it in a few words.", "planting_look.note"),
    ORIGIN("origin", "The origin", 300, "Say it in a few words.", "batch.origin");

    private final String field;
    private final String title;
    private final int longest;
    private final String asked;
    private final Set<String> columns;

    Line(String field, String title, int longest, String asked, String... columns) {
        this.field = field;
        this.title = title;
        this.longest = longest;
        this.asked = asked;
        this.columns = Set.of(columns);
    }

    /** The most characters that are kept of it. */
    public int longest() {
        return longest;
    }

    /** The columns that it is kept in, each as table.column. */
    public Set<String> columns() {
        return columns;
    }

    /**
     * A line without blanks around it; it may be empty.
     *
     * @throws FieldProblem where it is longer than may be
     */
    public String read(String text) {
        String line = text.strip();
        if (line.length() > longest) {
            throw new FieldProblem(field, InvalidInput.tooLong(title, line, longest));
        }
        return line;
    }

    /**
     * A line that must be there.
     *
     * @throws FieldProblem where it is empty, or longer than may be
     */
    public String required(String text) {
        String line = read(text);
        if (line.isEmpty()) {
            throw new FieldProblem(field, InvalidInput.unreadable(title, "", asked));
        }
        return line;
    }
}
