package potmellow.core.measure;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Measures that everybody has of another size: what one holds is asked once, and kept for the garden. The sizes that are offered are
 * what such things usually hold (from memory).
 */
public enum HomeMeasure {
    PINCH(List.of("pinch", "pinches"), 0.3, 0.6, 1.2),
    SPLASH(List.of("splash", "splashes", "dash", "dashes"), 2.5, 5, 15),
    SPOON(List.of("spoon", "spoons", "spoonful", "spoonfuls"), 5, 10, 15),
    CAPFUL(List.of("capful", "capfuls", "cap", "caps", "lid", "lids"), 5, 10, 20),
    GLUG(List.of("glug", "glugs"), 15, 30, 50),
    SCOOP(List.of("scoop", "scoops", "scoopful", "scoopfuls"), 15, 60, 250),
    MUG(List.of("mug", "mugs", "mugful", "mugfuls"), 250, 300, 350),
    JUG(List.of("jug", "jugs", "jugful", "jugfuls"), 1000, 1500, 2000),
    CAN(List.of("watering can", "watering cans", "can", "cans"), 5000, 9000, 10_000),
    BUCKET(List.of("bucket", "buckets", "bucketful", "bucketfuls", "pail", "pails"), 10_000, 12_000, 20_000);

    /** The least and the most that any of them holds. */
    public static final Volume LEAST = Volume.ofMillilitres(0.1);

    public static final Volume MOST = Volume.ofLitres(100);

    private final List<String> names;
    private final List<Volume> usual;

    HomeMeasure(List<String> names, double... usual) {
        this.names = names;
        this.usual = Arrays.stream(usual).mapToObj(Volume::ofMillilitres).toList();
    }

    /** What one is called. */
    public String words() {
        return names.get(0);
    }

    /** What such a thing usually holds: sizes to choose from, in the units of a garden. */
    public List<String> offers(UnitSystem system) {
        return usual.stream().map(size -> MeasuredVolume.dose(size, system)).toList();
    }

    /** One that stands where a cursor stands, which then passes it. */
    static Optional<HomeMeasure> at(Cursor cursor) {
        return Arrays.stream(values())
                .filter(measure -> measure.names.stream().anyMatch(name -> cursor.takeAll(name.split(" "))))
                .findFirst();
    }

    /** The one of a name as it travels, such as "capful". */
    public static HomeMeasure of(String name) {
        return Arrays.stream(values())
                .filter(measure -> measure.name().equals(name.toUpperCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> InvalidInput.notAChoice(
                        "The measure",
                        name,
                        Arrays.stream(values()).map(HomeMeasure::words).toList()));
    }
}
