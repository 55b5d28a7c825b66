package potmellow.core.pot;

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
import potmellow.core.book.Sign;
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
 * What has happened to a pot so far. Every new fact makes a new course, so that nothing is ever forecast from old ones. Its clock is
 * reckoned once, and asked by everybody.
 */
public final class Course {
    private static final Duration COLD_LOOK_BACK = Duration.ofHours(48);
    private static final int DAYS_FOR_WORDS = 7;
    private static final int HOURS_FOR_WORDS = 3;
    private static final double ALWAYS = 24;
    /** Below this share of its way a pH tells little of how long the rest takes (from memory). */
    private static final double LEAST_WAY = 0.1;

    private final Book book;
    private final Method method;
    private final int stageNumber;
    private final Lid lid;
    private final Instant setAt;
    private final Instant oldestAt;
    private final double acidPercent;
    private final List<Visit> visits;
    private final List<Reading> readings;
    private final ToDoubleFunction<Instant> surroundings;
    private final Expectation expectation;
    private final PotTemperature temperature;
    private final Ripening ripening;

    /**
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
    public Course(
            Book book,
            Method method,
            int stageNumber,
            Lid lid,
            Instant setAt,
            List<Visit> visits,
            List<Reading> readings,
            ToDoubleFunction<Instant> surroundings,
            Expectation expectation) {
        this(
                book,
                method,
                stageNumber,
                lid,
                setAt,
                setAt,
                ShellCalcium.USUAL_PERCENT,
                visits,
                readings,
                surroundings,
                expectation);
    }

    private Course(
            Book book,
            Method method,
            int stageNumber,
            Lid lid,
            Instant setAt,
            Instant oldestAt,
            double acidPercent,
            List<Visit> visits,
            List<Reading> readings,
            ToDoubleFunction<Instant> surroundings,
            Expectation expectation) {
        this.book = requireNonNull(book, "book");
        this.method = requireNonNull(method, "method");
        this.stageNumber = stageNumber;
        this.lid = requireNonNull(lid, "lid");
        this.setAt = requireNonNull(setAt, "setAt");
        this.oldestAt = requireNonNull(oldestAt, "oldestAt");
        this.acidPercent = acidPercent;
        this.visits = visits.stream().sorted(Comparator.comparing(Visit::at)).toList();
        this.readings =
                readings.stream().sorted(Comparator.comparing(Reading::at)).toList();
        this.surroundings = requireNonNull(surroundings, "surroundings");
        this.expectation = requireNonNull(expectation, "expectation");
        this.temperature = new PotTemperature(surroundings, this.readings);
        this.ripening = new Ripening(Pace.of(method.family(), stage()), temperature::at);
    }

    /**
     * The same of a pot that may be older than it is judged by: it is called ready no earlier, and poured as weak as the oldest that
     * it may be.
     *
     * @param oldest when it may have been set at the earliest
     */
    public Course perhapsSince(Instant oldest) {
        return with(oldest, acidPercent, visits, readings);
    }

    /**
     * The same, with what its label said of the vinegar in it.
     *
     * @param percent grams of acid in 100 mL
     */
    public Course inVinegarOf(double percent) {
        return with(oldestAt, percent, visits, readings);
    }

    private Course with(Instant oldest, double percent, List<Visit> some, List<Reading> read) {
        return new Course(
                book, method, stageNumber, lid, setAt, oldest, percent, some, read, surroundings, expectation);
    }

    public Method method() {
        return method;
    }

    public int stageNumber() {
        return stageNumber;
    }

    public Lid lid() {
        return lid;
    }

    public Instant setAt() {
        return setAt;
    }

    /** Oldest first, struck ones left out. */
    public List<Visit> visits() {
        return visits;
    }

    /** Oldest first, struck ones left out. */
    public List<Reading> readings() {
        return readings;
    }

    /** How warm it is around the pot at any moment, °C. */
    public ToDoubleFunction<Instant> surroundings() {
        return surroundings;
    }

    public Expectation expectation() {
        return expectation;
    }

    public Stage stage() {
        return method.stages().get(stageNumber);
    }

    /** How warm the pot was, is and will be, °C. */
    public PotTemperature temperature() {
        return temperature;
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
        return until(now).assessed(now, system);
    }

    private Assessment assessed(Instant now, UnitSystem system) {
        ClockStart start = clockStart(now);
        Working<Forecast> forecast = Forecast.of(stage(), expectation, ripening, start, now, usualWarmth(now), system);
        return new Assessment(
                forecast,
                verdict(forecast.value(), observations(start), now),
                CareRhythm.of(stage(), lid, forecast.value(), start.at(), lastDone(now), now),
                heat(now, system),
                conversion(now),
                age(now));
    }

