package potmellow.app.pantry;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.answer.WorkingView;
import potmellow.app.book.BookService;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;
import potmellow.app.problem.FieldProblem;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.pantry.Pantry;
import potmellow.core.pantry.PantryReader;
import potmellow.core.pantry.Possible;
import potmellow.core.pantry.WhatCanIMake;
import potmellow.core.planting.GrowthStage;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/** The doors “I have” and “My plants need”. */
@RestController
class PantryController {
    private final GardenService gardens;
    private final BookService books;
    private final VesselService vessels;

    PantryController(GardenService gardens, BookService books, VesselService vessels) {
        this.gardens = gardens;
        this.books = books;
        this.vessels = vessels;
    }

    /** Everything that the things in a list can become. Nothing is stored. */
    @PostMapping("/api/pantry")
    @NoAct
    PantryView whatCanIMake(@RequestBody PantryRequest request) {
        Garden garden = gardens.current();
        Book book = books.current(garden);
        PantryReader.Reading read =
                FieldProblem.reading("list", () -> new PantryReader(book, garden.sizes()).read(request.list()));
        List<Possible> possible = new WhatCanIMake(book, garden.units()).from(read.pantry());
        Function<Vessel, Holds> holds = holds(garden);
        return new PantryView(
                read(read.pantry(), garden.units()),
                read.unread(),
                possible.stream()
                        .map(one -> view(one, book, read.pantry(), holds, garden.units()))
                        .toList());
    }

    /** What plants want at each stage, and the brews for it. */
    @GetMapping("/api/needs")
    List<StageNeed> needs() {
        Book book = books.current(gardens.current());
        return Arrays.stream(GrowthStage.values())
                .map(stage -> new StageNeed(
                        stage.name(),
                        stage.words(),
                        stage.wants(),
                        stage.suited(book).stream()
                                .map(product -> brew(product, stage, book))
                                .toList()))
                .toList();
    }

    private static StageBrew brew(Product product, GrowthStage stage, Book book) {
        return new StageBrew(
                product.id(),
                product.name(),
                stage.target().brief() + " "
                        + product.use(stage.target()).usualRatio().text(),
                product.use(stage.target()).usual().evidence().words(),
                book.making(product.id()).stream()
                        .map(method -> new BrewWay(
                                method.id(), method.title(), method.school().name()))
                        .toList());
    }

    private static List<String> read(Pantry pantry, UnitSystem units) {
        List<String> things = pantry.things().stream()
                .map(thing ->
                        thing.amount().text(units) + " " + thing.material().name())
                .toList();
        List<String> vessels =
                pantry.vessels().stream().map(vessel -> vessel.words(units)).toList();
        return Stream.concat(things.stream(), vessels.stream()).toList();
    }

    private static PossibleView view(
            Possible one, Book book, Pantry pantry, Function<Vessel, Holds> holds, UnitSystem units) {
        Method method = one.method();
        return new PossibleView(
                method.id(),
                method.title(),
                method.school().name(),
                method.family().title(),
                one.now(),
                one.batch().value().text(units) + " of " + method.main().name().toLowerCase(Locale.ROOT),
                one.makes().text(units),
                one.limit(),
                one.feeds().map(area -> AmountText.area(area, units)),
                one.feedVolume().map(volume -> volume.text(units)),
                one.vessel().map(vessel -> vessel.words(units)),
                one.vessel().map(holds),
                one.missing(),
                inHand(one, pantry, units),
                one.materials(),
                WorkingView.of(one.batch()));
    }

    /** A vessel in hand is the garden's free one of that kind and size, or else one that it doesn't have yet. */
    private Function<Vessel, Holds> holds(Garden garden) {
        List<OwnVessel> free = vessels.free(garden);
        return vessel -> free.stream()
                .filter(own -> own.vessel().kind() == vessel.kind()
                        && own.vessel().capacity().equals(vessel.capacity()))
                .findFirst()
                .map(own -> new Holds(Optional.of(own.id()), Optional.empty(), Optional.empty()))
                .orElseGet(() -> new Holds(
                        Optional.empty(),
                        Optional.of(AmountText.volume(vessel.capacity(), garden.units())),
                        Optional.of(vessel.kind())));
    }

    /** The amounts in hand by part, so that the page of the recipe opens with them. */
    private static Map<String, String> inHand(Possible one, Pantry pantry, UnitSystem units) {
        Map<String, String> amounts = new HashMap<>();
        one.materials()
                .forEach((part, material) -> pantry.things().stream()
                        .filter(thing -> thing.material().id().equals(material))
                        .findFirst()
                        .ifPresent(thing -> amounts.put(part, thing.amount().text(units))));
        return amounts;
    }

    /**
     * The vessel in hand.
     *
     * @param vessel the garden's own; left out where it has none such
     * @param capacity of one that the garden doesn't have yet
     * @param kind of one that the garden doesn't have yet
     */
    record Holds(Optional<UUID> vessel, Optional<String> capacity, Optional<VesselKind> kind) {}

    /** @param list what is in hand, as typed */
    record PantryRequest(String list) {}

    /**
     * What was read of it and what it can become.
     *
     * @param read what was understood
     * @param unread what wasn't
     * @param possible what can be made now first, then the near misses
     */
    record PantryView(List<String> read, List<String> unread, List<PossibleView> possible) {}

    /**
     * One method.
     *
     * @param now whether nothing is missing
     * @param batch amount of the main part
     * @param makes what comes out
     * @param limit what ends it first
     * @param feeds ground that it feeds once; absent for what isn't poured on soil
     * @param feed the mix for that
     * @param vessel what holds it; absent where no vessel was named
     * @param holds the same as the page of the recipe begins with it
     * @param missing what isn't in hand
     * @param inHand amounts by part, to open the recipe with
     * @param materials materials by part
     */
    record PossibleView(
            String methodId,
            String title,
            String school,
            String family,
            boolean now,
            String batch,
            String makes,
            String limit,
            Optional<String> feeds,
            Optional<String> feed,
            Optional<String> vessel,
            Optional<Holds> holds,
            List<String> missing,
            Map<String, String> inHand,
            Map<String, String> materials,
            WorkingView working) {}

    record StageNeed(String id, String words, String wants, List<StageBrew> brews) {}

    record StageBrew(String productId, String name, String strength, String markWords, List<BrewWay> ways) {}

    record BrewWay(String methodId, String title, String school) {}
}
