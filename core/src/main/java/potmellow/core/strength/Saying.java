package potmellow.core.strength;

import java.util.List;

/**
 * A strength as somebody said it, as it was read.
 *
 * @param ratio what it means
 * @param how how it was read, in a few words, such as "1:256, US gallon"
 * @param others what else it could mean: sayings that are clear, told because they are more than 2 % apart; mostly empty
 */
public record Saying(Ratio ratio, String how, List<String> others) {
    public Saying {
        others = List.copyOf(others);
    }
}
