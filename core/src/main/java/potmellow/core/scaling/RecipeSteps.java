package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Instruction;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.measure.UnitSystem;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.water.WaterStep;

/** What to do, with this recipe's amounts put in: the water first, where a culture meets it. */
record RecipeSteps(Method method, List<Amount> parts, Setting where, UnitSystem system) {
    private static final double MINUTES_AT_THE_TAP = 5;
    private static final double MINUTES = 60;
    private static final double HOURS_OF_A_DAY = 24;

    /** What is done to the water; empty where none comes from the tap. */
    Optional<WaterStep> water() {
        Optional<Amount> drawn = parts.stream()
                .filter(part -> part.material().found() == Material.Found.TAP)
                .findFirst();
        return drawn.map(part -> method.family().living()
                ? WaterStep.of(
                        part.material().volume(part.measured()),
                        where.tap(),
                        parts.stream().anyMatch(one -> one.material().is(Material.Role.BINDS_CHLORINE)),
                        where.treatment(),
                        system)
                : WaterStep.needless(part.material().volume(part.measured()), where.tap(), system));
    }

    List<RecipeStep> all(Optional<WaterStep> water) {
        List<RecipeStep> steps = new ArrayList<>();
        double clock = 0;
        if (water.filter(step -> method.family().living()).isPresent()) {
            steps.add(new RecipeStep(
                    water.get().words(), Instruction.When.NOW, Optional.of(clock), MINUTES_AT_THE_TAP, 0));
            clock += water.get().waitHours();
        }
        for (Instruction step : method.steps()) {
            boolean now = step.when() == Instruction.When.NOW;
            clock = now ? hour(step, clock) : clock;
            steps.add(new RecipeStep(
                    filledIn(step.words()),
                    step.when(),
                    now ? Optional.of(clock) : Optional.empty(),
                    step.minutes(),
                    step.withinHours()));
            clock += now ? step.minutes() / MINUTES + step.waitHours() : 0;
        }
        return steps;
    }

    /** A step that belongs to an hour of day waits for the next such hour. */
    private double hour(Instruction step, double clock) {
        if (step.hour() == Instruction.Hour.ANY || where.hoursToSunrise().isEmpty()) {
            return clock;
        }
        double begin = where.hoursToSunrise().get() - step.minutes() / MINUTES;
        return begin + Math.max(0, Math.ceil((clock - begin) / HOURS_OF_A_DAY)) * HOURS_OF_A_DAY;
    }

    private String filledIn(String step) {
        String text = step;
        for (Amount part : parts) {
            String amount = part.amount().value().text();
            String word = "{" + part.id() + "}";
            text = text.replace(word + " of ", amount + " of ")
                    .replace(word, amount + " of " + part.material().name());
        }
        return text.replace("{vessel}", where.vessel().code())
                .replace("{lid}", where.lid().words())
                .replace("{place}", where.spot().name());
    }
}
