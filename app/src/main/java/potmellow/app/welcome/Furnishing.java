package potmellow.app.welcome;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.place.PlaceService;
import potmellow.app.vessel.VesselService;
import potmellow.core.book.Light;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.naming.PlainName;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/** Places and vessels that most gardens have, so that the first pot can be set at once. Warmths indoors are from memory. */
@Service
class Furnishing {
    static final List<SuggestedPlace> PLACES = List.of(
            new SuggestedPlace("Kitchen shelf", Optional.of(20.0), Light.SHADE, false),
            new SuggestedPlace("Dark cupboard", Optional.of(18.0), Light.DARK, false),
            new SuggestedPlace("Fridge", Optional.of(5.0), Light.DARK, false),
            new SuggestedPlace("Shady wall", Optional.empty(), Light.SHADE, true),
            new SuggestedPlace("Sunny step", Optional.empty(), Light.SUN, true));
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
        double celsius = place.celsius().orElse(garden.climate().yearlyMean().celsius());
        places.add(
                garden,
                new PlainName(place.name()),
                Temperature.ofCelsius(celsius),
                place.light(),
                place.outdoors() ? PlaceService.Air.OUTDOORS : PlaceService.Air.INDOORS);
    }

    private static <T> List<T> chosen(List<T> all, List<Integer> numbers) {
        return numbers.stream()
                .distinct()
                .filter(number -> number >= 0 && number < all.size())
                .map(all::get)
                .toList();
    }

    /**
     * A place.
     *
     * @param celsius its usual warmth; the yearly mean of the climate where it is left out
     */
    record SuggestedPlace(String name, Optional<Double> celsius, Light light, boolean outdoors) {
        String words(UnitSystem units) {
            String warmth = celsius.map(degrees -> AmountText.temperature(Temperature.ofCelsius(degrees), units) + ", ")
                    .orElse("");
            return name + ", " + warmth + light.words() + (outdoors ? ", outdoors" : "");
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
