package potmellow.core.bench;

import java.util.List;
import java.util.Optional;
import potmellow.core.measure.AmountText;

/**
 * Something that can be entered.
 *
 * @param id stable id
 * @param label what it is called
 * @param usual what is taken where nothing is entered; may be empty
 * @param hint a word below it; may be empty
 * @param choices what it may be; empty where anything may be typed
 * @param turn how it can be turned with a slider; empty for what is typed
 */
public record Entry(String id, String label, String usual, String hint, List<Choice> choices, Optional<Knob> turn) {
    public Entry {
        choices = List.copyOf(choices);
    }

    static Entry typed(String id, String label, String usual, String hint) {
        return new Entry(id, label, usual, hint, List.of(), Optional.empty());
    }

    static Entry turned(String id, String label, double usual, double least, double most, double step, String unit) {
        return new Entry(
                id, label, AmountText.number(usual, 3), "", List.of(), Optional.of(new Knob(least, most, step, unit)));
    }

    static Entry chosen(String id, String label, Choice... choices) {
        return new Entry(id, label, choices[0].id(), "", List.of(choices), Optional.empty());
    }

    /** One thing it may be. */
    public record Choice(String id, String words) {}

    /**
     * How far it can be turned.
     *
     * @param unit shown behind the number; may be empty
     */
    public record Knob(double least, double most, double step, String unit) {}
}
