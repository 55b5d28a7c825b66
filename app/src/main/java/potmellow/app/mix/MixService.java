package potmellow.app.mix;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.once.Acts;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.app.problem.Refused;
import potmellow.app.weather.WeatherService;
import potmellow.core.book.Product;
import potmellow.core.feeding.Conditions;
import potmellow.core.feeding.Dose;
import potmellow.core.feeding.History;
import potmellow.core.feeding.InStore;
import potmellow.core.feeding.Mix;
import potmellow.core.feeding.Need;
import potmellow.core.feeding.Recipient;
import potmellow.core.feeding.StrengthAdvice;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/** Works out mixes, pours them, and takes a pour back. */
@Service
public class MixService {
    /** A pour can be taken back for so long. */
    static final Duration UNDO_WITHIN = Duration.ofHours(1);

    private static final Volume SMALLEST_CAN = Volume.ofMillilitres(50);
    private static final Volume LARGEST_CAN = Volume.ofLitres(1000);
    private static final Volume USUAL_MIX = Volume.ofLitres(10);
    private static final Volume USUAL_SOAK = Volume.ofMillilitres(500);
    private static final Volume LEAST_DOSE = Volume.ofMillilitres(1);
    /** The one refusal that another pour meanwhile may have caused. */
    private static final String BOTTLE_TOO_EMPTY = "store";

    private final Store store;
    private final BottleService bottles;
    private final PlantingService plantings;
    private final FeedHistory history;
    private final FeedRepository feeds;
    private final WeatherService weather;
    private final Acts acts;

    MixService(
            Store store,
            BottleService bottles,
            PlantingService plantings,
            FeedHistory history,
            FeedRepository feeds,
            WeatherService weather,
            Acts acts) {
        this.store = store;
        this.bottles = bottles;
        this.plantings = plantings;
        this.history = history;
        this.feeds = feeds;
        this.weather = weather;
        this.acts = acts;
    }

    /**
     * Works out a mix; rules that refuse are findings of it, not errors.
     *
     * @throws FieldProblem for an entry that can't be read or is out of range
     */
    @Transactional(readOnly = true)
    public Mix work(Garden garden, MixRequest request, Instant now) {
        return mix(garden, request, now);
    }

    /**
     * Pours a mix: the feed is recorded and every bottle's ledger lowered, all or nothing. Asked again with the same id, it
     * changes nothing.
     *
     * @param id id of the feed to be
     * @throws FieldProblem for an entry that can't be read or is out of range
     * @throws Refused where a rule of the craft stands in the way
     * @throws Conflict where a bottle no longer holds enough
     */
    @Transactional
    public Feed pour(Garden garden, UUID id, MixRequest request, Instant at) {
        if (!acts.first(garden, id, "pour", request)) {
            return feeds.find(garden.id(), id).orElseThrow(() -> new Missing("feed"));
        }
        request.brews().stream()
                .flatMap(brew -> brew.bottleId().stream())
                .distinct()
                .sorted()
                .forEach(bottle -> bottles.hold(garden, bottle));
        Mix mix = mix(garden, request, at);
        List<Finding> refusals = mix.refusals();
        if (refusals.size() == 1 && refusals.get(0).rule().startsWith(BOTTLE_TOO_EMPTY)) {
            throw new Conflict(
                    "bottle-short",
                    refusals.get(0).words() + " Maybe it was poured from elsewhere meanwhile? Nothing was taken.");
        }
        Refused.throwIfAny(refusals);
        Refused.throwUnlessConfirmed(mix.confirmations(), request.confirmed());
        feeds.insert(garden.id(), id, request, mix, at);
        for (int i = 0; i < mix.brews().size(); i++) {
            Volume amount = mix.brews().get(i).amount().value();
            request.brews().get(i).bottleId().ifPresent(bottle -> bottles.pour(garden, bottle, id, amount, at));
        }
        return feeds.find(garden.id(), id).orElseThrow();
    }

    /**
     * Takes a pour back within the hour: what was drawn stands in the bottles again, by counter-entries. Asked again, it changes
     * nothing.
     *
     * @throws Missing where the garden has no such feed
     * @throws Conflict where it is longer ago
     */
    @Transactional
    public Feed undo(Garden garden, UUID id, Instant now) {
        feeds.lock(garden.id(), id);
        Feed feed = feeds.find(garden.id(), id).orElseThrow(() -> new Missing("feed"));
        if (feed.undone()) {
            return feed;
        }
        if (!undoable(feed, now)) {
            throw new Conflict(
                    "undo-late",
                    "A pour can be taken back within the hour. This one is longer ago: measure the bottle anew instead.");
        }
        feeds.undo(garden.id(), id, now);
        feed.brews()
                .forEach(brew ->
                        brew.bottleId().ifPresent(bottle -> bottles.takeBack(garden, bottle, id, brew.amount(), now)));
        return feeds.find(garden.id(), id).orElseThrow();
    }

    /** What came out of a bottle, within the hour of its entry; what was only told, at any time. */
    static boolean undoable(Feed feed, Instant now) {
        return !feed.undone() && (feed.told() || !now.isAfter(feed.enteredAt().plus(UNDO_WITHIN)));
    }