    private Working<Verdict> verdict(Forecast forecast, List<Observation> observations, Instant now) {
        Seen seen = new Seen(
                method.family(), observations, readings, lastDone(now), beyondItsHours(now), book.spoils(method));
        return new Judgement(stage(), forecast, ripening.meanRate(now, COLD_LOOK_BACK), seen, now).verdict();
    }

    /**
     * After how many days on its clock it got ready: half way from the last look that found that it wasn't to the first that found
     * that it was.
     *
     * @param end when it was emptied
     * @return empty where nobody looked before it was ready, or only the clock made it so: that teaches nothing of this pot
     */
    public Optional<Double> tookDays(Instant end, UnitSystem system) {
        Course known = until(end);
        List<Observation> observations = known.observations(known.clockStart(end));
        List<Instant> looks = known.looks();
        int found = 0;
        while (found < looks.size()
                && !known.ready(known.forecast(looks.get(found), system), observations, looks.get(found))) {
            found++;
        }
        if (found == 0 || found == looks.size()) {
            return Optional.empty();
        }
        Instant before = looks.get(found - 1);
        Instant ready = looks.get(found);
        boolean byTheClock = known.ready(known.forecast(ready, system), observations, before)
                && (quiet(observations, before) || !quiet(observations, ready));
        return byTheClock ? Optional.empty() : Optional.of((known.daysOnClock(before) + known.daysOnClock(ready)) / 2);
    }

    private static boolean quiet(List<Observation> observations, Instant at) {
        return observations.stream()
                .anyMatch(seen -> seen.at().equals(at) && seen.sign().effect() == Sign.Effect.QUIET);
    }

    /** When it was looked at or measured, oldest first. */
    private List<Instant> looks() {
        return Stream.concat(visits.stream().map(Visit::at), readings.stream().map(Reading::at))
                .distinct()
                .sorted()
                .toList();
    }

    private Forecast forecast(Instant at, UnitSystem system) {
        return Forecast.of(stage(), expectation, ripening, clockStart(at), at, usualWarmth(at), system)
                .value();
    }

    private boolean ready(Forecast clock, List<Observation> observations, Instant at) {
        return verdict(clock, observations, at).value().kind() == Verdict.Kind.READY;
    }

    private double daysOnClock(Instant at) {
        if (stage().clock() == Clock.MEASURED) {
            return ripening.progress(setAt, at);
        }
        ClockStart start = clockStart(at);
        return start.progressDays() + ripening.progress(start.at(), at);
    }

    private Course until(Instant now) {
        boolean all = (visits.isEmpty() || !visits.get(visits.size() - 1).at().isAfter(now))
                && (readings.isEmpty()
                        || !readings.get(readings.size() - 1).at().isAfter(now));
        return all ? this : known(now);
    }

    private Course known(Instant now) {
        return with(
                oldestAt,
                acidPercent,
                visits.stream().filter(visit -> !visit.at().isAfter(now)).toList(),
                readings.stream().filter(reading -> !reading.at().isAfter(now)).toList());
    }

    private ClockStart clockStart(Instant now) {
        Optional<ClockStart> started = switch (stage().starts()) {
            case SET -> Optional.empty();
            case LAST_FILL -> startedBy(lastDone(Act.TOPPED_UP, now), "Its clock starts at the last fill.");
            case AIR_ON -> startedBy(lastDone(Act.AIR_ON, now), "Its clock starts with the air.");
        };
        Optional<ClockStart> measured = stage().clock() == Clock.MEASURED ? measuredStart(now) : Optional.empty();
        return measured.or(() -> started).orElseGet(() -> ClockStart.set(setAt));
    }

    private static Optional<ClockStart> startedBy(Optional<Instant> moment, String words) {
        return moment.map(at -> new ClockStart(at, 0, Optional.of(Step.of(words, "", Evidence.commonPractice()))));
    }

    /** From the last pH on: what of its way took so long tells how long the rest takes. */
    private Optional<ClockStart> measuredStart(Instant now) {
        return lastReading(Meter.PH, now)
                .flatMap(reading -> conversion(now)
                        .map(Working::value)
                        .filter(used -> used.way() >= LEAST_WAY)
                        .map(used -> measuredStart(reading.at(), used)));
    }

