package potmellow.app.pot;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.core.book.Method;
import potmellow.core.craft.Act;
import potmellow.core.measure.Quantity;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;
import potmellow.core.pot.Visit;

/** What went into the pots that stand, and what meters read in them, for sums made elsewhere. */
@Component
public class PotContents {
    private final PotReader pots;

    PotContents(PotReader pots) {
        this.pots = pots;
    }

    /** One for each pot that stands, in walking order. */
    @Transactional(readOnly = true)
    public List<Contents> all(Garden garden, Instant now) {
        return pots.standing(garden, now).stream().map(PotContents::contents).toList();
    }

    private static Contents contents(Pot pot) {
        Instant turned = pot.course().visits().stream()
                .filter(visit -> visit.act() == Act.TURNED)
                .map(Visit::at)
                .reduce((one, other) -> other)
                .orElse(pot.batch().setAt());
        List<Reading> warmth = pot.course().readings().stream()
                .filter(reading ->
                        reading.meter() == Meter.THERMOMETER && !reading.at().isBefore(turned))
                .toList();
        OptionalDouble ph = pot.course().readings().stream()
                .filter(reading -> reading.meter() == Meter.PH)
                .mapToDouble(Reading::value)
                .reduce((one, other) -> other);
        Instant first = warmth.isEmpty() ? turned : warmth.get(0).at();
        return new Contents(
                pot.batch().id(),
                pot.batch().name(),
                pot.vessel().code(),
                pot.method(),
                pot.batch().contents().amounts(),
                ph,
                warmth.stream()
                        .map(reading ->
                                new Warmth(Duration.between(first, reading.at()).toMinutes() / 60.0, reading.value()))
                        .toList());
    }

    /**
     * What is in a pot.
     *
     * @param amounts by the part's id
     * @param ph what was last read; empty where it never was
     * @param warmth since it was last turned
     */
    public record Contents(
            UUID pot,
            String name,
            String code,
            Method method,
            Map<String, Quantity> amounts,
            OptionalDouble ph,
            List<Warmth> warmth) {}

    /**
     * A temperature.
     *
     * @param hours since the first of them
     * @param celsius °C
     */
    public record Warmth(double hours, double celsius) {}
}
