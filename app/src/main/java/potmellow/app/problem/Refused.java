package potmellow.app.problem;

import java.util.List;
import potmellow.core.rule.Finding;

/** Something that the rules of the craft refuse. */
public final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Finding finding;

    private Refused(Finding finding) {
        super(finding.words());
        this.finding = finding;
    }

    /** Throws for the first of some refusals; does nothing where there is none. */
    public static void throwIfAny(List<Finding> refusals) {
        if (!refusals.isEmpty()) {
            throw new Refused(refusals.get(0));
        }
    }

    /** Throws for the first thing that is unwise and wasn't decided on. */
    public static void throwUnlessConfirmed(List<Finding> unwise, List<String> confirmed) {
        throwIfAny(unwise.stream()
                .filter(finding -> !confirmed.contains(finding.rule()))
                .toList());
    }

    Finding finding() {
        return finding;
    }
}
