package potmellow.app.potpage;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import potmellow.app.pot.Pot;
import potmellow.app.visit.Check;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.ripening.PotTemperature;

/**
 * What was read off a pot, against the limits that matter.
 *
 * @param warmth how warm the pot is reckoned to have been and to be, from its setting to its latest readiness
 * @param series what was read, by meter; only meters that were read
 * @param limits lines not to be crossed
 */
record PotChart(List<ReadPoint> warmth, List<ReadSeries> series, List<ReadLimit> limits) {
    private static final int MOST_POINTS = 160;
    private static final Duration LEAST_STEP = Duration.ofHours(1);
    private static final Duration LONGEST = Duration.ofDays(400);
    private static final double FAHRENHEIT_STEPS = 1.8;
    private static final double FAHRENHEIT_ZERO = 32;

    static PotChart of(Pot pot) {
        return new PotChart(warmth(pot), series(pot), limits(pot));
    }

    private static List<ReadPoint> warmth(Pot pot) {
        Instant from = pot.batch().setAt().truncatedTo(ChronoUnit.HOURS);
        Instant end = pot.batch().isWorking()
                ? pot.forecast()
                        .value()
                        .late()
                        .filter(late -> late.isAfter(pot.now()))
                        .orElse(pot.now())
                : pot.batch().state().since();
        Instant until = end.isAfter(from.plus(LONGEST)) ? from.plus(LONGEST) : end;
        Duration span = Duration.between(from, until.isAfter(from) ? until : from.plus(LEAST_STEP));
        Duration step =
                span.dividedBy(MOST_POINTS).compareTo(LEAST_STEP) > 0 ? span.dividedBy(MOST_POINTS) : LEAST_STEP;
        PotTemperature temperature = pot.course().temperature();
        List<ReadPoint> points = new ArrayList<>();
        for (Instant at = from; !at.isAfter(from.plus(span)); at = at.plus(step)) {
            points.add(new ReadPoint(
                    at,
                    shown(Meter.THERMOMETER, temperature.at(at), pot.garden().units())));
        }
        return points;
    }

    private static List<ReadSeries> series(Pot pot) {
        Set<UUID> corrected = Check.corrected(pot.checks());
        UnitSystem units = pot.garden().units();
        return Stream.of(Meter.values())
                .map(meter -> new ReadSeries(
                        meter,
                        meter.words(),
                        unit(meter, units),
                        pot.readings().stream()
                                .filter(entry -> entry.reading().meter() == meter && !entry.struck())
                                .filter(entry -> entry.checkId()
                                        .map(id -> !corrected.contains(id))
                                        .orElse(true))
                                .map(entry -> new ReadPoint(
                                        entry.reading().at(),
                                        shown(meter, entry.reading().value(), units)))
                                .toList()))
                .filter(series -> !series.points().isEmpty())
                .toList();
    }

    private static List<ReadLimit> limits(Pot pot) {
        UnitSystem units = pot.garden().units();
        Stream<ReadLimit> gates = pot.stage().gates().stream()
                .map(gate -> new ReadLimit(
                        gate.meter(),
                        shown(gate.meter(), gate.limit(), units),
                        gate.atMost().isPresent(),
                        gate.limitWords()));
        Stream<ReadLimit> place = pot.method().place().celsius().stream()
                .flatMap(range -> Stream.of(
                        new ReadLimit(
                                Meter.THERMOMETER,
                                shown(Meter.THERMOMETER, range.least(), units),
                                false,
                                "best from " + text(range.least(), units)),
                        new ReadLimit(
                                Meter.THERMOMETER,
                                shown(Meter.THERMOMETER, range.most(), units),
                                true,
                                "best up to " + text(range.most(), units))));
        return Stream.concat(gates, place).toList();
    }

    private static String text(double celsius, UnitSystem units) {
        return AmountText.temperature(Temperature.ofCelsius(celsius), units);
    }

    private static String unit(Meter meter, UnitSystem units) {
        return meter == Meter.THERMOMETER && units == UnitSystem.US ? "°F" : meter.unit();
    }

    /** A chart shows the garden's own degrees. */
    private static double shown(Meter meter, double value, UnitSystem units) {
        double own = meter == Meter.THERMOMETER && units == UnitSystem.US
                ? value * FAHRENHEIT_STEPS + FAHRENHEIT_ZERO
                : value;
        return Math.round(own * 100) / 100.0;
    }

    record ReadPoint(Instant at, double value) {}

    /** @param unit the unit of its points, in the garden's own system */
    record ReadSeries(Meter meter, String words, String unit, List<ReadPoint> points) {}

    /** @param most whether values above it are wrong, rather than values below */
    record ReadLimit(Meter meter, double value, boolean most, String words) {}
}
