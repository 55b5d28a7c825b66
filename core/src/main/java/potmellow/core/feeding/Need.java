package potmellow.core.feeding;

import java.util.ArrayList;
import java.util.List;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Area;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** What is to be fed, from which the volume of mix follows. */
public sealed interface Need {
    Area LEAST_AREA = Area.ofSquareMetres(0.1);
    Area MOST_AREA = Area.ofSquareMetres(10_000);
    Volume LEAST_MIX = Volume.ofMillilitres(50);
    Volume MOST_MIX = Volume.ofLitres(10_000);
    int MOST_POTS = 1000;

    /** The finished mix that is needed. */
    Working<Volume> volume(Target target, UnitSystem system);

    /** Litres of mix on a square metre: soil 1 (common practice), leaves just wet 0.05 to 0.1 (from memory; half way). */
    static double litresPerSquareMetre(Target target) {
        return switch (target) {
            case SOIL, SEEDLINGS -> 1;
            case LEAVES, LEAF_WIPE -> 0.075;
            case SEED_SOAK -> 1;
        };
    }

    private static Evidence evidence(Target target) {
        return switch (target) {
            case SOIL, SEEDLINGS -> Evidence.commonPractice();
            case LEAVES, LEAF_WIPE, SEED_SOAK -> Evidence.fromMemory();
        };
    }

    /** The ground that a volume of mix covers. */
    static Working<Area> covers(Volume mix, Target target, UnitSystem system) {
        Area area = Area.ofSquareMetres(mix.litres() / litresPerSquareMetre(target));
        return Working.of(
                area,
                Step.of(
                        "Area = mix ÷ litres per square metre.",
                        AmountText.area(area, system),
                        evidence(target),
                        "mix",
                        AmountText.volume(mix, system),
                        "on " + target.words(),
                        AmountText.number(litresPerSquareMetre(target)) + " L per m²"));
    }

    /**
     * A bed.
     *
     * @param area its ground
     */
    record OfArea(Area area) implements Need {
        @Override
        public Working<Volume> volume(Target target, UnitSystem system) {
            Volume mix = Volume.ofLitres(area.squareMetres() * litresPerSquareMetre(target));
            return Working.of(
                    mix,
                    Step.of(
                            "Mix = area × litres per square metre.",
                            AmountText.volume(mix, system),
                            evidence(target),
                            "area",
                            AmountText.area(area, system),
                            "on " + target.words(),
                            AmountText.number(litresPerSquareMetre(target)) + " L per m²"));
        }
    }

    /**
     * Pots of one size. On soil they get an eighth of their volume, until a little drains (from memory: 10 to 15 %); leaves just
     * wet take a hundredth of it (from memory).
     *
     * @param count how many, from 1
     * @param each what one pot holds
     */
    record OfPots(int count, Volume each) implements Need {
        private static final double SHARE_OF_POT = 0.125;
        private static final double SHARE_FOR_LEAVES = 0.01;

        public OfPots {
            if (!(count >= 1 && count <= MOST_POTS)) {
                throw new IllegalArgumentException("The pots (" + count + ") must be from 1 to " + MOST_POTS + ".");
            }
        }

        @Override
        public Working<Volume> volume(Target target, UnitSystem system) {
            Volume mix = each.times(count * (target.onLeaves() ? SHARE_FOR_LEAVES : SHARE_OF_POT));
            return Working.of(
                    mix,
                    Step.of(
                            target.onLeaves()
                                    ? "Mix = pots × a hundredth of what one holds: leaves just wet."
                                    : "Mix = pots × an eighth of what one holds: until a little drains.",
                            AmountText.volume(mix, system),
                            Evidence.fromMemory(),
                            "pots",
                            String.valueOf(count),
                            "one holds",
                            AmountText.volume(each, system)));
        }
    }

    /**
     * So much mix, whatever for.
     *
     * @param mix its volume
     */
    record OfVolume(Volume mix) implements Need {
        @Override
        public Working<Volume> volume(Target target, UnitSystem system) {
            return Working.of(
                    mix, Step.of("The volume you asked for.", AmountText.volume(mix, system), Evidence.exact()));
        }
    }

    /**
     * Pots that get a dose each.
     *
     * @param count how many, from 1
     * @param dose mix for each
     */
    record OfDoses(int count, Volume dose) implements Need {
        public OfDoses {
            if (!(count >= 1 && count <= MOST_POTS)) {
                throw new IllegalArgumentException("The pots (" + count + ") must be from 1 to " + MOST_POTS + ".");
            }
        }

        @Override
        public Working<Volume> volume(Target target, UnitSystem system) {
            Volume mix = dose.times(count);
            return Working.of(
                    mix,
                    Step.of(
                            "Mix = pots × the dose for each.",
                            AmountText.volume(mix, system),
                            Evidence.commonPractice(),
                            "pots",
                            String.valueOf(count),
                            "dose",
                            AmountText.volume(dose, system)));
        }
    }

    /**
     * Several plantings, one after the other.
     *
     * @param each what each of them needs, at least one
     */
    record OfAll(List<Need> each) implements Need {
        public OfAll {
            each = List.copyOf(each);
            if (each.isEmpty()) {
                throw new IllegalArgumentException("Nothing is to be fed.");
            }
        }

        @Override
        public Working<Volume> volume(Target target, UnitSystem system) {
            List<Step> steps = new ArrayList<>();
            Volume sum = Volume.ofMillilitres(0);
            for (Need need : each) {
                Working<Volume> one = need.volume(target, system);
                sum = sum.plus(one.value());
                steps.addAll(one.steps());
            }
            if (each.size() > 1) {
                steps.add(Step.of("All together.", AmountText.volume(sum, system), Evidence.exact()));
            }
            return new Working<>(sum, steps);
        }
    }
}
