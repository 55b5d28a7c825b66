package potmellow.core.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * What is counted of a material instead of being weighed, such as eggs of eggshells.
 *
 * @param words what one or many of them are called, in small letters
 * @param gramsOfOne what one weighs
 */
public record Counting(List<String> words, double gramsOfOne) {
    public Counting {
        words = words.stream().map(word -> word.toLowerCase(Locale.ROOT)).toList();
        if (!(gramsOfOne > 0)) {
            throw new IllegalArgumentException("One of them must weigh more than nothing.");
        }
    }

    /** Whether these words name it: one of its names, whatever is said besides, such as "bulbs of garlic". */
    boolean names(String said) {
        List<String> all =
                new ArrayList<>(Arrays.asList(said.toLowerCase(Locale.ROOT).split("[\\s,]+")));
        return words.stream().anyMatch(word -> said.strip().equalsIgnoreCase(word) || all.contains(word));
    }
}
