package potmellow.core.pantry;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.Cursor;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Lexer;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Spelling;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/**
 * Reads a list of things as people say it: "3 kg nettles, 12 eggshells, a bulb of garlic, two 20 L buckets". Each item is an amount
 * and a name; what can't be read is told with what is nearest, never guessed, and a name alone is asked how much of it there is.
 *
 * @param book the book, for the names of materials
 * @param sizes the units of the garden, and how large its own measures are
 */
public record PantryReader(Book book, HomeSizes sizes) {
    /** More than this is no list of things in hand. */
    public static final int LONGEST = 600;

    private static final int MOST_OF_A_KIND = 20;
    private static final Pattern SEPARATOR = Pattern.compile("[,;\\n]\\s+|[;\\n]|\\s+and\\s+|,(?=\\D)");
    private static final Pattern WORDS = Pattern.compile("\\s+");

    /** What was read, and what wasn't. */
    public record Reading(Pantry pantry, List<String> unread) {}

    /** @throws InvalidInput for a text that is empty or too long */
    public Reading read(String text) {
        if (text.length() > LONGEST) {
            throw InvalidInput.tooLong("The list", text, LONGEST);
        }
        if (text.isBlank()) {
            throw InvalidInput.unreadable(
                    "The list",
                    "",
                    "Type what you have, such as: 3 kg nettles, 12 eggshells, 1 L vinegar, two 20 L buckets.");
        }
        List<Pantry.Thing> things = new ArrayList<>();
        List<Vessel> vessels = new ArrayList<>();
        List<String> unread = new ArrayList<>();
        for (String item : SEPARATOR.split(text.strip())) {
            if (!item.isBlank()) {
                readItem(item.strip(), things, vessels, unread);
            }
        }
        return new Reading(new Pantry(things, vessels), unread);
    }

    private void readItem(String item, List<Pantry.Thing> things, List<Vessel> vessels, List<String> unread) {
        try {
            Cursor cursor = new Cursor(Lexer.of("An amount", item));
            List<Vessel> read = vessels(cursor, vessels.size());
            vessels.addAll(read);
            if (read.isEmpty()) {
                things.add(thing(cursor, item));
            }
        } catch (InvalidInput said) {
            unread.add(said.getMessage());
        } catch (NotKnown said) {
            unread.add(said.getMessage());
        }
    }

    /** An item that isn't understood, in a sentence. */
    private static final class NotKnown extends RuntimeException {
        private static final long serialVersionUID = 1L;

        NotKnown(String sentence) {
            super(sentence);
        }
    }

    /** "two 20 L buckets", "1 × 3 L jar"; nothing is passed where no vessels stand. */
    private List<Vessel> vessels(Cursor cursor, int before) {
        int here = cursor.position();
        Optional<Double> first = number(cursor);
        cursor.skip("×", "x");
        Optional<Double> second = cursor.number();
        Optional<Volume> size = second.or(() -> first)
                .flatMap(count -> new AmountReader(sizes).passed(cursor, count))
                .filter(Volume.class::isInstance)
                .map(Volume.class::cast);
        Optional<VesselKind> kind = size.flatMap(any -> kind(cursor.rest()));
        if (kind.isEmpty()) {
            cursor.back(here);
            return List.of();
        }
        Volume fitting = fitting(size.get());
        double count = second.isPresent() ? first.orElse(1.0) : 1;
        return Stream.iterate(1, number -> number + 1)
                .limit(Math.max(1, Math.min(Math.round(count), MOST_OF_A_KIND)))
                .map(number -> Vessel.of(kind.get().letter() + (before + number), kind.get(), fitting))
                .toList();
    }

    private Volume fitting(Volume size) {
        if (size.compareTo(Vessel.SMALLEST) < 0 || size.compareTo(Vessel.LARGEST) > 0) {
            throw InvalidInput.outOfRange(
                    "The size",
                    size.text(sizes.system()),
                    Vessel.SMALLEST.text(sizes.system()),
                    Vessel.LARGEST.text(sizes.system()),
                    Vessel.SMALLEST.millilitres(),
                    Vessel.LARGEST.millilitres(),
                    "mL");
        }
        return size;
    }

