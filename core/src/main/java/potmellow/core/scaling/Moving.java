package potmellow.core.scaling;

import java.util.List;
import java.util.Optional;
import potmellow.core.book.Method;
import potmellow.core.measure.UnitSystem;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;

/** Whether a pot that works already may stand at another place. */
public final class Moving {
    private static final String ONLY_BEFORE_SETTING = "dry-days";

    private Moving() {}

    /**
     * What the rules say of a place, refusals and advice against it only.
     *
     * @param method how the pot is made
     * @param where its vessel and lid, at the new place
     */
    public static List<Finding> findings(Method method, Setting where, UnitSystem system) {
        return new PlaceRules(method, where, system)
                .findings(Optional.empty()).stream()
                        .filter(finding -> finding.severity() != Severity.HOLDS)
                        .filter(finding -> !finding.rule().equals(ONLY_BEFORE_SETTING))
                        .toList();
    }
}
