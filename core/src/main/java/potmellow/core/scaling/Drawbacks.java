package potmellow.core.scaling;

import java.util.List;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;

/**
 * How much speaks against a batch in its vessel at its place: what is refused outweighs anything unwise, what is unwise any remark.
 *
 * @param weight nothing for one against which nothing speaks
 */
record Drawbacks(int weight) implements Comparable<Drawbacks> {
    private static final int REFUSED = 1000;
    private static final int UNWISE = 30;

    static Drawbacks of(List<Finding> findings) {
        return new Drawbacks(
                findings.stream().mapToInt(finding -> of(finding.severity())).sum());
    }

    private static int of(Severity severity) {
        return switch (severity) {
            case REFUSE -> REFUSED;
            case CONFIRM -> UNWISE;
            case NOTE -> 1;
            case HOLDS -> 0;
        };
    }

    @Override
    public int compareTo(Drawbacks other) {
        return Integer.compare(weight, other.weight);
    }
}
