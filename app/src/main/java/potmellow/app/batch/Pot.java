package potmellow.app.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import potmellow.app.garden.Garden;
import potmellow.app.place.Place;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.judgement.Judgement;
import potmellow.core.judgement.Observation;
import potmellow.core.judgement.Verdict;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.ripening.Forecast;
import potmellow.core.ripening.Pace;
import potmellow.core.ripening.PotTemperature;
import potmellow.core.ripening.Ripening;
import potmellow.core.scaling.Packing;
import potmellow.core.scaling.Scaling;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Vessel;
import potmellow.core.working.Working;

/**
 * A pot with everything that the core makes of its record at one moment.
 *
 * @param garden the garden
 * @param batch the record
 * @param method how it is made
 * @param place where it stands
 * @param vessel what it stands in
 * @param checks all checks, oldest first, corrected ones too
 * @param filling how the vessel was packed and where it sinks to
 * @param expected what usually comes out of it
 * @param forecast how ripe it is and when it will be ready
 * @param verdict what is to be thought of it
 * @param now the moment of asking
 */
record Pot(
        Garden garden,
        Batch batch,
        Method method,
        Place place,
        Vessel vessel,
        List<Check> checks,
        Working<Filling> filling,
        Working<Quantity> expected,
        Working<Forecast> forecast,
        Working<Verdict> verdict,
        Instant now) {
    private static final Duration COLD_LOOK_BACK = Duration.ofHours(48);

    static Pot of(Book book, Garden garden, Batch batch, Place place, Vessel vessel, List<Check> checks, Instant now) {
        Method method = book.method(batch.methodId()).orElseThrow();
        Stage stage = method.stages().get(batch.state().stage());
        Instant until = batch.isWorking() ? now : batch.state().beganAt();
        List<Check> valid = valid(checks);
        PotTemperature warmth = new PotTemperature(place.temperature(), readings(valid));
        Ripening ripening = new Ripening(Pace.of(method.family(), stage), warmth::at);
        Working<Forecast> forecast =
                Forecast.of(stage, ripening, batch.setAt(), until, place.temperature(), garden.units());
        Judgement judgement = new Judgement(
                stage,
                forecast.value(),
                ripening.meanRate(until, COLD_LOOK_BACK),
                observations(book, method, valid),
                until);
        return new Pot(
                garden,
                batch,
                method,
                place,
                vessel,
                checks,
                filling(book, method, batch, vessel, garden),
                Scaling.expected(book, method, batch.materials(book), batch.amounts(), vessel, garden.units()),
                forecast,
                judgement.verdict(),
                now);
    }

    /** The room that what usually comes out of it takes. */
    Working<Volume> expected(Product product) {
        return expected.map(product::volume);
    }

    Stage stage() {
        return method.stages().get(batch.state().stage());
    }

    /** How high it stands now, as a share of the capacity. */
    double standingShare() {
        double days = Duration.between(batch.setAt(), now).toMillis()
                / (double) Duration.ofDays(1).toMillis();
        return filling.value().standingShare(Math.max(0, days));
    }

    /** When the stage's care comes round next; empty where it is left alone. */
    Optional<Instant> careDue() {
        return stage().care().map(care -> {
            Instant last = valid(checks).stream()
                    .filter(check -> check.act() == care.act())
                    .map(Check::at)
                    .reduce(batch.setAt(), (one, other) -> one.isAfter(other) ? one : other);
            return care.dueAfter(last);
        });
    }

    /** The checks that count: those that no other check stands in for. */
    static List<Check> valid(List<Check> checks) {
        Set<Object> corrected = new HashSet<>();
        checks.forEach(check -> check.corrects().ifPresent(corrected::add));
        return checks.stream().filter(check -> !corrected.contains(check.id())).toList();
    }

    private static List<PotTemperature.Reading> readings(List<Check> checks) {
        return checks.stream()
                .flatMap(check ->
                        check.warmth().stream().map(warmth -> new PotTemperature.Reading(check.at(), warmth.celsius())))
                .toList();
    }

    private static List<Observation> observations(Book book, Method method, List<Check> checks) {
        return checks.stream()
                .flatMap(check ->
                        check.signs().entrySet().stream().flatMap(seen -> observation(book, method, check, seen)))
                .toList();
    }

    private static Stream<Observation> observation(
            Book book, Method method, Check check, Map.Entry<String, String> seen) {
        return book.signs().sign(method.family(), seen.getKey(), seen.getValue()).stream()
                .map(sign -> new Observation(check.at(), seen.getKey(), sign));
    }

    private static Working<Filling> filling(Book book, Method method, Batch batch, Vessel vessel, Garden garden) {
        return Packing.filling(book, method, batch.materials(book), batch.amounts(), vessel, garden.units());
    }
}
