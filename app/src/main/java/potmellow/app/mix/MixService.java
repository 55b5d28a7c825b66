package potmellow.app.mix;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.planting.PlantingService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.app.problem.Refused;
import potmellow.core.feeding.Mix;
import potmellow.core.feeding.Need;
import potmellow.core.feeding.Stock;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.strength.Ratio;

/** Works out mixes and pours them. */
@Service
public class MixService {
    private static final Volume SMALLEST_CAN = Volume.ofMillilitres(50);
    private static final Volume LARGEST_CAN = Volume.ofLitres(1000);
    private static final Volume USUAL_MIX = Volume.ofLitres(10);
    /** The one refusal that another pour meanwhile may have caused. */
    private static final String BOTTLE_TOO_EMPTY = "store";

    private final BookService books;
    private final BottleService bottles;
    private final PlantingService plantings;
    private final FeedRepository feeds;

    MixService(BookService books, BottleService bottles, PlantingService plantings, FeedRepository feeds) {
        this.books = books;
        this.bottles = bottles;
        this.plantings = plantings;
        this.feeds = feeds;
    }

    /**
     * Works out a mix; rules that refuse are findings of it, not errors.
     *
     * @throws FieldProblem for an entry that can't be read or is out of range
     */
    @Transactional(readOnly = true)
    Mix work(Garden garden, MixRequest request, Instant now) {
        return mix(garden, bottles.get(garden, request.bottleId()), request, now);
    }

    /**
     * Pours a mix: the feed is recorded and the bottle's ledger lowered, both or neither. Asked again with the same id, it
     * changes nothing.
     *
     * @param id id of the feed to be
     * @return the brew taken
     * @throws FieldProblem for an entry that can't be read or is out of range
     * @throws Refused where a rule of the craft stands in the way
     * @throws Conflict where the bottle no longer holds enough
     */
    @Transactional
    public Volume pour(Garden garden, UUID id, MixRequest request, Instant at) {
        Bottle bottle = bottles.hold(garden, request.bottleId());
        Optional<Volume> before = feeds.brew(garden.id(), id);
        if (before.isPresent()) {
            return before.get();
        }
        Mix mix = mix(garden, bottle, request, at);
        List<Finding> refusals = mix.refusals();
        if (refusals.size() == 1 && refusals.get(0).rule().equals(BOTTLE_TOO_EMPTY)) {
            throw new Conflict(
                    "bottle-short",
                    refusals.get(0).words() + " Maybe it was poured from elsewhere meanwhile? Nothing was taken.");
        }
        Refused.throwIfAny(refusals);
        Refused.throwUnlessConfirmed(mix.confirmations(), request.confirmed());
        Volume brew = mix.brew().value();
        feeds.insert(garden.id(), id, request, mix, at);
        bottles.pour(garden, bottle.id(), id, brew, at);
        return brew;
    }

    private Mix mix(Garden garden, Bottle bottle, MixRequest request, Instant now) {
        AmountReader reader = new AmountReader(garden.units());
        Optional<Ratio> strength = given(request.strength())
                .map(text -> FieldProblem.reading(
                        "strength",
                        () -> Ratio.oneTo(
                                reader.number("The water to one part", text, Mix.LEAST_WATER, Mix.MOST_WATER))));
        Volume can = FieldProblem.reading(
                "can", () -> reader.largeVolume("The can", request.can(), SMALLEST_CAN, LARGEST_CAN));
        boolean past = garden.day(now).isAfter(bottle.useBy());
        Need need = need(garden, request, reader);
        return FieldProblem.reading(
                "mix",
                () -> Mix.of(
                        books.of(garden).product(bottle.productId()),
                        new Stock(bottle.level(), bottle.soilOnly(), bottle.nothingEdible(), past),
                        request.target(),
                        strength,
                        need,
                        can,
                        garden.units()));
    }

    private Need need(Garden garden, MixRequest request, AmountReader reader) {
        Optional<String> area = given(request.area());
        if (area.isPresent()) {
            return new Need.OfArea(FieldProblem.reading(
                    "area", () -> reader.area("The ground", area.get(), Need.LEAST_AREA, Need.MOST_AREA)));
        }
        Optional<String> mix = given(request.mix());
        if (mix.isPresent()) {
            return new Need.OfVolume(FieldProblem.reading(
                    "mix", () -> reader.largeVolume("The mix wanted", mix.get(), Need.LEAST_MIX, Need.MOST_MIX)));
        }
        return request.plantingId()
                .map(id -> plantings.get(garden, id).size())
                .orElseGet(() -> new Need.OfVolume(USUAL_MIX));
    }

    private static Optional<String> given(Optional<String> text) {
        return text.filter(typed -> !typed.isBlank());
    }

    /** @throws Missing where the garden has no such bottle */
    Bottle bottle(Garden garden, UUID id) {
        return bottles.get(garden, id);
    }
}
