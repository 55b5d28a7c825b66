package potmellow.core.judgement;

import java.util.List;

/**
 * One of the senses asked on a visit.
 *
 * @param sense stable id
 * @param question what the row is called
 * @param closedLidsOnly whether it is asked only where the lid can bulge; no where left out
 * @param signs the answers to choose from
 */
public record Sense(String sense, String question, Boolean closedLidsOnly, List<Sign> signs) {
    public Sense {
        closedLidsOnly = closedLidsOnly != null && closedLidsOnly;
        signs = List.copyOf(signs);
    }
}
