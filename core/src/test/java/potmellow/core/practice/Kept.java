package potmellow.core.practice;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import potmellow.core.craft.Act;
import potmellow.core.craft.Family;

/** A practice pot that is kept as it should be, or not. */
final class Kept {
    private static final long GARDENER = 11;

    private Kept() {}

    static PracticePot pot(Brew brew, long seed, double celsius, double days, Accident... accidents) {
        return pot(brew, seed, hour -> celsius, days, accidents);
    }

    static PracticePot pot(Brew brew, long seed, DoubleUnaryOperator place, double days, Accident... accidents) {
        Set<Accident> all = EnumSet.noneOf(Accident.class);
        all.addAll(Set.of(accidents));
        PracticePot pot = PracticePot.set(brew, GARDENER, seed, all, place, 2);
        return keep(brew, pot, days, all);
    }

    static PracticePot usual(Brew brew, double celsius, double days) {
        return keep(brew, PracticePot.usual(brew, hour -> celsius, 1), days, Set.of());
    }

    private static PracticePot keep(Brew brew, PracticePot pot, double days, Set<Accident> accidents) {
        boolean tea = brew.family() == Family.TEA;
        if (tea) {
            pot.act(Act.AIR_ON);
        }
        double step = tea ? 4 : 24;
        for (double hour = step; hour <= 24 * days; hour += step) {
            pot.until(hour);
            // On the last day it is as one comes to it, before anything is done.
            if (hour < 24 * days) {
                care(brew, pot, hour, accidents);
            }
        }
        return pot;
    }

    private static void care(Brew brew, PracticePot pot, double hour, Set<Accident> accidents) {
        switch (brew) {
            case PLANT_JUICE_OPEN, NETTLE_TEA, LEAFMOULD_LIQUID -> {
                if (!accidents.contains(Accident.NOT_STIRRED)) {
                    pot.act(Act.STIRRED);
                }
            }
            case FOREST_HEAP -> {
                if (!accidents.contains(Accident.NOT_TURNED)) {
                    pot.act(Act.TURNED);
                }
            }
            case COMPOST_TEA, WORM_TEA -> {
                if (accidents.contains(Accident.PUMP_OFF)) {
                    pot.act(hour >= 12 && hour < 24 ? Act.AIR_OFF : Act.AIR_ON);
                }
            }
            default -> {}
        }
    }
}
