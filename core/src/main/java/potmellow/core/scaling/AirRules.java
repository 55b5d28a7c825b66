package potmellow.core.scaling;

import java.util.List;
import java.util.Optional;
import potmellow.core.book.Method;
import potmellow.core.book.Stage;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.vessel.Filling;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;
import potmellow.core.workings.TeaAir;

/** The pump that a tea needs: what its sugar takes out of the water must come in again (handbook of the craft, section 9). */
record AirRules(Method method, List<Amount> parts, Setting where, UnitSystem system) {
    private static final double HOURS_IN_A_DAY = 24;
    private static final double A_LITRE_PER_MINUTE = 1;
    private static final double AT_SEA_LEVEL = 0;
    private static final double CENTIMETRES = 100;

    Optional<Finding> finding(Filling filling) {
        Stage last = method.lastStage();
        return last.starts() == Stage.Starts.AIR_ON && sucrose() > 0
                ? Optional.of(pump(last.windowDays().least() * HOURS_IN_A_DAY, depth(filling)))
                : Optional.empty();
    }

    private double sucrose() {
        return parts.stream()
                .mapToDouble(part -> part.mass().grams()
                        * part.material()
                                .sugarShare()
                                .map(share -> share.value())
                                .orElse(0.0))
                .sum();
    }

    /** The water above an outlet on the floor. */
    private double depth(Filling filling) {
        double height = where.vessel()
                .kind()
                .heightCentimetres(where.vessel().capacity().litres());
        return height * filling.settledShare() / CENTIMETRES;
    }

    private Finding pump(double hours, double depth) {
        double demand = TeaAir.demand(sucrose(), hours);
        Working<Double> supply = supply(depth);
        Working<Boolean> worked = supply.then(false, food(demand, hours));
        if (!(supply.value() > 0)) {
            String words = "At " + AmountText.temperature(where.spot().temperature(), system)
                    + " water holds too little oxygen for any pump to keep it alive. Choose a cooler place.";
            return new Finding("air", Severity.CONFIRM, "vessel", words, worked);
        }
        double stones = demand / supply.value();
        String words = "It needs a pump of at least " + AmountText.number(stones, 1) + " L a minute through stones, or "
                + AmountText.number(stones * TeaAir.STONES / TeaAir.HOSES, 1)
                + " through open hoses, from the first minute to the last: with less its food turns it airless. Less"
                + " food needs less air.";
        Step pump = Step.of(
                "Pump = what the food takes ÷ what 1 L a minute brings.",
                AmountText.number(stones, 1) + " L/min",
                Evidence.derivedFrom(Mark.FROM_MEMORY));
        return new Finding("air", Severity.NOTE, "vessel", words, worked.then(true, pump));
    }

    private Working<Double> supply(double depth) {
        return new TeaAir(
                        A_LITRE_PER_MINUTE,
                        depth,
                        TeaAir.STONES,
                        where.spot().temperature().celsius(),
                        AT_SEA_LEVEL)
                .supply();
    }

    private Step food(double demand, double hours) {
        return Step.of(
                "Its sugar takes oxygen: sucrose × 1.12 ÷ hours.",
                AmountText.number(demand) + " g/h",
                Evidence.derivedFrom(Mark.FROM_MEMORY),
                "sucrose in it",
                AmountText.number(sucrose(), 1) + " g",
                "hours",
                AmountText.number(hours, 0));
    }
}
