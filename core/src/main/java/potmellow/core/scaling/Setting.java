package potmellow.core.scaling;

import static java.util.Objects.requireNonNull;

import java.util.Optional;
import potmellow.core.book.Light;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;
import potmellow.core.place.PlaceKind;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.water.Tap;
import potmellow.core.water.WaterStep;
import potmellow.core.weather.DryDays;

/**
 * Where and with what it is made.
 *
 * @param vessel the vessel
 * @param heldAnaerobic whether anaerobic liquid has stood in it
 * @param lid its lid
 * @param spot where it stands
 * @param canLift what its owner lifts
 * @param tap what the water brings
 * @param hoursToSunrise hours until the sun rises next; empty where it doesn't, or the hour of day is left open
 * @param treatment how chlorine is to be got rid of; empty for the usual way
 */
public record Setting(
        Vessel vessel,
        boolean heldAnaerobic,
        Lid lid,
        Spot spot,
        Mass canLift,
        Tap tap,
        Optional<WaterStep.Treatment> treatment,
        Optional<Double> hoursToSunrise) {
    /** What a gardener is taken to lift until they say otherwise (from memory). */
    public static final Mass USUAL_LIFT = Mass.ofKilograms(15);

    public Setting {
        requireNonNull(vessel, "vessel");
        requireNonNull(lid, "lid");
        requireNonNull(spot, "spot");
    }

    /** A setting that leaves the hour of day open. */
    public Setting(
            Vessel vessel,
            boolean heldAnaerobic,
            Lid lid,
            Spot spot,
            Mass canLift,
            Tap tap,
            Optional<WaterStep.Treatment> treatment) {
        this(vessel, heldAnaerobic, lid, spot, canLift, tap, treatment, Optional.empty());
    }

    /** The same in another vessel, which never held anaerobic liquid. */
    public Setting in(Vessel other) {
        return in(other, false);
    }

    /** The same in another vessel. */
    public Setting in(Vessel other, boolean hasHeldAnaerobic) {
        return new Setting(other, hasHeldAnaerobic, lid, spot, canLift, tap, treatment, hoursToSunrise);
    }

    /** The same under another lid, at another place. */
    public Setting at(Spot place, Lid other) {
        return new Setting(vessel, heldAnaerobic, other, place, canLift, tap, treatment, hoursToSunrise);
    }

    /**
     * A place as the rules see it.
     *
     * @param name what it is called
     * @param light how light it is
     * @param temperature how warm, in the mean of the coming week
     * @param outdoors whether it is outdoors
     * @param room the air of the room; empty where nobody told it, or outdoors
     * @param coldest how cold it gets while the brew stands there
     * @param rain what the weather was and will be; empty where nobody knows
     * @param kind what kind of place; empty where nobody told it
     */
    public record Spot(
            String name,
            Light light,
            Temperature temperature,
            boolean outdoors,
            Optional<Volume> room,
            Temperature coldest,
            Optional<DryDays> rain,
            Optional<PlaceKind> kind) {
        /** A place of steady warmth, of whose weather nothing is known. */
        public Spot(String name, Light light, Temperature temperature, boolean outdoors, Optional<Volume> room) {
            this(name, light, temperature, outdoors, room, temperature, Optional.empty(), Optional.empty());
        }
    }
}
