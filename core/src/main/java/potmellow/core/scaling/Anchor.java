package potmellow.core.scaling;

import potmellow.core.book.Method;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** The one amount that is fixed; everything else follows from it. */
public sealed interface Anchor {
    Mass LEAST_PLANT = Mass.ofGrams(10);
    Mass MOST_PLANT = Mass.ofKilograms(200);
    Volume LEAST_JUICE = Volume.ofMillilitres(10);
    Volume MOST_JUICE = Volume.ofLitres(200);

    /** The weight of plant that follows. */
    Working<Mass> plant(Method method, PlantRoom room, UnitSystem system);

    /**
     * So much plant is in hand.
     *
     * @param plant its weight
     */
    record InHand(Mass plant) implements Anchor {
        @Override
        public Working<Mass> plant(Method method, PlantRoom room, UnitSystem system) {
            return Working.of(
                    plant, Step.of("The weight you have in hand.", AmountText.mass(plant, system), Evidence.exact()));
        }
    }

    /**
     * This vessel is to be filled as far as it may be.
     *
     * @param capacity its brim-full volume
     */
    record FillVessel(Volume capacity) implements Anchor {
        @Override
        public Working<Mass> plant(Method method, PlantRoom room, UnitSystem system) {
            return room.plantThatFits(capacity, system);
        }
    }

    /**
     * So much juice is wanted.
     *
     * @param juice its volume
     */
    record Wanted(Volume juice) implements Anchor {
        @Override
        public Working<Mass> plant(Method method, PlantRoom room, UnitSystem system) {
            double litresPerKilogram = method.yieldLitresPerKilogram().usual();
            Mass plant = Mass.ofKilograms(juice.litres() / litresPerKilogram);
            return Working.of(
                    plant,
                    Step.of(
                            "Plant = juice wanted ÷ usual yield.",
                            AmountText.mass(plant, system),
                            Evidence.derivedFrom(Mark.FROM_MEMORY),
                            "juice wanted",
                            AmountText.volume(juice, system),
                            "usual yield",
                            AmountText.number(litresPerKilogram) + " L per kg"));
        }
    }
}
