package potmellow.core.judged;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import potmellow.core.book.Book;
import potmellow.core.book.Gate;
import potmellow.core.book.Method;
import potmellow.core.book.Stage;
import potmellow.core.craft.Act;
import potmellow.core.judgement.Verdict;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;
import potmellow.core.pot.Assessment;
import potmellow.core.pot.Course;
import potmellow.core.pot.Stop;
import potmellow.core.pot.Visit;
import potmellow.core.practice.Accident;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Condition;
import potmellow.core.practice.Hand;
import potmellow.core.practice.PracticePot;
import potmellow.core.ripening.Expectation;
import potmellow.core.ripening.Forecast;
import potmellow.core.vessel.Lid;

/** One practice pot, kept as the application asks for, with what it said held against what was true. */
final class Trial {
    private static final Instant SET = Instant.parse("2026-05-01T08:00:00Z");
    private static final double HOURS_A_DAY = 24;
    private static final double LONGEST = 3;
    private static final int LEAST_DAYS = 4;

    private final Book book;
    private final Brew brew;
    private final Method method;
    private final Stage stage;
    private final Hand hand;
    private final Set<Accident> accidents;
    private final Surroundings where;
    private final Expectation expectation;
    private final PracticePot pot;
    private final SplittableRandom random;
    private final List<Visit> visits = new ArrayList<>();
    private final List<Reading> readings = new ArrayList<>();
    private final boolean meters;
    private final double step;
    private Optional<Forecast> half = Optional.empty();
    private double halfHour;
    private boolean told;
    private double toldAt = Double.NaN;
    private int made;

    private Trial(Book book, Setup setup, List<Double> earlier) {
        this.book = book;
        this.brew = setup.brew();
        this.method = book.method(brew.methodId()).orElseThrow();
        this.stage = method.stages().get(0);
        this.hand = setup.hand();
        this.accidents = setup.accidents();
        this.random = new SplittableRandom(setup.seed());
        this.where = surroundings(setup);
        this.expectation = Expectation.of(stage, earlier);
        double days = stage.window().toDays();
        this.step = days < LEAST_DAYS ? 4 : HOURS_A_DAY;
        this.pot =
                PracticePot.set(brew, setup.gardener(), setup.seed(), accidents, where::truly, Math.min(step / 4, 2));
        this.meters = hand != Hand.NOVICE;
    }

    private Surroundings surroundings(Setup setup) {
        double from = HOURS_A_DAY * stage.window().fromDays() * 0.2;
        double until = from + HOURS_A_DAY * stage.window().fromDays() * 0.6;
        double moved = accidents.contains(Accident.COLD) ? -9 : accidents.contains(Accident.STOVE) ? 10 : 0;
        return new Surroundings(setup.place(), moved, from, until);
    }

    /** Keeps one pot to its end. */
    static Outcome run(Book book, Setup setup, List<Double> earlier) {
        return new Trial(book, setup, earlier).keep();
    }

    private Outcome keep() {
        if (stage.starts() == Stage.Starts.AIR_ON) {
            visit(0, Act.AIR_ON, Map.of());
        }
        Forecast atSetting = ask(0).forecast().value();
        halfHour = hours(atSetting.likely()).orElse(HOURS_A_DAY * stage.window().likelyDays()) / 2;
        double end = HOURS_A_DAY
                * Math.max(LEAST_DAYS / 2.0, LONGEST * stage.window().toDays());
        Optional<Ending> ending = Optional.empty();
        for (double hour = step; hour <= end; hour += step) {
            pumpFails(hour);
            pot.until(hour);
            if (ending.isEmpty()) {
                ending = day(hour);
            } else {
                care(hour);
            }
            if (ending.isPresent() && pot.ripeAt().isPresent()) {
                break;
            }
        }
        return new Outcome(
                brew,
                hours(atSetting.early()),
                hours(atSetting.likely()),
                hours(atSetting.late()),
                half.flatMap(Forecast::likely).map(Trial::hour),
                pot.ripeAt(),
                pot.spoiltAt(),
                pot.dangerousAt(),
                told,
                ending,
                made,
                where.usual(),
                ideal(end),
                accidents);
    }

