package potmellow.app.mix;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import potmellow.app.bottle.Bottle;
import potmellow.app.garden.Garden;
import potmellow.app.planting.Planting;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.core.book.Product;
import potmellow.core.feeding.Brew;
import potmellow.core.feeding.InStore;
import potmellow.core.feeding.Joined;
import potmellow.core.feeding.Need;
import potmellow.core.feeding.Wish;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/**
 * Reads what is wanted in a can from what was typed and picked.
 *
 * @param shelf the book and the bottles
 */
record MixReader(Garden garden, MixRequest request, Store.Shelf shelf) {
    private static final Volume SMALLEST_CAN = Volume.ofMillilitres(50);
    private static final Volume LARGEST_CAN = Volume.ofLitres(1000);
    private static final Volume USUAL_MIX = Volume.ofLitres(10);
    private static final Volume USUAL_SOAK = Volume.ofMillilitres(500);
    private static final Volume LEAST_DOSE = Volume.ofMillilitres(1);

    /** What one filling holds. */
    Volume can() {
        return FieldProblem.reading(
                "can", () -> garden.reader().largeVolume("The can", request.can(), SMALLEST_CAN, LARGEST_CAN));
    }

    /**
     * What goes into the water.
     *
     * @throws FieldProblem for a bottle named twice, none at all, or a use that nobody has told of
     */
    List<Wish> wishes() {
        List<UUID> named = request.brews().stream()
                .flatMap(brew -> Stream.concat(brew.bottleId().stream(), brew.rest().stream()))
                .toList();
        if (named.stream().distinct().count() < named.size()) {
            throw new FieldProblem(
                    "brews",
                    InvalidInput.unreadable(
                            "The tank", "one bottle twice", "Take each bottle once, at the strength it is to have."));
        }
        List<Wish> wishes = new ArrayList<>();
        for (int i = 0; i < request.brews().size(); i++) {
            wishes.add(wish(request.brews().get(i), i));
        }
        if (wishes.isEmpty()) {
            throw nothingPicked();
        }
        return wishes;
    }

    private static FieldProblem nothingPicked() {
        return new FieldProblem("brews", InvalidInput.unreadable("The mix", "", "Pick a bottle to pour from."));
    }

    private Wish wish(MixRequest.BrewWish wish, int index) {
        Optional<Ratio> asked = wish.strength()
                .map(text -> FieldProblem.reading(
                        index == 0 ? "strength" : "strength" + index,
                        () -> garden.strength("The strength", text).ratio()));
        if (wish.addition().isPresent()) {
            return new Wish(wish.addition().get(), asked);
        }
        InStore first = bottle(wish.bottleId().orElseThrow(MixReader::nothingPicked));
        told(first.product());
        Brew brew = wish.rest()
                .<Brew>map(rest -> FieldProblem.reading("rest", () -> new Joined(first, bottle(rest))))
                .orElse(first);
        return new Wish(brew, asked);
    }

    private InStore bottle(UUID id) {
        Bottle bottle = shelf.bottles().get(id);
        if (bottle == null) {
            throw new Missing("bottle");
        }
        return Store.one(shelf, bottle);
    }

    private void told(Product product) {
        Target target = request.target();
        if (product.find(target).isEmpty()) {
            throw new FieldProblem(
                    "target",
                    InvalidInput.unreadable(
                            "The use",
                            target.words(),
                            "Nobody has told of " + product.name() + " on it. It is used on "
                                    + String.join(
                                            ", ",
                                            product.uses().stream()
                                                    .map(use -> use.target().words())
                                                    .toList())
                                    + "."));
        }
    }

    /** How much is needed: what was typed, else what the plantings take. */
    Need need(Wish first, List<Planting> fed) {
        AmountReader reader = garden.reader();
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
        Optional<Volume> usualDose = first.brew()
                .advice(request.target(), Optional.empty())
                .use()
                .rules()
                .dosePerPotMillilitres()
                .map(stated -> Volume.ofMillilitres(stated.value()));
        Optional<Need> pots = pots(usualDose, reader);
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
    private Optional<Need> pots(Optional<Volume> usualDose, AmountReader reader) {
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
