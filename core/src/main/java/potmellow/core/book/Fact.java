package potmellow.core.book;

import java.util.List;
import potmellow.core.working.Mark;

/**
 * A page of the craft's numbers that belong to no single method: water, vessels, keeping, safety and the like.
 *
 * @param id stable id
 * @param title what it is about
 * @param facts the numbers and rules, each with its mark
 */
public record Fact(String id, String title, List<Line> facts) {
    public Fact {
        facts = List.copyOf(facts);
    }

    /**
     * One of them.
     *
     * @param words a sentence
     * @param mark how far it can be trusted
     * @param derived whether it was calculated here
     * @param source where it is printed
     */
    public record Line(String words, Mark mark, boolean derived, String source) {
        public Line {
            source = source == null ? "" : source;
            if (words == null || mark == null) {
                throw new IllegalArgumentException("A fact needs words and a mark.");
            }
            if (mark == Mark.PUBLISHED && !derived && source.isBlank()) {
                throw new IllegalArgumentException("A published fact must name its source: " + words);
            }
        }
    }
}
