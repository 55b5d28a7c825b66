package potmellow.core.feeding;

import java.util.List;
import potmellow.core.rule.Finding;

/** Findings that say which brew or which planting they are about. */
final class About {
    private About() {}

    static List<Finding> brew(String name, List<Finding> findings) {
        return findings.stream()
                .map(finding -> named(finding, name, name + ": " + finding.words()))
                .toList();
    }

    /** The words name the planting once, whoever wrote them. */
    static Finding planting(Recipient recipient, Finding finding) {
        String words = finding.words().startsWith(recipient.name() + ":")
                        || finding.words().startsWith(recipient.name() + " ")
                ? finding.words()
                : recipient.name() + ": " + finding.words();
        return named(finding, recipient.name(), words);
    }

    private static Finding named(Finding finding, String name, String words) {
        return new Finding(
                finding.rule() + " · " + name, finding.severity(), finding.concerns(), words, finding.working());
    }
}
