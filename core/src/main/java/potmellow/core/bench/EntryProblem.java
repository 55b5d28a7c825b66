package potmellow.core.bench;

import potmellow.core.measure.InvalidInput;

/** An entry that can't be used: which, and why. */
public final class EntryProblem extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String entry;
    private final transient InvalidInput input;

    EntryProblem(String entry, InvalidInput input) {
        super(input.getMessage(), input);
        this.entry = entry;
        this.input = input;
    }

    public String entry() {
        return entry;
    }

    public InvalidInput input() {
        return input;
    }
}
