package potmellow.core.bench;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Saying;
import potmellow.core.strength.StrengthReader;

/**
 * What was entered, as typed, and how it was read while an instrument answered. What wasn't entered is taken as usual.
 *
 * @param typed texts by the entry's id
 * @param instrument whose entries they are
 * @param sizes the units of the garden, and how large its own measures are
 * @param book the book, for its materials
 * @param read how typed entries were read, by the entry's id
 */
public record Entries(
        Map<String, String> typed, Instrument instrument, HomeSizes sizes, Book book, Map<String, String> read) {
    public Entries(Map<String, String> typed, Instrument instrument, HomeSizes sizes, Book book) {
        this(Map.copyOf(typed), instrument, sizes, book, new LinkedHashMap<>());
    }

    /** The units of bare numbers, and those of the answer. */
    public UnitSystem system() {
        return sizes.system();
    }

    /** Keeps how an entry was read, to be shown beside it. */
    private <T> T noted(String id, T value, Function<T, String> words) {
        read.put(id, words.apply(value));
        return value;
    }

    private Entry entry(String id) {
        return instrument.entries().stream()
                .filter(entry -> entry.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** The text of an entry; empty where it was left out and nothing is usual. */
    public String text(String id) {
        String text = typed.getOrDefault(id, "").strip();
        return text.isEmpty() ? entry(id).usual() : text;
    }

    boolean given(String id) {
        return !text(id).isEmpty();
    }

    /** A number within the range that the entry can be turned over. */
    double number(String id) {
        Entry.Knob turn = entry(id).turn().orElseThrow();
        return number(id, turn.least(), turn.most());
    }

    double number(String id, double least, double most) {
        return reading(id, () -> reader().number(entry(id).label(), text(id), least, most));
    }

    Volume volume(String id, double leastMillilitres, double mostMillilitres) {
        return noted(
                id,
                reading(
                        id,
                        () -> reader().largeVolume(
                                        entry(id).label(),
                                        text(id),
                                        Volume.ofMillilitres(leastMillilitres),
                                        Volume.ofMillilitres(mostMillilitres))),
                volume -> volume.text(system()));
    }

    Mass mass(String id, double leastGrams, double mostGrams) {
        return noted(
                id,
                reading(
                        id,
                        () -> reader().mass(
                                        entry(id).label(),
                                        text(id),
                                        Mass.ofGrams(leastGrams),
                                        Mass.ofGrams(mostGrams))),
                mass -> mass.text(system()));
    }

    /** An amount of a material, or so many of what is counted of it, such as 12 eggs. */
    Quantity amountOf(String id, Material material, double least, double most) {
        return noted(
                id,
                reading(
                        id,
                        () -> reader().counted(
                                        entry(id).label(),
                                        text(id),
                                        material.counting(),
                                        !material.liquid(),
                                        least,
                                        most)),
                amount -> amount.text(system()));
    }

    Temperature temperature(String id, double least, double most) {
        return noted(
                id,
                reading(
                        id,
                        () -> reader().temperature(
                                        entry(id).label(),
                                        text(id),
                                        Temperature.ofCelsius(least),
                                        Temperature.ofCelsius(most))),
                degrees -> AmountText.temperature(degrees, system()));
    }

    /** A strength as somebody says it. */
    Ratio strength(String id) {
        return saying(id).ratio();
    }

    /** What somebody says of a strength; unclear text is answered with what could be meant, never with a guess. */
    Saying saying(String id) {
        Saying saying = reading(id, () -> StrengthReader.said(entry(id).label(), text(id), sizes));
        read.put(id, saying.how());
        return saying;
    }

    /** The id of what was chosen. */
    String choice(String id) {
        String chosen = text(id);
        Entry entry = entry(id);
        if (entry.choices().stream().noneMatch(choice -> choice.id().equals(chosen))) {
            throw new EntryProblem(
                    id,
                    InvalidInput.notAChoice(
                            entry.label(),
                            chosen,
                            entry.choices().stream().map(Entry.Choice::id).toList()));
        }
        return chosen;
    }

    static <T> T reading(String id, Supplier<T> reader) {
        try {
            return reader.get();
        } catch (InvalidInput input) {
            throw new EntryProblem(id, input);
        }
    }

    private AmountReader reader() {
        return new AmountReader(sizes);
    }
}