    private ClockStart measuredStart(Instant read, ShellCalcium.Conversion used) {
        double days = ripening.progress(setAt, read);
        double left = days * (1 - used.way()) / used.way();
        return new ClockStart(
                read,
                Math.max(0, expectation.window().likelyDays() - left),
                Optional.of(Step.of(
                        "Measured: the weaker the acid, the slower it goes on; the rest takes so many days as its way until now did.",
                        AmountText.number(Math.max(0, left), 1) + " days",
                        Evidence.derivedFrom(Mark.COMMON_PRACTICE),
                        "days until the reading",
                        AmountText.number(days, 1),
                        "used up at least",
                        AmountText.percent(used.least()),
                        "of its way",
                        AmountText.percent(Math.min(1, used.way())))));
    }

    private Optional<Working<ShellCalcium.Conversion>> conversion(Instant now) {
        return method.family() == Family.SHELLS
                ? lastReading(Meter.PH, now).map(reading -> ShellCalcium.converted(reading.value(), acidPercent))
                : Optional.empty();
    }

    private Optional<Working<HeapHeat>> heat(Instant now, UnitSystem system) {
        boolean limited = stage().gates().stream().anyMatch(gate -> gate.meter() == Meter.THERMOMETER);
        return limited ? HeapHeat.of(readings, lastDone(Act.TURNED, now).orElse(setAt), now, system) : Optional.empty();
    }

    /** What the brew is that leaves it at a moment; nothing that happens afterwards changes that. */
    public Drawn drawn(Instant at) {
        return new Drawn(
                until(at).contentsAge(at).value(),
                lastReading(Meter.PH, at).map(Reading::value),
                lastReading(Meter.EC, at).map(Reading::value));
    }

    private Optional<Working<Double>> age(Instant now) {
        return method.toppedUp() ? Optional.of(contentsAge(now)) : Optional.empty();
    }

    private Working<Double> contentsAge(Instant now) {
        return ContentsAge.of(oldestAt, toppings(), now);
    }

    /** When what share of it was replaced, oldest first. */
    public List<Topping> toppings() {
        return visits.stream()
                .filter(visit -> visit.act() == Act.TOPPED_UP)
                .flatMap(visit -> visit.replaced().stream().map(share -> new Topping(visit.at(), share)))
                .toList();
    }

    /** What was sensed, each as it was meant at the ripeness of then. */
    private List<Observation> observations(ClockStart start) {
        return visits.stream()
                .flatMap(visit -> visit.signs().entrySet().stream()
                        .flatMap(sensed ->
                                book.signs().sign(method.family(), sensed.getKey(), sensed.getValue()).stream()
                                        .map(sign -> observed(visit.at(), sensed.getKey(), sign, start))))
                .toList();
    }

    private Observation observed(Instant at, String sense, Sign sign, ClockStart start) {
        double ripeness = ripenessAt(start, at);
        return new Observation(at, sense, sign.at(ripeness), ripeness);
    }

    private double ripenessAt(ClockStart start, Instant moment) {
        double before = ripening.progress(moment, start.at());
        double since = ripening.progress(start.at(), moment);
        return expectation.window().ripeness(Math.max(0, start.progressDays() - before + since));
    }

    /** A tea without air lives only so many hours. */
    private Optional<String> beyondItsHours(Instant now) {
        Optional<Instant> off = lastDone(Act.AIR_OFF, now)
                .filter(moment -> lastDone(Act.AIR_ON, now).map(moment::isAfter).orElse(true));
        Product product = book.productOf(method);
        double hours = product.keeps().stream()
                .flatMap(keep -> keep.hours().stream())
                .mapToDouble(stated -> stated.value())
                .max()
                .orElse(ALWAYS);
        return off.filter(moment -> Duration.between(moment, now).toMinutes() > hours * 60)
                .map(moment -> "It has stood without air for more than " + AmountText.number(hours) + " hours.");
    }

    private Map<Act, Instant> lastDone(Instant now) {
        Map<Act, Instant> last = new EnumMap<>(Act.class);
        visits.stream().filter(visit -> !visit.at().isAfter(now)).forEach(visit -> last.put(visit.act(), visit.at()));
        return last;
    }

    private Optional<Instant> lastDone(Act act, Instant now) {
        return Optional.ofNullable(lastDone(now).get(act));
    }

    private Optional<Reading> lastReading(Meter meter, Instant now) {
        return readings.stream()
                .filter(reading -> reading.meter() == meter && !reading.at().isAfter(now))
                .reduce((one, other) -> other);
    }
}
