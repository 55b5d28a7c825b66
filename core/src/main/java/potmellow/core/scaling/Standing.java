package potmellow.core.scaling;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * A pot that stands already, before the same rules as one that is to be set: over every stage still ahead of it. No change reaches
 * what setting it so at once would have refused.
 *
 * @param method how it is made
 * @param stage the stage it is in, from 0
 * @param materials what its parts are, by the part's id
 * @param amounts what is in it, by the part's id
 * @param where its vessel, lid and place
 */
public record Standing(
        Book book,
        Method method,
        int stage,
        Map<String, Material> materials,
        Map<String, Quantity> amounts,
        Setting where,
        UnitSystem system) {
    /** What concerns the setting alone: rain before it, and how high it stands before it sinks. */
    private static final Set<String> ONLY_BEFORE_SETTING =
            Set.of("dry-days", "headspace", "overfull", "foam", "foam-over", "batch-size", "too-little");

    private static final Set<String> CONCERNS = Set.of("lid", "vessel", "place", "size");

    /** The same pot in another vessel or place, or under another lid. */
    public Standing in(Setting other) {
        return new Standing(book, method, stage, materials, amounts, other, system);
    }

    /** What is left of it, or what is split off. */
    public Standing share(double share) {
        Map<String, Quantity> less = amounts.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, amount -> amount.getValue().times(share)));
        return new Standing(book, method, stage, materials, less, where, system);
    }

    /** What the rules say of it: refusals, and advice against it. */
    public List<Finding> findings() {
        Proportions proportions = Proportions.of(book, method, materials, where.vessel());
        double scale =
                proportions.scale(method.main(), amounts.get(method.main().id()));
        List<Amount> parts = new PartAmounts(method, proportions, system)
                .at(Working.of(scale, Step.of("What is in it.", "", Evidence.exact())), true);
        Mass mass = proportions.balance(amounts).mass();
        return new Rules(
                        book,
                        method,
                        method.stages().subList(stage, method.stages().size()),
                        proportions,
                        parts,
                        where,
                        system)
                        .findings(
                                Packing.filling(book, method, materials, amounts, where.vessel(), system),
                                Working.of(mass, Step.of("Everything in it.", mass.text(system), Evidence.exact())),
                                new SensibleBatch(proportions, system).findings(scale, parts),
                                scale)
                        .stream()
                        .filter(finding ->
                                finding.severity() != Severity.HOLDS && CONCERNS.contains(finding.concerns()))
                        .filter(finding -> !ONLY_BEFORE_SETTING.contains(finding.rule()))
                        .toList();
    }

    /** What stands against a change: what the rules say of it afterwards and didn't say before in the same words. */
    public List<Finding> becoming(Standing after) {
        Set<String> before = findings().stream().map(Finding::words).collect(Collectors.toSet());
        return after.findings().stream()
                .filter(finding -> !before.contains(finding.words()))
                .toList();
    }
}
