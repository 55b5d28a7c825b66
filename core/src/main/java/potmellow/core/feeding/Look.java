package potmellow.core.feeding;

import java.util.Optional;
import potmellow.core.strength.Ladder;

/** What plants show some days after a feed, in one tap. */
public enum Look {
    LUSH("lush", "lush, dark, soft"),
    UPRIGHT("upright", "upright, deeper colour"),
    UNCHANGED("no change", "no change"),
    PALE("pale", "pale"),
    SCORCHED("scorched", "scorched or spotted"),
    LIMP("limp", "limp");

    private final String word;
    private final String words;

    Look(String word, String words) {
        this.word = word;
        this.words = words;
    }

    /** One word for a button. */
    public String word() {
        return word;
    }

    public String words() {
        return words;
    }

    /** What it says of the rung that was poured; nothing where it speaks of the rhythm only. */
    public Optional<Ladder.Answer> answer() {
        return switch (this) {
            case UPRIGHT -> Optional.of(Ladder.Answer.BETTER);
            case UNCHANGED, PALE -> Optional.of(Ladder.Answer.NO_CHANGE);
            case SCORCHED -> Optional.of(Ladder.Answer.HARMED);
            case LIMP -> Optional.of(Ladder.Answer.THIRSTY);
            case LUSH -> Optional.empty();
        };
    }
}
