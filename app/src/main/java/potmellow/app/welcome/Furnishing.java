package potmellow.app.welcome;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.place.PlaceService;
import potmellow.app.vessel.VesselService;
import potmellow.core.book.Light;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.naming.PlainName;
import potmellow.core.place.PlaceKind;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/** Places and vessels that most gardens have, so that the first pot can be set at once. How warm they usually are is from memory. */
@Service
class Furnishing {
    static final List<SuggestedPlace> PLACES = List.of(
            new SuggestedPlace("Kitchen shelf", PlaceKind.INDOORS, Light.SHADE),
            new SuggestedPlace("Cool cupboard", PlaceKind.COOL_ROOM, Light.DARK),
            new SuggestedPlace("Fridge", PlaceKind.FRIDGE, Light.DARK),
            new SuggestedPlace("Shady wall", PlaceKind.WALL, Light.SHADE),
            new SuggestedPlace("Sunny step", PlaceKind.SUN_STEP, Light.SUN));
    static final List<SuggestedVessel> VESSELS = List.of(
            new SuggestedVessel(VesselKind.JAR, 1),
            new SuggestedVessel(VesselKind.JAR, 3),
            new SuggestedVessel(VesselKind.BUCKET, 10),
            new SuggestedVessel(VesselKind.BUCKET, 20));

    private final PlaceService places;
    private final VesselService vessels;

    Furnishing(PlaceService places, VesselService vessels) {
        this.places = places;
        this.vessels = vessels;
    }

    /** Adds what was chosen, where the garden has none yet. Without any place no pot could be set, so one is always there. */
    @Transactional
    void layOut(Garden garden, List<Integer> chosenPlaces, List<Integer> chosenVessels) {
        if (places.all(garden).isEmpty()) {
            List<SuggestedPlace> wanted = chosen(PLACES, chosenPlaces);
            (wanted.isEmpty() ? PLACES.subList(0, 1) : wanted).forEach(place -> add(garden, place));
        }
        if (vessels.all(garden).isEmpty()) {
            chosen(VESSELS, chosenVessels)
                    .forEach(vessel -> vessels.add(
                            garden,
                            Vessel.of(vessels.nextCode(garden, vessel.kind()), vessel.kind(), vessel.capacity())));
        }
    }

    private void add(Garden garden, SuggestedPlace place) {
        places.add(garden, PlaceService.Description.usual(new PlainName(place.name()), place.kind(), place.light()));
    }

    private static <T> List<T> chosen(List<T> all, List<Integer> numbers) {
        return numbers.stream()
                .distinct()
                .filter(number -> number >= 0 && number < all.size())
                .map(all::get)
                .toList();
    }

    /** A place of a kind. */
    record SuggestedPlace(String name, PlaceKind kind, Light light) {
        String words(UnitSystem units) {
            return name + ", " + kind.usual().words(units) + ", " + light.words()
                    + (kind.outdoors() ? ", outdoors" : "");
        }
    }

    /** A vessel of a shape, in litres. */
    record SuggestedVessel(VesselKind kind, double litres) {
        Volume capacity() {
            return Volume.ofLitres(litres);
        }

        String words(UnitSystem units) {
            return capacity().text(units) + " " + kind.words();
        }
    }
}
