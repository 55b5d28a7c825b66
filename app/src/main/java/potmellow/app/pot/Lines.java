package potmellow.app.pot;

import potmellow.app.problem.FieldProblem;
import potmellow.core.measure.InvalidInput;

/** Lines of words that a gardener types. */
final class Lines {
    private Lines() {}

    /** A line without blanks around it. */
    static String read(String field, String name, String text, int longest) {
        String line = text.strip();
        if (line.length() > longest) {
            throw new FieldProblem(field, InvalidInput.tooLong(name, line, longest));
        }
        return line;
    }
}
