package potmellow.core.place;

import java.time.Duration;
import java.util.Optional;
import potmellow.core.measure.Temperature;

/** Kinds of places, each with what its warmth usually does (from memory); a gardener corrects the numbers of their own. */
public enum PlaceKind {
    INDOORS("indoors, heated", false, steady(20)),
    CUPBOARD("cupboard by a boiler", false, steady(23)),
    COOL_ROOM("cool room or cellar", false, steady(12)),
    FRIDGE("fridge", false, steady(5)),
    SHED("shed", false, follows(2, 0.4, 3)),
    WALL("outdoors, in the shade", true, follows(0.5, 0.9, 0)),
    SUN_STEP("outdoors, on a sunny step", true, follows(2.5, 1.3, 0)),
    GLASSHOUSE("glasshouse", true, follows(5, 1.4, 1)),
    COMPOST_WARM("against a warm compost heap", true, follows(10, 0.3, 6));

    private final String words;
    private final boolean outdoors;
    private final PlaceModel usual;

    PlaceKind(String words, boolean outdoors, PlaceModel usual) {
        this.words = words;
        this.outdoors = outdoors;
        this.usual = usual;
    }

    public String words() {
        return words;
    }

    /** Whether its air is the open air, so that gas and stink go away. */
    public boolean outdoors() {
        return outdoors;
    }

    /** What the warmth of such a place usually does. */
    public PlaceModel usual() {
        return usual;
    }

    /** Whether people live in its air: not for mould dust. */
    public boolean livedIn() {
        return this == INDOORS || this == CUPBOARD || this == FRIDGE;
    }

    /** Its steady warmth; empty where it goes with the weather. */
    public Optional<Temperature> steadyWarmth() {
        return usual instanceof PlaceModel.Steady steady ? Optional.of(steady.temperature()) : Optional.empty();
    }

    private static PlaceModel steady(double celsius) {
        return new PlaceModel.Steady(Temperature.ofCelsius(celsius));
    }

    private static PlaceModel follows(double offset, double damping, int lagHours) {
        return new PlaceModel.Follows(offset, damping, Duration.ofHours(lagHours));
    }
}
