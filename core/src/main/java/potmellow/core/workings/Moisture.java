package potmellow.core.workings;

import java.util.List;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** Moisture on a wet basis: all water ÷ all mass. */
public final class Moisture {
    private Moisture() {}

    /**
     * The moisture of a mixture.
     *
     * @param parts what is in it, at least one, more than nothing in all
     */
    public static Working<Double> of(List<Wet> parts) {
        double mass = parts.stream().mapToDouble(part -> part.mass().grams()).sum();
        double water = parts.stream()
                .mapToDouble(part -> part.mass().grams() * part.waterShare())
                .sum();
        if (!(mass > 0)) {
            throw new IllegalArgumentException("The moisture of nothing can't be told.");
        }
        String[] figures = parts.stream()
                .flatMap(part -> List.of(
                        part.name(),
                        AmountText.number(part.mass().kilograms()) + " kg, " + AmountText.percent(part.waterShare())
                                + " water")
                        .stream())
                .toArray(String[]::new);
        return Working.of(
                water / mass,
                Step.of(
                        "Moisture = all water ÷ all mass.",
                        AmountText.percent(water / mass),
                        Evidence.derivedFrom(Mark.FROM_MEMORY),
                        figures));
    }

    /**
     * The water to add to reach a moisture: W = (m·M − w) ÷ (1 − m).
     *
     * @param parts what is in it without that water
     * @param target the moisture wanted, from 0 to less than 1
     * @return kg of water; nothing where it is wet enough already
     */
    public static Mass waterFor(List<Wet> parts, double target) {
        double mass = parts.stream().mapToDouble(part -> part.mass().grams()).sum();
        double water = parts.stream()
                .mapToDouble(part -> part.mass().grams() * part.waterShare())
                .sum();
        return Mass.ofGrams(Math.max(0, (target * mass - water) / (1 - target)));
    }

    /**
     * One part of a mixture.
     *
     * @param name what it is
     * @param mass its weight
     * @param waterShare share of it that is water, from 0 to 1
     */
    public record Wet(String name, Mass mass, double waterShare) {}
}
