package potmellow.core.feeding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Nature.Never;
import potmellow.core.book.Product.Leaning;
import potmellow.core.measure.AmountText;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.workings.Salt;

/** Whether these plants may have it: what they must never get, their stage, salt. */
final class PlantRules {
    private static final String CONCERNS = "plantings";
    /** FAO Irrigation and Drainage Paper 29, Ayers and Westcot 1985. */
    static final double EC_SENSITIVE = Salt.SENSITIVE.value();

    static final double EC_OTHERS = Salt.OTHERS.value();
    static final double EC_LEAVES = Salt.LEAVES.value();

    private PlantRules() {}

    static List<Finding> of(Dose dose, Plants plants) {
        List<Finding> findings = new ArrayList<>();
        for (Portion portion : dose.portions()) {
            never(portion, plants).ifPresent(findings::add);
            stage(portion, plants).ifPresent(findings::add);
        }
        findings.add(HarvestWait.of(dose, plants));
        salt(dose.portions(), dose.target(), plants).ifPresent(findings::add);
        return findings;
    }

    /** Whether the stage is past leafy growth: no more nitrogen. */
    static boolean fromBudding(Plants plants) {
        return plants.stage().compareTo(GrowthStage.BUDDING) >= 0 && plants.stage() != GrowthStage.RESTING;
    }

    private static Optional<Finding> never(Portion dose, Plants plants) {
        return dose.nature().never().stream()
                .filter(never -> switch (never) {
                    case FROM_BUDDING -> fromBudding(plants);
                    case IRON_SENSITIVE -> plants.ironSensitive();
                    case EATEN_RAW -> plants.eaten() == Eaten.RAW;
                })
                .findFirst()
                .map(never -> Finding.of(
                        never == Never.FROM_BUDDING
                                ? "never-budding"
                                : never == Never.IRON_SENSITIVE ? "iron" : "eaten-raw",
                        Severity.REFUSE,
                        CONCERNS,
                        plants.name() + ": never " + dose.name() + " on " + never.words() + ".",
                        Step.of(
                                "What must never get it.",
                                never.words(),
                                Evidence.commonPractice(),
                                "stage",
                                plants.stage().words(),
                                "eaten",
                                plants.eaten().words())));
    }

    private static Optional<Finding> stage(Portion dose, Plants plants) {
        String now = plants.name() + ": " + plants.stage().words();
        if (nitrogen(dose) && fromBudding(plants) && !dose.nature().never().contains(Never.FROM_BUDDING)) {
            String words = now + ". No more nitrogen from budding on: it makes leaves instead of fruit. Potassium now:"
                    + " comfrey, dock, peel.";
            Step step = Step.of("Nitrogen stops at budding.", plants.stage().words(), Evidence.commonPractice());
            return Optional.of(Finding.of("nitrogen", Severity.CONFIRM, CONCERNS, words, step));
        }
        if (!dose.nature().fromFlowering() || plants.stage().compareTo(GrowthStage.FLOWERING) >= 0) {
            return Optional.empty();
        }
        String words = now + ". Calcium is of little use before the first flower.";
        Step step = Step.of("Calcium from the first flower.", plants.stage().words(), Evidence.commonPractice());
        return Optional.of(Finding.of("before-flowers", Severity.NOTE, CONCERNS, words, step));
    }

    private static boolean nitrogen(Portion dose) {
        return dose.brew()
                .brewed()
                .filter(product -> product.leanings().contains(Leaning.NITROGEN)
                        && !product.leanings().contains(Leaning.POTASSIUM))
                .isPresent();
    }

    private static Optional<Finding> salt(List<Portion> doses, Target target, Plants plants) {
        if (doses.stream().noneMatch(dose -> dose.brew().ec().isPresent())) {
            return Optional.empty();
        }
        double sum = doses.stream()
                .mapToDouble(
                        dose -> dose.brew().ec().orElse(0) * dose.strength().share())
                .sum();
        double most = mostSalt(target, plants);
        boolean borne = sum <= most;
        String words = "Salt of the mix " + AmountText.number(sum, 2) + " mS/cm"
                + (borne ? ": " : ", and ") + plants.name() + " bears " + AmountText.number(most) + "."
                + (borne ? "" : thinner(doses, sum, most));
        return Optional.of(Finding.of(
                "salt", borne ? Severity.HOLDS : Severity.REFUSE, CONCERNS, words, saltStep(sum, most, plants)));
    }

    private static boolean tender(Plants plants) {
        return plants.saltSensitive() || plants.stage() == GrowthStage.SEEDLING;
    }

    private static double mostSalt(Target target, Plants plants) {
        double crop = tender(plants) ? EC_SENSITIVE : EC_OTHERS;
        return target.onLeaves() ? Math.min(EC_LEAVES, crop) : crop;
    }

    private static Step saltStep(double sum, double most, Plants plants) {
        return Step.of(
                "EC of the mix = Σ EC of each brew × its share, without what the water brings.",
                AmountText.number(sum, 2) + " mS/cm",
                tender(plants)
                        ? Evidence.published("FAO Irrigation and Drainage Paper 29, Ayers and Westcot 1985")
                        : Evidence.fromMemory(),
                "limit",
                AmountText.number(most) + " mS/cm");
    }

    private static String thinner(List<Portion> doses, double sum, double most) {
        return doses.size() > 1
                ? " Thin it " + AmountText.number(sum / most) + " times."
                : " From "
                        + Ratio.oneTo(Math.ceil(doses.get(0).brew().ec().orElseThrow() / most - 1))
                                .text() + " on it is thin enough.";
    }
}