    private static Optional<VesselKind> kind(String word) {
        String said = word.toLowerCase(Locale.ROOT);
        return Stream.of(VesselKind.values())
                .filter(kind -> {
                    String name = kind.name().toLowerCase(Locale.ROOT);
                    return said.equals(name) || said.equals(name + "s") || said.equals(name + "es");
                })
                .findFirst();
    }

    private static Optional<Double> number(Cursor cursor) {
        return cursor.number().or(() -> cursor.take("a", "an") ? Optional.of(1.0) : Optional.empty());
    }

    private Pantry.Thing thing(Cursor cursor, String item) {
        Optional<Double> count = number(cursor);
        if (count.isEmpty()) {
            cursor.take("some");
            Material named = known(cursor.rest(), item);
            throw new NotKnown("“" + item + "”: how much? Write it as " + example(named) + ".");
        }
        Optional<Quantity> amount = new AmountReader(sizes).passed(cursor, count.get());
        cursor.take("of");
        if (amount.isPresent()) {
            return new Pantry.Thing(known(cursor.rest(), item), amount.get());
        }
        Material material = named(cursor.rest()).or(() -> piecesOf(cursor)).orElseGet(() -> known(cursor.rest(), item));
        if (material.counting().isEmpty()) {
            throw new NotKnown(
                    "“" + item + "”: " + material.name() + " isn't counted. Write it as " + example(material) + ".");
        }
        return new Pantry.Thing(
                material,
                new AmountReader(sizes)
                        .counted("An amount", item, material.counting(), true, Quantity.LEAST, Quantity.MOST));
    }

    /** "cloves of garlic", "garlic cloves": what is counted, and of what. */
    private Optional<Material> piecesOf(Cursor cursor) {
        String rest = cursor.rest().toLowerCase(Locale.ROOT);
        return book.materials().stream()
                .filter(material -> material.counting().stream()
                        .flatMap(one -> one.words().stream())
                        .anyMatch(word -> {
                            String name = rest.startsWith(word + " of ")
                                    ? rest.substring((word + " of ").length())
                                    : rest.startsWith(word + " ")
                                            ? rest.substring((word + " ").length())
                                            : rest.endsWith(" " + word)
                                                    ? rest.substring(0, rest.length() - word.length() - 1)
                                                    : "";
                            return !name.isEmpty()
                                    && named(name).filter(material::equals).isPresent();
                        }))
                .findFirst();
    }

    private String example(Material material) {
        String amount = sizes.system() == UnitSystem.METRIC
                ? material.liquid() ? "1 L" : "500 g"
                : material.liquid() ? "1 qt" : "1 lb";
        return amount + " " + material.name();
    }

    private Material known(String name, String item) {
        return named(name)
                .orElseThrow(() -> new NotKnown(nearest(name)
                        .map(near -> "“" + item + "”: the nearest that is known is " + near + ".")
                        .orElse(item)));
    }

    /** The material of a name: its own, or one of its aliases, in one or many. */
    private Optional<Material> named(String name) {
        String key = key(name);
        String one = key.endsWith("s") ? key.substring(0, key.length() - 1) : key;
        Map<String, Material> names = names();
        return Stream.of(key, one, key + "s")
                .filter(names::containsKey)
                .map(names::get)
                .findFirst();
    }

    /** What is spelled nearly so, or else what one of its words is. */
    private Optional<String> nearest(String name) {
        Map<String, Material> names = names();
        return Spelling.nearest(key(name), names.keySet())
                .map(key -> names.get(key).name())
                .or(() -> WORDS.splitAsStream(name)
                        .flatMap(word -> named(word).stream())
                        .map(Material::name)
                        .findFirst());
    }

    private Map<String, Material> names() {
        Map<String, Material> names = new TreeMap<>();
        book.materials()
                .forEach(material -> Stream.concat(Stream.of(material.name()), material.aliases().stream())
                        .forEach(known -> names.putIfAbsent(key(known), material)));
        return names;
    }

    /** Letters and digits only: "IMO-2", "imo 2" and "Imo 2" are one name. */
    private static String key(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\d]", "");
    }
}
