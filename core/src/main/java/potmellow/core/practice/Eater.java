package potmellow.core.practice;

import java.util.Arrays;
import java.util.List;

/** How a guild eats, grows and breathes, worked out once. */
final class Eater {
    static final List<Eater> ALL = Arrays.stream(Guild.values()).map(Eater::new).toList();
    private static final double HALF_AIR = 0.05;
    private static final double HALF_NITROGEN = 0.002;

    private final Guild guild;
    private final int cells;
    private final Guild.Meal[] meals;
    private final Reaction[] building;

    private Eater(Guild guild) {
        this.guild = guild;
        this.cells = guild.cells().ordinal();
        this.meals = guild.meals().toArray(Guild.Meal[]::new);
        this.building = Arrays.stream(meals)
                .map(meal -> Reaction.cells(meal.food(), guild.cells()))
                .toArray(Reaction[]::new);
    }

    Guild guild() {
        return guild;
    }

    /** Where its cells are counted. */
    int cells() {
        return cells;
    }

    /** Its speed at some share of the oxygen that water can hold. */
    double inAir(double air) {
        if (guild.breathes()) {
            return air / (HALF_AIR + air);
        }
        return guild.bearsAir() + (1 - guild.bearsAir()) * HALF_AIR / (HALF_AIR + air);
    }

    /** Oxygen it would breathe in an hour with plenty, mol. */
    double breath(double[] values, Mixture mix, Life life, double speed, double living) {
        double breath = 0;
        for (int i = 0; i < meals.length; i++) {
            breath += moles(i, values, mix, life, speed)
                    * living
                    * meals[i].burning().breath();
        }
        return breath;
    }

    /** Eats for an hour and grows of it; the heat of that in kJ. */
    double eat(double[] values, Mixture mix, Life life, double speed, double living, double[] gains) {
        double heat = 0;
        double nitrogen = mix.nitrogen() / (HALF_NITROGEN + mix.nitrogen());
        for (int i = 0; i < meals.length; i++) {
            double moles = moles(i, values, mix, life, speed) * living;
            meals[i].burning().run(moles, gains);
            double enough = meals[i].food() == Pool.PROTEIN ? 1 : nitrogen;
            building[i].run(moles * meals[i].food().species().carbon() * life.yield() * enough, gains);
            heat += moles * meals[i].kilojoules();
        }
        return heat;
    }

    /** Moles of one food that one mole of cells eats in an hour. */
    private double moles(int meal, double[] values, Mixture mix, Life life, double speed) {
        Pool food = meals[meal].food();
        double carbon = food.species().carbon();
        double amount = Math.max(0, values[food.ordinal()]) / mix.litres();
        double fed = life.fed(amount, mix.alcohol(), mix.acid());
        return speed * meals[meal].liking() * life.fastest() * fed / (life.yield() * carbon);
    }
}
