package potmellow.core.scaling;

import java.util.Optional;
import potmellow.core.book.Instruction.When;

/**
 * One thing to do, with this recipe's amounts put in.
 *
 * @param words the step
 * @param when where on the way it belongs
 * @param hoursFromNow when it begins, counted from now; empty for what is done while it works or when it is ready
 * @param minutes how long hands are busy with it
 * @param withinHours within how many hours of the step before it must be done; 0 where there is no hurry
 */
public record RecipeStep(String words, When when, Optional<Double> hoursFromNow, double minutes, double withinHours) {}
