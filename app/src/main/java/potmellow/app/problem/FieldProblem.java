package potmellow.app.problem;

import java.util.function.Supplier;
import potmellow.core.measure.InvalidInput;

/** Something entered in one field that can't be taken. */
public final class FieldProblem extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String field;
    private final InvalidInput input;

    public FieldProblem(String field, InvalidInput input) {
        super(input.getMessage(), input);
        this.field = field;
        this.input = input;
    }

    /** Reads a value, and names the field where it can't be taken. */
    public static <T> T reading(String field, Supplier<T> reader) {
        try {
            return reader.get();
        } catch (InvalidInput input) {
            throw new FieldProblem(field, input);
        }
    }

    String field() {
        return field;
    }

    InvalidInput input() {
        return input;
    }
}
