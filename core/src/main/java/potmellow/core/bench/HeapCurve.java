package potmellow.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import potmellow.core.bench.Reply.Chart;
import potmellow.core.bench.Reply.Curve;
import potmellow.core.bench.Reply.HandOver;
import potmellow.core.bench.Reply.Point;
import potmellow.core.bench.Reply.Remark;
import potmellow.core.bench.Reply.Result;
import potmellow.core.bench.Reply.Threshold;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.InvalidInput;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;
import potmellow.core.working.Working;
import potmellow.core.workings.HeapHeat;

/** How long a heap has before it gets too hot, and what turning or spreading it would do. */
final class HeapCurve implements Instrument {
    private static final Pattern READING = Pattern.compile(
            "(\\d{1,3}(?:[.,]\\d{1,2})?)\\s*h?\\s*[:=]\\s*(-?\\d{1,3}(?:[.,]\\d{1,2})?)\\s*(?:°?\\s*([cfCF]))?");
    private static final int MOST_READINGS = 40;
    private static final double LONGEST_HOURS = 240;
    /** What a heap loses of its warmth over the air in an hour, lying and spread (from memory). */
    private static final double LOSES = 0.03;

    private static final double LOSES_SPREAD = 0.15;
    /** What turning leaves of that warmth (from memory). */
    private static final double LEFT_BY_TURNING = 0.6;

    private static final double HOURS_AHEAD = 24;
    private static final double STEP = 0.5;

    @Override
    public String id() {
        return "heap";
    }

    @Override
    public String title() {
        return "Heap heat";
    }

    @Override
    public String asks() {
        return "When does this heap reach 49 °C, and what would turning do?";
    }

    @Override
    public List<Entry> entries() {
        return List.of(
                Entry.typed(
                        "readings",
                        "Readings since it was turned",
                        "0 h: 41, 2 h: 43, 4 h: 45",
                        "hour: °C, at least three over two hours"),
                Entry.turned("air", "Air around it", 15, -10, 35, 1, "°C"));
    }

    @Override
    public Reply answer(Entries in) {
        List<Reading> readings = readings(in.text("readings"));
        Instant last = readings.get(readings.size() - 1).at();
        Working<HeapHeat> worked = HeapHeat.of(readings, Instant.EPOCH, last, in.system())
                .orElseThrow(() -> unreadable(
                        in.text("readings"), "At least three readings over two hours, within twelve, are needed."));
        HeapHeat heat = worked.value();
        double air = in.number("air");
        double now = readings.get(readings.size() - 1).value();
        List<Result> results = new ArrayList<>();
        results.add(new Result(
                "slope", "heats by", heat.kelvinPerHour(), AmountText.number(heat.kelvinPerHour(), 2) + " °C an hour"));
        results.add(new Result("now", "now", now, AmountText.number(now, 1) + " °C"));
        results.add(new Result(
                "twelve",
                "in twelve hours, on that line",
                heat.inTwelveHours(),
                AmountText.number(heat.inTwelveHours(), 1) + " °C"));
        heat.left()
                .ifPresent(left -> results.add(new Result(
                        "left",
                        "until 49 °C",
                        left.toMinutes() / 60.0,
                        AmountText.number(left.toMinutes() / 60.0, 1) + " h")));
        List<Remark> remarks = new ArrayList<>();
        if (heat.warn()) {
            remarks.add(Remark.danger("Above 49 °C (120 °F) what you are growing dies: turn and spread it before."));
        }
        remarks.add(Remark.note("Below about 100 L a heap rarely heats (from memory)."));
        remarks.add(Remark.danger("A mask for a mouldy or dusty heap; yellow-green mould is thrown away, mask on."));
        remarks.add(Remark.assumed(
                "The line is a straight one of least squares; no heap heats on for ever, so it is said for"
                        + " twelve hours only."));
        remarks.add(Remark.assumed(
                "The curves: it makes heat as it did, loses 3 % of its warmth over the air an hour lying and"
                        + " 15 % spread; turning leaves 60 % of it (all from memory)."));
        return new Reply(
                heat.sentence(),
                worked,
                results,
                remarks,
                Optional.of(chart(heat.kelvinPerHour(), now, air)),
                List.of(new HandOver(HandOver.Kind.NOTE, "Note it at a pot", Map.of("note", heat.sentence()))));
    }

    private static List<Reading> readings(String text) {
        List<Reading> readings = new ArrayList<>();
        for (String one : text.split("[,;\\n]+(?=\\s*\\d)")) {
            Matcher matcher = READING.matcher(one.strip());
            if (!matcher.matches() || readings.size() == MOST_READINGS) {
                throw unreadable(text, "Write them as 0 h: 41, 2 h: 43, 4 h: 45, at most 40.");
            }
            double hour = number(matcher.group(1));
            double degrees = number(matcher.group(2));
            boolean fahrenheit = "f".equalsIgnoreCase(matcher.group(3));
            double celsius = fahrenheit ? (degrees - 32) / 1.8 : degrees;
            if (hour > LONGEST_HOURS || celsius < -20 || celsius > 90) {
                throw unreadable(text, "Hours go up to 240, and heaps from -20 to 90 °C.");
            }
            readings.add(new Reading(
                    Meter.THERMOMETER, celsius, Instant.EPOCH.plus(Duration.ofMinutes(Math.round(hour * 60)))));
        }
        readings.sort(Comparator.comparing(Reading::at));
        return readings;
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    private static EntryProblem unreadable(String given, String allowed) {
        return new EntryProblem("readings", InvalidInput.unreadable("The readings", given, allowed));
    }

    /** Warmth of the coming day: dT/dt = q − k·(T − air), with q from what it does now. */
    private static Chart chart(double slope, double now, double air) {
        double makes = slope + LOSES * (now - air);
        return new Chart(
                "The coming day",
                "hours from the last reading",
                "°C",
                List.of(
                        run("left alone", now, air, makes, LOSES),
                        run("turned now", air + LEFT_BY_TURNING * (now - air), air, makes, LOSES),
                        run("spread thin", now, air, makes, LOSES_SPREAD)),
                List.of(new Threshold("what you grow dies", HeapHeat.LIMIT_CELSIUS)),
                Optional.of(new Point(0, now)));
    }

    private static Curve run(String name, double start, double air, double makes, double loses) {
        List<Point> points = new ArrayList<>();
        for (double hour = 0; hour <= HOURS_AHEAD; hour += STEP) {
            double rest = air + makes / loses;
            points.add(new Point(hour, rest + (start - rest) * Math.exp(-loses * hour)));
        }
        return new Curve(name, points);
    }
}
