package potmellow.core.feeding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;

/**
 * What is to be said of one dose: every rule of the craft, asked for one planting at one moment. It depends on nothing but the dose,
 * that planting's past and the weather; every screen that speaks of feeding asks here.
 *
 * @param dose what was judged
 * @param findings every rule looked at, in a fixed order
 */
public record Judged(Dose dose, List<Finding> findings) {
    /** Rules that another day or another hour may settle; all others stay broken for this dose. */
    private static final Set<String> OF_THE_MOMENT = Set.of(
            "moist",
            "downpour",
            "frost",
            "wind",
            "rain",
            "warmth",
            "hour",
            "bees",
            "apart",
            "interval",
            "too-often",
            "two-changes");
    /** What a plain watering settles. */
    private static final Set<String> OF_WATER = Set.of("plain-water", "response");

    public Judged {
        findings = List.copyOf(findings);
    }

    /** Judges a dose. */
    public static Judged of(Dose dose) {
        List<Portion> portions = dose.portions();
        List<Finding> findings = new ArrayList<>();
        for (Portion portion : portions) {
            List<Finding> own = BottleRules.of(portion, dose);
            findings.addAll(portions.size() > 1 ? About.brew(portion.name(), own) : own);
        }
        findings.addAll(TankRules.of(portions, dose.target()));
        dose.recipient()
                .ifPresentOrElse(
                        recipient -> findings.addAll(PlantRules.of(dose, recipient.plants())),
                        () -> findings.add(HarvestWait.untold(portions)));
        findings.addAll(ofTheMoment(dose));
        return new Judged(dose, findings);
    }

    private static List<Finding> ofTheMoment(Dose dose) {
        List<Finding> findings = new ArrayList<>();
        dose.hour().ifPresent(hour -> {
            findings.addAll(WeatherRules.of(dose, hour));
            dose.recipient().ifPresent(recipient -> findings.addAll(RhythmRules.of(dose, recipient, hour)));
        });
        return findings;
    }

    /** Whether nothing of the hour or the day is against a dose, whatever else may be: so many hours are asked that only this is. */
    static boolean timely(Dose dose) {
        return ofTheMoment(dose).stream().noneMatch(Judged::againstTheMoment);
    }

    private static boolean againstTheMoment(Finding found) {
        return found.severity().compareTo(Severity.CONFIRM) >= 0 && OF_THE_MOMENT.contains(found.rule());
    }

    /** Whether a rule stands in the way. */
    public boolean refused() {
        return findings.stream().anyMatch(Finding::refuses);
    }

    /** Whether it can be poured without any decision. */
    public boolean free() {
        return obstacles().isEmpty();
    }

    /** What stands in the way or wants a decision, the gravest first. */
    public List<Finding> obstacles() {
        return findings.stream()
                .filter(finding -> finding.severity().compareTo(Severity.CONFIRM) >= 0)
                .sorted(Comparator.comparing(Finding::severity).reversed())
                .toList();
    }

    /** Whether all that stands in its way is the hour, the day, or plain water that is owed. */
    public boolean onlyWaits() {
        return obstacles().stream()
                .allMatch(found -> OF_THE_MOMENT.contains(found.rule()) || OF_WATER.contains(found.rule()));
    }

    /** Whether nothing of the hour or the day is against it, whatever else may be. */
    boolean timely() {
        return findings.stream().noneMatch(Judged::againstTheMoment);
    }

    /** Whether a plain watering is all that it wants. */
    boolean onlyThirsts() {
        return !free() && obstacles().stream().allMatch(found -> OF_WATER.contains(found.rule()));
    }

    /** The gravest thing said against it, in words; empty where nothing is. */
    public Optional<Finding> gravest() {
        return obstacles().stream().findFirst();
    }
}
