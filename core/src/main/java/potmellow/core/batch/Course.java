package potmellow.core.batch;

import static java.util.Objects.requireNonNull;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.care.CareRhythm;
import potmellow.core.craft.Act;
import potmellow.core.craft.Clock;
import potmellow.core.craft.Family;
import potmellow.core.judgement.Judgement;
import potmellow.core.judgement.Observation;
import potmellow.core.judgement.Seen;
import potmellow.core.judgement.Verdict;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;
import potmellow.core.ripening.ClockStart;
import potmellow.core.ripening.ContentsAge;
import potmellow.core.ripening.ContentsAge.Topping;
import potmellow.core.ripening.Expectation;
import potmellow.core.ripening.Forecast;
import potmellow.core.ripening.Pace;
import potmellow.core.ripening.PotTemperature;
import potmellow.core.ripening.Ripening;
import potmellow.core.vessel.Lid;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;
import potmellow.core.workings.HeapHeat;
import potmellow.core.workings.ShellCalcium;

/**
 * What has happened to a pot so far. Every new fact makes a new course, so that nothing is ever forecast from old ones.
 *
 * @param book the book it is made by
 * @param method how it is made
 * @param stageNumber the stage it is in, from 0
 * @param lid its lid
 * @param setAt when it was set
 * @param visits in any order, struck ones left out
 * @param readings in any order, struck ones left out
 * @param surroundings how warm it is around the pot at any moment, °C
 * @param expectation how long the stage takes
 */