    private Mix mix(Garden garden, MixRequest request, Instant now) {
        AmountReader reader = garden.reader();
        Volume can = FieldProblem.reading(
                "can", () -> reader.largeVolume("The can", request.can(), SMALLEST_CAN, LARGEST_CAN));
        List<Planting> fed = request.plantingIds().stream()
                .map(id -> plantings.get(garden, id))
                .toList();
        Map<UUID, Recipient> known = history.recipients(garden, fed, now);
        List<Recipient> recipients =
                fed.stream().map(planting -> known.get(planting.id())).toList();
        long bottlesNamed = request.brews().stream()
                .flatMap(brew -> brew.bottleId().stream())
                .count();
        long bottlesApart = request.brews().stream()
                .flatMap(brew -> brew.bottleId().stream())
                .distinct()
                .count();
        if (bottlesApart < bottlesNamed) {
            throw new FieldProblem(
                    "brews",
                    InvalidInput.unreadable(
                            "The tank", "one bottle twice", "Take each bottle once, at the strength it is to have."));
        }
        List<Dose> doses = new ArrayList<>();
        for (int i = 0; i < request.brews().size(); i++) {
            doses.add(dose(garden, request, i, recipients, now));
        }
        if (doses.isEmpty()) {
            throw new FieldProblem("brews", InvalidInput.unreadable("The mix", "", "Pick a bottle to pour from."));
        }
        Need need = need(garden, request, doses.get(0), fed, reader);
        Conditions conditions = new Conditions(now, garden.zone(), weather.outdoors(garden, now), garden.sun());
        return FieldProblem.reading(
                "mix",
                () -> Mix.of(doses, request.target(), need, can, recipients, Optional.of(conditions), garden.units()));
    }

    private Dose dose(Garden garden, MixRequest request, int index, List<Recipient> recipients, Instant now) {
        MixRequest.BrewWish wish = request.brews().get(index);
        Optional<Ratio> asked = given(wish.strength())
                .map(text -> FieldProblem.reading(
                        index == 0 ? "strength" : "strength" + index,
                        () -> garden.strength("The strength", text).ratio()));
        if (wish.addition().isPresent()) {
            return wish.addition().get().dose(request.target(), asked);
        }
        UUID id = wish.bottleId()
                .orElseThrow(() -> new FieldProblem(
                        "brews", InvalidInput.unreadable("The mix", "", "Pick a bottle to pour from.")));
        Bottle bottle = bottles.get(garden, id);
        InStore inStore = store.one(garden, bottle, now);
        Product product = inStore.product();
        if (product.find(request.target()).isEmpty()) {
            throw new FieldProblem(
                    "target",
                    InvalidInput.unreadable(
                            "The use",
                            request.target().words(),
                            "Nobody has told of " + product.name() + " on it. It is used on "
                                    + String.join(
                                            ", ",
                                            product.uses().stream()
                                                    .map(use -> use.target().words())
                                                    .toList())
                                    + "."));
        }
        return Dose.of(product, advice(inStore, request.target(), recipients), inStore.stock(), asked);
    }

    /** One can for several plantings is as weak as the most careful of them wants it. */
    private static StrengthAdvice advice(InStore bottle, Target target, List<Recipient> recipients) {
        OptionalDouble age = bottle.ageDays();
        StrengthAdvice advice = recipients.stream()
                .map(recipient -> StrengthAdvice.of(
                        bottle.product(), target, age, Optional.of(recipient.plants()), recipient.history()))
                .max(Comparator.comparingDouble(one -> one.strength().value().water()))
                .orElseGet(() -> StrengthAdvice.of(bottle.product(), target, age, Optional.empty(), History.none()));
        return advice.thinned(bottle.stock().brewShare());
    }

    private Need need(Garden garden, MixRequest request, Dose first, List<Planting> fed, AmountReader reader) {
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
        Optional<Volume> usualDose =
                first.use().rules().dosePerPotMillilitres().map(stated -> Volume.ofMillilitres(stated.value()));
        Optional<Need> pots = pots(request, usualDose, reader);
        if (pots.isPresent()) {
            return pots.get();
        }
        if (request.target() == Target.SEED_SOAK) {
            return new Need.OfVolume(USUAL_SOAK);
        }
        if (fed.isEmpty()) {
            return new Need.OfVolume(USUAL_MIX);
        }
        return new Need.OfAll(
                fed.stream().map(planting -> sized(planting.size(), usualDose)).toList());
    }

    /** So many pots, by a dose for each or by what one holds. */
    private static Optional<Need> pots(MixRequest request, Optional<Volume> usualDose, AmountReader reader) {
        Optional<String> perPot = given(request.perPot());
        Optional<String> potSize = given(request.potSize());
        Optional<String> pots = given(request.pots()).filter(text -> perPot.isPresent() || potSize.isPresent());
        if (pots.isEmpty()) {
            return Optional.empty();
        }
        int count = (int) Math.round(
                FieldProblem.reading("pots", () -> reader.number("The pots", pots.get(), 1, Need.MOST_POTS)));
        if (perPot.isPresent()) {
            return Optional.of(new Need.OfDoses(
                    count,
                    FieldProblem.reading(
                            "perPot",
                            () -> reader.smallVolume("The dose for each pot", perPot.get(), LEAST_DOSE, LARGEST_CAN))));
        }
        Volume size = FieldProblem.reading(
                "potSize",
                () -> reader.largeVolume("What one pot holds", potSize.orElseThrow(), SMALLEST_CAN, LARGEST_CAN));
        return Optional.of(sized(new Need.OfPots(count, size), usualDose));
    }

    private static Need sized(Need size, Optional<Volume> dose) {
        return size instanceof Need.OfPots pots && dose.isPresent() ? new Need.OfDoses(pots.count(), dose.get()) : size;
    }

    private static Optional<String> given(Optional<String> text) {
        return text.filter(typed -> !typed.isBlank());
    }
}
