package potmellow.app.answer;

import java.util.List;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;

/**
 * What one rule found.
 *
 * @param rule stable id
 * @param severity how much it matters
 * @param concerns the entry it is about
 * @param words what was found, and what to do
 * @param working the figures that decided it
 */
public record FindingView(String rule, Severity severity, String concerns, String words, WorkingView working) {
    public static FindingView of(Finding finding) {
        return new FindingView(
                finding.rule(),
                finding.severity(),
                finding.concerns(),
                finding.words(),
                WorkingView.of(finding.working()));
    }

    public static List<FindingView> of(List<Finding> findings) {
        return findings.stream().map(FindingView::of).toList();
    }
}
