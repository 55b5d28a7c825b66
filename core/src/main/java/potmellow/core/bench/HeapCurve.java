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
import potmellow.core.measure.UnitSystem;
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
    private static final double COLDEST = -20;
    private static final double HOTTEST = 80;
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
                        "0 h: 41 °C, 2 h: 43 °C, 4 h: 45 °C",
                        "hour: temperature, at least three over two hours"),
                Entry.turned("air", "Air around it", 15, -10, 35, 1, "°C"));
    }

    @Override
    public Reply answer(Entries in) {
        List<Reading> readings = readings(in.text("readings"), in.system());
        Reading last = readings.get(readings.size() - 1);
        Working<HeapHeat> worked = HeapHeat.of(readings, Instant.EPOCH, last.at(), in.system())
                .orElseThrow(() -> unreadable(
                        in.text("readings"), "At least three readings over two hours, within twelve, are needed."));
        HeapHeat heat = worked.value();
        return new Reply(
                heat.sentence(),
                worked,
                results(heat, last.value()),
                remarks(heat),
                Optional.of(chart(heat, last.value(), in.number("air"))),
                List.of(new HandOver(HandOver.Kind.NOTE, "Note it at a pot", Map.of("note", heat.sentence()))),
                Map.of("limit", HeapHeat.LIMIT_CELSIUS));
    }

    private static List<Result> results(HeapHeat heat, double now) {
        List<Result> results = new ArrayList<>();
        results.add(new Result(
                "slope", "heats by", heat.kelvinPerHour(), AmountText.number(heat.kelvinPerHour(), 2) + " °C an hour"));
        results.add(celsius("now", "now", now));
        results.add(celsius("twelve", "in twelve hours, if it goes on so", heat.inTwelveHours()));
        heat.levels().ifPresent(off -> results.add(celsius("levels", "levels off at", off.celsius())));
        heat.left()
                .ifPresent(left -> results.add(new Result(
                        "left",
                        "until 49 °C",
                        left.toMinutes() / 60.0,
                        AmountText.number(left.toMinutes() / 60.0, 1) + " h")));
        return results;
    }

    private static Result celsius(String id, String name, double celsius) {
        return new Result(id, name, celsius, AmountText.number(celsius, 1) + " °C");
    }

    private static List<Remark> remarks(HeapHeat heat) {
        List<Remark> remarks = new ArrayList<>();
        if (heat.warn()) {
            remarks.add(Remark.danger("Above 49 °C (120 °F) what you are growing dies: turn and spread it before."));
        }
        remarks.add(Remark.note("Below about 100 L a heap rarely heats (from memory)."));
        remarks.add(Remark.danger("A mask for a mouldy or dusty heap; yellow-green mould is thrown away, mask on."));
        remarks.add(Remark.assumed(
                "The line is a straight one of least squares, or a rise that levels where a straight one is more than half a"
                        + " degree off; no heap is taken to get hotter than 75 °C (from memory), and nothing is said"
                        + " beyond a day."));
        remarks.add(Remark.assumed(
                "The curves: it makes heat as it did, loses 3 % of its warmth over the air an hour lying and"
                        + " 15 % spread; turning leaves 60 % of it (all from memory)."));
        return remarks;
    }

    private static List<Reading> readings(String text, UnitSystem system) {
        List<Reading> readings = new ArrayList<>();
        for (String one : text.split("[,;\\n]+(?=\\s*\\d)")) {
            Matcher matcher = READING.matcher(one.strip());
            if (!matcher.matches() || readings.size() == MOST_READINGS) {
                throw unreadable(text, "Write them as 0 h: 41 °C, 2 h: 43 °C, 4 h: 45 °C, at most 40.");
            }
            double hour = number(matcher.group(1));
            double celsius = celsius(number(matcher.group(2)), matcher.group(3), system);
            if (hour > LONGEST_HOURS || celsius < COLDEST || celsius > HOTTEST) {
                throw unreadable(text, "Hours go up to 240, and heaps from -20 to 80 °C (-4 to 176 °F).");
            }
            readings.add(new Reading(
                    Meter.THERMOMETER, celsius, Instant.EPOCH.plus(Duration.ofMinutes(Math.round(hour * 60)))));
        }
        readings.sort(Comparator.comparing(Reading::at));
        return readings;
    }

    /** Bare degrees are those of the garden. */
    private static double celsius(double degrees, String scale, UnitSystem system) {
        boolean fahrenheit = scale == null ? system == UnitSystem.US : scale.equalsIgnoreCase("f");
        return fahrenheit ? (degrees - 32) / 1.8 : degrees;
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    private static EntryProblem unreadable(String given, String allowed) {
        return new EntryProblem("readings", InvalidInput.unreadable("The readings", given, allowed));
    }

    /** Warmth of the coming day: dT/dt = q − k·(T − air), with q from what it does now; or on to where it levels off. */
    private static Chart chart(HeapHeat heat, double now, double air) {
        double makes = heat.kelvinPerHour() + LOSES * (now - air);
        double loses = heat.levels().map(HeapHeat.Levelling::ratePerHour).orElse(LOSES);
        double rest = heat.levels().map(HeapHeat.Levelling::celsius).orElse(air + makes / LOSES);
        return new Chart(
                "The coming day",
                "hours from the last reading",
                "°C",
                List.of(
                        run("left alone", now, rest, loses),
                        run("turned now", air + LEFT_BY_TURNING * (now - air), rest, loses),
                        run("spread thin", now, air + makes / LOSES_SPREAD, LOSES_SPREAD)),
                List.of(new Threshold("what you grow dies", HeapHeat.LIMIT_CELSIUS)),
                Optional.of(new Point(0, now)));
    }

    private static Curve run(String name, double start, double towards, double loses) {
        List<Point> points = new ArrayList<>();
        double rest = Math.min(towards, Math.max(start, HeapHeat.HOTTEST_CELSIUS));
        for (double hour = 0; hour <= HOURS_AHEAD; hour += STEP) {
            points.add(new Point(hour, rest + (start - rest) * Math.exp(-loses * hour)));
        }
        return new Curve(name, points);
    }
}
