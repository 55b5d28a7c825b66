package potmellow.core.bench;

import java.util.List;

/** One instrument of the bench: a few entries in, an answer with its working out. It keeps nothing. */
public interface Instrument {
    /** Stable id, part of its address. */
    String id();

    String title();

    /** The question it answers. */
    String asks();

    /** What can be entered, each with what is taken where nothing is. */
    List<Entry> entries();

    /**
     * Answers.
     *
     * @throws EntryProblem for an entry that can't be read or lies outside the range it holds for
     */
    Reply answer(Entries entries);
}
