package potmellow.core.ripening;

import java.util.Optional;
import potmellow.core.book.Stage;
import potmellow.core.craft.Clock;
import potmellow.core.craft.Family;

/** How fast a stage's clock runs. */
public sealed interface Pace permits Pace.Warmth, Pace.Calendar {
    /** Days on the clock that pass in one day at a temperature. */
    double rate(double celsius);

    /** The family's cardinal temperatures; empty where warmth doesn't matter. */
    Optional<CardinalTemperatures> warmth();

    /** The pace of a stage: by warmth where its clock is thermal, else by the calendar. */
    static Pace of(Family family, Stage stage) {
        Optional<CardinalTemperatures> rates =
                stage.clock() == Clock.THERMAL ? CardinalTemperatures.of(family) : Optional.empty();
        return rates.<Pace>map(Warmth::new).orElseGet(Calendar::new);
    }

    /**
     * By warmth.
     *
     * @param rates how fast at which temperature
     */
    record Warmth(CardinalTemperatures rates) implements Pace {
        @Override
        public double rate(double celsius) {
            return rates.rate(celsius);
        }

        @Override
        public Optional<CardinalTemperatures> warmth() {
            return Optional.of(rates);
        }
    }

    /** By the calendar; what is frozen stands still. */
    record Calendar() implements Pace {
        @Override
        public double rate(double celsius) {
            return celsius > 0 ? 1 : 0;
        }

        @Override
        public Optional<CardinalTemperatures> warmth() {
            return Optional.empty();
        }
    }
}
