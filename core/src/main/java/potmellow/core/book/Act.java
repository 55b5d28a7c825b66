package potmellow.core.book;

import java.util.List;

/** What hands do to a pot on a visit. */
public enum Act {
    LOOKED("looked"),
    STIRRED("stirred"),
    VENTED("vented"),
    TURNED("turned"),
    DRAINED("drained the tap"),
    TOPPED_UP("topped up"),
    SUGAR_ADDED("added sugar");

    private final String words;

    Act(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** What may be done to brews of a family, in the order of hands. */
    public static List<Act> of(Family family) {
        return switch (family) {
            case SUGAR -> List.of(LOOKED, STIRRED, VENTED, SUGAR_ADDED);
            case LACTIC, SHELLS -> List.of(LOOKED, STIRRED, VENTED);
            case FOREST -> List.of(LOOKED, TURNED);
            case BRAN -> List.of(LOOKED, DRAINED, TOPPED_UP);
            case TEA, STEEP -> List.of(LOOKED, STIRRED);
            case ANAEROBIC -> List.of(LOOKED, STIRRED, VENTED, TOPPED_UP);
        };
    }
}
