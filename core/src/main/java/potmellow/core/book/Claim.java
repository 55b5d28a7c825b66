package potmellow.core.book;

import potmellow.core.working.Mark;

/**
 * What a school says of its brew, or what people disagree on.
 *
 * @param words a sentence
 * @param belief whether it is believed rather than shown
 * @param mark how far it can be trusted
 */
public record Claim(String words, boolean belief, Mark mark) {
    public Claim {
        if (words == null || mark == null) {
            throw new IllegalArgumentException("A claim needs words and a mark.");
        }
    }
}
