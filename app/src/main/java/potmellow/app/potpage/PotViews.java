package potmellow.app.potpage;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.answer.WorkingView;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.bottle.BottleViews;
import potmellow.app.garden.Garden;
import potmellow.app.pot.Batch;
import potmellow.app.pot.BatchService;
import potmellow.app.pot.Pot;
import potmellow.app.pot.PotReader;
import potmellow.app.pot.TakeBackService;
import potmellow.app.pot.VisitService;
import potmellow.app.potpage.FamilyLine.Next;
import potmellow.app.potpage.FamilyLine.Origin;
import potmellow.app.potpage.FamilyLine.PotLink;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.pot.State;
import potmellow.core.scaling.ShellBalance;

/** Makes what the screen shows of one pot. */
@Component
class PotViews {
    private static final double NOTHING_LEFT_MILLILITRES = 1;

    private final PotReader pots;
    private final BatchService service;
    private final VisitService visits;
    private final TakeBackService takesBack;
    private final BottleService bottles;
    private final BottleViews bottleViews;

    PotViews(
            PotReader pots,
            BatchService service,
            VisitService visits,
            TakeBackService takesBack,
            BottleService bottles,
            BottleViews bottleViews) {
        this.pots = pots;
        this.service = service;
        this.visits = visits;
        this.takesBack = takesBack;
        this.bottles = bottles;
        this.bottleViews = bottleViews;
    }

    @Transactional(readOnly = true)
    public PotView one(Garden garden, UUID id, Instant now) {
        Pot pot = pots.get(garden, id, now);
        return PotView.of(
                pot,
                service.decisions(garden, id),
                service.placeNames(garden),
                visits.standIns(pot),
                line(garden, pot),
                takesBack.last(pot));
    }

    private FamilyLine line(Garden garden, Pot pot) {
        Batch batch = pot.batch();
        List<Bottle> filled = bottles.from(garden, List.of(batch.id()));
        List<Batch> into = pots.madeFrom(garden, filled.stream().map(Bottle::id).toList());
        return new FamilyLine(
                bottles.madeInto(garden, batch.id()).stream()
                        .map(put -> origin(garden, pot.book(), put))
                        .toList(),
                batch.split().flatMap(split -> link(garden, pot.book(), split.from())),
                batch.refills().flatMap(before -> link(garden, pot.book(), before)),
                bottleViews.of(garden, filled, pot.now()),
                into.stream().map(made -> link(pot.book(), made)).toList(),
                filled.stream()
                        .filter(bottle -> bottle.level().millilitres() >= NOTHING_LEFT_MILLILITRES)
                        .filter(bottle -> !bottle.nothingEdible())
                        .flatMap(bottle -> next(garden, pot.book(), bottle).stream())
                        .toList(),
                shellsLeft(pot));
    }

    private static Optional<FamilyLine.ShellsLeft> shellsLeft(Pot pot) {
        UnitSystem units = pot.garden().units();
        return ShellBalance.left(
                        pot.batch().contents().materials(pot.book()),
                        pot.batch().contents().amounts(),
                        units)
                .filter(left -> pot.batch().state().kind() == State.Kind.EMPTIED)
                .map(left -> new FamilyLine.ShellsLeft(
                        "About " + AmountText.mass(left.value(), units)
                                + " of shells are left in it: they start the next pot.",
                        WorkingView.of(left)));
    }

    private Origin origin(Garden garden, Book book, BottleService.MadeInto put) {
        Bottle bottle = bottles.get(garden, put.bottleId());
        String amount = book.product(bottle.productId()).text(put.amount(), garden.units());
        return new Origin(bottle.code(), bottle.name(), amount, bottle.batchId());
    }

    private Optional<PotLink> link(Garden garden, Book book, UUID id) {
        return pots.record(garden, id).map(other -> link(book, other));
    }

    private static PotLink link(Book book, Batch batch) {
        return new PotLink(
                batch.id(),
                batch.name(),
                book.method(batch.methodId()).map(Method::title).orElse(batch.name()));
    }

    private static List<Next> next(Garden garden, Book book, Bottle bottle) {
        Product product = book.product(bottle.productId());
        String hurry = product.keeps().stream()
                .flatMap(keep -> keep.hours().stream())
                .findFirst()
                .map(hours -> hours.value() == 1 ? "within the hour" : "within " + Math.round(hours.value()) + " hours")
                .orElse("");
        return book.using(product.id()).stream()
                .map(method -> {
                    Part part = part(book, method, product);
                    return new Next(
                            method.id(),
                            method.title(),
                            method.school().name(),
                            part.id(),
                            bottle.id(),
                            bottle.code(),
                            product.text(bottle.level(), garden.units()),
                            hurry);
                })
                .toList();
    }

    private static Part part(Book book, Method method, Product product) {
        return method.parts().stream()
                .filter(part -> part.choices().stream()
                        .anyMatch(choice -> book.material(choice)
                                .flatMap(material -> material.product())
                                .filter(product.id()::equals)
                                .isPresent()))
                .findFirst()
                .orElseThrow();
    }
}
