package potmellow.core.craft;

import java.util.List;

/** What hands do to a pot on a visit. */
public enum Act {
    LOOKED("looked", "look"),
    STIRRED("stirred", "stir"),
    VENTED("vented", "let the gas out"),
    TURNED("turned", "turn it"),
    DRAINED("drained the tap", "drain the tap"),
    TOPPED_UP("topped up", "top up"),
    SUGAR_ADDED("added sugar", "add sugar"),
    DRY_ADDED("added dry stuff", "add dry stuff"),
    RESEALED("pressed down and shut", "press down and shut"),
    SKIMMED("took the mould out", "take the mould out"),
    DAMPED("damped it", "damp it"),
    COVERED("covered it better", "cover it better"),
    AIR_ON("turned the air on", "turn the air on"),
    AIR_OFF("turned the air off", "turn the air off"),
    STONES_CLEANED("cleaned the stones", "clean the stones");

    private final String words;
    private final String todo;

    Act(String words, String todo) {
        this.words = words;
        this.todo = todo;
    }

    public String words() {
        return words;
    }

    /** What there is to do, such as "stir". */
    public String todo() {
        return todo;
    }

    /** What may be done to brews of a family, in the order of hands. */
    public static List<Act> of(Family family) {
        return switch (family) {
            case SUGAR -> List.of(LOOKED, STIRRED, VENTED, SUGAR_ADDED, COVERED);
            case LACTIC, SHELLS -> List.of(LOOKED, STIRRED, VENTED);
            case FOREST -> List.of(LOOKED, TURNED, SKIMMED, DRY_ADDED, DAMPED);
            case BRAN -> List.of(LOOKED, VENTED, DRAINED, TOPPED_UP, DRY_ADDED, RESEALED, SKIMMED);
            case TEA -> List.of(LOOKED, STIRRED, AIR_ON, AIR_OFF, STONES_CLEANED);
            case STEEP -> List.of(LOOKED, STIRRED);
            case ANAEROBIC -> List.of(LOOKED, STIRRED, VENTED, TOPPED_UP, SKIMMED, COVERED);
        };
    }
}
