package potmellow.core.feeding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Product;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * What all plantings that may have a brew would drink of it each time: the sum of their doses.
 *
 * @param brew how much of the brew, all together
 * @param everyDays days from one to the next, of the planting that is fed most often; at least 1
 * @param recipients who gets it
 */
public record SeasonNeed(Working<Volume> brew, int everyDays, List<Recipient> recipients) {
    public SeasonNeed {
        recipients = List.copyOf(recipients);
    }

    /**
     * Sums up the doses of a brew.
     *
     * @param hour the present moment
     * @return empty where none of them may have it, whatever the day
     */
    public static Optional<SeasonNeed> of(
            Product product, List<Recipient> recipients, Conditions hour, UnitSystem system) {
        List<Dose> doses = recipients.stream()
                .filter(recipient -> product.find(target(recipient)).isPresent())
                .map(recipient -> Dose.advised(InStore.made(product), target(recipient), recipient, Optional.of(hour)))
                .filter(dose -> Judged.of(dose).onlyWaits())
                .toList();
        if (doses.isEmpty()) {
            return Optional.empty();
        }
        List<Step> steps = new ArrayList<>();
        Volume sum = Volume.ofMillilitres(0);
        for (Dose dose : doses) {
            sum = sum.plus(brew(dose, system));
            steps.add(step(dose, system));
        }
        steps.add(Step.of("All together, each time.", AmountText.volume(sum, system), Evidence.exact()));
        double every = doses.stream()
                .mapToDouble(dose -> advice(dose).intervalDays().value())
                .min()
                .orElseThrow();
        return Optional.of(new SeasonNeed(
                new Working<>(sum, steps),
                (int) Math.max(1, Math.round(every)),
                doses.stream().flatMap(dose -> dose.recipient().stream()).toList()));
    }

    private static Target target(Recipient recipient) {
        return recipient.plants().stage().target();
    }

    private static StrengthAdvice advice(Dose dose) {
        return dose.portions().get(0).advice();
    }

    private static Volume mix(Dose dose, UnitSystem system) {
        return dose.recipient()
                .orElseThrow()
                .plants()
                .size()
                .volume(dose.target(), system)
                .value();
    }

    private static Volume brew(Dose dose, UnitSystem system) {
        return dose.strength().brewIn(mix(dose, system));
    }

    private static Step step(Dose dose, UnitSystem system) {
        return Step.of(
                dose.recipient().orElseThrow().name() + ": mix ÷ (N + 1).",
                AmountText.volume(brew(dose, system), system),
                Evidence.derivedFrom(advice(dose).strength().mark()),
                "mix",
                AmountText.volume(mix(dose, system), system),
                "strength",
                dose.strength().text(),
                "every",
                AmountText.number(advice(dose).intervalDays().value(), 0) + " days");
    }
}
