package potmellow.core.lesson;

import java.util.List;
import java.util.Optional;
import potmellow.core.practice.Inside;

/**
 * What became of one pot, or of the bed.
 *
 * @param name what it is called
 * @param ending how it ended
 * @param headline that in a sentence
 * @param what what went on, in sentences, oldest first
 * @param curves what went on inside
 * @param doings what was done to it
 * @param oldHand when an old hand would have set, ended or poured it, in words such as "an old hand strains here"
 * @param readyFrom the day from which it was ready, as the old hand kept it; empty where it never was
 */
public record Chapter(
        String name,
        Ending ending,
        String headline,
        List<String> what,
        List<Inside> curves,
        List<Deed> doings,
        List<Deed> oldHand,
        Optional<Double> readyFrom) {
    /**
     * Something that was done.
     *
     * @param day when, in days
     * @param words what, in a few words
     * @param ends whether it ended the pot
     */
    public record Deed(double day, String words, boolean ends) {}
}