public record Course(
        Book book,
        Method method,
        int stageNumber,
        Lid lid,
        Instant setAt,
        List<Visit> visits,
        List<Reading> readings,
        ToDoubleFunction<Instant> surroundings,
        Expectation expectation) {
    private static final Duration COLD_LOOK_BACK = Duration.ofHours(48);
    private static final int DAYS_FOR_WORDS = 7;
    private static final int HOURS_FOR_WORDS = 3;
    private static final double ALWAYS = 24;

    public Course {
        requireNonNull(book, "book");
        requireNonNull(setAt, "setAt");
        visits = visits.stream().sorted(Comparator.comparing(Visit::at)).toList();
        readings = readings.stream().sorted(Comparator.comparing(Reading::at)).toList();
    }

    public Stage stage() {
        return method.stages().get(stageNumber);
    }

    /** How warm the pot was, is and will be, °C. */
    public PotTemperature temperature() {
        return new PotTemperature(surroundings, readings);
    }

    private Ripening ripening() {
        PotTemperature warmth = temperature();
        return new Ripening(Pace.of(method.family(), stage()), warmth::at);
    }

    /** The mean warmth around it in the coming week, for words. */
    public Temperature usualWarmth(Instant now) {
        return Temperature.ofCelsius(Stream.iterate(0, hour -> hour + HOURS_FOR_WORDS)
                .limit(DAYS_FOR_WORDS * (long) (24 / HOURS_FOR_WORDS))
                .mapToDouble(hour -> surroundings.applyAsDouble(now.plus(Duration.ofHours(hour))))
                .average()
                .orElseThrow());
    }

    /** What is to be thought of it at a moment. Later facts don't count. */
    public Assessment at(Instant now, UnitSystem system) {
        Course known = until(now);
        ClockStart start = known.clockStart();
        Ripening ripening = known.ripening();
        Working<Forecast> forecast =
                Forecast.of(stage(), expectation, ripening, start, now, known.usualWarmth(now), system);
        Seen seen = known.seen(ripening, start, now);
        Working<Verdict> verdict =
                new Judgement(stage(), forecast.value(), ripening.meanRate(now, COLD_LOOK_BACK), seen, now).verdict();
        return new Assessment(
                forecast,
                verdict,
                CareRhythm.of(stage(), lid, forecast.value(), start.at(), known.lastDone(), now),
                known.heat(now, system),
                known.conversion(),
                known.age(now));
    }

    /**
     * After how many days on its clock it was first found ready at a visit; at its end where no visit found it so.
     *
     * @param end when it was emptied
     */
    public double tookDays(Instant end, UnitSystem system) {
        Instant found = visits.stream()
                .map(Visit::at)
                .filter(at -> !at.isAfter(end))
                .filter(at -> at(at, system).verdict().value().kind() == Verdict.Kind.READY)
                .findFirst()
                .orElse(end);
        ClockStart start = until(found).clockStart();
        return ripening().progress(start.at(), found);
    }

    private Course until(Instant now) {
        return new Course(
                book,
                method,
                stageNumber,
                lid,
                setAt,
                visits.stream().filter(visit -> !visit.at().isAfter(now)).toList(),
                readings.stream().filter(reading -> !reading.at().isAfter(now)).toList(),
                surroundings,
                expectation);
    }

    private ClockStart clockStart() {
        Optional<ClockStart> started = switch (stage().starts()) {
            case SET -> Optional.empty();
            case LAST_FILL -> startedBy(lastDone(Act.TOPPED_UP), "Its clock starts at the last fill.");
            case AIR_ON -> startedBy(lastDone(Act.AIR_ON), "Its clock starts with the air.");
        };
        Optional<ClockStart> measured = stage().clock() == Clock.MEASURED ? measuredStart() : Optional.empty();
        return measured.or(() -> started).orElseGet(() -> ClockStart.set(setAt));
    }

    private static Optional<ClockStart> startedBy(Optional<Instant> moment, String words) {
        return moment.map(at -> new ClockStart(at, 0, Optional.of(Step.of(words, "", Evidence.commonPractice()))));
    }

    /** From the last pH on: the share converted ÷ 0.85 is the ripeness then. */
    private Optional<ClockStart> measuredStart() {
        return lastReading(Meter.PH)
                .flatMap(reading -> conversion().map(working -> {
                    double ripeness = working.value().ripeness();
                    return new ClockStart(
                            reading.at(),
                            expectation.window().progress(ripeness),
                            Optional.of(Step.of(
                                    "Measured: share of the vinegar used up ÷ 0.85 is the ripeness.",
                                    AmountText.number(ripeness, 2),
                                    Evidence.derivedFrom(Mark.COMMON_PRACTICE),
                                    "used up at least",
                                    AmountText.percent(working.value().least()))));
                }));
    }

    private Optional<Working<ShellCalcium.Conversion>> conversion() {
        return method.family() == Family.SHELLS
                ? lastReading(Meter.PH)
                        .map(reading -> ShellCalcium.converted(reading.value(), ShellCalcium.USUAL_PERCENT))
                : Optional.empty();
    }

    private Optional<Working<HeapHeat>> heat(Instant now, UnitSystem system) {
        boolean limited = stage().gates().stream().anyMatch(gate -> gate.meter() == Meter.THERMOMETER);
        return limited ? HeapHeat.of(readings, lastDone(Act.TURNED).orElse(setAt), now, system) : Optional.empty();
    }

    /** What the brew is that leaves it at a moment; nothing that happens afterwards changes that. */
    public Drawn drawn(Instant at) {
        Course known = until(at);
        return new Drawn(
                known.contentsAge(at).value(),
                known.lastReading(Meter.PH).map(Reading::value),
                known.lastReading(Meter.EC).map(Reading::value));
    }

    private Optional<Working<Double>> age(Instant now) {
        return method.toppedUp() ? Optional.of(contentsAge(now)) : Optional.empty();
    }

    private Working<Double> contentsAge(Instant now) {
        List<Topping> toppings = visits.stream()
                .filter(visit -> visit.act() == Act.TOPPED_UP)
                .flatMap(visit -> visit.replaced().stream().map(share -> new Topping(visit.at(), share)))
                .toList();
        return ContentsAge.of(setAt, toppings, now);
    }

    private Seen seen(Ripening ripening, ClockStart start, Instant now) {
        List<Observation> observations = visits.stream()
                .flatMap(visit -> visit.signs().entrySet().stream()
                        .flatMap(sensed ->
                                book.signs().sign(method.family(), sensed.getKey(), sensed.getValue()).stream()
                                        .map(sign -> new Observation(
                                                visit.at(),
                                                sensed.getKey(),
                                                sign.later().isEmpty()
                                                        ? sign
                                                        : sign.at(ripenessAt(ripening, start, visit.at()))))))
                .toList();
        return new Seen(method.family(), observations, readings, beyondItsHours(now), book.spoils(method));
    }

    private double ripenessAt(Ripening ripening, ClockStart start, Instant moment) {
        return expectation.window().ripeness(start.progressDays() + ripening.progress(start.at(), moment));
    }

    /** A tea without air lives only so many hours. */
    private Optional<String> beyondItsHours(Instant now) {
        Optional<Instant> off = lastDone(Act.AIR_OFF)
                .filter(moment -> lastDone(Act.AIR_ON).map(moment::isAfter).orElse(true));
        Product product = book.productOf(method);
        double hours = product.keeps().stream()
                .flatMap(keep -> keep.hours().stream())
                .mapToDouble(stated -> stated.value())
                .max()
                .orElse(ALWAYS);
        return off.filter(moment -> Duration.between(moment, now).toMinutes() > hours * 60)
                .map(moment -> "It has stood without air for more than " + AmountText.number(hours) + " hours.");
    }

    private Map<Act, Instant> lastDone() {
        Map<Act, Instant> last = new EnumMap<>(Act.class);
        visits.forEach(visit -> last.put(visit.act(), visit.at()));
        return last;
    }

    private Optional<Instant> lastDone(Act act) {
        return Optional.ofNullable(lastDone().get(act));
    }

    private Optional<Reading> lastReading(Meter meter) {
        return readings.stream().filter(reading -> reading.meter() == meter).reduce((one, other) -> other);
    }
}
