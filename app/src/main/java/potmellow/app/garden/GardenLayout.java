package potmellow.app.garden;

/** Gives a new garden what it needs to begin with. */
public interface GardenLayout {
    void furnish(Garden garden);
}
