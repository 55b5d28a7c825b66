package potmellow.core.book;

import java.util.List;
import java.util.Optional;
import potmellow.core.craft.Stated;
import potmellow.core.strength.Ratio;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;

/**
 * What else is told of one use beside its strengths and its interval.
 *
 * @param ladder strengths to be climbed as plants answer, the weakest first; empty where there is no ladder
 * @param heavyUsual parts of water for heavy feeders, where it is another strength
 * @param heavyIntervalDays days between two feeds of heavy feeders
 * @param lightIntervalDays days between two feeds of light feeders
 * @param neverSoonerDays days below which a repeated feed harms
 * @param plainWaterBetween whether one plain watering must come between two feeds
 * @param dosePerPotMillilitres the most that one pot gets of the mix
 * @param strained whether it must be strained finely first
 * @param ageFactor what the age rule's parts of water are multiplied by; absent where age doesn't matter
 * @param strongestWhileSour the fewest parts of water while its pH is below 5
 * @param testedBelow E. coli in 100 mL under which a test of this very brew lifts its wait before picking; absent where none does
 */
public record UseRules(
        List<Rung> ladder,
        Optional<Stated> heavyUsual,
        Optional<Stated> heavyIntervalDays,
        Optional<Stated> lightIntervalDays,
        Optional<Stated> neverSoonerDays,
        boolean plainWaterBetween,
        Optional<Stated> dosePerPotMillilitres,
        boolean strained,
        Optional<Stated> ageFactor,
        Optional<Stated> strongestWhileSour,
        Optional<Stated> testedBelow) {
    public UseRules {
        ladder = ladder == null ? List.of() : List.copyOf(ladder);
        heavyUsual = told(heavyUsual);
        heavyIntervalDays = told(heavyIntervalDays);
        lightIntervalDays = told(lightIntervalDays);
        neverSoonerDays = told(neverSoonerDays);
        dosePerPotMillilitres = told(dosePerPotMillilitres);
        ageFactor = told(ageFactor);
        strongestWhileSour = told(strongestWhileSour);
        testedBelow = told(testedBelow);
        for (int i = 1; i < ladder.size(); i++) {
            if (!(ladder.get(i).value() < ladder.get(i - 1).value())) {
                throw new IllegalArgumentException("A ladder runs from the weakest rung to the strongest.");
            }
        }
    }

    private static Optional<Stated> told(Optional<Stated> stated) {
        return stated == null ? Optional.empty() : stated;
    }

    /** Nothing else is told. */
    public static UseRules none() {
        return new UseRules(null, null, null, null, null, false, null, false, null, null, null);
    }

    /** The ladder's strengths, the weakest first. */
    public List<Ratio> rungs() {
        return ladder.stream().map(Rung::ratio).toList();
    }

    /** This with every strength multiplied, as where a gardener changed the usual one. */
    UseRules times(double factor) {
        return new UseRules(
                ladder.stream()
                        .map(rung -> new Rung(rung.value() * factor, Mark.OWN_BATCHES, rung.words()))
                        .toList(),
                heavyUsual.map(usual -> new Stated(usual.value() * factor, Mark.OWN_BATCHES, "")),
                heavyIntervalDays,
                lightIntervalDays,
                neverSoonerDays,
                plainWaterBetween,
                dosePerPotMillilitres,
                strained,
                ageFactor,
                strongestWhileSour,
                testedBelow);
    }

    /**
     * One rung of a ladder.
     *
     * @param value parts of water to one of brew
     * @param mark how far it can be trusted
     * @param words who pours it so; may be empty
     */
    public record Rung(double value, Mark mark, String words) {
        public Rung {
            words = words == null ? "" : words;
            if (mark == null) {
                throw new IllegalArgumentException("The rung " + value + " has no mark.");
            }
        }

        public Ratio ratio() {
            return Ratio.oneTo(value);
        }

        public Evidence evidence() {
            return new Evidence(mark, false, "");
        }
    }
}