    /** What somebody would say at setting who knew the simulator itself, but neither luck nor weather. */
    private OptionalDouble ideal(double end) {
        PracticePot usual = PracticePot.usual(brew, hour -> where.known(hour, 0), Math.min(step / 4, 2));
        if (stage.starts() == Stage.Starts.AIR_ON) {
            usual.act(Act.AIR_ON);
        }
        for (double hour = step; hour <= end && usual.ripeAt().isEmpty(); hour += step) {
            usual.until(hour);
            stage.care().stream().map(Stage.Care::act).forEach(usual::act);
        }
        return usual.ripeAt();
    }

    /** A night without air. */
    private void pumpFails(double hour) {
        if (accidents.contains(Accident.PUMP_OFF)) {
            if (hour == 3 * step) {
                pot.act(Act.AIR_OFF);
            } else if (hour == 5 * step) {
                pot.act(Act.AIR_ON);
            }
        }
    }

    /** What the application says on a day, and what is done about it. */
    private Optional<Ending> day(double hour) {
        Assessment before = ask(hour);
        remember(hour, before.forecast().value());
        Optional<Stop> stop = Stop.of(course(hour), before, false, at(hour), at(hour + step * 0.9));
        boolean comes = stop.isPresent() && random.nextDouble() < hand.comes();
        dangers(hour, before, stop);
        if (!comes) {
            return Optional.empty();
        }
        made++;
        Map<String, String> signs = pot.sensed(hand, random.nextLong());
        read(hour);
        visit(hour, Act.LOOKED, known(signs));
        Verdict verdict = ask(hour + 0.01).verdict().value();
        dangers(hour, ask(hour + 0.01), Optional.empty());
        if (verdict.kind() != Verdict.Kind.NOT_YET) {
            return Optional.of(new Ending(hour, verdict.kind(), pot.condition(), verdict.soilOnly()));
        }
        for (Act act : acts(stop.orElseThrow(), verdict)) {
            visit(hour + 0.02, act, Map.of());
        }
        return Optional.empty();
    }

    private List<Act> acts(Stop stop, Verdict verdict) {
        List<Act> acts = new ArrayList<>();
        stop.tasks().forEach(task -> task.act().ifPresent(acts::add));
        verdict.urgent().forEach(danger -> danger.act().ifPresent(acts::add));
        acts.addAll(verdict.remedies());
        return acts.stream()
                .distinct()
                .filter(act -> act != Act.LOOKED && !forgotten(act))
                .toList();
    }

    private boolean forgotten(Act act) {
        return act == Act.STIRRED && accidents.contains(Accident.NOT_STIRRED)
                || act == Act.TURNED && accidents.contains(Accident.NOT_TURNED);
    }

    private void remember(double hour, Forecast forecast) {
        if (half.isEmpty() && hour >= halfHour) {
            half = Optional.of(forecast);
        }
    }

    /** Only what the application asks about can be told it. */
    private Map<String, String> known(Map<String, String> signs) {
        Map<String, String> asked = new HashMap<>();
        book.signs()
                .senses(method, lid())
                .forEach(sense -> Optional.ofNullable(signs.get(sense.sense()))
                        .filter(sign ->
                                sense.signs().stream().anyMatch(one -> one.id().equals(sign)))
                        .ifPresent(sign -> asked.put(sense.sense(), sign)));
        return asked;
    }

    private void read(double hour) {
        if (!meters) {
            return;
        }
        for (Gate gate : stage.gates()) {
            double value =
                    gate.meter() == Meter.PH ? pot.readPh(random.nextLong()) : pot.readCelsius(random.nextLong());
            readings.add(new Reading(gate.meter(), value, at(hour)));
        }
    }

