package potmellow.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** A square metre of young leaves and the soil under them, and what was poured over it. */
public final class Bed {
    /** A leaf that is wet all over holds a film of about a tenth of a millimetre, L/m² (from memory). */
    private static final double FILM = 0.1;

    private static final double DRENCH = 5;
    /** Water in the uppermost ten centimetres of a moist soil, L/m² (from memory). */
    private static final double SOIL_WATER = 20;

    private static final double SOIL_SALT = 1;
    /** Ten milliequivalents of salt in a litre conduct about one dS/m (published: USDA Handbook 60). */
    private static final double SALT_OF_CHARGES = 100;
    /** Tomatoes: no loss up to 2.5 dS/m, then 9.9 % for each more (published: Maas and Hoffman 1977). */
    private static final double BORNE_SALT = 2.5;

    private static final double LOSS_OF_SALT = 0.099;
    /** Acid that scorches half of a young leaf: sprays of 50 g/L scorch nearly all of it, so that 20 do half (from memory). */
    private static final double SCORCHING_ACID = 20;

    private static final double SCORCHING_OSMOLES = 1;
    private static final double SCORCHING_AMMONIA = 0.1;
    private static final double STEEPNESS = 3;
    /** At noon a film dries on the leaf within minutes and what is in it gets stronger: three times an evening's harm (from memory). */
    private static final double NOON = 2;
    /** Sugar that stays as a sticky film on which soot grows, g/m² (from memory). */
    private static final double STICKY_GRAMS = 1;

    private static final double SHOWS_HOURS = 24;
    private static final double HOURS_A_DAY = 24;
    private static final double CURVE_STEP = 2;

    private record Poured(double hour, Liquor liquor, Dose dose) {
        boolean on(Dose.Way way) {
            return dose.way() == way;
        }
    }

    private final List<Poured> poured = new ArrayList<>();

    /** Pours something over it. Time only goes on. */
    public void pour(double hour, Liquor liquor, Dose dose) {
        poured.add(new Poured(hour, liquor, dose));
    }

    /** What it looks like at an hour. Scorched leaves show within a day. */
    public BedSight at(double hour) {
        double whole = 1;
        for (Poured one : poured) {
            if (one.on(Dose.Way.LEAF)) {
                whole *= 1 - scorched(one) * Math.max(0, Math.min(1, (hour - one.hour()) / SHOWS_HOURS));
            }
        }
        return new BedSight(
                1 - whole, Math.min(1, sugar(hour) / STICKY_GRAMS), saltLoss(salt(hour)), Daylight.sun(hour));
    }

    /** The share of young leaves that one pouring scorches: harms add up, and do their harm log-logistically (Seefeldt et al. 1995). */
    private static double scorched(Poured one) {
        return scorched(one.liquor(), one.dose(), Daylight.sun(one.hour()));
    }

    static double scorched(Liquor liquor, Dose dose, double sun) {
        double harm = dose.share()
                * (1 + NOON * sun)
                * (liquor.acidGrams() / SCORCHING_ACID
                        + liquor.osmoles() / SCORCHING_OSMOLES
                        + liquor.ammoniaMoles() / SCORCHING_AMMONIA);
        double power = Math.pow(harm, STEEPNESS);
        return power / (1 + power);
    }

    /** Sugar that lies on its leaves, g/m². */
    private double sugar(double hour) {
        return poured.stream()
                .filter(one -> one.on(Dose.Way.LEAF) && one.hour() <= hour)
                .mapToDouble(
                        one -> FILM * one.liquor().sugarGrams() * one.dose().share())
                .sum();
    }

    /** How salty the water in its soil is, dS/m. */
    private double salt(double hour) {
        double salt = SOIL_SALT;
        for (Poured one : poured) {
            if (one.on(Dose.Way.SOIL) && one.hour() <= hour) {
                double more =
                        SALT_OF_CHARGES * one.liquor().charges() * one.dose().share();
                salt = (salt * SOIL_WATER + more * DRENCH) / (SOIL_WATER + DRENCH);
            }
        }
        return salt;
    }

    /** The share of its growth that a young plant loses where its roots stand in so much salt, dS/m. */
    static double saltLoss(double salt) {
        return Math.max(0, Math.min(1, LOSS_OF_SALT * (salt - BORNE_SALT)));
    }

    /** Whether anything that had spoilt was poured over it. */
    public boolean gotSpoilt() {
        return poured.stream().anyMatch(one -> one.liquor().spoilt());
    }

    /** Whether all that was poured was far thinner than the craft asks for. */
    public boolean gotNextToNothing() {
        return poured.stream()
                .allMatch(one -> one.dose().farThinner(one.liquor().family()));
    }

    public boolean untouched() {
        return poured.isEmpty();
    }

    /** What went on there, over some hours. */
    public List<Inside> inside(double hours) {
        return List.of(
                curve("Sun", "% of noon", 1, hours, hour -> 100 * Daylight.sun(hour)),
                curve("Scorched leaves", "%", 100 * BedSight.SEEN, hours, hour -> 100 * at(hour).scorched()),
                curve("Sugar on the leaves", "g on a square metre", STICKY_GRAMS, hours, this::sugar),
                curve("Salt in the soil", "dS/m", SOIL_SALT, hours, this::salt));
    }

    private static Inside curve(String name, String unit, double noticed, double hours, DoubleUnaryOperator value) {
        double step = Math.max(CURVE_STEP, hours / Inside.MOST_POINTS);
        List<Inside.OnDay> points = new ArrayList<>();
        for (double hour = 0; hour <= hours; hour += step) {
            points.add(new Inside.OnDay(hour / HOURS_A_DAY, value.applyAsDouble(hour)));
        }
        return Inside.of(name, unit, noticed, points);
    }
}
