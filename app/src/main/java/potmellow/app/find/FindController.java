package potmellow.app.find;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.book.BookService;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.planting.CropService;
import potmellow.core.book.Method;
import potmellow.core.planting.Crop;

/** One field for everything that has a name. */
@RestController
class FindController {
    private static final int MOST = 8;

    private final GardenService gardens;
    private final FindRepository found;
    private final BookService books;
    private final CropService crops;

    FindController(GardenService gardens, FindRepository found, BookService books, CropService crops) {
        this.gardens = gardens;
        this.found = found;
        this.books = books;
        this.crops = crops;
    }

    /** What has all of some words in its name or code; nothing for no words. What stands comes before what is written. */
    @GetMapping("/api/found")
    List<Found> found(@RequestParam(defaultValue = "") String words) {
        Words wanted = Words.of(words);
        if (wanted.none()) {
            return List.of();
        }
        Garden garden = gardens.current();
        return Stream.of(
                        found.pots(garden, wanted).stream(),
                        found.bottles(garden, wanted).stream(),
                        found.plantings(garden, wanted).stream(),
                        methods(garden, wanted),
                        crops(garden, wanted))
                .flatMap(all -> all)
                .toList();
    }

    private Stream<Found> methods(Garden garden, Words words) {
        return books.current(garden).methods().stream()
                .filter(method -> words.in(method.title() + " "
                        + method.school().name() + " " + method.product().replace('-', ' ')))
                .limit(MOST)
                .map(FindController::method);
    }

    private static Found method(Method method) {
        return new Found(
                Found.Kind.METHOD,
                method.id(),
                Optional.empty(),
                method.title(),
                "in the book, " + method.school().name().toLowerCase(Locale.ROOT));
    }

    private Stream<Found> crops(Garden garden, Words words) {
        return crops.all(garden).stream()
                .filter(crop -> words.in(crop.name()))
                .limit(MOST)
                .map(FindController::crop);
    }

    private static Found crop(Crop crop) {
        return new Found(Found.Kind.CROP, crop.id(), Optional.empty(), crop.name(), "a crop");
    }
}
