package potmellow.core.judged;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import potmellow.core.craft.Family;
import potmellow.core.practice.Accident;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Hand;

/** Makes up gardeners, their places and what goes wrong with a third of their pots. */
final class Gardeners {
    /** From which all is drawn. */
    static final long SEED = 20_261_201;

    static final int ALL = 1000;
    static final int OPEN = 750;
    private static final double ACCIDENTS = 1.0 / 3;

    private Gardeners() {}

    /** Pots that may be looked at while the application is mended. */
    static List<Trial.Setup> open(Family family, int count) {
        return pots(family, 0, Math.min(count, OPEN));
    }

    /** Pots that are kept for a final run. */
    static List<Trial.Setup> kept(Family family) {
        return pots(family, OPEN, ALL);
    }

    private static List<Trial.Setup> pots(Family family, int from, int until) {
        List<Brew> brews = brews(family);
        return IntStream.range(from, until)
                .mapToObj(i -> {
                    SplittableRandom random = new SplittableRandom(SEED + family.ordinal() * 100_003L + i);
                    return new Trial.Setup(
                            brews.get(i % brews.size()),
                            random.nextLong(),
                            random.nextLong(),
                            random.nextLong(),
                            Hand.values()[random.nextInt(Hand.values().length)],
                            accidents(family, random));
                })
                .toList();
    }

    /** Families that can be practised with. */
    static List<Family> families() {
        return Arrays.stream(Family.values())
                .filter(family -> !brews(family).isEmpty())
                .toList();
    }

    static List<Brew> brews(Family family) {
        return Arrays.stream(Brew.values())
                .filter(brew -> brew.family() == family)
                .toList();
    }

    private static Set<Accident> accidents(Family family, SplittableRandom random) {
        List<Accident> possible = List.copyOf(possible(family));
        return random.nextDouble() < ACCIDENTS ? EnumSet.of(possible.get(random.nextInt(possible.size()))) : Set.of();
    }

    private static Set<Accident> possible(Family family) {
        return switch (family) {
            case SUGAR ->
                EnumSet.of(
                        Accident.COARSE,
                        Accident.LITTLE_SUGAR,
                        Accident.TIGHT_LID,
                        Accident.NOT_STIRRED,
                        Accident.COLD,
                        Accident.STOVE,
                        Accident.FLIES,
                        Accident.RAIN);
            case LACTIC -> EnumSet.of(Accident.CHLORINE, Accident.COLD, Accident.STOVE, Accident.TIGHT_LID);
            case FOREST -> EnumSet.of(Accident.RAIN, Accident.COLD, Accident.STOVE, Accident.NOT_TURNED);
            case BRAN -> EnumSet.of(Accident.CHLORINE, Accident.RAIN, Accident.LEAKY_LID, Accident.COLD);
            case TEA -> EnumSet.of(Accident.PUMP_OFF, Accident.LITTLE_SUGAR, Accident.COLD);
            case ANAEROBIC ->
                EnumSet.of(Accident.COARSE, Accident.TIGHT_LID, Accident.COLD, Accident.NOT_STIRRED, Accident.FLIES);
            case SHELLS -> EnumSet.of(Accident.COARSE, Accident.LITTLE_SUGAR, Accident.COLD);
            case STEEP -> EnumSet.noneOf(Accident.class);
        };
    }
}