    /** Whether what becomes dangerous was spoken of beforehand: as a danger, or as the act that would prevent it. */
    private void dangers(double hour, Assessment assessment, Optional<Stop> stop) {
        boolean asks = stop.stream()
                .flatMap(one -> one.tasks().stream())
                .flatMap(task -> task.act().stream())
                .anyMatch(act -> act == Act.VENTED || act == Act.TURNED);
        if ((asks || !assessment.dangers().isEmpty()) && pot.dangerousAt().isEmpty()) {
            toldAt = hour;
        }
        if (pot.dangerousAt().isPresent() && !Double.isNaN(toldAt)) {
            told = pot.dangerousAt().getAsDouble() - toldAt <= 2 * HOURS_A_DAY;
        }
    }

    /** After its end for the gardener it goes on as it was kept, so that it is known when it would have been ripe. */
    private void care(double hour) {
        stage.care().stream()
                .map(Stage.Care::act)
                .filter(act -> !forgotten(act))
                .forEach(pot::act);
    }

    private void visit(double hour, Act act, Map<String, String> signs) {
        visits.add(new Visit(at(hour), act, signs, Optional.empty()));
        pot.act(act);
    }

    private Assessment ask(double hour) {
        return course(hour).at(at(hour), UnitSystem.METRIC);
    }

    private Course course(double asked) {
        return new Course(
                book,
                method,
                0,
                lid(),
                SET,
                List.copyOf(visits),
                List.copyOf(readings),
                moment -> where.known(hour(moment), asked),
                expectation);
    }

    private Lid lid() {
        return pot.holdsGas() ? Lid.BURPED : Lid.LOOSE;
    }

    private static Instant at(double hour) {
        return SET.plus(Duration.ofSeconds(Math.round(hour * 3600)));
    }

    private static double hour(Instant moment) {
        return Duration.between(SET, moment).toMillis() / 3.6e6;
    }

    private static OptionalDouble hours(Optional<Instant> moment) {
        return moment.map(Trial::hour).map(OptionalDouble::of).orElseGet(OptionalDouble::empty);
    }

    /** What a pot that was judged to be done took, as the application would learn it; empty where it learns nothing. */
    static OptionalDouble took(Book book, Setup setup, List<Double> earlier) {
        Trial trial = new Trial(book, setup, earlier);
        return trial.keep()
                .ending()
                .filter(ending -> ending.verdict() == Verdict.Kind.READY)
                .flatMap(ending -> trial.course(ending.hour()).tookDays(at(ending.hour()), UnitSystem.METRIC))
                .map(OptionalDouble::of)
                .orElseGet(OptionalDouble::empty);
    }

    /**
     * Where a pot comes from.
     *
     * @param brew what is made
     * @param gardener whose it is
     * @param seed which of their pots
     * @param place where it stands
     * @param hand how well they sense and how faithfully they come
     * @param accidents what goes wrong
     */
    record Setup(Brew brew, long gardener, long seed, long place, Hand hand, Set<Accident> accidents) {}

    /**
     * How it ended for the gardener.
     *
     * @param hour when
     * @param verdict what the application said
     * @param truth what it was
     * @param soilOnly whether it was told to be for soil only
     */
    record Ending(double hour, Verdict.Kind verdict, Condition truth, boolean soilOnly) {}

    /**
     * What came of a pot.
     *
     * @param early as told at setting, hour
     * @param likely as told at setting, hour
     * @param late as told at setting, hour
     * @param likelyAtHalf as told half way, hour
     * @param ripe when it truly was ripe, hour
     * @param spoilt when it truly spoilt, hour
     * @param dangerous when it truly became dangerous, hour
     * @param told whether that danger was spoken of before
     * @param ending how it ended for the gardener
     * @param visits how many were made
     * @param usualCelsius of its place
     * @param ideal when it would have been ripe, had it been as usual and as warm as was known at setting, hour
     * @param accidents what went wrong
     */
    record Outcome(
            Brew brew,
            OptionalDouble early,
            OptionalDouble likely,
            OptionalDouble late,
            Optional<Double> likelyAtHalf,
            OptionalDouble ripe,
            OptionalDouble spoilt,
            OptionalDouble dangerous,
            boolean told,
            Optional<Ending> ending,
            int visits,
            double usualCelsius,
            OptionalDouble ideal,
            Set<Accident> accidents) {}
}
